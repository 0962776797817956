import {
  amountGrams,
  counted,
  cupGrams,
  FOODS,
  foodByKey,
  foodInAmount,
  matchFoods,
  normalise,
  resolveFood,
  thermalProperties,
} from '.';

function food(key: string) {
  const found = foodByKey(key);
  if (!found) throw new Error(key);
  return found;
}

/** Least sums of drinks: the six parts leave alcohol out, a third of the mass of spirits. */
const WITHOUT_ALCOHOL: Readonly<Record<string, number>> = {
  wine: 85,
  beer: 85,
  'fortified-wine': 85,
  spirits: 60,
  'rice-wine': 85,
};

describe('the food table', () => {
  it('has complete rows with keys used once', () => {
    expect(FOODS.length).toBeGreaterThanOrEqual(400);
    expect(new Set(FOODS.map((f) => f.key)).size).toBe(FOODS.length);
    for (const f of FOODS) {
      const sum = Object.values(f.composition).reduce((a, b) => a + b, 0);
      // Wine, beer and spirits hold alcohol, which the six parts leave out.
      expect(sum).toBeGreaterThan(WITHOUT_ALCOHOL[f.key] ?? 94);
      expect(sum).toBeLessThan(103.5);
      expect(f.packing).toBeGreaterThan(0);
      expect(f.packing).toBeLessThanOrEqual(1);
      expect(f.cooked).toBeGreaterThan(0.4);
      expect(f.cooked).toBeLessThan(4);
      expect(cupGrams(f)).toBeGreaterThanOrEqual(15);
    }
  });

  it('finds every food by its own name and aliases', () => {
    for (const f of FOODS)
      for (const name of [f.key, f.name, ...f.aliases])
        expect([name, resolveFood(name)?.key]).toEqual([name, f.key]);
  });

  it('asks rather than guesses', () => {
    expect(resolveFood('unicorn')).toBeUndefined();
    expect(matchFoods('')).toEqual([]);
    expect(resolveFood('veal knuckle')?.key).toBe('veal-knuckle');
    expect(matchFoods('beans').length).toBeGreaterThan(2);
  });
});

describe('thermal properties', () => {
  it('is water for water and colder for ice', () => {
    const w = food('water').composition;
    expect(thermalProperties(w, 20).density).toBeCloseTo(995.7, 0);
    expect(thermalProperties(w, 20).conductivity).toBeCloseTo(0.604, 2);
    expect(thermalProperties(food('lamb-neck').composition, -18).conductivity).toBeGreaterThan(
      1.5 * thermalProperties(food('lamb-neck').composition, 5).conductivity,
    );
    expect(() =>
      normalise({ water: 0, protein: 0, fat: 0, carbohydrate: 0, fibre: 0, ash: 0 }),
    ).toThrow(RangeError);
  });
});

describe('amounts', () => {
  // From memory: USDA household weights.
  it('weighs what a cook counts', () => {
    expect(amountGrams(food('carrot'), { value: 3, unit: 'piece' })).toBe(183);
    expect(amountGrams(food('carrot'), { value: 1, unit: 'piece', size: 'large' })).toBeCloseTo(
      85.4,
      1,
    );
    expect(amountGrams(food('split-peas'), { value: 2, unit: 'cup' })).toBe(394);
    expect(amountGrams(food('water'), { value: 1, unit: 'l' })).toBeCloseTo(998, 0);
    expect(amountGrams(food('salt'), { value: 1, unit: 'tsp' })).toBeCloseTo(6, 1);
    expect(amountGrams(food('water'), { value: 2, unit: 'piece' })).toBeNull();
  });

  it('takes a can of a dry bean for cooked beans', () => {
    const amount = { value: 1, unit: 'can', canG: 400 } as const;
    const canned = foodInAmount(food('borlotti'), amount);
    expect(canned.key).toBe('canned-beans');
    expect(amountGrams(canned, amount)).toBeCloseTo(245, 0);
  });
});

describe('a food that is counted', () => {
  it.each([
    ['carrot', 2, 'carrots'],
    ['carrot', 1, 'carrot'],
    ['carrot', null, 'carrot'],
    ['bay leaf', 3, 'bay leaves'],
    ['garlic', 3, 'cloves of garlic'],
    ['garlic', 1, 'clove of garlic'],
    ['celery', 2, 'sticks of celery'],
    ['chicken thigh, boneless', 4, 'chicken thighs, boneless'],
    ['potato', 2, 'potatoes'],
    ['calf’s foot', 2, 'calf’s feet'],
    ['mushrooms', 8, 'mushrooms'],
    ['butternut squash', 2, 'butternut squashes'],
    ['black pepper', 3, 'black pepper'],
    ['corn on the cob', 2, 'corn on the cob'],
    ['squid', 2, 'squid'],
  ] as const)('%s, %s: %s', (name, pieces, wanted) => expect(counted(name, pieces)).toBe(wanted));
});
