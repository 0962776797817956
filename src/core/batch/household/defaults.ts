/**
 * Fills in what a file may leave out, before the check. Only missing fields are filled; what
 * is there, right or wrong, known or not, stays as it is. The minutes of a hold and of a wait are
 * the cook's decision and have no default.
 */
import { POTS } from '../../vocabulary/pots';
import { each, isFields, type Fields } from '../schema/fields';
import { idOfName } from '../plan/ownNames';

function fill(value: unknown, defaults: Fields): unknown {
  if (!isFields(value)) return value;
  const missing = Object.entries(defaults).filter(([key]) => value[key] === undefined);
  return missing.length > 0 ? { ...value, ...Object.fromEntries(missing) } : value;
}

function within(value: unknown, key: string, change: (inner: unknown) => unknown): unknown {
  return isFields(value) && value[key] !== undefined
    ? { ...value, [key]: change(value[key]) }
    : value;
}

/** Common practice, no source: the usual electric pot. */
function fillPot(pot: unknown, index: number): unknown {
  const capacity = isFields(pot) && typeof pot['capacityL'] === 'number' ? pot['capacityL'] : 6;
  return fill(pot, {
    id: `p${index + 1}`,
    name: `Pot ${index + 1}`,
    kind: 'electric',
    // A pot two thirds as high as it is wide.
    innerDiameterCm: Number((Math.cbrt((6 * capacity) / Math.PI) * 10).toFixed(1)),
    maxFill: 0.667,
    foamFill: 0.5,
    minLiquidL: 0.25,
    powerW: 1000,
    settings: POTS.electric.settings,
  });
}

function fillBatch(batch: unknown, index: number): unknown {
  let filled = fill(batch, { id: `b${index + 1}`, name: `Batch ${index + 1}`, items: [] });
  filled = within(filled, 'items', (items) =>
    each(items, (item, i) => fill(item, { id: `i${i + 1}` })),
  );
  filled = within(filled, 'alongside', (tasks) =>
    each(tasks, (task, i) => fill(task, { id: `t${i + 1}` })),
  );
  return within(filled, 'steps', (steps) =>
    each(steps, (step, i) => fill(step, { id: `s${i + 1}` })),
  );
}

/** A kitchen food without an id is found by its name. */
function fillFood(food: unknown, index: number): unknown {
  const name = isFields(food) && typeof food['name'] === 'string' ? food['name'] : '';
  return fill(food, { id: idOfName(name) || `food-${index + 1}` });
}

/** Jars with no details. */
function fillJar(jar: unknown, index: number): unknown {
  return fill(jar, {
    id: `j${index + 1}`,
    name: `Jar ${index + 1}`,
    litres: 0.5,
    madeAt: '2020-01-01T12:00:00.000Z',
    where: 'fridge',
  });
}

const fillJars = (jars: unknown): unknown => each(jars, fillJar);

const fillBag = (bag: unknown): unknown =>
  each(bag, (item, i) => fill(item, { id: `g${i + 1}`, at: '2020-01-01T12:00:00.000Z' }));

/** A file's value with what it left out. Anything that is no object is returned as it is. */
export function withDefaults(value: unknown): unknown {
  if (!isFields(value)) return value;
  let filled = fill(value, { kitchen: {}, batches: [], jars: [], bag: [], foods: [] });
  filled = within(filled, 'jars', fillJars);
  filled = within(filled, 'bag', fillBag);
  filled = within(filled, 'foods', (foods) => each(foods, fillFood));
  filled = within(filled, 'kitchen', (kitchen) =>
    fill(kitchen, { altitudeM: 0, ambientC: 20, units: 'metric' }),
  );
  filled = within(filled, 'pots', (pots) => each(pots, fillPot));
  return within(filled, 'batches', (batches) => each(batches, fillBatch));
}
