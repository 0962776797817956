/** Pieces of an item from stay to stay: raw, cut, picked, and as warm as they are by then. */
import { makeBody, storedHeat } from './body';
import { moving, movingAs } from './exchange';
import type { Plate } from './plate';
import type { HeatItem } from './types';

/** Any temperature above freezing, of a body that is given its own at once, C. */
const CUT_C = 20;

/** A piece as it is when its stay begins, and its water, neither of them cooked yet. */
export function pieceAt(item: HeatItem, at: number): Pick<Plate, 'body' | 'water'> {
  const { id, composition, startC, exchange } = item;
  let shape = item.shape;
  let keeps = 1;
  for (const stay of item.stays.slice(0, at + 1)) {
    shape = stay.shape ?? shape;
    keeps *= stay.keeps ?? 1;
  }
  if (!shape) throw new RangeError(`${id} is no piece`);
  const body = makeBody(id, keeps * item.massKg, composition, shape, startC, at);
  const whole = exchange && exchange.kg !== 0 ? moving(body, exchange) : null;
  return { body, water: whole && keeps < 1 ? movingAs(whole, body, keeps) : whole };
}

/** A piece that comes back: the same, or what was cut and picked of it, as warm all through as it was on average. */
export function asItIsNow(item: HeatItem, at: number, plate: Plate): Pick<Plate, 'body' | 'water'> {
  const { shape, keeps = 1 } = item.stays[at] ?? {};
  const before = plate.body;
  if (!shape && keeps === 1) {
    before.stay = at;
    return plate;
  }
  const { body } = pieceAt({ ...item, startC: CUT_C }, at);
  const capacity = before.capacity.reduce((sum, c) => sum + c, 0);
  const own = body.capacity.reduce((sum, c) => sum + c, 0);
  body.t.fill(storedHeat(before) / capacity);
  for (let i = 0; i < body.cells; i++)
    body.capacity[i] = ((body.capacity[i] as number) * keeps * capacity) / own;
  body.driedKg = keeps * before.driedKg;
  return { body, water: plate.water && movingAs(plate.water, body, keeps) };
}
