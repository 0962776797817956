'use client';

import { useMemo, useState } from 'react';
import { stepsOf, stepWords, type Batch, type Kitchen } from '@/core/batch';
import { batchOfRecipe, readRecipe, type ReadRecipe } from '@/formats';
import { Button } from '@/ui/Button';
import { lineWords } from '@/ui/lineWords';
import { Sheet } from '@/ui/Sheet';
import { stepNames } from '@/ui/stepNames';

/** Where an ingredient goes in, where that is not with the first lid. */
function placeWords(batch: Batch, id: string): string {
  const item = batch.items.find((i) => i.id === id);
  if (item?.apart) return ' · apart, in the bowl';
  const lid = stepsOf(batch).find((s) => s.kind === 'pressure')?.id;
  return item?.enters && item.enters !== lid ? ` · ${stepNames(batch).get(item.enters) ?? ''}` : '';
}

function Understood({
  recipe,
  kitchen,
}: {
  readonly recipe: ReadRecipe;
  readonly kitchen: Kitchen;
}) {
  const batch = batchOfRecipe(recipe, 'read', undefined);
  return (
    <div className="space-y-2 text-[14px]" data-testid="recipe">
      <p className="text-[16px] font-semibold">
        {recipe.name}
        {recipe.servings !== null && (
          <span className="ml-2 font-normal text-quiet">{recipe.servings} bowls</span>
        )}
      </p>
      <ul aria-label="Ingredients as understood">
        {recipe.lines.map((line, i) => (
          <li key={i} className={line.item ? 'text-leaf' : 'text-rust'}>
            {line.item ? lineWords(line, kitchen.units) : `“${line.text}” is no food of the table`}
            {line.item && <span className="text-quiet">{placeWords(batch, `i${i + 1}`)}</span>}
            {line.item && line.unsure.length > 0 && (
              <span className="text-[#7a5c12]"> (not sure: {line.unsure.join('; ')})</span>
            )}
          </li>
        ))}
      </ul>
      <p>
        {recipe.steps.length > 0
          ? `Steps: ${recipe.steps.map(stepWords).join('; ')}.`
          : 'No steps; one is proposed.'}
      </p>
      {recipe.unsure.map((text) => (
        <p key={text} className="text-[#7a5c12]">
          Not sure: {text}.
        </p>
      ))}
    </div>
  );
}

/** Makes a batch of a recipe: pasted or opened, shown as understood, and only then planned. */
export function RecipeSheet({
  kitchen,
  potId,
  makeId,
  onPlan,
  onClose,
}: {
  readonly kitchen: Kitchen;
  readonly potId: string | undefined;
  readonly makeId: () => string;
  readonly onPlan: (batch: Batch) => void;
  readonly onClose: () => void;
}) {
  const [text, setText] = useState('');
  const result = useMemo(() => (text.trim() ? readRecipe(text) : null), [text]);
  const recipe = result?.ok ? result.recipe : null;
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
            disabled={!recipe}
            onClick={() => {
              if (recipe) onPlan(batchOfRecipe(recipe, makeId(), potId));
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
          rows={6}
          value={text}
          onChange={(event) => setText(event.target.value)}
          placeholder={'Red lentil and carrot\n250 g red lentils\n3 carrots, 12 mm slices'}
        />
      </label>
      <label className="block">
        <span className="text-[14px] font-medium">Or open a file (.json, .html, .txt)</span>
        <input
          type="file"
          accept=".json,.jsonld,.html,.htm,.txt,application/json,text/html,text/plain"
          className="field mt-1"
          onChange={(event) => void event.target.files?.[0]?.text().then(setText)}
        />
      </label>
      <div aria-live="polite">
        {result && !result.ok && (
          <p role="alert" className="text-rust">
            {result.message}
          </p>
        )}
        {recipe && <Understood recipe={recipe} kitchen={kitchen} />}
      </div>
    </Sheet>
  );
}
