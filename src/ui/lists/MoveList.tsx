import type { Move, MoveKind } from '@/core/timetable';
import { Said } from '@/ui/said';

const EDGE = {
  before: 'border-cobalt',
  prep: 'border-cobalt',
  hands: 'border-copper',
  wait: 'border-hairline',
  alongside: 'border-straw',
  serve: 'border-leaf',
} as const satisfies Record<MoveKind, string>;
const WORD = {
  before: 'beforehand',
  prep: 'hands on',
  hands: 'hands on',
  wait: 'free',
  alongside: 'alongside',
  serve: 'serve',
} as const satisfies Record<MoveKind, string>;

/** Moves by the clock, one beneath the other; on paper too. */
export function MoveList<T extends Move>({
  moves,
  label,
  clock,
  of,
}: {
  readonly moves: readonly T[];
  readonly label: string;
  readonly clock: (move: T) => string;
  /** Whose it is, where they are of several. */
  readonly of?: (move: T) => string;
}) {
  return (
    <ol aria-label={label} tabIndex={0} className="space-y-1">
      {moves.map((move) => (
        <li
          key={`${of?.(move) ?? ''} ${move.id}`}
          className={`grid grid-cols-[88px_1fr] gap-x-3 border-l-4 py-0.5 pl-3 max-sm:grid-cols-[64px_1fr] ${EDGE[move.kind]} ${move.kind === 'wait' ? 'text-quiet' : ''}`}
        >
          <span className="figure text-lg leading-6">{clock(move)}</span>
          <span>
            <b className="inline-block font-semibold first-letter:uppercase">
              <Said>{move.title}</Said>
            </b>
            <span className="ml-2 text-mini whitespace-nowrap text-quiet">
              {of ? `${of(move)}, ` : ''}
              {WORD[move.kind]}
            </span>
            <span className="block text-fine leading-snug">
              <Said>{move.detail}</Said>
            </span>
          </span>
        </li>
      ))}
    </ol>
  );
}
