/** Histories of jars: what is in one has been through its cook, the fridge and the freezer, and goes on in the next pot. */
import { JAR_PLACES, jarPlaceOf } from '../vocabulary';
import type { History, Jar, Span } from '../batch/schema';
import { coldDays, followedBy, judgeHistory } from '../guard';

const MS_PER_MIN = 60_000;

/** Span of a jar in its present place. */
function sinceThen({ where, since, madeAt }: Jar, nowMs: number): Span {
  const [coolestC, warmestC] = jarPlaceOf(where).airC;
  const minutes = Math.max(0, (nowMs - Date.parse(since ?? madeAt)) / MS_PER_MIN);
  return { minutes, coolestC, warmestC, how: 'presumed' };
}

/**
 * History before the present place. For a jar of an older version, the earlier places are unknown: it
 * counts as the warmest of the other places.
 */
function before({ history, madeAt, since, where }: Jar): History {
  if (history) return history;
  const start: History = { startAt: madeAt, spans: [] };
  if (since === undefined) return start;
  const [warmest = where] = JAR_PLACES.filter((place) => place !== where).toSorted(
    (a, b) => jarPlaceOf(b).airC[1] - jarPlaceOf(a).airC[1],
  );
  return followedBy(start, [sinceThen({ where: warmest, madeAt } as Jar, Date.parse(since))]);
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
