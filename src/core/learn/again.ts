/** A dish cooked again with what was learned since: the facts behind the plan, and the changes they suggest. */
import { callKey } from '../assess';
import { foodOf, learnedBones, learnedNeed, wantedSet } from '../batch/plan';
import { TRAITS, type Batch, type Kitchen, type Pot, type PotLearned } from '../batch/schema';
import type { Judged, Offer } from '../solve';

/** Lessons about something that is in a plan. */
export type Fact =
  | { readonly of: 'pot'; readonly name: string; readonly factor: number; readonly cooks: number }
  | {
      readonly of: 'food';
      readonly name: string;
      readonly factor: number;
      readonly cooks: number;
      readonly shift: number;
    }
  | {
      readonly of: 'bones';
      readonly name: string;
      readonly factor: number;
      readonly cooks: number;
    }
  | { readonly of: 'set'; readonly word: string; readonly cooks: number };

/** Heat that arrives over what the pot is said to have. */
const heatOf = ({ mean }: PotLearned): number => Math.exp(mean[TRAITS.indexOf('heat')] as number);

/** Every learned fact behind a plan, the pot first. */
export function factsOf(batch: Batch, pot: Pot, kitchen: Kitchen): readonly Fact[] {
  const foods = batch.items.flatMap((item) => {
    const food = foodOf(item);
    if (!food) return [];
    const need = learnedNeed(kitchen, food, item.old ?? false);
    const bones = learnedBones(kitchen, food);
    const { name } = food;
    return [
      ...(need
        ? [
            {
              of: 'food' as const,
              name,
              factor: Math.exp(need.need),
              cooks: need.cooks,
              shift: need.shift ?? 0,
            },
          ]
        : []),
      ...(bones
        ? [{ of: 'bones' as const, name, factor: Math.exp(bones.most), cooks: bones.cooks }]
        : []),
    ];
  });
  const own: readonly Fact[] = pot.learned
    ? [{ of: 'pot', name: pot.name, factor: heatOf(pot.learned), cooks: pot.learned.cooks }]
    : [];
  const { set } = kitchen.learned ?? {};
  const wanted: readonly Fact[] =
    set && batch.kind === 'broth' && batch.aim?.set === undefined
      ? [{ of: 'set', word: wantedSet(batch, kitchen), cooks: set.cooks }]
      : [];
  return [
    ...own,
    ...foods.filter(
      (fact, i) => foods.findIndex((f) => f.name === fact.name && f.of === fact.of) === i,
    ),
    ...wanted,
  ];
}

/** Changes that the lessons about its foods ask of a plan; null where it holds. */
export function askedFor(
  batch: Batch,
  kitchen: Kitchen,
  { findings, advice }: Judged,
): Offer | null {
  const learned = new Set(
    batch.items.flatMap((item) => {
      const food = foodOf(item);
      return food && learnedNeed(kitchen, food, item.old ?? false) ? [item.id] : [];
    }),
  );
  const calls = findings.filter((f) => f.item !== undefined && learned.has(f.item)).map(callKey);
  if (advice.first?.mends.some((key) => calls.includes(key))) return advice.first;
  for (const key of calls) {
    const [offer] = advice.offers[key] ?? [];
    if (offer) return offer;
  }
  return null;
}
