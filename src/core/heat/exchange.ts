/**
 * Water that foods take up (pulses, grains, noodles) or give back (meat, mushrooms, onion,
 * tomato, greens) while they cook.
 *
 * First order in the cook value of each shell: nine tenths are done when the shell has had `doneMin`
 * minutes at 100 C (assumed), so that the raw middle of a joint keeps its juice. Grain, noodles and
 * pulses go on drinking once they are done. Mass is conserved: what one gains another loses, and the
 * water takes its heat along.
 */
import { WATER_HEAT } from '../water';
import { isFreezing, type Body } from './body';
import type { WaterState } from './state';
import type { Exchange } from './types';

/** Share of a heap that lies on the bottom of a pot without liquid (assumed). */
const ON_THE_BOTTOM = 0.3;
/** Heat is moved along once this share of a body's mass has changed sides. */
const PORTION = 0.001;
/** A drink of more than this share of the liquid's heat capacity is much. */
const MUCH = 0.3;
const COLD_C = 35;
/** Last shells of the bands, each read for its band. */
const READ = [2, 5, 8, 11] as const;

/** Water on the move in a band of shells: a shell drinks and gives as it is cooked itself. */
interface Band {
  /** Its first shell, and the one after its last. */
  readonly from: number;
  readonly to: number;
  /** Share of the body. */
  readonly share: number;
  /** Minutes at 100 C that it has had. */
  value: number;
  /** kg moved so far: above zero taken up, below zero given. */
  moved: number;
  /** Part of it whose heat has not moved yet, kg. */
  pending: number;
  /** Water that would move in the present step if there is enough, kg. */
  wants: number;
}

/** A body's water on the move. */
export interface Moving {
  readonly what: Exchange;
  readonly body: Body;
  readonly bands: readonly Band[];
}

export function moving(body: Body, what: Exchange): Moving {
  const total = body.capacity.reduce((sum, c) => sum + c, 0);
  let from = 0;
  const bands = READ.map((last): Band => {
    const first = from;
    from = last + 1;
    const share = body.capacity.slice(first, from).reduce((sum, c) => sum + c, 0) / total;
    return { from: first, to: from, share, value: 0, moved: 0, pending: 0, wants: 0 };
  });
  return { what, body, bands };
}

function rateAt(celsius: number, z: number): number {
  return Math.exp(((celsius - 100) * Math.LN10) / z);
}

/** Share that has moved after a time, nine tenths at `doneMin`. */
function movedBy(minutes: number, doneMin: number): number {
  return 1 - Math.exp((-Math.LN10 * minutes) / doneMin);
}

/** Whether a band has moved all but a ten-thousandth: nothing more is counted. */
function isOver({ doneMin, swells }: Exchange, { value, moved }: Band): boolean {
  return moved !== 0 && value > 4 * doneMin + (swells ? 4 * swells.doneMin : 0);
}

/** kg that a band has moved once it has had its minutes. */
function movedAt({ kg, doneMin, swells }: Exchange, { share, value }: Band): number {
  const first = kg * movedBy(value, doneMin);
  const later =
    swells && value > doneMin ? swells.kg * movedBy(value - doneMin, swells.doneMin) : 0;
  return share * (first + later);
}

/**
 * Lets a time pass.
 *
 * @param bottomC temperature of a pot bottom without liquid, C; null in a wet pot
 * @returns kg that the body would drink if there is water enough
 */
function want(m: Moving, seconds: number, bottomC: number | null): number {
  const { what, body, bands } = m;
  const gives = what.kg < 0;
  // On a dry bottom the lowest pieces cook first and give first.
  const bottom =
    bottomC !== null && gives && bottomC > COLD_C
      ? ON_THE_BOTTOM * rateAt(Math.min(100, bottomC), what.z)
      : 0;
  let drinks = 0;
  for (const band of bands) {
    band.wants = 0;
    if (isOver(what, band)) continue;
    const t = body.t[band.to - 1] as number;
    const rate = Math.max(bottom, t > COLD_C ? rateAt(t, what.z) : 0);
    if (rate === 0) continue;
    band.value += (rate * seconds) / 60;
    // Juice of what is still frozen is ice; what browning took off early is not given twice.
    if (gives && isFreezing(body)) continue;
    const kg = movedAt(what, band) - band.moved;
    band.wants = gives ? Math.min(0, kg) : kg;
    if (band.wants > 0) drinks += band.wants;
  }
  return drinks;
}

/** Lets a share of what a body wants move, kg. */
function move({ bands }: Moving, share: number): number {
  let moved = 0;
  for (const band of bands) {
    const kg = band.wants * share;
    band.moved += kg;
    band.pending += kg;
    moved += kg;
  }
  return moved;
}

function sumOf({ bands }: Pick<Moving, 'bands'>, key: 'moved' | 'pending'): number {
  let sum = 0;
  for (const band of bands) sum += band[key];
  return sum;
}

/** Moves the heat of a band's water that has changed sides. @returns the liquid after it */
function carryBand(body: Body, band: Band, liquid: Liquid): Liquid {
  const { capacity, t } = body;
  const { from, to } = band;
  const heat = WATER_HEAT * Math.abs(band.pending);
  let total = 0;
  let stored = 0;
  for (let i = from; i < to; i++) {
    total += capacity[i] as number;
    stored += (capacity[i] as number) * (t[i] as number);
  }
  const taken = band.pending > 0;
  band.pending = 0;
  if (taken) {
    const share = heat / total;
    for (let i = from; i < to; i++) {
      t[i] = ((t[i] as number) + share * liquid.celsius) / (1 + share);
      capacity[i] = (capacity[i] as number) * (1 + share);
    }
    return { capacity: liquid.capacity - heat, celsius: liquid.celsius };
  }
  for (let i = from; i < to; i++) capacity[i] = (capacity[i] as number) * (1 - heat / total);
  return {
    capacity: liquid.capacity + heat,
    celsius:
      (liquid.capacity * liquid.celsius + (heat * stored) / total) / (liquid.capacity + heat),
  };
}

/**
 * Moves the heat of water that has changed sides.
 *
 * @param leastKg less than this waits
 */
export function carryHeat({ body, bands }: Moving, liquid: Liquid, leastKg: number): Liquid {
  if (isFreezing(body)) return liquid;
  let all = 0;
  for (const band of bands) all += Math.abs(band.pending);
  if (all === 0 || all < leastKg) return liquid;
  body.work.substep = 0;
  let now = liquid;
  for (const band of bands) if (band.pending !== 0) now = carryBand(body, band, now);
  return now;
}

/** Water that a food has moved so far, kg. */
export function moved(m: Moving): number {
  return sumOf(m, 'moved');
}

/**
 * Lets a time pass for a food that is alone.
 *
 * @param thereKg water that it may drink of, kg
 * @returns kg that it gave
 */
export function pass(m: Moving, seconds: number, thereKg: number): number {
  const wants = want(m, seconds, null);
  if (m.what.kg < 0) return -move(m, 1);
  if (wants > 0) move(m, Math.min(1, thereKg / wants));
  return 0;
}

/** Water of a part of a food that is cut or picked into another body. @param keeps share that goes on */
export function movingAs(before: Moving, body: Body, keeps: number): Moving {
  const { kg, swells } = before.what;
  const what: Exchange = {
    ...before.what,
    kg: kg * keeps,
    ...(swells && { swells: { ...swells, kg: swells.kg * keeps } }),
  };
  const after = moving(body, what);
  const value = before.bands.reduce((sum, band) => sum + band.share * band.value, 0);
  const all = keeps * sumOf(before, 'moved');
  for (const band of after.bands) Object.assign(band, { value, moved: band.share * all });
  return after;
}

/** Water of a food as plain data. */
export function movingState({ body, bands }: Moving): WaterState {
  const kept = bands.map(({ value, moved: kg, pending }) => ({ value, moved: kg, pending }));
  return { id: body.id, moved: sumOf({ bands }, 'moved'), bands: kept };
}

/** Brings it, fresh from `moving`, to where it was. */
export function resumeMoving(m: Moving, { bands }: WaterState): void {
  bands.forEach((band, i) => Object.assign(m.bands[i] as Band, band));
}

/** Liquid and pot as the water finds them. */
export interface Liquid {
  /** J/K */
  readonly capacity: number;
  readonly celsius: number;
}

/** The water of everything in a pot that is on its way in or out. */
export class Waters {
  /** @param fineness of the portions in which heat is moved along: 1 as usual, less is finer */
  constructor(readonly fineness: number) {}

  readonly #moving = new Map<string, Moving>();
  /** Water moved by foods that have left the pot, kg. */
  readonly #gone = new Map<string, number>();

  /** A food is taken out; what it moved stays. */
  take(id: string): void {
    const m = this.#moving.get(id);
    if (!m) return;
    this.#gone.set(id, sumOf(m, 'moved'));
    this.#moving.delete(id);
  }

  /** A food is taken out and will be back: its water goes on by itself, apart from the pot's. */
  lift(id: string): Moving | null {
    const m = this.#moving.get(id);
    this.#moving.delete(id);
    return m ?? null;
  }

  /** A food is put in, or is back as the body that it is now. */
  lay(m: Moving): void {
    this.#moving.set(m.body.id, m);
  }

  /** All of it as plain data. */
  state(): readonly WaterState[] {
    const gone = [...this.#gone].map(([id, moved]) => ({ id, moved, bands: [] }));
    const here = [...this.#moving.values()].map(movingState);
    return [...gone, ...here];
  }

  /** Goes on from there; `lay` has put what is in the pot. */
  resume(waters: readonly WaterState[]): void {
    for (const state of waters) {
      const m = this.#moving.get(state.id);
      if (m) resumeMoving(m, state);
      else this.#gone.set(state.id, state.moved);
    }
  }

  /** Taken up (above zero) or given (below) so far, kg. */
  moved(id: string): number {
    const m = this.#moving.get(id);
    return m ? sumOf(m, 'moved') : (this.#gone.get(id) ?? 0);
  }

  /** Of what is in the pot; kept until something goes in or out. */
  #inside: readonly Moving[] | null = null;

  /** Something has gone in or out. */
  changed(): void {
    this.#inside = null;
  }

  #in(bodies: readonly Body[]): readonly Moving[] {
    this.#inside ??= bodies.flatMap((body) => this.#moving.get(body.id) ?? []);
    return this.#inside;
  }

  /**
   * Lets a time pass.
   *
   * @param bottomC temperature of a pot bottom without liquid, C; null in a wet pot
   * @param waterKg free water, kg
   * @returns free water after it, kg
   */
  pass(bodies: readonly Body[], seconds: number, bottomC: number | null, waterKg: number): number {
    if (this.#moving.size === 0) return waterKg;
    let free = waterKg;
    let demandKg = 0;
    const inside = this.#in(bodies);
    for (const m of inside) {
      demandKg += want(m, seconds, bottomC);
      if (m.what.kg < 0) free -= move(m, 1);
    }
    if (demandKg === 0) return free;
    // Grains cannot drink more than there is.
    const share = Math.min(1, Math.max(0, free) / demandKg);
    for (const m of inside) if (m.what.kg > 0) move(m, share);
    return share < 1 ? 0 : free - demandKg;
  }

  /**
   * Takes juice off the surfaces of the foods that have some left.
   *
   * @param kg at the most
   * @returns kg taken, now free
   */
  dryOff(bodies: readonly Body[], kg: number): number {
    const juicy = this.#in(bodies).filter((m) => m.what.kg < 0);
    let left = 0;
    for (const { what, bands } of juicy)
      for (const band of bands) {
        band.wants = Math.min(0, what.kg * band.share - band.moved);
        left -= band.wants;
      }
    const share = left > 0 ? Math.min(1, kg / left) : 0;
    for (const m of juicy) move(m, share);
    return left * share;
  }

  /**
   * Moves the heat of the water that has changed sides.
   *
   * @param all whether even the smallest portion is moved
   * @returns the liquid after it
   */
  carry(liquid: Liquid, all: boolean): Liquid {
    let now = liquid;
    const bring = (m: Moving, whole: boolean): void => {
      now = carryHeat(m, now, whole ? 0 : PORTION * this.fineness * m.body.massKg);
    };
    for (const m of this.#moving.values()) {
      // Water taken up may have been released a moment ago: its heat arrives before it moves.
      if (m.what.kg > 0 && WATER_HEAT * sumOf(m, 'pending') > MUCH * now.capacity)
        for (const giver of this.#moving.values()) if (giver.what.kg < 0) bring(giver, true);
      bring(m, all);
    }
    return now;
  }
}
