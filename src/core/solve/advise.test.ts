import { applyRemedy, assess, callKey, drawBatch, type Finding } from '../assess';
import type { Batch } from '../batch/schema';
import { batchOf, item, KITCHEN, POT, pressure } from '../testing/kitchen';
import { judgeBatch } from './advise';

const BIG = { ...POT, id: 'p2', name: 'Big one', capacityL: 9, innerDiameterCm: 26 };

function judged(batch: Batch, pots = [POT]) {
  const draws = drawBatch(batch, POT, KITCHEN, { draws: 40, seed: 3 });
  return judgeBatch(batch, POT, KITCHEN, pots, draws);
}

const FULL = batchOf(
  [item('w', 'water', 2.8, 'l'), item('p', 'split-peas', 500, 'g')],
  [pressure(12, { method: 'quick' })],
);

describe('advice', () => {
  const { findings, advice } = judged(FULL, [POT, BIG]);

  it('offers up to three remedies, each run through the model', () => {
    const spray = findings.find((f) => f.code === 'spray-risk');
    const offers = spray ? advice.offers[callKey(spray)] : [];
    expect(offers?.length).toBeGreaterThan(0);
    for (const list of Object.values(advice.offers)) expect(list.length).toBeLessThanOrEqual(3);
    for (const { remedy, mends, totalMin } of offers ?? []) {
      const pot = remedy.do === 'move-pot' ? remedy.pot : POT;
      const after = assess(applyRemedy(FULL, remedy), pot, KITCHEN, { stepS: 30 });
      expect(after.time.totalMin).toBeCloseTo(totalMin, 6);
      const left = after.findings.filter((f) => f.level === 'stop').map(callKey);
      for (const key of mends) expect(left).not.toContain(key);
    }
  });

  it('knows of the bigger pot', () => {
    const all = Object.values(advice.offers).flat();
    expect(all.some(({ remedy }) => remedy.do === 'move-pot')).toBe(true);
  });

  it('offers what mends several once', () => {
    expect(advice.first?.mends.length).toBeGreaterThan(1);
  });

  it('offers nothing that breaks something else', () => {
    for (const { remedy } of Object.values(advice.offers).flat()) {
      const pot = remedy.do === 'move-pot' ? remedy.pot : POT;
      const after = assess(applyRemedy(FULL, remedy), pot, KITCHEN);
      const old = new Set(findings.map(callKey));
      expect(after.findings.filter((f) => f.level === 'stop' && !old.has(callKey(f)))).toEqual([]);
    }
  });

  it('leaves no stop without an offer for what only warns, and tells of that; it never comes first', () => {
    const over = judged(
      batchOf(
        [
          item('w', 'water', 3, 'l'),
          item('p', 'split-peas', 300, 'g'),
          item('t', 'chicken-thigh', 600, 'g'),
        ],
        [pressure(12, { method: 'quick' })],
      ),
    );
    const stop = over.findings.find((f) => f.code === 'over-foam-line');
    const [offer] = stop ? (over.advice.offers[callKey(stop)] ?? []) : [];
    expect(offer?.remedy.do).toBe('set-water');
    expect(offer?.makes).toEqual(['undercooked p ']);
    expect(offer?.outcome).toMatch(/ sooner; then: split peas stay with bite$/);
    expect(over.advice.first?.makes ?? []).toEqual([]);
    // A warning is not a remedy for another warning.
    for (const f of over.findings.filter(({ level }) => level !== 'stop'))
      for (const { makes, mends } of over.advice.offers[callKey(f)] ?? [])
        if (makes.length > 0) expect(mends).toContain(stop && callKey(stop));
  });

  it('puts what changes least of what the cook wants first', () => {
    const noodles = judged(
      batchOf(
        [
          item('w', 'water', 1.6, 'l'),
          item('t', 'chicken-thigh', 500, 'g'),
          item('n', 'egg-noodles', 150, 'g'),
        ],
        [pressure(12, { method: 'natural' })],
      ),
    );
    const call = noodles.findings.find((f) => f.code === 'overcooked');
    const kinds = (call ? noodles.advice.offers[callKey(call)] : [])?.map((o) => o.remedy.do);
    expect(kinds?.length).toBeGreaterThan(1);
    expect(kinds?.at(0)).not.toBe('set-wish');
    expect(kinds).not.toContain('scale');
  });

  it('finds the order where several are not as wished', () => {
    const mixed = batchOf(
      [
        item('w', 'water', 1.6, 'l'),
        item('l', 'lamb-neck', 700, 'g', { cut: { shape: 'cube', mm: 40 } }),
        item('n', 'ditalini', 120, 'g'),
        item('g', 'green-beans', 150, 'g'),
      ],
      [pressure(35)],
    );
    const { advice: found } = judged(mixed);
    expect(found.first?.remedy).toMatchObject({ do: 'take', label: 'Fix the timing for me' });
    expect(found.first?.mends.length).toBeGreaterThan(1);
  });

  it('has nothing to say of a batch that is right', () => {
    const plain = judged(
      batchOf(
        [item('w', 'water', 1.5, 'l'), item('c', 'carrot', 400, 'g'), item('s', 'salt', 14, 'g')],
        [pressure(12)],
      ),
    );
    expect(plain.findings.filter((f) => f.level !== 'note')).toEqual([]);
    expect(plain.advice.first).toBeNull();
  });

  // Hot enough as planned and too cool in one draw of ten: only the draws find the remedy.
  it('offers a longer hold where only chance is against a plan', () => {
    const breast = batchOf(
      [item('w', 'water', 1.2, 'l'), item('c', 'chicken-breast', 700, 'g', { startC: -18 })],
      [pressure(10, { method: 'quick' })],
    );
    const draws = drawBatch(breast, POT, KITCHEN, { draws: 60, seed: 4 });
    const { findings, advice } = judgeBatch(breast, POT, KITCHEN, [POT], draws);
    const stop = findings.find(({ code }) => code === 'poultry-not-safe');
    expect(stop?.message).toContain('As planned that is enough');
    const offers = advice.offers[callKey(stop as Finding)] ?? [];
    expect(offers.map(({ remedy }) => remedy.do)).toContain('set-hold');
  });
});
