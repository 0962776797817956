import Link from 'next/link';
import { useMemo } from 'react';
import type { Cook, Kitchen, Pot } from '@/core/batch/schema';
import { forgets, forgottenUntil, potTold } from '@/core/learn';
import { BeliefChart, type Dot } from '@/drawings/belief';
import { isoOf } from '@/session/clock';
import { dateAndTime } from '@/session/clockText';
import { Button } from '@/ui/Button';
import { useClock } from '@/ui/clock';
import { cooksWords, factorRange } from '@/ui/learned/knownWords';
import { believeAgain, forget } from '@/ui/learned/learning';
import { LeaveOut } from '@/ui/learned/LeaveOut';
import { Term } from '@/ui/Term';

const percent = (factor: number): string => `${Math.round(100 * factor)} %`;
/** The latest of them are listed. */
const LISTED = 6;

/** Knowledge about a pot: before any cook, now, by which cooks; reset, and one cook left out. */
export function PotKnowledge({
  pot,
  kitchen,
  cooks,
  onKettle,
  busy,
}: {
  readonly pot: Pot;
  readonly kitchen: Kitchen;
  readonly cooks: readonly Cook[];
  readonly onKettle: () => void;
  /** Something is on in it. */
  readonly busy: boolean;
}) {
  const clock = useClock();
  const told = useMemo(() => potTold(pot, kitchen, cooks), [pot, kitchen, cooks]);
  const dots = told.cooks.flatMap(({ cook, factor, odd }): readonly Dot[] =>
    factor === null ? [] : [{ id: cook.id, factor, odd: odd.length > 0 }],
  );
  const out = cooks.filter((cook) => cook.leftOut && cook.pot.id === pot.id);
  const forgotten = forgottenUntil(kitchen, forgets.pot(pot.id));
  const count = told.cooks.length;
  const tested = told.cooks.find(({ cook }) => cook.kettle);
  return (
    <div className="w-full border-t border-hairline pt-3">
      <div className="flex flex-wrap items-start gap-x-6 gap-y-2">
        <div className="min-w-0 flex-1 basis-64">
          <h4 className="font-semibold">
            <Term id="strength">How strong your pot really is</Term>
          </h4>
          <p className="text-small" data-testid="knowledge">
            {count === 0
              ? `Not measured yet: ${factorRange(told.prior)} of the power on its label.`
              : `${percent(told.now.middle)} of the power on its label, by ${cooksWords(count)}, usually ${factorRange(told.now)}. Before any cook it was ${factorRange(told.prior)}.`}
            {tested && ' A kettle test is one of them.'}
          </p>
          <p className="mt-1 flex flex-wrap items-center gap-x-4">
            <Button onClick={onKettle} disabled={busy}>
              Kettle test
            </Button>
            {count > 0 && (
              <Button look="quiet" onClick={() => forget(forgets.pot(pot.id), isoOf(clock))}>
                Forget all this
              </Button>
            )}
            {forgotten !== '' && (
              <Button look="quiet" onClick={() => believeAgain(forgets.pot(pot.id))}>
                Use it again
              </Button>
            )}
          </p>
          <p className="mt-1 text-fine text-quiet">
            {busy
              ? 'This pot is in use.'
              : 'Plain water to pressure and back takes a quarter of an hour and shows how strong the pot is.'}
          </p>
        </div>
        <div className="w-full max-w-sm sm:w-72">
          <BeliefChart
            belief={told.curves}
            dots={dots}
            label={`Heat of ${pot.name}: before any cook ${factorRange(told.prior)}, now ${factorRange(told.now)}`}
          />
          <p className="text-mini text-quiet">
            Share of the label’s power that arrives. Wide curve: before any cook. Narrow curve: now.
            Each dot is one cook.
          </p>
        </div>
      </div>
      {(count > 0 || out.length > 0) && (
        <details className="mt-1 text-small">
          <summary className="min-h-9 cursor-pointer text-quiet">The cooks behind it</summary>
          <ul className="divide-y divide-hairline border-y border-hairline">
            {told.cooks.slice(0, LISTED).map(({ cook, factor, odd }) => (
              <li key={cook.id} className="py-1.5">
                <span className="flex flex-wrap justify-between gap-x-4">
                  <Link href={`/log/${cook.id}`} className="font-medium text-cobalt underline">
                    {cook.batch.name}
                  </Link>
                  <span className="text-quiet">
                    {dateAndTime(new Date(cook.startedAt))}
                    {factor !== null && `, ${percent(factor)} by itself`}
                    {odd.length > 0 && ', does not fit with the rest'}
                  </span>
                </span>
                <LeaveOut cook={cook} />
              </li>
            ))}
            {out.slice(0, LISTED).map((cook) => (
              <li key={cook.id} className="py-1.5">
                <Link href={`/log/${cook.id}`} className="font-medium text-cobalt underline">
                  {cook.batch.name}
                </Link>
                <LeaveOut cook={cook} />
              </li>
            ))}
          </ul>
          {count > LISTED && <p className="text-quiet">and {cooksWords(count - LISTED)} before.</p>}
        </details>
      )}
    </div>
  );
}
