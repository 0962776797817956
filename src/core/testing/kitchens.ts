/** Kitchens with hidden truths and cooks in them, as hands mark them: to ask what is learned of them. */
import { markAt } from './marks';
import { itemReports, runModel, withNeeds, type Model } from '../model';
import { setHold } from '../batch/plan';
import type { Batch, Cook, Lesson, MarkKind, Pot } from '../batch/schema';
import { lessonOf } from '../learn';
import { gradesOf } from '../food';
import { courseOf, hotSOf } from '../live';
import { lastOf } from '../series';
import {
  COOK_VARIES,
  ITEM_SPREAD,
  SIZE_SPREAD,
  potPrior,
  type Chance,
  type Unknowns,
} from '../unknown';
import { cookOf } from './cooks';
import { batchOf, item, KITCHEN, POT, pressure } from './kitchen';

/** Dishes that differ in what is in them. */
export const DISHES: readonly Batch[] = [
  batchOf(
    [item('b', 'borlotti', 450, 'g', { soakedH: 9 }), item('w', 'water', 1.6, 'l')],
    [pressure(12)],
    {
      id: 'beans',
    },
  ),
  batchOf([item('n', 'lamb-neck', 900, 'g'), item('w', 'water', 1.4, 'l')], [pressure(40)], {
    id: 'neck',
  }),
  batchOf(
    [
      item('p', 'split-peas', 400, 'g'),
      item('c', 'carrot', 3, 'piece'),
      item('w', 'water', 1.5, 'l'),
    ],
    [pressure(12)],
    { id: 'peas' },
  ),
];

/** How hands mark: noise, s; how often late, and by how much; how often not at all. */
export const HANDS = { noiseS: 30, late: 0.1, lateS: 240, missing: 0.2 } as const;

/** True values of a pot, drawn from the priors of such pots. */
export function hiddenPot(pot: Pot, chance: Chance): readonly number[] {
  const { mean, sd } = potPrior(pot);
  const lag = 2 * lastOf(mean) * chance.uniform();
  return mean.map((m, i) =>
    i === mean.length - 1 ? lag : m + (sd[i] as number) * chance.normal(),
  );
}

/** True values of one cook in it. */
export function hiddenCook(traits: readonly number[], batch: Batch, chance: Chance): Unknowns {
  const [fill = 0, start = 0, setpointKPa = 0, heat = 0, loss = 0, seal = 0, valve = 0, lagS = 0] =
    traits;
  const factor = (sd: number): number => Math.exp(sd * chance.normal());
  return {
    fill: Math.exp(fill) * factor(COOK_VARIES.fill),
    waterStartC: start + COOK_VARIES.waterStartC * chance.normal(),
    roomC: 2 * chance.normal(),
    power: Math.exp(heat),
    efficiency: 1,
    loss: Math.exp(loss),
    seal: Math.exp(seal),
    lagS,
    setpointKPa,
    valve: Math.exp(valve),
    items: Object.fromEntries(
      batch.items.map(({ id }) => [
        id,
        {
          mass: factor(ITEM_SPREAD.mass),
          size: factor(SIZE_SPREAD.natural),
          startC: ITEM_SPREAD.startC * chance.normal(),
          need: 1,
        },
      ]),
    ),
  };
}

const START = Date.parse('2026-09-01T16:00:00.000Z');
const DAY_MS = 86_400_000;

/** Seconds from the lid to the pin, to pressure, and of its cooling. */
interface Happened {
  readonly pin: number;
  readonly hot: number;
  readonly down: number;
}

export function happened(pot: Pot, batch: Batch, unknowns: Unknowns): Happened {
  const [step] = runModel(batch, pot, KITCHEN, { unknowns, stepS: 20 }).heat.steps;
  return {
    pin: step?.pinS ?? NaN,
    hot: hotSOf(step) ?? NaN,
    down: step?.releaseS ?? NaN,
  };
}

/** Runs that many kitchens share are run once. */
const LESSONS = new Map<string, Lesson>();
const HEATED = new Map<string, Model>();

/** A lesson of a dish with every mark in it, as the models have it. */
function wholeLesson(pot: Pot, batch: Batch): Lesson {
  const key = JSON.stringify([pot, batch.id]);
  const before = LESSONS.get(key);
  if (before) return before;
  const cook = { ...cookOf('whole', batch, new Date(START).toISOString()), pot };
  const at = (s: number): string => new Date(START + 1000 * s).toISOString();
  const mark = (kind: MarkKind, s: number) => markAt(kind, at(s));
  const lesson = lessonOf({
    ...cook,
    endedAt: at(9000),
    marks: [
      mark('lid-locked', 0),
      mark('pin-up', 900),
      mark('at-pressure', 1100),
      mark('hold-over', 1100 + 720),
      mark('pin-down', 1100 + 720 + 900),
    ],
  });
  if (!lesson) throw new Error('no lesson');
  LESSONS.set(key, lesson);
  return lesson;
}

/** A cook as a pair of hands marked it, with what there is to learn from it. */
export function markedCook(
  pot: Pot,
  batch: Batch,
  day: number,
  real: Happened,
  chance: Chance,
  hands: { readonly [K in keyof typeof HANDS]: number } = HANDS,
): Cook {
  const whole = wholeLesson(pot, batch);
  const press = (s: number): number | null => {
    if (chance.uniform() < hands.missing) return null;
    const late = chance.uniform() < hands.late ? -hands.lateS * Math.log(1 - chance.uniform()) : 0;
    return s + hands.noiseS * chance.normal() + late;
  };
  const [pin, hot, down] = [press(real.pin), press(real.hot), press(real.down)];
  const seen = {
    pin,
    hot,
    lag: pin === null || hot === null ? null : hot - pin,
    down,
    vent: null,
  };
  const startedAt = new Date(START + day * DAY_MS).toISOString();
  return {
    ...cookOf(`c${day}`, batch, startedAt),
    pot,
    endedAt: startedAt,
    lesson: {
      ...whole,
      pot: whole.pot.flatMap((row) => {
        const s = seen[row.what];
        return s === null || s <= 0 ? [] : [{ ...row, seenS: s }];
      }),
    },
  };
}

/** How a pot of beans is gone about: minutes of its holds, and whether they are tried and named after each. */
export interface Beans {
  readonly holds: readonly number[];
  readonly tested: boolean;
  /** Grades beside what the household is taken to want, that this one wants. */
  readonly liked?: number;
  /** Grades by which it is named or judged wrongly. */
  readonly slip?: number;
}

/** A dish of beans cooked by somebody who tries and judges, whose need is so many times the table's. */
export function judgedCook(
  day: number,
  { holds, tested, liked = 0, slip = 0 }: Beans,
  need: number,
): Cook {
  const [firstMin = 12] = holds;
  const batch = setHold(DISHES[0] as Batch, 's1', firstMin);
  const start = new Date(START + day * DAY_MS).toISOString();
  const at = (s: number): string => new Date(Date.parse(start) + 1000 * s).toISOString();
  const cook = cookOf(`b${day}`, batch, start);
  let nowS = 0;
  const marks: Cook['marks'][number][] = [];
  const own = { mass: 1, size: 1, startC: 0, need };
  const beans = () => {
    const key = JSON.stringify([nowS, ...marks.map(({ kind }) => kind)]);
    const course = courseOf({ ...cook, marks }, nowS, true, true);
    const plain =
      HEATED.get(key) ??
      runModel(course.batch, POT, KITCHEN, { stepS: 20, lived: course.lived, untilS: nowS });
    HEATED.set(key, plain);
    const found = itemReports(withNeeds(plain, { b: own })).find((one) => one.id === 'b');
    if (!found?.grade || !found.wish) throw new Error('no grade of the beans');
    const names = gradesOf('pulse');
    const place = Math.min(
      names.length - 1,
      Math.max(0, names.indexOf(found.grade as never) + slip),
    );
    return { grade: names[place] as string, wish: found.wish };
  };
  holds.forEach((holdMin, i) => {
    const step = `s1${'+1'.repeat(i)}`;
    const press = (kind: MarkKind, afterS: number): void => {
      nowS += afterS;
      marks.push(markAt(kind, at(nowS), { step }));
    };
    if (i > 0)
      marks.push(
        markAt('changed', at(nowS), {
          step: step.slice(0, -2),
          change: 'close-again',
          value: holdMin,
        }),
      );
    press('lid-locked', 0);
    press('at-pressure', i === 0 ? 1200 : 400);
    press('hold-over', 60 * holdMin);
    press('pin-down', 900);
    press('lid-off', 10);
    nowS += 30;
    if (tested) marks.push(markAt('tested', at(nowS), { step, item: 'b', grade: beans().grade }));
  });
  const { grade, wish } = beans();
  const names = gradesOf('pulse');
  const place = names.indexOf(grade as never);
  const verdict =
    place < names.indexOf(wish.from as never) + liked
      ? 'under'
      : place > names.indexOf(wish.to as never) + liked
        ? 'over'
        : 'right';
  const judged: Cook = { ...cook, marks, endedAt: at(nowS + 60), verdicts: { b: verdict } };
  const key = JSON.stringify([holds, marks.map((m) => m.grade)]);
  const lesson = LESSONS.get(key) ?? lessonOf(judged);
  if (!lesson) throw new Error('no lesson');
  LESSONS.set(key, lesson);
  return { ...judged, lesson: { ...lesson, pot: [] } };
}
