import { assess } from '@/core/assess';
import { KITCHEN, POT, REFERENCE } from '@/core/testing/kitchen';
import { wantedSpan } from '@/drawings/lanes';
import { wishAt, wishByKey } from './wishEnds';

const A = assess(REFERENCE, POT, KITCHEN);
const TOTAL = A.time.totalMin;

function lane(food: string, a = A) {
  const found = a.items.find((i) => i.food === food);
  if (!found) throw new Error(food);
  return found;
}

describe('what is wanted', () => {
  const barley = lane('pearl-barley');

  it('is a bracket from where it begins to where it ends', () => {
    const span = wantedSpan(barley, TOTAL);
    expect(span?.from).toBeCloseTo((barley.doneMin ?? 0) / TOTAL, 6);
    expect(span?.to).toBeCloseTo((barley.overMin ?? TOTAL) / TOTAL, 6);
    const never = wantedSpan({ ...barley, doneMin: null, overMin: null }, TOTAL);
    expect(never).toEqual({ from: 1, to: 1 });
  });

  it('moves from grade to grade by key, and no further than there are grades', () => {
    expect(barley.wish).toEqual({ from: 'tender', to: 'swollen' });
    expect(wishByKey(barley, 'from', -1)).toEqual({ from: 'with bite', to: 'swollen' });
    expect(wishByKey(barley, 'to', -1)).toEqual({ from: 'tender', to: 'tender' });
    expect(wishByKey(barley, 'to', 1)).toEqual({ from: 'tender', to: 'broken down' });
    const narrow = { ...barley, wish: { from: 'tender', to: 'tender' } as const };
    expect(wishByKey(narrow, 'from', 1)).toBeNull();
    expect(wishByKey(narrow, 'to', -1)).toBeNull();
    expect(wishByKey(lane('bay-leaf'), 'from', 1)).toBeNull();
  });

  it('goes to the nearest change of grade where it is dropped', () => {
    const at = (grade: string): number =>
      barley.grades.find((g) => g.grade === grade)?.fromMin ?? Number.NaN;
    expect(wishAt(barley, 'from', at('with bite') + 0.5, TOTAL)).toEqual({
      from: 'with bite',
      to: 'swollen',
    });
    expect(wishAt(barley, 'to', at('swollen') - 0.5, TOTAL)).toEqual({
      from: 'tender',
      to: 'tender',
    });
    expect(wishAt(barley, 'from', at('tender') + 0.1, TOTAL)).toBeNull();
    expect(wishAt({ ...barley, grades: [] }, 'from', 10, TOTAL)).toBeNull();
  });
});
