/**
 * Lesson of a cook: its marks compared with the models of its own pot, foods and bones. The lesson is worked out
 * once, in a worker, and kept with the cook; it says how each number would have been another one with another pot,
 * so that nothing needs to be run again however much is learned later.
 */
import {
  bonesModel,
  bonesReport,
  hasRuns,
  runModel,
  saltReport,
  scaled,
  type Model,
} from '../model';
import { lessonName, stepsOf, type PlannedItem } from '../batch/plan';
import { TIMED, type Cook, type Lesson, type Step, type Timed } from '../batch/schema';
import { conductionShape, donenessOf } from '../doneness';
import { foodByKey, gradesOf, type Food } from '../food';
import {
  firstOpened,
  known,
  secondsOf,
  timelineOf,
  type Second,
  type StepTimeline,
  type TriedFood,
} from '../cook';
import { courseOf, hotSOf, resultAt, type Course } from '../live';
import { between, lastOf } from '../series';
import { gradeAt, scaleOf } from '../texture';
import type { Unknowns } from '../unknown';
import { RATES } from './bones';

type Found = NonNullable<Lesson>;
type Tried = Found['foods'][number];

/** Time step of the runs of a lesson, s. */
const STEP_S = 30;
/** Needs over the table's that are looked through, as logarithms: a seventh of it to seven times. */
const LN_EDGE = 2;
/** Logarithms are found within that. */
const EDGE_WITHIN = 0.002;

const AS_BELIEVED: Omit<Unknowns, 'items'> = {
  fill: 1,
  waterStartC: 0,
  roomC: 0,
  power: 1,
  efficiency: 1,
  loss: 1,
  seal: 1,
  lagS: 0,
  setpointKPa: 0,
  valve: 1,
};

/** A trait moved on its own, by how much, in the order of the traits; the lag is only added. */
const MOVED: readonly (readonly [number, Partial<Unknowns>])[] = [
  [0.1, { fill: Math.exp(0.1) }],
  [5, { waterStartC: 5 }],
  [5, { setpointKPa: 5 }],
  [-0.1, { power: Math.exp(-0.1) }],
  [0.4, { loss: Math.exp(0.4) }],
  [0.5, { seal: Math.exp(0.5) }],
  [0.2, { valve: Math.exp(0.2) }],
];

function run(cook: Cook, { batch, lived }: Course, moved: Partial<Unknowns> = {}): Model {
  const unknowns = { ...AS_BELIEVED, items: {}, ...moved };
  return runModel(batch, cook.pot, cook.kitchen, { stepS: STEP_S, unknowns, lived });
}

/** Seconds of each kind that a run of the models has of a step of pressure. */
type Times = Readonly<Partial<Record<Timed, number>>>;

/** @param ventedS when its valve was opened, s from the start; null where it was not */
function timesOf(model: Model, step: string, ventedS: number | null): Times {
  const result = resultAt(
    model,
    model.plan.steps.findIndex((s) => s.id === step),
  );
  const hotS = hotSOf(result);
  if (!result || hotS === null) return {};
  const { lagS } = model.vessel.lid;
  return {
    hot: hotS - result.startS - lagS,
    ...(result.pinS !== null && {
      pin: result.pinS - result.startS,
      lag: hotS - result.pinS - lagS,
    }),
    ...('releaseS' in result && { down: result.releaseS }),
    ...('endS' in result && ventedS !== null && { vent: result.endS - ventedS }),
  };
}

/** The same as it was marked; what was not marked is missing. */
function seenOf(step: Step, went: StepTimeline): Times {
  if (step.kind !== 'pressure') return {};
  const at = (second: Second | null): number | null => known(second)?.s ?? null;
  // A lid that was seated anew warmed up in two parts, which no run of the models has.
  const shut = went.seatings > 1 ? null : at(went.locked);
  const [pin, hot, down] = [at(went.pin), at(went.hot), at(went.down)];
  const vented = firstOpened(went)?.s ?? null;
  const over = went.over?.s ?? null;
  // Nobody let steam off: it cooled by itself.
  const cooled = vented === null && (step.release?.method ?? 'natural') === 'natural';
  return {
    ...(shut !== null && pin !== null && pin > shut && { pin: pin - shut }),
    ...(shut !== null && hot !== null && hot > shut && { hot: hot - shut }),
    ...(pin !== null && hot !== null && hot > pin && { lag: hot - pin }),
    ...(cooled && over !== null && down !== null && down > over && { down: down - over }),
    ...(vented !== null &&
      step.release?.method === 'quick' &&
      down !== null &&
      down > vented && { vent: down - vented }),
  };
}

const short = (v: number): number => Number(v.toPrecision(4));

function potLesson(cook: Cook, endS: number): Found['pot'] {
  // By the plan as it became: a hold that was made longer is over later.
  const { plan, steps } = timelineOf(cook, endS);
  const seen = stepsOf(plan).flatMap((step, i) => {
    const went = steps[i];
    return went ? [{ step, went, times: seenOf(step, went) }] : [];
  });
  if (seen.every(({ times }) => Object.keys(times).length === 0)) return [];
  // Only what hands did: what the pot itself did is what it is asked for.
  const course = courseOf(cook, endS, false, true);
  const base = run(cook, course);
  // The valve's trait moves only releases through the valve.
  const vented = seen.some(({ times }) => times.vent !== undefined);
  const moved = MOVED.map(([by, traits]) => ({
    by,
    model: 'valve' in traits && !vented ? base : run(cook, course, traits),
  }));
  return seen.flatMap(({ step, went, times }) => {
    const ventedS = firstOpened(went)?.s ?? null;
    const predicted = timesOf(base, step.id, ventedS);
    const others = moved.map(({ by, model }) => ({ by, times: timesOf(model, step.id, ventedS) }));
    return TIMED.flatMap((what) => {
      const [s, was] = [times[what], predicted[what]];
      if (s === undefined || was === undefined || was <= 0) return [];
      const by = others.map((other) => {
        const is = other.times[what];
        return is === undefined || is <= 0 ? 0 : short(Math.log(is / was) / other.by);
      });
      const heard = went[ENDS_WITH[what]]?.how === 'heard';
      const timed = { step: step.id, what, seenS: short(s), foretoldS: short(was), by };
      return [heard ? { ...timed, heard } : timed];
    });
  });
}

/** The moment that a time ends with. */
const ENDS_WITH = {
  pin: 'pin',
  hot: 'hot',
  lag: 'hot',
  down: 'down',
  vent: 'down',
} as const satisfies Record<Timed, keyof StepTimeline>;

/** The largest need at which a grade was still reached; undefined for the first one, which always is. */
function edgeOf(
  item: PlannedItem,
  grade: number,
  centre: number,
  surface: number,
): number | undefined {
  const { food } = item;
  const doneness = donenessOf(food, { ...item, need: 1 });
  if (grade <= 0 || !doneness || !food.family) return undefined;
  const { family } = food;
  if (grade >= gradesOf(family).length) return undefined;
  const mm = conductionShape(food, item.cut)?.mm ?? 0;
  const reached = (ln: number): boolean =>
    gradeAt(scaleOf(family, scaled(doneness, Math.exp(ln)), mm), centre, surface) >= grade;
  let low = -LN_EDGE;
  let high = LN_EDGE;
  if (!reached(low)) return short(Math.exp(low));
  while (high - low > EDGE_WITHIN) {
    const mid = (low + high) / 2;
    if (reached(mid)) low = mid;
    else high = mid;
  }
  return short(Math.exp(low));
}

const given = <K extends string>(key: K, value: number | undefined) =>
  value === undefined ? {} : ({ [key]: value } as Record<K, number>);

/** Cooked no further than that after it was tried, it was tried as it came to the table. */
const AS_TRIED = 1.05;

function foodLesson(trials: readonly TriedFood[], model: Model): Found['foods'] {
  const { s } = model.heat.trace;
  return model.plan.items.flatMap((item): Tried[] => {
    const { wish, food, id } = item;
    const done = model.cooks[id];
    if (!wish || !done?.scale || item.apart || item.for === 'flavour' || s.length === 0) return [];
    if (!isJudged(item)) return [];
    const names: readonly string[] = gradesOf(done.scale.family);
    const name = { item: id, food: lessonName(food, item.old) };
    const surface = lastOf(done.surface);
    const tests = trials.flatMap((trial) => {
      const told = trial.item === id ? names.indexOf(trial.grade) : -1;
      if (told < 0) return [];
      const { s: atS } = trial;
      const then = [between(s, done.centre, atS), between(s, done.surface, atS)] as const;
      const tried: Tried = {
        ...name,
        ...given('above', edgeOf(item, told + 1, ...then)),
        ...given('below', edgeOf(item, told, ...then)),
      };
      return [{ told, tried, served: surface <= AS_TRIED * then[1] }];
    });
    const last = tests.at(-1);
    const served = last?.served ? { wanted: last.told >= wish.from && last.told <= wish.to } : {};
    const end: Tried = {
      ...name,
      ...given('from', edgeOf(item, wish.from, lastOf(done.centre), surface)),
      ...given('to', edgeOf(item, wish.to + 1, lastOf(done.centre), surface)),
      ...served,
    };
    return [end, ...tests.map(({ tried }) => tried)];
  });
}

/** Foods that are judged at the table at all. */
function isJudged({ food }: PlannedItem): boolean {
  return food.shape !== null && !food.fishOut;
}

/** Bones as usual them, so much faster. */
function atRate(food: Food, rate: number): Food {
  const extract = foodByKey(food.key)?.extract;
  return extract ? { ...food, extract: { ...extract, perHour: extract.perHour * rate } } : food;
}

function bonesLesson(model: Model): Found['bones'] {
  const usual = bonesModel(model);
  if (!usual || !hasRuns(model, usual)) return [];
  const reports = RATES.map((rate) => {
    const items = model.plan.items.map((item) => ({ ...item, food: atRate(item.food, rate) }));
    const faster: Model = { ...model, plan: { ...model.plan, items } };
    const bones = bonesModel(faster);
    return bones ? bonesReport(faster, bones) : [];
  });
  const most = usual.kinds.reduce((sum, kind) => sum + kind.most, 0);
  return (reports[1] ?? []).map(({ run: nth, litres }, i) => ({
    run: nth,
    grams: reports.map((report) => short(report[i]?.strongG ?? 0)),
    litres: short(litres),
    of: usual.kinds.map(({ item, most: own }) => ({
      food: lessonName(item.food),
      share: short(most > 0 ? own / most : 0),
    })),
  }));
}

/**
 * Lesson of a finished cook.
 * @returns undefined for what is still on the stove, and for rehearsals: nothing is learned from those
 * @throws RangeError for a food that is not in the table
 * @example lessonOf(cook) // undefined
 */
export function lessonOf(cook: Cook): Found | undefined {
  if (!cook.endedAt || cook.rehearsal) return undefined;
  const endS = Math.max(1, secondsOf(cook, cook.endedAt));
  const real = run(cook, courseOf(cook, endS, true, true));
  const { grams, massG } = saltReport(real);
  const added = (cook.after?.added ?? []).reduce(
    (sum, one) => ({
      all: sum.all + one.grams,
      salt: sum.salt + (one.what === 'salt' ? one.grams : 0),
    }),
    { all: 0, salt: 0 },
  );
  const tasted = cook.after?.right?.includes('salt') && massG > 0;
  return {
    pot: potLesson(cook, endS),
    foods: cook.kettle ? [] : foodLesson(timelineOf(cook).tried, real),
    bones: bonesLesson(real),
    ...(tasted && { saltPercent: short((100 * (grams + added.salt)) / (massG + added.all)) }),
  };
}
