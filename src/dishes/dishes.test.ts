/** Every dish is read without a question, and draws no warning in six pots at two altitudes. */
import { readdirSync } from 'node:fs';
import path from 'node:path';
import { assess } from '../core/assess';
import { USUAL_POTS } from '../core/batch/household';
import type { Kitchen, Pot } from '../core/batch/schema';
import { fittedTo } from '../core/solve';
import { batchOfRecipe, readRecipe, type ReadRecipe } from '../formats';
import { DISHES } from '.';

const POTS: readonly Pot[] = USUAL_POTS.map((pot, i) => ({
  ...pot,
  id: `p${i}`,
  name: `pot ${i}`,
}));
const ALTITUDES_M = [0, 1500];

function read(lines: readonly string[]): ReadRecipe {
  const result = readRecipe(lines.join('\n'), { foods: [], units: 'metric' });
  if (!result.ok) throw new Error('not read');
  return result.recipe;
}

it('are about thirty, one file each, all listed', () => {
  const files = readdirSync(path.join(process.cwd(), 'src', 'dishes')).filter((f) =>
    f.endsWith('.json'),
  );
  expect(files.toSorted()).toEqual(DISHES.map(({ id }) => `${id}.json`).toSorted());
  expect(DISHES.length).toBeGreaterThanOrEqual(30);
});

describe.each(DISHES.map((dish) => [dish.name, dish] as const))('%s', (name, dish) => {
  const recipe = read(dish.recipe);

  it('is read whole: every line a food, nothing unsure', () => {
    expect(recipe.name).toBe(name);
    expect(recipe.lines.filter(({ item }) => !item)).toEqual([]);
    expect(recipe.unsure).toEqual([]);
    expect(dish.why).toMatch(/^[A-Z].*\.$/);
  });

  it('draws no warning in any usual pot, by the sea and at 1,500 m', () => {
    for (const pot of POTS)
      for (const altitudeM of ALTITUDES_M) {
        const kitchen: Kitchen = { altitudeM, ambientC: 20, units: 'metric' };
        const batch = fittedTo(batchOfRecipe(recipe, dish.id, pot), pot, kitchen);
        const found = assess(batch, pot, kitchen).findings.filter(({ level }) => level !== 'note');
        expect(found.map(({ title }) => `${pot.capacityL} L, ${altitudeM} m: ${title}`)).toEqual(
          [],
        );
      }
  });
});
