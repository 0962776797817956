import fc from 'fast-check';
import { readRecipe, type ReadRecipe } from './recipe/recipeIn';
import { LAST_LIDS, LIDS, MORE_LIDS } from './testing/recipes/lids';
import { lidsOf } from './testing/recipes/lidWords';

const STEW = `Stew
900 g stewing beef
300 g carrots
400 g borlotti beans
200 g spinach
2 onions
1.5 l water

Method
`;

function read(says: string): ReadRecipe {
  const result = readRecipe(STEW + says);
  if (!result.ok) throw new Error(result.message);
  return result.recipe;
}

describe('minutes under pressure, releases and lids', () => {
  it.each([...LIDS, ...MORE_LIDS, ...LAST_LIDS])('%s', (says, lids) => {
    expect(lidsOf(read(says).steps)).toEqual(lids);
  });

  it('joins what is said of one release in two sentences, in either order of clauses', () => {
    const methods = fc.constantFrom(
      ['quick release the rest', 'timed'],
      ['then quick release', 'timed'],
      ['open the valve', 'timed'],
      ['vent it in short bursts', 'pulsed'],
    );
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 90 }),
        fc.integer({ min: 3, max: 40 }),
        methods,
        fc.constantFrom('. ', ', ', '; '),
        (hold, wait, [opens = '', method = ''], between) => {
          const says = `Cook at high pressure for ${hold} minutes. Natural release for ${wait} minutes${between}${opens}.`;
          expect(lidsOf(read(says).steps)).toEqual([`${hold} ${method} ${wait}`]);
        },
      ),
      { numRuns: 60 },
    );
  });
});

describe('a duration', () => {
  const others = fc.constantFrom(
    (n: number) => `Walk the dog for ${n} minutes.`,
    (n: number) => `Warm the plates in the oven for ${n} minutes.`,
    (n: number) => `Fry the croutons in another pan for ${n} minutes.`,
    (n: number) => `If the beef is still tough, cook for another ${n} minutes.`,
  );

  it('that became nothing is told', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...LIDS.map(([says]) => says)),
        others,
        fc.integer({ min: 101, max: 170 }),
        (says, other, minutes) => {
          const recipe = read(`${says} ${other(minutes)}`);
          const used = recipe.steps.some((s) => 'minutes' in s && s.minutes === minutes);
          const tasks = recipe.tasks.some((task) => JSON.stringify(task).includes(String(minutes)));
          expect(used || tasks || recipe.unsure.some((u) => u.includes('“'))).toBe(true);
        },
      ),
      { numRuns: 60 },
    );
  });
});
