/** A household of many years, made of a small one: every record again and again, with its own id and day. */
import { withoutClaims } from '../batch/household';
import type { Batch, Bundle, Cook } from '../batch/schema';

const DAY_MS = 24 * 3600 * 1000;

export interface HowMany {
  readonly batches: number;
  readonly cooks: number;
  readonly jars: number;
}

/** The issue's own measure: what twenty years of cooking twice a week leave. */
export const TWENTY_YEARS: HowMany = { batches: 300, cooks: 2000, jars: 2000 };

const cycled = <T, R>(list: readonly T[], many: number, make: (of: T, i: number) => R): R[] =>
  Array.from({ length: many }, (_, i) => make(list[i % list.length] as T, i));

const earlier = (iso: string, days: number): string =>
  new Date(Date.parse(iso) - days * DAY_MS).toISOString();

/** @throws RangeError where there is nothing to make more of */
export function largeHousehold(from: Bundle, many: HowMany = TWENTY_YEARS): Bundle {
  if (from.batches.length === 0 || from.cooks.length === 0)
    throw new RangeError('nothing to make more of');
  const batches = cycled(from.batches, many.batches, (batch, i): Batch => ({
    // A jar is in one plan.
    ...withoutClaims(batch),
    id: `${batch.id}-${i}`,
    name: `${batch.name}, ${i + 1}`,
  }));
  const cooks = cycled(from.cooks, many.cooks, (cook, i): Cook => ({
    ...cook,
    id: `${cook.id}-${i}`,
    startedAt: earlier(cook.startedAt, i),
    ...(cook.endedAt ? { endedAt: earlier(cook.endedAt, i) } : {}),
    marks: cook.marks.map((mark) => ({ ...mark, at: earlier(mark.at, i) })),
  }));
  const jars = Array.from({ length: many.jars }, (_, i) => ({
    id: `j${i}`,
    name: `Jar ${i}`,
    litres: 0.5,
    madeAt: '2026-11-20T12:00:00.000Z',
    where: i % 2 === 0 ? ('fridge' as const) : ('freezer' as const),
  }));
  return { ...from, batches, cooks, jars };
}
