/** What each way to cool does with time: gets cold by the rule, stays hot, or only stands there. */
export const COOLINGS = {
  pans: 'cools',
  ice: 'cools',
  jars: 'cools',
  'pot-out': 'stands',
  'pot-base': 'stands',
  'twice-a-day': 'stands',
  'keep-warm': 'hot',
} as const;

export type CoolingKey = keyof typeof COOLINGS;

/** What a way does; one that nobody knows only stands. */
export function coolingOf(way: string): (typeof COOLINGS)[CoolingKey] {
  return Object.hasOwn(COOLINGS, way) ? COOLINGS[way as CoolingKey] : 'stands';
}
