/** The numbers of an assessment, from the model to the reader. */
import { runOf, extractionWaterL, type PlannedItem } from '../batch/plan';
import { conductionShape } from '../doneness';
import { gradesOf, wishOf, type Food } from '../food';
import {
  levels,
  linesOf,
  scaleToLine,
  waterToLine,
  type Levels,
  type Lines,
  type Part,
} from '../fill';
import { lastOf, valueAt } from '../series';
import { gradeAt, gradeTimes, measure } from '../texture';
import { setpoint } from '../water';
import type { BonesModel } from './bones';
import type { ItemCook, Model } from './model';
import { boundsOf, contentsAt, partsAt, standAt } from './read';
import type {
  FillReport,
  ItemReport,
  ReleaseReport,
  Series,
  StepReport,
  WorstMoment,
} from './types';

/** A closing of the lid. */
export interface Closing {
  /** Run of bones it belongs to, from 0. */
  readonly run: number;
  readonly parts: readonly Part[];
  readonly levels: Levels;
  /** Top of the heap of solids as the lid goes on, L. */
  readonly heapL: number;
}

export interface Filled {
  readonly report: FillReport;
  readonly closings: readonly Closing[];
  readonly lines: Lines;
  readonly parts: readonly Part[];
}

/** Steps at which the lid goes on; the first step if there is none. */
function lidOnSteps(model: Model): readonly number[] {
  const at = model.plan.steps.flatMap((s, i) => (s.kind === 'pressure' ? [i] : []));
  return at.length > 0 ? at : [0];
}

export function setpointOf(model: Model): number {
  const gauges = model.plan.steps.flatMap((s) => (s.kind === 'pressure' ? [s.gaugeKPa] : []));
  return setpoint(model.kitchen.altitudeM, Math.max(0, ...gauges));
}

/** The fullest moment of the trace, or of a valve that lifts the contents still higher. */
export function worstMoment(
  model: Model,
  { levelL, minute, phase, step }: Series,
  releases: readonly ReleaseReport[],
): WorstMoment | null {
  if (levelL.length === 0) return null;
  let at = 0;
  levelL.forEach((level, i) => {
    if (level > valueAt(levelL, at) + 1e-6) at = i;
  });
  const named = (): WorstMoment['when'] => {
    const now = phase[at];
    if (at === 0) return 'lid on';
    if (now === 'warm-up' || now === 'hold') return now;
    return now === 'release' ? 'at the valve' : 'open';
  };
  const inTrace: WorstMoment = {
    atMin: valueAt(minute, at),
    levelL: valueAt(levelL, at),
    when: named(),
    step: model.plan.steps[valueAt(step, at)]?.id ?? null,
  };
  return releases.reduce<WorstMoment>((worst, r) => {
    const lifted = r.swollenFraction * model.pot.capacityL;
    if (lifted <= worst.levelL + 1e-6) return worst;
    const index = model.plan.steps.findIndex((s) => s.id === r.step);
    const opens = phase.findIndex((p, i) => p === 'release' && step[i] === index);
    return { atMin: valueAt(minute, opens), levelL: lifted, when: 'at the valve', step: r.step };
  }, inTrace);
}

/** Levels of the fullest closing of the lid. */
export function fillReport(model: Model, releases: readonly ReleaseReport[]): Filled {
  const hot = setpointOf(model);
  const { batch } = model.plan;
  const closings = lidOnSteps(model).map((step): Closing => {
    const parts = partsAt(model, step);
    // The first sample of a step is a little into it; the one before is as the lid goes on.
    const start = model.heat.trace.step.indexOf(step) - 1;
    const solids = parts.filter((p) => p.packing > 0.2);
    return {
      run: runOf(batch, step),
      parts,
      levels: levels(parts, hot, start > 0 ? standAt(model, start, step) : undefined),
      heapL: levels(solids, hot).lidOn.heapL,
    };
  });
  const fullest = closings.reduce((a, b) => (b.levels.worstL > a.levels.worstL ? b : a));
  const { parts, heapL, run } = fullest;
  const lines = linesOf(model.pot, parts);
  const { lidOn, hottest, swollen, worstL } = fullest.levels;
  const last = model.heat.trace.s.length - 1;
  const releaseL = Math.max(
    swollen.levelL,
    ...releases.map((r) => r.swollenFraction * model.pot.capacityL),
  );
  return {
    closings,
    lines,
    parts,
    report: {
      maxL: lines.maxL,
      foamL: lines.foamL,
      lineL: lines.lineL,
      foams: lines.foams,
      lidOnL: lidOn.levelL,
      hottestL: hottest.levelL,
      swollenL: swollen.levelL,
      releaseL,
      finishedBrothL: last >= 0 ? contentsAt(model, last).freeL : 0,
      waterToLineL: waterToLine(parts, lines.lineL, extractionWaterL(batch, run)),
      scaleToFit: worstL > 0 ? scaleToLine(worstL, lines.lineL) : 1,
      worstL,
      run,
      liquidL: lidOn.liquidL,
      heapL,
      freeL: lidOn.freeL,
    },
  };
}

export function stepReports(model: Model): readonly StepReport[] {
  return model.plan.steps.map((step, i) => {
    const r = model.heat.steps[i];
    return {
      id: step.id,
      kind: step.kind,
      startMin: (r?.startS ?? 0) / 60,
      endMin: (r?.endS ?? 0) / 60,
      warmUpMin: (r?.warmUpS ?? 0) / 60,
      holdMin: (r?.holdS ?? 0) / 60,
      releaseMin: (r?.releaseS ?? 0) / 60,
    };
  });
}

/**
 * When it is on the table, min from the start: what is cooled at the end has been served by then.
 * @example tableMin(runModel(batch, pot, kitchen)) // 124.9
 */
export function tableMin({ plan, heat }: Model): number {
  const last = plan.steps.findLastIndex((step) => step.kind !== 'cool');
  const result = heat.steps[last < 0 ? plan.steps.length - 1 : last];
  return (result?.endS ?? 0) / 60;
}

/** Outcome of an item, by its grades. */
function gradeReport(model: Model, item: PlannedItem, cook: ItemCook | undefined) {
  const scale = cook?.scale;
  const nothing = { grade: null, grades: [], verdict: 'right' as const, wish: null };
  if (!cook || !scale || !item.wish || item.apart) return nothing;
  const centre = lastOf(cook.centre);
  const surface = lastOf(cook.surface);
  const now = gradeAt(scale, centre, surface);
  const times = gradeTimes(scale, model.heat.trace.s, cook.centre, cook.surface);
  const names = gradesOf(scale.family);
  const enterMin = (model.heat.steps[item.entersAt]?.startS ?? 0) / 60;
  const grades = [enterMin, ...times].flatMap((fromMin, i) => {
    const grade = names[i];
    return fromMin === null || !grade ? [] : [{ grade, fromMin }];
  });
  const { from, to } = item.wish;
  const judged =
    now < from ? ('under' as const) : now > to ? ('over' as const) : ('right' as const);
  return {
    grade: names[now] ?? null,
    grades,
    wish: wishOf(scale.family, item.wish),
    verdict: item.for === 'flavour' ? ('right' as const) : judged,
  };
}

/** Flavourings still in one piece at the end are fished out. */
function isFishedOut({ food, bag, for: use }: PlannedItem, grade: string | null): boolean {
  if (food.fishOut || bag) return true;
  return (
    use === 'flavour' && food.group !== 'bones' && food.shape !== null && !meltsAway(food, grade)
  );
}

/** Small aromatics, and what has fallen apart, are part of the liquid by then. */
function meltsAway(food: Food, grade: string | null): boolean {
  return food.family === 'aromatic' || grade === gradesOf('vegetable').at(-1);
}

/** @example itemReports(runModel(batch, pot, kitchen))[0].grade // "tender" */
export function itemReports(model: Model): readonly ItemReport[] {
  const { heat } = model;
  const end = (heat.steps.at(-1)?.endS ?? 0) / 60;
  return model.plan.items.map((item, i): ItemReport => {
    const cook = model.cooks[item.id];
    const trace = heat.items[item.id];
    const hottest = trace
      ? trace.centreC.reduce((max, t) => (t > max ? t : max), Number.NEGATIVE_INFINITY)
      : null;
    const report = gradeReport(model, item, cook);
    const { from, to } = boundsOf(item, cook);
    const began = (grade: string | undefined): number | null =>
      report.grades.find((g) => g.grade === grade)?.fromMin ?? null;
    return {
      id: item.id,
      food: item.food.own ? item.food.name : item.food.key,
      name: item.food.name,
      group: item.food.group,
      family: item.food.family,
      massG: item.massG,
      volumeL: model.parts[i]?.dryL ?? 0,
      piece: conductionShape(item.food, item.cut),
      for: item.for,
      fishOut: isFishedOut(item, report.grade),
      centreC: hottest !== null && Number.isFinite(hottest) ? hottest : null,
      cookValueCentreMin: cook?.centre.at(-1) ?? 0,
      cookValueSurfaceMin: cook?.surface.at(-1) ?? 0,
      hadMin:
        cook?.scale && from
          ? measure(cook.scale, from, lastOf(cook.centre), lastOf(cook.surface))
          : (cook?.centre.at(-1) ?? 0),
      needMin: cook?.scale ? (from?.minutes ?? 0) : null,
      limitMin: to?.minutes ?? null,
      ...report,
      apart: item.apart,
      stays: item.stays.map(({ from, to }) => ({
        fromMin: (heat.steps[from]?.startS ?? 0) / 60,
        toMin: (heat.steps[to]?.startS ?? end * 60) / 60,
      })),
      enterMin: (heat.steps[item.entersAt]?.startS ?? 0) / 60,
      leaveMin: (heat.steps[item.leavesAt]?.startS ?? end * 60) / 60,
      doneMin: cook?.scale && !item.apart ? (from ? began(from.grade) : 0) : null,
      overMin: to ? began(to.grade) : null,
    };
  });
}

const NO_SERIES: Series = {
  minute: [],
  liquidC: [],
  gaugeKPa: [],
  step: [],
  phase: [],
  levelL: [],
  liquidL: [],
  heapL: [],
  solidL: [],
  gelatineG: [],
  strongG: [],
};

/** The cook sampled for drawing. @param wanted empty where it is not */
export function seriesOf(model: Model, bones: BonesModel | null, wanted = true): Series {
  if (!wanted) return NO_SERIES;
  const { trace } = model.heat;
  const byStep = model.plan.steps.map((_, i) => partsAt(model, i));
  const filled = trace.s.map((_, i) =>
    contentsAt(model, i, trace.step[i], byStep[valueAt(trace.step, i)]),
  );
  return {
    minute: trace.s.map((s) => s / 60),
    liquidC: trace.liquidC,
    gaugeKPa: trace.gaugeKPa,
    step: trace.step,
    phase: trace.phase,
    levelL: filled.map((c) => c.levelL),
    liquidL: filled.map((c) => c.liquidL),
    heapL: filled.map((c) => c.heapL),
    solidL: filled.map((c) => c.solidL),
    gelatineG: bones?.gelatineG ?? [],
    strongG: bones?.strongG ?? [],
  };
}
