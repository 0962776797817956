/**
 * Recipes in the shapes in which cooks have them, with what is right of each: its name, the foods in its
 * lines, its lids. Made up; written down before they were read.
 */

export interface Shape {
  readonly shape: string;
  readonly text: string;
  readonly name: string;
  /** Keys of the foods, in their order. */
  readonly foods: readonly string[];
  readonly lids: readonly string[];
}

const MICRODATA = `<!doctype html><html><head><title>Beef and barley | Kitchen notes</title></head><body>
<nav><ul><li>Home</li><li>Soups</li></ul></nav>
<article itemscope itemtype="https://schema.org/Recipe">
<h1 itemprop="name">Beef and barley soup</h1>
<p>Serves <span itemprop="recipeYield">6</span></p>
<ul><li itemprop="recipeIngredient">700 g stewing beef, 3 cm cubes</li><li itemprop="recipeIngredient">150 g pearl barley</li>
<li itemprop="recipeIngredient">2 carrots, sliced</li><li itemprop="recipeIngredient">1.6 l water</li></ul>
<div itemprop="recipeInstructions"><p>Put everything in the pot.</p><p>Cook at high pressure for 28 minutes. Let it drop naturally.</p></div>
</article><footer><p>3 comments</p></footer></body></html>`;

const OLD_MICRODATA = `<div itemscope itemtype="http://schema.org/Recipe"><h2><span itemprop="name">Split pea soup</span></h2>
<span itemprop="ingredients">500 g split peas</span><br><span itemprop="ingredients">1 smoked turkey wing</span><br><span itemprop="ingredients">2 l water</span>
<ol itemprop="recipeInstructions"><li>Cook everything under high pressure for 20 minutes.</li><li>Natural release for 15 minutes, then quick release.</li></ol></div>`;

const RDFA = `<div vocab="https://schema.org/" typeof="Recipe"><h1 property="name">Red lentil soup</h1>
<ul><li property="recipeIngredient">300 g red lentils</li><li property="recipeIngredient">2 carrots, diced</li><li property="recipeIngredient">1.4 l water</li></ul>
<div property="recipeInstructions">Cook at high pressure for 6 minutes. Quick release.</div></div>`;

const PLAIN_HTML = `<html><head><title>Goulash</title></head><body><div class="menu"><a href="/">Start</a></div>
<h1>Goulash with potatoes</h1><p>My grandmother made it in 40 minutes on a tiny stove.</p>
<h2>Ingredients</h2><ul><li>900 g goulash meat, 3 cm cubes</li><li>500 g onions, diced</li><li>25 g paprika</li><li>800 ml water</li></ul>
<h2>Method</h2><ol><li>Brown the meat and the onions for 10 minutes.</li><li>Add the paprika and the water. Lock the lid and cook at high pressure for 25 minutes.</li><li>Let the pressure drop by itself.</li></ol>
<h2>Comments</h2><p>I cooked it at high pressure for 60 minutes and it was mush!</p></body></html>`;

const GROUPED_HTML = `<html><body><h1>Chili with two beans</h1>
<h3>What you'll need</h3><p><b>For the chili</b></p><ul><li>600 g minced beef</li><li>2 cans black beans</li><li>1 can chopped tomatoes</li></ul>
<p><b>For serving</b></p><ul><li>100 ml sour cream</li></ul>
<h3>How to make it</h3><p>Brown the beef for 8 minutes. Add the beans and the tomatoes.</p><p>Close the lid and pressure cook on high for 12 minutes. Natural release 10 minutes, then release the rest.</p>
<h3>Notes</h3><p>Freeze for up to 3 months.</p></body></html>`;

const PARAGRAPH_HTML = `<html><body><h1>Fumet</h1><h4>You will need:</h4><p>1 kg fish frames<br>1 fennel bulb, sliced<br>1 leek, sliced<br>1.5 litres water</p>
<h4>Directions</h4><p>Put all in the cooker, bring up to pressure and cook for 12 minutes. Cool it under cold running water.</p></body></html>`;

const TABLE_HTML = `<html><body><h1>Lamb and chickpeas</h1><h2>Ingredients</h2><table><tr><td>600 g</td><td>lamb neck</td></tr><tr><td>300 g</td><td>chickpeas, soaked overnight</td></tr><tr><td>1.2 l</td><td>water</td></tr></table>
<h2>Preparation</h2><p>Pressure cook on high for 30 minutes with a natural release.</p></body></html>`;

const CHECKBOXES = `Turkey frame stock

What you'll need:
☐ 1 turkey frame
☐ 2 onions
☐ 3 carrots
☐ 2.5 litres of water

How to make it:
1. Put everything in the pot.
2. Cook at high pressure for 80 minutes.
3. Natural release, then strain.`;

const MARKDOWN = `# Navy bean soup

*Serves 6*

## Ingredients
- 450 g navy beans, soaked overnight
- 1 ham hock
- 2 carrots, sliced
- 1.8 l water

## Instructions
1. Everything into the pot except the carrots.
2. **High pressure 30 minutes**, natural release for 15 minutes, then vent.
3. Add the carrots and simmer for 10 minutes.

## Tips
- Leftovers keep 3 days.`;

const BRACKETS = `MINESTRONE
[ ] 250 g borlotti beans, soaked
[ ] 2 carrots, diced
[ ] 1 can chopped tomatoes
[ ] 1.5 l water
[x] 150 g ditalini
STEPS
Step 1: Beans, carrots, tomatoes and water into the pot. High pressure for 12 minutes, natural release for 10 minutes.
Step 2: Open, add the ditalini and simmer for 9 minutes.`;

const MAIL = `Hi, here is the one I told you about.

Pork and hominy stew (for 6)
800 g pork shoulder, 4 cm cubes
2 cans hominy
1 onion, diced
1.2 l water

Everything in, lid on, high pressure for 30 minutes and let it come down on its own. See you Sunday!`;

const PROSE = `Chicken and rice soup. Put 500 g of chicken thighs into the pot with 2 carrots, sliced, 150 g white rice and 1.8 l of water. Lock the lid and cook at high pressure for 10 minutes, wait 10 minutes and then release the rest of the steam.`;

export const SHAPES: readonly Shape[] = [
  {
    shape: 'microdata',
    text: MICRODATA,
    name: 'Beef and barley soup',
    foods: ['beef-stewing', 'pearl-barley', 'carrot', 'water'],
    lids: ['28 natural'],
  },
  {
    shape: 'older microdata',
    text: OLD_MICRODATA,
    name: 'Split pea soup',
    foods: ['split-peas', 'smoked-turkey-wing', 'water'],
    lids: ['20 timed 15'],
  },
  {
    shape: 'RDFa',
    text: RDFA,
    name: 'Red lentil soup',
    foods: ['red-lentils', 'carrot', 'water'],
    lids: ['6 quick'],
  },
  {
    shape: 'HTML by its headings',
    text: PLAIN_HTML,
    name: 'Goulash with potatoes',
    foods: ['goulash-meat', 'onion', 'paprika', 'water'],
    lids: ['25 natural'],
  },
  {
    shape: 'HTML with groups',
    text: GROUPED_HTML,
    name: 'Chili with two beans',
    foods: ['minced-beef', 'canned-beans', 'canned-tomatoes', 'creme-fraiche'],
    lids: ['12 timed 10'],
  },
  {
    shape: 'HTML in paragraphs',
    text: PARAGRAPH_HTML,
    name: 'Fumet',
    foods: ['fish-frame', 'fennel', 'leek', 'water'],
    lids: ['12 coldwater'],
  },
  {
    shape: 'HTML in a table',
    text: TABLE_HTML,
    name: 'Lamb and chickpeas',
    foods: ['lamb-neck', 'chickpeas', 'water'],
    lids: ['30 natural'],
  },
  {
    shape: 'text with boxes to tick',
    text: CHECKBOXES,
    name: 'Turkey frame stock',
    foods: ['turkey-frame', 'onion', 'carrot', 'water'],
    lids: ['80 natural'],
  },
  {
    shape: 'markdown',
    text: MARKDOWN,
    name: 'Navy bean soup',
    foods: ['navy-beans', 'ham-hock', 'carrot', 'water'],
    lids: ['30 timed 15'],
  },
  {
    shape: 'text with brackets and capitals',
    text: BRACKETS,
    name: 'MINESTRONE',
    foods: ['borlotti', 'carrot', 'canned-tomatoes', 'water', 'ditalini'],
    lids: ['12 timed 10'],
  },
  {
    shape: 'a mail',
    text: MAIL,
    name: 'Pork and hominy stew (for 6)',
    foods: ['pork-shoulder', 'hominy', 'onion', 'water'],
    lids: ['30 natural'],
  },
  {
    shape: 'prose',
    text: PROSE,
    name: 'Chicken and rice soup',
    foods: ['chicken-thigh', 'carrot', 'white-rice', 'water'],
    lids: ['10 timed 10'],
  },
];

/** A second set, written after the first was right and before it was read. */
export const MORE_SHAPES: readonly Shape[] = [
  {
    shape: 'HTML with definition lists',
    text: `<html><body><h1>White bean soup</h1><p>Prep 10 min | Cook 45 min | Serves 4</p><h2>Ingredients:</h2><dl><dt>Beans</dt><dd>300 g cannellini, soaked overnight</dd><dt>Vegetables</dt><dd>2 carrots, diced</dd><dd>1 onion, diced</dd><dd>1.3 l water</dd></dl><h2>Instructions:</h2><ol><li><p>Put everything in.</p></li><li><p>Cook at high pressure for 12 minutes.</p></li><li><p>Natural release.</p></li></ol></body></html>`,
    name: 'White bean soup',
    foods: ['cannellini', 'carrot', 'onion', 'water'],
    lids: ['12 natural'],
  },
  {
    shape: 'HTML of a plugin with classes',
    text: `<div class="post"><h1 class="title">Venison chili</h1><p>You all loved last week's chili.</p><div class="card"><h2>Venison chili</h2><div class="card-ingredients"><h3>Ingredients</h3><ul><li><span>700</span> <span>g</span> <span>stewing venison, 3 cm cubes</span></li><li><span>1</span> <span>can</span> <span>chopped tomatoes</span></li><li><span>400</span> <span>ml</span> <span>water</span></li></ul></div><div class="card-steps"><h3>Instructions</h3><ul><li>Brown the venison for 10 minutes.</li><li>Add the rest. Pressure cook on high for 28 minutes; natural release for 10 minutes, then quick release.</li></ul></div></div><section id="comments"><p>Great! 45 minutes at high pressure for me.</p></section></div>`,
    name: 'Venison chili',
    foods: ['venison-stewing', 'canned-tomatoes', 'water'],
    lids: ['28 timed 10'],
  },
  {
    shape: 'HTML with bold headings',
    text: `<body><p><strong>Fish soup</strong></p><p><strong>Ingredients</strong></p><p>500 g white fish<br/>1 fennel bulb, sliced<br/>2 potatoes, cubed<br/>1.2 l water</p><p><strong>Method</strong></p><p>Potatoes, fennel and water into the pot. High pressure for 4 minutes, quick release. Add the fish and simmer for 6 minutes.</p></body>`,
    name: 'Fish soup',
    foods: ['white-fish', 'fennel', 'potato', 'water'],
    lids: ['4 quick'],
  },
  {
    shape: 'text with amounts behind',
    text: `Barley broth

INGREDIENTS
Pearl barley - 150 g
Lamb neck - 800 g
Carrots - 2
Water - 1.6 l

METHOD
Everything in. Cook at high pressure for 32 minutes. Leave it to come down by itself.`,
    name: 'Barley broth',
    foods: ['pearl-barley', 'lamb-neck', 'carrot', 'water'],
    lids: ['32 natural'],
  },
  {
    shape: 'text in one block with commas',
    text: `Lentil soup: 300 g brown lentils, 2 carrots, 1 onion, 1.5 l water. Pressure cook 9 minutes on high, natural release 10 minutes then vent.`,
    name: 'Lentil soup',
    foods: ['brown-lentils', 'carrot', 'onion', 'water'],
    lids: ['9 timed 10'],
  },
  {
    shape: 'numbered ingredients',
    text: `Chickpea stew
Ingredients
1) 400 g chickpeas, soaked overnight
2) 1 can chopped tomatoes
3) 2 onions, sliced
4) 1 litre water
Directions
1) Put all in the cooker and lock the lid.
2) Cook at high pressure for 15 minutes.
3) Release the pressure naturally.`,
    name: 'Chickpea stew',
    foods: ['chickpeas', 'canned-tomatoes', 'onion', 'water'],
    lids: ['15 natural'],
  },
  {
    shape: 'a forum post',
    text: `Re: your favourite pea soup?

Mine is dead simple.

500g split peas
1 ham hock
1 onion
2 litres water

Chuck it all in, 20 mins at high pressure, NPR. Pull the meat off the hock and stir it back in.

Cheers, Nan`,
    name: 'Re: your favourite pea soup?',
    foods: ['split-peas', 'ham-hock', 'onion', 'water'],
    lids: ['20 natural'],
  },
  {
    shape: 'RDFa with a prefix',
    text: `<div prefix="schema: https://schema.org/" typeof="schema:Recipe"><h2 property="schema:name">Borscht</h2><span property="schema:recipeYield">4 bowls</span><p property="schema:recipeIngredient">600 g beef shin on the bone</p><p property="schema:recipeIngredient">400 g beetroot, 15 mm cubes</p><p property="schema:recipeIngredient">2 l water</p><p property="schema:recipeInstructions">Cook the shin in the water at high pressure for 45 minutes. Natural release.</p><p property="schema:recipeInstructions">Add the beetroot, close the lid and cook at high pressure for 6 minutes. Quick release.</p></div>`,
    name: 'Borscht',
    foods: ['shin-on-the-bone', 'beetroot', 'water'],
    lids: ['45 natural', '6 quick'],
  },
];
