/** A cook by the book on a practice pot: does what the plan says when it is due, and marks what the pot says. */
import { stepsOf } from '../batch/plan';
import type { Cook, Mark, MarkKind } from '../batch/schema';
import { heardBy, planNow, secondsOf } from '../cook';
import { endsOnStandIn, standInAt, type StandIn } from '../live/standIn';
import { releaseOf, waitOf } from '../vocabulary';
import { markAt, markedS } from './marks';

/** From the start until the lid of the first step is locked, s. */
const LOADING_S = 240;
/** Nothing that a pot does by itself takes longer, s. */
const LONGEST_S = 5 * 3600;

const FROM_POT = new Set<MarkKind>(['pin-up', 'at-pressure', 'pin-down', 'temperature']);

export interface Cooked {
  readonly cook: Cook;
  /** s from the start */
  readonly tableS: number;
}

/** All that a cook and the pot have marked by a moment. */
export function until(cook: Cook, s: number): Cook {
  const at = Date.parse(cook.startedAt) + s * 1000;
  return { ...cook, marks: cook.marks.filter((m) => Date.parse(m.at) <= at) };
}

/** Cooks to the end, from the start or from where it is between two steps. @param temperatures whether the pot's thermometer is heard too */
export function cookThrough(start: Cook, standIn: StandIn, temperatures = false): Cooked {
  let cook = start;
  const began = Date.parse(start.startedAt);
  const iso = (s: number): string => new Date(began + s * 1000).toISOString();
  const hand = (kind: MarkKind, step: string, s: number): void => {
    cook = { ...cook, marks: [...cook.marks, markAt(kind, iso(s), { step })] };
  };
  /** The pot's messages in a step if it is left alone from here. */
  const hear = (fromS: number, untilS: number): readonly Mark[] =>
    heardBy(cook, standInAt(cook, standIn, untilS).messages)
      .marks.filter((m) => m.heard)
      .filter((m) => Date.parse(m.at) > began + fromS * 1000)
      .filter((m) => FROM_POT.has(m.kind) && (temperatures || m.kind !== 'temperature'));
  const add = (marks: readonly Mark[], toS: number): void => {
    const heard = marks.filter((m) => Date.parse(m.at) <= began + toS * 1000);
    cook = { ...cook, marks: [...cook.marks, ...heard] };
  };
  // Moves already made are the start; a fault may be mended later.
  const marked = start.marks
    .filter((m) => m.kind !== 'put-right')
    .map((m) => secondsOf(start, m.at));
  let atS = Math.max(LOADING_S, ...marked);
  for (const step of stepsOf(planNow(cook))) {
    if (markedS(cook, 'lid-off', step.id) !== null || markedS(cook, 'step-done', step.id) !== null)
      continue;
    if (step.kind !== 'pressure') {
      if (step.kind === 'cool') break;
      atS = endsOnStandIn(cook, standIn, atS, step.id);
      hand('step-done', step.id, atS);
      continue;
    }
    hand('lid-locked', step.id, atS);
    const alone = hear(atS, atS + LONGEST_S);
    const timeOf = (kind: MarkKind): number => {
      const mark = alone.find((m) => m.kind === kind);
      return mark ? secondsOf(start, mark.at) : atS + LONGEST_S;
    };
    const overS = timeOf('at-pressure') + 60 * step.holdMin;
    const release = step.release ?? { method: 'natural' as const };
    let downS = timeOf('pin-down');
    if (releaseOf(release.method).lets === null) add(alone, downS);
    else {
      const opensS = Math.min(downS, overS + 60 * waitOf(release));
      add(alone, opensS);
      hand('valve-opened', step.id, opensS);
      const let_ = hear(opensS, opensS + LONGEST_S);
      const down = let_.find((m) => m.kind === 'pin-down');
      downS = down ? secondsOf(start, down.at) : opensS;
      add(let_, downS);
    }
    atS = downS;
    hand('lid-off', step.id, atS);
  }
  return { cook, tableS: atS };
}
