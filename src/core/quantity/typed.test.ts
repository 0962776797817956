import fc from 'fast-check';
import { readTyped } from '.';

/** Written before the reader, as a cook would mean them. */
const MEANT: readonly (readonly [string, number])[] = [
  ['5300', 5300],
  ['5,300', 5300],
  ['5 300', 5300],
  ['5\u00a0300', 5300],
  ['5\u202f300', 5300],
  ["5'300", 5300],
  ['12,500', 12_500],
  ['1,234,567', 1_234_567],
  ['1,234.5', 1234.5],
  ['1.234,5', 1234.5],
  ['1.234.567', 1_234_567],
  ['1,5', 1.5],
  ['0,75', 0.75],
  ['0,125', 0.125],
  [',5', 0.5],
  ['.5', 0.5],
  ['3.785', 3.785],
  ['1.575', 1.575],
  ['0.250', 0.25],
  ['1 1/2', 1.5],
  ['1½', 1.5],
  ['½', 0.5],
  ['3/4', 0.75],
  ['2 x 400', 800],
  ['2×400', 800],
  ['2 * 1,5', 3],
  ['-4', -4],
  ['−4', -4],
  ['-1,200', -1200],
  [' 90 ', 90],
];

it.each(MEANT)('reads “%s” as %d', (text, value) => {
  expect(readTyped(text).value).toBeCloseTo(value, 9);
  expect(readTyped(text).or).toBeUndefined();
});

it.each([
  ['5.300', 5.3, 5300],
  ['1.250', 1.25, 1250],
  ['-2.400', -2.4, -2400],
] as const)('asks whether “%s” is %d or %d', (text, value, or) => {
  expect(readTyped(text)).toEqual({ value, or });
});

it.each(['', 'high', '7/0x', '5,30,0', '1.2.3', '--4', '2 x', '5.300 x 2', '1/0'])(
  'takes “%s” for no number',
  (text) => {
    expect(Number.isFinite(readTyped(text).value)).toBe(false);
  },
);

it('reads every whole number back, however it is grouped', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 0, max: 99_999_999 }),
      fc.constantFrom('', ',', ' ', '\u202f', "'"),
      (n, mark) => {
        const text = String(n).replace(/\B(?=(?:\d{3})+$)/g, mark);
        expect(readTyped(text)).toEqual({ value: n });
      },
    ),
  );
});

it('reads decimals with a point or a comma, but for a comma that groups', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 0, max: 9999 }),
      fc.integer({ min: 1, max: 99 }),
      (whole, hundredths) => {
        const text = `${whole}.${String(hundredths).padStart(2, '0')}`;
        expect(readTyped(text).value).toBeCloseTo(whole + hundredths / 100, 9);
        expect(readTyped(text.replace('.', ',')).value).toBeCloseTo(whole + hundredths / 100, 9);
      },
    ),
  );
});
