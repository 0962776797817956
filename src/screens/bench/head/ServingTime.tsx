'use client';

import { useRef, useState } from 'react';
import { dayAndTime, fieldValue } from '@/session/clockText';
import { useClock, useNow } from '@/ui/clock';

/** The words for times come with the first touch: the Bench does not wait for them. */
const words = () => import('./servingTimes');
type Words = Awaited<ReturnType<typeof words>>;

interface Opened {
  readonly words: Words;
  /** The clock as the field was opened. */
  readonly now: Date;
}

/** The time until its words are loaded: shorter for today. */
function shortly(serveAt: string | undefined, nowMs: number): string {
  if (!serveAt) return '';
  return dayAndTime(new Date(serveAt), new Date(nowMs));
}

/** When it is to be on the table: typed as it is said, or one of the likely times. */
export function ServingTime({
  serveAt,
  totalMin,
  onChange,
}: {
  readonly serveAt: string | undefined;
  /** How long the plan takes, for the soonest time. */
  readonly totalMin: number;
  readonly onChange: (at: string | null) => void;
}) {
  const clock = useClock();
  const now = useNow();
  const [text, setText] = useState<string | null>(null);
  const [odd, setOdd] = useState<string | null>(null);
  const [opened, setOpened] = useState<Opened | null>(null);
  const box = useRef<HTMLDivElement>(null);
  const read = opened && text ? opened.words.readServing(text, opened.now) : null;
  const open = (): void => {
    const since = new Date(clock.now());
    void words().then((w) => setOpened({ words: w, now: since }));
  };
  const close = (): void => {
    setOpened(null);
    setText(null);
    setOdd(null);
  };
  const take = (at: Date | null): void => {
    onChange(at?.toISOString() ?? null);
    close();
  };
  const commit = async (): Promise<void> => {
    if (text === null) return close();
    if (text.trim() === '') return take(null);
    // Typed faster than the words came.
    const at = (await words()).readServing(text, opened?.now ?? new Date(clock.now()));
    if (at) take(at.at);
  };
  return (
    <div
      ref={box}
      className="relative text-fine text-quiet max-sm:order-1 max-sm:flex-1 max-sm:basis-60"
      onBlur={(event) => {
        if (box.current?.contains(event.relatedTarget)) return;
        void commit();
      }}
    >
      <label htmlFor="serve-at">ready at</label>
      <input
        id="serve-at"
        value={text ?? shortly(serveAt, now)}
        placeholder="tonight 7"
        autoComplete="off"
        aria-describedby={opened ? 'serve-at-read' : undefined}
        className="field mt-0.5 block w-44 text-ink max-sm:w-full"
        onFocus={(event) => {
          event.target.select();
          open();
        }}
        onChange={(event) => {
          if (!opened) open();
          setText(event.target.value);
        }}
        onKeyDown={(event) => {
          if (event.key === 'Enter') void commit();
          if (event.key === 'Escape') close();
        }}
      />
      {opened && (
        <div className="panel absolute top-full right-0 z-30 max-sm:right-auto max-sm:left-0 mt-1 w-72 space-y-2 p-3 shadow-lg">
          <p id="serve-at-read" aria-live="polite" className="text-small">
            {!text?.trim() ? (
              'A time as you would say it: 18:30, tonight 7, in 2 h.'
            ) : read ? (
              <>
                <span className="text-leaf">{opened.words.servingWords(read.at, opened.now)}</span>
                {read.odd && <span className="block text-rust">{read.odd}</span>}
              </>
            ) : (
              <span className="text-rust">
                That is not a time still to come. Try 18:30 or tonight 7.
              </span>
            )}
          </p>
          <p className="flex flex-wrap gap-2" aria-label="Likely times">
            {opened.words.likelyServings(opened.now, totalMin).map((at) => (
              <button
                key={at.getTime()}
                type="button"
                className="min-h-11 rounded-full border border-copper px-3 text-small font-medium text-copper"
                onClick={() => take(at)}
              >
                {opened.words.servingWords(at, opened.now)}
              </button>
            ))}
            {serveAt && (
              <button
                type="button"
                className="min-h-11 rounded-full border border-hairline px-3 text-small text-ink"
                onClick={() => take(null)}
              >
                no time
              </button>
            )}
          </p>
          <label className="block">
            another day
            <input
              type="datetime-local"
              className="field mt-0.5 text-ink"
              value={serveAt ? fieldValue(new Date(serveAt)) : ''}
              onChange={(event) => {
                const at = event.target.value;
                setOdd(at ? opened.words.oddHour(new Date(at), at.slice(11, 16)) : null);
                onChange(at ? new Date(at).toISOString() : null);
              }}
            />
            {odd && (
              <span role="status" className="block text-rust">
                {odd}
              </span>
            )}
          </label>
        </div>
      )}
    </div>
  );
}
