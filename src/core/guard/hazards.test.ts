import fc from 'fast-check';
import { foodByKey, FOODS, ownFood } from '../food';
import {
  canningIn,
  centreRuleOf,
  classesOf,
  dangersOfLines,
  HAZARDS,
  mayOffer,
  plantIn,
  RULES,
  ruleWords,
  worseThan,
  type Danger,
  type DangerLevel,
} from '.';

const own = (name: string, like: string) => {
  const food = ownFood({ id: name, name, like });
  if (!food) throw new Error(`nothing is like ${like}`);
  return classesOf(name, food);
};
const ofTable = (key: string) => {
  const food = foodByKey(key);
  if (!food) throw new Error(`no ${key}`);
  return classesOf(key, food);
};

describe('classes of food', () => {
  it('take the stricter of the name and the likeness', () => {
    expect(centreRuleOf(own('turkey thigh', 'courgette'))).toBe('poultry');
    expect(centreRuleOf(own('Sunday joint', 'chicken-leg'))).toBe('poultry');
    expect(own('kidney beans', 'celery').has('lectin')).toBe(true);
    expect(own('weeds of the garden', 'spinach').has('lectin')).toBe(false);
  });

  it('give every raw meat, bird and fish of the table a rule of the centre', () => {
    const without = FOODS.filter(
      ({ group }) => group === 'meat' || group === 'poultry' || group === 'fish',
    ).filter((food) => centreRuleOf(classesOf(food.key, food)) === null);
    expect(without.map(({ key }) => key)).toEqual([]);
  });

  it('know every dry bean of the genus Phaseolus, and no other pulse', () => {
    const found = FOODS.filter(
      (food) => food.group === 'pulse' && classesOf(food.key, food).has('lectin'),
    );
    expect(found.map(({ key }) => key).toSorted()).toEqual([
      'bean-mix',
      'black-beans',
      'borlotti',
      'butter-beans',
      'canary-beans',
      'cannellini',
      'flageolet',
      'great-northern',
      'kidney-beans',
      'navy-beans',
      'pinto-beans',
      'rosecoco',
      'small-red-beans',
    ]);
  });

  it('tell what keeps from what spoils', () => {
    expect(ofTable('cream').has('perishable')).toBe(true);
    expect(ofTable('evaporated-milk').has('perishable')).toBe(false);
    expect(ofTable('broth').has('leftover')).toBe(true);
    expect(ofTable('carrot').has('cut')).toBe(true);
    expect(ofTable('salt').size).toBe(0);
  });
});

describe('words that are refused', () => {
  it.each([
    'Pressure-can the broth in pints.',
    'Process the filled jars for 75 minutes at 10 psi.',
    'Store the sealed jars in a dark cupboard.',
  ])('a wish to can: %s', (text) => {
    expect(canningIn(text)?.message).toContain('nchfp.uga.edu');
  });

  it.each([
    'Open the can and drain the beans.',
    'Turn the valve to sealing.',
    'Store in jars in the fridge for 3 days.',
    'Process until smooth.',
    'You can serve it now.',
  ])('no wish to can: %s', (text) => {
    expect(canningIn(text)).toBeNull();
  });

  it('a plant by its name, and not its harmless namesake', () => {
    expect(plantIn('rhubarb leaves')?.level).toBe('never');
    expect(plantIn('rhubarb')).toBeNull();
    expect(plantIn('sweet-potato leaves')).toBeNull();
    expect(plantIn('cassava')?.level).toBe('warn');
  });
});

describe('hazards', () => {
  it('each name a rule with a source, and every rule says something', () => {
    for (const hazard of Object.values(HAZARDS)) {
      expect(hazard.rules.length).toBeGreaterThan(0);
      expect(hazard.concerns.length).toBeGreaterThan(10);
    }
    for (const key of Object.keys(RULES) as (keyof typeof RULES)[]) {
      expect(RULES[key].source.length).toBeGreaterThan(5);
      expect(ruleWords(key)).toMatch(/authority|manual/);
    }
  });

  it('ask about lines above two thirds and half', () => {
    expect(dangersOfLines({ maxFill: 0.667, foamFill: 0.5 })).toEqual([]);
    expect(dangersOfLines({ maxFill: 0.75, foamFill: 0.5 })[0]?.level).toBe('warn');
    expect(dangersOfLines({ maxFill: 0.667, foamFill: 0.6 })[0]?.level).toBe('warn');
  });
});

const anyDanger: fc.Arbitrary<Danger> = fc
  .record({
    hazard: fc.constantFrom<Danger['hazard']>('centre', 'valve', 'fill'),
    level: fc.constantFrom<DangerLevel>('never', 'stop', 'warn', 'note', 'none'),
    harm: fc.integer({ min: 0, max: 20 }).map((n) => n / 10),
  })
  .map((one) => ({ rule: 'offers', title: '', message: '', ...one }));
const anyDangers = fc.array(anyDanger, { maxLength: 4 });

describe('laws of what is worse', () => {
  it('nothing is worse than itself, nor by leaving a danger out', () => {
    fc.assert(
      fc.property(anyDangers, fc.nat(), (all, n) => {
        expect(worseThan(all, all)).toEqual([]);
        expect(worseThan(all, all.toSpliced(n % (all.length + 1), 1))).toEqual([]);
      }),
    );
  });

  it('what is no worse in two steps is no worse in one', () => {
    fc.assert(
      fc.property(anyDangers, anyDangers, anyDangers, (a, b, c) => {
        if (worseThan(a, b).length > 0 || worseThan(b, c).length > 0) return;
        expect(worseThan(a, c)).toEqual([]);
      }),
      { numRuns: 2000 },
    );
  });

  it('nothing at level never is ever offered', () => {
    fc.assert(
      fc.property(anyDangers, anyDangers, (before, after) => {
        if (after.some(({ level }) => level === 'never'))
          expect(mayOffer(before, after)).toBe(false);
      }),
    );
  });
});
