/**
 * Knowledge of the household about its pots and foods: the basis of every plan. It is learned in a worker, anew
 * when the cooks that teach, the pots or the kitchen are others.
 */
import equal from 'fast-deep-equal';
import { useMemo } from 'react';
import { create } from 'zustand';
import type { Bundle, Cook } from '@/core/batch/schema';
import { teachers, withLearned, type Known, type Learned } from '@/core/learn';
import { marksOf } from '@/formats/held';
import { observe } from '@/session/observer';
import { dismissNotice, say, useApp, workedAtHand, workedOut } from '@/store';
import { learnAway, nextTurn } from '@/workers';
import { useHousehold } from '../household';

type From = Pick<Bundle, 'pots' | 'kitchen' | 'cooks'>;

/** Null before the first answer. */
const useLearned = create<{ readonly learned: Learned | null }>(() => ({ learned: null }));

const NOTHING: Learned = { pots: new Map(), kitchen: null };
const FAILED =
  'Could not update what your cooks taught. Plans use the settings in Kitchen for now; trying again.';
/** And again after so long, ms. */
const AGAIN_MS = 10_000;

/** Last question, and the cooks that teach in it. */
let asked: (From & { readonly teaching: readonly Cook[] }) | null = null;

/** Under which the last answer is kept. */
export const LEARNED_KEY = 'learned';

interface Question extends From {
  /** Text that identifies all of it. */
  readonly of: string;
}

/** The newest question. */
let open: string | null = null;

const learnt = (from: Question, signal: AbortSignal): Promise<Learned> =>
  workedOut(LEARNED_KEY, from.of, () => learnAway(from, signal));

const learning = observe(learnt, {
  answered: ({ of }: Question, learned) => {
    // The value at hand is newer.
    if (of !== open) return;
    useLearned.setState({ learned });
    if (useApp.getState().notice === FAILED) dismissNotice();
  },
  failed: () => {
    asked = null;
    useLearned.setState(({ learned }) => ({ learned: learned ?? NOTHING }));
    say(FAILED);
    setTimeout(() => follow(useApp.getState().household), AGAIN_MS);
  },
});

const sameCooks = (a: readonly Cook[], b: readonly Cook[]): boolean =>
  a.length === b.length && a.every((cook, i) => cook === b[i]);

/** Learns anew where there is anything else to learn from: most changes of cooks are marks of one on its way. */
function learn({ pots, kitchen, cooks }: From): void {
  const before = asked;
  if (before?.pots === pots && before.kitchen === kitchen && before.cooks === cooks) return;
  const teaching = teachers(cooks);
  asked = { pots, kitchen, cooks, teaching };
  if (before?.pots === pots && before.kitchen === kitchen && sameCooks(before.teaching, teaching))
    return;
  const of = JSON.stringify([pots, kitchen, marksOf(teaching)]);
  const learned = workedAtHand<Learned>(LEARNED_KEY, of);
  open = of;
  learning.ask(learned ? null : { pots, kitchen, cooks: teaching, of });
  if (learned) useLearned.setState({ learned });
}

const follow = (household: Bundle | null): void => {
  if (household) learn(household);
};
/** Every change is drawn before thousands of cooks are looked through. */
async function followLater(): Promise<void> {
  await nextTurn();
  follow(useApp.getState().household);
}

// Depend on the household alone: a message about a failure is no reason to ask again.
useApp.subscribe(({ household }, before) => {
  // Show nothing before the first answer, which may be in the cache.
  if (!before.household) follow(household);
  else if (household !== before.household) void followLater();
});
follow(useApp.getState().household);

let last: Known | null = null;

/** Unchanged values stay the same object, so that nothing is computed anew for them. */
function steady(known: Known): Known {
  const before = last;
  const pots = known.pots.map((pot) => {
    const old = before?.pots.find((one) => one.id === pot.id);
    return old && equal(old, pot) ? old : pot;
  });
  const same =
    before?.pots.length === pots.length && pots.every((pot, i) => pot === before.pots[i]);
  last = {
    pots: same ? before.pots : pots,
    kitchen: before && equal(before.kitchen, known.kitchen) ? before.kitchen : known.kitchen,
  };
  return last;
}

/** The pots and the kitchen with everything learned; null until computed. */
export function useKnown(): Known | null {
  const { pots, kitchen } = useHousehold();
  const learned = useLearned((s) => s.learned);
  return useMemo(
    () => learned && steady(withLearned({ pots, kitchen }, learned)),
    [pots, kitchen, learned],
  );
}
