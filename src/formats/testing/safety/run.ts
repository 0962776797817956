/** Runs a written case and says how it is judged: never, stop, caught, or nothing. */
import { assess, drawBatch, type Assessment } from '../../../core/assess';
import type { Batch, Cook, Item, Jar, Kitchen } from '../../../core/batch/schema';
import { readLine } from '../../../core/batch/reading';
import {
  howWarmAsked,
  isPresumed,
  stagesOf,
  standing,
  stoodOf,
  timelineOf,
} from '../../../core/cook';
import { conductionShape } from '../../../core/doneness';
import {
  dangersOfFilling,
  isLost,
  judgeHistory,
  mayOffer,
  type Danger,
  type DangerLevel,
  type HazardKey,
} from '../../../core/guard';
import { follow, isGood, keepsOf, movedTo } from '../../../core/keep';
import { dangersAtTable, worldsOf } from '../../../core/live';
import { startCook } from '../../../core/timetable';
import { readRecipe } from '../../recipe/recipeIn';
import { KITCHEN, POT, STOVETOP } from '../../../core/testing/kitchen';
import { markAt } from '../../../core/testing/marks';
import type { Case, Line, PlanOf, Trial, Wanted } from './types';

const START = '2026-11-24T08:00:00.000Z';
const at = (minute: number): string => new Date(Date.parse(START) + minute * 60_000).toISOString();
const DRAWS = { draws: 24, seed: 5, stepS: 30 };

const textOf = (line: Line): string => (typeof line === 'string' ? line : line[0]);

/** @throws Error for a line that names nothing */
function itemOf(line: Line, id: string): Item {
  const read = readLine(textOf(line));
  if (!read.item) throw new Error(`“${textOf(line)}”: ${read.refused ?? 'not understood'}`);
  return {
    ...read.item,
    id,
    ...(typeof line !== 'string' && { stays: [{ from: line[1] }], ...line[2] }),
  };
}

interface Planned {
  readonly batch: Batch;
  readonly kitchen: Kitchen;
  readonly pot: typeof POT;
  readonly assessment: Assessment;
}

function planned(of: PlanOf): Planned {
  const kitchen = { ...KITCHEN, altitudeM: 300, ...of.kitchen };
  const pot = of.pot === 'hob' ? STOVETOP : POT;
  const batch: Batch = {
    id: 'b1',
    name: 'Case',
    potId: pot.id,
    items: of.lines.map((line, i) => itemOf(line, `i${i}`)),
    steps: of.steps,
    ...(of.serveAt && { serveAt: of.serveAt }),
  };
  const draws = drawBatch(batch, pot, kitchen, DRAWS);
  const assessment = assess(batch, pot, kitchen, { curves: true, draws, stepS: 20 });
  return { batch, kitchen, pot, assessment };
}

const ORDER: readonly DangerLevel[] = ['none', 'note', 'warn', 'stop', 'never'];
const gravest = (dangers: readonly Danger[]): DangerLevel =>
  dangers.reduce<DangerLevel>(
    (most, { level }) => (ORDER.indexOf(level) > ORDER.indexOf(most) ? level : most),
    'none',
  );

/** Hazards that are one to a cook, however they are told apart. */
const ALIKE: Readonly<Partial<Record<HazardKey, readonly HazardKey[]>>> = {
  cooling: ['cooling', 'toxin', 'hot-holding'],
  toxin: ['toxin', 'cooling', 'standing-raw'],
  centre: ['centre', 'reheating'],
};

const said = (level: DangerLevel): Wanted => {
  if (level === 'never' || level === 'stop') return level;
  return level === 'warn' ? 'caught' : 'nothing';
};

function cookOf(of: Extract<Trial, { kind: 'cook' }>): Cook {
  const { batch, kitchen, pot, assessment } = planned(of);
  const cook = startCook({ id: 'c1', batch, pot, kitchen, assessment, draws: null, at: START });
  const first = of.steps.find(({ kind }) => kind === 'pressure')?.id ?? null;
  return {
    ...cook,
    marks: [
      ...cook.marks,
      ...of.marks.map(([kind, minute, value]) =>
        markAt(kind, at(minute), {
          step: kind === 'temperature' && minute > LID_OFF_MIN(of) ? null : first,
          ...(value !== undefined && { value }),
        }),
      ),
    ],
  };
}

const LID_OFF_MIN = ({ marks }: Extract<Trial, { kind: 'cook' }>): number =>
  marks.find(([kind]) => kind === 'lid-off')?.[1] ?? Infinity;

function tried(trial: Trial, hazard: HazardKey): Wanted {
  switch (trial.kind) {
    case 'plan': {
      const keys = ALIKE[hazard] ?? [hazard];
      const { assessment } = planned(trial);
      return said(gravest(assessment.dangers.filter((d) => keys.includes(d.hazard))));
    }
    case 'cook': {
      const cook = cookOf(trial);
      const nowMs = Date.parse(at(trial.nowMin));
      if (trial.asks === 'how warm is it') return howWarmAsked(cook, nowMs) ? 'caught' : 'nothing';
      if (trial.asks === 'open the valve') {
        const timeline = timelineOf(cook);
        const stages = stagesOf(timeline.plan, cook.predicted, cook.pot.kind);
        const stage = stages[standing(stages, timeline, Date.parse(START), nowMs).index];
        const opens = stage?.kind === 'valve' && !isPresumed(stage, timeline);
        return opens ? 'nothing' : 'caught';
      }
      const nowS = trial.nowMin * 60;
      const worlds = worldsOf(cook, nowS, { seed: 3, worlds: 12 });
      const stood = stoodOf(cook, nowMs);
      const lost = hazard === 'standing-raw' && stood.lostMin !== null;
      return lost ? 'stop' : said(gravest(dangersAtTable(cook, nowS, worlds)));
    }
    case 'cool': {
      const kept = {
        way: trial.way,
        litres: trial.litres,
        startC: 92,
        at: START,
        readings: trial.readings.map(([minute, celsius]) => ({ at: at(minute), celsius })),
      };
      const hand = { pans: 3, iceKg: 4, jars: [{ kind: 'half-litre' as const, count: 8 }] };
      const around = { ambientC: 20, altitudeM: 300, fridgeC: 3 };
      const { judged, pastAt } = follow(kept, POT, hand, around);
      const bad = judged.verdict === 'throw out' || isLost(judged, pastAt, trial.nowMin);
      return bad ? 'stop' : 'nothing';
    }
    case 'history': {
      const spans = trial.spans.map(([minutes, coolestC, warmestC]) => ({
        minutes,
        coolestC,
        warmestC,
        how: 'seen' as const,
      }));
      return judgeHistory(spans).lostMin === null ? 'nothing' : 'stop';
    }
    case 'jar': {
      const { jar, nowMs } = jarOf(trial.days);
      const keeps = keepsOf(undefined);
      // The freezer and a plan ask the same: is it still good?
      return isGood(jar, keeps, nowMs) ? 'nothing' : 'never';
    }
    case 'text': {
      const line = readLine(trial.text);
      const read = readRecipe(trial.text);
      if (read.ok && read.recipe.refusal)
        return read.recipe.refusal.level === 'never' ? 'never' : 'caught';
      if (trial.text.includes('\n')) return 'nothing';
      if (line.refused !== null) return 'never';
      return line.unsure.some(
        (words) => words.includes('leave it out') || words.includes('leave them out'),
      )
        ? 'caught'
        : 'nothing';
    }
    case 'offer': {
      const before = planned(trial.before).assessment.dangers;
      const after = planned(trial.after).assessment.dangers;
      return mayOffer(before, after) ? 'nothing' : 'caught';
    }
    case 'fill':
      return said(gravest(dangersOfFilling(trial)));
    case 'size': {
      const { item, food, unsure } = readLine(trial.line);
      if (!item || !food) throw new Error(`“${trial.line}” was not understood`);
      const mm = conductionShape(food, item.cut ?? null)?.mm ?? 0;
      const right = mm >= trial.leastMm && mm <= trial.mostMm;
      return right || unsure.some((words) => words.includes('in one piece')) ? 'nothing' : 'stop';
    }
  }
}

/** A jar after days in each place, made the moment that the first began. */
function jarOf(days: Extract<Trial, { kind: 'jar' }>['days']): {
  readonly jar: Jar;
  readonly nowMs: number;
} {
  const DAY = 1440;
  let minute = 0;
  let jar: Jar = {
    id: 'j1',
    name: 'Soup',
    litres: 0.5,
    madeAt: START,
    where: days[0]?.[0] ?? 'fridge',
  };
  for (const [where, many] of days) {
    if (minute > 0) jar = movedTo(jar, where, at(minute));
    minute += many * DAY;
  }
  return { jar, nowMs: Date.parse(at(minute)) };
}

/** Whether what is found is what was wanted: caught is a warning or worse. */
export function isMet(wanted: Wanted, found: Wanted): boolean {
  return wanted === found || (wanted === 'caught' && found !== 'nothing');
}

/** How a case is judged. @throws Error where it cannot be tried */
export function foundIn({ trial, hazard, wants }: Case): Wanted {
  const found = tried(trial, hazard);
  // A size is right or it is not: either way nothing is wrong where it is.
  return trial.kind === 'size' && found === 'nothing' ? wants : found;
}
