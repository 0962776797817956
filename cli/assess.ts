/**
 * Assesses a batch of a bundle file: `npm run -s assess -- FILE [--batch ID] [--draws N] [--seed N]`.
 * Prints one JSON object; exit code 2 with the reasons on stderr for a bad file or a bad call.
 */
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { parseArgs } from 'node:util';
import {
  assess,
  type Assessment,
  BAND_IN_TEN,
  drawBatch,
  type Draws,
  knownKitchen,
  potOf,
} from '../src/core';
import { readBundle } from '../src/formats';

const USAGE = 'usage: npm run -s assess -- FILE [--batch ID] [--draws N] [--seed N]';

function fail(...lines: readonly string[]): never {
  for (const line of lines) console.error(line);
  process.exit(2);
}

function whole(name: string, text: string | undefined, otherwise: number): number {
  if (text === undefined) return otherwise;
  const value = Number(text);
  if (!Number.isInteger(value) || value < 0)
    fail(`--${name} wants a whole number from 0, not "${text}"`, USAGE);
  return value;
}

function rounded(value: unknown): unknown {
  if (typeof value === 'number')
    return Number.isFinite(value) ? Number(value.toPrecision(6)) : null;
  if (Array.isArray(value)) return value.map(rounded);
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(Object.entries(value).map(([k, v]) => [k, rounded(v)]));
}

/** The contract of the command: what the brief lists, and no drawing data. */
function contract(a: Assessment, drawn: Draws | null): unknown {
  const { fill } = a;
  return {
    batch: a.batch,
    pot: a.pot,
    setpointC: a.setpointC,
    fill: {
      maxL: fill.maxL,
      foamL: fill.foamL,
      lidOnL: fill.lidOnL,
      hottestL: fill.hottestL,
      swollenL: fill.swollenL,
      releaseL: fill.releaseL,
      finishedBrothL: fill.finishedBrothL,
      waterToLineL: fill.waterToLineL,
      scaleToFit: fill.scaleToFit,
    },
    time: {
      // Without draws there is no band, and none is made up.
      totalMin: drawn?.totalMin ?? { p10: null, p50: a.time.totalMin, p90: null },
      band: drawn ? { timesInTen: BAND_IN_TEN, draws: drawn.draws } : null,
      steps: a.time.steps,
    },
    items: a.items.map((i) => ({
      id: i.id,
      food: i.food,
      massG: i.massG,
      centreC: i.centreC,
      cookValueCentreMin: i.cookValueCentreMin,
      cookValueSurfaceMin: i.cookValueSurfaceMin,
      needMin: i.needMin,
      limitMin: i.limitMin,
      verdict: i.verdict,
      grade: i.grade,
      wish: i.wish,
      for: i.for,
    })),
    release: a.release.map((r) => ({
      step: r.step,
      method: r.method,
      minutes: r.minutes,
      steamG: r.steamG,
      swollenFraction: r.swollenFraction,
      sprayChance: r.sprayChance,
      advice: r.advice,
    })),
    bones: a.bones.map(({ run, gelatineG, gPerL, share, set }) => ({
      run,
      gelatineG,
      gPerL,
      share,
      set,
    })),
    salt: a.salt,
    findings: a.findings.map(({ code, level, message, numbers }) => ({
      code,
      level,
      message,
      numbers,
    })),
  };
}

function main(): void {
  let call;
  try {
    call = parseArgs({
      allowPositionals: true,
      options: { batch: { type: 'string' }, draws: { type: 'string' }, seed: { type: 'string' } },
    });
  } catch (error) {
    fail(error instanceof Error ? error.message : String(error), USAGE);
  }
  const [file, ...more] = call.positionals;
  if (!file || more.length > 0) fail(USAGE);
  let text: string;
  try {
    // npm runs scripts in the project; a file is meant from where the caller stands.
    text = readFileSync(path.resolve(process.env['INIT_CWD'] ?? '.', file), 'utf8');
  } catch {
    fail(`cannot read ${file}`);
  }
  const read = readBundle(text);
  if (!read.ok)
    fail(...read.problems.map((p) => `${p.path}: found ${p.found}, wanted ${p.wanted}`));
  const { bundle } = read;
  const id = call.values.batch;
  const batch = id === undefined ? bundle.batches[0] : bundle.batches.find((b) => b.id === id);
  if (!batch)
    fail(
      id === undefined
        ? 'batches: found none, wanted at least one'
        : `--batch: found "${id}", wanted one of ${bundle.batches.map((b) => b.id).join(', ') || '(none)'}`,
    );
  const draws = whole('draws', call.values.draws, 100);
  const seed = whole('seed', call.values.seed, 1);
  // As the application plans: by what the cooks of the file have taught.
  const known = knownKitchen(bundle);
  const pot = potOf(batch, known.pots);
  const drawn = draws > 0 ? drawBatch(batch, pot, known.kitchen, { draws, seed }) : null;
  const output = contract(assess(batch, pot, known.kitchen, { draws: drawn }), drawn);
  process.stdout.write(`${JSON.stringify(rounded(output), null, 2)}\n`);
}

main();
