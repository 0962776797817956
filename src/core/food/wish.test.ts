import { FOODS, foodByKey, GRADES, presetsOf, spanOf, usualSpan, wishOf, type Family } from '.';

const FAMILIES = Object.keys(GRADES) as Family[];
const MANNERS = [true, false].flatMap((whole) => [true, false].map((late) => ({ whole, late })));

describe('wishes', () => {
  it('are a span of the food’s own grades, whatever the manner and the likes', () => {
    const likes = [
      {},
      { vegetables: 'bite', beans: 'whole', breast: 'juicy' } as const,
      { vegetables: 'soft', beans: 'creamy', breast: 'pulled' } as const,
    ];
    for (const food of FOODS)
      for (const manner of MANNERS)
        for (const like of likes) {
          if (!food.family) continue;
          const { from, to } = usualSpan(food, food.family, manner, like);
          expect(from).toBeGreaterThanOrEqual(0);
          expect(to).toBeGreaterThanOrEqual(from);
          expect(to).toBeLessThan(GRADES[food.family].length);
        }
  });

  it('come back from words', () => {
    for (const family of FAMILIES)
      for (const { words, from, to } of presetsOf(family)) {
        const span = spanOf(family, { from, to });
        expect([words, span]).toEqual([words, expect.anything()]);
        if (span) expect(wishOf(family, span)).toEqual({ from, to });
      }
  });

  it('are none where the words are no grades, or in the wrong order', () => {
    expect(spanOf('pasta', { from: 'firm', to: 'mush' })).toBeNull();
    expect(spanOf('pasta', { from: 'soft', to: 'firm' })).toBeNull();
    expect(spanOf('pasta', { from: 'firm', to: 'soft' })).toEqual({ from: 1, to: 2 });
  });

  it('take a whole breast to be pulled, and cubes to be juicy', () => {
    const breast = foodByKey('chicken-breast');
    if (!breast) throw new Error('breast');
    const span = (whole: boolean) => usualSpan(breast, 'lean', { whole, late: false });
    expect(wishOf('lean', span(true)).to).toBe('dry in slices');
    expect(wishOf('lean', span(false)).to).toBe('juicy');
  });
});
