/**
 * When what flavours a stock has given its best, in minutes at 100 C (common practice, no source:
 * vegetables go in for the last hour or so of a simmer, greens and spice for less, fish frames for
 * half an hour; beyond twice that they turn dull or bitter).
 */
import type { Food } from '../food';

export interface Flavour {
  /** Has given most of what it has, min at 100 C. */
  readonly bestMin: number;
  /** From here it takes away, min at 100 C. */
  readonly tooMuchMin: number;
  /** Harm of too much. */
  readonly spoils: string;
}

const GREEN: Flavour = { bestMin: 15, tooMuchMin: 60, spoils: 'bitter and drab' };
/** Onion and ginger stay in for as long as bones do in most kitchens. */
const ROOT: Flavour = { bestMin: 45, tooMuchMin: 1500, spoils: 'dull and sweet' };
const FISH: Flavour = { bestMin: 25, tooMuchMin: 90, spoils: 'bitter and gluey' };
const SPICE: Flavour = { bestMin: 40, tooMuchMin: 600, spoils: 'bitter and woody' };
/** Green parts that turn bitter first. */
const BITTER = new Set(['spring-onion', 'celery-leaves']);

/** Flavour that a food gives to a stock, and the time after which it tastes stale; null where time does no harm. */
export function flavourOf(food: Food): Flavour | null {
  if (food.key === 'fish-frame' || food.key === 'prawn-shells' || food.group === 'fish')
    return FISH;
  if (food.group === 'leaf' || BITTER.has(food.key)) return GREEN;
  if (food.group === 'vegetable') return ROOT;
  if (food.group === 'seasoning' && food.fishOut) return SPICE;
  return null;
}
