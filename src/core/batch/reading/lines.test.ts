/**
 * Lines as cooks write them, in both unit worlds and with their slips: food and mass as a cook would
 * take them (common practice, no source).
 */
import { amountGrams } from '../../food';
import { readLine } from './line';

const LINES: readonly (readonly [line: string, food: string, grams: number])[] = [
  ['2 (15-ounce) cans petite diced tomatoes', 'canned-tomatoes', 850],
  ['1 28-ounce can crushed tomatoes', 'canned-tomatoes', 794],
  ['a 28 oz can of whole peeled tomatoes, crushed by hand', 'canned-tomatoes', 794],
  ['two 4 oz cans diced green chiles', 'fresh-chili', 226],
  ['half a can of tomato paste', 'tomato-paste', 75],
  ['1 (6 oz) can tomato paste', 'tomato-paste', 170],
  ['1 can tomatoes', 'canned-tomatoes', 400],
  ['2 tins of chopped tomatoes', 'canned-tomatoes', 800],
  ['1 32-ounce box low-sodium chicken broth', 'salted-broth', 907],
  ['1 carton (32 oz) chicken stock', 'salted-broth', 907],
  ['32 oz beef broth', 'salted-broth', 907],
  ['4 cups chicken stock, preferably homemade', 'salted-broth', 960],
  ['6 c. water', 'water', 1420],
  ['8 cups cold water', 'water', 1890],
  ['1 quart vegetable broth', 'salted-broth', 950],
  ['1 ½ quarts water', 'water', 1417],
  ['2 litres cold water', 'water', 2000],
  ['1.5l water', 'water', 1500],
  ['750ml hot stock', 'broth', 755],
  ['1 jar (24 oz) passata', 'tomato-juice', 680],
  ['500 g carton passata', 'tomato-juice', 500],
  ['1 tbsp olive oil', 'olive-oil', 13.5],
  ['2 Tbsp. extra-virgin olive oil', 'olive-oil', 27],
  ['1 T butter', 'butter', 14],
  ['splash of red wine vinegar', 'vinegar', 10],
  ['1 tablespoon apple cider vinegar', 'vinegar', 15],
  ['glug of olive oil', 'olive-oil', 15],
  ['1 large yellow onion, chopped', 'onion', 150],
  ['1 red onion, finely diced', 'onion', 110],
  ['3 cloves garlic, minced', 'garlic', 10],
  ['3-4 garlic cloves, smashed', 'garlic', 11],
  ['1 head of garlic, halved crosswise', 'garlic', 35],
  ['1 tsp garlic powder', 'garlic-powder', 3.1],
  ['3 ribs celery, sliced', 'celery', 120],
  ['2 stalks of celery with leaves, chopped', 'celery', 80],
  ['4 medium carrots, peeled and cut into 1/2-inch coins', 'carrot', 245],
  ['1 lb baby carrots', 'carrot', 454],
  ['2 russet potatoes, peeled and cubed', 'potato', 350],
  ['1 1/2 lbs yukon gold potatoes, cut in 1-inch chunks', 'potato', 680],
  ['500 g waxy potatoes', 'potato', 500],
  ['2 sweet potatoes, 2 cm dice', 'sweet-potato', 270],
  ['1 butternut squash (about 2 lbs), peeled, seeded, cubed', 'butternut-squash', 907],
  ['1 small head green cabbage, shredded', 'cabbage', 800],
  ['1/2 head savoy cabbage', 'cabbage', 450],
  ['1 bunch kale, stems removed, torn', 'kale', 200],
  ['4 oz baby spinach', 'spinach', 113],
  ['two big handfuls of spinach', 'spinach', 60],
  ['1 (10 oz) package frozen chopped spinach', 'spinach', 283],
  ['1 zucchini, diced', 'courgette', 196],
  ['2 courgettes, sliced 15 mm thick', 'courgette', 392],
  ['1 cup frozen peas', 'peas', 145],
  ['1 cup frozen corn kernels', 'sweetcorn', 150],
  ['2 ears of corn, cut in rounds', 'corn-cob', 400],
  ['8 oz cremini mushrooms, quartered', 'mushrooms', 227],
  ['250 g chestnut mushrooms, sliced', 'mushrooms', 250],
  ['1 oz dried porcini mushrooms', 'dried-mushrooms', 28],
  ['1 red bell pepper, seeded and chopped', 'bell-pepper', 120],
  ['1 jalapeno, seeded, minced', 'fresh-chili', 14],
  ['2 chipotle peppers in adobo, chopped', 'fresh-chili', 25],
  ['2 leeks, white and light green parts only, sliced', 'leek', 180],
  ['1 bulb fennel, cored and sliced', 'fennel', 234],
  ['3-inch piece fresh ginger, sliced', 'ginger', 45],
  ['a thumb of ginger', 'ginger', 30],
  ['1 knob ginger, bruised', 'ginger', 30],
  ['2 lbs boneless skinless chicken thighs', 'chicken-thigh', 907],
  ['1 1/2 lb chicken breasts', 'chicken-breast', 680],
  ['4 bone-in chicken thighs, skin on', 'chicken-leg', 700],
  ['1 whole chicken (about 4 lb)', 'whole-chicken', 1814],
  ['leftover bones of a roast chicken', 'chicken-frame', 450],
  ['1 rotisserie chicken carcass', 'chicken-frame', 450],
  ['2 lbs chicken wings', 'chicken-wings', 907],
  ['1 pound chicken feet', 'chicken-feet', 454],
  ['1 turkey carcass', 'turkey-frame', 1400],
  ['1 lb ground beef', 'minced-beef', 454],
  ['500g beef mince', 'minced-beef', 500],
  ['1 lb ground turkey', 'minced-poultry', 454],
  ['2 lbs beef chuck, cut into 1 1/2-inch cubes', 'beef-stewing', 907],
  ['1.2 kg stewing steak, diced', 'beef-stewing', 1200],
  ['3 lb beef short ribs', 'beef-short-ribs', 1360],
  ['2 beef shanks, about 2 lbs', 'beef-shank', 907],
  ['1 kg oxtail, jointed', 'oxtail', 1000],
  ["2 pig's trotters, split", 'pork-trotter', 900],
  ['1 smoked ham hock', 'ham-hock', 700],
  ['1 meaty ham bone', 'ham-bone', 500],
  ['8 oz bacon, chopped', 'smoked-bacon', 227],
  ['6 slices thick-cut bacon', 'smoked-bacon', 170],
  ['1 lb italian sausage, casings removed', 'sausage', 454],
  ['12 oz andouille sausage, sliced', 'smoked-sausage', 340],
  ['100 g chorizo, diced', 'smoked-sausage', 100],
  ['2 lb pork shoulder, cut into 2-inch pieces', 'pork-shoulder', 907],
  ['1 pork butt, 3 lbs', 'pork-shoulder', 1360],
  ['700 g lamb shoulder, cubed', 'lamb-shoulder', 700],
  ['1 lb lamb stew meat', 'lamb-shoulder', 454],
  ['1 lb dried black beans, rinsed', 'black-beans', 454],
  ['1 pound great northern beans, soaked overnight', 'cannellini', 454],
  ['500g dried cannellini beans, soaked 12 h', 'cannellini', 500],
  ['2 (15 oz) cans cannellini beans, drained', 'canned-beans', 520],
  ['1 can kidney beans, drained and rinsed', 'canned-kidney-beans', 240],
  ['1 cup dry chickpeas', 'chickpeas', 200],
  ['1 tin chickpeas', 'canned-beans', 245],
  ['1 1/4 cups red lentils, rinsed', 'red-lentils', 240],
  ['1 cup french green lentils', 'brown-lentils', 192],
  ['250 g puy lentils', 'puy-lentils', 250],
  ['1 pound green split peas, picked over', 'split-peas', 454],
  ['1 bag (16 oz) split peas', 'split-peas', 454],
  ['3/4 cup pearled barley', 'pearl-barley', 150],
  ['1 cup long-grain white rice', 'white-rice', 185],
  ['1/2 cup wild rice blend', 'wild-rice', 80],
  ['200g basmati rice', 'white-rice', 200],
  ['1 c. quinoa, rinsed', 'quinoa', 170],
  ['8 oz wide egg noodles', 'egg-noodles', 227],
  ['1 cup ditalini pasta', 'ditalini', 120],
  ['150 g orzo', 'orzo', 150],
  ['2 nests of vermicelli', 'vermicelli', 100],
  ['1 package ramen noodles', 'wheat-noodles', 85],
  ['1 sleeve udon', 'wheat-noodles', 200],
  ['1 cup heavy cream', 'cream', 238],
  ['1/2 cup half and half', 'cream', 120],
  ['1 can (13.5 oz) coconut milk', 'coconut-milk', 383],
  ['400ml tin coconut milk', 'coconut-milk', 385],
  ['1/2 cup sour cream', 'creme-fraiche', 115],
  ['1 parmesan rind', 'hard-cheese', 60],
  ['1 tsp salt', 'salt', 6],
  ['2 teaspoons kosher salt', 'salt', 10],
  ['salt and pepper to taste', 'salt', 6],
  ['freshly ground black pepper', 'black-pepper', 2],
  ['10 black peppercorns', 'black-pepper', 0.5],
  ['4 whole cloves', 'whole-spice', 5],
  ['1 cinnamon stick', 'whole-spice', 2],
  ['2 bay leaves', 'bay-leaf', 0.6],
  ['a few sprigs of thyme', 'herb-sprigs', 6],
  ['1 tsp dried thyme', 'dried-herbs', 1],
  ['1 tablespoon chili powder', 'chili-powder', 8],
  ['2 tsp ground cumin', 'cumin', 4],
  ['1 tbsp smoked paprika', 'paprika', 7],
  ['1 tsp curry powder', 'turmeric', 2.3],
  ['2 tbsp soy sauce', 'soy-sauce', 32],
  ['1 tbsp Worcestershire sauce', 'spiced-sauce', 17],
  ['2 tbsp tomato puree', 'tomato-paste', 33],
  ['2 tbsp all purpose flour', 'flour', 16],
  ['1 tablespoon cornstarch mixed with 2 tbsp water', 'starch', 8],
  ['juice of 1 lemon', 'lemon-juice', 45],
  ['1 lime, juiced', 'lemon-juice', 40],
  ['1/4 cup chopped fresh parsley', 'parsley', 15],
  ['handful of cilantro', 'parsley', 28],
  ['1 granny smith apple, diced', 'apple', 182],
  ['1 tsp brown sugar', 'sugar', 4.2],
  ['1 cup dry white wine', 'wine', 236],
  ['1 bottle dark beer', 'beer', 350],
  ['2 tsp bouillon paste', 'stock-base', 12],
  ['1 lb cod fillets, cut in chunks', 'white-fish', 454],
  ['1 lb shrimp, peeled', 'prawns', 454],
  ['2 lb fish heads and bones', 'fish-frame', 907],
  ['1 rutabaga, peeled and cubed', 'swede', 700],
  ['6 oz green beans, trimmed, cut in 1 inch pieces', 'green-beans', 170],
  ['3 roma tomatoes, diced', 'tomato', 186],
  ['1 pint cherry tomatoes', 'tomato', 330],
  ['1 carot, sliced', 'carrot', 61],
  ['2 oniones, choped', 'onion', 220],
  ['1 lb potatos', 'potato', 454],
  ['1 cup red lentills', 'red-lentils', 192],
  ['2 tbsp tumeric', 'turmeric', 14],
  ['3 stalks of cellery', 'celery', 120],
  ['250 g mushroms', 'mushrooms', 250],
  ['1 cup chicken or vegetable stock', 'salted-broth', 240],
  ['8 cups lamb or beef stock, divided', 'salted-broth', 1920],
  ['2 tbsp butter or olive oil', 'butter', 28],
  ['1 red or green bell pepper, diced', 'bell-pepper', 119],
  ['2 cups fresh or frozen corn', 'sweetcorn', 300],
  ['1 onion or 2 shallots', 'onion', 110],
  ['2 cups pinto or black beans', 'pinto-beans', 390],
  ['100 g pitted olives', 'olives', 100],
  ['200 g cooked chestnuts', 'chestnuts', 200],
  ['50 g raisins', 'dried-fruit', 50],
  ['2 tbsp red curry paste', 'curry-paste', 31],
  ['1 block firm tofu, cubed', 'tofu', 300],
  ['4 tbsp dry sherry', 'spirits', 59],
  ['1 pheasant, jointed', 'game-bird', 800],
  ['500 g minced pork', 'minced-pork', 500],
  ['250 g tortellini', 'filled-pasta', 250],
  ['1 cup oat milk', 'plant-milk', 243],
  ['2 handfuls mangetout', 'mangetout', 98],
  ['1 whole head of garlic, halved crosswise', 'garlic', 30],
  ['1 lb 90% lean ground beef', 'minced-beef', 454],
  ['2 bone-in, skin-on chicken breasts (about 2 lb)', 'chicken-breast', 907],
  ['1 heaped tbsp plain flour', 'flour', 8],
  ['1 poblano pepper, diced', 'poblano', 65],
  ['2 dried ancho chiles, seeded', 'dried-chili', 10],
  ['2 tbsp cornstarch + 2 tbsp cold water', 'starch', 16],
  ['1 (3 to 4 pound) whole chicken', 'whole-chicken', 1588],
];

/** Tolerance within which a cook would still call it the same amount. */
const SAME = 0.3;

interface Judged {
  readonly line: string;
  readonly right: boolean;
  readonly marked: boolean;
  readonly told: string;
}

const JUDGED: readonly Judged[] = LINES.map(([line, food, grams]) => {
  const { item, food: found, unsure } = readLine(line);
  const mass = item && found ? (amountGrams(found, item.amount) ?? 0) : 0;
  // A food that cooks as the one that was meant is that food by a nearer name.
  const same = item?.food === food || found?.like === food;
  const right = same && Math.abs(mass - grams) <= SAME * grams;
  return { line, right, marked: !item || unsure.length > 0, told: `${item?.food} ${mass} g` };
});

describe('lines of recipes', () => {
  it('are read right, 97 of 100 at the least', () => {
    const wrong = JUDGED.filter(({ right }) => !right);
    expect(JUDGED.length).toBeGreaterThanOrEqual(150);
    expect(wrong.map(({ line, told }) => `${line}: ${told}`).slice(0.03 * JUDGED.length)).toEqual(
      [],
    );
  });

  it('are never wrong without a mark', () => {
    expect(JUDGED.filter(({ right, marked }) => !right && !marked)).toEqual([]);
  });

  it('are marked where a guess was made', () => {
    const told = (line: string): string => readLine(line).unsure.join('; ');
    expect(told('1 cup red lentills')).toContain('read as red lentil');
    expect(told('1 package ramen noodles')).toContain('by the package');
    expect(told('1 1/2 lbs yukon gold potatoes')).toContain('taken for potato');
    expect(told('salt and pepper to taste')).toContain('no amount given');
    expect(told('1 lb potatoes')).toBe('');
  });

  it('are asked about where the thing itself is not known', () => {
    for (const line of ['1 unicorn', '2 cups tomato sorbet', '1 packet jelly babies'])
      expect([line, readLine(line).item]).toEqual([line, null]);
  });

  it('are read by the thousand without a wait', () => {
    const many = Array.from({ length: 1000 }, (_, i) => LINES[i % LINES.length]?.[0] ?? '');
    expect(many.map((line) => readLine(line)).filter(({ item }) => !item).length).toBeLessThan(30);
  });
});
