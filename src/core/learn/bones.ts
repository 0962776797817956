/**
 * Yields of bones in this kitchen, by how their broths set and how many litres there were: final yield and rate of
 * each kind, over a grid of both. A broth of several kinds counts for each by its share.
 */
import { SETS, type KitchenLearned, type Lesson } from '../batch/schema';
import { MOST_SD, RATE_SD, SET_FROM } from '../bones';
import { bell } from '../unknown';
import { chanceSaid, spreadOf, steps } from './grid';
import type { Teacher } from './teachers';

type Row = NonNullable<Lesson>['bones'][number];
type Learned = NonNullable<NonNullable<KitchenLearned>['bones']>[number];

/** Extraction this much faster than usual: what a run would have given is kept for each. */
export const RATES = [0.6, 1, 1.6] as const;

/** Precision of a spoon's verdict on a set, and of a cup's litres: a logarithm of g/L (assumed). */
const READ_SD = 0.2;
/** Ignore kinds with a smaller share. */
const LEAST_SHARE = 0.2;
const NEWEST = 12;

const MOST = steps(-1.2, 1.2, 33);
const [SLOW, USUAL, FAST] = RATES.map(Math.log) as [number, number, number];
const RATE = steps(SLOW, FAST, 9);

interface Read {
  readonly cook: string;
  /** Grams of each of RATE, as logarithms. */
  readonly grams: readonly number[];
  readonly share: number;
  /** Gelatine that sets, g, from and to; undefined for what has no end. */
  readonly low: number | undefined;
  readonly high: number | undefined;
}

/** Grams that a run would have given, as a logarithm, where it goes so fast: through the three kept. */
function grams(row: Row, rate: number): number {
  const [slow, usual, fast] = row.grams.map((g) => Math.log(Math.max(1e-6, g))) as [
    number,
    number,
    number,
  ];
  return rate < USUAL
    ? usual + ((slow - usual) * (rate - USUAL)) / (SLOW - USUAL)
    : usual + ((fast - usual) * (rate - USUAL)) / (FAST - USUAL);
}

/**
 * Readings of bones, by their kind.
 * @param newest cooks, the newest first
 * @param since for a kind, those up to then are forgotten
 */
export function readsOf(
  newest: readonly Teacher[],
  since: (food: string) => string,
): ReadonlyMap<string, readonly Read[]> {
  const byFood = new Map<string, Read[]>();
  for (const cook of newest)
    for (const row of cook.lesson?.bones ?? []) {
      const real = cook.yields?.find((y) => y.run === row.run);
      if (!real?.set) continue;
      const litres = real.litres ?? row.litres;
      const at = SETS.indexOf(real.set);
      const next = SETS[at + 1];
      let along: readonly number[] | null = null;
      for (const { food, share } of row.of) {
        if (share < LEAST_SHARE || cook.startedAt <= since(food)) continue;
        const list = byFood.get(food) ?? [];
        if (list.length >= NEWEST) continue;
        along ??= RATE.map((rate) => grams(row, rate));
        list.push({
          cook: cook.id,
          grams: along,
          share,
          low: at > 0 ? Math.log(SET_FROM[real.set] * litres) : undefined,
          high: next ? Math.log(SET_FROM[next] * litres) : undefined,
        });
        byFood.set(food, list);
      }
    }
  return byFood;
}

function learnedOf(food: string, reads: readonly Read[]): Learned {
  const weights = MOST.map((most) =>
    RATE.map((rate, j) =>
      reads.reduce(
        (all, { grams: along, share, low, high }) =>
          all * chanceSaid(most + (along[j] as number), low, high, READ_SD / share),
        bell(most, { mean: 0, sd: MOST_SD }) * bell(rate, { mean: 0, sd: RATE_SD }),
      ),
    ),
  );
  const sum = (list: readonly number[]): number => list.reduce((a, b) => a + b, 0);
  const most = spreadOf(MOST, weights.map(sum));
  const rate = spreadOf(
    RATE,
    RATE.map((_, j) => sum(weights.map((row) => row[j] as number))),
  );
  return {
    food,
    most: Number(most.mean.toFixed(4)),
    rate: Number(rate.mean.toFixed(4)),
    sd: Number(most.sd.toFixed(4)),
    cooks: new Set(reads.map((read) => read.cook)).size,
  };
}

export function learnedBones(reads: ReadonlyMap<string, readonly Read[]>): readonly Learned[] {
  return [...reads]
    .toSorted(([a], [b]) => (a < b ? -1 : 1))
    .map(([food, list]) => learnedOf(food, list));
}
