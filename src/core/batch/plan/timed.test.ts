import fc from 'fast-check';
import { insertStep, newBatch, removeStep, stepsOf, timedBy } from '.';
import type { Step } from '../schema';

const EMPTY = newBatch('b', undefined);
const LID: Step = { id: 'x', kind: 'pressure', holdMin: 8, release: { method: 'quick' } };
const SIMMER: Step = { id: 'y', kind: 'simmer', minutes: 6 };

describe('steps that stand among the ingredients', () => {
  it('give the one lid its minutes and its release, and keep its id and its setting', () => {
    const set = {
      ...EMPTY,
      steps: [{ id: 's1', kind: 'pressure', setting: 'low', holdMin: 15 } as const],
    };
    expect(stepsOf(timedBy(set, [LID]))).toEqual([
      { id: 's1', kind: 'pressure', setting: 'low', holdMin: 8, release: { method: 'quick' } },
    ]);
  });

  it('follow at the end where they are no lid', () => {
    expect(stepsOf(timedBy(EMPTY, [LID, SIMMER])).map(({ id, kind }) => [id, kind])).toEqual([
      ['s1', 'pressure'],
      ['s2', 'simmer'],
    ]);
  });

  it('follow at the end where the batch has two lids already', () => {
    const two = insertStep(EMPTY, 's1', { ...LID, id: 's9' });
    expect(stepsOf(timedBy(two, [LID])).map(({ kind }) => kind)).toEqual([
      'pressure',
      'pressure',
      'pressure',
    ]);
  });

  it('never leave two steps with one id', () => {
    fc.assert(
      fc.property(
        fc.array(fc.constantFrom(LID, SIMMER), { maxLength: 6 }),
        fc.boolean(),
        (read, bare) => {
          const batch = bare ? removeStep(insertStep(EMPTY, 's1', SIMMER), 's1') : EMPTY;
          const ids = stepsOf(timedBy(batch, read)).map(({ id }) => id);
          expect(new Set(ids).size).toBe(ids.length);
        },
      ),
    );
  });
});
