/**
 * Volumes in the pot: what solids displace, how high they heap, what liquid is free.
 *
 * Displaced volume = mass / true density (Choi & Okos); a heap = that / its packing. Water taken
 * up or given back moves between solids and free liquid at its own density, so mass is conserved
 * and volume too. Heat expands the water in everything (IAPWS density).
 */
import type { PlannedItem } from '../batch/plan';
import { thermalProperties, type Food } from '../food';
import { liquidDensity } from '../water';

const ROOM_C = 20;
const ROOM_DENSITY = liquidDensity(ROOM_C);
/** How tightly wilted leaves lie (assumed). */
const WILTED_PACKING = 0.6;
/** Swollen grains and pulses are soft and lie closer (cup weights dry and cooked, from memory). */
const SWOLLEN_TIGHTER = 1.1;

/** Hours after which a bean takes up no more in cold water (common practice, no source). */
const FULL_SOAK_H = 8;

/** Water a pulse has taken up before it goes in, kg. */
export function soakedKg(item: PlannedItem): number {
  const { food, massG } = item;
  if (food.group !== 'pulse' || food.cooked <= 1) return 0;
  // A soaked bean is weighed dry and goes in at twice that (common practice).
  return Math.min(1, item.soakedH / FULL_SOAK_H) * (massG / 1000) * Math.min(1, food.cooked - 1);
}

/** An item's properties for the fill, computed once. */
export interface Part {
  readonly id: string;
  readonly massKg: number;
  /** L when put in, at room temperature. */
  readonly dryL: number;
  /** Water it has taken up when it is done, kg; negative when it gives juice. */
  readonly uptakeKg: number;
  /** Water that it goes on to drink in plenty of liquid, kg. */
  readonly swellsKg: number;
  readonly packing: number;
  readonly cookedPacking: number;
  readonly solid: boolean;
  readonly waterShare: number;
  readonly foaming: number;
  readonly swells: boolean;
}

export interface Contents {
  /** Higher of liquid surface and heap, L. */
  readonly levelL: number;
  /** Liquid surface: solids and free liquid together, L. */
  readonly liquidL: number;
  /** Top of the heap of solids, L. */
  readonly heapL: number;
  readonly freeL: number;
  readonly freeKg: number;
  /** Solids alone, L. */
  readonly solidL: number;
}

/** An item as fill sees it. */
export function partOf(item: PlannedItem): Part {
  const { food, massG } = item;
  const { density } = thermalProperties(food.composition, ROOM_C);
  const massKg = massG / 1000;
  const before = soakedKg(item);
  const change = massKg * (food.cooked - 1);
  return {
    id: item.id,
    massKg: massKg + before,
    dryL: (massKg / density + before / ROOM_DENSITY) * 1000,
    uptakeKg: change - before,
    swellsKg: massKg * Math.max(0, (food.swollen ?? 0) - food.cooked) * (food.cooked > 1.2 ? 1 : 0),
    packing: food.packing,
    cookedPacking: cookedPacking(food),
    solid: food.shape !== null,
    waterShare: food.composition.water / 100,
    foaming: food.foaming,
    swells: food.cooked > 1.2,
  };
}

function cookedPacking(food: Food): number {
  if (food.group === 'leaf') return WILTED_PACKING;
  return food.cooked > 1.2 ? food.packing * SWOLLEN_TIGHTER : food.packing;
}

function expansion(celsius: number): number {
  return ROOM_DENSITY / liquidDensity(Math.max(4, celsius));
}

/**
 * Contents of the pot at a moment.
 * @param parts what is in it
 * @param progress how far each solid's uptake or giving has gone: 1 where it is done, more where it swells
 * @param celsius temperature of all
 * @param steamKg water gone as steam, kg
 * @param outsideKg water left behind (above zero) or carried off by what is out again, kg
 */
export function contents(
  parts: readonly Part[],
  progress: (part: Part) => number,
  celsius: number,
  steamKg = 0,
  outsideKg = 0,
): Contents {
  const swell = expansion(celsius);
  let liquidL = 0;
  let liquidKg = outsideKg - steamKg;
  let wanted = 0;
  let given = 0;
  for (const part of parts) {
    if (!part.solid) {
      liquidL += part.dryL * (1 + part.waterShare * (swell - 1));
      liquidKg += part.massKg;
    } else if (part.uptakeKg > 0) wanted += part.uptakeKg * progress(part);
    else given -= part.uptakeKg * progress(part);
  }
  const available = Math.max(0, liquidKg) + given;
  // Grains cannot drink more than there is.
  const share = wanted > available ? available / wanted : 1;
  const litre = (1000 / ROOM_DENSITY) * swell;
  let solidL = 0;
  let heapL = 0;
  for (const part of parts) {
    if (!part.solid) continue;
    const p = progress(part);
    const moved = part.uptakeKg > 0 ? part.uptakeKg * p * share : part.uptakeKg * p;
    const volume = part.dryL * (1 + part.waterShare * (swell - 1)) + moved * litre;
    const packing = part.packing + (part.cookedPacking - part.packing) * Math.min(1, p);
    solidL += volume;
    heapL += volume / packing;
  }
  const freeKg = Math.max(0, liquidKg) + given - wanted * share;
  const freeL = Math.max(0, liquidL + (given - wanted * share + outsideKg - steamKg) * litre);
  const surface = solidL + freeL;
  return { levelL: Math.max(surface, heapL), liquidL: surface, heapL, freeL, freeKg, solidL };
}
