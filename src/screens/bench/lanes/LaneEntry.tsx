import { useState } from 'react';
import type { ItemReport } from '@/core/model';
import type { Item } from '@/core/batch/schema';
import { useSlider, widthAround } from '@/drawings/handles';
import { doorOf, nearestDoor, type Door } from './doors';

/** Entry of an ingredient: dragged along the lane, or moved from door to door by key. */
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
  const [over, setOver] = useState<number | null>(null);
  const now = doorOf(source, doors);
  const at = doors[over ?? now];
  const enter = (to: number): void => {
    const door = doors[to];
    if (door && to !== now) onDoor(item.id, door);
  };
  const slider = useSlider(
    {
      label: `${item.name} goes in`,
      least: 0,
      most: doors.length - 1,
      value: now,
      text: doors[now]?.name ?? '',
    },
    {
      axis: 'x',
      begin: (handle) => endMin / widthAround(handle),
      drag: (perPx, px, done) => {
        const to = nearestDoor(doors, (doors[now]?.minute ?? 0) + px * perPx);
        setOver(done ? null : to);
        if (done) enter(to);
      },
      key: (by) => enter(Math.min(doors.length - 1, Math.max(0, now + by))),
    },
  );
  const share = item.apart && over === null ? 1 : Math.min(1.02, (at?.minute ?? 0) / endMin);
  return (
    <div
      {...slider}
      data-testid={`entry-${item.food}`}
      style={{ left: `${share * 100}%` }}
      className="absolute top-1/2 z-10 grid h-9 w-8 -translate-x-1/2 -translate-y-1/2 cursor-ew-resize touch-pan-y place-items-center max-lg:size-11"
    >
      <span className="size-4 rounded-full border-2 border-panel bg-copper shadow-sm" />
      {over !== null && (
        <span className="absolute bottom-7 z-20 whitespace-nowrap rounded-md bg-cobalt px-2 py-0.5 text-mini text-white">
          {at?.name}
        </span>
      )}
    </div>
  );
}
