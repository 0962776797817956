import { assess } from '../assess';
import { withExtractions } from '../batch/plan';
import type { Batch } from '../batch/schema';
import { batchOf, item, KITCHEN, POT, pressure, REFERENCE } from '../testing/kitchen';
import { stagesOf } from '../cook';
import { movesOf, runOffAt, withYield, wordsOf, yieldOf } from './';
import { cookOf } from '../testing/cooks';

const BROTH: Batch = withExtractions(
  batchOf(
    [item('b', 'veal-knuckle', 1.2, 'kg'), item('w', 'water', 2.6, 'l')],
    [pressure(60), { id: 'end', kind: 'strain' }],
    { kind: 'broth' },
  ),
  2,
);
const run = cookOf('r1', BROTH, '2026-11-24T16:00:00.000Z');

describe('runs of bones on the stove', () => {
  it('are predicted with the batch', () => {
    expect(run.predicted.runOffs?.map((r) => r.run)).toEqual([1, 2]);
    expect(run.predicted.runOffs?.[0]?.gPerL).toBeGreaterThan(
      run.predicted.runOffs?.[1]?.gPerL ?? 99,
    );
    const soup = cookOf('r2', REFERENCE, run.startedAt);
    expect(soup.predicted.runOffs).toBeUndefined();
  });

  it('are asked for where their broth is strained', () => {
    const strains = stagesOf(BROTH, run.predicted).filter((s) => s.stepKind === 'strain');
    expect(strains.map((s) => runOffAt(run, s.step)?.run)).toEqual([1, 2]);
    expect(strains.map((s) => s.pours)).toEqual([true, false]);
    const [poured, last] = strains.map((s) => wordsOf(s, 'metric'));
    expect(poured).toMatchObject({ title: 'Pour the broth off', press: 'Done' });
    expect(poured?.act).toContain('The bones stay');
    expect(last?.title).toBe('Strain');
    expect(runOffAt(run, 's1')).toBeNull();
  });

  it('are poured off by the clock', () => {
    const moves = movesOf(BROTH, assess(BROTH, POT, KITCHEN), POT, 'metric');
    const poured = moves.filter((m) => m.title === 'Pour the broth off');
    expect(poured).toHaveLength(1);
    expect(poured[0]?.detail).toContain('the bones stay');
    expect(moves.some((m) => m.title === 'Strain')).toBe(true);
  });

  it('keep what they gave, in order, and take it back', () => {
    const both = withYield(withYield(run, 2, { litres: 2.4 }), 1, { litres: 2.3, set: 'soft set' });
    expect(both.yields).toEqual([
      { run: 1, litres: 2.3, set: 'soft set' },
      { run: 2, litres: 2.4 },
    ]);
    expect(yieldOf(both, 1).set).toBe('soft set');
    expect(yieldOf(run, 1)).toEqual({ run: 1 });
    expect(withYield(both, 2, { litres: undefined }).yields).toEqual([
      { run: 1, litres: 2.3, set: 'soft set' },
    ]);
    expect(withYield(both, 1, { litres: undefined }).yields?.[0]).toEqual({
      run: 1,
      set: 'soft set',
    });
  });
});
