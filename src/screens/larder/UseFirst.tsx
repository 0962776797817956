import { isFrozen } from '@/core/vocabulary';
import type { Jar } from '@/core/batch/schema';
import { dueOf, firstToUse, type Keeps } from '@/core/keep';
import { group } from 'd3-array';
import type { Units } from '@/core/quantity';
import { contentWords, keepsWords } from './larderWords';

/** Shown of what is to be used first. */
const SHOWN = 4;

/** Jars to use first; a touch opens one. */
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
  const order = firstToUse(
    jars.filter((jar) => !isFrozen(jar)),
    keeps,
  );
  // Jars of one broth made at once are one thing to use.
  const lots = [...group(order, (jar) => `${jar.name} ${dueOf(jar, keeps)}`).values()];
  if (lots.length === 0) return null;
  return (
    <section aria-label="Use first">
      <h2 className="text-small text-quiet">Use first</h2>
      <ul className="divide-y divide-hairline border-y border-hairline">
        {lots.slice(0, SHOWN).map((lot) => {
          const jar = lot[0] as Jar;
          const { text, presses } = keepsWords(jar, keeps, now);
          return (
            <li key={jar.id}>
              <button
                type="button"
                className="min-h-11 w-full py-2 text-left hover:bg-ink/5"
                onClick={() => onOpen(jar)}
              >
                <span className="font-semibold">
                  {jar.name}
                  {lot.length > 1 && `, ${lot.length} jars`}
                </span>{' '}
                <span className={presses ? 'font-semibold text-rust' : ''}>{text}</span>
                <span className="block text-fine text-quiet">
                  {contentWords(jar, units)}
                  {lot.length > 1 && ' each'}
                </span>
              </button>
            </li>
          );
        })}
      </ul>
    </section>
  );
}
