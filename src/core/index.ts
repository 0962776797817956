/**
 * The core's public face: what the command line, scripts, route handlers and anyone outside use. Rooms may move
 * behind it. Everything is a pure function of plain data; the time and chance are handed in. Temperatures are
 * degrees Celsius, times say their unit in their name (s, min, ms), masses are grams, volumes litres.
 *
 * A plan, from a line to a verdict:
 *
 *     const read = readLine('1.2 kg lamb neck, 40 mm pieces', household)   // what it was understood as
 *     const file = validateBundle(JSON.parse(text))                        // or every problem, by its path
 *     const a = assess(batch, potOf(batch, pots), kitchen)                 // a.time.totalMin, a.findings
 *     const draws = drawBatch(batch, pot, kitchen, { draws: 100, seed: 1 }) // draws.totalMin.p10, .p90
 *     const judged = judgeBatch(batch, pot, kitchen, pots, draws)          // findings by chance, and remedies
 *
 * A cook, from its marks:
 *
 *     const { steps } = timelineOf(cook)       // steps[0].over: { s: 1800, how: 'presumed' }
 *     const model = runModel(cook.batch, cook.pot, cook.kitchen)           // model.heat.trace.liquidC
 *     const lesson = lessonOf(cook)            // what it teaches of its pot and foods
 *
 * Cooling the leftovers:
 *
 *     waysToCool(left, hand, surroundings)     // each with its minutes to 21 and to 5 C
 */

// Reading what a cook brings.
export { readLine, readLines, type ReadLine, type ReadsFor } from './batch/reading';
export { batchRefusal, validateBundle, type Problem, type Validated } from './batch/household';

// Kept records, and plans.
export { markId } from './batch/schema';
export type {
  Batch,
  Bundle,
  Cook,
  Item,
  Jar,
  JarPlace,
  Kitchen,
  LarderHabits,
  Mark,
  MarkKind,
  Pot,
  Step,
} from './batch/schema';
export { planBatch, potOf, setHold, setWater, stepsOf } from './batch/plan';
export { pourIn, shelvesOf, withoutClaims } from './batch/household';
export { waitOf } from './vocabulary';

// Simulating.
export {
  bonesModel,
  bonesReport,
  itemReports,
  runModel,
  saltReport,
  tableMin,
  type Model,
} from './model';
export { between } from './series';
export { COOK_VARIES, ITEM_SPREAD, seeded, SIZE_SPREAD, type Unknowns } from './unknown';

// Assessing and judging.
export {
  applyRemedy,
  assess,
  BAND_IN_TEN,
  drawBatch,
  type Assessment,
  type Draws,
  type Finding,
} from './assess';
export { judgeBatch, planRunOffs, solve, USUAL_WISHES, type Judged } from './solve';

// Hazards that can hurt somebody.
export { judgeCourse, judgeHistory, mayOffer, type Danger } from './guard';
export { guardedOf, releaseReports } from './model';

// A cook: its marks folded, what is predicted of it, what it teaches.
export {
  changedAt,
  ended,
  happened,
  heardBy,
  planNow,
  pressed,
  realTotalMin,
  stepIn,
  timelineOf,
  type Message,
  type PotLink,
  type Timeline,
} from './cook';
export { kettleBatch, startCook } from './timetable';
export {
  beliefOf,
  choicesAt,
  hotSOf,
  proposalOf,
  standInAt,
  truthAt,
  worldsOf,
  type StandIn,
} from './live';
export { knownKitchen, lessonOf } from './learn';

// After cooking.
export { lotsOf } from './serve';
export { saltToAdd } from './finish';
export { coolDown, fillJars, waysToCool, type Sizes } from './keep';

// Tables, and what is fitted to them.
export {
  cupGrams,
  foodByKey,
  FOODS,
  gradeIndex,
  gradesOf,
  MELTING,
  normalise,
  usualSpan,
  type Family,
  type Food,
  type FoodGroup,
} from './food';
export { CHART, conductionShape, donenessOf, USUAL_Z, type ChartRow } from './doneness';
export { SHORT_HOLD } from './doneness/chart';
export { KIN_CHART } from './doneness/kinChart';
export { BOUNDS, gradeAt, meanCook, type Bound } from './texture';
