import { useDrag } from '@use-gesture/react';
import { useRef, useState } from 'react';
import type { ItemReport } from '@/core/assess';
import { gradeIndex, gradesOf, type Wish } from '@/core/food';
import { wantedSpan } from './laneSpans';
import { wishAt, wishByKey, type WishEnd } from './wishEnds';

const KEYS: Readonly<Record<string, -1 | 1>> = {
  ArrowRight: 1,
  ArrowUp: 1,
  ArrowLeft: -1,
  ArrowDown: -1,
};
const NAME: Readonly<Record<WishEnd, string>> = { from: 'is right from', to: 'is right up to' };

/** An end of the bracket, dragged along the lane or moved from grade to grade by key. */
function End({
  end,
  item,
  at,
  endMin,
  onWish,
}: {
  readonly end: WishEnd;
  readonly item: ItemReport;
  /** Share of the lane, 0 to 1. */
  readonly at: number;
  readonly endMin: number;
  readonly onWish: (wish: Wish) => void;
}) {
  const mark = useRef<HTMLDivElement>(null);
  const [moved, setMoved] = useState<number | null>(null);
  const wide = (): number => Math.max(1, mark.current?.offsetParent?.clientWidth ?? 1);
  const bind = useDrag(
    ({ movement: [dx], last, tap }) => {
      if (tap) return;
      const share = Math.min(1, Math.max(0, at + dx / wide()));
      setMoved(last ? null : share);
      const wish = last ? wishAt(item, end, share * endMin, endMin) : null;
      if (wish) onWish(wish);
    },
    { filterTaps: true, axis: 'x', pointer: { keys: false } },
  );
  const { family, wish } = item;
  if (!family || !wish) return null;
  const shown = moved === null ? null : wishAt(item, end, moved * endMin, endMin);
  return (
    <div
      {...bind()}
      ref={mark}
      role="slider"
      tabIndex={0}
      aria-label={`${item.name} ${NAME[end]}`}
      aria-valuemin={0}
      aria-valuemax={gradesOf(family).length - 1}
      aria-valuenow={gradeIndex(family, wish[end])}
      aria-valuetext={wish[end]}
      title={`${NAME[end]} ${wish[end]}`}
      onKeyDown={(event) => {
        const by = KEYS[event.key];
        const next = by === undefined ? null : wishByKey(item, end, by);
        if (by !== undefined) event.preventDefault();
        if (next) onWish(next);
      }}
      style={{ left: `${100 * (moved ?? at)}%` }}
      className="absolute -top-[9px] z-10 grid h-[22px] w-5 -translate-x-1/2 cursor-ew-resize touch-pan-y place-items-center"
    >
      <span className="h-3 w-[3px] rounded-full bg-copper" />
      {moved !== null && (
        <span className="absolute bottom-5 z-20 whitespace-nowrap rounded-md bg-cobalt px-2 py-0.5 text-[12px] text-white">
          {NAME[end]} {(shown ?? wish)[end]}
        </span>
      )}
    </div>
  );
}

/**
 * What is wanted of an ingredient: a bracket over its lane, with ends to move. On a phone there is
 * no room to drag; there the wish is chosen from the lane's own sheet.
 */
export function WishBracket({
  item,
  endMin,
  onWish,
}: {
  readonly item: ItemReport;
  readonly endMin: number;
  readonly onWish: (wish: Wish) => void;
}) {
  const span = wantedSpan(item, endMin);
  if (!span) return null;
  return (
    <>
      <span
        aria-hidden
        className="absolute -top-1 h-0.5 bg-copper"
        style={{ left: `${100 * span.from}%`, width: `${100 * (span.to - span.from)}%` }}
      />
      <span className="contents max-lg:hidden">
        <End end="from" item={item} at={span.from} endMin={endMin} onWish={onWish} />
        <End end="to" item={item} at={span.to} endMin={endMin} onWish={onWish} />
      </span>
    </>
  );
}
