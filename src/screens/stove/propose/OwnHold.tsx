'use client';

import { useState } from 'react';
import { type Cook, LIMITS } from '@/core/batch/schema';
import { timelineOf, type Move } from '@/core/cook';
import { Button } from '@/ui/Button';
import { numberIn } from '@/ui/forms/numbers';

/** More or less by so much at a touch, min. */
const BY_MIN = 5;

/** The hold as the cook wants it, longer or shorter, while it runs. */
export function OwnHold({
  cook,
  step: id,
  elapsedMin,
  onMove,
}: {
  readonly cook: Cook;
  readonly step: string;
  /** Of the hold so far, min. */
  readonly elapsedMin: number;
  readonly onMove: (move: Move) => void;
}) {
  const step = timelineOf(cook).plan.steps?.find((one) => one.id === id);
  const holdMin = step?.kind === 'pressure' ? step.holdMin : 0;
  const [typed, setTyped] = useState<string | null>(null);
  if (step?.kind !== 'pressure') return null;
  // A hold that has run out ends now at the earliest.
  const least = Math.ceil(elapsedMin);
  const set = (minutes: number): void => {
    setTyped(null);
    onMove({
      change: 'hold',
      step: id,
      minutes: Math.min(LIMITS.hold.max, Math.max(least, minutes)),
    });
  };
  const value = numberIn(typed ?? '');
  const isRight = typed === null || (value >= least && value <= LIMITS.hold.max);
  return (
    <form
      className="flex flex-wrap items-center gap-2 short:flex-nowrap short:gap-1.5"
      aria-label="Hold it longer or shorter"
      onSubmit={(event) => {
        event.preventDefault();
        if (typed !== null && isRight) set(value);
      }}
    >
      <Button
        size="thumb"
        disabled={holdMin - BY_MIN < least}
        onClick={() => set(holdMin - BY_MIN)}
      >
        {BY_MIN} min less
      </Button>
      <span className="flex items-center gap-1 text-body">
        <input
          aria-label="Minutes under pressure"
          className="field min-h-12 w-16 text-center short:min-h-11 short:w-12"
          inputMode="numeric"
          aria-invalid={!isRight || undefined}
          value={typed ?? String(Math.round(holdMin))}
          onChange={(event) => setTyped(event.target.value)}
          onBlur={() => setTyped(null)}
        />
        min
      </span>
      <Button size="thumb" onClick={() => set(holdMin + BY_MIN)}>
        {BY_MIN} min more
      </Button>
      {!isRight && (
        <p role="alert" className="w-full text-small text-rust">
          Enter {least} to {LIMITS.hold.max} min
        </p>
      )}
    </form>
  );
}
