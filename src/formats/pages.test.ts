/**
 * Twelve recipe pages in the shapes that the web uses, written for this test (common practice, no
 * source), each with the steps and the entries that a cook would make of it.
 */
import { assess } from '../core/assess';
import { entryOf, stepsOf } from '../core/batch/plan';
import type { Batch, Release, Step } from '../core/batch/schema';
import { KITCHEN, POT, problemsWith, STOVETOP } from '../core/testing/kitchen';
import { batchOfRecipe, readRecipe } from '.';

interface Page {
  readonly what: string;
  readonly text: string;
  /** Steps as "kind minutes" with the release behind. */
  readonly steps: readonly string[];
  /** The step each food goes in with, by its place from 1; 0 apart. */
  readonly at: Readonly<Record<string, number>>;
  readonly unsure?: RegExp;
  readonly servings?: number;
  readonly kind?: Batch['kind'];
}

const ld = (recipe: object): string =>
  JSON.stringify({ '@context': 'https://schema.org', '@type': 'Recipe', ...recipe });

const PAGES: readonly Page[] = [
  {
    what: 'a graph, steps one by one, browned and set aside, the remaining broth',
    text: JSON.stringify({
      '@context': 'https://schema.org',
      '@graph': [
        { '@type': 'WebSite', name: 'Harrow Fell kitchen' },
        { '@type': 'BreadcrumbList', itemListElement: [{ '@type': 'ListItem', position: 1 }] },
        {
          '@type': ['Recipe', 'NewsArticle'],
          name: 'Lamb neck with barley and leek',
          recipeYield: ['6', '6 servings'],
          recipeCategory: ['Soup'],
          recipeIngredient: [
            '2 1/2 lb lamb neck, cut in pieces',
            '1 Tbsp. oil',
            '1 cup pearl barley',
            '2 leeks, white parts only, sliced 1/2 inch thick',
            '3 carrots, peeled and cut in 1-inch pieces',
            '8 cups lamb or beef stock, divided',
            '2 bay leaves',
            'kosher salt, to taste',
          ],
          recipeInstructions: [
            {
              '@type': 'HowToStep',
              text: 'Set the pot to sauté. Heat the oil and brown the lamb in batches, about 8 minutes; transfer to a plate.',
            },
            {
              '@type': 'HowToStep',
              text: 'Add the leeks and cook for 3 minutes, stirring.',
            },
            {
              '@type': 'HowToStep',
              text: 'Pour in 1 cup of the broth and scrape up the browned bits from the bottom.',
            },
            {
              '@type': 'HowToStep',
              text: 'Return the lamb to the pot with the barley, the bay leaves, salt and the remaining broth. Lock the lid and cook on high pressure for 25 to 30 minutes.',
            },
            {
              '@type': 'HowToStep',
              text: 'Let the pressure release naturally for 15 minutes, then quick release whatever is left.',
            },
            {
              '@type': 'HowToStep',
              text: 'Stir in the carrots, switch back to sauté and simmer, lid off, for 10-12 minutes until they are tender. Discard the bay leaves and serve.',
            },
          ],
        },
      ],
    }),
    steps: ['saute 8', 'saute 3', 'pressure 27.5 timed 15', 'simmer 11'],
    at: {
      'lamb-neck': 1,
      'olive-oil': 1,
      leek: 2,
      'pearl-barley': 3,
      carrot: 4,
      'bay-leaf': 3,
      salt: 3,
    },
    servings: 6,
    kind: 'soup',
  },
  {
    what: 'sections of steps',
    text: ld({
      name: 'Turkey frame stock',
      recipeYield: '3 litres',
      recipeIngredient: [
        '1 roast turkey frame, broken up',
        '2 onions, halved',
        '2 carrots',
        '2 sticks celery',
        '10 black peppercorns',
        '3 litres cold water',
      ],
      recipeInstructions: [
        {
          '@type': 'HowToSection',
          name: 'The stock',
          itemListElement: [
            {
              '@type': 'HowToStep',
              text: 'Put everything into the pot. Do not fill it above two thirds.',
            },
            {
              '@type': 'HowToStep',
              text: 'Close the lid, bring it up to high pressure and cook for 1 hour 30 minutes.',
            },
            {
              '@type': 'HowToStep',
              text: 'Turn it off and leave the pressure to come down on its own.',
            },
          ],
        },
        {
          '@type': 'HowToSection',
          name: 'To finish',
          itemListElement: [
            { '@type': 'HowToStep', text: 'Strain through a fine sieve.' },
            { '@type': 'HowToStep', text: 'Cool quickly in a sink of ice water and chill.' },
          ],
        },
      ],
    }),
    steps: ['pressure 90 natural', 'strain'],
    at: { 'turkey-frame': 1, onion: 1, carrot: 1, celery: 1, water: 1 },
    unsure: /^$/,
    kind: 'stock',
  },
  {
    what: 'one blob of text',
    text: ld({
      name: 'Yellow split pea soup with smoked turkey wing',
      recipeYield: 6,
      recipeIngredient: [
        '500 g yellow split peas, rinsed',
        '1 smoked turkey wing',
        '1 large onion, chopped',
        '2 carrots, diced',
        '2 l water',
        '1 tsp dried thyme',
      ],
      recipeInstructions:
        'Place the split peas, turkey wing, onion, carrots, thyme and water in the pressure cooker, making sure it is no more than half full as peas foam. Secure the lid. Cook at high pressure for 12 minutes. Remove from the heat and let the pressure drop naturally, about 20 minutes. Take out the wing, pull off the meat and return it to the soup. Season and serve with rye croutons.',
    }),
    steps: ['pressure 12 natural'],
    at: {
      'split-peas': 1,
      'smoked-turkey-wing': 1,
      onion: 1,
      carrot: 1,
      water: 1,
      'dried-herbs': 1,
    },
    servings: 6,
    kind: 'soup',
  },
  {
    what: 'no amounts',
    text: ld({
      name: 'Red lentil & carrot soup',
      recipeIngredient: [
        'red lentils',
        'carrots',
        'an onion',
        'ground cumin',
        'vegetable stock',
        'lemon juice',
        'salt',
      ],
      recipeInstructions: [
        'Sweat the onion in a little oil until soft.',
        'Add the lentils, carrots, cumin and stock; pressure cook on high for 5 min.',
        'Natural pressure release for 10 min, then open.',
        'Blend, stir in the lemon juice and season with salt.',
      ],
    }),
    steps: ['saute', 'pressure 5 timed 10', 'open'],
    at: { onion: 1, 'red-lentils': 2, carrot: 2, cumin: 2, 'lemon-juice': 3, salt: 3 },
    unsure: /no minutes/,
  },
  {
    what: 'metric, a second time under pressure, and noodles in the open pot',
    text: ld({
      name: 'Minestrone with ditalini and cavolo nero',
      recipeYield: '6 servings',
      recipeIngredient: [
        '250 g borlotti beans, soaked overnight',
        '150 g ditalini',
        '200 g cavolo nero, shredded',
        '2 carrots, 10 mm dice',
        '2 celery stalks, diced',
        '400 g tin chopped tomatoes',
        '1.5 litres water',
        '1 parmesan rind',
      ],
      recipeInstructions: [
        {
          '@type': 'HowToStep',
          text: 'Drain the beans, put them in the pot with the water and the rind, and cook for 10 minutes at high pressure.',
        },
        { '@type': 'HowToStep', text: 'Quick-release the pressure and carefully open the pot.' },
        {
          '@type': 'HowToStep',
          text: 'Add the carrots, celery and tomatoes, close it again and cook at high pressure for another 4 minutes.',
        },
        { '@type': 'HowToStep', text: 'Release the pressure quickly.' },
        {
          '@type': 'HowToStep',
          text: 'Stir in the ditalini and boil with the lid off for 8 minutes; add the cavolo nero for the last 3 minutes.',
        },
      ],
    }),
    steps: ['pressure 10 quick', 'open', 'pressure 4 quick', 'simmer 5', 'simmer 3'],
    at: { borlotti: 1, water: 1, carrot: 2, celery: 2, ditalini: 4, 'cavolo-nero': 5 },
  },
  {
    what: 'a page with its data among other scripts, entities and tags',
    text: `<!doctype html><html><head><title>Borlotti &amp; venison chili</title>
<script>var x = "<b>not this</b>";</script>
<script type="application/ld+json">{"@context":"https://schema.org","@type":"Organization","name":"Fell"}</script>
<script type="application/ld+json" class="seo">${ld({
      name: 'Borlotti &amp; venison chili',
      recipeYield: 'Serves 8',
      recipeIngredient: [
        '<p>2&nbsp;lb venison shoulder, cut into 1&frac12;-inch cubes</p>',
        '2 tablespoons oil',
        '2 onions, chopped',
        '4 cloves garlic, minced',
        '3 tbsp chili powder',
        '1 (28 oz) can crushed tomatoes',
        '3 cups cooked borlotti beans',
        '2 cups beef broth',
      ],
      recipeInstructions:
        '<ol><li>Brown the venison in the oil, 8&#8211;10 minutes. Set aside.</li><li>Cook the onions and the garlic until soft, 4 minutes.</li><li>Add the chili powder, the venison and the broth; top with the tomatoes, do not stir.</li><li>Cook at high pressure for 35 minutes, then let the pressure release naturally.</li><li>Stir in the beans and simmer 10 minutes.</li></ol>',
    }).replace(/<\//g, '<\\/')}</script></head><body><h1>Chili</h1></body></html>`,
    steps: ['saute 9', 'saute 4', 'pressure 35 natural', 'simmer 10'],
    at: {
      'venison-stewing': 1,
      'olive-oil': 1,
      onion: 2,
      garlic: 2,
      'chili-powder': 3,
      'canned-tomatoes': 3,
    },
    servings: 8,
    kind: 'chili',
  },
  {
    what: 'ranges everywhere, and short words for the release',
    text: ld({
      name: 'Navy bean soup',
      recipeYield: '6-8',
      recipeIngredient: [
        '1 lb navy beans, unsoaked',
        '1-2 smoked ham hocks',
        '3-4 carrots, sliced',
        '1 to 2 onions, chopped',
        '7 cups water',
        '2-3 handfuls of spinach',
      ],
      recipeInstructions: [
        'Add beans, hocks, onions and water to the pot. HP 40-45 min, NPR 20 min.',
        'Add carrots. HP 3 min, QR.',
        'Stir in spinach until it wilts, 1-2 minutes.',
      ],
    }),
    steps: ['pressure 42.5 timed 20', 'open', 'pressure 3 quick', 'simmer 1.5'],
    at: { 'navy-beans': 1, 'ham-hock': 1, onion: 1, water: 1, carrot: 2, spinach: 4 },
    servings: 6,
  },
  {
    what: 'plain text copied off a page, with headings and notes',
    text: `Venison and veal-knuckle broth

Serves 8

Ingredients
1.5 kg venison bones
1 kg veal knuckle
2 onions, halved
1 leek
2 tbsp cider vinegar
3 l cold water

Instructions
1. Roast the bones for 40 minutes at 220 C.
2. Transfer them to the pot with the vegetables, the vinegar and the water.
3. Pressure cook on high for 3 hours.
4. Let the pressure fall by itself.
5. Strain and chill overnight.

Notes
Keeps 4 days in the fridge.`,
    steps: ['pressure 180 natural', 'strain'],
    at: { 'venison-bones': 1, 'veal-knuckle': 1, onion: 1, leek: 1, vinegar: 1, water: 1 },
    servings: 8,
    kind: 'broth',
  },
  {
    what: 'steps named by sections in plain strings, and what is served on it',
    text: ld({
      name: 'Fish-frame fumet with fennel',
      recipeCategory: 'Stock',
      recipeIngredient: [
        '1 kg white fish frames, gills removed',
        '1 fennel bulb, sliced',
        '1 leek, sliced',
        '150 ml dry white wine',
        '1.5 l cold water',
        'a few parsley sprigs, to serve',
      ],
      recipeInstructions: [
        'FOR THE BASE: Melt the fennel and leek in butter for 5 mins without colouring.',
        'Pour over the wine and let it bubble for 2 mins.',
        'FOR THE FUMET: Add the fish frames and the water. Cook on low pressure for 15 mins. Leave for 5 mins before releasing the pressure.',
        'Strain through muslin. Serve scattered with the parsley.',
      ],
    }),
    steps: ['saute 5', 'simmer 2', 'pressure low 15 timed 5', 'strain'],
    at: { fennel: 1, leek: 1, wine: 2, 'fish-frame': 3, water: 3, parsley: 0 },
    kind: 'stock',
  },
  {
    what: 'a step that waits for the pressure, and times in it that are no hold',
    text: ld({
      name: 'Chicken, leek and rice soup',
      recipeYield: '4 portions',
      recipeIngredient: [
        '600 g chicken thighs, bone-in',
        '2 leeks, sliced',
        '100 g long-grain rice',
        '1.4 litres chicken stock',
        '100 g frozen peas',
        '100 ml double cream',
      ],
      recipeInstructions: [
        {
          '@type': 'HowToStep',
          name: 'Step 1',
          text: 'Put the chicken, leeks, rice and stock in the pot and lock the lid. It takes about 15 minutes to come up to pressure.',
        },
        {
          '@type': 'HowToStep',
          name: 'Step 2',
          text: 'Once at high pressure, cook for 10 minutes, then let stand for 10 minutes and release any remaining pressure.',
        },
        {
          '@type': 'HowToStep',
          name: 'Step 3',
          text: 'Lift out the chicken, shred the meat and discard the bones.',
        },
        {
          '@type': 'HowToStep',
          name: 'Step 4',
          text: 'Return the meat, add the peas and the cream and warm through for 3 minutes. Do not boil.',
        },
      ],
    }),
    steps: ['pressure 10 timed 10', 'simmer 3'],
    at: { 'chicken-thigh': 1, leek: 1, 'white-rice': 1, peas: 2, cream: 2 },
    servings: 4,
  },
  {
    what: 'instructions of a stovetop cooker, cold water over the lid',
    text: ld({
      name: 'Potato and kale soup',
      recipeIngredient: [
        '800 g floury potatoes, cut into chunks',
        '1 onion, diced',
        '200 g kale, ribs removed, shredded',
        '1.2 l vegetable stock',
        '1 tbsp olive oil',
      ],
      recipeInstructions: [
        'Fry the onion in the oil for 5 minutes over a medium heat.',
        'Add potatoes and stock. Lock the lid, bring to pressure over high heat, lower the heat and cook 6 minutes.',
        'Run cold water over the lid to bring the pressure down.',
        'Add the kale and simmer uncovered for 5 minutes. Leave to stand 5 minutes before serving.',
      ],
    }),
    steps: ['saute 5', 'pressure 6 coldwater', 'simmer 5', 'rest 5'],
    at: { onion: 1, 'olive-oil': 1, potato: 2, 'salted-broth': 2, kale: 3 },
  },
  {
    what: 'a thickener and dairy after the lid, and hours in words',
    text: ld({
      name: 'Beef shin and turnip stew soup',
      recipeYield: '6 people',
      recipeIngredient: [
        '1 kg beef shin, in 3 cm cubes',
        '2 turnips, in wedges',
        '2 tbsp plain flour',
        '2 tbsp oil',
        '500 ml dark beer',
        '700 ml beef stock',
        '2 tbsp cornflour mixed with 3 tbsp cold water',
        '4 tbsp soured cream',
      ],
      recipeInstructions: [
        'Dust the beef with the flour. Working in batches, sear in the oil for about ten minutes. Remove to a bowl.',
        'Deglaze with the beer. Tip the beef back in along with the turnips and stock.',
        'Seal and cook on high pressure for one hour. Release the steam in short bursts.',
        'Stir the cornflour slurry into the soup and bring to a simmer for two minutes to thicken.',
        'Off the heat, swirl in the soured cream and serve.',
      ],
    }),
    steps: ['saute 10', 'pressure 60 pulsed', 'simmer 2', 'open'],
    at: { 'beef-shank': 1, 'olive-oil': 1, turnip: 2, starch: 3, 'creme-fraiche': 4 },
    servings: 6,
  },
];

const waitWords = (release: Release | undefined): string =>
  release ? ` ${release.method}${'afterMin' in release ? ` ${release.afterMin}` : ''}` : '';

function stepLine(step: Step): string {
  if (step.kind !== 'pressure')
    return `${step.kind}${step.minutes === undefined ? '' : ` ${step.minutes}`}`;
  const setting = step.setting && step.setting !== 'high' ? ` ${step.setting}` : '';
  return `pressure${setting} ${step.holdMin}${waitWords(step.release)}`;
}

describe('twelve pages', () => {
  it.each(PAGES.map((page) => [page.what, page] as const))('%s', (_, page) => {
    const result = readRecipe(page.text);
    if (!result.ok) throw new Error(result.message);
    const { recipe } = result;
    const pot = page.what.includes('stovetop') ? STOVETOP : POT;
    expect(recipe.lines.filter((line) => !line.item).map((line) => line.text)).toEqual([]);
    expect(recipe.steps.map(stepLine)).toEqual(page.steps);
    const batch = batchOfRecipe(recipe, 'b1', pot);
    const steps = stepsOf(batch);
    const at = Object.fromEntries(
      batch.items.map((item) => [
        item.food,
        item.apart ? 0 : steps.findIndex((s) => s.id === entryOf(item)) + 1,
      ]),
    );
    expect(at).toMatchObject(page.at);
    if (page.unsure) expect(recipe.unsure.join('; ')).toMatch(page.unsure);
    if (page.servings) expect(recipe.servings).toBe(page.servings);
    if (page.kind) expect(recipe.kind).toBe(page.kind);
    expect(problemsWith(batch, pot)).toEqual([]);
    expect(assess(batch, pot, KITCHEN).time.totalMin).toBeGreaterThan(page.steps.length);
  });
});
