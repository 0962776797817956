import { later } from '@/drawings/later';
import type { LongListProps } from './VirtualList';

/** Lists up to this length are rendered whole, for search, print and screen readers. */
const ALL = 60;

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
