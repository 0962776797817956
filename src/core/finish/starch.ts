/** Starch that foods bring, and how much of it comes out into the liquid. */
import { gradeIndex, type Food, type GradeName } from '../food';

/** Share of the carbohydrate that is starch (USDA FoodData Central, orders of size, from memory). */
const STARCH_SHARE: Readonly<Partial<Record<Food['group'], number>>> = {
  pulse: 0.8,
  grain: 0.95,
  pasta: 0.95,
};
/** Vegetables that are mostly starch, by key; their share of the carbohydrate. */
const STARCHY: Readonly<Record<string, number>> = {
  potato: 0.9,
  'sweet-potato': 0.6,
  plantain: 0.9,
  cassava: 0.95,
  taro: 0.9,
  yam: 0.9,
};
/** Thickeners, and how well each works, as cornstarch. */
const THICKENERS: Readonly<Record<string, number>> = { starch: 1, flour: 8 / 15 / 0.74 };

/** g of starch in so much of a food as bought. */
export function starchOf(food: Food, massG: number): number {
  const { composition, key, group } = food;
  const carbohydrate = (massG * composition.carbohydrate) / 100;
  const share = THICKENERS[key] ?? STARCHY[key] ?? STARCH_SHARE[group] ?? 0;
  return carbohydrate * share;
}

/** Starch in cells that are cut open thickens less than loose starch (assumed). */
export const CUT_CELLS = 0.6;

/** Of what swells in whole pieces, share of the starch that is out, by how far it has gone (assumed). */
const OUT = { before: 0.01, done: 0.08, soft: 0.25, broken: 0.55 } as const;
/** Starch in cells thickens less than loose cornstarch (assumed). */
const CELLS = 0.6;

/**
 * Starch of an ingredient that thickens the liquid, as cornstarch, g.
 *
 * @param grade what it has come to; null for what joins the liquid
 */
export function loosened(food: Food, massG: number, grade: GradeName | null): number {
  const all = starchOf(food, massG);
  if (all === 0) return 0;
  if (food.key in THICKENERS || grade === null || food.family === null) return all;
  return CELLS * all * outOf(food, grade);
}

/** Pulses without a skin go to pieces as soon as they are soft (common practice). */
const SKINLESS: ReadonlySet<string> = new Set(['red-lentils', 'split-peas', 'split-mung']);
const fallsApart = (food: Food, grade: GradeName | null): boolean =>
  grade === 'broken down' ||
  grade === 'falling apart' ||
  (grade === 'creamy' && SKINLESS.has(food.key));

function outOf(food: Food, grade: GradeName): number {
  if (fallsApart(food, grade)) return OUT.broken;
  if (grade === 'creamy' || grade === 'swollen' || grade === 'bloated') return OUT.soft;
  return food.family !== null && gradeIndex(food.family, grade) >= 2 ? OUT.done : OUT.before;
}

/**
 * Pulp that tomatoes without their shape bring, L a kg: what a centrifuge leaves of juice, and of paste
 * (orders of size, from memory: a fifth of passata, most of paste).
 */
const PULP_L_PER_KG: Readonly<Record<string, number>> = {
  'canned-tomatoes': 0.25,
  'tomato-juice': 0.2,
  'tomato-paste': 1.2,
};

/** Share of an ingredient's cooked volume that is pulp in the liquid. */
export function brokenShare(food: Food, grade: GradeName | null): number {
  if (fallsApart(food, grade)) return 0.7;
  return grade === 'creamy' ? 0.15 : 0;
}

/** Pulp of what joins the liquid, L. */
export function pulpOf(food: Food, massG: number): number {
  return ((PULP_L_PER_KG[food.key] ?? 0) * massG) / 1000;
}
