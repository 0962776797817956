import FITTED from '../../doneness/needs.json';
import { CHART } from '../../doneness/chart';
import { KIN_CHART } from '../../doneness/kinChart';
import { fitFood, type Entry } from './table';

const TABLE = FITTED as Readonly<Record<string, Entry>>;
const soak = TABLE['black-beans']?.soaked ?? { need: 1, late: 1 };

/** Fits one food anew, as the calibration does. */
function again(food: string) {
  const own = CHART.filter((row) => row.food === food);
  if (own.length > 0) return fitFood(own, null, soak);
  const rows = KIN_CHART.filter((row) => row.food === food);
  const like = rows[0]?.like ?? '';
  return fitFood(rows, { food: like, z: TABLE[like]?.z ?? Number.NaN }, soak);
}

describe('the fit of times', () => {
  it.each(['potato', 'beef-stewing', 'black-beans', 'swede', 'prawns', 'chicken-feet'])(
    'of %s comes to the figures that the app has',
    (food) => {
      expect(again(food).entry).toEqual(TABLE[food]);
    },
  );

  it.each(['beef-stewing', 'pork-shoulder', 'butternut-squash', 'whole-chicken'])(
    'of %s has the size that was held out done within its range, or a third before it',
    (food) => {
      for (const { doneMin, range, how } of again(food).heldOut) {
        expect([how, doneMin]).toEqual([how, expect.any(Number)]);
        expect(doneMin).toBeGreaterThan(0.65 * range[0]);
        expect(doneMin).toBeLessThan(1.1 * range[1]);
      }
    },
  );

  it('says how far it misses a row that no figures meet', () => {
    const { fitted } = again('carrot');
    expect(fitted.some(({ off }) => off !== 0)).toBe(true);
    for (const { off } of fitted) expect(Math.abs(off)).toBeLessThan(0.5);
  });
});
