/**
 * Every hand move of a cook by the clock, backward from the table: what is attended, what is idle,
 * and what can be done meanwhile.
 */
import type { Assessment } from '../assess';
import type { ItemReport } from '../model';
import {
  allDone,
  amountWords,
  foodOf,
  handlingAt,
  keptApart,
  poursOf,
  staysShut,
  stepsOf,
  taskWords,
  type Into,
} from '../batch/plan';
import type { Batch, Item, Pot, PressureStep, Step } from '../batch/schema';
import { conductionShape, donenessOf } from '../doneness';
import { taskSpans } from './alongside';
import { heatedFor } from './elsewhere';
import { usualSpan, type Food } from '../food';
import { scaleOf } from '../texture';
import { formatAmount, formatMinutes, type Units } from '../quantity';
import { finishMoves } from '../serve';
import { releaseOf, stepOf, waitOf, potKindOf } from '../vocabulary';

export type MoveKind = 'before' | 'prep' | 'hands' | 'wait' | 'alongside' | 'serve';

export interface Move {
  readonly id: string;
  /** From the start of the cook, min; below zero beforehand. */
  readonly minute: number;
  /** How long it takes, min. */
  readonly minutes: number;
  readonly kind: MoveKind;
  readonly title: string;
  readonly detail: string;
}

/** Cutting and weighing, min an ingredient (assumed). */
const CUT_MIN = 3;
/** A wait shorter than this is no time to turn to something else, min. */
const WORTH_MIN = 8;

function named(item: Item, report: ItemReport, units: Units): string {
  return `${report.name}, ${amountWords(item, units)}`;
}

interface Telling {
  readonly batch: Batch;
  readonly pot: Pot;
  readonly pours: readonly number[];
  readonly assessment: Assessment;
  readonly of: (ids: readonly string[]) => string;
  /** Foods in and out at a step. */
  readonly hands: (step: string) => readonly string[];
  readonly units: Units;
}

function tellingOf(batch: Batch, assessment: Assessment, pot: Pot, units: Units): Telling {
  const of = (ids: readonly string[]): string =>
    ids
      .flatMap((id) => {
        const item = batch.items.find((i) => i.id === id);
        const report = assessment.items.find((i) => i.id === id);
        return item && report ? [named(item, report, units)] : [];
      })
      .join('; ');
  return {
    batch,
    pot,
    pours: poursOf(batch, stepsOf(batch)),
    assessment,
    of,
    hands: (step) => {
      const { into, out } = handlingAt(batch, step);
      const ids = (all: readonly { readonly item: Item }[]): string =>
        of(all.map((i) => i.item.id));
      const done = ({ item, done: ways }: Into): string => {
        const words = allDone(ways, units);
        return words ? `${of([item.id])} (${words})` : of([item.id]);
      };
      const row = (lead: string, words: string): string[] => (words ? [`${lead}: ${words}`] : []);
      return [
        ...row('onto a plate', ids(out.filter(({ aside }) => aside))),
        ...row('out', ids(out.filter(({ aside }) => !aside))),
        ...row(
          'back in',
          into
            .filter(({ back }) => back)
            .map(done)
            .join('; '),
        ),
        ...row(
          'in',
          into
            .filter(({ back }) => !back)
            .map(done)
            .join('; '),
        ),
      ];
    },
    units,
  };
}

function wait(id: string, minute: number, minutes: number, title: string): readonly Move[] {
  if (minutes < WORTH_MIN) return [];
  const detail =
    minutes >= 25
      ? `${formatMinutes(minutes)} free: rice or bread in the oven, toppings, the table.`
      : `${formatMinutes(minutes)} free: toppings, the table.`;
  return [{ id, minute, minutes, kind: 'wait', title, detail }];
}

/** An electric pot holds by itself; a stovetop cooker wants its flame turned down first. */
function holdMoves(step: PressureStep, hot: number, minutes: number, pot: Pot): readonly Move[] {
  const title = 'At pressure: the hold begins';
  const holds = `Hold ${formatMinutes(step.holdMin)}`;
  const free = wait(`${step.id}-hold`, hot + 1, minutes - 1, 'Hold');
  const kind = potKindOf(pot.kind);
  if (!kind.hasFlame) {
    const detail = [`${holds}; ${kind.holds}`, free[0]?.detail].filter(Boolean).join(' ');
    return [{ id: `${step.id}-hot`, minute: hot, minutes, kind: 'wait', title, detail }];
  }
  const detail = `${holds}; ${kind.holds}`;
  return [{ id: `${step.id}-hot`, minute: hot, minutes: 1, kind: 'hands', title, detail }, ...free];
}

function pressureMoves(step: PressureStep, index: number, telling: Telling): readonly Move[] {
  const report = telling.assessment.time.steps[index];
  if (!report) return [];
  const isFirst = !stepsOf(telling.batch)
    .slice(0, index)
    .some(({ kind }) => kind === 'pressure');
  const hot = report.startMin + report.warmUpMin;
  const over = hot + report.holdMin;
  const { stove } = releaseOf(step.release?.method ?? 'natural');
  const opens = over + waitOf(step.release);
  const open = report.endMin;
  const moves: Move[] = [
    {
      id: `${step.id}-in`,
      minute: report.startMin,
      minutes: 3,
      kind: 'hands',
      title: isFirst ? 'Fill the pot, lock the lid' : 'Lid on again',
      detail: telling.hands(step.id).join('. ') || 'Lock the lid, valve shut, heat on high.',
    },
    ...wait(`${step.id}-up`, report.startMin + 3, report.warmUpMin - 3, 'Coming to pressure'),
    ...holdMoves(step, hot, report.holdMin, telling.pot),
  ];
  if (!stove) moves.push(...wait(`${step.id}-down`, over, open - over, 'The pin drops by itself'));
  else
    moves.push(...wait(`${step.id}-wait`, over, opens - over, 'Wait, valve shut'), {
      id: `${step.id}-valve`,
      minute: Math.min(opens, open),
      minutes: Math.max(1, open - opens),
      kind: 'hands',
      title: stove.title,
      detail: 'Stand back, long utensil: the steam scalds.',
    });
  if (!staysShut(telling.batch, step.id))
    moves.push({
      id: `${step.id}-lid`,
      minute: open,
      minutes: 1,
      kind: 'hands',
      title: 'Pin down: open the lid',
      detail: 'Away from the face, the lid as a shield.',
    });
  return moves;
}

/** How something is browned by the side, and in how many batches; null where that is not said. */
export function sideWords(step: Step, minutes: number): string | null {
  if (step.kind !== 'saute' || step.sideMin === undefined) return null;
  const loads = Math.round(minutes / (2 * step.sideMin));
  const side = `${formatMinutes(step.sideMin)} a side`;
  return loads > 1
    ? `in ${loads} batches, so that the pieces do not steam each other, ${side}`
    : side;
}

/** How a bottom is scraped clean; null where that is not said. */
function scrapeWords(step: Step, units: Units): string | null {
  if (step.kind !== 'saute' || step.deglazeMl === undefined) return null;
  return `then ${formatAmount({ value: step.deglazeMl, unit: 'ml' }, units)} of the liquid first, and the bottom scraped clean with it`;
}

function stepMoves(step: Step, index: number, telling: Telling): readonly Move[] {
  if (step.kind === 'pressure') return pressureMoves(step, index, telling);
  const report = telling.assessment.time.steps[index];
  if (!report) return [];
  const minutes = report.endMin - report.startMin;
  const pours = telling.pours.includes(index);
  const { idle } = stepOf(step.kind);
  return [
    {
      id: `${step.id}-do`,
      minute: report.startMin,
      minutes,
      kind: idle ? 'wait' : 'hands',
      title: pours ? 'Pour the broth off' : stepOf(step.kind).move,
      detail: [
        pours && 'through a sieve; the bones stay',
        ...telling.hands(step.id),
        formatMinutes(minutes),
        sideWords(step, minutes),
        scrapeWords(step, telling.units),
      ]
        .filter(Boolean)
        .join('. '),
    },
  ];
}

/** Part of the way, in logarithms, from where a grade begins to where the next does (assumed). */
const INTO_GRADE = 0.4;

/** Minutes in boiling water until a food is well in the first grade that is right; null without. */
function boilMin(item: Item, food: Food): number | null {
  const doneness = donenessOf(food, item);
  if (!doneness || !food.family) return null;
  // Herbs that go on raw are not boiled at all.
  const { from } = usualSpan(food, food.family, { whole: false, late: true });
  const { steps } = scaleOf(
    food.family,
    doneness,
    conductionShape(food, item.cut ?? null)?.mm ?? 10,
  );
  const begins = steps[from - 1]?.minutes;
  if (begins === undefined) return null;
  const ends = steps[from]?.minutes ?? 1.5 * begins;
  return Math.max(1, Math.round(begins ** (1 - INTO_GRADE) * ends ** INTO_GRADE));
}

/** Foods cooked in pans of their own, timed to be done with the rest. */
function apartMoves({ batch, assessment, of }: Telling): readonly Move[] {
  const total = assessment.time.totalMin;
  return keptApart(batch).flatMap((item): Move[] => {
    const food = foodOf(item);
    const minutes = food ? boilMin(item, food) : null;
    if (minutes === null) return [];
    return [
      {
        id: `apart-${item.id}`,
        minute: total - minutes - 2,
        minutes,
        kind: 'hands',
        title: `Apart: ${food?.name ?? item.food}`,
        detail: `${of([item.id])}: into boiling salted water for about ${formatMinutes(minutes)}.`,
      },
    ];
  });
}

/** Foods heated in other vessels, timed to be done when they go in. */
function elsewhere({ batch, assessment, units }: Telling): readonly Move[] {
  return stepsOf(batch).flatMap((step, i) => {
    const at = assessment.time.steps[i]?.startMin ?? 0;
    return heatedFor(batch, step.id, units).map(({ item, name, sentences, minutes }): Move => ({
      id: `elsewhere-${item.id}-${step.id}`,
      minute: at - minutes,
      minutes,
      kind: 'hands',
      title: `Beside the pot: ${name}`,
      detail: sentences.join(' '),
    }));
  });
}

/** Tasks beside the pot, at their start. */
function alongside({ batch, assessment }: Telling, units: Units): readonly Move[] {
  return taskSpans(batch, assessment).map(({ task, startMin }) => ({
    id: `alongside-${task.id}`,
    minute: startMin,
    minutes: task.minutes,
    kind: task.attended ? ('hands' as const) : ('alongside' as const),
    title: task.words,
    detail: taskWords(task, units),
  }));
}

function beforehand({ batch, of }: Telling): readonly Move[] {
  const soaked = batch.items.filter((i) => (i.soakedH ?? 0) > 0);
  const cutting = Math.max(5, CUT_MIN * batch.items.filter((i) => !i.apart).length);
  const moves: Move[] = soaked.map((item) => ({
    id: `soak-${item.id}`,
    minute: -60 * (item.soakedH ?? 0) - cutting,
    minutes: 2,
    kind: 'before',
    title: 'Put to soak',
    detail: `${of([item.id])}, ${item.soakedH ?? 0} h in cold water.`,
  }));
  return [
    ...moves,
    {
      id: 'cut',
      minute: -cutting,
      minutes: cutting,
      kind: 'prep',
      title: 'Cut, weigh, rinse',
      detail: 'Everything within reach before the heat is on.',
    },
  ];
}

/**
 * The timetable of a plan, in the order of the clock.
 *
 * @param assessment of the same batch in the same pot
 * @param units of its amounts
 */
export function movesOf(
  batch: Batch,
  assessment: Assessment,
  pot: Pot,
  units: Units,
): readonly Move[] {
  const telling = tellingOf(batch, assessment, pot, units);
  const total = assessment.time.totalMin;
  const moves = [
    ...beforehand(telling),
    ...stepsOf(batch).flatMap((step, i) => stepMoves(step, i, telling)),
    ...apartMoves(telling),
    ...elsewhere(telling),
    ...alongside(telling, units),
    {
      id: 'serve',
      minute: total,
      minutes: 5,
      kind: 'serve' as const,
      title: 'Ready at',
      detail: finishMoves(batch, assessment, units)
        .map((move) => move.does)
        .join(' '),
    },
  ];
  return moves.sort((a, b) => a.minute - b.minute);
}
