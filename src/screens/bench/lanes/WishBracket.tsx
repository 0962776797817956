import { useState } from 'react';
import type { ItemReport } from '@/core/model';
import { gradeIndex, gradesOf, type Wish } from '@/core/food';
import { useSlider, widthAround } from '@/drawings/handles';
import { wantedSpan } from '@/drawings/lanes';
import { wishAt, wishByKey, type WishEnd } from './wishEnds';

const NAME: Readonly<Record<WishEnd, string>> = { from: 'is done from', to: 'is too much after' };

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
  const { family, wish } = item;
  const [moved, setMoved] = useState<number | null>(null);
  const slider = useSlider(
    {
      label: `${item.name} ${NAME[end]}`,
      least: 0,
      most: family ? gradesOf(family).length - 1 : 0,
      value: family && wish ? gradeIndex(family, wish[end]) : 0,
      text: wish?.[end] ?? '',
    },
    {
      axis: 'x',
      begin: widthAround,
      drag: (wide, px, done) => {
        const share = Math.min(1, Math.max(0, at + px / wide));
        setMoved(done ? null : share);
        const next = done ? wishAt(item, end, share * endMin, endMin) : null;
        if (next) onWish(next);
      },
      key: (by) => {
        const next = wishByKey(item, end, by);
        if (next) onWish(next);
      },
    },
  );
  if (!family || !wish) return null;
  const shown = moved === null ? null : wishAt(item, end, moved * endMin, endMin);
  return (
    <div
      {...slider}
      title={`${NAME[end]} ${wish[end]}`}
      style={{ left: `${100 * (moved ?? at)}%` }}
      className="absolute -top-2.5 z-10 grid size-6 -translate-x-1/2 cursor-ew-resize touch-pan-y place-items-center"
    >
      <span className="h-3 w-1 rounded-full bg-copper forced-colors:bg-[Highlight]" />
      {moved !== null && (
        <span className="absolute bottom-5 z-20 whitespace-nowrap rounded-md bg-cobalt px-2 py-0.5 text-mini text-white">
          {NAME[end]} {(shown ?? wish)[end]}
        </span>
      )}
    </div>
  );
}

/**
 * Wish for an ingredient: a bracket over its lane, with ends to move. On a phone there is
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
        className="absolute -top-1 border-t-2 border-copper"
        style={{ left: `${100 * span.from}%`, width: `${100 * (span.to - span.from)}%` }}
      />
      <span className="contents max-lg:hidden">
        <End end="from" item={item} at={span.from} endMin={endMin} onWish={onWish} />
        <End end="to" item={item} at={span.to} endMin={endMin} onWish={onWish} />
      </span>
    </>
  );
}
