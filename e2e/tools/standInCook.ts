/**
 * Cooks on the stand-in, for browser tests, which cannot load the core themselves. `start BATCH ISO` prints a
 * cook of the sample kitchen as it starts; `season BATCH POWER` prints the sample kitchen with nothing in its
 * log but three cooks of a batch, on a stand-in whose heater gives so much of what it should, and what a
 * fourth would take.
 */
import { markAt } from '../../src/core/testing/marks';
import { readFileSync } from 'node:fs';
import {
  assess,
  type Bundle,
  type Cook,
  hotSOf,
  type Mark,
  potOf,
  type StandIn,
  startCook,
  stepsOf,
  truthAt,
} from '../../src/core';

const [command, id = '', at = ''] = process.argv.slice(2);

function startOn(startedAt: string, cookId: string): Cook {
  const sample = JSON.parse(readFileSync('demo/harrow-fell.json', 'utf8')) as Bundle;
  const batch = sample.batches.find((b) => b.id === id);
  if (!batch) throw new RangeError(`no batch ${id}`);
  const pot = potOf(batch, sample.pots);
  const { kitchen } = sample;
  const assessment = assess(batch, pot, kitchen);
  return startCook({
    id: cookId,
    batch,
    pot,
    kitchen,
    assessment,
    draws: null,
    at: startedAt,
  });
}

/** When the lid goes on, s. */
const LID_S = 180;

/** Cooked by the plan on a stand-in, to the table. */
function cooked(day: number, power: number): { readonly cook: Cook; readonly totalMin: number } {
  const startedAt = `2026-11-0${day}T16:00:00.000Z`;
  const started = startOn(startedAt, `w${day}`);
  const standIn: StandIn = { seed: 7, power, times: 1, wallAt: startedAt, cookAt: startedAt };
  const at = (s: number): string => new Date(Date.parse(startedAt) + 1000 * s).toISOString();
  const [step] = stepsOf(started.batch);
  const step1 = step?.id ?? null;
  const lid = markAt('lid-locked', at(LID_S), { step: step1 });
  const on: Cook = { ...started, standIn, marks: [...started.marks, lid] };
  const { plan, heat } = truthAt(on, standIn, LID_S, undefined, true);
  const result = heat.steps[plan.steps.findIndex((s) => s.id === step?.id)];
  const hotS = hotSOf(result);
  if (!result || hotS === null || result.pinS === null) throw new RangeError('it never got there');
  const { endS } = result;
  const heard = { step: step1, heard: true };
  const marks: readonly Mark[] = [
    markAt('pin-up', at(result.pinS), heard),
    markAt('at-pressure', at(hotS), heard),
    markAt('pin-down', at(endS), heard),
    markAt('lid-off', at(endS + 20), { step: step1 }),
    markAt('done', at(endS + 300), { step: null }),
  ];
  return {
    cook: { ...on, marks: [...on.marks, ...marks], endedAt: at(endS + 300) },
    totalMin: (endS - result.startS) / 60,
  };
}

function season(power: number): object {
  const sample = JSON.parse(readFileSync('demo/harrow-fell.json', 'utf8')) as Bundle;
  const made = [1, 2, 3, 4].map((day) => cooked(day, power));
  const cooks = made.slice(0, 3).map(({ cook }) => cook);
  return { household: { ...sample, jars: [], cooks }, fourthMin: made[3]?.totalMin };
}

const PRINTS: Readonly<Record<string, () => object>> = {
  start: () => startOn(at, 'live'),
  season: () => season(Number(at)),
};
process.stdout.write(JSON.stringify(PRINTS[command ?? '']?.()));
