'use client';

import { celsiusIn, unitOf } from '@/ui/forms/unitFields';
import { useState, type ReactNode } from 'react';
import { type Cook, type Mark, type MarkKind } from '@/core/batch/schema';
import { changeWords } from '@/core/cook';
import { ruleWords, type Danger } from '@/core/guard';
import type { TableDoor } from '@/core/live';
import { type Units } from '@/core/quantity';
import { Alarm } from '@/ui/Alarm';
import { Button } from '@/ui/Button';
import { useClock } from '@/ui/clock';
import { isWatched, nowSOf, sameHands } from '@/ui/cooking/standIn';
import { Field } from '@/ui/forms/Field';
import { changeCook } from '@/ui/household';

import { ReasonForm } from '@/ui/forms/ReasonForm';
import { reasonWords, useNewest } from '@/ui/useNewest';
import { ask } from '@/workers';
import type { Hands } from './hands';

interface Asked {
  readonly cook: Cook;
  readonly nowS: number;
  readonly step: string;
}

const door = ({ cook, nowS, step }: Asked, signal: AbortSignal): Promise<TableDoor> =>
  ask('tableDoor', [cook, nowS, isWatched(cook), step], { signal });

/** Code under which a danger is kept that was walked past here. */
const codeOf = ({ hazard, item = '' }: Danger): string => `table ${hazard} ${item}`.trim();

/** Lets a pot to the table once the guard has nothing against it, or the cook goes on with a reason. */
export function AtTable({
  cook,
  step,
  units,
  hands,
  children,
}: {
  readonly cook: Cook;
  /** The last step, to which closing again or simmering on belongs. */
  readonly step: string;
  readonly units: Units;
  readonly hands: Hands;
  /** Moves at the table. */
  readonly children: ReactNode;
}) {
  const clock = useClock();
  const asking = (): Asked => ({ cook, nowS: nowSOf(cook, clock), step });
  const [asked, setAsked] = useState(asking);
  // Seasoning and counting do not change the cook itself.
  if (!sameHands(asked.cook, cook) || asked.step !== step) setAsked(asking());
  const { answer, failure } = useNewest(asked, door);
  const [known, setKnown] = useState<{ readonly of: Cook; readonly door: TableDoor } | null>(null);
  if (answer && answer.of.cook !== known?.of) setKnown({ of: answer.of.cook, door: answer.answer });
  if (failure)
    return (
      <Alarm title="Could not work out whether it is done">
        <p>{reasonWords(failure.reason)}</p>
        <p>Test the thickest piece with a thermometer before you serve it.</p>
        {children}
      </Alarm>
    );
  const told = known && sameHands(known.of, cook) ? known.door : null;
  if (!told) return <p className="mt-3 text-quiet">Checking whether everything is done…</p>;
  const walked = new Set((cook.despite ?? []).map(({ code }) => code));
  const open = told.dangers.filter((danger) => !walked.has(codeOf(danger)));
  if (open.length === 0) return children;
  return (
    <NotYet
      dangers={open}
      mends={told.mends}
      units={units}
      hands={hands}
      onGo={(reason) =>
        changeCook(cook.id, (c) => ({
          ...c,
          despite: [
            ...(c.despite ?? []),
            ...open.map((danger) => ({ code: codeOf(danger), title: danger.title, reason })),
          ],
        }))
      }
    />
  );
}

function NotYet({
  dangers,
  mends,
  units,
  hands,
  onGo,
}: {
  readonly dangers: readonly Danger[];
  readonly mends: TableDoor['mends'];
  readonly units: Units;
  readonly hands: Pick<Hands, 'move' | 'press'>;
  readonly onGo: (reason: string) => void;
}) {
  const [text, setText] = useState('');
  const celsius = celsiusIn(text, units);
  const never = dangers.some(({ level }) => level === 'never');
  const read = (kind: MarkKind, more: Pick<Mark, 'value'>): void => hands.press(kind, more);
  return (
    <Alarm title="Do not serve it yet">
      <ul className="space-y-2">
        {dangers.map((danger) => (
          <li key={codeOf(danger)}>
            <h3 className="font-semibold">{danger.title}</h3>
            <p>{danger.message}</p>
            <p className="text-small text-quiet">{ruleWords(danger.rule)}</p>
          </li>
        ))}
      </ul>
      <div className="flex flex-wrap gap-3">
        {mends.map((move) => (
          <Button key={move.change} look="copper" size="large" onClick={() => hands.move(move)}>
            {changeWords(move.change, move.minutes)}
          </Button>
        ))}
      </div>
      <form
        className="flex flex-wrap items-end gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          if (celsius !== null) read('temperature', { value: celsius });
        }}
      >
        <Field
          id="table-reading"
          label={`Or a thermometer in the thickest place reads, ${unitOf('temperature', units)}`}
          inputMode="decimal"
          value={text}
          onChange={(event) => setText(event.target.value)}
        />
        <Button type="submit" size="thumb" disabled={celsius === null}>
          Read just now
        </Button>
      </form>
      {!never && (
        <div className="border-t border-hairline pt-2">
          <ReasonForm
            id="table-reason"
            label="Why you serve it anyway"
            hint="The Log keeps showing your reason."
            words="Serve it anyway"
            onReason={onGo}
          />
        </div>
      )}
    </Alarm>
  );
}
