import { useWindowVirtualizer } from '@tanstack/react-virtual';
import { useLayoutEffect, useRef, useState, useSyncExternalStore, type ReactNode } from 'react';

/** Rows kept beside what is seen. */
const BESIDE = 6;
const GAP_PX = 12;
/** From this width on a list may have two columns, as Tailwind's md. */
const WIDE = '(min-width: 768px)';

function useIsWide(): boolean {
  return useSyncExternalStore(
    (heard) => {
      const query = matchMedia(WIDE);
      query.addEventListener('change', heard);
      return () => query.removeEventListener('change', heard);
    },
    () => matchMedia(WIDE).matches,
    () => false,
  );
}

export interface LongListProps<T> {
  readonly items: readonly T[];
  readonly keyOf: (item: T) => string;
  readonly label: string;
  /** About how high a row is, px; it is measured once it is seen. */
  readonly rowPx: number;
  readonly columns: 1 | 2;
  readonly children: (item: T) => ReactNode;
}

/** The rows on the screen and a few beside them, of a list of any length. */
export function VirtualList<T>({
  items,
  keyOf,
  label,
  rowPx,
  columns,
  children,
}: LongListProps<T>) {
  // The virtualizer is one object that changes within: a compiler that memoises would not see it.
  'use no memo';
  const wide = useIsWide();
  const lanes = wide ? columns : 1;
  const list = useRef<HTMLUListElement>(null);
  const [topPx, setTopPx] = useState(0);
  useLayoutEffect(() => {
    if (list.current) setTopPx(list.current.getBoundingClientRect().top + scrollY);
  }, []);
  const virtualizer = useWindowVirtualizer({
    count: items.length,
    estimateSize: () => rowPx,
    lanes,
    gap: GAP_PX,
    overscan: BESIDE,
    scrollMargin: topPx,
    // The page scrolls itself, to its top or back to where it was; only what was measured otherwise
    // than expected is made up for.
    scrollToFn: (_, { adjustments = 0 }) => {
      if (adjustments !== 0) scrollBy(0, adjustments);
    },
    getItemKey: (i) => `${lanes}-${keyOf(items[i] as T)}`,
  });
  return (
    <ul
      ref={list}
      aria-label={label}
      className="relative mt-6"
      style={{ height: virtualizer.getTotalSize() }}
    >
      {virtualizer.getVirtualItems().map((row) => (
        <li
          key={row.key}
          ref={virtualizer.measureElement}
          data-index={row.index}
          aria-setsize={items.length}
          aria-posinset={row.index + 1}
          className="absolute top-0"
          style={{
            width: `calc((100% - ${(lanes - 1) * GAP_PX}px) / ${lanes})`,
            left: `calc((100% + ${GAP_PX}px) * ${row.lane / lanes})`,
            transform: `translateY(${row.start - topPx}px)`,
          }}
        >
          {children(items[row.index] as T)}
        </li>
      ))}
    </ul>
  );
}
