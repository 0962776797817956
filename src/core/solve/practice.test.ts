import { assess, drawBatch } from '../assess';
import { BAD, GOOD, type Cooked } from '../testing/practice';
import { judgeBatch } from './advise';

function judged({ batch, pot, kitchen }: Cooked) {
  const draws = drawBatch(batch, pot, kitchen, { draws: 60, seed: 4 });
  return assess(batch, pot, kitchen, { curves: false, draws });
}

const grave = (c: Cooked): readonly string[] =>
  judged(c).findings.flatMap((f) => (f.level === 'note' ? [] : [`${f.level}: ${f.title}`]));

describe('sixteen batches that a cook would call good', () => {
  const found = GOOD.map((c) => [c.batch.name, grave(c)] as const);

  it.each(found)('%s: no stop', (_, calls) => {
    expect(calls.filter((c) => c.startsWith('stop'))).toEqual([]);
  });

  it('draw four warnings between them at the most', () => {
    expect(found).toHaveLength(16);
    expect(found.flatMap(([, calls]) => calls).length).toBeLessThanOrEqual(4);
  });

  it('come to pressure and to the table', () => {
    for (const c of GOOD) {
      const { time } = assess(c.batch, c.pot, c.kitchen, { curves: false });
      expect(time.totalMin).toBeGreaterThan(20);
      expect(time.totalMin).toBeLessThan(420);
    }
  });
});

describe('eight batches that a cook would regret', () => {
  it.each(BAD.map((c) => [c.batch.name, c] as const))('%s: caught', (_, c) => {
    const codes = judged(c).findings.flatMap((f) => (f.level === 'note' ? [] : [f.code]));
    expect(codes.filter((code) => c.caught.includes(code))).not.toEqual([]);
  });

  it('are mended by what is offered, where anything is', () => {
    for (const { batch, pot, kitchen, caught } of BAD) {
      const draws = drawBatch(batch, pot, kitchen, { draws: 30, seed: 4 });
      const { findings, advice } = judgeBatch(batch, pot, kitchen, [pot], draws);
      for (const f of findings.filter(({ code }) => caught.includes(code))) {
        const offers = Object.entries(advice.offers).flatMap(([key, o]) =>
          key.startsWith(f.code) ? o : [],
        );
        expect(offers.length).toBeLessThanOrEqual(3);
        for (const offer of offers) expect(offer.outcome).toMatch(/ min to the table|h/);
      }
    }
  });
});
