'use client';

import { changeWords } from '@/core/cook';
import { useMemo } from 'react';
import type { Cook } from '@/core/batch/schema';
import type { Option } from '@/core/live';
import { Button } from '@/ui/Button';
import { isWatched, sameHands } from '@/ui/cooking/standIn';
import { useNewest } from '@/ui/useNewest';
import { ask } from '@/workers';
import { choiceLines } from './liveWords';

interface Asked {
  readonly cook: Cook;
  readonly nowS: number;
  readonly step: string;
}

const tried = ({ cook, nowS, step }: Asked, signal: AbortSignal): Promise<readonly Option[]> =>
  ask('choices', [cook, nowS, isWatched(cook), step], { signal });

/** After something was tried: the choices side by side, each with its table and what it does. */
export function Choices({
  cook,
  step,
  nowS,
  onChosen,
}: {
  readonly cook: Cook;
  readonly step: string;
  /** When it was tried, s from the start of the cook. */
  readonly nowS: number;
  readonly onChosen: (option: Option) => void;
}) {
  const start = Date.parse(cook.startedAt);
  const asked = useMemo<Asked>(() => ({ cook, nowS, step }), [cook, nowS, step]);
  const { answer } = useNewest(asked, tried);
  const options = answer && sameHands(answer.of.cook, cook) ? answer.answer : null;
  return (
    <section aria-label="Choices" className="mt-5" aria-busy={options === null}>
      <h3 className="figure text-2xl">What now?</h3>
      {!options && <p className="mt-1 text-quiet">Working out what each would do…</p>}
      <ul className="mt-2 grid max-w-3xl gap-3 sm:grid-cols-3">
        {options?.map((option) => (
          <li key={option.change} className="panel flex flex-col px-4 py-3">
            <ul className="flex-1 text-body">
              {choiceLines(option, cook.batch, start).map((line) => (
                <li key={line}>{line}</li>
              ))}
            </ul>
            <Button size="large" className="mt-3" onClick={() => onChosen(option)}>
              {changeWords(option.change, option.minutes)}
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}
