import { batchOf, item, pressure } from '@/core/testing/kitchen';
import { markAt } from '@/core/testing/marks';
import { cookOf } from '@/core/testing/cooks';
import { stagesOf, type StageKind, type Standing } from '@/core/cook';
import { dueOf, moreMarksOf } from './due';

const BATCH = batchOf(
  [item('w', 'water', 1.5, 'l'), item('c', 'carrot', 3, 'piece')],
  [pressure(4, { method: 'timed', afterMin: 5 }), { id: 's2', kind: 'simmer', minutes: 3 }],
);
const COOK = cookOf('r1', BATCH, '2026-11-24T16:00:00.000Z');
const STAGES = stagesOf(BATCH, COOK.predicted);
const stage = (kind: StageKind) => STAGES.find((s) => s.kind === kind);
const at = (leftMin: number): Standing => ({
  index: 0,
  since: 0,
  how: 'pressed',
  elapsedMin: 1,
  leftMin,
});

describe('what is due', () => {
  it.each([
    ['valve', 0, 'Open the valve'],
    ['pin', 2, 'The hold is over. Wait for the pin to drop'],
    ['warm-up', -9, 'Not at pressure yet: have a look'],
    ['do', -1, 'Simmer without the lid: time is up'],
  ] as const)('calls at %s', (kind, left, words) => {
    expect(dueOf(stage(kind), at(left), 'metric')?.words).toBe(words);
  });

  it.each([
    ['load', 0],
    ['warm-up', -1],
    ['hold', 3],
    ['wait', 3],
    ['lid', 0],
    ['do', 2],
  ] as const)('leaves the cook alone at %s', (kind, left) => {
    expect(dueOf(stage(kind), at(left), 'metric')).toBeNull();
  });

  it('calls for the heat of a flame to go off, and for a plan that has waited to start', () => {
    const flame = stagesOf(BATCH, COOK.predicted, 'stovetop').find((s) => s.kind === 'hold');
    expect(dueOf(flame, at(0), 'metric')?.words).toBe('Heat off');
    expect(dueOf(flame, at(1), 'metric')).toBeNull();
    const waits = { ...(stage('load') as NonNullable<ReturnType<typeof stage>>), expectMin: 20 };
    expect(dueOf(waits, at(0), 'metric')?.words).toBe('Time to start');
    expect(dueOf(waits, at(3), 'metric')).toBeNull();
  });

  it('calls to the table once nothing is left', () => {
    expect(dueOf(undefined, at(0), 'metric')?.words).toBe('Serve');
  });
});

describe('what else may be marked', () => {
  const kinds = (kind: StageKind, cook = COOK) => {
    const found = stage(kind);
    return found ? moreMarksOf(found, cook).map(([mark]) => mark) : [];
  };

  it('is what can be seen then', () => {
    // While it comes to pressure, what keeps it from it may be found: valve, ring, bottom.
    expect(kinds('warm-up')).toEqual(['pin-up', 'scorch', 'put-right', 'put-right', 'put-right']);
    expect(kinds('hold')).toEqual(['at-pressure', 'scorch']);
    expect(kinds('valve')).toEqual(['lid-off', 'scorch']);
    const opened = {
      ...COOK,
      pot: { ...COOK.pot, kind: 'stovetop' as const },
      marks: [...COOK.marks, markAt('valve-opened', COOK.startedAt)],
    };
    expect(kinds('pin', opened)).toEqual(['valve-closed', 'lid-off', 'scorch']);
    expect(kinds('hold', opened)).toContain('heat-down');
  });
});
