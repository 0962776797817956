/** A season of cooking at Harrow Fell: dishes of the house with small changes from time to time. */
import { type Batch, kettleBatch, type Pot, setHold, setWater } from '../../src/core';
import type { Told } from './cooked';

type Change = (batch: Batch) => Batch;

const hold =
  (minutes: number, step = 's1'): Change =>
  (batch) =>
    setHold(batch, step, minutes);
const water =
  (litres: number): Change =>
  (batch) =>
    setWater(batch, litres);

interface Entry extends Omit<Told, 'id' | 'batch'> {
  /** Id of the batch; none for a kettle test. */
  readonly of: string | null;
  readonly changes?: readonly Change[];
}

const SEASON: readonly Entry[] = [
  { of: 'b5', startedAt: '2026-09-02T17:10:00.000Z', salted: true, tries: ['i1'] },
  {
    of: 'b7',
    startedAt: '2026-09-05T15:40:00.000Z',
    changes: [hold(12)],
    tries: ['i2'],
    salted: true,
    note: 'Beans hard at the lid. Longer next time.',
    nextTime: { holdMin: 4 },
  },
  { of: 'b2', startedAt: '2026-09-08T09:00:00.000Z', note: 'Two frames from the freezer.' },
  { of: 'b4', startedAt: '2026-09-12T16:30:00.000Z', salted: true },
  {
    of: 'b6',
    startedAt: '2026-09-16T17:00:00.000Z',
    changes: [hold(10)],
    tries: ['i1'],
    nextTime: { holdMin: 2 },
  },
  { of: 'b1', startedAt: '2026-09-19T14:20:00.000Z', salted: true, tries: ['i1'] },
  { of: 'b8', startedAt: '2026-09-23T16:00:00.000Z', note: 'Clear, and strong enough for two.' },
  {
    of: 'b5',
    startedAt: '2026-09-26T17:30:00.000Z',
    lateMin: 9,
    note: 'On the telephone when it came to pressure.',
  },
  {
    of: 'b7',
    startedAt: '2026-10-01T15:30:00.000Z',
    changes: [hold(16)],
    tries: ['i2'],
    nextTime: { holdMin: 1 },
  },
  { of: null, startedAt: '2026-10-03T09:00:00.000Z', kettle: true },
  { of: 'b3', startedAt: '2026-10-04T08:10:00.000Z', note: 'The first run could be cut.' },
  {
    of: 'b4',
    startedAt: '2026-10-08T16:45:00.000Z',
    changes: [hold(22)],
    heat: 0.78,
    leftOut: 'the ring sat twisted, steam came by the lid',
  },
  { of: 'b1', startedAt: '2026-10-11T14:00:00.000Z', changes: [hold(22)], salted: true },
  { of: 'b6', startedAt: '2026-10-15T17:05:00.000Z', tries: ['i1'], salted: true },
  { of: 'b5', startedAt: '2026-10-19T17:20:00.000Z', changes: [water(1.3)], salted: true },
  { of: 'b2', startedAt: '2026-10-24T09:15:00.000Z' },
  { of: 'b4', startedAt: '2026-10-28T16:30:00.000Z', changes: [hold(22)], salted: true },
  { of: 'b7', startedAt: '2026-10-31T15:20:00.000Z', tries: ['i2'], salted: true },
  { of: 'b8', startedAt: '2026-11-03T16:10:00.000Z' },
  { of: 'b6', startedAt: '2026-11-05T17:00:00.000Z', salted: true },
];

/** The season before the cooks that the larder's jars are of. @param pots the second one is tested */
export function seasonOf(batches: readonly Batch[], pots: readonly Pot[]): readonly Told[] {
  return SEASON.map(({ of, changes = [], ...told }, i) => {
    const id = `s${String(i + 1).padStart(2, '0')}`;
    const [, tested] = pots;
    if (of === null) {
      if (!tested) throw new Error('no second pot');
      return { ...told, id, batch: kettleBatch(tested, `${id}-kettle`) };
    }
    const batch = batches.find((one) => one.id === of);
    if (!batch) throw new Error(of);
    return { ...told, id, batch: changes.reduce((now, change) => change(now), batch) };
  });
}
