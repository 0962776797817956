/** The state of the desk: what lies there, how it reads, and what was put right. */
import { useMemo, useState } from 'react';
import { batchRefusal } from '@/core/batch/household';
import type { NewTask } from '@/core/batch/plan';
import type { LineAnswer, ReadsFor } from '@/core/batch/reading';
import type { Batch, Pot, Step } from '@/core/batch/schema';
import type { Release } from '@/core/vocabulary';
import { batchOfRecipe, type ReadRecipe, type RecipeResult } from '@/formats';
import { useHousehold } from '@/ui/household';
import { reasonWords, useNewest } from '@/ui/useNewest';
import { ask } from '@/workers';
import { corrected, NO_CORRECTIONS, type Corrections } from './corrected';
import { useDraft } from '@/ui/deskDraft';

type Lines = ReadonlyMap<number, readonly string[]>;

interface Question {
  readonly text: string;
  readonly own: ReadsFor;
  readonly lines: Lines;
}

const readAway = ({ text, own, lines }: Question): Promise<RecipeResult> =>
  ask('readRecipe', [text, own, { lines }]);

const NO_LINES: Lines = new Map();

/** Target that both sides of the desk point at. */
export type Pointed =
  | { readonly at: 'item'; readonly id: string }
  | { readonly at: 'step'; readonly id: string }
  | null;

/** A recipe on the desk, and all that can be put right in it. */
export interface Desk {
  readonly recipe: ReadRecipe | null;
  /** The batch that it makes so far. */
  readonly batch: Batch | null;
  /** Why it cannot be read, or not be one batch. */
  readonly failure: string | null;
  /** Whether the present text has been read. */
  readonly settled: boolean;
  readonly pointed: Pointed;
  readonly point: (to: Pointed) => void;
  /** Questions that were answered "as it is". */
  readonly dismissed: ReadonlySet<string>;
  readonly dismiss: (what: string) => void;
  /** Puts a food of a line into other words; empty leaves it out. */
  readonly putLine: (food: number, put: string) => void;
  readonly answer: (food: number, what: string, answer: LineAnswer) => void;
  readonly place: (item: string, step: string) => void;
  readonly minutes: (step: string, minutes: number) => void;
  readonly release: (step: string, release: Release) => void;
  readonly addStep: (step: Step, after: string | null) => void;
  readonly addTask: (task: NewTask) => void;
  readonly leaveOut: (step: string) => void;
}

/** @param pot that it is planned in */
export function useDesk(pot: Pot | undefined): Desk {
  const { foods, kitchen } = useHousehold();
  const [{ text, link }] = useDraft();
  const [lines, setLines] = useState(NO_LINES);
  const [corrections, setCorrections] = useState(NO_CORRECTIONS);
  const [dismissed, setDismissed] = useState<ReadonlySet<string>>(new Set());
  const [pointed, point] = useState<Pointed>(null);
  const [of, setOf] = useState(text);
  // Another recipe begins anew.
  if (of !== text) {
    setOf(text);
    setLines(NO_LINES);
    setCorrections(NO_CORRECTIONS);
    setDismissed(new Set());
    point(null);
  }
  const { units, words } = kitchen;
  const question = useMemo(
    () => (text.trim() ? { text, own: { foods, units, words }, lines } : null),
    [text, foods, units, words, lines],
  );
  const { answer: read, failure } = useNewest<Question, RecipeResult>(question, readAway);
  const result = question && read?.of.text === text ? read.answer : null;
  const recipe = result?.ok ? result.recipe : null;
  const batch = useMemo(
    () => recipe && corrected(batchOfRecipe(recipe, 'read', pot, link), corrections),
    [recipe, pot, link, corrections],
  );
  const refused = useMemo(() => batch && batchRefusal(batch), [batch]);
  const correct = (change: (c: Corrections) => Partial<Corrections>): void =>
    setCorrections((c) => ({ ...c, ...change(c) }));
  const putLine = (food: number, put: string): void => {
    const at = recipe?.of[food];
    if (!recipe || at === undefined) return;
    const said = recipe.lines.flatMap((line, i) => {
      if (recipe.of[i] !== at) return [];
      return [i === food ? put : line.text];
    });
    setLines(new Map([...lines, [at, said.filter(Boolean)]]));
  };
  const failed = question && failure?.of === question ? reasonWords(failure.reason) : null;
  return {
    recipe,
    batch,
    failure:
      failed ??
      (result && !result.ok ? result.message : null) ??
      (refused === null
        ? null
        : `This is too much for one batch: ${refused}. Leave something out, or split it in two.`),
    settled: batch !== null && refused === null && read?.of === question,
    pointed,
    point,
    dismissed,
    dismiss: (what) => setDismissed((all) => new Set([...all, what])),
    putLine,
    answer: (food, what, { put }) => {
      if (put === null) setDismissed((all) => new Set([...all, what]));
      else putLine(food, put);
    },
    place: (item, step) => correct((c) => ({ entries: new Map([...c.entries, [item, step]]) })),
    minutes: (step, value) => correct((c) => ({ minutes: new Map([...c.minutes, [step, value]]) })),
    release: (step, release) =>
      correct((c) => ({ releases: new Map([...c.releases, [step, release]]) })),
    addStep: (step, after) => correct((c) => ({ added: [...c.added, { step, after }] })),
    addTask: (task) => correct((c) => ({ tasks: [...c.tasks, task] })),
    leaveOut: (step) => correct((c) => ({ removed: new Set([...c.removed, step]) })),
  };
}
