/** Lessons for people to look at: of a pot cook by cook, and of one cook. */
import { foodOf, lessonName } from '../batch/plan';
import {
  TRAITS,
  type Cook,
  type Kitchen,
  type KitchenLearned,
  type Pot,
  type Timed,
} from '../batch/schema';
import { foodByKey } from '../food';
import { potPrior } from '../unknown';
import { learnedKitchen } from './known';
import { forgets, forgottenUntil } from './learned';
import { cooksOfPot, evidenceOf, expected, fitPot, ODD, type Evidence, type Fit } from './pot';
import { setCalledRight } from './taste';
import { newestFirst, teachers, type Teacher } from './teachers';

const HEAT = TRAITS.indexOf('heat');
/** Of a normal spread, 8 in 10 lie within so many deviations. */
const EIGHTY = 1.2816;

/** A factor as a middle and what lies around it 8 times in 10. */
export interface Factor {
  readonly middle: number;
  readonly from: number;
  readonly to: number;
}

/** @param ln logarithm of the middle @param sd of the same */
export function factorOf(ln: number, sd: number): Factor {
  const at = (z: number): number => Math.exp(ln + z * sd);
  return { middle: at(0), from: at(-EIGHTY), to: at(EIGHTY) };
}

/** One cook of a pot, as its marks tell of the heat by themselves. */
export interface OfCook {
  readonly cook: Cook;
  /** Heat that arrives over what the pot is said to have; null where no warm-up was marked. */
  readonly factor: number | null;
  /** Times that do not fit with the rest. */
  readonly odd: readonly Timed[];
}

export interface PotTold {
  readonly prior: Factor;
  readonly now: Factor;
  /** Logarithms and deviations of the same, for a curve of them. */
  readonly curves: {
    readonly prior: readonly [number, number];
    readonly now: readonly [number, number];
  };
  /** The newest first. */
  readonly cooks: readonly OfCook[];
}

/** The heat by which a warm-up alone is as it was marked, as a logarithm; all else as it is known. */
function heatBy(one: Evidence, traits: readonly number[]): number {
  let ln = traits[HEAT] as number;
  for (let i = 0; i < 8; i++) {
    const { s, slope } = expected(
      one,
      traits.map((v, j) => (j === HEAT ? ln : v)),
    );
    const by = slope[HEAT] as number;
    if (by >= 0) return ln;
    ln += Math.max(-0.5, Math.min(0.5, (one.row.seenS - s) / by));
  }
  return ln;
}

function oddOf(one: Evidence, mean: readonly number[]): boolean {
  return Math.abs(one.row.seenS - expected(one, mean).s) > ODD * one.sdS;
}

/** Lessons of the cooks in a pot. */
export function potTold(pot: Pot, kitchen: Kitchen, cooks: readonly Cook[]): PotTold {
  const { learned: _, ...said } = pot;
  const since = forgottenUntil(kitchen, forgets.pot(pot.id));
  const of = cooksOfPot(said, teachers(cooks), since);
  const { sd } = potPrior(said);
  const evidence = evidenceOf(said, of);
  const { mean, covariance } = fitPot(said, evidence);
  const now = [mean[HEAT] as number, Math.sqrt(covariance[HEAT]?.[HEAT] as number)] as const;
  const prior = [0, sd[HEAT] as number] as const;
  return {
    prior: factorOf(...prior),
    now: factorOf(...now),
    curves: { prior, now },
    cooks: of.map((cook) => {
      const own = evidence.filter((one) => one.cook === cook.id);
      const warm = own.find(({ row }) => row.what === 'pin' || row.what === 'hot');
      return {
        cook,
        factor: warm ? Math.exp(heatBy(warm, mean)) : null,
        odd: own.filter((one) => oddOf(one, mean)).map(({ row }) => row.what),
      };
    }),
  };
}

/** A time between two, s: 8 times in 10. */
export interface BandS {
  readonly fromS: number;
  readonly toS: number;
}

function bandOf(one: Evidence, { mean, covariance }: Fit): BandS {
  const { s, slope } = expected(one, mean);
  const square = slope.reduce(
    (all, a, i) =>
      all + slope.reduce((sum, b, j) => sum + a * b * (covariance[i]?.[j] as number), 0),
    0,
  );
  const half = EIGHTY * Math.hypot(Math.sqrt(square), one.sdS);
  return { fromS: Math.max(0, s - half), toS: s + half };
}

/** Belief about a food before and after a cook, as factors of the table. */
export interface FoodTaught {
  readonly food: string;
  readonly name: string;
  readonly before: number;
  readonly after: number;
  readonly cooks: number;
  /** It came to be liked so many grades later by it; 0 where nothing moved. */
  readonly liked: number;
}

export interface Taught {
  /** Null where no time of its warm-up was marked. */
  readonly pot: {
    readonly cooks: number;
    readonly before: Factor;
    readonly after: Factor;
    /** The warm-up of this cook as it would have been predicted before it, and after. */
    readonly band: readonly [before: BandS, after: BandS];
  } | null;
  readonly odd: readonly Timed[];
  readonly foods: readonly FoodTaught[];
  readonly bones: readonly {
    readonly name: string;
    readonly before: number;
    readonly after: number;
  }[];
  /** Salt that is right, %, where it was called so. */
  readonly salt: { readonly before: number | null; readonly after: number } | null;
  /** The set that broths are wanted with from here on, where this one's was called right. */
  readonly set: NonNullable<KitchenLearned['set']> | null;
}

/** Spoken name of a food in a lesson. */
export function nameOfLesson(name: string, cooks: readonly Teacher[]): string {
  const [key = name] = name.split(', old');
  const of = foodByKey(key)?.name;
  const own = (): string | undefined =>
    cooks
      .flatMap((cook) => cook.batch.items)
      .map((item) => ({ item, food: foodOf(item) }))
      .find(({ item, food }) => food && lessonName(food, item.old ?? false) === name)?.food?.name;
  const found = of ?? own() ?? key;
  return name.endsWith(', old') ? `old ${found}` : found;
}

const heatOf = ({ mean, covariance }: Fit): Factor =>
  factorOf(mean[HEAT] as number, Math.sqrt(covariance[HEAT]?.[HEAT] as number));

/** Lesson of a cook about its pot, given those before it. @param earlier and with it: teachers, the newest first */
function potTaught(
  cook: Teacher,
  kitchen: Kitchen,
  earlier: readonly Teacher[],
  withIt: readonly Teacher[],
): Pick<Taught, 'pot' | 'odd'> {
  const { learned: _, ...pot } = cook.pot;
  const since = forgottenUntil(kitchen, forgets.pot(pot.id));
  const of = cooksOfPot(pot, withIt, since);
  if (!of.some((one) => one.id === cook.id)) return { pot: null, odd: [] };
  const before = fitPot(pot, evidenceOf(pot, cooksOfPot(pot, earlier, since)));
  const after = fitPot(pot, evidenceOf(pot, of));
  const own = evidenceOf(pot, [cook]);
  const all = evidenceOf(pot, [cook], true);
  const warm =
    all.find(({ row }) => row.what === 'hot') ?? all.find(({ row }) => row.what === 'pin');
  return {
    pot: warm
      ? {
          cooks: of.length,
          before: heatOf(before),
          after: heatOf(after),
          band: [bandOf(warm, before), bandOf(warm, after)],
        }
      : null,
    odd: own.filter((one) => oddOf(one, after.mean)).map(({ row }) => row.what),
  };
}

/** Belief about each of some things that a cook has moved. */
function moved<T extends { readonly food: string; readonly cooks: number; readonly sd: number }>(
  names: readonly string[],
  was: readonly T[] | undefined,
  is: readonly T[] | undefined,
): readonly { readonly then: T | undefined; readonly now: T }[] {
  return [...new Set(names)].flatMap((food) => {
    const now = is?.find((one) => one.food === food);
    const then = was?.find((one) => one.food === food);
    return now && JSON.stringify(now) !== JSON.stringify(then) ? [{ then, now }] : [];
  });
}

/** Lesson of a cook, given those before it; null if there is none. */
export function taughtBy(
  cook: Teacher,
  cooks: readonly Teacher[],
  kitchen: Kitchen,
): Taught | null {
  const { lesson } = cook;
  if (!lesson || cook.leftOut || cook.rehearsal) return null;
  const earlier = teachers(cooks).filter((one) => newestFirst(cook, one) < 0);
  const withIt = [cook, ...earlier];
  const [was, is] = [earlier, withIt].map((some) => learnedKitchen(kitchen, some));
  const foods = lesson.foods.map(({ food }) => food);
  const kinds = lesson.bones.flatMap(({ of }) => of.map(({ food }) => food));
  return {
    ...potTaught(cook, kitchen, earlier, withIt),
    foods: moved(foods, was?.foods, is?.foods).map(({ then, now }) => ({
      food: now.food,
      name: nameOfLesson(now.food, [cook]),
      before: Math.exp(then?.need ?? 0),
      after: Math.exp(now.need),
      cooks: now.cooks,
      liked: (now.shift ?? 0) - (then?.shift ?? 0),
    })),
    bones: moved(kinds, was?.bones, is?.bones).map(({ then, now }) => ({
      name: nameOfLesson(now.food, [cook]),
      before: Math.exp(then?.most ?? 0),
      after: Math.exp(now.most),
    })),
    salt:
      lesson.saltPercent !== undefined && is?.salt
        ? { before: was?.salt?.percent ?? null, after: is.salt.percent }
        : null,
    set: setCalledRight(cook) && is?.set ? is.set : null,
  };
}
