/** A practice run looked back on, in words. */
import { stepsOf } from '@/core/batch/plan';
import type { Cook } from '@/core/batch/schema';
import { changeWords, nameOf, planNow } from '@/core/cook';
import { MISHAP, worthOf, type Debrief, type Decision, type Outcome } from '@/core/live';
import { formatLevel, formatMinutes, type Units } from '@/core/quantity';
import { timeOf } from '@/session/clockText';

/** Smaller costs are not mentioned. */
const NOTHING = 0.1;

const FAULT = {
  valve: 'Steam came from the open valve',
  ring: 'Steam came from under the lid',
  bottom: 'The pot had switched itself off: it stuck to the bottom',
} as const satisfies Record<NonNullable<Decision['fault']>, string>;

const WHEN = {
  hold: 'At pressure',
  wait: 'At the end of the hold',
  opening: 'The lid was off',
} as const;

const clock = (cook: Cook, s: number): string => timeOf(Date.parse(cook.startedAt) + s * 1000);

/** A smaller loss of broth is ignored, L. */
const NOTICED_L = 0.1;

/** Differences between two outcomes: the table, litres, foods that came out otherwise, danger. */
function between(better: Outcome, went: Outcome, cook: Cook, units: Units): string {
  const lostL = better.brothL - went.brothL;
  const minutes = Math.round(went.tableMin - better.tableMin);
  const foods = Object.entries(better.verdicts).flatMap(([id, verdict]) => {
    const now = went.verdicts[id];
    if (verdict !== 'right' || now === 'right' || !now) return [];
    return [`${nameOf(cook.batch, id)} ${now === 'under' ? 'short' : 'over'} instead of right`];
  });
  const parts = [
    ...(Number.isFinite(minutes) && minutes >= 1 ? [`${formatMinutes(minutes)} later`] : []),
    ...foods,
    ...(lostL >= NOTICED_L ? [`${formatLevel(lostL, units)} less broth`] : []),
    ...went.unsafe
      .filter((id) => !better.unsafe.includes(id))
      .map((id) => `${nameOf(cook.batch, id)} not hot enough to be safe`),
    ...(went.scorched && !better.scorched ? ['scorched'] : []),
  ];
  return parts.length > 0 ? parts.join(', ') : 'hardly anything';
}

export interface DecisionWords {
  readonly at: string;
  readonly what: string;
  /** Best next move. */
  readonly best: string;
  /** Cost of not making it; null for a negligible one. */
  readonly cost: string | null;
}

export function decisionWords(decision: Decision, cook: Cook, units: Units): DecisionWords {
  const { atS, kind, fault, best, step, then, asPlanned, left } = decision;
  const at = clock(cook, atS);
  const cost = decision.cost >= NOTHING ? between(then, left, cook, units) : null;
  if (fault) return { at, what: FAULT[fault], best: 'Put it right at once', cost };
  const found = stepsOf(planNow(cook)).find((s) => s.id === step);
  const plannedMin = found?.kind === 'pressure' ? found.holdMin : 0;
  const asIs = !best || best.change === 'as-it-is' || worthOf(then) <= worthOf(asPlanned);
  return {
    at,
    what: kind === 'fault' ? '' : WHEN[kind],
    best: asIs ? 'Continued as planned' : changeWords(best.change, best.minutes, plannedMin),
    cost,
  };
}

/** Summary of the choice. */
export function culpritWords(told: Debrief, cook: Cook, units: Units): string {
  const { culprit } = told;
  if (culprit === null)
    return told.mishaps.length === 0
      ? 'Nothing went wrong, and nothing was made worse.'
      : 'What went wrong cost hardly anything: you handled it well.';
  if (typeof culprit === 'string')
    return `${MISHAP[culprit].told} No choice of yours made it worse.`;
  const { what, best, cost } = decisionWords(culprit, cook, units);
  return `${clock(cook, culprit.atS)}. ${what}. The move was: ${best.charAt(0).toLowerCase()}${best.slice(1)}. It cost: ${cost ?? 'hardly anything'}.`;
}
