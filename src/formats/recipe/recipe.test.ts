import { readFileSync } from 'node:fs';
import { assess } from '../../core/assess';
import { stepsOf } from '../../core/batch/plan';
import type { Batch, Step } from '../../core/batch/schema';
import { batchOf, item, KITCHEN, POT, problemsWith, REFERENCE } from '../../core/testing/kitchen';
import { readBundle } from '../read';
import { batchOfRecipe, readRecipe, writeRecipe, type ReadRecipe } from '..';

const BUNDLE = readBundle(readFileSync('demo/harrow-fell.json', 'utf8'));
const SAMPLES = BUNDLE.ok ? BUNDLE.bundle.batches : [];

function read(text: string): ReadRecipe {
  const result = readRecipe(text);
  if (!result.ok) throw new Error(result.message);
  return result.recipe;
}

const RECIPE = {
  '@context': 'https://schema.org',
  '@graph': [
    { '@type': 'WebPage', name: 'A page' },
    {
      '@type': ['Recipe'],
      name: 'Red lentil &amp; carrot',
      recipeYield: ['4', '4 servings'],
      recipeIngredient: ['250 g red lentils', '3 carrots, 12 mm slices', '1 blarn', '1.2 l water'],
      recipeInstructions: [
        { '@type': 'HowToStep', text: 'Saut&eacute; the onion for 5&nbsp;minutes.' },
        {
          '@type': 'HowToSection',
          itemListElement: [
            { '@type': 'HowToStep', text: 'Cook at high pressure for 4 to 6 minutes.' },
            { '@type': 'HowToStep', text: 'Let it release naturally for 10 minutes.' },
            { '@type': 'HowToStep', text: 'Simmer for 3 minutes.' },
          ],
        },
      ],
    },
  ],
};

describe('a recipe', () => {
  // Published: schema.org Recipe, as pages embed it.
  it.each([
    ['as JSON-LD', JSON.stringify(RECIPE)],
    [
      'inside a page',
      `<html><head><script type="application/ld+json">{"@type":"Person"}</script>
       <script type='application/ld+json'>${JSON.stringify(RECIPE)}</script></head></html>`,
    ],
  ])('is read %s', (_, text) => {
    const recipe = read(text);
    expect(recipe).toMatchObject({ name: 'Red lentil & carrot', servings: 4 });
    expect(recipe.lines.map((l) => l.food?.key ?? null)).toEqual([
      'red-lentils',
      'carrot',
      null,
      'water',
    ]);
    expect(recipe.steps).toEqual([
      { id: 's1', kind: 'saute', minutes: 5 },
      {
        id: 's2',
        kind: 'pressure',
        holdMin: 5,
        release: { method: 'timed', afterMin: 10 },
      },
      { id: 's3', kind: 'simmer', minutes: 3 },
    ]);
  });

  it('is read from plain lines', () => {
    const recipe = read(
      'Split pea\n\n400 g split peas\n1 onion, diced\nsalt\n\nPressure cook on low for 1 hour.\nQuick release the steam.',
    );
    expect(recipe.name).toBe('Split pea');
    expect(recipe.lines.map((l) => l.food?.key)).toEqual(['split-peas', 'onion', 'salt']);
    expect(recipe.steps).toEqual([
      { id: 's1', kind: 'pressure', setting: 'low', holdMin: 60, release: { method: 'quick' } },
    ]);
  });

  it('becomes a batch that is valid and assesses, with what was not understood in its note', () => {
    const batch = batchOfRecipe(read(JSON.stringify(RECIPE)), 'b1', POT);
    expect(problemsWith(batch)).toEqual([]);
    expect(batch.items).toHaveLength(3);
    expect(batch.note).toContain('Not understood: 1 blarn');
    expect(assess(batch, POT, KITCHEN).time.steps).toHaveLength(3);
  });

  it('says when nothing was said of pressure, and proposes a plan', () => {
    const recipe = read('2 carrots\n1 l water');
    expect(recipe.steps).toEqual([]);
    expect(recipe.unsure.join()).toContain('a plan is proposed');
  });

  it.each([
    ['{"@type":"Person"}', 'No recipe'],
    ['{ broken', 'No recipe'],
    ['<html>nothing</html>', 'No recipe'],
    ['', 'No ingredients'],
  ])('is refused with a reason: %s', (text, message) => {
    const result = readRecipe(text);
    expect(result.ok ? '' : result.message).toContain(message);
  });

  it.each([
    ['a page', '<h1>  </h1><ul><li>2 carrots</li></ul><ol><li>Boil them for 10 min.</li></ol>'],
    ['data', JSON.stringify({ '@type': 'Recipe', name: ' ', recipeIngredient: ['2 carrots'] })],
    ['a text', '2 carrots\n\n1. Boil them for 10 min.'],
  ])('has a name where %s tells none', (_, text) => {
    expect(read(text).name).toBe('Recipe');
  });

  it('goes out and comes back with the same foods and amounts', () => {
    const text = writeRecipe(REFERENCE, 125, 'metric');
    const out = JSON.parse(text) as { totalTime: string; recipeInstructions: unknown[] };
    expect(out.totalTime).toBe('PT125M');
    const back = read(text);
    expect(back.servings).toBe(6);
    const amounts = (items: readonly { food: string; amount: unknown }[]) =>
      items.map((i) => [i.food, i.amount]);
    expect(amounts(batchOfRecipe(back, 'x', POT).items)).toEqual(amounts(REFERENCE.items));
    expect(back.lines.flatMap((l) => (l.item?.cut ? [l.item.cut.mm] : []))).toEqual([
      40, 10, 30, 15,
    ]);
  });

  it('is of the kind that its category or its name says', () => {
    const kind = (more: object) =>
      read(JSON.stringify({ '@type': 'Recipe', recipeIngredient: ['1 carrot'], ...more })).kind;
    expect(kind({ name: 'Turkey stock' })).toBe('stock');
    expect(kind({ name: 'Onion soup with stock' })).toBe('soup');
    expect(kind({ name: 'Fish-frame fumet with fennel' })).toBe('stock');
    expect(kind({ name: 'Veal-knuckle broth, three runs' })).toBe('broth');
    expect(kind({ name: 'Turkey stock', recipeCategory: ['Soup'] })).toBe('soup');
    expect(kind({ name: 'Venison', recipeCategory: 'Chili' })).toBe('chili');
    expect(kind({ name: 'Stock cubes in a pot' })).toBe('soup');
  });

  it.each(SAMPLES.map((batch) => [batch.name, batch] as const))(
    'goes out and comes back with its steps and all in its place: %s',
    (_, batch) => {
      const back = batchOfRecipe(read(writeRecipe(batch, 60, 'metric')), 'x', POT);
      const told = (b: Batch) =>
        stepsOf(b).map(({ id: _id, ...step }) => ({
          ...step,
          ...(step.kind === 'pressure' && { setting: step.setting === 'low' ? 'low' : 'high' }),
        }));
      expect(back.kind).toBe(batch.kind);
      expect(told(back)).toEqual(told(batch));
      const places = (b: Batch) =>
        b.items.map((i) =>
          i.apart
            ? 'apart'
            : Math.max(
                0,
                stepsOf(b).findIndex((s) => s.id === i.stays?.[0]?.from),
              ),
        );
      expect(places(back)).toEqual(places(batch));
    },
  );

  it('goes out and comes back with its preparation, an opening before a simmer, and its own foods', () => {
    const steps: readonly Step[] = [
      { id: 's1', kind: 'prep', minutes: 12 },
      { id: 's2', kind: 'saute', minutes: 6 },
      { id: 's3', kind: 'pressure', holdMin: 20, release: { method: 'timed', afterMin: 10 } },
      { id: 's4', kind: 'open', minutes: 3 },
      { id: 's5', kind: 'simmer', minutes: 8 },
    ];
    const own = { id: 'oca', name: 'ocas', like: 'potato', pieceG: 60, foams: true };
    const batch = batchOf(
      [
        item('i1', 'onion', 1, 'piece', { stays: [{ from: 's2' }] }),
        item('i2', 'lamb-neck', 1, 'kg', {
          stays: [{ from: 's3' }],
          cut: { shape: 'cube', mm: 40 },
        }),
        item('i3', 'water', 1.5, 'l', { stays: [{ from: 's3' }] }),
        item('i4', 'ocas', 4, 'piece', { stays: [{ from: 's4' }], own }),
        item('i5', 'ditalini', 100, 'g', { stays: [{ from: 's5' }] }),
      ],
      steps,
    );
    for (const units of ['metric', 'us'] as const) {
      const recipe = read(writeRecipe(batch, 60, units));
      const back = batchOfRecipe(recipe, 'x', POT);
      expect(recipe.unsure).toEqual([]);
      expect(back.steps).toEqual(steps);
      expect(back.items.map((i) => i.stays?.[0]?.from)).toEqual(['s2', 's3', 's3', 's4', 's5']);
      expect(back.items[3]?.own).toMatchObject({ name: 'ocas', like: 'potato', foams: true });
      expect(back.items[3]?.own?.pieceG).toBeCloseTo(60, -1);
      expect(Math.abs((back.items[1]?.cut?.mm ?? 0) - 40)).toBeLessThan(2);
    }
    // Nothing metric in what a US kitchen hands over.
    expect(writeRecipe(batch, 60, 'us')).not.toMatch(/\d ?(?:mm|cm|g|kg|ml|l)\b/);
  });
});

describe('what is done alongside', () => {
  const batch: Batch = {
    ...REFERENCE,
    alongside: [
      { id: 't1', words: 'rice apart', minutes: 18 },
      { id: 't2', words: 'rye croutons in the oven', minutes: 8, ovenC: 200, attended: true },
    ],
  };

  it.each(['metric', 'us'] as const)('goes out in a %s recipe and comes back', (units) => {
    const back = batchOfRecipe(read(writeRecipe(batch, 90, units)), 'x', POT);
    expect(back.alongside).toEqual(batch.alongside);
    // It is no step of the pot’s.
    expect(back.steps?.length).toBe(
      batchOfRecipe(read(writeRecipe(REFERENCE, 90, units)), 'x', POT).steps?.length,
    );
  });

  it('is read off the sentences of a recipe, and off its list', () => {
    const recipe = read(
      [
        'Lamb neck with barley',
        '1 kg lamb neck, 40 mm pieces',
        '1 l water',
        '200 g rice in its own pan, 18 min',
        '',
        'Cook at high pressure for 25 minutes. Meanwhile, bake the croutons at 200 °C for 8 to 10 minutes.',
        'While the pressure comes down, toast the seeds in a pan for 4 minutes. Simmer for 5 minutes.',
      ].join('\n'),
    );
    const made = batchOfRecipe(recipe, 'x', POT);
    expect(made.alongside?.map((t) => [t.words, t.minutes, t.ovenC])).toEqual([
      ['200 g rice in its own pan', 18, undefined],
      ['bake the croutons', 10, 200],
      ['toast the seeds in a pan', 4, undefined],
    ]);
    expect(made.items.map((i) => i.food)).toEqual(['lamb-neck', 'water']);
    expect(made.steps?.map((s) => s.kind)).toEqual(['pressure', 'simmer']);
    expect(made.note).toBeUndefined();
    expect(made.recipe?.text).toContain('Method');
  });
});
