import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import * as yup from 'yup';
import { bundleSchema } from './bundleSchema';
import { doubtsOf } from './surely';
import type { Bundle } from './types';
import { problemsOf } from '../household/validate';

const SAMPLE = JSON.parse(readFileSync('demo/harrow-fell.json', 'utf8')) as Bundle;

/** Yup's own errors of the whole: the first about each place, in no order. */
function byYup(schema: yup.Schema, value: unknown): ReadonlyMap<string, string> {
  const told = new Map<string, string>();
  try {
    schema.validateSync(value, { abortEarly: false, strict: true });
  } catch (error) {
    if (!(error instanceof yup.ValidationError)) throw error;
    for (const { path, message } of error.inner.length > 0 ? error.inner : [error]) {
      const at = path || '(the file)';
      if (!told.has(at)) told.set(at, message);
    }
  }
  return told;
}

const told = (schema: yup.Schema, value: unknown): ReadonlyMap<string, string> =>
  new Map(problemsOf(schema, value).map(({ path, wanted }) => [path, wanted]));
const isSurely = (schema: yup.Schema, value: unknown): boolean =>
  [...doubtsOf(schema, value)].length === 0;

type Fields = Record<string, unknown>;
const isFields = (value: unknown): value is Fields => typeof value === 'object' && value !== null;

/** Small enough for thousands of faults, and one of everything in it. */
const SMALL = {
  ...SAMPLE,
  batches: SAMPLE.batches.slice(0, 2),
  cooks: SAMPLE.cooks.filter(({ id }) => ['r1', 'r2'].includes(id)).slice(0, 2),
  jars: SAMPLE.jars.slice(0, 2),
};

/** Every place of a value, as the keys that lead to it. */
function placesOf(value: unknown, at: readonly string[] = []): readonly (readonly string[])[] {
  if (!isFields(value)) return [at];
  // Of a curve a few are as good as all.
  const keys = Object.keys(value).slice(0, 12);
  return [at, ...keys.flatMap((key) => placesOf(value[key], [...at, key]))];
}

/** The household without the lists that a place is not in: they are good, and would be asked each time. */
function around([part]: readonly string[]): Fields {
  const lists = ['batches', 'cooks', 'jars', 'foods', 'bag'].filter((list) => list !== part);
  return { ...SMALL, ...Object.fromEntries(lists.map((list) => [list, []])) };
}

function withFault(value: unknown, [key, ...rest]: readonly string[], fault: unknown): unknown {
  if (key === undefined) return fault;
  const old = value as Fields;
  const next = withFault(old[key], rest, fault);
  if (Array.isArray(old)) return old.map((one: unknown, i) => (String(i) === key ? next : one));
  return { ...old, [key]: next };
}

const PLACES = placesOf(SMALL);
const FAULTS = fc.oneof(
  fc.jsonValue(),
  fc.double(),
  fc.constantFrom(undefined, null, '', ' ', 'x'.repeat(300), -1, 0, 1e9, NaN, [], {}, true),
  fc.constantFrom<unknown>(
    ...PLACES.map((at) => at.reduce<unknown>((v, k) => (v as Fields)[k], SMALL)),
  ),
);

/** In another part of the file. */
const OTHER = fc.option(
  fc.tuple(fc.constantFrom(...PLACES.filter(([part]) => part === 'kitchen')), FAULTS),
);

describe('what is surely good', () => {
  it('is what Yup takes, of the sample and of two thousand faults in it', () => {
    expect(isSurely(bundleSchema, SAMPLE)).toBe(true);
    expect(bundleSchema.isValidSync(SAMPLE, { strict: true })).toBe(true);
    for (const part of Object.keys(SMALL))
      expect(isSurely(bundleSchema, around([part]))).toBe(true);
    let taken = 0;
    fc.assert(
      fc.property(fc.constantFrom(...PLACES), FAULTS, (at, fault) => {
        const value = withFault(around(at), at, fault);
        const sure = isSurely(bundleSchema, value);
        expect(sure).toBe(bundleSchema.isValidSync(value, { strict: true }));
        taken += Number(sure);
      }),
      { numRuns: 2000 },
    );
    // Faults that are none are among them, or nothing would have been told of what is taken.
    expect(taken).toBeGreaterThan(50);
  });

  it('leaves the rest to Yup, which tells as much of the parts as of the whole', () => {
    fc.assert(
      fc.property(fc.constantFrom(...PLACES), FAULTS, OTHER, (at, fault, other) => {
        const whole = around(at);
        const before = other && at[0] !== 'kitchen' ? withFault(whole, ...other) : whole;
        const value = withFault(before, at, fault);
        expect(told(bundleSchema, value)).toEqual(byYup(bundleSchema, value));
      }),
      { numRuns: 700 },
    );
  });

  it('is nothing that only Yup can tell of', () => {
    const known = yup.object({ a: yup.number().required() }).strict();
    expect(isSurely(known, { a: 1 })).toBe(true);
    expect(isSurely(known, { a: 'x' })).toBe(false);
    expect(isSurely(known, {})).toBe(false);
    const bare = yup.string().strict().clone();
    bare.tests = [Object.assign(() => undefined, {}) as never];
    expect(isSurely(bare, 'x')).toBe(false);
  });
});
