import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import * as yup from 'yup';
import { aimSchema, cutSchema, stepSchema } from './schema';
import { faultsOf, limitsOf, type AnyShape } from './shape';
import { formSchemaOf, yupOf } from './yupOf';
import { LIMITS } from './limits';
import { bundleSchema } from './bundleSchema';
import type { Bundle } from './types';
import { problemsOf } from '../household/validate';

const SAMPLE = JSON.parse(readFileSync('demo/harrow-fell.json', 'utf8')) as Bundle;

/** Yup's own errors of the whole: the first about each place, in no order. */
function byYup(shape: AnyShape, value: unknown): ReadonlyMap<string, string> {
  const told = new Map<string, string>();
  try {
    yupOf(shape).validateSync(value, { abortEarly: false, strict: true });
  } catch (error) {
    if (!(error instanceof yup.ValidationError)) throw error;
    for (const { path, message } of error.inner.length > 0 ? error.inner : [error]) {
      const at = path || '(the file)';
      if (!told.has(at)) told.set(at, message);
    }
  }
  return told;
}

const told = (shape: AnyShape, value: unknown): ReadonlyMap<string, string> =>
  new Map(problemsOf(shape, value).map(({ path, wanted }) => [path, wanted]));
const isGood = (shape: AnyShape, value: unknown): boolean =>
  faultsOf(shape, value).next().done === true;
const takenByYup = (shape: AnyShape, value: unknown): boolean =>
  yupOf(shape).isValidSync(value, { strict: true });

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

describe('a declared shape', () => {
  it('takes just what its Yup schema takes, of the sample and of a thousand faults in it', () => {
    expect(isGood(bundleSchema, SAMPLE)).toBe(true);
    expect(takenByYup(bundleSchema, SAMPLE)).toBe(true);
    let taken = 0;
    fc.assert(
      fc.property(fc.constantFrom(...PLACES), FAULTS, (at, fault) => {
        const value = withFault(around(at), at, fault);
        const good = isGood(bundleSchema, value);
        expect(good).toBe(takenByYup(bundleSchema, value));
        taken += Number(good);
      }),
      { numRuns: 1000 },
    );
    // Harmless faults are among them, or the law would be about refusals alone.
    expect(taken).toBeGreaterThan(25);
  });

  it('names a fault as its Yup schema does, at the same place', () => {
    fc.assert(
      fc.property(fc.constantFrom(...PLACES), FAULTS, OTHER, (at, fault, other) => {
        const whole = around(at);
        const before = other && at[0] !== 'kitchen' ? withFault(whole, ...other) : whole;
        const value = withFault(before, at, fault);
        const byRetort = told(bundleSchema, value);
        const yups = byYup(bundleSchema, value);
        expect(byRetort.size === 0).toBe(yups.size === 0);
        for (const [path, wanted] of byRetort)
          expect([path, yups.get(path)]).toEqual([path, wanted]);
      }),
      { numRuns: 400 },
    );
  });

  it('does not read the entries of a list that is too long', () => {
    const faults = told(bundleSchema, { ...SMALL, jars: Array.from({ length: 5001 }, () => 'x') });
    expect([...faults]).toEqual([['jars', 'at most 5000 jars']]);
  });

  it('knows the fields of each kind of step, and lets unknown ones pass', () => {
    expect(told(stepSchema, { id: 's', kind: 'pressure' })).toEqual(
      new Map([['holdMin', 'the minutes to hold, 0 to 600']]),
    );
    expect(told(stepSchema, { id: 's', kind: 'simmer', minutes: 5, holdMin: 'x' }).size).toBe(0);
    expect(told(stepSchema, { id: 's', kind: 'fry' })).toEqual(
      new Map([['kind', 'one of prep, saute, pressure, open, strain, simmer, rest, cool']]),
    );
    expect(isGood(stepSchema, undefined)).toBe(true);
  });

  it('gives forms its limits and its Yup schema', () => {
    expect(LIMITS.cut).toEqual({ min: 0.2, max: 300, wanted: 'a number from 0.2 to 300 mm' });
    expect(() => limitsOf(cutSchema)).toThrow(TypeError);
    const form = formSchemaOf(aimSchema);
    expect(form.isValidSync({ litres: 2, openings: 1 }, { strict: true })).toBe(true);
    expect(form.isValidSync({ litres: 200 }, { strict: true })).toBe(false);
  });
});
