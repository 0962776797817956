/** Runs of bones in a plan: one more, one fewer, the water of each, meat picked off on the way. */
import { amountGrams, foodByKey } from '../../food';
import { stepsOf } from './complete';
import {
  addItems,
  changeItem,
  changeStep,
  freshItemId,
  freshStepId,
  insertStep,
  litresOf,
  setLitres,
  setWater,
  waterItem,
} from './edit';
import { foodOf } from './named';
import { isStock } from './kind';
import { changed } from './defined';
import { poursOf } from './pours';
import { entryOf, leavingAt, setAside, withoutSteps } from './stays';
import type { Batch, Item, Step } from '../schema/types';

/** A run: the steps from one straining to the next, by their indexes. */
interface Stretch {
  readonly from: number;
  /** Index of the straining that ends it, or the number of steps. */
  readonly to: number;
}

/** The stretches of a plan that bones are run in; pourings part them. */
export function stretchesOf(batch: Batch): readonly Stretch[] {
  const steps = stepsOf(batch);
  const pours = poursOf(batch, steps);
  const ends = [...pours, steps.length];
  return ends.map((to, i) => ({ from: i === 0 ? 0 : (ends[i - 1] ?? -1) + 1, to }));
}

/** Run, from 0, that a step belongs to. @param step its index */
export function runOf(batch: Batch, step: number): number {
  return Math.max(
    0,
    stretchesOf(batch).findIndex(({ to }) => step < to),
  );
}

/** Whether a batch is one that bones are run for. */
export function isBroth(batch: Batch): boolean {
  return (
    isStock(batch) && batch.items.some((item) => !item.apart && foodOf(item)?.extract !== undefined)
  );
}

/** The water that goes into a run; of a later run, any liquid. Runs count from 0. */
function runWater(batch: Batch, run: number): Item | undefined {
  const stretch = stretchesOf(batch)[run];
  if (!stretch) return undefined;
  const steps = stepsOf(batch);
  // An item put in as the broth is poured off is fresh already.
  const inside = new Set(steps.slice(Math.max(0, stretch.from - 1), stretch.to).map((s) => s.id));
  const known = new Set(steps.map((s) => s.id));
  const here = batch.items.filter((item) => {
    const enters = entryOf(item) ?? '';
    return !item.apart && (known.has(enters) ? inside.has(enters) : run === 0);
  });
  return (
    here.find((item) => foodOf(item)?.key === 'water') ??
    (run > 0 ? here.find((item) => foodOf(item)?.group === 'liquid') : undefined)
  );
}

/** Water of a run, L; runs count from 0. */
export function extractionWaterL(batch: Batch, run: number): number {
  const item = runWater(batch, run);
  return item ? litresOf(item) : 0;
}

/** Sets the water of a run, in the unit it is given in; runs count from 0. @param litres from 0 */
export function setExtractionWater(batch: Batch, run: number, litres: number): Batch {
  const stretch = stretchesOf(batch)[run];
  const item = runWater(batch, run);
  if (!stretch) return batch;
  if (run === 0 && item === waterItem(batch)) return setWater(batch, litres);
  return setLitres(batch, item, litres, stepsOf(batch)[stretch.from]?.id ?? null);
}

/** The pressure step that ends a stretch's cooking. */
function lastPressed(steps: readonly Step[], { from, to }: Stretch): Step | undefined {
  return steps.slice(from, to).findLast((s) => s.kind === 'pressure');
}

/** One run more after the last: broth poured off, the same water fresh, the same hold. */
export function addExtraction(batch: Batch): Batch {
  const steps = stepsOf(batch);
  const stretches = stretchesOf(batch);
  const last = stretches.at(-1);
  const pressed = last && lastPressed(steps, last);
  if (!last || pressed?.kind !== 'pressure') return batch;
  const litres = extractionWaterL(batch, stretches.length - 1);
  const strain = freshStepId(batch);
  const poured = insertStep(batch, pressed.id, { id: strain, kind: 'strain', keep: 'bones' });
  const again = freshStepId(poured);
  const longer = insertStep(poured, strain, { ...pressed, id: again });
  return addItems(longer, [
    {
      id: freshItemId(longer),
      food: 'water',
      amount: { value: Number(litres.toFixed(2)), unit: 'l' },
      stays: [{ from: again }],
    },
  ]);
}

/** Stops after a run; later ones go, with what was to be put in for them. @param keep at least 1 */
export function stopAfter(batch: Batch, keep: number): Batch {
  const steps = stepsOf(batch);
  const stretches = stretchesOf(batch);
  const end = stretches[keep - 1];
  if (keep < 1 || !end || keep >= stretches.length) return batch;
  const last = stretches.at(-1) ?? end;
  const pressed = lastPressed(steps, last);
  const until = pressed ? steps.indexOf(pressed) : last.to - 1;
  const gone = new Set(steps.slice(end.to, until + 1).map((s) => s.id));
  const leftSteps = steps.filter((s) => !gone.has(s.id));
  return {
    ...batch,
    steps: leftSteps,
    items: batch.items
      .filter((item) => !gone.has(entryOf(item) ?? ''))
      .map((item) => changed<Item>(item, withoutSteps(item, gone))),
  };
}

/** Returns the asked number of runs. */
export function withExtractions(batch: Batch, runs: number): Batch {
  let next = stopAfter(batch, Math.max(1, runs));
  for (let n = stretchesOf(next).length; n < runs; n++) {
    const longer = addExtraction(next);
    if (longer === next) return next;
    next = longer;
  }
  return next;
}

/** Holds a run's last pressure step so long; runs count from 0. */
export function setExtractionHold(batch: Batch, run: number, holdMin: number): Batch {
  const stretch = stretchesOf(batch)[run];
  const pressed = stretch && lastPressed(stepsOf(batch), stretch);
  return pressed
    ? changeStep(batch, pressed.id, (s) => (s.kind === 'pressure' ? { ...s, holdMin } : s))
    : batch;
}

/** Picked by hand when hot from the pot, C (assumed). */
const PICKED_C = 60;

/**
 * Takes meat on the bone out at an opening and puts its bones back, for another run.
 *
 * @param step the opening
 * @param back step with which the meat goes in again, picked; null where it is kept for the table
 * @returns the batch unchanged where the item has no bones to put back
 */
export function pickMeat(
  batch: Batch,
  id: string,
  step: string,
  back: string | null = null,
): Batch {
  const item = batch.items.find((i) => i.id === id);
  const food = item && foodOf(item);
  const bones = food?.picked && foodByKey(food.picked.food);
  const grams = food && item && amountGrams(food, item.amount);
  if (!item || !food?.picked || !bones || !grams || batch.items.some((i) => i.from === id))
    return batch;
  const out = changeItem(
    batch,
    id,
    back === null ? leavingAt(item, step) : setAside(item, step, back, [{ how: 'picked' }]),
  );
  return addItems(out, [
    {
      id: freshItemId(batch),
      food: bones.key,
      amount: { value: Math.round(grams * food.picked.share), unit: 'g' },
      startC: PICKED_C,
      stays: [{ from: step }],
      from: id,
    },
  ]);
}
