/**
 * Needs of foods in this cook's hands, from how they were found: an ordered probit over the grades, whose edges
 * are the needs at which each is just reached. A tested grade informs the need; a verdict of over or under
 * on food that came out as wanted informs the wish instead.
 */
import { foodOf, lessonName } from '../batch/plan';
import type { Cook, KitchenLearned, Lesson } from '../batch/schema';
import type { FoodGroup } from '../food';
import { chanceSaid, kinOf, spreadOf, steps } from './grid';
import { bell, ITEM_SPREAD, ODD, oddShare, type Spread } from '../unknown';
import type { Teacher } from './teachers';

type Row = NonNullable<Lesson>['foods'][number];
type Learned = NonNullable<NonNullable<KitchenLearned>['foods']>[number];
type Verdict = Cook['verdicts'][string];

/** Of that, what all of a kin have in common, as one shop's beans are one shop's (assumed). */
const KIN_SD = 0.08;
/** A pot of it differs from the next, and a mouth from itself, by so much (assumed). */
const TRIED_SD = 0.085;
/** Newer tries count: shops change, and years. */
const NEWEST = 24;

const GRID = steps(Math.log(1 / 3.5), Math.log(3.5), 81);

/** A wish is the habit's, or one grade beside it; seldom (assumed). */
const BESIDE = 0.1;
/** A verdict that asks for another grade is meant so (assumed). */
const MEANT = 0.8;
/** A wish moves when it is more likely than this. */
const SURE = 0.6;

/** One try of a food. */
export interface Try {
  readonly cook: string;
  readonly food: string;
  readonly group: FoodGroup;
  readonly name: string;
  readonly row: Row;
  readonly verdict: Verdict | undefined;
}

/**
 * All tries of foods, the newest of each.
 *
 * @param newest cooks, the newest first
 * @param since for a food, those up to then are forgotten
 */
export function triesOf(
  newest: readonly Teacher[],
  since: (food: string) => string,
): ReadonlyMap<string, readonly Try[]> {
  const byFood = new Map<string, Try[]>();
  for (const cook of newest)
    for (const row of cook.lesson?.foods ?? []) {
      const verdict = cook.verdicts[row.item];
      if (verdict === undefined && !isTest(row)) continue;
      if (cook.startedAt <= since(row.food)) continue;
      const list = byFood.get(row.food) ?? [];
      if (list.length >= NEWEST) continue;
      const item = cook.batch.items.find((one) => one.id === row.item);
      const food = item && foodOf(item);
      if (!food || lessonName(food, item.old ?? false) !== row.food) continue;
      list.push({
        cook: cook.id,
        food: row.food,
        group: food.group,
        name: food.name,
        row,
        verdict,
      });
      byFood.set(row.food, list);
    }
  return byFood;
}

const ln = (v: number | undefined): number | undefined =>
  v === undefined ? undefined : Math.log(v);

const isTest = (row: Row): boolean => row.above !== undefined || row.below !== undefined;

/** Needs between which a try puts it; null where it says nothing of the need. */
function between({ row, verdict }: Try): readonly [number | undefined, number | undefined] | null {
  if (isTest(row)) return [ln(row.above), ln(row.below)];
  // It was tried and named as it was served: how it was liked is another question.
  if (row.wanted !== undefined) return null;
  switch (verdict) {
    case 'under':
      return row.from === undefined ? null : [ln(row.from), undefined];
    case 'over':
      return row.to === undefined ? null : [undefined, ln(row.to)];
    case 'right':
      return [ln(row.to), ln(row.from)];
    case undefined:
      return null;
  }
}

/** Prior of a food in a group, as a density. */
function before(group: FoodGroup, kinMean: number): readonly number[] {
  const odd = oddShare(group);
  return GRID.map(
    (x) =>
      (1 - odd) * bell(x, { mean: kinMean, sd: ITEM_SPREAD.need }) +
      odd * bell(x, { mean: kinMean, sd: ODD.sd }),
  );
}

function likelihood(tries: readonly Try[]): readonly number[] {
  const edges = tries.flatMap((one) => {
    const found = between(one);
    return found ? [found] : [];
  });
  return GRID.map((x) =>
    edges.reduce((all, [low, high]) => all * chanceSaid(x, low, high, TRIED_SD), 1),
  );
}

function believed(group: FoodGroup, likely: readonly number[], kinMean: number): Spread {
  return spreadOf(
    GRID,
    before(group, kinMean).map((chance, i) => chance * (likely[i] as number)),
  );
}

/** Grades later (above 0) or earlier than the habit that it is liked, where that is likely enough. */
export function likedBy(tries: readonly Try[]): number {
  const odds = new Map([-1, 0, 1].map((shift) => [shift, shift === 0 ? 1 - 2 * BESIDE : BESIDE]));
  for (const { row, verdict } of tries) {
    if (!row.wanted || verdict === undefined) continue;
    // Came out as wanted, yet called over: this cook likes it earlier.
    const asks = verdict === 'over' ? -1 : verdict === 'under' ? 1 : 0;
    for (const [shift, chance] of odds)
      odds.set(shift, chance * (shift === asks ? MEANT : (1 - MEANT) / 2));
  }
  const all = [...odds.values()].reduce((a, b) => a + b, 0);
  return [...odds].find(([, chance]) => chance / all > SURE)?.[0] ?? 0;
}

/** Posteriors of foods, each informed by its kin. */
export function learnedFoods(tries: ReadonlyMap<string, readonly Try[]>): readonly Learned[] {
  const alone = [...tries]
    .toSorted(([a], [b]) => (a < b ? -1 : 1))
    .flatMap(([food, list]) => {
      const [first] = list;
      if (!first) return [];
      const { group } = first;
      const likely = likelihood(list);
      return [{ food, list, likely, alone: believed(group, likely, 0), group }];
    });
  return alone.map(({ food, list, likely, group }): Learned => {
    const kin = alone.filter((other) => other.food !== food && other.group === group);
    const { mean: kinMean } = kinOf(
      kin.map((other) => other.alone),
      spreadOf(GRID, before(group, 0)),
      KIN_SD,
    );
    const { mean, sd } = believed(group, likely, kinMean);
    const shift = likedBy(list);
    return {
      food,
      need: Number(mean.toFixed(4)),
      sd: Number(sd.toFixed(4)),
      cooks: new Set(list.map((one) => one.cook)).size,
      ...(shift !== 0 && { shift }),
    };
  });
}
