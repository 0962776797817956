'use client';

import { useEffect } from 'react';
import type { Cook } from '@/core/batch/schema';
import { namesGone, namesHere, useMeeting } from '@/sync/state';
import { Button } from '@/ui/Button';
import { canSpeak, SPOKEN, useReadAloud } from '@/ui/cooking/calling';
import { useKept } from '@/ui/kept';

function Switch({
  on,
  onTurn,
  children,
}: {
  readonly on: boolean;
  readonly onTurn: (value: string) => void;
  readonly children: string;
}) {
  return (
    <Button look="quiet" aria-pressed={on} onClick={() => onTurn(on ? 'off' : 'on')}>
      {children}
    </Button>
  );
}

function useNight(on: boolean): void {
  useEffect(() => {
    if (!on) return;
    document.documentElement.dataset['night'] = '';
    return () => {
      delete document.documentElement.dataset['night'];
    };
  }, [on]);
}

/** The cook, its views and its tools. @param words what is read aloud when it changes */
export function StoveHead({ cook, words }: { readonly cook: Cook; readonly words: string }) {
  const [night] = useKept('retort-night');
  const [aloud] = useKept('retort-aloud');
  useNight(night === 'on');
  useReadAloud(aloud === 'on', words);
  const others = useMeeting(namesHere);
  const away = useMeeting((state) => namesGone(state, Date.parse(cook.startedAt)));
  return (
    <div className="flex flex-wrap items-baseline gap-x-4">
      <h1 className="text-lg text-quiet short:sr-only">{cook.batch.name}</h1>
      {cook.standIn && (
        <span className="text-small text-quiet">
          {cook.rehearsal
            ? `a practice run${cook.rehearsal.drill ? `: ${cook.rehearsal.drill}` : ''}`
            : 'on the practice pot'}
        </span>
      )}
      {others && <span className="text-small text-leaf">also open on {others}</span>}
      {away && (
        <span className="text-small text-rust" role="status">
          {away}: out of reach. Marks made there come when the connection is back.
        </span>
      )}
    </div>
  );
}

/** How it is shown and told. */
export function StoveSwitches() {
  const [night, keepNight] = useKept('retort-night');
  const [aloud, keepAloud] = useKept('retort-aloud');
  const [spoken, keepSpoken] = useKept(SPOKEN);
  return (
    <p className="flex flex-wrap gap-1">
      {canSpeak() && (
        <>
          <Switch on={spoken !== 'off'} onTurn={keepSpoken}>
            Calls spoken
          </Switch>
          <Switch on={aloud === 'on'} onTurn={keepAloud}>
            Read aloud
          </Switch>
        </>
      )}
      <Switch on={night === 'on'} onTurn={keepNight}>
        Night
      </Switch>
    </p>
  );
}
