import type { Batch, Pot, Step } from '../batch/schema';
import { batchOf, item, KITCHEN, POT, pressure, STOVETOP } from '../testing/kitchen';
import { movesOf } from '../timetable';
import { applyRemedy, assess } from './';

const BROTH = [item('w', 'water', 2.5, 'l'), item('k', 'veal-knuckle', 1, 'kg')];
const overnight = (more: Partial<Extract<Step, { kind: 'rest' }>> = {}): Batch =>
  batchOf(BROTH, [pressure(60), { id: 's2', kind: 'rest', minutes: 600, ...more }], {
    kind: 'broth',
  });
const slow = (batch: Batch, pot: Pot = POT) =>
  assess(batch, pot, KITCHEN).findings.find((f) => f.code === 'slow-cooling');

describe('a broth left in its pot overnight', () => {
  it('is held hot in an electric pot that was left on', () => {
    const on = overnight({ keepWarm: true });
    expect(slow(on)).toBeUndefined();
    const { series } = assess(on, POT, KITCHEN);
    expect(Math.min(...series.liquidC.slice(-20))).toBeGreaterThan(60);
  });

  it('takes a missing answer for a pot that does not keep it warm', () => {
    expect(slow(overnight())).toMatchObject({ level: 'stop', step: 's2' });
  });

  it('is lost with the pot switched off, and on a stove', () => {
    const off = overnight({ keepWarm: false });
    expect(slow(off)).toMatchObject({ level: 'stop', step: 's2' });
    expect(slow(overnight(), STOVETOP)).toMatchObject({ level: 'stop' });
    const [remedy] = slow(off)?.remedies ?? [];
    if (!remedy) throw new Error('no remedy');
    expect(slow(applyRemedy(off, remedy))).toBeUndefined();
  });

  it('may stand for a while', () => {
    expect(slow(batchOf(BROTH, [pressure(60), { id: 's2', kind: 'rest', minutes: 40 }]))).toBe(
      undefined,
    );
  });

  it('is not cooled in its open pot: said, and not more', () => {
    const cooled = batchOf(BROTH, [pressure(60), { id: 's2', kind: 'cool', minutes: 400 }]);
    expect(slow(cooled)).toMatchObject({ level: 'note' });
  });
});

describe('a cooling at the end', () => {
  const soup = batchOf(
    [item('w', 'water', 1.5, 'l'), item('c', 'carrot', 300, 'g')],
    [pressure(10), { id: 's2', kind: 'cool', minutes: 120 }],
  );
  const a = assess(soup, POT, KITCHEN);

  it('comes after the table', () => {
    const bare = assess({ ...soup, steps: [pressure(10)] }, POT, KITCHEN);
    expect(a.time.totalMin).toBeCloseTo(bare.time.totalMin, 6);
    expect(a.time.endMin).toBeCloseTo(a.time.totalMin + 120, 1);
    expect(a.series.minute.at(-1)).toBeCloseTo(a.time.endMin, 3);
  });

  it('is told by the clock after serving', () => {
    const moves = movesOf(soup, a, POT, 'metric');
    const at = (id: string): number => moves.findIndex((m) => m.id === id);
    expect(moves[at('serve')]?.minute).toBeCloseTo(a.time.totalMin, 6);
    expect(at('s2-do')).toBeGreaterThanOrEqual(0);
    expect(moves[at('s2-do')]?.minute).toBeGreaterThanOrEqual(moves[at('serve')]?.minute ?? 0);
  });

  it('counts in the middle of a plan', () => {
    const again = { ...soup, steps: [pressure(10), ...(soup.steps ?? []).slice(1), pressure(5)] };
    const twice = { ...again, steps: again.steps.map((s, i) => ({ ...s, id: `t${i}` })) } as Batch;
    const b = assess(twice, POT, KITCHEN);
    expect(b.time.totalMin).toBeCloseTo(b.time.endMin, 6);
  });
});
