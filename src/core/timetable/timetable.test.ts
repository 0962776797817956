import { assess } from '../assess';
import type { Mark, MarkKind } from '../batch';
import { stepsOf, waterL } from '../batch';
import { batchOf, item, KITCHEN, POT, pressure, REFERENCE } from '../testing/kitchen';
import { cookAgain, happened, movesOf, stagesOf, standing, wordsOf } from '.';
import { cookOf } from '../testing/cooks';

const T0 = Date.parse('2026-11-24T16:00:00.000Z');
const at = (min: number): string => new Date(T0 + min * 60000).toISOString();
const mark = (kind: MarkKind, min: number, step = 's1'): Mark => ({ kind, step, at: at(min) });
const run = (batch = REFERENCE) => cookOf('r1', batch, at(0));
const timed = batchOf(
  [item('w', 'water', 1.5, 'l')],
  [pressure(10, { method: 'timed', afterMin: 6 })],
);

function kinds(batch = REFERENCE) {
  return stagesOf(batch, run(batch).predicted).map((s) => s.kind);
}

describe('stages', () => {
  it('follow the release', () => {
    expect(kinds()).toEqual(['load', 'warm-up', 'hold', 'pin', 'lid', 'do']);
    expect(kinds(timed)).toEqual(['load', 'warm-up', 'hold', 'wait', 'valve', 'pin', 'lid']);
    expect(kinds({ ...timed, steps: [pressure(5, { method: 'quick' })] })).toEqual([
      'load',
      'warm-up',
      'hold',
      'valve',
      'pin',
      'lid',
    ]);
  });

  it('are where marks and clock put them', () => {
    const stages = stagesOf(timed, run(timed).predicted);
    const where = (marks: Mark[], min: number) => {
      const s = standing(stages, marks, T0, T0 + min * 60000);
      return [stages[s.index]?.kind ?? 'end', Math.round(s.leftMin * 10) / 10];
    };
    expect(where([], 3)[0]).toBe('load');
    const hot = [mark('lid-locked', 2), mark('at-pressure', 16)];
    expect(where(hot, 20)).toEqual(['hold', 6]);
    expect(where(hot, 28)).toEqual(['wait', 4]);
    expect(where(hot, 40)[0]).toBe('valve');
    expect(where([...hot, mark('valve-opened', 29)], 30)[0]).toBe('pin');
    const all = [...hot, mark('valve-opened', 33), mark('pin-down', 35), mark('lid-off', 36)];
    expect(where(all, 50)).toEqual(['end', 0]);
  });

  it('can be cut short by the cook', () => {
    const stages = stagesOf(timed, run(timed).predicted);
    const marks = [mark('lid-locked', 1), mark('at-pressure', 14), mark('hold-over', 20)];
    expect(stages[standing(stages, marks, T0, T0 + 21 * 60000).index]?.kind).toBe('wait');
    expect(happened(timed, [...marks, mark('pin-down', 31)])).toEqual([
      { step: 's1', warmUpMin: 13, releaseMin: 11 },
    ]);
    expect(happened(timed, [])).toEqual([{ step: 's1', warmUpMin: null, releaseMin: null }]);
  });

  it('have words, and cautions at the valve and the lid', () => {
    for (const method of ['natural', 'quick', 'pulsed', 'coldwater'] as const)
      for (const stage of stagesOf(
        { ...timed, steps: [pressure(5, { method })] },
        run().predicted,
      )) {
        const words = wordsOf(stage, 'metric');
        expect(words.title.length).toBeGreaterThan(2);
        expect(words.press === null).toBe(stage.mark === null);
        if (stage.kind === 'valve') expect(words.caution).toContain('scalds');
        if (stage.kind === 'lid') expect(words.caution).toContain('Never force the lid');
      }
    for (const kind of ['prep', 'saute', 'open', 'strain', 'simmer', 'rest', 'cool'] as const) {
      const [stage] = stagesOf(batchOf([], [{ id: 's1', kind, minutes: 5 }]), run().predicted);
      if (!stage) throw new Error(kind);
      expect(wordsOf(stage, 'metric').act.length).toBeGreaterThan(5);
    }
  });
});

describe('moves by the clock', () => {
  const A = assess(REFERENCE, POT, KITCHEN);
  const hot = (pot: typeof POT) =>
    movesOf(REFERENCE, A, pot, 'metric').find((m) => m.id === 's1-hot');

  it('leave an electric pot to itself and turn a flame down', () => {
    expect(hot(POT)).toMatchObject({ kind: 'wait', minutes: A.time.steps[0]?.holdMin });
    expect(hot(POT)?.detail).toMatch(/the pot keeps the time\. .* free/);
    expect(hot({ ...POT, kind: 'stovetop' })).toMatchObject({ kind: 'hands', minutes: 1 });
    expect(hot({ ...POT, kind: 'stovetop' })?.detail).toContain('turn the heat down');
  });

  it('cover the cook without a gap and in order', () => {
    const moves = movesOf(REFERENCE, A, POT, 'metric');
    const minutes = moves.map((m) => m.minute);
    expect(minutes).toEqual([...minutes].sort((a, b) => a - b));
    expect(moves.at(-1)).toMatchObject({ kind: 'serve', minute: A.time.totalMin });
  });
});

describe('cooking again', () => {
  it('carries the changes over', () => {
    const next = cookAgain(
      { ...run(), note: 'More pepper.', nextTime: { holdMin: 6, waterMl: 250 } },
      'b2',
    );
    expect(next).toMatchObject({ id: 'b2', fromCook: 'r1', note: 'More pepper.' });
    expect(stepsOf(next)[0]).toMatchObject({ holdMin: 66 });
    expect(waterL(next)).toBeCloseTo(waterL(REFERENCE) + 0.25, 3);
    expect(stepsOf(cookAgain(run(), 'b3'))[0]).toMatchObject({ holdMin: 60 });
  });
});
