/** The broths as things to draw: no drawing here. */
import type { Assessment } from '@/core/assess';
import type { BonesReport } from '@/core/model';
import { stepsOf } from '@/core/batch/plan';
import type { Batch } from '@/core/batch/schema';
import { formatMinutes } from '@/core/quantity';
import { grips, type Grip } from '@/drawings/steps';

/** End of each run: the grip of its last hold, named by the run. */
export function stopsOf(batch: Batch, { time, bones }: Assessment): readonly Grip[] {
  const all = grips(stepsOf(batch), time.steps).filter((g) => g.kind === 'hold');
  return bones.flatMap((run) => {
    const grip = all.findLast((g) => run.steps.includes(g.step));
    return grip
      ? [
          {
            ...grip,
            id: `stop-${run.run}`,
            label: `End of broth ${run.run}`,
            text: `${formatMinutes(grip.minutes)} of hold`,
          },
        ]
      : [];
  });
}

/** One run's broth in the glass. */
export interface Layer {
  readonly run: number;
  /** From the bottom and its height, shares of the glass. */
  readonly from: number;
  readonly high: number;
  /** How dark it is, 0 to 1: thin broth is pale. */
  readonly depth: number;
}

/** A glass with little in it still shows its layers, L. */
const GLASS_L = 3;
/** The glass is never full to the rim. */
const ROOM = 1.1;

/** The broths that are left in the end, one on the other; the first run lies at the bottom. */
export function layersOf(bones: readonly BonesReport[]): readonly Layer[] {
  const lots = bones.filter((run, i) => run.step !== null || i === bones.length - 1);
  const whole = lots.reduce((sum, lot) => sum + lot.litres, 0);
  const glass = Math.max(GLASS_L, whole * ROOM);
  let from = 0;
  return lots.map((lot) => {
    const layer = {
      run: lot.run,
      from,
      high: lot.litres / glass,
      depth: Math.min(1, 0.3 + lot.setsGPerL / 32),
    };
    from += layer.high;
    return layer;
  });
}
