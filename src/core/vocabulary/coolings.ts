/** Effect of each way to cool: gets cold by the rule, stays hot, or only stands there. */
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

/** Effect of a way; an unknown one only stands there. */
export function coolingOf(way: string): (typeof COOLINGS)[CoolingKey] {
  return Object.hasOwn(COOLINGS, way) ? COOLINGS[way as CoolingKey] : 'stands';
}
