import fc from 'fast-check';
import { addTask, anchorStep, readTask, removeTask, taskLine, type NewTask } from './alongside';
import { readLine } from '../reading/line';
import { batchRefusal, validateBundle } from '../household/validate';
import { batchOf, item, KITCHEN, POT, pressure } from '../../testing/kitchen';

const READ: readonly (readonly [line: string, task: NewTask])[] = [
  ['rice apart, 18 min', { words: 'rice apart', minutes: 18 }],
  [
    'rye croutons in the oven, 8 min at 200 C, ready at the table',
    { words: 'rye croutons in the oven', minutes: 8, ovenC: 200 },
  ],
  [
    'bones in the oven, 40 min at 220 °C',
    { words: 'bones in the oven', minutes: 40, ovenC: 220, ready: 'lid' },
  ],
  ['noodles to soak, 20 minutes', { words: 'noodles to soak', minutes: 20, ready: 'opening' }],
  ['200 g rice in its own pan for 18 min', { words: '200 g rice in its own pan', minutes: 18 }],
  [
    'cornbread in the oven, 25 min at 400 F',
    { words: 'cornbread in the oven', minutes: 25, ovenC: 204.4 },
  ],
  [
    'Meanwhile, bake the croutons at 200 °C for 8 to 10 minutes.',
    { words: 'bake the croutons', minutes: 10, ovenC: 200 },
  ],
  ['polenta apart, stirring, 40 min', { words: 'polenta apart', minutes: 40, attended: true }],
  ['barley apart, 1 h 10 min', { words: 'barley apart', minutes: 70 }],
  [
    'alongside: broth cubes out of the freezer, 15 min, ready at the second opening',
    { words: 'broth cubes out of the freezer', minutes: 15, ready: 'opening', nth: 2 },
  ],
];

/** Written with their minutes before they were read; null is no task. */
const BESIDE: readonly (readonly [line: string, minutes: number | null])[] = [
  ['salad 10 min', 10],
  ['naan, 3 min each, 6 of them', 18],
  ['quinoa 15 min + 5 min rest', 20],
  ['garlic bread 10 min', 10],
  ['baked potatoes 1 h 15', 75],
  ['rice 18 minutes', 18],
  ['boil the eggs 8 min', 8],
  ['toast bread, 5 min', 5],
  ['roast carrots, 35 minutes', 35],
  ['cornbread 25 min in the oven', 25],
  ['dumplings: make and rest, 40 min', 40],
  ['whip cream, 5 minutes', 5],
  ['lay the table 10 min', 10],
  ['yorkshire pudding 30 min', 30],
  ['couscous, 5 min', 5],
  ['polenta 40 min on the side', 40],
  ['half an hour for the flatbreads', 30],
  ['4 flatbreads, 2 min each', 8],
  ['grate cheese - 5 min', 5],
  ['fry sage, 2 min', 2],
  ['2 carrots', null],
  ['300 g rice', null],
  ['pasta 11 min', 11],
  ['bulgur, soak 15 min', 15],
  ['chapati 2 min a side', 4],
  ['pancakes 1 1/2 min each, 8 of them', 12],
  ['sourdough, warm through 10 min in the oven', 10],
  ['coleslaw (10 min)', 10],
  ['heat the plates, 5 min', 5],
  ['fry the bacon 6-8 min', 8],
  ['potato wedges 35-40 min at 220C', 40],
  ['egg noodles: 4 minutes', 4],
  ['croutons 8 mins', 8],
  ['mash: 20 min boil + 5 min mash', 25],
  ['an hour for the bread', 60],
  ['yogurt sauce, 3 min', 3],
  ['apple crumble 3/4 h in the oven', 45],
  ['pickle the onions for 20 min', 20],
  ['toast the cumin for 1 minute', 1],
  ['brown rice 35 min on the back burner', 35],
  ['dumplings 15 min', 15],
  ['set the table, 5 min, any time', 5],
  ['1 kg beef shin', null],
  ['2 onions, sweated 5 min', null],
  ['250 ml milk', null],
  ['10 min pressure', null],
  ['3 carrots, 2 cm', null],
  ['1 tin tomatoes', null],
];

test.each(BESIDE)('takes "%s" for what is done beside the pot, or not', (line, minutes) => {
  expect(readLine(line).task?.minutes ?? null).toBe(minutes);
});

test.each(READ)('reads "%s"', (line, task) => {
  expect(readTask(line)).toEqual(task);
  const read = readLine(line);
  expect(read.task).toEqual(task);
  expect(read.item).toBeNull();
});

test.each([
  '1 cup rice, soaked 30 min',
  '2 lb beef bones, roasted 40 min in the oven',
  '2 leeks, 15 mm rings',
  'ditalini apart',
  'Pressure cook on high for 25 minutes.',
  'Simmer the beans for 40 minutes',
  '3 lb pork shoulder in 2 pieces',
  'rice apart, 80 h',
])('leaves "%s" to the ingredients and the steps', (line) => {
  expect(readTask(line)).toBeNull();
});

const task: fc.Arbitrary<NewTask> = fc
  .record({
    words: fc.constantFrom('rice', 'rye croutons', 'flat bread', 'the sauce', 'barley by the pan'),
    minutes: fc.integer({ min: 1, max: 600 }),
    ovenC: fc.option(fc.integer({ min: 40, max: 300 }), { nil: undefined }),
    attended: fc.boolean(),
    ready: fc.constantFrom('table' as const, 'lid' as const, 'opening' as const),
    nth: fc.integer({ min: 1, max: 5 }),
  })
  .map(({ ovenC, attended, ready, nth, ...rest }) => ({
    ...rest,
    ...(ovenC !== undefined && { ovenC }),
    ...(attended && { attended }),
    ...(ready !== 'table' && { ready }),
    ...(ready !== 'table' && nth > 1 && { nth }),
  }));

test('what is written as a line is read from it again', () => {
  fc.assert(
    fc.property(task, (one) => {
      expect(readTask(taskLine(one, 'metric'))).toEqual(one);
    }),
  );
});

test('a batch takes tasks with ids of their own, and gives them up again', () => {
  const batch = batchOf([item('t1', 'water', 1, 'l')], [pressure(10)]);
  const two = addTask(addTask(batch, { words: 'rice', minutes: 18 }), {
    words: 'bread',
    minutes: 9,
  });
  expect(two.alongside?.map((t) => t.id)).toEqual(['t2', 't3']);
  expect(removeTask(removeTask(two, 't2'), 't3')).toEqual(batch);
});

test('an anchor is a lid that there is', () => {
  const batch = batchOf([item('w', 'water', 1, 'l')], [pressure(10), { ...pressure(5), id: 's2' }]);
  const [first, second] = batch.steps ?? [];
  const at = (ready: 'table' | 'lid' | 'opening', nth?: number): string | null =>
    anchorStep(batch, { id: 't1', words: 'x', minutes: 5, ready, ...(nth && { nth }) });
  expect(at('table')).toBeNull();
  expect(at('lid')).toBe(first?.id);
  expect(at('opening', 2)).toBe(second?.id);
  expect(at('opening', 5)).toBe(second?.id);
});

test('a file fills in ids, and is refused where a task has the id of an item', () => {
  const batch = { ...batchOf([item('w', 'water', 1, 'l')], [pressure(10)]), potId: POT.id };
  const file = (alongside: readonly object[]): unknown => ({
    format: 'retort',
    version: 2,
    kitchen: KITCHEN,
    pots: [POT],
    batches: [{ ...batch, alongside }],
  });
  const read = validateBundle(file([{ words: 'rice', minutes: 18 }]));
  expect(read.ok && read.bundle.batches[0]?.alongside?.[0]?.id).toBe('t1');
  const clash = validateBundle(file([{ id: 'w', words: 'rice', minutes: 18 }]));
  expect(clash.ok ? [] : clash.problems[0]?.path).toBe('batches[0].alongside[0].id');
  expect(batchRefusal({ ...batch, alongside: [{ id: 't1', words: 'rice', minutes: 0 }] })).toMatch(
    /2880 min/,
  );
});
