/** Effect of each way to cool: cools by the rule, stays hot, or just stands. */
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

/** Effect of a way to cool; for an unknown way the food just stands. */
export function coolingOf(way: string): (typeof COOLINGS)[CoolingKey] {
  return Object.hasOwn(COOLINGS, way) ? COOLINGS[way as CoolingKey] : 'stands';
}
