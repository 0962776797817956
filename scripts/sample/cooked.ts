/**
 * Cooks of the sample kitchen: what is true of its pots and foods is hidden from the plans, and hands that
 * come late or forget a mark are in between. Invented, seeded.
 */
import {
  assess,
  type Batch,
  between,
  bonesModel,
  bonesReport,
  type Bundle,
  type Cook,
  COOK_VARIES,
  drawBatch,
  ended,
  gradeAt,
  gradesOf,
  hotSOf,
  ITEM_SPREAD,
  SIZE_SPREAD,
  itemReports,
  knownKitchen,
  lessonOf,
  type Mark,
  markId,
  type MarkKind,
  type Model,
  type Pot,
  potOf,
  runModel,
  saltReport,
  saltToAdd,
  seeded,
  startCook,
  stepsOf,
  tableMin,
  type Unknowns,
  waitOf,
} from '../../src/core';

type Chance = ReturnType<typeof seeded>;

/** True values of each pot: fill, tap, pressure, heat, loss, seal, valve, lag. */
const POTS: Readonly<Record<string, readonly number[]>> = {
  p1: [0.01, -1.5, -2, Math.log(0.93), 0.12, 0.2, -0.1, 70],
  p2: [0.01, -1.5, 3, Math.log(1.12), 0.1, -0.2, 0.1, 0],
};
/** True needs of foods, over the table. */
const NEEDS: Readonly<Record<string, number>> = {
  borlotti: 1.14,
  'venison-stewing': 1.06,
  'split-peas': 0.9,
  'smoked-turkey-wing': 1.35,
  'lamb-neck': 1.04,
  carrot: 0.96,
};
/** True yields of bones, over the table, as logarithms. */
const BONES = [
  { food: 'turkey-frame', most: 0.18, rate: 0.05, sd: 0, cooks: 1 },
  { food: 'venison-bones', most: 0.12, rate: 0.1, sd: 0, cooks: 1 },
  { food: 'veal-knuckle', most: 0.08, rate: 0.1, sd: 0, cooks: 1 },
];
/** Salt that this household calls right, %. */
const SALT_PERCENT = 0.84;

const MARK_S = 15;
const LATE = 0.08;
const FORGOTTEN = 0.12;

function truthOf(pot: Pot, batch: Batch, chance: Chance): Unknowns {
  const [fill = 0, start = 0, kPa = 0, heat = 0, loss = 0, seal = 0, valve = 0, lagS = 0] =
    POTS[pot.id] ?? [];
  const factor = (sd: number): number => Math.exp(sd * chance.normal());
  return {
    fill: Math.exp(fill) * factor(COOK_VARIES.fill),
    waterStartC: start + COOK_VARIES.waterStartC * chance.normal(),
    roomC: chance.normal(),
    power: Math.exp(heat),
    efficiency: 1,
    loss: Math.exp(loss),
    seal: Math.exp(seal),
    lagS,
    setpointKPa: kPa,
    valve: Math.exp(valve),
    items: Object.fromEntries(
      batch.items.map(({ id, food }) => [
        id,
        {
          mass: factor(ITEM_SPREAD.mass / 2),
          size: factor(SIZE_SPREAD.natural / 2),
          startC: chance.normal(),
          need: (NEEDS[food] ?? 1) * factor(ITEM_SPREAD.needVaries / 2),
        },
      ]),
    ),
  };
}

/** Answers of the cook beside the events that happen by themselves. */
export interface Told {
  readonly id: string;
  readonly batch: Batch;
  readonly startedAt: string;
  readonly note?: string;
  readonly nextTime?: Cook['nextTime'];
  readonly yields?: Cook['yields'];
  readonly kettle?: boolean;
  /** Items that are tried and named as the lid comes off. */
  readonly tries?: readonly string[];
  /** It is seasoned at the table until it is right. */
  readonly salted?: boolean;
  /** Pressure is marked so many minutes late. */
  readonly lateMin?: number;
  /** Heat that was there, of what there usually is: a lid that let steam by. */
  readonly heat?: number;
  readonly leftOut?: string;
}

/** Marks of every step, as hands press them. */
function marksOf(model: Model, told: Told, lockedS: number, chance: Chance) {
  const { startedAt, lateMin = 0 } = told;
  const marks: Mark[] = [];
  const at = (s: number): string =>
    new Date(Math.round(Date.parse(startedAt) / 1000 + s) * 1000).toISOString();
  const press = (kind: MarkKind, step: string, s: number, more: Partial<Mark> = {}): void => {
    const id = markId({ kind, at: at(s) }, new Set(marks.map((m) => m.id)));
    marks.push({ id, kind, step, at: at(s), ...more });
  };
  const late = (): number =>
    Math.abs(MARK_S * chance.normal()) + (chance.uniform() < LATE ? 180 * chance.uniform() : 0);
  let shiftS = lockedS;
  stepsOf(told.batch).forEach((step, i) => {
    const result = model.heat.steps[i];
    if (!result) return;
    const { startS, endS, pinS, releaseS } = result;
    if (step.kind !== 'pressure') {
      shiftS += 20 + 40 * chance.uniform();
      press('step-done', step.id, endS + shiftS);
      return;
    }
    const hotS = hotSOf(result) ?? endS;
    press('lid-locked', step.id, startS + shiftS);
    if (pinS !== null && chance.uniform() > FORGOTTEN)
      press('pin-up', step.id, pinS + shiftS + late());
    if (chance.uniform() > FORGOTTEN || lateMin > 0)
      press('at-pressure', step.id, hotS + shiftS + late() + 60 * lateMin);
    const waits = step.release && step.release.method !== 'natural';
    if (waits)
      press('valve-opened', step.id, endS - releaseS + 60 * waitOf(step.release) + shiftS + late());
    else if (chance.uniform() > FORGOTTEN) press('hold-over', step.id, endS - releaseS + shiftS);
    press('pin-down', step.id, endS + shiftS + late());
    shiftS += 30 + 30 * chance.uniform();
    press('lid-off', step.id, endS + shiftS);
    const last = i === stepsOf(told.batch).findLastIndex((s) => s.kind === 'pressure');
    for (const id of last ? (told.tries ?? []) : []) {
      const cook = model.cooks[id];
      const { s } = model.heat.trace;
      if (!cook?.scale) continue;
      const grade = gradesOf(cook.scale.family)[
        gradeAt(cook.scale, between(s, cook.centre, endS), between(s, cook.surface, endS))
      ];
      if (grade) press('tested', step.id, endS + shiftS + 20, { item: id, grade });
    }
  });
  marks.sort((a, b) => a.at.localeCompare(b.at));
  return { marks, endS: 60 * tableMin(model) + shiftS, at };
}

/** Runs of bones as they set and as many litres as there were. */
function yieldsOf(model: Model, chance: Chance): Cook['yields'] {
  const bones = bonesModel(model);
  if (!bones || bones.kinds.length === 0) return undefined;
  return bonesReport(model, bones).map(({ run, litres, set }) => ({
    run,
    litres: Number((litres * Math.exp(0.03 * chance.normal())).toFixed(1)),
    set,
  }));
}

/** A cook as the plan of that day predicted it and as it went. @param before the cooks that it was planned by */
export function cookedBy(
  household: Bundle,
  before: readonly Cook[],
  told: Told,
  seed: number,
): Cook {
  const chance = seeded(seed);
  const { batch, startedAt } = told;
  const known = knownKitchen({ ...household, cooks: before });
  const pot = potOf(batch, known.pots);
  const { kitchen } = known;
  const said = potOf(batch, household.pots);
  const started = startCook({
    id: told.id,
    batch,
    pot,
    kitchen,
    assessment: assess(batch, pot, kitchen),
    draws: drawBatch(batch, pot, kitchen, { draws: 100, seed: 1 }),
    at: startedAt,
  });
  const usual = truthOf(said, batch, chance);
  const unknowns = { ...usual, power: usual.power * (told.heat ?? 1) };
  const model = runModel(
    batch,
    said,
    { ...household.kitchen, learned: { bones: BONES } },
    { unknowns, stepS: 10 },
  );
  const lockedS = 60 * (2 + 4 * chance.uniform());
  const { marks, endS, at } = marksOf(model, told, lockedS, chance);
  const endedAt = at(endS + 420 + 300 * chance.uniform());
  const { grams, massG } = saltReport(model);
  const added = Number(
    saltToAdd(grams, massG, SALT_PERCENT * Math.exp(0.04 * chance.normal())).toFixed(1),
  );
  const broth = batch.kind === 'stock' || batch.kind === 'broth';
  const verdicts =
    told.kettle || broth
      ? {}
      : Object.fromEntries(
          itemReports(model)
            .filter((one) => one.wish !== null && one.for === 'eat' && !one.apart)
            .filter((one) => one.family !== 'aromatic')
            .map((one) => [one.id, one.verdict]),
        );
  const yields = told.yields ?? yieldsOf(model, chance);
  const cook: Cook = {
    ...ended({ ...started, marks: [...started.marks, ...marks] }, endedAt),
    verdicts,
    ...(yields && broth && { yields }),
    ...(told.salted && {
      after: {
        right: ['salt'],
        ...(added > 0.2 && {
          added: [{ what: 'salt' as const, grams: added, at: at(endS + 200) }],
        }),
      },
    }),
    ...(told.kettle && { kettle: true }),
    ...(told.note && { note: told.note }),
    ...(told.nextTime && { nextTime: told.nextTime }),
    ...(told.leftOut && { leftOut: { reason: told.leftOut } }),
  };
  const lesson = lessonOf(cook);
  return lesson ? { ...cook, lesson } : cook;
}
