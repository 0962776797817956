import type { Assessment } from '@/core/assess';
import type { Kitchen, Pot } from '@/core/batch/schema';
import { formatLevel } from '@/core/quantity';
import type { ClockText } from '@/drawings/time';
import { momentsOf, momentWords } from './moments';

/** Levels at the moments that count, the fullest marked; a touch puts the cursor there. */
export function MomentStrip({
  assessment,
  pot,
  kitchen,
  cursorMin,
  clock,
  onCursor,
}: {
  readonly assessment: Assessment;
  readonly pot: Pot;
  readonly kitchen: Kitchen;
  readonly cursorMin: number | null;
  readonly clock: ClockText;
  readonly onCursor: (minute: number | null) => void;
}) {
  const { fill } = assessment;
  const moments = momentsOf(assessment, pot);
  const isHere = ({ atMin }: { readonly atMin: number }): boolean =>
    cursorMin !== null && Math.abs(cursorMin - atMin) < 0.5;
  const touched = moments.find(isHere);
  return (
    <>
      <div
        role="group"
        aria-label="How full, and when"
        className="flex shrink-0 divide-x divide-hairline rounded-lg border border-hairline"
      >
        {moments.map((m) => {
          const here = isHere(m);
          // Lifted steam is judged by its chance to reach the valve, not by the line.
          const over =
            m.name !== 'valve' && m.name !== 'broth left' && m.levelL > fill.lineL + 1e-6;
          return (
            <button
              key={m.name}
              type="button"
              aria-pressed={here}
              title={`${clock(m.atMin)}${m.fullest ? ', fullest' : ''}`}
              onClick={() => onCursor(here ? null : m.atMin)}
              className={`min-h-11 min-w-0 flex-1 px-0.5 py-1 text-center leading-tight hover:bg-copper/5 aria-pressed:bg-cobalt/10 ${m.fullest ? 'font-bold' : ''} ${over ? 'text-rust' : ''}`}
            >
              <span className={`block truncate text-[11.5px] ${over ? '' : 'text-quiet'}`}>
                {m.name}
                {m.fullest && <span className="sr-only">, fullest</span>}
              </span>
              <span className="figure block text-[17px]">
                {m.fullest && <span aria-hidden>▲</span>}
                {formatLevel(m.levelL, kitchen.units)}
              </span>
            </button>
          );
        })}
      </div>
      {touched && (
        <p role="status" className="text-[13.5px] leading-snug">
          {momentWords(touched, pot, kitchen)}
        </p>
      )}
    </>
  );
}
