import Link from 'next/link';
import { lightFormat } from 'date-fns';
import type { Cook } from '@/core/batch/schema';
import { historyOf } from '@/core/learn';
import { formatMinutes, type Units } from '@/core/quantity';
import { realTotalMin } from '@/core/cook';
import { verdictSummary } from './comparison';

/** Shown of a dish that is cooked every week. */
const SHOWN = 8;

/** The dish through time: each cook, what was changed for it, and how it came out. */
export function History({
  cook,
  cooks,
  units,
}: {
  readonly cook: Cook;
  readonly cooks: readonly Cook[];
  readonly units: Units;
}) {
  const versions = historyOf(cook, cooks, units);
  if (versions.length < 2) return null;
  return (
    <section className="mt-7" aria-labelledby="history">
      <h2 id="history" className="text-lg font-semibold">
        This dish so far
      </h2>
      <ol className="mt-1 border-l-2 border-steam pl-4">
        {versions.slice(-SHOWN).map(({ cook: one, changes }) => {
          const real = realTotalMin(one);
          return (
            <li
              key={one.id}
              className="relative py-1.5 before:absolute before:top-3.5 before:-left-[21px] before:size-2 before:rounded-full before:bg-cobalt"
            >
              <Link
                href={`/log/${one.id}`}
                aria-current={one.id === cook.id ? 'page' : undefined}
                className={`text-body underline-offset-4 hover:underline ${one.id === cook.id ? 'font-semibold' : 'text-cobalt'}`}
              >
                {lightFormat(new Date(one.startedAt), 'd.M.yyyy')}
              </Link>{' '}
              <span className="text-small text-quiet">
                {real === null ? '' : `${formatMinutes(real)}, `}
                {verdictSummary(one)}
              </span>
              {changes.length > 0 && <p className="text-small">{changes.join('; ')}</p>}
            </li>
          );
        })}
      </ol>
    </section>
  );
}
