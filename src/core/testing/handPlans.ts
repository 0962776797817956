/**
 * Plans of what hands really do, each as a cook would judge it: set aside and back, other pans, changed in
 * between, scraped, blended, bagged, kept warm, filled to a mark. Written, with what they should come to,
 * before any of them was run; common practice, no source.
 */
import type { Assessment, FindingCode } from '../assess';
import type { Item, Step } from '../batch/schema';
import { item, SEA_LEVEL, STOVETOP } from './kitchen';
import { BIG, cooked, cube, hold, LARGE, N, Q, simmer, slice, T, type Cooked } from './practice';

export interface HandPlan extends Cooked {
  /** Verdicts that a cook would give, by the ids of items. */
  readonly verdicts?: Readonly<Record<string, 'under' | 'right' | 'over'>>;
  /** Calls that there must be, and that must not be. */
  readonly calls?: readonly FindingCode[];
  readonly quiet?: readonly FindingCode[];
  /** Further things that a cook would notice. */
  readonly see?: (assessment: Assessment) => boolean;
}

const saute = (id: string, more: object): Step => ({ id, kind: 'saute', ...more });
const open = (id: string, minutes = 3): Step => ({ id, kind: 'open', minutes });
const of = (all: Assessment, id: string) => {
  const found = all.items.find((one) => one.id === id);
  if (!found) throw new Error(`no ${id}`);
  return found;
};
const step = (all: Assessment, id: string) => {
  const found = all.time.steps.find((one) => one.id === id);
  if (!found) throw new Error(`no ${id}`);
  return found;
};

function plan(
  name: string,
  items: readonly Item[],
  steps: readonly Step[],
  wants: Omit<HandPlan, keyof Cooked>,
  where: Parameters<typeof cooked>[3] = {},
): HandPlan {
  return { ...cooked(name, items, steps, { kitchen: SEA_LEVEL, ...where }), ...wants };
}

export const HAND_PLANS: readonly HandPlan[] = [
  plan(
    'Chicken thighs browned and set aside while chickpeas cook, back for the second lid',
    [
      item('c', 'chicken-thigh', 900, 'g', { stays: [{ from: 'b', to: 's1' }, { from: 'o' }] }),
      item('p', 'chickpeas', 300, 'g', { soakedH: 10, stays: [{ from: 's1' }] }),
      item('w', 'water', 1.3, 'l', { stays: [{ from: 's1' }] }),
    ],
    [
      saute('b', { minutes: 8, deglazeMl: 120 }),
      hold('s1', 12, Q),
      open('o'),
      hold('s2', 10, T(10)),
    ],
    {
      verdicts: { c: 'right', p: 'right' },
      quiet: ['poultry-not-safe', 'browned-bottom', 'undercooked', 'overcooked'],
    },
  ),
  plan(
    'The same, the thighs under both lids',
    [
      item('c', 'chicken-breast', 900, 'g', { stays: [{ from: 'b' }] }),
      item('p', 'chickpeas', 300, 'g', { stays: [{ from: 's1' }] }),
      item('w', 'water', 1.5, 'l', { stays: [{ from: 's1' }] }),
    ],
    [
      saute('b', { minutes: 8, deglazeMl: 120 }),
      hold('s1', 40, Q),
      open('o'),
      hold('s2', 10, T(10)),
    ],
    { verdicts: { p: 'right' }, see: (a) => of(a, 'c').cookValueSurfaceMin > 100 },
  ),
  plan(
    'Chicken browned, set aside for the onions, back before the lid',
    [
      item('c', 'chicken-thigh', 800, 'g', { stays: [{ from: 'b', to: 'o' }, { from: 's1' }] }),
      item('o', 'onion', 2, 'piece', { ...cube(10), stays: [{ from: 'o' }] }),
      item('w', 'water', 1.2, 'l', { stays: [{ from: 's1' }] }),
    ],
    [saute('b', { minutes: 7 }), saute('o', { minutes: 6, deglazeMl: 150 }), hold('s1', 10, N)],
    { verdicts: { c: 'right' }, quiet: ['poultry-not-safe'] },
  ),
  plan(
    'A whole chicken out, its meat picked, the bones back for a second run, the meat back at the end',
    [
      item('c', 'whole-chicken', 1.6, 'kg', {
        stays: [
          { from: 's1', to: 'o' },
          { from: 'e', done: [{ how: 'picked' }] },
        ],
      }),
      item('f', 'chicken-frame', 480, 'g', { from: 'c', startC: 60, stays: [{ from: 'o' }] }),
      item('w', 'water', 2.2, 'l', { stays: [{ from: 's1' }] }),
    ],
    [hold('s1', 25, N), open('o', 10), hold('s2', 45, N), simmer('e', 4)],
    {
      verdicts: { c: 'right' },
      quiet: ['poultry-not-safe', 'undercooked'],
      see: (a) => of(a, 'c').stays.length === 2,
    },
    { pot: LARGE },
  ),
  plan(
    'Noodles taken out before the pot rests',
    [
      item('w', 'water', 1.8, 'l', { stays: [{ from: 's1' }] }),
      item('c', 'chicken-thigh', 600, 'g', { stays: [{ from: 's1' }] }),
      item('n', 'egg-noodles', 150, 'g', { stays: [{ from: 'n', to: 'r' }] }),
    ],
    [hold('s1', 10, T(10)), simmer('n', 6), { id: 'r', kind: 'rest', minutes: 30 }],
    { verdicts: { n: 'right' } },
  ),
  plan(
    'The same noodles left in while it rests',
    [
      item('w', 'water', 1.8, 'l', { stays: [{ from: 's1' }] }),
      item('c', 'chicken-thigh', 600, 'g', { stays: [{ from: 's1' }] }),
      item('n', 'egg-noodles', 150, 'g', { stays: [{ from: 'n' }] }),
    ],
    [hold('s1', 10, T(10)), simmer('n', 6), { id: 'r', kind: 'rest', minutes: 30 }],
    { verdicts: { n: 'over' } },
  ),
  plan(
    'Shin broth with onion and ginger charred first',
    [
      item('m', 'beef-shank', 1.2, 'kg', cube(45)),
      item('o', 'onion', 2, 'piece', { stays: [{ done: [{ how: 'charred', minutes: 10 }] }] }),
      item('g', 'ginger', 60, 'g', { stays: [{ done: [{ how: 'charred' }] }] }),
      item('w', 'water', 2, 'l'),
    ],
    [hold('s1', 45, N)],
    { verdicts: { m: 'right' }, see: (a) => of(a, 'o').massG < 290 },
    { pot: BIG },
  ),
  plan(
    'Squash roasted in the oven, five minutes under the lid, blended with its broth',
    [
      item('q', 'butternut-squash', 1, 'kg', {
        ...cube(30),
        stays: [
          { from: 's1', to: 'e', done: [{ how: 'roasted', minutes: 35, ovenC: 200 }] },
          { from: 'e', done: [{ how: 'blended', ladleMl: 300 }] },
        ],
      }),
      item('w', 'water', 900, 'ml', { stays: [{ from: 's1' }] }),
    ],
    [hold('s1', 5, Q), simmer('e', 3)],
    {
      quiet: ['undercooked'],
      // The model gives a purée without starch a body of seven times water and no more; a cook would call it
      // thick, and 0.01 Pa s stood here first. It is left to the models of thickness.
      see: (a) => a.finish.pas.table > 0.002 && of(a, 'q').cookValueCentreMin > 8,
    },
  ),
  plan(
    'Barley toasted before the lid with lamb',
    [
      item('l', 'lamb-neck', 800, 'g', cube(35)),
      item('b', 'pearl-barley', 150, 'g', { stays: [{ done: [{ how: 'toasted', minutes: 4 }] }] }),
      item('w', 'water', 1.6, 'l'),
    ],
    [hold('s1', 28, N)],
    { verdicts: { l: 'right', b: 'right' } },
  ),
  plan(
    'Potatoes parboiled in a saucepan, then ten minutes in the open soup',
    [
      item('p', 'potato', 700, 'g', {
        ...cube(25),
        stays: [{ from: 'e', done: [{ how: 'parboiled', minutes: 8 }] }],
      }),
      item('m', 'beef-stewing', 700, 'g', { ...cube(30), stays: [{ from: 's1' }] }),
      item('w', 'water', 1.2, 'l', { stays: [{ from: 's1' }] }),
    ],
    [hold('s1', 30, N), simmer('e', 8)],
    { verdicts: { p: 'right', m: 'right' } },
  ),
  plan(
    'The same potatoes raw into the same four minutes',
    [
      item('p', 'potato', 700, 'g', { ...cube(25), stays: [{ from: 'e' }] }),
      item('m', 'beef-stewing', 700, 'g', { ...cube(30), stays: [{ from: 's1' }] }),
      item('w', 'water', 1.2, 'l', { stays: [{ from: 's1' }] }),
    ],
    [hold('s1', 30, N), simmer('e', 4)],
    { verdicts: { p: 'under' } },
  ),
  plan(
    'Pork shoulder pulled and put back into its chili',
    [
      item('m', 'pork-shoulder', 1.2, 'kg', {
        ...cube(60),
        stays: [
          { from: 's1', to: 'o' },
          { from: 'e', done: [{ how: 'pulled' }] },
        ],
      }),
      item('t', 'canned-tomatoes', 400, 'g', { stays: [{ from: 's1' }] }),
      item('b', 'canned-beans', 400, 'g', { stays: [{ from: 'e' }] }),
      item('w', 'water', 500, 'ml', { stays: [{ from: 's1' }] }),
    ],
    [hold('s1', 50, N), open('o', 8), simmer('e', 10)],
    { verdicts: { m: 'right' } },
    { kind: 'chili' },
  ),
  plan(
    'Brisket whole, out, cut up, and back for a second lid',
    [
      item('m', 'beef-brisket', 1.5, 'kg', {
        cut: { shape: 'whole', mm: 60 },
        stays: [
          { from: 's1', to: 'o' },
          { from: 's2', done: [{ how: 'cut', cut: { shape: 'cube', mm: 30 } }] },
        ],
      }),
      item('w', 'water', 1.2, 'l', { stays: [{ from: 's1' }] }),
    ],
    [hold('s1', 50, T(15)), open('o', 6), hold('s2', 15, N)],
    { verdicts: { m: 'right' } },
    { pot: BIG },
  ),
  plan(
    'Venison chili scraped with the first of its liquid',
    [
      item('m', 'venison', 900, 'g', { ...cube(30), stays: [{ from: 'b' }] }),
      item('t', 'canned-tomatoes', 400, 'g', { stays: [{ from: 's1' }] }),
      item('w', 'broth', 700, 'ml', { stays: [{ from: 's1' }] }),
    ],
    [saute('b', { minutes: 10, deglazeMl: 120 }), hold('s1', 35, N)],
    { quiet: ['browned-bottom'] },
    { kind: 'chili' },
  ),
  plan(
    'The same, nobody scrapes',
    [
      item('m', 'venison', 900, 'g', { ...cube(30), stays: [{ from: 'b' }] }),
      item('t', 'canned-tomatoes', 400, 'g', { stays: [{ from: 's1' }] }),
      item('w', 'broth', 700, 'ml', { stays: [{ from: 's1' }] }),
    ],
    [saute('b', { minutes: 10 }), hold('s1', 35, N)],
    { calls: ['browned-bottom'] },
    { kind: 'chili' },
  ),
  plan(
    'Cannellini blended with a ladle of their broth',
    [
      item('b', 'cannellini', 350, 'g', {
        soakedH: 10,
        stays: [
          { from: 's1', to: 'e' },
          { from: 'e', done: [{ how: 'blended', ladleMl: 240 }] },
        ],
      }),
      item('k', 'cavolo-nero', 120, 'g', { stays: [{ from: 'e' }] }),
      item('w', 'water', 1.4, 'l', { stays: [{ from: 's1' }] }),
    ],
    [hold('s1', 14, N), simmer('e', 5)],
    {
      verdicts: { b: 'right' },
      see: (a) => a.finish.pas.table > 0.05 && a.fill.finishedBrothL > 1.4,
    },
  ),
  plan(
    'Hard cheese melted into a ladle at the end',
    [
      item('b', 'cannellini', 300, 'g', { soakedH: 10, stays: [{ from: 's1' }] }),
      item('h', 'hard-cheese', 60, 'g', {
        stays: [{ from: 'e', done: [{ how: 'blended', ladleMl: 240 }] }],
      }),
      item('w', 'water', 1.4, 'l', { stays: [{ from: 's1' }] }),
    ],
    [hold('s1', 13, N), open('e', 4)],
    { verdicts: { b: 'right' }, quiet: ['dairy-under-pressure', 'scorch-risk'] },
  ),
  plan(
    'A bag of spices under the lid, fished out as it opens',
    [
      item('m', 'beef-shank', 1, 'kg', cube(40)),
      item('s', 'whole-spice', 10, 'g', { bag: true, stays: [{ to: 'e' }] }),
      item('n', 'rice-noodles', 200, 'g', { stays: [{ from: 'e' }] }),
      item('w', 'water', 1.8, 'l'),
    ],
    [hold('s1', 45, N), simmer('e', 4)],
    { verdicts: { m: 'right' }, see: (a) => of(a, 's').leaveMin < a.time.totalMin - 3 },
  ),
  plan(
    'Cobs and a rind in the broth, out before the corn goes in',
    [
      item('c', 'corn-cob', 4, 'piece', { for: 'flavour', stays: [{ to: 'e' }] }),
      item('r', 'parmesan-rind', 1, 'piece', { stays: [{ to: 'e' }] }),
      item('k', 'corn', 300, 'g', { stays: [{ from: 'e' }] }),
      item('w', 'water', 1.5, 'l'),
    ],
    [hold('s1', 20, N), simmer('e', 5)],
    { verdicts: { c: 'right', k: 'right' } },
  ),
  plan(
    'Bean soup kept warm behind its hold, the lid never opened',
    [item('b', 'borlotti', 350, 'g', { soakedH: 8 }), item('w', 'water', 1.5, 'l')],
    [hold('s1', 14, N), { id: 'r', kind: 'rest', minutes: 120, keepWarm: true }],
    { quiet: ['lost-food', 'slow-cooling'] },
  ),
  plan(
    'The same on a flame that is off, for five hours',
    [item('b', 'borlotti', 350, 'g', { soakedH: 8 }), item('w', 'water', 1.5, 'l')],
    [hold('s1', 14, N), { id: 'r', kind: 'rest', minutes: 300 }],
    {
      see: (a) =>
        a.dangers.some(({ level }) => level === 'warn' || level === 'stop' || level === 'never'),
    },
    { pot: STOVETOP },
  ),
  plan(
    'A heap of turkey frames with water to the line',
    [
      item('f', 'turkey-frame', 1.6, 'kg'),
      item('o', 'onion', 1, 'piece', cube(30)),
      item('w', 'water', 1, 'l', { upTo: 'line' }),
    ],
    [hold('s1', 90, N)],
    {
      quiet: ['over-max-fill', 'too-little-liquid'],
      see: (a) => a.fill.worstL <= a.fill.lineL + 0.01 && a.fill.worstL > a.fill.lineL - 0.12,
    },
    { kind: 'stock', pot: LARGE },
  ),
  plan(
    'Knuckles just covered',
    [item('k', 'veal-knuckle', 1.5, 'kg'), item('w', 'water', 1, 'l', { upTo: 'over' })],
    [hold('s1', 120, N)],
    { quiet: ['not-covered', 'over-max-fill'], see: (a) => a.fill.liquidL > a.fill.heapL },
    { kind: 'broth', pot: LARGE },
  ),
  plan(
    'A kilo and a half of cubes browned three minutes a side, in batches',
    [
      item('m', 'beef-stewing', 1.5, 'kg', { ...cube(30), stays: [{ from: 'b' }] }),
      item('w', 'water', 1, 'l', { stays: [{ from: 's1' }] }),
    ],
    [saute('b', { sideMin: 3, deglazeMl: 120 }), hold('s1', 30, N)],
    {
      verdicts: { m: 'right' },
      // Two layers of 22 cm hold about half a kilo each: three batches or two.
      see: (a) => [12, 18].includes(Math.round(step(a, 'b').endMin - step(a, 'b').startMin)),
    },
  ),
  plan(
    'Chicken browned and left on its plate for as long as hominy takes',
    [
      item('c', 'chicken-thigh', 800, 'g', { stays: [{ from: 'b', to: 's1' }, { from: 'o' }] }),
      item('h', 'beef-tendon', 500, 'g', { stays: [{ from: 's1' }] }),
      item('w', 'water', 1.6, 'l', { stays: [{ from: 's1' }] }),
    ],
    [saute('b', { minutes: 8, deglazeMl: 120 }), hold('s1', 120, N), open('o'), hold('s2', 8, N)],
    { calls: ['standing-raw'] },
  ),
  plan(
    'Parsley and lemon into the bowl’s last minute, greens before them',
    [
      item('l', 'brown-lentils', 300, 'g', { stays: [{ from: 's1' }] }),
      item('c', 'carrot', 2, 'piece', { ...slice(10), stays: [{ from: 's1' }] }),
      item('g', 'spinach', 200, 'g', { stays: [{ from: 'e' }] }),
      item('p', 'parsley', 20, 'g', { stays: [{ from: 'z' }] }),
      item('w', 'water', 1.5, 'l', { stays: [{ from: 's1' }] }),
    ],
    [hold('s1', 9, T(10)), simmer('e', 2), open('z', 1)],
    { verdicts: { l: 'right', g: 'right' } },
  ),
];
