'use client';

import { celsiusIn, refusal, unitOf } from '@/ui/forms/unitFields';
import { nanoid } from 'nanoid';
import { useState } from 'react';
import { stoodOf, timelineOf } from '@/core/cook';
import { type Cook, type Mark, type MarkKind, LIMITS } from '@/core/batch/schema';
import { COOL_C, HOT_C } from '@/core/guard';
import { formatMinutes, formatTemperature, type Units } from '@/core/quantity';
import { isoOf } from '@/session/clock';
import { Button } from '@/ui/Button';
import { useClock } from '@/ui/clock';
import { Choice, Field } from '@/ui/forms/Field';
import { changeCook } from '@/ui/household';

import { ThrowOut } from './ThrowOut';

/** When the heat went off, min before now; null where nobody knows, or it is still on. */
const OFF: readonly (readonly [value: string, words: string])[] = [
  ['', 'nobody knows'],
  ['0', 'just now, or it is still on'],
  ['30', 'half an hour ago'],
  ['60', 'an hour ago'],
  ['120', '2 hours ago'],
  ['240', '4 hours ago'],
];

/** Asks how warm a pot is that nobody has looked at for an hour or more, before anything else is said. */
export function HowWarm({
  cook,
  units,
  now,
}: {
  readonly cook: Cook;
  readonly units: Units;
  /** ms */
  readonly now: number;
}) {
  const clock = useClock();
  const [text, setText] = useState('');
  const [off, setOff] = useState('');
  const [tried, setTried] = useState(false);
  const celsius = celsiusIn(text, units);
  const degrees = (c: number): string => formatTemperature(c, units);
  const answer = (): void => {
    setTried(true);
    if (celsius === null) return;
    const nowMs = clock.now();
    // The heat cannot have gone off before the last that was seen of it.
    const last = lastSeenMs(cook);
    const offMs = off === '' ? null : Math.max(last, nowMs - Number(off) * 60_000);
    changeCook(cook.id, (c) => ({
      ...c,
      marks: [
        ...c.marks,
        // A cold pot tells by itself that its heat was off.
        ...(offMs !== null && (off !== '0' || celsius >= HOT_C)
          ? [mark('heat-off', new Date(offMs).toISOString())]
          : []),
        { ...mark('temperature', isoOf(clock)), value: celsius },
      ],
    }));
  };
  const { zoneMin } = stoodOf(cook, now);
  return (
    <section
      aria-label="How warm is it now?"
      className="mt-2 max-w-2xl space-y-4 rounded-xl border-2 border-rust bg-panel px-5 py-4"
    >
      <h2 className="figure text-4xl">How warm is it now?</h2>
      <p className="text-lead">
        For {formatMinutes(zoneMin)} nothing tells how warm this pot was. What stands between{' '}
        {degrees(HOT_C)} and {degrees(COOL_C)} for more than 2 h has to be thrown out, and boiling
        it again does not make it safe. Put a thermometer into its middle before you do anything
        else.
      </p>
      <form
        className="space-y-3"
        onSubmit={(event) => {
          event.preventDefault();
          answer();
        }}
      >
        <div className="grid gap-4 sm:grid-cols-2">
          <Field
            id="how-warm"
            label={`Its middle reads, ${unitOf('temperature', units)}`}
            inputMode="decimal"
            value={text}
            error={tried && celsius === null ? refusal(LIMITS.reading.wanted, units) : undefined}
            onChange={(event) => setText(event.target.value)}
          />
          <Choice
            id="heat-off"
            label="The heat went off"
            value={off}
            onChange={(event) => setOff(event.target.value)}
          >
            {OFF.map(([value, words]) => (
              <option key={value} value={value}>
                {words}
              </option>
            ))}
          </Choice>
        </div>
        <div className="flex flex-wrap gap-3">
          <Button type="submit" look="copper" size="large">
            Read just now
          </Button>
          <ThrowOut cook={cook} words="No thermometer: throw it out" />
        </div>
      </form>
    </section>
  );
}

function mark(kind: MarkKind, at: string): Mark {
  return { id: nanoid(), kind, step: null, at };
}

/** The last that was seen of a pot, ms; its start where nothing was. */
function lastSeenMs(cook: Cook): number {
  const start = Date.parse(cook.startedAt);
  const seen = timelineOf(cook).steps.flatMap(({ locked, pin, hot, over, valve, down, off }) =>
    [locked, pin, hot, over, ...valve, down, off].flatMap((one) =>
      one && one.how !== 'presumed' ? [start + one.s * 1000] : [],
    ),
  );
  return Math.max(start, ...seen);
}
