import fc from 'fast-check';
import {
  addExtraction,
  pickMeat,
  extractionWaterL,
  setExtractionWater,
  withExtractions,
} from '../batch/plan';
import type { Batch, Step } from '../batch/schema';
import { extractionRate, gelatineAlong, mostGelatineG } from '../bones';
import { foodByKey } from '../food';
import { cleared, codes, finding } from '../testing/findings';
import { batchOf, item, KITCHEN, POT, pressure } from '../testing/kitchen';
import { assess } from './assess';
import { bonesModel, contentsAt, runModel } from '../model';

const END: Step = { id: 'end', kind: 'strain' };
const broth = (holdMin = 120, more: Partial<Batch> = {}, food = 'veal-knuckle'): Batch =>
  batchOf([item('b', food, 1.2, 'kg'), item('w', 'water', 2.6, 'l')], [pressure(holdMin), END], {
    kind: 'broth',
    ...more,
  });
const a = (batch: Batch) => assess(batch, POT, KITCHEN);
const runs = (batch: Batch) => a(batch).bones;
const total = (batch: Batch, what: 'gelatineG' | 'strongG' = 'strongG') =>
  runs(batch).reduce((sum, r) => sum + r[what], 0);

describe('runs through the pot', () => {
  const three = withExtractions(broth(), 3);

  it('pour the broth off and begin again in fresh water', () => {
    const model = runModel(three, POT, KITCHEN);
    const { trace } = model.heat;
    const before = trace.step.indexOf(1) - 1;
    expect(contentsAt(model, before).freeL).toBeGreaterThan(2.3);
    // While the bones stand strained there is nothing in the pot to speak of.
    expect(contentsAt(model, trace.step.indexOf(1)).freeL).toBeLessThan(0.05);
    // The fresh water finds hot bones and a hot pot.
    const second = model.heat.steps[2];
    expect(second?.reached).toBe(true);
    expect(second?.warmUpS ?? 0).toBeLessThan(model.heat.steps[0]?.warmUpS ?? 0);
    const refilled = contentsAt(model, trace.step.indexOf(2));
    expect(refilled.freeL).toBeGreaterThan(2.4);
    expect(refilled.freeL).toBeLessThan(2.8);
  });

  it('conserve the water: in is out, as broth, as steam or in the bones', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 4 }), fc.integer({ min: 10, max: 90 }), (n, hold) => {
        const batch = withExtractions(broth(hold), n);
        const model = runModel(batch, POT, KITCHEN);
        const { trace, items } = model.heat;
        const last = trace.s.length - 1;
        const ends = [...model.plan.pours.map((p) => trace.step.indexOf(p) - 1), last];
        const outKg = ends.reduce((sum, at) => sum + contentsAt(model, at).freeKg, 0);
        const inKg = model.plan.items
          .filter((i) => i.food.shape === null)
          .reduce((sum, i) => sum + i.massG / 1000, 0);
        const juiceKg = -(items['b']?.waterKg[last] ?? 0);
        expect(outKg).toBeCloseTo(inKg + juiceKg - (trace.steamKg[last] ?? 0), 3);
      }),
      { numRuns: 12 },
    );
  });

  it('close the balance of heat', () => {
    const { intoJ, storedJ, lostJ, steamJ, addedJ } = runModel(three, POT, KITCHEN).heat.energy;
    const gap = intoJ + addedJ - storedJ - lostJ - steamJ;
    expect(Math.abs(gap)).toBeLessThan(0.001 * intoJ);
  });

  it('give less each time, and never more than the bones have', () => {
    const reports = runs(three);
    expect(reports.map((r) => r.run)).toEqual([1, 2, 3]);
    expect(reports[1]?.gelatineG).toBeLessThan(reports[0]?.gelatineG ?? 0);
    expect(reports[2]?.gelatineG).toBeLessThan(reports[1]?.gelatineG ?? 0);
    const shares = reports.reduce((sum, r) => sum + r.share, 0);
    expect(shares).toBeLessThanOrEqual(1);
    expect(shares).toBeGreaterThan(0.85);
    for (const r of reports) {
      expect(r.strongG).toBeLessThanOrEqual(r.gelatineG + r.carriedG);
      expect(r.setsGPerL).toBeCloseTo(r.strongG / r.litres, 6);
      expect(r.gPerL).toBeCloseTo(r.gelatineG / r.litres, 6);
      expect(r.fuelKWh).toBeGreaterThan(0.1);
    }
    expect(a(three).runOffs?.blends.map((b) => b.runs)).toEqual([1, 2, 3]);
    expect(a(three).fill.finishedBrothL).toBeCloseTo(
      reports.reduce((sum, r) => sum + r.litres, 0),
      6,
    );
  });

  // Law of the brief: a long run split in two with fresh water never yields less in total.
  it('split in two with fresh water yield no less', () => {
    fc.assert(
      fc.property(fc.integer({ min: 20, max: 150 }), fc.integer({ min: 20, max: 150 }), (x, y) => {
        const once = broth(x + y);
        const twice = addExtraction(broth(x));
        const split: Batch = {
          ...twice,
          steps: (twice.steps ?? []).map((s) =>
            s.kind === 'pressure' && s.id !== 's1' ? { ...s, holdMin: y } : s,
          ),
        };
        expect(total(split)).toBeGreaterThanOrEqual(total(once));
        expect(total(split, 'gelatineG')).toBeGreaterThanOrEqual(total(once, 'gelatineG'));
      }),
      { numRuns: 15 },
    );
  });

  // On paper: the exact solution along the very temperatures of a cook, integrated by hand.
  it('follow the first-order law through a real trace', () => {
    const model = runModel(broth(90), POT, KITCHEN);
    const bones = bonesModel(model);
    const kind = bones?.kinds[0];
    if (!bones || !kind) throw new Error('no bones');
    const { s } = model.heat.trace;
    let left = kind.most;
    s.forEach((time, i) => {
      if (i === 0) return;
      const celsius = ((kind.celsius[i] ?? NaN) + (kind.celsius[i - 1] ?? NaN)) / 2;
      if (!Number.isFinite(celsius)) return;
      // Ten small steps of Euler a sample.
      const dt = (time - (s[i - 1] ?? time)) / 3600 / 10;
      for (let n = 0; n < 10; n++) left -= extractionRate(kind.bones.extract, celsius) * left * dt;
    });
    expect(kind.along.at(-1)).toBeCloseTo(kind.most - left, 1);
  });

  it('lag behind in frozen and in thick bones', () => {
    const one = (more: object, food = 'veal-knuckle') =>
      runs(
        batchOf([item('b', food, 1, 'kg', more), item('w', 'water', 2.5, 'l')], [pressure(30)], {
          kind: 'broth',
        }),
      )[0]?.share ?? 0;
    expect(one({ startC: -18 })).toBeLessThan(one({ startC: 5 }) - 0.02);
    expect(one({ cut: { shape: 'cube', mm: 110 } })).toBeLessThan(
      one({ cut: { shape: 'cube', mm: 40 } }) - 0.03,
    );
  });
});

describe('a double stock', () => {
  it('takes the first broth for the next bones', () => {
    const twice = batchOf(
      [
        item('b', 'veal-knuckle', 1, 'kg'),
        item('w', 'water', 2.4, 'l'),
        item('b2', 'veal-knuckle', 1, 'kg', { stays: [{ from: 's3' }] }),
      ],
      [pressure(90), { id: 's2', kind: 'strain' }, { ...pressure(90), id: 's3' }, END],
      { kind: 'stock' },
    );
    const [first, second] = runs(twice);
    expect(second?.carriedG).toBeCloseTo(first?.gelatineG ?? 0, 6);
    expect(second?.gPerL).toBeGreaterThan(1.7 * (first?.gPerL ?? 0));
    // The first broth is in the second: there is one lot in the end.
    const { runOffs, fill } = a(twice);
    expect(runOffs?.blends.at(-1)?.litres).toBeCloseTo(second?.litres ?? 0, 6);
    expect(fill.finishedBrothL).toBeLessThan(2.6);
  });
});

describe('meat picked off on the way', () => {
  const bird = batchOf(
    [item('b', 'whole-chicken', 1.6, 'kg'), item('w', 'water', 2, 'l')],
    [
      pressure(50, { method: 'quick' }),
      { id: 'door', kind: 'open' },
      { ...pressure(70), id: 's3' },
      END,
    ],
    { kind: 'stock' },
  );

  it('leaves bones that have given a part already', () => {
    const picked = pickMeat(bird, 'b', 'door');
    const back = picked.items.find((i) => i.from === 'b');
    const fresh: Batch = {
      ...picked,
      items: picked.items.map((i) => {
        const copy: Record<string, unknown> = { ...i };
        delete copy['from'];
        return copy as unknown as typeof i;
      }),
    };
    expect(back).toBeDefined();
    expect(runs(picked)[0]?.gelatineG).toBeLessThan((runs(fresh)[0]?.gelatineG ?? 0) - 1);
    expect(runs(picked)).toHaveLength(1);
  });
});

describe('calls on bones', () => {
  it('refuse poultry a second run, and take it off again', () => {
    const twice = addExtraction(broth(90, {}, 'turkey-frame'));
    const spent = finding(twice, 'bones-spent');
    expect(spent).toMatchObject({ level: 'warn', numbers: { run: 2 } });
    expect(spent.message).toContain('splinters');
    expect(runs(cleared(twice, 'bones-spent'))).toHaveLength(1);
    expect(codes(addExtraction(broth(60)))).not.toContain('bones-spent');
  });

  it('note a run that is hardly worth the heat', () => {
    expect(finding(withExtractions(broth(150), 3), 'bones-spent').level).toBe('note');
  });

  it('ask for a fine sieve once frames crumble', () => {
    const fine = finding(broth(100, {}, 'turkey-frame'), 'bones-crumble');
    expect(fine).toMatchObject({ level: 'note', item: 'b' });
    expect(codes(broth(15, {}, 'turkey-frame'))).not.toContain('bones-crumble');
    expect(codes(broth(150))).not.toContain('bones-crumble');
  });

  it('say when it will set thinner than wanted, and with how much less water it would not', () => {
    const weak: Batch = {
      ...broth(90, { aim: { set: 'soft set' } }),
      items: [item('b', 'veal-knuckle', 1.2, 'kg'), item('w', 'water', 3, 'l')],
    };
    expect(finding(weak, 'thin-set').numbers).toMatchObject({ wantedGPerL: 15 });
    expect(a(cleared(weak, 'thin-set')).runOffs?.blends.at(-1)?.set).toBe('soft set');
    // A stock is not meant to set unless it is asked to.
    expect(codes({ ...weak, kind: 'stock', aim: {} })).not.toContain('thin-set');
  });

  it('tell the way by boiling down, which does what it says', () => {
    const weak = broth(30, { aim: { set: 'soft set' } });
    const { reduce, blends } = a(weak).runOffs ?? { reduce: null, blends: [] };
    const whole = blends[0];
    if (!reduce || !whole) throw new Error('nothing to boil down');
    expect((whole.litres * whole.gPerL) / reduce.litres).toBeCloseTo(15, 6);
    expect(reduce.minutes).toBeGreaterThan(5);
    expect(reduce.kWh).toBeCloseTo((POT.powerW * reduce.minutes) / 60000, 9);
  });

  it('put spice in late and greens after opening, where they belong', () => {
    const spiced = { ...broth(200), items: [...broth().items, item('s', 'bay-leaf', 3, 'piece')] };
    expect(a(cleared(spiced, 'over-extracted')).time.steps).toHaveLength(4);
    const green = { ...broth(100), items: [...broth().items, item('p', 'parsley', 30, 'g')] };
    expect(finding(green, 'over-extracted')).toMatchObject({ level: 'note', item: 'p' });
    expect(cleared(green, 'over-extracted').steps?.map((s) => s.kind)).toContain('simmer');
  });

  it('shorten a fumet that goes bitter', () => {
    const long = broth(60, { kind: 'stock' }, 'fish-frame');
    const slow = finding(long, 'over-extracted').remedies[0];
    if (!slow) throw new Error('no remedy');
    expect(slow).toMatchObject({ do: 'set-hold' });
    const quick = { ...long, steps: [pressure(40, { method: 'quick' }), END] };
    const shorter = cleared(quick, 'over-extracted').steps?.[0];
    expect(shorter?.kind === 'pressure' && shorter.holdMin).toBeLessThan(30);
  });
});

describe('calls on one run of several', () => {
  it('cover the bones of a later run with its own water', () => {
    const bare = setExtractionWater(addExtraction(broth(60, {}, 'beef-knuckle')), 1, 0.6);
    const call = finding(bare, 'not-covered');
    expect(call.message).toContain('in run 2');
    const after = cleared(bare, 'not-covered');
    expect(extractionWaterL(after, 1)).toBeGreaterThan(0.8);
    expect(extractionWaterL(after, 0)).toBeCloseTo(2.6, 2);
  });

  it('give a later run the liquid it needs for steam, and take from it what is over the line', () => {
    const dry = setExtractionWater(addExtraction(broth(60)), 1, 0.02);
    expect(finding(dry, 'too-little-liquid').step).not.toBe('s1');
    expect(extractionWaterL(cleared(dry, 'too-little-liquid'), 1)).toBeGreaterThan(0.2);
    const full = setExtractionWater(addExtraction(broth(60)), 1, 3.6);
    expect(extractionWaterL(cleared(full, 'over-max-fill'), 1)).toBeLessThan(3.2);
    expect(extractionWaterL(cleared(full, 'over-max-fill'), 0)).toBeCloseTo(2.6, 2);
  });
});

describe('bones readied', () => {
  it('blanched give a little less, roasted less fat', () => {
    const of = (bones?: 'blanched' | 'roasted') => runs(broth(90, bones ? { bones } : {}))[0];
    expect(of('blanched')?.gelatineG).toBeLessThan(of()?.gelatineG ?? 0);
    expect(of('roasted')?.fatG).toBeLessThan(0.9 * (of()?.fatG ?? 0));
    const extract = foodByKey('veal-knuckle')?.extract;
    if (!extract) throw new Error('no bone');
    const most = mostGelatineG({ massKg: 1.2, extract, givenG: 0 });
    expect(of()?.gelatineG).toBeLessThan(most);
    expect(of()?.fatG).toBeGreaterThan(10);
  });

  it('say nothing of a soup with meat on the bone', () => {
    const soup = batchOf(
      [item('l', 'lamb-neck', 900, 'g'), item('w', 'water', 1.5, 'l')],
      [pressure(35)],
      {
        kind: 'soup',
      },
    );
    expect(a(soup)).toMatchObject({ bones: [], runOffs: null });
    expect(a({ ...soup, kind: 'stock' }).bones).toHaveLength(1);
  });

  it('rest while they are out', () => {
    const extract = foodByKey('veal-knuckle')?.extract;
    if (!extract) throw new Error('no bone');
    expect(gelatineAlong({ massKg: 1, extract, givenG: 0 }, [0, 60], [NaN, NaN])).toEqual([0, 0]);
  });
});
