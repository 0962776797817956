/** Ten drills: what goes wrong, by a fixed chance, and one line of scene. */
import type { Batch } from '../batch/schema';
import { MISHAP, type Mishap } from './mishaps';

export interface Drill {
  readonly name: string;
  readonly scene: string;
  readonly seed: number;
  readonly mishaps: readonly Mishap[];
  /** Heater, as a share of what the plan believes. */
  readonly power?: number;
}

export const DRILLS: readonly Drill[] = [
  {
    name: 'A plain evening',
    scene: 'Guests at seven, nothing out of the way.',
    seed: 11,
    mishaps: [],
  },
  {
    name: 'Everything clean',
    scene: 'Lid and valve were taken apart this morning and put together again.',
    seed: 12,
    mishaps: ['valve-open'],
  },
  {
    name: 'Somebody else washed up',
    scene: 'The lid came back from the rack in one piece.',
    seed: 13,
    mishaps: ['ring'],
  },
  {
    name: 'A good colour',
    scene: 'The onions took their time, and the pan took some of it.',
    seed: 14,
    mishaps: ['bottom'],
  },
  {
    name: 'From the back of the cupboard',
    scene: 'Nobody remembers buying these.',
    seed: 15,
    mishaps: ['old-beans'],
  },
  {
    name: 'Out of the butcher’s bag',
    scene: 'It felt soft on the outside.',
    seed: 16,
    mishaps: ['frozen'],
  },
  {
    name: 'Storm over the fell',
    scene: 'Rain since noon, and the kettle is on as well.',
    seed: 17,
    mishaps: ['power-lost'],
  },
  {
    name: 'A neighbour with news',
    scene: 'She said that she might come by.',
    seed: 18,
    mishaps: ['called-away'],
  },
  {
    name: 'Two more for supper',
    scene: 'There is room for another ladle, surely.',
    seed: 19,
    mishaps: ['overfilled', 'foam'],
  },
  {
    name: 'At the hut',
    scene: 'The same pot, a hob of its own, and the summit in the window.',
    seed: 20,
    mishaps: ['altitude'],
    power: 0.85,
  },
];

/** The drills that a batch can go through. */
export function drillsFor(batch: Batch): readonly Drill[] {
  return DRILLS.filter((drill) => drill.mishaps.every((mishap) => MISHAP[mishap].mayBefall(batch)));
}
