import type { Taught } from '@/core/learn';
import { factWords, heatWords, likedWords, needWords, oddWords, taughtWords } from './knownWords';

it('says of heat and needs how far they are from what was believed, and nothing of what is the same', () => {
  expect(heatWords(0.94)).toBe('6 % weaker than its label says');
  expect(heatWords(1.1)).toBe('10 % stronger than its label says');
  expect(heatWords(1.01)).toBe('as strong as its label says');
  expect(needWords(0.9)).toBe('10 % shorter than usual');
  expect(likedWords(-1)).toBe('liked a grade firmer');
  expect(factWords({ of: 'food', name: 'carrot', factor: 1, cooks: 9, shift: 0 })).toBeNull();
  expect(factWords({ of: 'food', name: 'carrot', factor: 1, cooks: 2, shift: 1 })).toBe(
    'Carrot is liked a grade softer, learned from 2 cooks.',
  );
  expect(factWords({ of: 'bones', name: 'fish frames', factor: 0.8, cooks: 1 })).toBe(
    'Fish frames gives 20 % less gelatine than usual, learned from 1 cook.',
  );
});

it('names the marks that do not fit', () => {
  expect(oddWords(['hot', 'lag'])).toContain('The mark of pressure and of the countdown');
});

it('tells what a cook taught in words and numbers', () => {
  const factor = { middle: 0.94, from: 0.9, to: 0.98 };
  const taught: Taught = {
    pot: {
      cooks: 3,
      before: factor,
      after: factor,
      band: [
        { fromS: 18 * 60, toS: 29 * 60 },
        { fromS: 21 * 60, toS: 25 * 60 },
      ],
    },
    odd: [],
    foods: [],
    bones: [{ name: 'turkey frame', before: 1, after: 1.2 }],
    set: { word: 'soft set', share: 0.6, cooks: 2 },
    salt: { before: null, after: 0.82 },
  };
  expect(taughtWords(taught)).toEqual([
    'This pot: 6 % weaker than its label says, by 3 cooks; the warm-up band of this plan goes from 18–29 min to 21–25 min.',
    'Turkey frame: gives 20 % more gelatine than usual.',
    'Salt that is right: 0.82 %.',
    'Broths are wanted so from here on: soft set.',
  ]);
});
