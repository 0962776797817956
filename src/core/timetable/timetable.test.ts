import { markAt } from '../testing/marks';
import fc from 'fast-check';
import { assess } from '../assess';
import type { Mark, MarkKind } from '../batch/schema';
import { stepsOf, waterL } from '../batch/plan';
import { batchOf, item, KITCHEN, POT, pressure, REFERENCE } from '../testing/kitchen';
import { happened, stagesOf, standing, timelineOf } from '../cook';
import { cookAgain, movesOf, taskSpans, wordsOf } from './';
import { cookOf } from '../testing/cooks';

const T0 = Date.parse('2026-11-24T16:00:00.000Z');
const at = (min: number): string => new Date(T0 + min * 60000).toISOString();
const mark = (kind: MarkKind, min: number): Mark => markAt(kind, at(min));
const run = (batch = REFERENCE) => cookOf('r1', batch, at(0));
const timed = batchOf(
  [item('w', 'water', 1.5, 'l')],
  [pressure(10, { method: 'timed', afterMin: 6 })],
);

const marked = (marks: readonly Mark[]) => timelineOf({ ...run(timed), marks });

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
      const s = standing(stages, marked(marks), T0, T0 + min * 60000);
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

  it('are inferred from later marks, and go on where nothing is marked', () => {
    const stages = stagesOf(timed, run(timed).predicted);
    const warmUp = stages.find((x) => x.kind === 'warm-up')?.expectMin ?? 0;
    const where = (marks: Mark[], min: number, watched = false) => {
      const s = standing(stages, marked(marks), T0, T0 + min * 60000, { watched });
      return stages[s.index]?.kind ?? 'end';
    };
    const lid = mark('lid-locked', 2);
    // Only the lid: after a while it is taken to be at pressure, and the valve is waited for.
    expect(where([lid], 2 + warmUp)).toBe('warm-up');
    expect(where([lid], 2 + 1.25 * warmUp + 4)).toBe('hold');
    expect(where([lid], 2 + 1.25 * warmUp + 3 + 10 + 6 + 1)).toBe('valve');
    expect(where([lid], 500, true)).toBe('warm-up');
    expect(where([lid, mark('lid-off', 60)], 61)).toBe('end');
    expect(where([lid, mark('pin-down', 50)], 51)).toBe('lid');
    // A valve that spat is to be opened again.
    const spat = [lid, mark('at-pressure', 16), mark('valve-opened', 33), mark('valve-closed', 34)];
    expect(where(spat, 35)).toBe('valve');
    expect(where([...spat, mark('valve-opened', 37)], 38)).toBe('pin');
  });

  it('never stand before a mark that was made, whatever is marked', () => {
    const stages = stagesOf(timed, run(timed).predicted);
    const kindsOf = ['lid-locked', 'at-pressure', 'hold-over', 'valve-opened', 'pin-down'] as const;
    fc.assert(
      fc.property(fc.subarray([...kindsOf]), fc.integer({ min: 0, max: 300 }), (chosen, later) => {
        const marks = chosen.map((kind, i) => mark(kind, 3 * (i + 1)));
        const last = marks.at(-1)?.kind;
        const ended = stages.findIndex(
          (x) => x.mark === last || (x.kind === 'hold' && last === 'hold-over'),
        );
        const { index } = standing(stages, marked(marks), T0, T0 + (20 + later) * 60000, {
          watched: true,
        });
        expect(index).toBeGreaterThan(ended);
      }),
    );
  });

  it('can be cut short by the cook', () => {
    const stages = stagesOf(timed, run(timed).predicted);
    const marks = [mark('lid-locked', 1), mark('at-pressure', 14), mark('hold-over', 20)];
    expect(stages[standing(stages, marked(marks), T0, T0 + 21 * 60000).index]?.kind).toBe('wait');
    expect(happened(marked([...marks, mark('pin-down', 31)]))).toEqual([
      { step: 's1', warmUpMin: 13, releaseMin: 11 },
    ]);
    expect(happened(marked([]))).toEqual([{ step: 's1', warmUpMin: null, releaseMin: null }]);
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

describe('what is done alongside', () => {
  const two = batchOf(
    [item('w', 'water', 1.5, 'l')],
    [pressure(10, { method: 'quick' }), { ...pressure(4, { method: 'quick' }), id: 's2' }],
  );
  const batch = {
    ...two,
    alongside: [
      { id: 't1', words: 'rice apart', minutes: 18 },
      { id: 't2', words: 'bones in the oven', minutes: 40, ovenC: 220, ready: 'lid' as const },
      { id: 't3', words: 'noodles to soak', minutes: 20, ready: 'opening' as const },
      { id: 't4', words: 'polenta', minutes: 5, ready: 'opening' as const, nth: 2, attended: true },
    ],
  };
  const a = assess(batch, POT, KITCHEN);

  it('is ready where it is anchored, and begins so long before', () => {
    const [first, second] = a.time.steps;
    const spans = taskSpans(batch, a);
    const ready = spans.map((s) => s.readyMin);
    expect(ready).toEqual([a.time.totalMin, first?.startMin, first?.endMin, second?.endMin]);
    for (const { task, startMin, readyMin } of spans)
      expect(readyMin - startMin).toBeCloseTo(task.minutes, 9);
  });

  it('stands in the timetable by the clock, hands where they are needed', () => {
    const moves = movesOf(batch, a, POT, 'us').filter((m) => m.id.startsWith('alongside-'));
    const told = moves.map((m) => [m.title, m.kind, m.detail]);
    expect(told[0]).toEqual([
      'bones in the oven',
      'alongside',
      '40 min at 428 °F, ready at lid on',
    ]);
    expect(told).toContainEqual(['noodles to soak', 'alongside', '20 min, ready at the opening']);
    expect(told).toContainEqual([
      'polenta',
      'hands',
      '5 min, attended, ready at the second opening',
    ]);
    expect(told).toHaveLength(4);
    expect(moves.map((m) => m.minute)).toEqual(
      moves.map((m) => m.minute).toSorted((x, y) => x - y),
    );
  });
});
