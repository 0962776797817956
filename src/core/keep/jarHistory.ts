/** Histories of jars: what is in one has been through its cook, the fridge and the freezer, and goes on in the next pot. */
import type { History, Jar, Span } from '../batch/schema';
import { coldDays, followedBy, judgeHistory } from '../guard';

const MS_PER_MIN = 60_000;
/** A fridge and a freezer of a home, C (common practice: 4 C at the most, -18 C). */
const PLACE_C = { fridge: [1, 4], freezer: [-20, -15] } as const;

/** Span of a jar in its present place. */
function sinceThen({ where, since, madeAt }: Jar, nowMs: number): Span {
  const [coolestC, warmestC] = PLACE_C[where];
  const minutes = Math.max(0, (nowMs - Date.parse(since ?? madeAt)) / MS_PER_MIN);
  return { minutes, coolestC, warmestC, how: 'presumed' };
}

/** History before the present place. A jar of an older version stood in the other place since it was made. */
function before({ history, madeAt, since, where }: Jar): History {
  if (history) return history;
  const start: History = { startAt: madeAt, spans: [] };
  if (since === undefined) return start;
  const other = where === 'fridge' ? 'freezer' : 'fridge';
  return followedBy(start, [sinceThen({ where: other, madeAt } as Jar, Date.parse(since))]);
}

/** History of what is in a jar, up to a moment, ms since 1970. */
export function jarHistory(jar: Jar, nowMs: number): History {
  return followedBy(before(jar), [sinceThen(jar, nowMs)]);
}

/** Days that a jar has used of those in the fridge, before it was put where it is. */
export function daysUsed(jar: Jar): number {
  return coldDays(before(jar).spans);
}

/** Whether what is in a jar was lost before it was filled, or since. */
export function isJarLost(jar: Jar, nowMs: number): boolean {
  return judgeHistory(jarHistory(jar, nowMs).spans).lostMin !== null;
}

/** A jar in another place: its history goes on, and what the household wrote on it is over. @param at ISO 8601 */
export function movedTo(jar: Jar, where: Jar['where'], at: string): Jar {
  const { useBy: _, ...rest } = jar;
  return { ...rest, where, since: at, history: jarHistory(jar, Date.parse(at)) };
}
