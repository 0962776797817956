import type { Jar } from '@/core/batch';
import { firstToUse, type Keeps } from '@/core/keep';
import type { Units } from '@/core/quantity';
import { contentWords, keepsWords } from './larderWords';

/** Shown of what is to be used first. */
const SHOWN = 4;

/** What to use first; a touch opens it. */
export function UseFirst({
  jars,
  keeps,
  now,
  units,
  onOpen,
}: {
  readonly jars: readonly Jar[];
  readonly keeps: Keeps;
  readonly now: number;
  readonly units: Units;
  readonly onOpen: (jar: Jar) => void;
}) {
  const first = firstToUse(
    jars.filter((jar) => jar.where === 'fridge'),
    keeps,
  ).slice(0, SHOWN);
  if (first.length === 0) return null;
  return (
    <section aria-label="Use first">
      <h2 className="text-[14px] text-quiet">Use first</h2>
      <ul className="divide-y divide-hairline border-y border-hairline">
        {first.map((jar) => {
          const { text, presses } = keepsWords(jar, keeps, now);
          return (
            <li key={jar.id}>
              <button
                type="button"
                className="min-h-11 w-full py-2 text-left hover:bg-ink/5"
                onClick={() => onOpen(jar)}
              >
                <span className="font-semibold">{jar.name}</span>{' '}
                <span className={presses ? 'font-semibold text-rust' : ''}>{text}</span>
                <span className="block text-[13px] text-quiet">{contentWords(jar, units)}</span>
              </button>
            </li>
          );
        })}
      </ul>
    </section>
  );
}
