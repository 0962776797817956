import type { Food } from '../food';
import { foodByKey } from '../food';
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
  readonly mark: 'fitted to the chart' | 'by kinship';
}

interface Kin {
  readonly like: string;
  readonly need: number;
}

/**
 * Foods outside the chart, by the row they are nearest to and how much longer they take
 * (common practice, no source).
 */
const KIN: Readonly<Record<string, Kin>> = {
  'smoked-turkey-wing': { like: 'turkey-wing', need: 1 },
  'lamb-shoulder': { like: 'lamb-neck', need: 0.9 },
  'pork-shoulder': { like: 'beef-stewing', need: 0.9 },
  'smoked-bacon': { like: 'minced-beef', need: 1 },
  sausage: { like: 'minced-beef', need: 1 },
  'white-fish': { like: 'chicken-breast', need: 0.3 },
  'kidney-beans': { like: 'cannellini', need: 1 },
  chickpeas: { like: 'cannellini', need: 1.2 },
  'red-lentils': { like: 'split-peas', need: 0.4 },
  'white-rice': { like: 'brown-rice', need: 0.45 },
  'rolled-oats': { like: 'onion', need: 0.5 },
  'sweet-potato': { like: 'potato', need: 0.85 },
  turnip: { like: 'potato', need: 1.1 },
  celeriac: { like: 'potato', need: 1.1 },
  fennel: { like: 'celery', need: 1.1 },
  'bell-pepper': { like: 'leek', need: 0.8 },
  courgette: { like: 'leek', need: 0.5 },
  'green-beans': { like: 'leek', need: 0.8 },
  peas: { like: 'leek', need: 0.4 },
  sweetcorn: { like: 'leek', need: 0.5 },
  tomato: { like: 'onion', need: 0.6 },
  mushrooms: { like: 'onion', need: 0.7 },
  'cavolo-nero': { like: 'leek', need: 0.7 },
  parsley: { like: 'spinach', need: 0.4 },
};

interface Fitted {
  readonly needMin: number;
  readonly limitMin: number | null;
  readonly z: number;
  readonly over: string | null;
  /** What a soak of eight hours leaves of need and limit. */
  readonly soaked?: { readonly need: number; readonly limit: number };
}

/** Hours after which a bean takes up no more (common practice, no source). */
const FULL_SOAK_H = 8;
/** As fitted for the one bean the chart has both ways. */
const USUAL_SOAK = FITTED['black-beans'].soaked;

const TABLE = FITTED as Readonly<Record<string, Fitted>>;

/**
 * Need and limit of a food.
 *
 * @param soakedH hours in water beforehand (pulses)
 * @returns null for what has no doneness: liquids, seasonings, bones, cans
 */
export function donenessOf(food: Food, soakedH = 0): Doneness | null {
  const kin = KIN[food.key];
  const fitted = TABLE[kin ? kin.like : food.key];
  if (!fitted || !foodByKey(food.key)) return null;
  const left = food.group === 'pulse' ? (fitted.soaked ?? USUAL_SOAK) : { need: 1, limit: 1 };
  const soak = Math.min(1, soakedH / FULL_SOAK_H);
  const factor = kin?.need ?? 1;
  return {
    needMin: fitted.needMin * factor * (1 - soak * (1 - left.need)),
    limitMin:
      fitted.limitMin === null ? null : fitted.limitMin * factor * (1 - soak * (1 - left.limit)),
    z: fitted.z,
    over: fitted.over,
    mark: kin ? 'by kinship' : 'fitted to the chart',
  };
}
