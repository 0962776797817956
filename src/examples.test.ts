/** Examples in the docs are true: each `@example call // result` is called and held to it. */
import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import * as core from '@/core';
import type { Mark } from '@/core';
import { amountGrams, foodByKey, thermalProperties } from '@/core/food';
import { USUAL_VALVE } from '@/core/release';
import { cookOf } from '@/core/testing/cooks';
import {
  batchOf,
  HOUSEHOLD,
  item,
  KITCHEN,
  POT,
  pressure,
  REFERENCE,
} from '@/core/testing/kitchen';

interface Example {
  readonly file: string;
  readonly call: string;
  readonly result: string;
}

/** A plan, a stock, a cook as it starts and as it is over, and the practice pot. */
function examplesOfPlans() {
  const at = '2026-11-24T18:00:00.000Z';
  const later = (minutes: number): string =>
    new Date(Date.parse(at) + minutes * 60_000).toISOString();
  const cook = cookOf('c1', REFERENCE, at);
  const marks: readonly Mark[] = [
    { id: 'm1', kind: 'lid-locked', step: 's1', at },
    { id: 'm2', kind: 'at-pressure', step: 's1', at: later(30) },
    { id: 'm3', kind: 'pin-down', step: 's1', at: later(115) },
    { id: 'm4', kind: 'lid-off', step: 's1', at: later(116) },
  ];
  const bones = [item('b', 'turkey-frame', 700, 'g'), item('w', 'water', 1.6, 'l')];
  return {
    batch: REFERENCE,
    stock: batchOf(bones, [pressure(60)], { kind: 'stock' }),
    pot: POT,
    pots: [POT],
    kitchen: KITCHEN,
    bundle: HOUSEHOLD,
    cook,
    cooked: core.ended({ ...cook, marks }, later(131)),
    standIn: { wallAt: at, cookAt: at, times: 1, seed: 1, truth: {}, mishaps: [] },
  };
}

/** Names that examples use and their own file does not have. */
const GIVEN: Readonly<Record<string, unknown>> = {
  carrot: foodByKey('carrot'),
  water: foodByKey('water')?.composition,
  salt: foodByKey('salt'),
  stewingBeef: foodByKey('beef-stewing'),
  wholeChicken: foodByKey('whole-chicken'),
  twoPinches: { count: 2, measure: 'pinch' },
  at: '2026-11-24T18:00:00.000Z',
  evening: new Date(2026, 10, 24, 18, 30),
  now: new Date(2026, 10, 20),
  USUAL_VALVE,
  amountGrams,
  thermalProperties,
  ...examplesOfPlans(),
};
/** Told in words only, since what they want stands in no line; or of a function that is its file's own. */
const IN_WORDS =
  /^(?:fastClock|pourInto|stepWords|mentioned|potWords|looseAmount|likened|readServing|dishOf|inFigures|filledUp|sideMin)\(/;

function sources(folder: string): readonly string[] {
  return readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const at = path.join(folder, entry.name);
    if (entry.isDirectory()) return sources(at);
    return /(?<!\.test)\.ts$/.test(entry.name) ? [at] : [];
  });
}

const EXAMPLES: readonly Example[] = sources(__dirname).flatMap((file) =>
  [...readFileSync(file, 'utf8').matchAll(/@example (\w.*?) \/\/ (.+?)(?: \*\/)?$/gm)].map(
    ([, call = '', result = '']) => ({ file, call, result }),
  ),
);

function evaluate(code: string, scope: Readonly<Record<string, unknown>>): unknown {
  const names = Object.keys(scope).filter((name) => /^\w+$/.test(name) && name !== 'default');
  const run = new Function(...names, `return (${code});`) as (...values: unknown[]) => unknown;
  return run(...names.map((name) => scope[name]));
}

/** A number as told, and half of its last digit; "about" lets it be 3 % off. */
function toldNumber(result: string): { readonly value: number; readonly off: number } | null {
  const [, about, text] = /^(about )?(-?\d+(?:\.\d+)?)/.exec(result) ?? [];
  if (text === undefined) return null;
  const value = Number(/= (-?[\d.]+)$/.exec(result)?.[1] ?? text);
  if (about) return { value, off: 0.03 * value };
  if (result.includes('nearest ten')) {
    return { value, off: /nearest tenth/.test(result) ? 0.06 : 6 };
  }
  const decimals = (String(value).split('.')[1] ?? '').length;
  // Long round numbers are told to their digits that count.
  const whole = /^\d+?(0*)$/.exec(String(value))?.[1]?.length ?? 0;
  return { value, off: 0.6 * 10 ** (decimals > 0 ? -decimals : Math.max(0, whole - 1)) };
}

describe('the examples of the docs', () => {
  const called = EXAMPLES.filter(({ call }) => !IN_WORDS.test(call));

  it('are many', () => {
    expect(called.length).toBeGreaterThan(75);
  });

  it.each(called.map((e) => [e.call, e] as const))('%s', (_, { file, call, result }) => {
    const own = jest.requireActual<Record<string, unknown>>(file);
    const found = evaluate(call, { ...core, ...GIVEN, ...own });
    const number = toldNumber(result);
    if (typeof found === 'number' && number) {
      expect(Math.abs(found - number.value)).toBeLessThanOrEqual(number.off);
      return;
    }
    const wanted = evaluate(result, {});
    if (typeof wanted === 'object' && wanted !== null && !Array.isArray(wanted))
      expect(found).toMatchObject(wanted);
    else expect(found).toEqual(wanted);
  });
});
