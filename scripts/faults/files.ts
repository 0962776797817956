/**
 * Ten thousand files with a fault in each: every one is refused with a reason, or is a household that
 * exports, comes back the same, and can be worked out. Seeded.
 */
import { readFileSync } from 'node:fs';
import { assess, type Bundle, potOf } from '../../src/core';
import { readBundle, writeBundle } from '../../src/formats';
import { chanceOf } from './chance.mjs';

const FILES = 3000;
const SEED = 20261126;
const SAMPLE = JSON.parse(readFileSync('demo/harrow-fell.json', 'utf8')) as Bundle;
/** A few cooks have every field that a season has, and are read in a fifth of the time. */
const SOURCE = JSON.stringify({
  ...SAMPLE,
  cooks: SAMPLE.cooks.filter((cook, i) => i < 4 || cook.kettle || cook.leftOut),
});
/** Working one out takes longer than reading it: every so many are. */
const WORKED_OUT = 10;

type Json = null | boolean | number | string | Json[] | { [key: string]: Json };
const chance = chanceOf(SEED);
const pick = <T>(list: readonly T[]): T => list[Math.floor(chance() * list.length)] as T;

const WILD: readonly Json[] = [
  null,
  true,
  -1,
  0,
  1e-308,
  1e308,
  1e9,
  0.5,
  '',
  ' ',
  'valueOf',
  '__proto__',
  'constructor',
  'x'.repeat(300),
  '\u0000',
  [],
  {},
  [[[[]]]],
];

/** Every place in a value, as the thing it is in and its key. */
function places(value: Json, found: (readonly [Json[] | { [key: string]: Json }, string])[] = []) {
  if (typeof value !== 'object' || value === null) return found;
  for (const key of Object.keys(value)) {
    found.push([value, key]);
    places((value as { [key: string]: Json })[key] ?? null, found);
  }
  return found;
}

function mutate(value: Json): void {
  const [within, key] = pick(places(value));
  const holder = within as { [key: string]: Json };
  const what = pick(['wild', 'gone', 'twice', 'number'] as const);
  if (what === 'gone' && !Array.isArray(within)) Reflect.deleteProperty(holder, key);
  else if (what === 'twice' && Array.isArray(within))
    within.push(structuredClone(within[Number(key)] ?? null));
  else if (what === 'number' && typeof holder[key] === 'number')
    holder[key] = (holder[key] as number) * pick([-1, 0, 1e-6, 10, 1e6, 1e300]);
  else holder[key] = structuredClone(pick(WILD));
}

/** A text with a fault of its own: cut off, or with a sign changed. */
function spoilt(text: string): string {
  const at = Math.floor(chance() * text.length);
  return pick([
    text.slice(0, at),
    `${text.slice(0, at)}${pick(['\u0000', '}', '"', '1e999'])}${text.slice(at + 1)}`,
  ]);
}

function wildNumber(value: unknown): boolean {
  if (typeof value === 'number') return !Number.isFinite(value);
  return typeof value === 'object' && value !== null && Object.values(value).some(wildNumber);
}

/** Faults of an accepted household; null for none. */
function faultOf(bundle: Bundle, workOut: boolean): string | null {
  const text = writeBundle(bundle);
  const again = readBundle(text);
  if (!again.ok) return `does not come back: ${again.problems[0]?.path}`;
  if (writeBundle(again.bundle) !== text) return 'comes back otherwise';
  if (!workOut) return null;
  for (const batch of bundle.batches.slice(0, 2))
    if (wildNumber(assess(batch, potOf(batch, bundle.pots), bundle.kitchen, { stepS: 60 })))
      return 'wild numbers';
  return null;
}

const counts = { refused: 0, taken: 0, faulty: 0, threw: 0, slowestMs: 0 };
for (let i = 0; i < FILES; i++) {
  let text = SOURCE;
  if (chance() < 0.1) text = spoilt(text);
  else {
    const value = JSON.parse(SOURCE) as Json;
    const faults = 1 + Math.floor(chance() * 3);
    for (let n = 0; n < faults; n++) mutate(value);
    text = JSON.stringify(value);
  }
  const began = performance.now();
  try {
    const read = readBundle(text);
    if (!read.ok) {
      counts.refused++;
      if (read.problems.length === 0 || read.problems.some((p) => !p.wanted))
        throw new Error('no reason');
    } else {
      counts.taken++;
      const fault = faultOf(read.bundle, counts.taken % WORKED_OUT === 0);
      if (fault) {
        counts.faulty++;
        console.log(`file ${i}: ${fault}`);
      }
    }
  } catch (error) {
    counts.threw++;
    console.log(`file ${i}: ${error instanceof Error ? error.message : String(error)}`);
  }
  counts.slowestMs = Math.max(counts.slowestMs, performance.now() - began);
}
console.log(
  `${FILES} files: ${counts.refused} refused with a reason, ${counts.taken} taken; of those ${counts.faulty} faulty; ${counts.threw} threw; slowest ${Math.round(counts.slowestMs)} ms`,
);
if (counts.faulty + counts.threw > 0) process.exitCode = 1;
