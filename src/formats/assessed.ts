/** A batch of a file, assessed: the one contract of the command line and the server. */
import {
  assess,
  type Assessment,
  BAND_IN_TEN,
  drawBatch,
  type Draws,
  knownKitchen,
  potOf,
  type Validated,
} from '../core';

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

/** Which batch of a file, and how often it is drawn. */
export interface AssessOptions {
  /** Id of the batch; the first of the file when missing. */
  readonly batch?: string | undefined;
  readonly draws: number;
  readonly seed: number;
}

export type Assessed =
  | { readonly ok: true; readonly output: unknown }
  | { readonly ok: false; readonly reasons: readonly string[] };

/**
 * Assesses a batch of a file, as the application plans it: by what the cooks of the file have taught.
 *
 * @param read the file as it was read
 */
export function assessFile(read: Validated, { batch: id, draws, seed }: AssessOptions): Assessed {
  if (!read.ok)
    return {
      ok: false,
      reasons: read.problems.map((p) => `${p.path}: found ${p.found}, wanted ${p.wanted}`),
    };
  const { bundle } = read;
  const batch = id === undefined ? bundle.batches[0] : bundle.batches.find((b) => b.id === id);
  if (!batch)
    return {
      ok: false,
      reasons: [
        id === undefined
          ? 'batches: found none, wanted at least one'
          : `batch: found "${id}", wanted one of ${bundle.batches.map((b) => b.id).join(', ') || '(none)'}`,
      ],
    };
  const known = knownKitchen(bundle);
  const pot = potOf(batch, known.pots);
  const drawn = draws > 0 ? drawBatch(batch, pot, known.kitchen, { draws, seed }) : null;
  return {
    ok: true,
    output: rounded(contract(assess(batch, pot, known.kitchen, { draws: drawn }), drawn)),
  };
}
