import { batchOf, item, KITCHEN, POT, pressure, REFERENCE } from '../testing/kitchen';
import { stepsOf } from '../batch/plan';
import type { Batch } from '../batch/schema';
import { changesOf } from './changes';
import { buildPlan, frameOf, type Decision } from './frame';
import { LONGEST_HOLDS, LONGEST_SIMMER, probe } from './probe';
import { search } from './search';
import { USUAL_WISHES } from './types';

const frame = (batch: Batch = REFERENCE) => frameOf(batch, POT, KITCHEN, USUAL_WISHES);
const NATURAL = { method: 'natural' } as const;

const decision = (more: Partial<Decision> = {}): Decision => ({
  holds: [20],
  releases: [NATURAL],
  entries: { i1: 0, i2: 0, i3: 0, i4: 1, i5: 1 },
  simmer: { i4: 12, i5: 8 },
  simmerMin: 12,
  ...more,
});

describe('the frame of a plan', () => {
  it('places what has a need and leaves the rest to the first lid', () => {
    expect(frame().placed.map((p) => p.id)).toEqual(['i1', 'i2', 'i3', 'i4', 'i5']);
    const built = buildPlan(frame(), decision());
    const first = stepsOf(built)[0]?.id;
    for (const id of ['i6', 'i7', 'i8'])
      expect(built.items.find((i) => i.id === id)?.stays?.[0]?.from).toBe(first);
  });

  it('makes a simmer in as many parts as there are times to go in', () => {
    const built = buildPlan(frame(), decision());
    expect(stepsOf(built).map((s) => [s.kind, 'minutes' in s ? s.minutes : 0])).toEqual([
      ['pressure', 0],
      ['simmer', 4],
      ['simmer', 8],
    ]);
    const [, long, short] = stepsOf(built);
    expect(built.items.find((i) => i.id === 'i4')?.stays?.[0]?.from).toBe(long?.id);
    expect(built.items.find((i) => i.id === 'i5')?.stays?.[0]?.from).toBe(short?.id);
  });

  it('opens the pot between two lids, with ids used once', () => {
    const built = buildPlan(
      frame(),
      decision({ holds: [20, 5], releases: [NATURAL, NATURAL], entries: { i1: 0, i2: 1 } }),
    );
    const ids = stepsOf(built).map((s) => s.id);
    expect(new Set(ids).size).toBe(ids.length);
    expect(stepsOf(built).map((s) => s.kind)).toEqual([
      'pressure',
      'open',
      'pressure',
      'simmer',
      'simmer',
    ]);
    expect(built.items.find((i) => i.id === 'i2')?.stays?.[0]?.from).toBe(ids[1]);
  });

  it('keeps what is browned where it is', () => {
    const browned = {
      ...REFERENCE,
      steps: [{ id: 'b', kind: 'saute' as const, minutes: 6 }, ...stepsOf(REFERENCE)],
      items: REFERENCE.items.map((i) => (i.id === 'i1' ? { ...i, stays: [{ from: 'b' }] } : i)),
    };
    const f = frame(browned);
    expect(f.placed.map((p) => p.id)).not.toContain('i1');
    const entries = { i2: 0, i3: 0, i4: 1, i5: 1 };
    const built = buildPlan(f, decision({ entries }));
    expect(built.items.find((i) => i.id === 'i1')?.stays?.[0]?.from).toBe('b');
    expect(stepsOf(built)[0]?.id).toBe('b');
  });
});

describe('the tables', () => {
  const table = probe(frame(), [NATURAL]);
  if (!table) throw new Error('no table');

  it('rise with every minute, and fall with a later entry', () => {
    for (const exposures of Object.values(table.exposures)) {
      expect(exposures).toHaveLength(2);
      const hold = exposures[0]?.holds[0];
      expect(hold?.centre).toHaveLength((LONGEST_HOLDS[0]?.[0] ?? 0) + 1);
      for (let m = 1; m < (hold?.centre.length ?? 0); m++)
        expect(hold?.centre[m]).toBeGreaterThanOrEqual(hold?.centre[m - 1] ?? 0);
      expect(exposures[1]?.holds[0]).toBeNull();
      expect(exposures[1]?.simmer.centre).toHaveLength(LONGEST_SIMMER + 1);
    }
  });

  it('have no answer for a pot that never comes to pressure', () => {
    const dry = frame(batchOf([item('c', 'carrot', 400, 'g')], [pressure(5)]));
    expect(probe(dry, [NATURAL])).toBeNull();
  });

  it('are searched for the least time, and not for what was tried', () => {
    const found = search(frame(), table, new Map(), new Set(), 0.01);
    expect(found?.miss).toBe(0);
    const { holds, simmerMin } = found?.decision ?? decision();
    const again = search(
      frame(),
      table,
      new Map(),
      new Set([`${holds.join(',')} ${simmerMin}`]),
      0.01,
    );
    expect(again?.minutes).toBeGreaterThanOrEqual(found?.minutes ?? Infinity);
    expect([again?.decision.holds, again?.decision.simmerMin]).not.toEqual([holds, simmerMin]);
  });
});

describe('changes in words', () => {
  it('say what moves, and nothing where nothing does', () => {
    expect(changesOf(REFERENCE, REFERENCE, 'metric')).toEqual([]);
    const moved: Batch = {
      ...REFERENCE,
      steps: [
        pressure(20, { method: 'timed', afterMin: 5 }),
        { id: 's2', kind: 'simmer', minutes: 9 },
      ],
      items: REFERENCE.items.map((i) =>
        i.id === 'i1'
          ? { ...i, cut: { shape: 'cube', mm: 30 } }
          : i.id === 'i2'
            ? { ...i, apart: true }
            : i.id === 'i5'
              ? { ...i, stays: [{ from: 's1' }] }
              : i,
      ),
    };
    const words = changesOf(REFERENCE, moved, 'metric');
    expect(words[0]).toContain('hold 20 min, valve after 5 min; simmer 9 min');
    expect(words).toContain('lamb neck: cut to 30 mm');
    expect(words).toContain('pearl barley: cooked separately, added when served');
    expect(words).toContain('leek: with the first lid');
  });
});
