/**
 * Writes the runs of the sample kitchen into demo/harrow-fell.json: invented marks and verdicts
 * over what the models foretell, so that the log of the first visit has something to show.
 */
import { readFileSync, writeFileSync } from 'node:fs';
import { assess, drawBatch } from '../src/core/assess';
import { potOf, type Mark, type MarkKind, type Cook, type Verdict } from '../src/core/batch';
import { startCook } from '../src/core/timetable';
import { readBundle, writeBundle } from '../src/formats';

const FILE = 'demo/harrow-fell.json';
const read = readBundle(readFileSync(FILE, 'utf8'));
if (!read.ok) throw new Error(JSON.stringify(read.problems));
const { bundle } = read;

interface Told {
  readonly id: string;
  readonly batch: string;
  readonly startedAt: string;
  readonly marks: readonly (readonly [MarkKind, string, number])[];
  readonly endMin: number;
  readonly verdicts: Readonly<Record<string, Verdict>>;
  readonly yields?: Cook['yields'];
  readonly note: string;
  readonly nextTime?: Cook['nextTime'];
}

const TOLD: readonly Told[] = [
  {
    id: 'r1',
    batch: 'b5',
    startedAt: '2026-11-08T17:20:00.000Z',
    marks: [
      ['lid-locked', 's1', 3],
      ['at-pressure', 's1', 20.5],
      ['valve-opened', 's1', 34.5],
      ['pin-down', 's1', 36],
      ['lid-off', 's1', 36.5],
    ],
    endMin: 38,
    verdicts: { i1: 'right', i2: 'right', i3: 'right' },
    note: 'Lemon at the end. A cup more water, it thickened overnight.',
    nextTime: { waterMl: 250 },
  },
  {
    id: 'r2',
    batch: 'b7',
    startedAt: '2026-11-15T16:05:00.000Z',
    marks: [
      ['lid-locked', 's1', 6],
      ['at-pressure', 's1', 27],
      ['valve-opened', 's1', 59],
      ['pin-down', 's1', 61],
      ['lid-off', 's1', 62],
      ['step-done', 's2', 71],
    ],
    endMin: 72,
    verdicts: { i1: 'right', i2: 'under', i3: 'right', i6: 'right' },
    note: 'The borlotti were last year’s and took longer. Five minutes more.',
    nextTime: { holdMin: 5 },
  },
  {
    id: 'r3',
    batch: 'b2',
    startedAt: '2026-11-21T09:10:00.000Z',
    marks: [
      ['lid-locked', 's1', 4],
      ['at-pressure', 's1', 42],
      ['pin-down', 's1', 147],
      ['lid-off', 's1', 148],
      ['step-done', 's2', 155],
    ],
    endMin: 156,
    verdicts: {},
    yields: [{ run: 1, litres: 3.1, set: 'trembles' }],
    note: 'Poured through a cloth. Clear, a good tremble.',
  },
];

const cooks = TOLD.map((told): Cook => {
  const batch = bundle.batches.find((b) => b.id === told.batch);
  if (!batch) throw new Error(told.batch);
  const pot = potOf(batch, bundle.pots);
  const at = (min: number): string =>
    new Date(Date.parse(told.startedAt) + min * 60000).toISOString();
  const { kitchen } = bundle;
  const cook = startCook({
    id: told.id,
    batch,
    pot,
    kitchen,
    assessment: assess(batch, pot, kitchen),
    draws: drawBatch(batch, pot, kitchen, { draws: 100, seed: 1 }),
    at: told.startedAt,
  });
  const marks: readonly Mark[] = told.marks.map(([kind, step, min]) => ({
    kind,
    step,
    at: at(min),
  }));
  return {
    ...cook,
    marks: [...cook.marks, ...marks, { kind: 'done', step: null, at: at(told.endMin) }],
    endedAt: at(told.endMin),
    verdicts: told.verdicts,
    ...(told.yields && { yields: told.yields }),
    note: told.note,
    ...(told.nextTime && { nextTime: told.nextTime }),
  };
});

writeFileSync(FILE, writeBundle({ ...bundle, cooks }));
