import type { ReactNode } from 'react';
import { later } from '@/drawings/later';

/** Up to here all of a list stands on the page, for its search, its print and its readers. */
const ALL = 60;

export interface LongListProps<T> {
  readonly items: readonly T[];
  readonly keyOf: (item: T) => string;
  readonly label: string;
  /** About how high a row is, px; it is measured once it is seen. */
  readonly rowPx: number;
  readonly columns: 1 | 2;
  readonly children: (item: T) => ReactNode;
}

const Virtual = later(async () => (await import('./VirtualList')).VirtualList<never>);

/** A list that may be of many years: short ones whole, of long ones what is seen. */
export function LongList<T>(props: LongListProps<T>) {
  const { items, keyOf, label, columns, children } = props;
  if (items.length > ALL) return <Virtual {...(props as unknown as LongListProps<never>)} />;
  return (
    <ul className={`mt-6 grid gap-3 ${columns === 2 ? 'md:grid-cols-2' : ''}`} aria-label={label}>
      {items.map((item) => (
        <li key={keyOf(item)}>{children(item)}</li>
      ))}
    </ul>
  );
}
