import { groupOf, isStepLine, readLines } from '.';

// Common practice, no source: lines as cooks write them into lists.
const STEPS = [
  '8 min high pressure, 10 min natural release',
  'High pressure 25 minutes',
  'HP 12 min, NPR 15',
  '45 minutes at high pressure + full natural release',
  'pressure cook 1 hr',
  'low pressure, 3 mins, QR',
  'natural release 15 min',
  'quick release',
  'then simmer 5 minutes',
  'sauté 4 min first',
  '1 h 10 min under pressure',
  'release naturally',
];
const FOODS = [
  '2 lb pressure-cooked beans',
  '400 g slow release oats',
  '300 g chickpeas, soaked 8 h',
  '1 quick-cook polenta, 200 g',
  '200 g natural yogurt',
  '1 simmer sauce jar',
  '5 minute oats 100 g',
  '1.4 l water',
  '1 brown onion',
  '2 browned chicken thighs',
  '30 min rice, 200 g',
  'water to the max line',
];

describe('a step among the ingredients', () => {
  it.each(STEPS)('is told from a food: %s', (line) => expect(isStepLine(line)).toBe(true));

  it.each(FOODS)('is no food: %s', (line) => expect(isStepLine(line)).toBe(false));

  it('is marked in a list, and no food is read from it', () => {
    const [water, step] = readLines('1.4 l water\n8 min high pressure, quick release');
    expect(water?.item?.food).toBe('water');
    expect(step).toMatchObject({ step: true, item: null, refused: null });
  });
});

describe('the heading of a group', () => {
  it.each([
    ['At the end:', 'at the end'],
    ['at the end', 'at the end'],
    ['To finish', 'at the end'],
    ['To serve:', 'to serve'],
    ['For serving', 'to serve'],
    ['Garnish:', 'to serve'],
    ['For the chili:', null],
    ['parsley to serve', null],
  ] as const)('says where its foods go: %s', (line, wanted) => expect(groupOf(line)).toBe(wanted));

  it('puts its foods at the end or on the table, and ends with the next heading', () => {
    const lines = readLines(
      '200 g red lentils\nAt the end\n1 lemon\nTo serve:\nparsley\nFor the pot:\n2 carrots',
    );
    expect(
      lines.map(({ item, place }) => [item?.food, place ?? (item?.apart ? 'table' : '')]),
    ).toEqual([
      ['red-lentils', ''],
      ['lemon-juice', 'end'],
      ['parsley', 'table'],
      ['carrot', ''],
    ]);
  });
});
