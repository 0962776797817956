import { assess, drawBatch } from '../assess';
import { OTHER_BAD, OTHER_GOOD } from '../testing/otherKitchens';
import { BAD, GOOD, type Cooked } from '../testing/practice';
import { thicknessWord } from '../finish';
import { judgeBatch } from './advise';

function judged({ batch, pot, kitchen }: Cooked) {
  const draws = drawBatch(batch, pot, kitchen, { draws: 60, seed: 4 });
  return assess(batch, pot, kitchen, { curves: false, draws });
}

const grave = (c: Cooked): readonly string[] =>
  judged(c).findings.flatMap((f) => (f.level === 'note' ? [] : [`${f.level}: ${f.title}`]));

describe('twenty-eight batches that a cook would call good', () => {
  const all = [...GOOD, ...OTHER_GOOD];
  const found = all.map((c) => [c.batch.name, grave(c)] as const);

  it.each(found)('%s: no stop', (_, calls) => {
    expect(calls.filter((c) => c.startsWith('stop'))).toEqual([]);
  });

  it('draw four warnings between them at the most', () => {
    expect(found).toHaveLength(28);
    expect(found.flatMap(([, calls]) => calls).length).toBeLessThanOrEqual(4);
  });

  it('come to pressure and to the table', () => {
    for (const c of all) {
      const { time } = assess(c.batch, c.pot, c.kitchen, { curves: false });
      expect(time.totalMin).toBeGreaterThan(20);
      expect(time.totalMin).toBeLessThan(420);
    }
  });
});

describe('thirteen batches that a cook would regret', () => {
  const all = [...BAD, ...OTHER_BAD];
  it.each(all.map((c) => [c.batch.name, c] as const))('%s: caught', (_, c) => {
    const codes = judged(c).findings.flatMap((f) => (f.level === 'note' ? [] : [f.code]));
    expect(codes.filter((code) => c.caught.includes(code))).not.toEqual([]);
  });

  it('are mended by what is offered, where anything is', () => {
    for (const { batch, pot, kitchen, caught } of all) {
      const draws = drawBatch(batch, pot, kitchen, { draws: 30, seed: 4 });
      const { findings, advice } = judgeBatch(batch, pot, kitchen, [pot], draws);
      for (const f of findings.filter(({ code }) => caught.includes(code))) {
        const offers = Object.entries(advice.offers).flatMap(([key, o]) =>
          key.startsWith(f.code) ? o : [],
        );
        expect(offers.length).toBeLessThanOrEqual(3);
        for (const offer of offers) expect(offer.outcome).toMatch(/ min in all|h/);
      }
    }
  });
});

describe('a congee', () => {
  const congee = OTHER_GOOD.find(({ batch }) => batch.name.includes('congee'));
  if (!congee) throw new Error('no congee');
  const { batch, pot, kitchen } = congee;
  const { findings, items, finish } = assess(batch, pot, kitchen, { curves: false });

  it('has its rice broken down, and right', () => {
    const rice = items.find(({ id }) => id === 'r');
    expect([rice?.grade, rice?.verdict]).toEqual(['broken down', 'right']);
  });

  it('is thick, and nothing offers to cook the rice apart', () => {
    expect(thicknessWord(finish.pas.table)).not.toBe('like water');
    const offered = findings.flatMap(({ remedies }) => remedies.map((r) => r.do));
    expect(offered).not.toContain('apart');
    expect(findings.map(({ code }) => code)).not.toContain('noodles-drink');
  });
});
