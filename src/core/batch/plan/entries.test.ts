import { batchOf, item, pressure } from '../../testing/kitchen';
import { handlingAt, keptApart } from './';

const BATCH = batchOf(
  [
    item('w', 'water', 1.5, 'l'),
    item('l', 'lamb-neck', 800, 'g', { stays: [{ from: 's1', to: 's2' }] }),
    item('k', 'leek', 2, 'piece', { stays: [{ from: 's2' }] }),
    item('g', 'carrot', 2, 'piece', { stays: [{ from: 'gone' }] }),
    item('n', 'ditalini', 150, 'g', { apart: true, stays: [{ from: 's1', to: 's2' }] }),
  ],
  [pressure(30), { id: 's2', kind: 'simmer', minutes: 8 }],
);
const ids = (moved: readonly { item: { id: string } }[]): readonly string[] =>
  moved.map(({ item: { id } }) => id);

describe('what hands do at a step', () => {
  it('puts in what enters there, and with the first what names no step of the batch', () => {
    expect(ids(handlingAt(BATCH, 's1').into)).toEqual(['w', 'l', 'g']);
    expect(ids(handlingAt(BATCH, 's2').into)).toEqual(['k']);
  });

  it('takes out what leaves there', () => {
    expect(ids(handlingAt(BATCH, 's2').out)).toEqual(['l']);
    expect(handlingAt(BATCH, 's1').out).toEqual([]);
    expect(handlingAt(BATCH, 'gone')).toEqual({ into: [], out: [] });
  });

  it('never touches what is cooked apart', () => {
    expect(keptApart(BATCH).map(({ id }) => id)).toEqual(['n']);
    for (const step of ['s1', 's2']) {
      const { into, out } = handlingAt(BATCH, step);
      expect(ids([...into, ...out])).not.toContain('n');
    }
  });
});
