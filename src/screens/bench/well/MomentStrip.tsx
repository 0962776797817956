import type { Assessment } from '@/core/assess';
import type { Kitchen, Pot } from '@/core/batch/schema';
import { formatLevel } from '@/core/quantity';
import type { ClockText } from '@/drawings/time';
import { momentsOf, momentWords } from './moments';
import { Term } from '@/ui/Term';

/** Height of a level in the pot, % of its height. */
const share = (litres: number, capacityL: number): string =>
  `${Math.min(100, (100 * litres) / capacityL)}%`;

/** A small pot filled to a level, with the line that counts across it. */
function SmallPot({
  levelL,
  lineL,
  capacityL,
  over,
}: {
  readonly levelL: number;
  /** Null for broth outside any pot. */
  readonly lineL: number | null;
  readonly capacityL: number;
  readonly over: boolean;
}) {
  return (
    <span
      aria-hidden
      className="relative mx-auto my-1 block h-11 w-8 overflow-hidden rounded-b-lg border-2 border-t-0 border-ink/70"
    >
      <span
        className={`absolute inset-x-0 bottom-0 border-t-2 ${over ? 'border-rust bg-rust/40' : 'border-copper bg-broth'}`}
        style={{ height: share(levelL, capacityL) }}
      />
      {lineL !== null && (
        <span
          className="absolute inset-x-0 border-t border-dashed border-ink"
          style={{ bottom: share(lineL, capacityL) }}
        />
      )}
    </span>
  );
}

/** The pot at the moments that count, side by side; a touch says what happens there and moves the cursor to it. */
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
        className="flex shrink-0 rounded-lg border border-hairline"
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
              className={`min-h-11 min-w-0 flex-1 rounded-lg px-0.5 py-1 text-center leading-tight hover:bg-copper/5 aria-pressed:bg-cobalt/10 ${m.fullest ? 'font-bold' : ''} ${over ? 'text-rust' : ''}`}
            >
              <SmallPot
                levelL={m.levelL}
                lineL={m.name === 'broth left' ? null : fill.lineL}
                capacityL={pot.capacityL}
                over={over}
              />
              <span className="figure block text-lead">
                {m.fullest && <span aria-hidden>▲</span>}
                {formatLevel(m.levelL, kitchen.units)}
              </span>
              <span className={`block truncate text-mini ${over ? '' : 'text-quiet'}`}>
                {m.name}
                {m.fullest && <span className="sr-only">, fullest</span>}
              </span>
            </button>
          );
        })}
      </div>
      <p role="status" className="text-fine leading-snug text-quiet">
        {touched ? (
          <span className="text-ink">{momentWords(touched, pot, kitchen)}</span>
        ) : (
          <>
            The line across each pot is the <Term id={fill.foams ? 'foamLine' : 'fillLine'} />,{' '}
            {formatLevel(fill.lineL, kitchen.units)}. Touch a pot to see why it is that full.
          </>
        )}
      </p>
    </>
  );
}
