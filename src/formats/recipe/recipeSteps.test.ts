import fc from 'fast-check';
import { assess } from '../../core/assess';
import { readLine } from '../../core/batch/reading';
import type { Batch } from '../../core/batch/schema';
import { foodByKey, type Food } from '../../core/food';
import { KITCHEN, POT, problemsWith } from '../../core/testing/kitchen';
import { mentioned, termsIn } from './mentions';
import { batchOfRecipe, readRecipe } from '..';
import { stepsIn } from './recipeSteps';

function food(key: string): Food {
  const found = foodByKey(key);
  if (!found) throw new Error(key);
  return found;
}

/** Entry of each line's food: the kind of its step, in order of the lines. */
function read(lines: readonly string[], ...instructions: string[]) {
  const told = stepsIn(
    instructions,
    lines.map((line) => readLine(line).food),
  );
  const at = lines.map((_, i) => {
    const entry = told.entries.get(i);
    if (entry === 'apart' || !entry) return entry ?? 'usual';
    return entry.step;
  });
  return { ...told, kinds: told.steps.map((s) => s.kind), at };
}

const SOUP = ['200 g borlotti', '2 carrots', '1 onion', '150 g ditalini', '1.8 l water'];

describe('foods in a sentence', () => {
  const foods = [food('onion'), food('spring-onion'), food('leek'), food('ditalini'), null];

  it.each([
    ['Add the onions and the leeks.', [0, 2]],
    ['Scatter the spring onions over it.', [1]],
    ['Stir in the noodles.', [3]],
    ['Tip in the pasta', [3]],
    ['Add the vegetables.', [0, 1, 2]],
    ['Bring it to the boil.', []],
    ['Wait for the leekish smell.', []],
  ])('%s', (sentence, wanted) => {
    expect(mentioned(sentence, termsIn(foods))).toEqual(wanted);
  });
});

describe('what goes in where', () => {
  it('is with the step that its sentence speaks of', () => {
    const { kinds, at, unsure } = read(
      SOUP,
      'Brown the onion for 6 minutes.',
      'Add the beans and the water and cook at high pressure for 25 minutes.',
      'Let it release naturally.',
      'Stir in the ditalini and the carrots and simmer for 8 minutes.',
    );
    expect(kinds).toEqual(['saute', 'pressure', 'simmer']);
    expect(at).toEqual(['s2', 's3', 's1', 's3', 's2']);
    expect(unsure).toEqual([]);
  });

  it('waits for the next step where its own sentence is of none', () => {
    const { kinds, at } = read(
      SOUP,
      'Put the beans, onion and water in the pot.',
      'Pressure cook for 25 minutes, quick release.',
      'Once the pin is down, add the carrots.',
      'Pressure cook on low for 3 minutes. Quick release.',
      'Add the pasta and cook for 7 minutes.',
    );
    // Between two lids the pot is open, told or not.
    expect(kinds).toEqual(['pressure', 'open', 'pressure', 'simmer']);
    expect(at).toEqual(['s1', 's2', 's1', 's4', 's1']);
  });

  it('tells the ways of letting the steam out', () => {
    const release = (said: string) => {
      const step = read(SOUP, 'Cook everything at high pressure for 20 minutes.', said).steps[0];
      return step?.kind === 'pressure' ? step.release : null;
    };
    expect(release('Let the pressure release naturally.')).toEqual({ method: 'natural' });
    expect(release('Naturally release for 10 to 20 minutes.')).toEqual({
      method: 'timed',
      afterMin: 15,
    });
    expect(release('Let it stand 12 minutes, then quick release.')).toEqual({
      method: 'timed',
      afterMin: 12,
    });
    // No longer than a batch may hold.
    expect(release('Wait for 5 hours, then quick release.')).toEqual({
      method: 'timed',
      afterMin: 240,
    });
    expect(release('Quick release.')).toEqual({ method: 'quick' });
    expect(release('Release the steam in bursts.')).toEqual({ method: 'pulsed' });
    expect(release('Run cold water over the lid.')).toEqual({ method: 'coldwater' });
    expect(release('Serve.')).toBeUndefined();
  });

  it('is strained, rested and cooled as told', () => {
    const { steps } = read(
      SOUP,
      'Cook everything at high pressure for 20 minutes. Quick release.',
      'Strain the broth off and keep the bones.',
      'Let it rest for 10 minutes. Leave it to cool for 1 hour.',
    );
    expect(steps.slice(1)).toEqual([
      { id: 's2', kind: 'strain', keep: 'bones' },
      { id: 's3', kind: 'rest', minutes: 10 },
      { id: 's4', kind: 'cool', minutes: 60 },
    ]);
  });

  it('is everything but what is kept back', () => {
    const { at } = read(
      SOUP,
      'Put everything but the noodles in and cook at pressure for 20 minutes.',
      'Simmer the noodles for 8 minutes.',
    );
    expect(at).toEqual(['s1', 's1', 's1', 's2', 's1']);
  });

  it('is not everything where the rest of the steam is let off', () => {
    const { at } = read(
      SOUP,
      'Cook the borlotti in the water at pressure for 20 minutes. Quick release the rest.',
      'Add the carrots and simmer for 8 minutes.',
    );
    expect(at).toEqual(['s1', 's2', 'usual', 'usual', 'usual']);
  });

  it('joins in at the end of the step before', () => {
    const { steps, at } = read(
      SOUP,
      'Cook the borlotti in the water at pressure for 20 minutes. Natural release.',
      'Add the noodles and simmer for 8 minutes, the carrots for the last 3.',
      'Simmer 5 minutes; after 2 minutes add the onion.',
    );
    expect(steps.map((step) => ('minutes' in step ? step.minutes : null))).toEqual([
      null,
      5,
      3,
      2,
      3,
    ]);
    expect(at).toEqual(['s1', 's3', 's5', 's2', 'usual']);
  });

  it('counts whistles as minutes and says so, unless minutes are said too', () => {
    const counted = read(SOUP, 'Put everything in and cook for 4 whistles. Natural release.');
    expect(counted.steps).toMatchObject([{ kind: 'pressure', holdMin: 12 }]);
    expect(counted.unsure).toHaveLength(1);
    const said = read(SOUP, 'Put all in. Cook for 1 whistle and then 20 minutes on a low flame.');
    expect(said.steps).toMatchObject([{ kind: 'pressure', holdMin: 20 }]);
    expect(said.unsure).toEqual([]);
  });

  it('says that a lid has no minutes, and not that there is none', () => {
    const { unsure } = read(SOUP, 'Lock the lid and cook under pressure until tender.');
    expect(unsure).toEqual(['no minutes under pressure were found: a plan is proposed']);
  });

  it('is not taken from what a sentence waits for', () => {
    const { at } = read(
      SOUP,
      'Pressure cook for 20 minutes.',
      'Simmer for 5 minutes until the carrots are soft and the water is thick.',
    );
    expect(at).toEqual(['usual', 'usual', 'usual', 'usual', 'usual']);
  });

  it('is apart where it is served with it, and stirred in last where it needs no cooking', () => {
    const { steps, at, unsure } = read(
      ['500 g potatoes', '1 cup cream', 'parsley', '1 l water'],
      'Cook everything except the cream and parsley at high pressure for 8 minutes.',
      'Stir in the cream.',
      'Serve with the parsley.',
    );
    expect(at).toEqual(['s1', 's2', 'apart', 's1']);
    expect(steps.at(-1)).toEqual({ id: 's2', kind: 'open' });
    expect(unsure).toEqual([]);
  });

  it('is a step that is there, whatever is told in whatever order', () => {
    const SENTENCES = [
      'Add the beans.',
      'Brown the onion.',
      'Cook everything but the carrots at high pressure for 20 minutes.',
      'Quick release.',
      'Stir in the pasta and simmer for 8 minutes.',
      'Strain it.',
      'Serve with the carrots.',
      'When it is done, put in the rest.',
    ];
    fc.assert(
      fc.property(fc.array(fc.constantFrom(...SENTENCES), { maxLength: 8 }), (told) => {
        const { steps, entries } = read(SOUP, ...told);
        const ids = steps.map((s) => s.id);
        expect(new Set(ids).size).toBe(ids.length);
        for (const entry of entries.values())
          if (entry !== 'apart') expect(ids).toContain(entry.step);
      }),
    );
  });

  it('is nowhere in particular without a lid', () => {
    const { entries, steps } = read(SOUP, 'Add the beans and simmer for two hours.');
    expect(steps).toEqual([]);
    expect(entries.size).toBe(0);
  });
});

describe('a recipe with its steps', () => {
  const plan = (text: string): Batch => {
    const result = readRecipe(text);
    if (!result.ok) throw new Error(result.message);
    return batchOfRecipe(result.recipe, 'b1', POT);
  };

  it('becomes a batch with every food where it belongs', () => {
    const batch = plan(
      `Minestrone of the yard\nServes 5\n${SOUP.join('\n')}\n\nBrown for 5 minutes. Pressure cook on high for 25 minutes, then natural release. Stir in the ditalini and simmer 8 minutes.`,
    );
    expect(batch.servings).toBe(5);
    // The text does not say which foods are browned: those that can be are.
    expect(batch.items.map((i) => [i.food, i.stays?.[0]?.from])).toEqual([
      ['borlotti', 's2'],
      ['carrot', 's1'],
      ['onion', 's1'],
      ['ditalini', 's3'],
      ['water', 's2'],
    ]);
    expect(problemsWith(batch)).toEqual([]);
    expect(assess(batch, POT, KITCHEN).time.steps).toHaveLength(3);
  });
});
