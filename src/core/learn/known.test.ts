import fc from 'fast-check';
import { validateBundle } from '../batch/household';
import { planBatch } from '../batch/plan';
import type { Bundle, Cook, Lesson } from '../batch/schema';
import { donenessOf } from '../doneness';
import { runModel } from '../model';
import { HOUSEHOLD, KITCHEN, POT } from '../testing/kitchen';
import {
  DISHES,
  happened,
  hiddenCook,
  hiddenPot,
  judgedCook,
  markedCook,
} from '../testing/kitchens';
import { drawUnknowns, nominal, seeded, spreadsOf, toDraw } from '../unknown';
import { potVessel } from '../vessel';
import { learnedBones, readsOf } from './bones';
import { kinOf } from './grid';
import { knownKitchen, knownPot, learnedKitchen } from './known';
import { forgets } from './learned';
import { lessonOf } from './lesson';
import { potTold, taughtBy } from './told';

/** A season of a pot whose heater gives so much of what it should. */
function season(many: number, heat: number, seed = 7): readonly Cook[] {
  const chance = seeded(seed);
  const truth = hiddenPot(POT, chance).map((v, i) => (i === 3 ? Math.log(heat) : i < 3 ? 0 : v));
  return Array.from({ length: many }, (_, day) => {
    const batch = DISHES[day % DISHES.length] as (typeof DISHES)[number];
    return markedCook(
      POT,
      batch,
      day,
      happened(POT, batch, hiddenCook(truth, batch, chance)),
      chance,
    );
  });
}

const SEASON = season(8, 0.85);
const BEANS = [0, 1, 2].map((day) => judgedCook(20 + day, { holds: [12], tested: true }, 1.4));
const household = (cooks: readonly Cook[], more: Partial<Bundle> = {}) => ({
  ...HOUSEHOLD,
  cooks,
  ...more,
});

describe('what a household knows', () => {
  it('is as it was said where no cook has told anything', () => {
    const known = knownKitchen(household([]));
    expect(known.pots[0]).toBe(HOUSEHOLD.pots[0]);
    expect(known.kitchen).toBe(HOUSEHOLD.kitchen);
  });
  it('finds a weak heater, and plans with it', () => {
    const [pot] = knownKitchen(household(SEASON)).pots;
    const { heater } = potVessel(pot ?? POT);
    const usual = potVessel(POT).heater;
    const share = (heater.powerW * heater.efficiency) / (usual.powerW * usual.efficiency);
    expect(share).toBeGreaterThan(0.8);
    expect(share).toBeLessThan(0.91);
  });
  it('does not ask in which order cooks are, and unlearns one that is removed to the digit', () => {
    const all = [...SEASON, ...BEANS];
    fc.assert(
      fc.property(
        fc.shuffledSubarray(all, { minLength: all.length }),
        fc.integer({ min: 0, max: all.length - 1 }),
        (order, out) => {
          const gone = all[out] as Cook;
          const without = knownKitchen(household(all.filter((cook) => cook !== gone)));
          expect(knownKitchen(household(order.filter((cook) => cook !== gone)))).toEqual(without);
          const leftOut = order.map((cook) =>
            cook === gone ? { ...cook, leftOut: { reason: 'the lid was wrong' } } : cook,
          );
          expect(knownKitchen(household(leftOut))).toEqual(without);
          const rehearsed = order.map((cook) =>
            cook === gone ? { ...cook, rehearsal: {} } : cook,
          );
          expect(knownKitchen(household(rehearsed))).toEqual(without);
        },
      ),
      { numRuns: 20 },
    );
  });
  it('forgets what it is told to forget, and nothing else', () => {
    const all = [...SEASON, ...BEANS];
    const at = '2027-01-01T00:00:00.000Z';
    const forgotten = (what: string) => ({ ...KITCHEN, forgotten: [{ what, at }] });
    const noPot = knownKitchen(household(all, { kitchen: forgotten(forgets.pot('p1')) }));
    expect(noPot.pots[0]).toBe(POT);
    expect(noPot.kitchen.learned).toEqual(knownKitchen(household(all)).kitchen.learned);
    const noBeans = knownKitchen(household(all, { kitchen: forgotten(forgets.food('borlotti')) }));
    expect(noBeans.kitchen.learned?.foods?.map((one) => one.food) ?? []).not.toContain('borlotti');
    expect(noBeans.pots[0]?.learned).toEqual(knownKitchen(household(all)).pots[0]?.learned);
    // Cooks after that count again.
    const since = {
      ...KITCHEN,
      forgotten: [{ what: forgets.pot('p1'), at: SEASON[5]?.startedAt ?? at }],
    };
    expect(knownPot(POT, since, SEASON)).toEqual(knownPot(POT, KITCHEN, SEASON.slice(6)));
  });
  it('holds when the pot is said to have another heater: what was seen stays seen', () => {
    const watts = (pot: typeof POT): number => {
      const { heater } = potVessel(pot);
      return heater.powerW * heater.efficiency;
    };
    const as = (powerW: number): number =>
      watts(knownPot({ ...POT, powerW }, KITCHEN, SEASON) as typeof POT);
    expect(as(1200) / as(1000)).toBeLessThan(1.06);
    expect(as(1200) / as(1000)).toBeGreaterThanOrEqual(1);
  });
  it('that was brought along with a batch holds till something is learned here, or it is forgotten', () => {
    const there = knownKitchen(household([...SEASON, ...BEANS]));
    const brought = household([], { pots: there.pots, kitchen: there.kitchen });
    expect(knownKitchen(brought)).toEqual(there);
    const at = '2027-01-01T00:00:00.000Z';
    const forgotten = [forgets.pot('p1'), forgets.food('borlotti')].map((what) => ({ what, at }));
    const out = knownKitchen({ ...brought, kitchen: { ...there.kitchen, forgotten } });
    expect(out.pots[0]?.learned).toBeUndefined();
    expect(out.kitchen.learned?.foods?.some((one) => one.food === 'borlotti') ?? false).toBe(false);
    const own = season(3, 1.1);
    const [pot] = knownKitchen({ ...brought, cooks: own }).pots;
    expect(pot).toEqual(knownPot(POT, KITCHEN, own));
  });
  it('is kept with a cook as it was', () => {
    const known = knownKitchen(household([...SEASON, ...BEANS]));
    const [first] = SEASON;
    const cook: Cook = {
      ...(first as Cook),
      pot: known.pots[0] as typeof POT,
      kitchen: known.kitchen,
      leftOut: { reason: 'the ring was worn' },
    };
    const file = validateBundle(JSON.parse(JSON.stringify(household([cook]))));
    expect(file.ok && file.bundle.cooks[0]?.pot.learned).toEqual(known.pots[0]?.learned);
    expect(file.ok && file.bundle.cooks[0]?.lesson).toEqual(cook.lesson);
  });
});

describe('draws of a pot that has been learned', () => {
  const pot = knownPot(POT, KITCHEN, SEASON);
  const items = toDraw(DISHES[0] as (typeof DISHES)[number], KITCHEN);
  it('spread as it was learned, fill and heat hanging together', () => {
    const chance = seeded(4);
    const draws = Array.from({ length: 4000 }, () => drawUnknowns(pot, items, chance));
    const sd = spreadsOf(pot.learned as NonNullable<typeof pot.learned>);
    const ln = draws.map((d) => Math.log(d.power));
    const mean = ln.reduce((a, b) => a + b, 0) / ln.length;
    const spread = Math.sqrt(ln.reduce((a, b) => a + (b - mean) ** 2, 0) / ln.length);
    expect(spread / (sd[3] as number)).toBeCloseTo(1, 1);
    const fill = draws.map((d) => Math.log(d.fill));
    const both = ln.reduce((a, b, i) => a + b * (fill[i] as number), 0) / ln.length;
    // More in the pot and a stronger heater warm up as fast: neither is known apart.
    expect(both / (spread * (sd[0] as number))).toBeGreaterThan(0.2);
  });
  it('is nominal where nothing is other than believed', () => {
    expect(nominal(undefined).every((v) => v === 0)).toBe(true);
    const [fill, start, setpoint] = nominal(pot.learned);
    for (const said of [fill, start, setpoint]) expect(said).toBeCloseTo(0, 4);
  });
});

describe('a lesson', () => {
  it('is none of a practice run, or of what is still on', () => {
    const [first] = SEASON;
    const { endedAt: _, ...on } = first as Cook;
    expect(lessonOf(on)).toBeUndefined();
    expect(lessonOf({ ...(first as Cook), rehearsal: {} })).toBeUndefined();
  });
  it('tells how a time would have been another one, as the models run with it have it', () => {
    const dish = DISHES[1] as (typeof DISHES)[number];
    const row = SEASON[1]?.lesson?.pot.find((one) => one.what === 'hot');
    const hot = (share: number): number =>
      runModel(dish, { ...POT, powerW: POT.powerW * share }, KITCHEN, { stepS: 20 }).heat.steps[0]
        ?.warmUpS ?? 0;
    expect((row?.foretoldS ?? 0) / hot(1)).toBeCloseTo(1, 2);
    const by = row?.by[3] ?? 0;
    expect(Math.log(hot(0.95) / hot(1)) / Math.log(0.95)).toBeCloseTo(by, 0);
    expect(by).toBeLessThan(-1);
  });
});

describe('kin', () => {
  const before = { mean: 0, sd: 0.3 };
  it('say nothing where nothing was seen of them, and more the surer they are', () => {
    expect(kinOf([], before, 0.08).mean).toBe(0);
    expect(kinOf([before], before, 0.08).mean).toBe(0);
    const sure = kinOf([{ mean: 0.4, sd: 0.05 }], before, 0.08).mean;
    const unsure = kinOf([{ mean: 0.4, sd: 0.2 }], before, 0.08).mean;
    expect(sure).toBeGreaterThan(unsure);
    expect(sure).toBeLessThan(0.1);
    const two = [0.4, 0.4].map((mean) => ({ mean, sd: 0.05 }));
    expect(kinOf(two, before, 0.08).mean).toBeGreaterThan(sure);
  });
});

describe('needs that were learned', () => {
  it('are what a plan goes by, and say so', () => {
    const kitchen = knownKitchen(household(BEANS)).kitchen;
    const [dish] = DISHES;
    const beans = planBatch(dish as never, POT, kitchen).items.find((one) => one.id === 'b');
    const usual = planBatch(dish as never, POT, KITCHEN).items.find((one) => one.id === 'b');
    if (!beans || !usual) throw new Error('no beans');
    const learned = donenessOf(beans.food, beans);
    const table = donenessOf(usual.food, usual);
    expect(learned?.mark).toBe('learned');
    expect((learned?.needMin ?? 0) / (table?.needMin ?? 1)).toBeCloseTo(beans.need ?? 0, 9);
    expect(beans.need).toBeGreaterThan(1.1);
    // The spread of its draws is what is known of it now.
    const sd = toDraw(dish as never, kitchen).find((one) => one.id === 'b')?.needSd ?? 1;
    expect(sd).toBeLessThan(0.15);
  });
  it('are shared with kin, less than with itself', () => {
    const cook = BEANS.map((one, i): Cook => {
      const items = one.batch.items.map((item) =>
        item.id === 'b' && i === 0 ? { ...item, food: 'black-beans' } : item,
      );
      const foods = one.lesson?.foods.map((row) =>
        i === 0 ? { ...row, food: 'black-beans' } : row,
      );
      return {
        ...one,
        batch: { ...one.batch, items },
        lesson: { ...(one.lesson as Lesson), foods: foods ?? [] },
      };
    });
    const alone = learnedKitchen(KITCHEN, cook.slice(0, 1))?.foods?.[0]?.need ?? 0;
    const withKin = learnedKitchen(KITCHEN, cook)?.foods?.find((f) => f.food === 'black-beans');
    expect(withKin?.need ?? 0).toBeGreaterThan(alone);
  });
});

describe('bones', () => {
  const row = { run: 1, grams: [20, 30, 40], litres: 2, of: [{ food: 'veal-knuckle', share: 1 }] };
  const cook = (id: string, set: NonNullable<Cook['yields']>[number]['set'], litres = 2): Cook => ({
    ...(SEASON[0] as Cook),
    id,
    yields: [{ run: 1, litres, ...(set && { set }) }],
    lesson: { pot: [], foods: [], bones: [row] },
  });
  const most = (cooks: readonly Cook[]) => learnedBones(readsOf(cooks, () => ''))[0];
  it('give more where the broth set firmer than predicted, and less where it did not', () => {
    // PredictedCurve 15 g/L, on the edge of a soft set.
    expect(most([cook('a', 'holds a cut')])?.most).toBeGreaterThan(0.1);
    expect(most([cook('a', 'pourable')])?.most).toBeLessThan(-0.1);
    expect(most([])).toBeUndefined();
    const once = most([cook('a', 'holds a cut')]);
    const twice = most([cook('a', 'holds a cut'), cook('b', 'holds a cut')]);
    expect(twice?.sd).toBeLessThan(once?.sd ?? 0);
  });
  it('count the litres: as firm in twice as much is twice as much', () => {
    const less = most([cook('a', 'trembles', 2)])?.most ?? 0;
    expect(most([cook('a', 'trembles', 3)])?.most ?? 0).toBeGreaterThan(less);
  });
});

describe('what one cook taught', () => {
  it('is the pot, its band narrower, by those before it', () => {
    const third = SEASON[2] as Cook;
    const taught = taughtBy(third, SEASON, KITCHEN)?.pot;
    if (!taught) throw new Error('nothing');
    const width = ({ fromS, toS }: { fromS: number; toS: number }): number => toS - fromS;
    expect(taught.cooks).toBeLessThanOrEqual(3);
    const first = taughtBy(SEASON[0] as Cook, SEASON, KITCHEN)?.pot;
    expect(width(first?.band[1] ?? { fromS: 0, toS: 0 })).toBeLessThan(
      width(first?.band[0] ?? { fromS: 0, toS: 0 }),
    );
    expect(taught.after.middle).toBeLessThan(1);
  });
  it('is named where it does not fit with the rest', () => {
    const late = SEASON[7] as Cook;
    const lesson: Lesson = {
      ...(late.lesson as Lesson),
      pot: (late.lesson as Lesson).pot.map((one) =>
        one.what === 'hot' || one.what === 'pin' ? { ...one, seenS: one.seenS + 1200 } : one,
      ),
    };
    const told = potTold(POT, KITCHEN, [...SEASON.slice(0, 7), { ...late, lesson }]);
    expect(told.cooks[0]?.odd.length).toBeGreaterThan(0);
    // Twenty minutes that are wrong move little.
    const without = potTold(POT, KITCHEN, SEASON.slice(0, 7));
    expect(Math.abs(Math.log(told.now.middle / without.now.middle))).toBeLessThan(0.03);
  });
  it('is nothing of what was left out', () => {
    const out = { ...(SEASON[0] as Cook), leftOut: { reason: 'power cut' } };
    expect(taughtBy(out, SEASON, KITCHEN)).toBeNull();
  });
});
