/**
 * Bounds of each grade of a family, counted from two cook values of the food: its `need`, at which the middle is
 * done, and the one at which an even piece is `late` (soft, creamy, in shreds). Both are fitted to the chart of
 * times; the multiples are assumed, so that the outcomes that cooks are content with come out (common practice;
 * texture.test.ts). Long-cooked meat: collagen turns to gelatine more slowly than fibres dry out, so that lean
 * meat is dry before tough meat is tender (common practice; e.g. Bailey & Light 1989, from memory).
 */
import type { Family, GRADES } from '../food';

/** Part of a piece that decides: the least cooked one, or the mean firmness from outside to middle. */
export type Where = 'middle' | 'mean';

export interface Bound {
  readonly where: Where;
  readonly of: 'need' | 'late';
  readonly times: number;
  /** Larger pieces keep their shape longer: power of the thickness over 10 mm. */
  readonly bySize?: number;
}

const middle = (times: number): Bound => ({ where: 'middle', of: 'need', times });
const mean = (times: number): Bound => ({ where: 'mean', of: 'late', times });
/** A fork goes through the whole of a joint, not to its very middle. */
const through = (times: number): Bound => ({ where: 'mean', of: 'need', times });

const WITH_BITE = 0.35;

/** A bound for every grade but the first. */
type BoundsOf<Grades extends readonly string[]> = Grades extends readonly [unknown, ...infer Later]
  ? { readonly [K in keyof Later]: Bound }
  : never;

/** A bound for every grade but the first, in order. */
export const BOUNDS: { readonly [F in Family]: BoundsOf<(typeof GRADES)[F]> } = {
  vegetable: [middle(WITH_BITE), middle(1), mean(1), { ...mean(13), bySize: 0.3 }],
  aromatic: [middle(WITH_BITE), middle(1), mean(1)],
  green: [middle(1), mean(0.6), mean(1)],
  pulse: [middle(0.6), middle(1), mean(1), mean(1.5)],
  pasta: [middle(1), mean(0.9), mean(1)],
  grain: [middle(0.6), middle(1), mean(1), mean(1.5)],
  tough: [through(0.5), through(1), mean(1), mean(2.4)],
  bone: [through(0.5), through(1), mean(1), mean(3.2)],
  gelatinous: [through(1), mean(1), mean(3)],
  lean: [middle(1), mean(1), mean(3.5)],
  fish: [middle(1), mean(0.45), mean(1)],
  shellfish: [middle(1), mean(0.45), mean(1)],
  minced: [middle(1)],
  ready: [middle(1)],
};
