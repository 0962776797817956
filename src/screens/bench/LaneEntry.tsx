import { useDrag } from '@use-gesture/react';
import { useRef, useState } from 'react';
import type { ItemReport } from '@/core/assess';
import type { Item } from '@/core/batch';
import { doorOf, nearestDoor, type Door } from './doors';

/** Where an ingredient goes in: dragged along the lane, or moved from door to door by key. */
export function LaneEntry({
  item,
  source,
  doors,
  endMin,
  onDoor,
}: {
  readonly item: ItemReport;
  readonly source: Item;
  readonly doors: readonly Door[];
  readonly endMin: number;
  readonly onDoor: (id: string, door: Door) => void;
}) {
  const mark = useRef<HTMLDivElement>(null);
  const [over, setOver] = useState<number | null>(null);
  const now = doorOf(source, doors);
  const at = doors[over ?? now];
  const bind = useDrag(
    ({ movement: [dx], last, tap, memo }) => {
      const perPx =
        (memo as number | undefined) ??
        endMin / Math.max(1, mark.current?.parentElement?.clientWidth ?? 1);
      if (tap) return perPx;
      const to = nearestDoor(doors, (doors[now]?.minute ?? 0) + dx * perPx);
      setOver(last ? null : to);
      const door = doors[to];
      if (last && door && to !== now) onDoor(item.id, door);
      return perPx;
    },
    { filterTaps: true, axis: 'x', pointer: { keys: false } },
  );
  const onKey = (event: React.KeyboardEvent): void => {
    const by = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 }[event.key];
    const door = by === undefined ? undefined : doors[now + by];
    if (by !== undefined) event.preventDefault();
    if (door) onDoor(item.id, door);
  };
  const share = item.apart && over === null ? 1 : Math.min(1.02, (at?.minute ?? 0) / endMin);
  return (
    <div
      {...bind()}
      ref={mark}
      role="slider"
      tabIndex={0}
      aria-label={`${item.name} goes in`}
      aria-valuemin={0}
      aria-valuemax={doors.length - 1}
      aria-valuenow={now}
      aria-valuetext={doors[now]?.name ?? ''}
      onKeyDown={onKey}
      data-testid={`entry-${item.food}`}
      style={{ left: `${share * 100}%` }}
      className="absolute top-1/2 z-10 grid h-9 w-8 -translate-x-1/2 -translate-y-1/2 cursor-ew-resize touch-pan-y place-items-center max-lg:size-11"
    >
      <span className="size-4 rounded-full border-2 border-panel bg-copper shadow-sm" />
      {over !== null && (
        <span className="absolute bottom-7 z-20 whitespace-nowrap rounded-md bg-cobalt px-2 py-0.5 text-[12px] text-white">
          {at?.name}
        </span>
      )}
    </div>
  );
}
