import { assess } from '../../assess';
import { stepsOf, stretchesOf, withExtractions } from '../../batch/plan';
import { SETS, type Aim, type Batch } from '../../batch/schema';
import { batchOf, item, KITCHEN, POT, pressure } from '../../testing/kitchen';
import { planRunOffs } from '.';
import { minutesOf, probeRuns, yieldOf } from './kinetics';

const knuckles: Batch = batchOf(
  [item('b', 'veal-knuckle', 1.2, 'kg'), item('w', 'water', 2.8, 'l')],
  [pressure(60), { id: 'end', kind: 'strain' }],
  { kind: 'broth' },
);
const frame: Batch = {
  ...knuckles,
  items: [item('b', 'turkey-frame', 900, 'g'), item('w', 'water', 2.4, 'l')],
};
const plan = (aim: Aim, batch = knuckles) => planRunOffs(batch, POT, KITCHEN, aim);
const chosen = (aim: Aim, batch = knuckles) => {
  const { options, best } = plan(aim, batch);
  const option = options[best];
  if (!option) throw new Error('nothing was found');
  return option;
};

describe('the tables of the search', () => {
  it('agree with the model on what runs yield and how long they take', () => {
    const two = withExtractions(knuckles, 2);
    const kinetics = probeRuns(two, POT, KITCHEN);
    if (!kinetics) throw new Error('no bones');
    for (const holds of [
      [60, 60],
      [120, 45],
      [30, 150],
    ]) {
      const batch = {
        ...two,
        steps: stepsOf(two).map((s, i) =>
          s.kind === 'pressure' ? { ...s, holdMin: holds[i === 0 ? 0 : 1] ?? 0 } : s,
        ),
      };
      const a = assess(batch, POT, KITCHEN);
      const strong = a.bones.reduce((sum, r) => sum + r.strongG, 0);
      // A search may be this far off; what it proposes goes through the model.
      expect(Math.abs(yieldOf(kinetics, holds) / strong - 1)).toBeLessThan(0.05);
      expect(Math.abs(minutesOf(kinetics, holds) - (a.bones.at(-1)?.endMin ?? 0))).toBeLessThan(6);
    }
  });
});

describe('planning the runs', () => {
  it('reaches a set in the least time, and no sooner', () => {
    const soft = chosen({ set: 'soft set' });
    expect(soft.misses).toEqual([]);
    expect(SETS.indexOf(soft.set)).toBeGreaterThanOrEqual(2);
    // Ten minutes less of its longest hold and it no longer sets so.
    const longest = Math.max(...soft.holdsMin);
    const shorter: Batch = {
      ...soft.batch,
      steps: stepsOf(soft.batch).map((s) =>
        s.kind === 'pressure' && s.holdMin === longest ? { ...s, holdMin: longest - 15 } : s,
      ),
    };
    expect(assess(shorter, POT, KITCHEN).runOffs?.blends.at(-1)?.gPerL).toBeLessThan(15);
  });

  it('makes as many litres as are wanted, in as many runs as that takes', () => {
    const many = chosen({ set: 'trembles', litres: 5 });
    expect(many.misses).toEqual([]);
    expect(many.runs).toBe(2);
    expect(many.litres).toBeGreaterThan(4.9);
    expect(many.litres).toBeLessThan(5.2);
    expect(stretchesOf(many.batch)).toHaveLength(2);
  });

  it('keeps to the hours and the openings', () => {
    const quick = chosen({ hours: 2 });
    expect(quick.totalMin).toBeLessThanOrEqual(122);
    expect(plan({ openings: 0 }).options).toHaveLength(1);
    expect(plan({ openings: 0 }).limit).toContain('open the pot at most 0 times');
  });

  it('says what cannot be had, and gives the nearest', () => {
    const dream = chosen({ set: 'holds a cut', litres: 6, hours: 1 });
    expect(dream.misses.length).toBeGreaterThan(0);
    expect(dream.misses.join(' ')).toMatch(/not “holds a cut”|not 6\.0 L|not 1 h/);
  });

  it('gives poultry one run, and says why', () => {
    const { options, limit } = plan({ set: 'trembles', litres: 5 }, frame);
    expect(options.map((o) => o.runs)).toEqual([1]);
    expect(limit).toContain('turkey frame, one broth at most');
  });

  it('asks for more runs only where they give more', () => {
    const worth = plan({});
    expect(worth.options.map((o) => o.runs)).toEqual([1, 2]);
    const [once, twice] = worth.options;
    expect((twice?.gPerL ?? 0) * (twice?.litres ?? 0)).toBeGreaterThan(
      (once?.gPerL ?? 0) * (once?.litres ?? 0),
    );
    // The least gain that is called worth it stops every hold.
    for (const o of worth.options) expect(Math.max(...o.holdsMin)).toBeLessThan(240);
  });

  it('has nothing to offer without bones', () => {
    const soup = batchOf([item('w', 'water', 2, 'l')], [pressure(20)], { kind: 'broth' });
    expect(plan({}, soup)).toEqual({ options: [], best: 0, limit: 'there are no bones in it' });
  });
});
