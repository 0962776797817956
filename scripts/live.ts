/**
 * Calibration of the live posterior: cooks on practice pots whose truth is drawn from the
 * is not known, each looked at as the lid is locked, at pressure and at the valve. Seeded.
 */
import { readFileSync } from 'node:fs';
import {
  assess,
  type Batch,
  beliefOf,
  type Bundle,
  changedAt,
  choicesAt,
  type Cook,
  drawBatch,
  potOf,
  pressed,
  proposalOf,
  standInAt,
  startCook,
  stepIn,
  stepsOf,
  timelineOf,
  worldsOf,
} from '../src/core';
import { cookThrough, until } from '../src/core/testing/cooking';

const COOKS = Number(process.argv[2] ?? 200);
const HARD = Number(process.argv[3] ?? 100);
/** Draws of a plan. */
const DRAWS = 60;
const SEED = 9000;
const START = '2026-11-24T16:00:00.000Z';
const sample = JSON.parse(readFileSync('demo/harrow-fell.json', 'utf8')) as Bundle;
const batches = sample.batches.filter(
  (batch) => stepsOf(batch).filter((s) => s.kind === 'pressure').length === 1,
);

const STAGES = ['lid', 'at pressure', 'valve'] as const;
/** A cook of a batch as it starts, with what was predicted of it. */
const starts = new Map<string, Cook>();
function started(batch: Batch): Cook {
  const known = starts.get(batch.id);
  if (known) return known;
  const pot = potOf(batch, sample.pots);
  const cook = startCook({
    id: `live-${batch.id}`,
    batch,
    pot,
    kitchen: sample.kitchen,
    assessment: assess(batch, pot, sample.kitchen),
    draws: drawBatch(batch, pot, sample.kitchen, { draws: DRAWS, seed: 1 }),
    at: START,
  });
  starts.set(batch.id, cook);
  return cook;
}

const within = (s: number, band: { readonly p10: number; readonly p90: number }): boolean =>
  s / 60 >= band.p10 && s / 60 <= band.p90;

let proposals = 0;
let asForetold = 0;
const covered: Record<string, number> = {};
/** Width as a share of the width when the lid went on, and in minutes. */
const widths: Record<string, number[]> = {};
const minutes: Record<string, number[]> = {};
const times: number[] = [];

for (let n = 0; n < COOKS; n++) {
  const batch = batches[n % batches.length];
  if (!batch) throw new RangeError('no batches');
  const start = started(batch);
  const standIn = { seed: SEED + n, times: 1, wallAt: START, cookAt: START };
  const { cook, tableS } = cookThrough(start, standIn, true);
  const step = stepsOf(batch).find((s) => s.kind === 'pressure');
  if (!step) continue;
  const { locked, hot, valve } = stepIn(timelineOf(cook), step.id);
  const lockedS = locked?.s ?? 0;
  const hotS = hot?.s ?? null;
  const valveS = valve.find(({ opens }) => opens)?.s ?? null;
  let planned = Number.NaN;
  for (const [stage, s] of [
    ['lid', lockedS],
    ['at pressure', hotS],
    ['valve', valveS],
  ] as const) {
    if (s === null) continue;
    const began = performance.now();
    const worlds = worldsOf(until(cook, s), s, { seed: n, watched: true });
    const belief = beliefOf(worlds, s);
    times.push(performance.now() - began);
    const { band } = start.predicted;
    if (stage === 'at pressure' && band && within(tableS - lockedS, band)) {
      asForetold++;
      const foretoldS = lockedS + 60 * start.predicted.totalMin;
      if (proposalOf(until(cook, s), s, worlds, 'shut', step.id, foretoldS)) proposals++;
    }
    const { p10, p90 } = belief.tableS;
    if (tableS >= p10 && tableS <= p90) covered[stage] = (covered[stage] ?? 0) + 1;
    if (stage === 'lid') planned = p90 - p10;
    (widths[stage] ??= []).push((p90 - p10) / planned);
    (minutes[stage] ??= []).push((p90 - p10) / 60);
  }
}
const mean = (list: readonly number[] = []): number =>
  list.reduce((sum, v) => sum + v, 0) / list.length;
for (const stage of STAGES) {
  const many = widths[stage]?.length ?? 0;
  console.log(
    `${stage}: ${(((covered[stage] ?? 0) / many) * 100).toFixed(0)} % of ${many} tables in the band of 8 in 10, ${mean(minutes[stage]).toFixed(1)} min wide, ${mean(widths[stage]).toFixed(2)} of the plan's`,
  );
}
times.sort((a, b) => a - b);
console.log(
  `an update: median ${(times[times.length >> 1] ?? 0).toFixed(0)} ms, worst ${(times.at(-1) ?? 0).toFixed(0)} ms`,
);
console.log(
  `${proposals} proposals in ${asForetold} cooks whose table lay in the band that was predicted`,
);

const BEANS = 'i2';
const chili = batches.find((batch) =>
  batch.items.some((i) => i.id === BEANS && i.food === 'borlotti'),
);
let found = 0;
let right = 0;
for (let n = 0; chili && n < HARD; n++) {
  const standIn = {
    seed: SEED + n,
    needs: { [BEANS]: 1.6 },
    times: 1,
    wallAt: START,
    cookAt: START,
  };
  const whole = cookThrough(started(chili), standIn).cook;
  const step = stepsOf(chili).find((s) => s.kind === 'pressure');
  const off = step && stepIn(timelineOf(whole), step.id).off;
  if (!step || !off) continue;
  const offS = off.s;
  const nowS = offS + 40;
  const at = new Date(Date.parse(START) + nowS * 1000).toISOString();
  const grade = standInAt(whole, standIn, nowS).grades[BEANS];
  if (!grade) continue;
  const tested = pressed(at, () => 'tested', { kind: 'tested', step: step.id, item: BEANS, grade });
  const opened = until(whole, offS);
  const cook = { ...opened, marks: [...opened.marks, ...tested] };
  const worlds = worldsOf(cook, nowS, { seed: n, watched: true });
  if ((beliefOf(worlds, nowS).needs[BEANS]?.p50 ?? 0) > 1.15) found++;
  const [choice] = choicesAt(cook, nowS, worlds, step.id);
  if (!choice) continue;
  const end = cookThrough(changedAt(cook, nowS, choice), standIn);
  const after = standInAt(end.cook, standIn, end.tableS).grades[BEANS];
  if (after === 'tender and whole' || after === 'creamy') right++;
}
console.log(
  `beans 1.6 times as hard: found at the first try ${found} of ${HARD}, right after the extension ${right} of ${HARD}`,
);
