'use client';

import { useMemo, useState } from 'react';
import { batchRefusal } from '@/core/batch/household';
import type { ReadsFor } from '@/core/batch/reading';
import type { Batch, Kitchen, Pot } from '@/core/batch/schema';
import type { OwnFood } from '@/core/food';
import { batchOfRecipe, type RecipeResult } from '@/formats';
import { Button } from '@/ui/Button';
import { Sheet } from '@/ui/Sheet';
import { reasonWords, useNewest } from '@/ui/useNewest';
import { ask } from '@/workers';
import { corrected, NO_CORRECTIONS } from './corrected';
import { RecipeRead } from './RecipeRead';

interface Question {
  readonly text: string;
  readonly own: ReadsFor;
  readonly lines: ReadonlyMap<number, string>;
}

const readAway = ({ text, own, lines }: Question): Promise<RecipeResult> =>
  ask('readRecipe', [text, own, { lines }]);

const NONE: ReadonlyMap<number, string> = new Map();

/** Makes a batch of a recipe: pasted or opened, shown as understood, put right, and only then planned. */
export function RecipeSheet({
  kitchen,
  pot,
  foods,
  makeId,
  onPlan,
  onClose,
}: {
  readonly kitchen: Kitchen;
  readonly pot: Pot | undefined;
  /** The kitchen's own. */
  readonly foods: readonly OwnFood[];
  readonly makeId: () => string;
  readonly onPlan: (batch: Batch) => void;
  readonly onClose: () => void;
}) {
  const [text, setText] = useState('');
  const [lines, setLines] = useState(NONE);
  const [corrections, setCorrections] = useState(NO_CORRECTIONS);
  const question = useMemo(
    () => (text.trim() ? { text, own: { foods, units: kitchen.units }, lines } : null),
    [text, foods, kitchen.units, lines],
  );
  const { answer: read, failure } = useNewest<Question, RecipeResult>(question, readAway);
  const result = question ? (read?.answer ?? null) : null;
  const recipe = result?.ok ? result.recipe : null;
  const batch = useMemo(
    () => recipe && corrected(batchOfRecipe(recipe, 'read', pot), corrections),
    [recipe, pot, corrections],
  );
  const refused = useMemo(() => batch && batchRefusal(batch), [batch]);
  const begin = (next: string): void => {
    setText(next);
    setLines(NONE);
    setCorrections(NO_CORRECTIONS);
  };
  return (
    <Sheet
      open
      onClose={onClose}
      title="Bring in a recipe"
      foot={
        <>
          <Button look="quiet" onClick={onClose}>
            Cancel
          </Button>
          <Button
            look="copper"
            disabled={!batch || refused !== null || read?.of !== question}
            onClick={() => {
              if (batch) onPlan({ ...batch, id: makeId() });
            }}
          >
            Plan it
          </Button>
        </>
      }
    >
      <label className="block">
        <span className="text-[14px] font-medium">Paste it: lines, or a page’s own data</span>
        <textarea
          className="field mt-1"
          rows={batch ? 3 : 6}
          value={text}
          onChange={(event) => begin(event.target.value)}
          placeholder={
            kitchen.units === 'metric'
              ? 'Red lentil and carrot\n250 g red lentils\n3 carrots, 12 mm slices'
              : 'Red lentil and carrot\n1 1/4 cups red lentils\n3 carrots, 1/2-inch slices'
          }
        />
      </label>
      <label className="block">
        <span className="text-[14px] font-medium">Or open a file (.json, .html, .txt)</span>
        <input
          type="file"
          accept=".json,.jsonld,.html,.htm,.txt,application/json,text/html,text/plain"
          className="field mt-1"
          onChange={(event) => void event.target.files?.[0]?.text().then(begin)}
        />
      </label>
      <div aria-live="polite">
        {result && !result.ok && (
          <p role="alert" className="text-rust">
            {result.message}
          </p>
        )}
        {question && failure?.of === question && (
          <p role="alert" className="text-rust">
            {reasonWords(failure.reason)}
          </p>
        )}
        {refused !== null && (
          <p role="alert" className="text-rust">
            This is more than one batch can be: {refused}. Leave something out, or make two of it.
          </p>
        )}
        {recipe && batch && (
          <RecipeRead
            recipe={recipe}
            batch={batch}
            units={kitchen.units}
            onLine={(index, said) => setLines(new Map([...lines, [index, said]]))}
            onPlace={(item, step) =>
              setCorrections((c) => ({ ...c, entries: new Map([...c.entries, [item, step]]) }))
            }
            onMinutes={(step, minutes) =>
              setCorrections((c) => ({ ...c, minutes: new Map([...c.minutes, [step, minutes]]) }))
            }
          />
        )}
      </div>
    </Sheet>
  );
}
