import type { Food } from '../food';
import { USUAL_Z } from './cookValue';
import FITTED from './needs.json';

/** When a food is done and when it is late, in minutes at 100 C. */
export interface Doneness {
  /** The middle is done at this much. */
  readonly needMin: number;
  /** An even piece is late (soft, creamy, in shreds) at this much; null where nothing comes after. */
  readonly lateMin: number | null;
  /** Degrees for a tenfold rate, C. */
  readonly z: number;
  readonly mark: 'fitted to the chart' | 'from related foods' | 'assumed' | 'learned';
}

/** Cooked already: only to be warmed through. */
const READY: Doneness = { needMin: 0.1, lateMin: null, z: USUAL_Z, mark: 'assumed' };

interface Fitted {
  readonly needMin: number;
  readonly lateMin: number | null;
  readonly z: number;
  /** The food of the chart whose z it shares; none for the chart's own. */
  readonly like?: string;
  /** Shares of both that remain after a soak of eight hours. */
  readonly soaked?: { readonly need: number; readonly late: number };
}

/** Hours after which a bean takes up no more (common practice, no source). */
const FULL_SOAK_H = 8;
/** Additions to both for a pulse that is years old (common practice, no source). */
const OLD = 1.5;
/** Fitted to the one bean that the chart has both soaked and dry. */
const USUAL_SOAK = FITTED['black-beans'].soaked;

const TABLE = FITTED as Readonly<Record<string, Fitted>>;

/** Treatment of a food, by hand or by age, before it goes in. */
export interface Condition {
  /** Hours in water beforehand (pulses). */
  readonly soakedH?: number | undefined;
  /** Kept for years (pulses). */
  readonly old?: boolean | undefined;
  /** Learned need in this kitchen, as a factor of the table. */
  readonly need?: number | undefined;
}

/**
 * Need and lateness of a food.
 *
 * @returns null for what has no doneness: liquids, seasonings, bones
 * @example donenessOf(carrot) // { needMin: 3.715, lateMin: 22.09, z: 27 }
 */
export function donenessOf(
  food: Food,
  { soakedH = 0, old = false, need = 1 }: Condition = {},
): Doneness | null {
  if (food.family === 'ready') return READY;
  const fitted = TABLE[food.key] ?? (food.like === undefined ? undefined : TABLE[food.like]);
  if (!fitted || food.family === null) return null;
  const pulse = food.group === 'pulse';
  const left = fitted.soaked ?? USUAL_SOAK;
  const soak = pulse ? Math.min(1, soakedH / FULL_SOAK_H) : 0;
  const age = (pulse && old ? OLD : 1) * need;
  const { needMin, lateMin } = fitted;
  return {
    needMin: needMin * age * (1 - soak * (1 - left.need)),
    lateMin: lateMin === null ? null : lateMin * age * (1 - soak * (1 - left.late)),
    z: fitted.z,
    mark: need !== 1 ? 'learned' : fitted.like ? 'from related foods' : 'fitted to the chart',
  };
}
