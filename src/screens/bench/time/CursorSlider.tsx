import type { ClockText } from '@/drawings/time';

/** The cursor as a slider: the moment that the Well, the Trace and the Lanes show. */
export function CursorSlider({
  totalMin,
  cursorMin,
  clock,
  onCursor,
}: {
  readonly totalMin: number;
  /** Null for the moment the lid goes on. */
  readonly cursorMin: number | null;
  readonly clock: ClockText;
  readonly onCursor: (minutes: number | null) => void;
}) {
  return (
    <label className="mt-1 flex items-center gap-2 px-[46px] text-fine text-quiet">
      <span className="sr-only">Moment shown</span>
      <input
        type="range"
        min={0}
        max={Math.max(1, totalMin)}
        step="any"
        value={cursorMin ?? 0}
        aria-valuetext={cursorMin === null ? 'lid on' : clock(cursorMin)}
        onChange={(event) => onCursor(Number(event.target.value))}
        onBlur={() => onCursor(null)}
        className="h-6 w-full accent-cobalt"
      />
    </label>
  );
}
