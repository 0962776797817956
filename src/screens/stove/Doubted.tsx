'use client';

import { useState } from 'react';
import type { Cook, Mark } from '@/core/batch/schema';
import { doubtOf, takeBack, type Doubt } from '@/core/cook';
import { formatMinutes } from '@/core/quantity';
import { Button } from '@/ui/Button';

const soon = (minutes: number): string => (minutes < 1 ? 'under a minute' : formatMinutes(minutes));

/** The mark's meaning, and what follows if it is wrong. */
function wordsOf({ what, afterMin, usualMin }: Doubt) {
  return what === 'pressure'
    ? {
        title: 'At pressure already?',
        text: `${soon(afterMin)} after the lid; this pot should take about ${formatMinutes(usualMin)}. If it is not there yet, the hold runs too early and everything comes out short.`,
        yes: 'Yes, it is at pressure',
      }
    : {
        title: 'The pin is down already?',
        text: `${soon(afterMin)} after the hold; by itself it should take about ${formatMinutes(usualMin)}. A pin can stick: if steam still comes when the valve is touched, there is pressure. Never force the lid.`,
        yes: 'Yes, the pin is down',
      };
}

/** A mark that this pot can hardly have made, asked about at once. */
export function Doubted({
  cook,
  onMarks,
}: {
  readonly cook: Cook;
  readonly onMarks: (edit: (marks: readonly Mark[]) => readonly Mark[]) => void;
}) {
  const [sure, setSure] = useState<string | null>(null);
  const doubt = doubtOf(cook);
  if (!doubt || doubt.mark.id === sure) return null;
  const { title, text, yes } = wordsOf(doubt);
  return (
    <section
      aria-label="Is that right?"
      className="mt-3 max-w-2xl rounded-lg border-2 border-copper bg-panel px-4 py-3"
    >
      <h3 className="figure text-2xl">{title}</h3>
      <p className="mt-1 text-body">{text}</p>
      <div className="mt-2 flex flex-wrap gap-2">
        <Button
          look="copper"
          size="thumb"
          onClick={() => onMarks((marks) => takeBack(marks, doubt.mark.id))}
        >
          No: take it back
        </Button>
        <Button size="thumb" onClick={() => setSure(doubt.mark.id)}>
          {yes}
        </Button>
      </div>
    </section>
  );
}
