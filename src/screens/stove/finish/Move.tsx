import { Said } from '@/ui/said';
import { X } from 'lucide-react';
import { useId, type ReactNode } from 'react';
import type { FinishMove } from '@/core/serve';

/** One move at the open pot: tick it, or drop it. */
export function Move({
  move,
  done,
  onDone,
  onDrop,
  onKeepBones,
  opens,
  open,
  onOpen,
  children,
}: {
  readonly move: FinishMove;
  readonly done: boolean;
  readonly onDone: (done: boolean) => void;
  readonly onDrop: () => void;
  /** Puts picked bones into the bag; missing if there are none. */
  readonly onKeepBones?: (() => void) | undefined;
  /** Button that opens its choices; missing if they are open. */
  readonly opens?: string | undefined;
  readonly open: boolean;
  readonly onOpen: () => void;
  readonly children?: ReactNode;
}) {
  const id = useId();
  return (
    <li className="py-2.5">
      <div className="flex items-start gap-3">
        <input
          id={id}
          type="checkbox"
          checked={done}
          onChange={(event) => onDone(event.target.checked)}
          className="mt-1 size-6 shrink-0 accent-leaf"
        />
        <label htmlFor={id} className="min-w-0 flex-1">
          <span className={`text-lead ${done ? 'text-quiet line-through' : ''}`}>
            <Said>{move.does}</Said>
          </span>
          <span className="block text-fine text-quiet">
            <Said>{move.why}</Said>
          </span>
          {move.caution && (
            <span className="block text-small text-rust">Careful. {move.caution}</span>
          )}
        </label>
        <button
          type="button"
          aria-label={`Drop: ${move.does}`}
          title="Not wanted"
          className="grid size-11 shrink-0 place-items-center rounded-full text-quiet hover:bg-ink/5"
          onClick={onDrop}
        >
          <X size={18} aria-hidden />
        </button>
      </div>
      {!done && opens && !open && (
        <button
          type="button"
          className="ml-9 min-h-11 text-cobalt underline underline-offset-4"
          onClick={onOpen}
        >
          {opens}
        </button>
      )}
      {!done && (open || !opens) && <div className="pl-9">{children}</div>}
      {onKeepBones && !done && (
        <button
          type="button"
          className="ml-9 min-h-11 text-cobalt underline underline-offset-4"
          onClick={onKeepBones}
        >
          The bones into the bag in the freezer
        </button>
      )}
    </li>
  );
}
