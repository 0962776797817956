import type { Food } from '../food';
import { USUAL_Z } from './cookValue';
import FITTED from './needs.json';

/** When a food is done and when it is too far, in minutes at 100 C. */
export interface Doneness {
  /** The centre needs this much. */
  readonly needMin: number;
  /** The surface stands this much; null where nothing is lost. */
  readonly limitMin: number | null;
  /** C */
  readonly z: number;
  /** What too much does. */
  readonly over: string | null;
  readonly mark: 'fitted to the chart' | 'by kinship' | 'assumed';
}

/** Cooked already: only to be warmed through. */
const READY: Doneness = { needMin: 0.1, limitMin: null, z: USUAL_Z, over: null, mark: 'assumed' };
const READY_FOODS: ReadonlySet<string> = new Set([
  'cooked-ham',
  'smoked-sausage',
  'canned-beans',
  'canned-kidney-beans',
  'canned-lentils',
  'hominy',
]);

interface Fitted {
  readonly needMin: number;
  readonly limitMin: number | null;
  readonly z: number;
  readonly over: string | null;
  /** The food of the chart whose z it shares; none for the chart's own. */
  readonly like?: string;
  /** What a soak of eight hours leaves of need and limit. */
  readonly soaked?: { readonly need: number; readonly limit: number };
}

/** Hours after which a bean takes up no more (common practice, no source). */
const FULL_SOAK_H = 8;
/** What years on a shelf add to need and limit of a pulse (common practice, no source). */
const OLD = 1.5;
/** As fitted for the one bean the chart has both ways. */
const USUAL_SOAK = FITTED['black-beans'].soaked;

const TABLE = FITTED as Readonly<Record<string, Fitted>>;

/** What was done to a food, or to it by time, before it goes in. */
export interface Condition {
  /** Hours in water beforehand (pulses). */
  readonly soakedH?: number | undefined;
  /** Kept for years (pulses). */
  readonly old?: boolean | undefined;
}

/**
 * Need and limit of a food.
 *
 * @returns null for what has no doneness: liquids, seasonings, bones, cans
 */
export function donenessOf(
  food: Food,
  { soakedH = 0, old = false }: Condition = {},
): Doneness | null {
  if (READY_FOODS.has(food.key)) return READY;
  const fitted = TABLE[food.key];
  if (!fitted) return null;
  const pulse = food.group === 'pulse';
  const left = fitted.soaked ?? USUAL_SOAK;
  const soak = pulse ? Math.min(1, soakedH / FULL_SOAK_H) : 0;
  const age = pulse && old ? OLD : 1;
  return {
    needMin: fitted.needMin * age * (1 - soak * (1 - left.need)),
    limitMin:
      fitted.limitMin === null ? null : fitted.limitMin * age * (1 - soak * (1 - left.limit)),
    z: fitted.z,
    over: fitted.over,
    mark: fitted.like ? 'by kinship' : 'fitted to the chart',
  };
}
