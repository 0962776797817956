'use client';

/** More of it as the cook wants it, at an open pot: closed again or simmered, and what that costs. */
import { useMemo, useState } from 'react';
import { type Cook, LIMITS } from '@/core/batch/schema';
import type { Move } from '@/core/cook';
import type { Option } from '@/core/live';
import { formatMinutes } from '@/core/quantity';
import { timeOf } from '@/session/clockText';
import { Button } from '@/ui/Button';
import { isWatched } from '@/ui/cooking/standIn';
import { numberIn } from '@/ui/forms/numbers';
import { Sheet } from '@/ui/Sheet';
import { useNewest } from '@/ui/useNewest';
import { ask } from '@/workers';
import { choiceLines } from './liveWords';

type Kind = 'close-again' | 'simmer-on';

interface Asked {
  readonly cook: Cook;
  readonly nowS: number;
  readonly move: Move;
}

interface Weighed {
  readonly option: Option;
  readonly asPlanned: Option;
  readonly harmless: boolean;
}

const weigh = ({ cook, nowS, move }: Asked, signal: AbortSignal): Promise<Weighed> =>
  ask('weigh', [cook, nowS, isWatched(cook), move], { signal });

function One({
  cook,
  step,
  nowS,
  kind,
  minutes,
  onMove,
}: {
  readonly cook: Cook;
  readonly step: string;
  readonly nowS: number;
  readonly kind: Kind;
  readonly minutes: number;
  readonly onMove: (move: Move) => void;
}) {
  const move = useMemo<Move>(() => ({ change: kind, step, minutes }), [kind, step, minutes]);
  const asked = useMemo<Asked>(() => ({ cook, nowS, move }), [cook, nowS, move]);
  const { answer } = useNewest(asked, weigh);
  const told = answer?.of.move === move ? answer.answer : null;
  const start = Date.parse(cook.startedAt);
  const laterMin = told && (told.option.tableS - told.asPlanned.tableS) / 60;
  const besideMin = laterMin === null ? 0 : Math.max(0, laterMin - minutes);
  return (
    <section className="panel px-4 py-3" aria-busy={told === null}>
      <ul className="text-body">
        {!told && <li className="text-quiet">Working out what it costs…</li>}
        {told && laterMin !== null && (
          <>
            <li>
              {formatMinutes(Math.max(0, laterMin))} later, on the table{' '}
              {timeOf(start + 1000 * told.option.tableS)}
              {kind === 'close-again' &&
                besideMin >= 1 &&
                `: ${formatMinutes(besideMin)} of that to come back to pressure and let it off`}
            </li>
            {choiceLines(told.option, cook.batch, start)
              .slice(1)
              .map((line) => (
                <li key={line}>{line}</li>
              ))}
            {!told.harmless && (
              <li className="text-rust">It would be more dangerous than to leave it.</li>
            )}
          </>
        )}
      </ul>
      <Button
        size="large"
        className="mt-2 w-full"
        disabled={!told?.harmless}
        onClick={() => onMove(move)}
      >
        {kind === 'close-again' ? `Close again, ${minutes} min` : `Simmer, ${minutes} min`}
      </Button>
    </section>
  );
}

export function OwnMore({
  cook,
  step,
  nowS,
  onMove,
  onClose,
}: {
  readonly cook: Cook;
  readonly step: string;
  readonly nowS: number;
  readonly onMove: (move: Move) => void;
  readonly onClose: () => void;
}) {
  const [text, setText] = useState('5');
  const value = numberIn(text);
  const isRight = value >= 1 && value <= LIMITS.hold.max;
  return (
    <Sheet open onClose={onClose} title="A few minutes more">
      <label className="block text-body font-medium">
        Minutes
        <input
          className="field mt-1 block w-28"
          inputMode="numeric"
          value={text}
          aria-invalid={!isRight || undefined}
          onChange={(event) => setText(event.target.value)}
        />
      </label>
      {!isRight && (
        <p role="alert" className="text-small text-rust">
          Enter 1 to {LIMITS.hold.max} min
        </p>
      )}
      {isRight && (
        <div className="grid gap-3 sm:grid-cols-2">
          {(['close-again', 'simmer-on'] as const).map((kind) => (
            <One
              key={kind}
              cook={cook}
              step={step}
              nowS={nowS}
              kind={kind}
              minutes={value}
              onMove={onMove}
            />
          ))}
        </div>
      )}
    </Sheet>
  );
}
