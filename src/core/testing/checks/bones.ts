import { assess } from '../../assess';
import { bonesModel, runModel } from '../../model';
import { addExtraction, setExtractionHold, withExtractions } from '../../batch/plan';
import { SETS, type Batch } from '../../batch/schema';
import {
  extractionRate,
  gelatineAlong,
  lossRate,
  setOf,
  strongAlong,
  waterToBoilOff,
} from '../../bones';
import { foodByKey, FOODS, type Extract } from '../../food';
import { lastOf, valueAt } from '../../series';
import { batchOf, item, POT, pressure, SEA_LEVEL } from '../kitchen';
import type { CheckGroup } from './check';

const practice = (source: string) => ({ source, mark: 'common practice' as const });
const paper = (source: string) => ({ source, mark: 'on paper' as const });

function extractOf(key: string): Extract {
  const extract = foodByKey(key)?.extract;
  if (!extract) throw new RangeError(`${key} is no bone`);
  return extract;
}

/** A kilogram of bones in water under high pressure at sea level. */
function broth(food: string, holdMin: number): Batch {
  return batchOf(
    [item('b', food, 1, 'kg'), item('w', 'water', 2.4, 'l')],
    [pressure(holdMin), { id: 'end', kind: 'strain' }],
    { kind: 'broth' },
  );
}

const runs = (batch: Batch) => assess(batch, POT, SEA_LEVEL).bones;
const strong = (batch: Batch): number => runs(batch).reduce((sum, r) => sum + r.strongG, 0);

/** The same law by a crude rule along the temperatures of a cook, g. */
function byHand(food: string, holdMin: number): { readonly ours: number; readonly wanted: number } {
  const model = runModel(broth(food, holdMin), POT, SEA_LEVEL);
  const kind = bonesModel(model)?.kinds[0];
  if (!kind) throw new RangeError('no bones');
  const { s } = model.heat.trace;
  let left = kind.most;
  for (let i = 1; i < s.length; i++) {
    const celsius = ((kind.celsius[i] ?? NaN) + (kind.celsius[i - 1] ?? NaN)) / 2;
    if (!Number.isFinite(celsius)) continue;
    const dt = (valueAt(s, i) - valueAt(s, i - 1)) / 3600 / 20;
    for (let n = 0; n < 20; n++) left -= extractionRate(kind.bones.extract, celsius) * left * dt;
  }
  return { ours: lastOf(kind.along), wanted: kind.most - left };
}

/** Hours until what still sets is most, at one temperature; on paper ln(k/kd)/(k - kd). */
function bestHours(food: string, celsius: number) {
  const extract = extractOf(food);
  const s = Array.from({ length: 6 * 360 + 1 }, (_, i) => i * 10);
  const c = s.map(() => celsius);
  const along = gelatineAlong({ massKg: 1, extract, givenG: 0 }, s, c);
  const sets = strongAlong(s, c, along);
  const k = extractionRate(extract, celsius);
  const kd = lossRate(celsius);
  return {
    ours: valueAt(s, sets.indexOf(Math.max(...sets))) / 3600,
    wanted: Math.log(k / kd) / (k - kd),
  };
}

export const BONES_CHECKS: CheckGroup = {
  name: 'Bones',
  checks: () => {
    const beef = runs(withExtractions(broth('beef-knuckle', 180), 3));
    const turkey = runs(broth('turkey-frame', 90));
    const most = Math.max(
      ...FOODS.flatMap((f) =>
        f.extract ? [f.extract.gelatineGPerKg / (10 * f.composition.protein)] : [],
      ),
    );
    const once = strong(broth('veal-knuckle', 180));
    const halves = setExtractionHold(addExtraction(broth('veal-knuckle', 90)), 1, 90);
    return [
      {
        ...paper('first order: 55 g (1 - exp(-0.25 h 1/h))'),
        what: 'a kilogram of veal knuckle, an hour at 100 °C',
        unit: 'g',
        wanted: 55 * (1 - Math.exp(-0.25)),
        ours:
          gelatineAlong(
            { massKg: 1, extract: extractOf('veal-knuckle'), givenG: 0 },
            [0, 3600],
            [100, 100],
          )[1] ?? 0,
        within: 1e-6,
      },
      {
        ...paper('the same law by small steps along the bone’s temperatures'),
        what: 'veal knuckle through warm-up, 90 min and a natural release',
        unit: 'g',
        ...byHand('veal-knuckle', 90),
        within: 0.1,
      },
      {
        ...paper('two first-order steps in a row: best at ln(k/kd)/(k - kd)'),
        what: 'longest that a poultry frame gains in set at 117 °C',
        unit: 'h',
        ...bestHours('turkey-frame', 117),
        within: 0.02,
      },
      {
        ...practice('trade: past one to two hours poultry gains nothing more'),
        what: 'longest that a poultry frame gains in set at 117 °C, cold start not counted',
        unit: 'h',
        wanted: [1, 2.5],
        ours: bestHours('turkey-frame', 117).ours,
      },
      {
        ...practice('trade: 90 min at high give over three quarters'),
        what: 'gelatine of a poultry frame in 90 min, warm-up and release and all',
        unit: 'of all',
        wanted: [0.75, 1],
        ours: turkey[0]?.share ?? 0,
      },
      {
        ...practice('trade: and leave splinters'),
        what: 'kinds of bone that crumble in it',
        unit: '',
        wanted: 1,
        ours: turkey[0]?.crumbled.length ?? 0,
        within: 0,
      },
      {
        ...practice('trade: beef is worth a second run'),
        what: 'gelatine of beef knuckle in a second run of 180 min',
        unit: 'of all',
        wanted: [0.15, 0.5],
        ours: beef[1]?.share ?? 0,
      },
      {
        ...practice('trade: a third run gives less than a tenth'),
        what: 'gelatine of beef knuckle in a third run of 180 min',
        unit: 'of all',
        wanted: [0, 0.1],
        ours: beef[2]?.share ?? 0,
      },
      {
        ...paper('mass: bones cannot give more gelatine than they have protein'),
        what: 'gelatine over protein, the highest of all bones',
        unit: '',
        wanted: [0, 1],
        ours: most,
      },
      {
        ...paper('a run split in two with fresh water loses less of its set'),
        what: 'veal knuckle, 90 and 90 min over 180 min',
        unit: '',
        wanted: [1, 1.3],
        ours: strong(halves) / once,
      },
      {
        source: 'Bloom test: standard solution of 6.67 %',
        mark: 'published',
        what: 'state of it when cold, of four from 0 (pourable) to 3 (holds a cut)',
        unit: '',
        wanted: 3,
        ours: SETS.indexOf(setOf(66.7)),
        within: 0,
      },
      {
        ...paper('gelatine stays when water boils off'),
        what: 'water off 3 L with 30 g until it holds 15 g/L',
        unit: 'L',
        wanted: 1,
        ours: waterToBoilOff({ litres: 3, strongG: 30 }, 15),
        within: 1e-9,
      },
    ];
  },
};
