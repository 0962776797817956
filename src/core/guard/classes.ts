/** Classes of food that a hazard concerns, by the name AND the likeness of a food: the stricter of the two. */
import { matchFoods, type Food, type SafetyRule } from '../food';
import { SAFE_CENTRE_C } from './limits';

export type CentreRule = Exclude<SafetyRule, 'lectin'>;

/** Classes beside those of the centre. */
export type FoodClass =
  | SafetyRule
  /** Raw and perishable: meat, poultry, fish, egg, dairy, tofu. */
  | 'perishable'
  /** Cooked before and perishable: broth, stock, what is in a jar. */
  | 'leftover'
  /** Cut vegetables and other foods that keep a while longer. */
  | 'cut'
  | 'never-quick'
  | 'fat'
  | 'spirits'
  | 'fizzy'
  | 'dairy'
  | 'thickener'
  | 'noodles';

const NEVER_QUICK: ReadonlySet<string> = new Set([
  'split-peas',
  'rolled-oats',
  'steel-cut-oats',
  'apple-sauce',
  'cranberries',
  'rhubarb',
  'pearl-barley',
  'pot-barley',
]);
/** Names that say so whatever the table has. */
const NAMED: readonly (readonly [RegExp, FoodClass])[] = [
  [
    /\b(?:split peas?|oats?|oatmeal|barley|apple ?sauce|stewed apples?|cranberries|rhubarb)\b/i,
    'never-quick',
  ],
  [
    /\b(?:cola|soda|lemonade|sparkling|fizzy|tonic water|ginger ale|ginger beer|champagne|prosecco)\b/i,
    'fizzy',
  ],
  [
    /\b(?:brandy|rum|whisk(?:e)?y|vodka|gin|cognac|spirits?|schnapps|calvados|grappa|bourbon)\b/i,
    'spirits',
  ],
  [/\b(?:wild )?boar\b|\bvenison\b|\bdeer\b|\bhare\b|\brabbit\b/i, 'game'],
  [
    /\b(?:kidney|borlotti|cannellini|black|navy|haricot|pinto|butter|lima|flageolet|runner|cranberry|white|red|mixed|15|soup) beans?\b|\brajma\b|\bbean (?:soup )?mix\b|\b\d+[- ]bean\b/i,
    'lectin',
  ],
  [
    /\b(?:lard|tallow|dripping|suet|schmaltz|(?:frying|vegetable|sunflower|rapeseed|peanut|olive|coconut) oil|oil|ghee)\b/i,
    'fat',
  ],
];
/** Beans of these names are of another genus, or were boiled in their can. */
const NO_LECTIN =
  /\b(?:green|french|broad|fava|soya?|mung|adzuki|black[- ]eyed|jelly|coffee|cocoa|vanilla|string|long)\b|\bcanned\b|\btinned\b|\bsalted black beans\b|\bbean (?:sprouts?|curd|paste)\b/i;

const PERISHABLE_GROUPS: ReadonlySet<Food['group']> = new Set([
  'poultry',
  'meat',
  'fish',
  'bones',
  'dairy',
]);
/** Dairy and meat that keep out of the cold. */
const KEEPS: ReadonlySet<string> = new Set([
  'evaporated-milk',
  'condensed-milk',
  'plant-milk',
  'hard-cheese',
  'salt-pork',
]);

function ofTable(food: Food): readonly FoodClass[] {
  const { group, key, safety, kept } = food;
  const classes: FoodClass[] = [];
  if (safety) classes.push(safety);
  if (PERISHABLE_GROUPS.has(group) && !KEEPS.has(key)) classes.push('perishable');
  if (key === 'broth' || key === 'salted-broth') classes.push('leftover');
  if ((group === 'vegetable' || group === 'leaf') && kept === 'fridge') classes.push('cut');
  if (key === 'tofu') classes.push('perishable');
  if (NEVER_QUICK.has(key)) classes.push('never-quick');
  if (group === 'pasta') classes.push('noodles');
  if (group === 'fat') classes.push('fat');
  if (key === 'fizzy-drink' || key === 'sparkling-water') classes.push('fizzy');
  if (key === 'spirits') classes.push('spirits');
  if (group === 'dairy' && key !== 'egg' && key !== 'plant-milk') classes.push('dairy');
  if (key === 'starch' || key === 'flour') classes.push('thickener');
  return classes;
}

/** A name this near to one of the table means that food too. */
const NAMESAKE = 0.75;

const MADE = new WeakMap<Food, Map<string, ReadonlySet<FoodClass>>>();

function made(said: string, food: Food): ReadonlySet<FoodClass> {
  const classes = new Set<FoodClass>(ofTable(food));
  // A row of the table is known by its key; a name of the kitchen's own may say more than its likeness.
  const named = food.own || said !== food.key ? matchFoods(said, 1)[0] : undefined;
  if (named && named.score >= NAMESAKE && !named.strange)
    for (const one of ofTable(named.food)) classes.add(one);
  const canned = food.family === 'ready' || NO_LECTIN.test(said);
  for (const [pattern, one] of NAMED) {
    if (!pattern.test(said) || (one === 'lectin' && canned)) continue;
    // Butter and oil as a part of something else are not fat themselves.
    if (one === 'fat' && food.own === undefined && food.group !== 'fat') continue;
    classes.add(one);
  }
  if (canned && !food.own) classes.delete('lectin');
  return classes;
}

/**
 * Classes of a food as a cook calls it.
 *
 * @param said key of the table or the name in this kitchen
 * @param food as it is cooked: a row of the table, or the kitchen's own made of its likeness
 */
export function classesOf(said: string, food: Food): ReadonlySet<FoodClass> {
  const known = MADE.get(food) ?? new Map<string, ReadonlySet<FoodClass>>();
  MADE.set(food, known);
  const before = known.get(said);
  if (before) return before;
  const classes = made(said, food);
  known.set(said, classes);
  return classes;
}

const CENTRES = Object.keys(SAFE_CENTRE_C) as readonly CentreRule[];

/** The strictest rule of the centre among classes; null if there is none. */
export function centreRuleOf(classes: ReadonlySet<FoodClass>): CentreRule | null {
  return CENTRES.filter((rule) => classes.has(rule)).reduce<CentreRule | null>(
    (a, b) => (a === null || SAFE_CENTRE_C[b] > SAFE_CENTRE_C[a] ? b : a),
    null,
  );
}

/** Whether a food spoils raw at room temperature. */
export function isPerishable(said: string, food: Food): boolean {
  const classes = classesOf(said, food);
  return classes.has('perishable') || classes.has('leftover');
}
