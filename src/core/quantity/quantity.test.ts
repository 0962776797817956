import fc from 'fast-check';
import {
  formatAmount,
  formatDegrees,
  formatSalt,
  formatFraction,
  formatLength,
  formatMass,
  formatMinutes,
  formatTemperature,
  formatVolume,
  MASS_G,
  measured,
  nearestFraction,
  formatAcross,
  formatAltitude,
  formatLevel,
  formatPressure,
  parseAmount,
  parseLength,
  UNITS,
  VOLUME_ML,
  volumeMl,
} from '.';

it('speaks of pots, heights and pressures in the kitchen’s own units', () => {
  expect([formatLevel(3.8, 'us'), formatLevel(3.8, 'metric')]).toEqual(['4.0 qt', '3.8 L']);
  // A pot of six quarts holds 5.7 L.
  expect(formatLevel(5.68, 'us')).toBe('6.0 qt');
  expect([formatAltitude(1150, 'us'), formatAltitude(1150, 'metric')]).toEqual([
    '3,773 ft',
    '1,150 m',
  ]);
  // Common practice: high is 11.6 psi.
  expect([formatPressure(80, 'psi'), formatPressure(80, 'kPa'), formatPressure(80, 'bar')]).toEqual(
    ['11.6 psi', '80 kPa', '0.80 bar'],
  );
  expect([formatAcross(22, 'us'), formatAcross(22, 'metric')]).toEqual(['8 5/8 in', '22 cm']);
});

describe('reading an amount', () => {
  it.each([
    ['1 1/2 lb lamb neck', { value: 1.5, unit: 'lb' }, 'lamb neck'],
    ['1.5 l water', { value: 1.5, unit: 'l' }, 'water'],
    ['1,5 l water', { value: 1.5, unit: 'l' }, 'water'],
    ['1.5 litres of water', { value: 1.5, unit: 'l' }, 'water'],
    ['2 medium carrots', { value: 2, unit: 'piece', size: 'medium' }, 'carrots'],
    ['1 large onion, diced', { value: 1, unit: 'piece', size: 'large' }, 'onion, diced'],
    ['3½ cups pearl barley', { value: 3.5, unit: 'cup' }, 'pearl barley'],
    ['a 400 g can of borlotti', { value: 1, unit: 'can', canG: 400 }, 'borlotti'],
    ['a 400 g tin borlotti', { value: 1, unit: 'can', canG: 400 }, 'borlotti'],
    ['2 x 400 g cans tomatoes', { value: 2, unit: 'can', canG: 400 }, 'tomatoes'],
    ['1 (15-ounce) can tomatoes', { value: 1, unit: 'can', canG: 425 }, 'tomatoes'],
    ['2 cans (400 g) tomatoes', { value: 2, unit: 'can', canG: 400 }, 'tomatoes'],
    ['two leeks', { value: 2, unit: 'piece' }, 'leeks'],
    ['half an onion', { value: 0.5, unit: 'piece' }, 'onion'],
    ['500g venison', { value: 500, unit: 'g' }, 'venison'],
    ['3 cloves garlic', { value: 3, unit: 'piece' }, 'garlic'],
    ['8 fl oz milk', { value: 8, unit: 'floz' }, 'milk'],
    ['1 1/2 qt water', { value: 1.5, unit: 'qt' }, 'water'],
    ['two kilos of beef shin', { value: 2, unit: 'kg' }, 'beef shin'],
    ['half a kilo of lentils', { value: 0.5, unit: 'kg' }, 'lentils'],
    ['a litre of stock', { value: 1, unit: 'l' }, 'stock'],
    ['half a litre of water', { value: 0.5, unit: 'l' }, 'water'],
    ['one and a half kilos of potatoes', { value: 1.5, unit: 'kg' }, 'potatoes'],
    ['a pound and a half of carrots', { value: 1.5, unit: 'lb' }, 'carrots'],
    ['three-quarters of a pound of carrots', { value: 0.75, unit: 'lb' }, 'carrots'],
    ['quarter cup oil', { value: 0.25, unit: 'cup' }, 'oil'],
    ['half cup cream', { value: 0.5, unit: 'cup' }, 'cream'],
    ['half a dozen eggs', { value: 6, unit: 'piece' }, 'eggs'],
    ['two dozen prunes', { value: 24, unit: 'piece' }, 'prunes'],
    ['a couple of onions', { value: 2, unit: 'piece' }, 'onions'],
    ['couple carrots', { value: 2, unit: 'piece' }, 'carrots'],
    ['seven carrots', { value: 7, unit: 'piece' }, 'carrots'],
    ['- 2 tbsp tomato paste', { value: 2, unit: 'tbsp' }, 'tomato paste'],
  ])('%s', (line, amount, rest) => {
    expect(parseAmount(line)).toEqual({ amount, rest, unsure: [] });
  });

  it('says when it guessed', () => {
    const parsed = parseAmount('2-3 carrots');
    expect(parsed.amount).toEqual({ value: 2.5, unit: 'piece' });
    expect(parsed.unsure).toEqual(['between 2 and 3, read as 2.5']);
  });

  it('leaves a line without a number whole', () => {
    expect(parseAmount('half and half').amount).toBeNull();
    expect(parseAmount('salt to taste')).toEqual({
      amount: null,
      rest: 'salt to taste',
      unsure: [],
    });
  });

  it('reads lengths', () => {
    expect(parseLength('leeks, 15 mm rings')).toEqual({ mm: 15, found: '15 mm' });
    expect(parseLength('1 1/2 inch pieces')?.mm).toBeCloseTo(38.1, 1);
    expect(parseLength('2 cm dice')?.mm).toBe(20);
    expect(parseLength('whole')).toBeNull();
  });
});

describe('writing an amount', () => {
  it('says what was written in the other world’s units in the kitchen’s own', () => {
    expect(formatAmount({ value: 900, unit: 'g' }, 'us')).toBe('2 lb');
    expect(formatAmount({ value: 1.4, unit: 'l' }, 'us')).toBe('6 cups');
    expect(formatAmount({ value: 3, unit: 'qt' }, 'metric')).toBe('2.85 L');
    expect(formatAmount({ value: 1, unit: 'can', canG: 400 }, 'us')).toBe('a 14.1 oz can');
    // Spoons and pieces are everybody's; what is at home stays as it was written.
    expect(formatAmount({ value: 2, unit: 'tsp' }, 'us')).toBe('2 tsp');
    expect(formatAmount({ value: 900, unit: 'g' }, 'metric')).toBe('900 g');
    expect(formatAmount({ value: 900, unit: 'g' })).toBe('900 g');
  });

  it('uses measures a cook has', () => {
    expect(formatVolume(1.63, 'metric')).toBe('1.65 L');
    expect(formatVolume(0.33, 'metric')).toBe('350 ml');
    expect(formatVolume(0.8, 'us')).toBe('3⅓ cups');
    expect(formatVolume(3.8, 'us')).toBe('4 qt');
    expect(formatVolume(0.015, 'us')).toBe('1 tbsp');
    expect(formatMass(1240, 'metric')).toBe('1.24 kg');
    expect(formatMass(680, 'us')).toBe('1½ lb');
    expect(formatLength(12, 'us')).toBe('1/2 in');
    expect(formatLength(40, 'us')).toBe('1 5/8 in');
    expect(formatLength(51, 'us')).toBe('2 in');
    expect(formatTemperature(96.1, 'metric')).toBe('96 °C');
    expect(formatTemperature(100, 'us')).toBe('212 °F');
    expect(formatMinutes(106)).toBe('1 h 46 min');
    expect(formatMinutes(120)).toBe('2 h');
    expect(formatFraction(0.26)).toBe('¼');
    expect(formatFraction(0.99)).toBe('1');
  });

  it('says salt and differences as the kitchen does', () => {
    expect([formatSalt(9, 'metric'), formatSalt(9, 'us')]).toEqual(['9 g', '1½ tsp']);
    expect([formatDegrees(10, 'metric'), formatDegrees(10, 'us')]).toEqual(['10 °C', '18 °F']);
  });

  it('keeps fractions within a sixteenth and a bit', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 40, noNaN: true }), (v) => {
        expect(Math.abs(nearestFraction(v) - v)).toBeLessThanOrEqual(0.125 + 1e-9);
        expect(nearestFraction(nearestFraction(v))).toBeCloseTo(nearestFraction(v), 9);
      }),
    );
  });

  it('writes a can as a cook does, and reads it back', () => {
    const can = (value: number) => ({ value, unit: 'can', canG: 400 }) as const;
    expect(formatAmount(can(1))).toBe('a 400 g can');
    expect(formatAmount(can(2))).toBe('2 cans (400 g)');
    expect(formatAmount(can(0.5))).toBe('½ can (400 g)');
    for (const value of [1, 2, 0.5, 3])
      expect(parseAmount(`${formatAmount(can(value))} tomatoes`)).toMatchObject({
        amount: can(value),
        rest: 'tomatoes',
      });
  });

  it('reads back what it wrote, for every unit', () => {
    const value = fc.oneof(
      fc.integer({ min: 1, max: 40 }),
      fc.constantFrom(0.25, 0.5, 0.75, 1.25, 1 + 1 / 3, 1.5, 2 + 2 / 3, 3.5),
      fc.integer({ min: 1, max: 4000 }).map((n) => n / 100),
    );
    fc.assert(
      fc.property(value, fc.constantFrom(...UNITS), (v, unit) => {
        const back = parseAmount(`${formatAmount({ value: v, unit })} leek`);
        const put = measured({ value: v, unit });
        expect(back.rest).toBe('leek');
        expect(back.amount?.unit).toBe(put.unit);
        expect(Math.abs((back.amount?.value ?? 0) - put.value)).toBeLessThan(0.0051 + v * 5e-4);
        // Measuring takes a cook off by no more than a step of the measure, or less than the smallest.
        if (put.unit === unit && v >= 1)
          expect(Math.abs(put.value - v)).toBeLessThanOrEqual(0.51 + v * 0.02);
      }),
    );
  });
});

describe('units', () => {
  // Published: NIST Handbook 44, appendix C.
  it('has the defined sizes', () => {
    expect(VOLUME_ML.qt * 4).toBeCloseTo(231 * 2.54 ** 3, 6);
    expect(VOLUME_ML.cup * 4).toBeCloseTo(VOLUME_ML.qt, 9);
    expect(VOLUME_ML.tbsp).toBeCloseTo(3 * VOLUME_ML.tsp, 9);
    expect(MASS_G.lb).toBeCloseTo(16 * MASS_G.oz, 9);
    expect(volumeMl({ value: 2, unit: 'cup' })).toBeCloseTo(473.176, 3);
    expect(volumeMl({ value: 2, unit: 'lb' })).toBeNull();
  });
});

describe('amounts as they are measured', () => {
  // Written before the rule, as a cook would measure them.
  it.each([
    [{ value: 1.38, unit: 'piece' }, '1½'],
    [{ value: 0.31, unit: 'piece' }, '¼'],
    [{ value: 2.07, unit: 'piece' }, '2'],
    [{ value: 7.4, unit: 'piece' }, '7'],
    [{ value: 0.115, unit: 'cup' }, '2 tbsp'],
    [{ value: 0.29, unit: 'cup' }, '¼ cup'],
    [{ value: 2.37, unit: 'cup' }, '2⅓ cups'],
    [{ value: 0.04, unit: 'tsp' }, '¼ tsp'],
    [{ value: 0.46, unit: 'tbsp' }, '1½ tsp'],
    [{ value: 1.84, unit: 'tbsp' }, '2 tbsp'],
    [{ value: 0.14, unit: 'lb' }, '2.2 oz'],
    [{ value: 1.61, unit: 'lb' }, '1½ lb'],
    [{ value: 248.4, unit: 'g' }, '248 g'],
    [{ value: 1.2345, unit: 'l' }, '1.23 L'],
    [{ value: 137.31, unit: 'ml' }, '135 ml'],
    [{ value: 330, unit: 'ml' }, '330 ml'],
    [{ value: 1.25, unit: 'kg' }, '1.25 kg'],
    [{ value: 0.9, unit: 'l' }, '0.9 L'],
    [{ value: 1.4, unit: 'can', canG: 400 }, '1½ cans (400 g)'],
    [{ value: 123, unit: 'g' }, '123 g'],
  ] as const)('%j is written %s', (amount, words) => {
    expect(formatAmount(amount)).toBe(words);
  });

  it('never says none of what goes in, and never three decimals', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...UNITS),
        fc.double({ min: 0.001, max: 5000, noNaN: true }),
        (unit, value) => {
          const said = formatAmount({ value, unit });
          expect(said).not.toMatch(/^0(?![.\d])/);
          expect(said).not.toMatch(/\.\d{3}/);
        },
      ),
    );
  });

  it('says a pinch or a few drops of what no spoon holds', () => {
    expect([formatSalt(0.2, 'us'), formatSalt(0.2, 'metric')]).toEqual(['a pinch', 'a pinch']);
    expect(formatVolume(0.0004, 'us')).toBe('a few drops');
  });
});
