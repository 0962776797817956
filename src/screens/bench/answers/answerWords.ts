/** The three answers of the Bench, in a sentence and a number each. */
import { findingOf, isStop, type Assessment, type Draws } from '@/core/assess';
import type { Batch, Kitchen } from '@/core/batch/schema';
import { does, isMany } from '@/core/food';
import { formatMinutes, formatVolume } from '@/core/quantity';
import { gradeName } from '@/core/vocabulary';
import { dayAndTime, formatHours, LONG_MIN } from '@/session/clockText';

export interface Answer {
  readonly value: string;
  readonly sentence: string;
  readonly tone: 'good' | 'bad' | 'plain';
}

const MINUTE_MS = 60_000;

/** Will it fit? */
export function fitAnswer({ fill }: Assessment, { units }: Kitchen): Answer {
  const roomL = fill.lineL - fill.worstL;
  const line = fill.foams ? 'foam line' : 'fill line';
  return roomL >= -1e-6
    ? {
        value: 'yes',
        tone: 'good',
        sentence: `${formatVolume(roomL, units)} of room left below the ${line}.`,
      }
    : {
        value: 'no',
        tone: 'bad',
        sentence: `${formatVolume(-roomL, units)} over the ${line}: a full pot sprays.`,
      };
}

/** When is it ready? */
export function timeAnswer(
  { time, findings }: Assessment,
  draws: Draws | null,
  { serveAt }: Batch,
  nowMs: number,
): Answer {
  if (findings.some((f) => isStop(f) && findingOf(f.code).timeless))
    return { value: '–', tone: 'bad', sentence: 'Never ready with this plan: see the warnings.' };
  const { totalMin } = time;
  const say = (minutes: number): string =>
    totalMin >= LONG_MIN ? formatHours(minutes) : String(Math.round(minutes));
  const unit = totalMin >= LONG_MIN ? 'h' : 'min';
  const range = draws?.totalMin;
  const usual = range
    ? `usually ${say(range.p10)} to ${say(range.p90)} ${unit}`
    : 'working out how sure that is';
  if (!serveAt)
    return {
      value: formatMinutes(totalMin),
      tone: 'plain',
      sentence: `after you start; ${usual}.`,
    };
  const at = Date.parse(serveAt);
  const startMs = at - totalMin * MINUTE_MS;
  const late = startMs < nowMs;
  const now = new Date(nowMs);
  return {
    value: dayAndTime(new Date(at), now),
    tone: late ? 'bad' : 'plain',
    sentence: late
      ? `Too late for that: it takes ${formatMinutes(totalMin)}, ${usual}.`
      : `Start at ${dayAndTime(new Date(startMs), now)}: it takes ${formatMinutes(totalMin)}, ${usual}.`,
  };
}

/** Foods of a sentence; more are counted. */
const NAMED = 2;

/** Is everything right? */
export function rightAnswer({ items, findings }: Assessment): Answer {
  const judged = items.filter((item) => item.grade !== null && item.for === 'eat');
  const wrong = judged.filter(({ verdict }) => verdict !== 'right');
  const stops = findings.filter(isStop);
  const [worst] = stops;
  if (wrong.length > 0) {
    const named = wrong
      .slice(0, NAMED)
      .map(
        ({ name, grade, verdict }) =>
          `${does(name, verdict === 'under' ? 'stays' : 'comes out', verdict === 'under' ? 'stay' : 'come out')} ${gradeName(grade ?? '')}`,
      );
    const more = wrong.length - named.length;
    return {
      value: `${judged.length - wrong.length} of ${judged.length}`,
      tone: 'bad',
      sentence: `${named.join('; ')}${more > 0 ? `; ${more} more` : ''}.`,
    };
  }
  if (worst) return { value: 'no', tone: 'bad', sentence: `${worst.title}.` };
  if (judged.length === 0)
    return {
      value: 'yes',
      tone: 'good',
      sentence: 'Nothing in it can be undercooked or overcooked.',
    };
  const [only] = judged;
  const all = judged.length === 1 && only ? does(only.name, 'comes', 'come') : 'All foods come';
  return {
    value: 'yes',
    tone: 'good',
    sentence: `${all} out as you like ${judged.length > 1 || (only && isMany(only.name)) ? 'them' : 'it'}.`,
  };
}
