import { useMemo, useState } from 'react';
import { applyRemedy } from '@/core/assess';
import { potOf } from '@/core/batch/plan';
import type { Batch, Cook, Kitchen, Pot } from '@/core/batch/schema';
import { askedFor, changesBetween, factsOf } from '@/core/learn';
import type { Offer } from '@/core/solve';
import { Button } from '@/ui/Button';
import { useHousehold } from '@/ui/household';
import { useKnown } from '@/ui/learned/known';
import { factWords } from '@/ui/learned/knownWords';
import { Sheet } from '@/ui/Sheet';
import { useNewest } from '@/ui/useNewest';
import { ask, drawAway } from '@/workers';
import { Said } from './said';

/** Number of draws, the same as the Bench's. */
const DRAWS = 100;

interface Asked {
  readonly batch: Batch;
  readonly pot: Pot;
  readonly pots: readonly Pot[];
  readonly kitchen: Kitchen;
}

const nothing = (): void => undefined;

async function offered(
  { batch, pot, pots, kitchen }: Asked,
  signal: AbortSignal,
): Promise<Offer | null> {
  const draws = await drawAway(batch, pot, kitchen, DRAWS, nothing, signal);
  if (!draws) return null;
  return askedFor(
    batch,
    kitchen,
    await ask('judge', [batch, pot, kitchen, pots, draws], { signal }),
  );
}

/** Changes for the next time: lessons first, then the cook's own; listed before they are taken. */
export function AgainSheet({
  cook,
  batch,
  onTake,
  onClose,
}: {
  readonly cook: Cook;
  /** With what the cook wanted to change. */
  readonly batch: Batch;
  readonly onTake: (batch: Batch) => void;
  readonly onClose: () => void;
}) {
  const { kitchen } = useHousehold();
  const known = useKnown();
  const asked = useMemo<Asked | null>(
    () => known && { batch, pot: potOf(batch, known.pots), ...known },
    [batch, known],
  );
  const { answer, failure } = useNewest(asked, offered);
  const [leaves, setLeaves] = useState(false);
  const facts = asked
    ? factsOf(batch, asked.pot, asked.kitchen).flatMap((fact) => factWords(fact) ?? [])
    : [];
  const own = changesBetween(cook.batch, batch, kitchen.units);
  const offer = answer?.answer ?? null;
  const take = (): void => onTake(offer && !leaves ? applyRemedy(batch, offer.remedy) : batch);
  return (
    <Sheet
      open
      onClose={onClose}
      title={`${batch.name} again`}
      foot={
        <>
          <Button look="quiet" onClick={onClose}>
            Not now
          </Button>
          <Button look="copper" disabled={!answer && !failure} onClick={take}>
            Take it to the Bench
          </Button>
        </>
      }
    >
      <section aria-label="Learned since">
        <h3 className="font-semibold">Learned</h3>
        {asked && facts.length === 0 ? (
          <p className="text-quiet">
            Nothing about this pot or these foods yet. The plan uses the table.
          </p>
        ) : (
          <ul className="mt-1 list-disc space-y-1 pl-5">
            {facts.map((words) => (
              <li key={words}>
                <Said>{words}</Said>
              </li>
            ))}
          </ul>
        )}
        <div aria-live="polite" className="mt-2">
          {!answer && !failure && <p className="text-quiet">Working out what that needs…</p>}
          {offer && (
            <label className="flex min-h-11 items-center gap-3 rounded-lg border border-copper px-3 py-2">
              <input
                type="checkbox"
                className="size-5 accent-copper"
                checked={!leaves}
                onChange={(event) => setLeaves(!event.target.checked)}
              />
              <span>
                <b>{offer.remedy.label}</b>
                <span className="block text-small text-quiet">{offer.outcome}</span>
              </span>
            </label>
          )}
          {answer && !offer && facts.length > 0 && (
            <p className="text-quiet">The plan needs no change.</p>
          )}
        </div>
      </section>
      <section aria-label="As you wanted">
        <h3 className="font-semibold">As you wanted it</h3>
        {own.length === 0 ? (
          <p className="text-quiet">Nothing to change.</p>
        ) : (
          <ul className="mt-1 list-disc space-y-1 pl-5">
            {own.map((words) => (
              <li key={words}>
                <Said>{words}</Said>
              </li>
            ))}
          </ul>
        )}
      </section>
    </Sheet>
  );
}
