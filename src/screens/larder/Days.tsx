import type { LarderDay } from '@/core/keep';
import type { Units } from '@/core/quantity';
import { lightFormat } from 'date-fns';
import { noteWords } from './larderWords';

const WEEKDAYS = ['Sun', 'Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat'];

/** The next days: what to use, what has its last day, what to thaw, when it runs out. */
export function Days({
  days,
  units,
}: {
  readonly days: readonly LarderDay[] | null;
  readonly units: Units;
}) {
  if (!days) return <div className="h-32 animate-pulse rounded-xl bg-hairline/50" />;
  return (
    <ol
      aria-label="The next days"
      className="grid border-t border-hairline max-sm:divide-y max-sm:divide-hairline sm:grid-cols-7 sm:divide-x sm:divide-hairline"
    >
      {days.map(({ at, notes }, i) => (
        <li key={at} className="min-w-0 px-2 py-2 max-sm:flex max-sm:gap-3">
          <h3 className="text-body font-semibold max-sm:w-16 max-sm:shrink-0">
            {i === 0 ? 'Today' : WEEKDAYS[new Date(at).getDay()]}
            <span className="ml-1 text-mini font-normal text-quiet sm:hidden lg:inline">
              {lightFormat(at, 'd')}
            </span>
          </h3>
          <ul className="space-y-0.5 text-fine leading-[17px] break-words">
            {notes.map((note, n) => {
              const { text, tone, sign } = noteWords(note, units);
              return (
                <li key={n} className={tone}>
                  {sign && <span aria-hidden>{sign} </span>}
                  {text}
                </li>
              );
            })}
            {notes.length === 0 && <li className="text-quiet max-sm:hidden">–</li>}
          </ul>
        </li>
      ))}
    </ol>
  );
}
