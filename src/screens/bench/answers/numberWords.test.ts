import { assess } from '@/core/assess';
import { scaleBatch } from '@/core/batch/plan';
import { batchOf, item, KITCHEN, POT, pressure, REFERENCE } from '@/core/testing/kitchen';
import { numberWords } from './numberWords';

const THIN = batchOf(
  [item('knuckle', 'veal-knuckle', 300, 'g'), item('water', 'water', 2.5, 'l')],
  [pressure(30)],
  { kind: 'broth', aim: { set: 'holds a cut' } },
);
const BATCHES = [REFERENCE, scaleBatch(REFERENCE, 2), scaleBatch(REFERENCE, 0.2), THIN];

describe('numbers behind a call', () => {
  it('have a name and a unit that a cook reads, in either kitchen', () => {
    for (const units of ['metric', 'us'] as const)
      for (const batch of BATCHES)
        for (const { numbers } of assess(batch, POT, { ...KITCHEN, units }).findings) {
          const rows = numberWords(numbers, units);
          expect(rows).toHaveLength(Object.keys(numbers).length);
          expect(new Set(rows.map(([label]) => label)).size).toBe(rows.length);
          for (const [label, value] of rows) {
            expect(label).toMatch(/^[a-z’]+( |$)/);
            expect(value).toMatch(/^-?[\d¼½¾⅓⅔⅛⅜⅝⅞]/);
            if (units === 'us') expect(value).not.toMatch(/\d\s?(?:ml|L|kg|°C)\b/);
          }
        }
  });

  it('are told in the units of the kitchen', () => {
    expect(numberWords({ levelL: 3.2, centreC: 74, bonesKgPerL: 0.5 }, 'metric')).toEqual([
      ['it stands at', '3.2 L'],
      ['its centre reaches', '74 °C'],
      ['bones it takes', '500 g a litre'],
    ]);
    expect(numberWords({ levelL: 3.2, centreC: 74, share: 0.25 }, 'us')).toEqual([
      ['it stands at', '3.4 qt'],
      ['its centre reaches', '165 °F'],
      ['of what the bones hold', '25 %'],
    ]);
  });
});
