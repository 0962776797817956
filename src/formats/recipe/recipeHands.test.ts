/** Moves of hands in recipes: each text and the right plan for it were written before it was read. */
import { spansOf } from '../../core/batch/plan/stays';
import { foodOf, stepsOf } from '../../core/batch/plan';
import type { Batch } from '../../core/batch/schema';
import { HAND_PLANS } from '../../core/testing/handPlans';
import { POT } from '../../core/testing/kitchen';
import { batchOfRecipe, readRecipe, writeRecipe } from '..';

function read(text: string): Batch {
  const result = readRecipe(text);
  if (!result.ok) throw new Error('not read');
  return batchOfRecipe(result.recipe, 'x', POT);
}

/** Stays of a food, in words: “1-2 | 3 pulled”: steps from 1, to before which, what was done. */
function staysIn(batch: Batch, food: string): string {
  const item = batch.items.find((i) => i.food === food);
  if (!item) return 'not there';
  if (item.apart) return 'apart';
  return spansOf(item, stepsOf(batch))
    .map(({ from, to, done }) =>
      [...done.map((d) => d.how), to === null ? String(from + 1) : `${from + 1}-${to + 1}`].join(
        ' ',
      ),
    )
    .join(' | ');
}
const kinds = (batch: Batch): string =>
  stepsOf(batch)
    .map((s) => s.kind)
    .join(' ');

interface Case {
  readonly name: string;
  readonly text: string;
  readonly steps: string;
  readonly stays: Readonly<Record<string, string>>;
  readonly see?: (batch: Batch) => boolean;
}
const sauteOf = (batch: Batch) => stepsOf(batch).find((s) => s.kind === 'saute');

const CASES: readonly Case[] = [
  {
    name: 'oxtail out for the onions, back for the lid',
    text: 'Oxtail and root soup\n1.2 kg oxtail\n2 onions, diced\n2 carrots, 20 mm pieces\n1.4 l beef stock\n\nBrown the oxtail on all sides, about 10 minutes. Transfer the oxtail to a plate. Add the onions and cook for 5 minutes until soft. Return the oxtail to the pot, add the carrots and stock, lock the lid and cook at high pressure for 45 minutes. Natural release.',
    steps: 'saute saute pressure',
    stays: { oxtail: '1-2 | 3', onion: '2', carrot: '3' },
  },
  {
    name: 'sausages set aside over a lid',
    text: 'Lentils and sausage\n6 pork sausages\n300 g brown lentils\n1 onion, diced\n1.2 l water\n\nFry the sausages for 8 minutes and set aside. Add the onion and fry for 4 minutes. Add the lentils and water. Pressure cook on high for 8 minutes, quick release. Return the sausages to the pot and simmer for 10 minutes.',
    steps: 'saute saute pressure simmer',
    stays: { sausage: '1-2 | 4', 'brown-lentils': '3' },
  },
  {
    name: 'a hen lifted out, shredded, back',
    text: 'Hen and leek soup\n1 whole chicken\n3 leeks, 20 mm rings\n2 l water\n\nPut the chicken and water in the pot. Cook at high pressure for 28 minutes, then natural release. Lift the chicken out onto a board and shred the meat, discarding the skin and bones. Add the leeks and simmer for 6 minutes. Return the meat and simmer for 2 minutes more.',
    steps: 'pressure simmer simmer',
    stays: { 'whole-chicken': '1-2 | picked 3', leek: '2' },
  },
  {
    name: 'pork pulled in the middle',
    text: 'Pulled pork chili\n1 kg pork shoulder, 60 mm cubes\n400 g canned tomatoes\n400 g canned black beans\n300 ml stock\n\nPlace the pork, tomatoes and stock in the cooker. Cook on high pressure for 50 minutes. Natural release. Remove the pork to a bowl, shred it with two forks and return it to the pot with the beans. Simmer for 10 minutes.',
    steps: 'pressure simmer',
    stays: { 'pork-shoulder': '1-2 | pulled 2' },
  },
  {
    name: 'beans blended with their liquor',
    text: 'White bean soup\n350 g cannellini beans, soaked overnight\n1.4 l water\n100 g cavolo nero\n\nAdd the beans and water to the pot. Cook at high pressure for 14 minutes. Natural release. Scoop out the beans, blend them with a ladle of the liquid and return to the pot. Add the cavolo nero and simmer for 5 minutes.',
    steps: 'pressure simmer',
    stays: { cannellini: '1-2 | blended 2', 'cavolo-nero': '2' },
  },
  {
    name: 'onions charred under the grill',
    text: 'Beef and star anise broth\n1.2 kg beef shin\n2 onions, halved\n60 g ginger\n2 l water\n\nChar the onions and ginger under a hot grill for 12 minutes. Put the beef, onions, ginger and water in the pot. Cook at high pressure for 50 minutes. Natural release.',
    steps: 'pressure',
    stays: { onion: 'charred 1', ginger: 'charred 1', 'beef-shank': '1' },
  },
  {
    name: 'squash roasted in the oven',
    text: 'Roast squash soup\n1 kg butternut squash, 30 mm cubes\n1 onion, diced\n900 ml stock\n\nRoast the squash in the oven at 200 °C for 35 minutes. Add the squash, onion and stock to the pot. Cook at high pressure for 5 minutes. Quick release.',
    steps: 'pressure',
    stays: { 'butternut-squash': 'roasted 1', onion: '1' },
  },
  {
    name: 'rice toasted in a dry pan',
    text: 'Toasted rice soup\n100 g rice\n600 g chicken thighs\n1.5 l water\n\nToast the rice in a dry skillet for 4 minutes. Put the rice, chicken and water in the pot. High pressure for 12 minutes, natural release.',
    steps: 'pressure',
    stays: { 'white-rice': 'toasted 1', 'chicken-thigh': '1' },
  },
  {
    name: 'potatoes parboiled beside it',
    text: 'Stew with parboiled potatoes\n800 g stewing beef, 30 mm cubes\n600 g potatoes, 25 mm pieces\n1 l stock\n\nPut the beef and stock in the pot and cook at high pressure for 30 minutes. Natural release. Meanwhile parboil the potatoes in a saucepan for 8 minutes. Drain the potatoes, add them to the stew and simmer for 8 minutes.',
    steps: 'pressure simmer',
    stays: { potato: 'parboiled 2', 'beef-stewing': '1' },
  },
  {
    name: 'scraped with half a cup of stock',
    text: 'Venison chili\n900 g venison, 30 mm cubes\n400 g canned tomatoes\n700 ml stock\n\nBrown the venison, 4 minutes per side. Deglaze with half a cup of the stock, scraping up the browned bits. Add the tomatoes and the rest of the stock. Cook at high pressure for 35 minutes. Natural release.',
    steps: 'saute pressure',
    stays: { 'venison-stewing': '1', broth: '2' },
    see: (b) => {
      const s = sauteOf(b);
      return s?.kind === 'saute' && s.sideMin === 4 && Math.abs((s.deglazeMl ?? 0) - 118) < 4;
    },
  },
  {
    name: 'noodles lifted out again',
    text: 'Chicken noodle soup\n700 g chicken thighs\n150 g egg noodles\n1.8 l water\n\nCook the chicken and water at high pressure for 10 minutes. Natural release. Add the noodles and simmer for 6 minutes. Lift out the noodles into a bowl. Simmer for 10 minutes more. Return the noodles and rest for 2 minutes.',
    steps: 'pressure simmer simmer rest',
    stays: { 'egg-noodles': '2-3 | 4' },
  },
  {
    name: 'kept warm behind the hold',
    text: 'Bean pot\n350 g borlotti beans, soaked overnight\n1.5 l water\n\nPut the beans and water in the pot. Cook at high pressure for 14 minutes. Natural release. Keep warm for 2 hours.',
    steps: 'pressure rest',
    stays: { borlotti: '1' },
    see: (b) => {
      const last = stepsOf(b).at(-1);
      return last?.kind === 'rest' && last.keepWarm === true && last.minutes === 120;
    },
  },
  {
    name: 'water to the line, spices in a bag',
    text: 'Turkey frame stock\n1.6 kg turkey frame\n10 g whole spices, tied in a muslin bag\nwater to the max line\n\nPut everything in the pot. Cook at high pressure for 90 minutes. Natural release.',
    steps: 'pressure',
    stays: { 'turkey-frame': '1', water: '1' },
    see: (b) => b.items.some((i) => i.upTo === 'line') && b.items.some((i) => i.bag === true),
  },
  {
    name: 'brisket cut up between two lids',
    text: 'Brisket and barley\n1.5 kg beef brisket, whole\n150 g pearl barley\n1.2 l water\n\nPut the brisket and water in the pot. Cook at high pressure for 50 minutes, quick release. Transfer the brisket to a board and cut it into cubes. Add the barley and return the brisket. Lock the lid again and cook at high pressure for 18 minutes, natural release.',
    steps: 'pressure open pressure',
    stays: { 'beef-brisket': '1-2 | cut 2', 'pearl-barley': '2' },
  },
];

describe('a recipe that says what hands do', () => {
  it.each(CASES.map((one) => [one.name, one] as const))('%s', (_, one) => {
    const batch = read(one.text);
    expect(kinds(batch)).toBe(one.steps);
    const stays = Object.fromEntries(
      Object.keys(one.stays).map((food) => [food, staysIn(batch, food)]),
    );
    expect(stays).toEqual(one.stays);
    expect(one.see?.(batch) ?? true).toBe(true);
  });
});

/** All that a recipe can say of a batch's hands. */
function handsOf(batch: Batch) {
  const steps = stepsOf(batch);
  return {
    steps: steps.map((s) => [
      s.kind,
      s.kind === 'saute' ? [s.sideMin ?? null, s.deglazeMl ?? null] : null,
      s.kind === 'rest' ? (s.keepWarm ?? false) : null,
    ]),
    items: batch.items.map((item) => [
      foodOf(item)?.key,
      spansOf(item, steps).map(({ from, to, done }) => [from, to, done.map((d) => d.how)]),
      item.upTo ?? null,
      item.bag ?? false,
    ]),
  };
}

describe('a plan of what hands do', () => {
  it.each(HAND_PLANS.map((one) => [one.batch.name, one.batch] as const))(
    'goes out as a recipe and comes back: %s',
    (_, batch) => {
      const back = read(writeRecipe(batch, 60, 'metric'));
      expect(handsOf(back)).toEqual(handsOf(batch));
    },
  );
});

it('says cups in a US kitchen, and reads them back', () => {
  for (const { batch } of HAND_PLANS.filter(({ batch: { name } }) => /scraped|ladle/.test(name))) {
    const text = writeRecipe(batch, 60, 'us');
    expect(text).not.toMatch(/\d ?(?:mm|cm|ml)\b/);
    expect(handsOf(read(text)).items.map(([, stays]) => stays)).toEqual(
      handsOf(batch).items.map(([, stays]) => stays),
    );
  }
});
