'use client';

import { useState } from 'react';
import type { Assessment } from '@/core/assess';
import type { Batch, Kitchen, Pot } from '@/core/batch/schema';
import { formatMinutes } from '@/core/quantity';
import { USUAL_WISHES, type GuardedSolution as Solution, type Wishes } from '@/core/solve';
import { Button } from '@/ui/Button';
import { Choice, Field } from '@/ui/forms/Field';
import { Sheet } from '@/ui/Sheet';
import { Toggle } from '@/ui/forms/Toggle';
import { useEnding } from '@/ui/useEnding';
import { ask } from '@/workers';

type Found =
  | { readonly kind: 'solution'; readonly solution: Solution }
  | { readonly kind: 'failed'; readonly message: string };

const OPENINGS = ['not at all', 'once at most', 'twice at most'] as const;
const NOODLES: readonly (readonly [Wishes['noodles'], string])[] = [
  ['either', 'no preference'],
  ['in', 'in this pot: they thicken the soup and keep absorbing it'],
  ['apart', 'cooked separately: leftovers stay brothy'],
];
const RELEASES: readonly (readonly [Wishes['release'], string])[] = [
  ['either', 'no preference'],
  ['quick', 'as fast as is safe: ready soonest'],
  ['natural', 'natural: gentler on meat and beans, slower'],
];

function Compare({ now, solution }: { readonly now: Assessment; readonly solution: Solution }) {
  const wrong = now.items.filter((i) => i.needMin !== null && i.verdict !== 'right').length;
  const lids = now.time.steps.filter((s) => s.kind === 'pressure').length;
  const rows: readonly (readonly [string, string, string])[] = [
    ['total time', formatMinutes(now.time.totalMin), formatMinutes(solution.totalMin)],
    ['lid opened in between', String(Math.max(0, lids - 1)), String(solution.openings)],
    ['not right', String(wrong), String(solution.unmet.filter((u) => u.item !== null).length)],
  ];
  return (
    <table className="w-full text-left text-small">
      <caption className="sr-only">The plan now, and as proposed</caption>
      <thead className="text-quiet">
        <tr>
          <td />
          <th scope="col" className="py-1 font-normal">
            as it is
          </th>
          <th scope="col" className="py-1 font-semibold text-ink">
            proposed
          </th>
        </tr>
      </thead>
      <tbody>
        {rows.map(([what, before, after]) => (
          <tr key={what} className="border-t border-hairline">
            <th scope="row" className="py-1.5 font-normal text-quiet">
              {what}
            </th>
            <td className="figure text-lg">{before}</td>
            <td className="figure text-lg">{after}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function Proposal({ now, solution }: { readonly now: Assessment; readonly solution: Solution }) {
  return (
    <div className="space-y-3" data-testid="proposal">
      <Compare now={now} solution={solution} />
      {solution.unmet.length > 0 && (
        <div role="status" className="border-l-[6px] border-rust pl-3">
          <p className="font-semibold text-rust">Not everything can be met:</p>
          <ul className="text-small">
            {solution.unmet.map((u) => (
              <li key={u.sentence} className="first-letter:uppercase">
                {u.sentence}
              </li>
            ))}
          </ul>
        </div>
      )}
      {solution.changes.length === 0 ? (
        <p>The plan already does this.</p>
      ) : (
        <ul aria-label="What changes" className="list-disc space-y-0.5 pl-5 text-small">
          {solution.changes.map((change) => (
            <li key={change}>{change}</li>
          ))}
        </ul>
      )}
    </div>
  );
}

/** Options that the cook leaves open, and those that stay. */
function WishFields({
  wishes,
  by,
  wrongBy,
  stays,
  onWish,
  onBy,
}: {
  readonly wishes: Wishes;
  /** Minutes it is to be ready within, as typed. */
  readonly by: string;
  readonly wrongBy: boolean;
  /** Options that can be held in place. */
  readonly stays: Assessment['items'];
  readonly onWish: (change: Partial<Wishes>) => void;
  readonly onBy: (text: string) => void;
}) {
  return (
    <>
      <div className="grid grid-cols-2 gap-x-3 gap-y-2 sm:gap-4">
        <Choice
          id="openings"
          label="Open the lid in between"
          value={wishes.openings}
          onChange={(e) => onWish({ openings: Number(e.target.value) })}
        >
          {OPENINGS.map((words, n) => (
            <option key={words} value={n}>
              {words}
            </option>
          ))}
        </Choice>
        <Field
          id="by"
          label="Ready within, minutes"
          inputMode="numeric"
          value={by}
          placeholder="any"
          error={wrongBy ? 'minutes, 5 to 1440' : undefined}
          onChange={(e) => onBy(e.target.value)}
        />
        <Choice
          id="noodles"
          label="Noodles"
          value={wishes.noodles}
          onChange={(e) => onWish({ noodles: e.target.value as Wishes['noodles'] })}
        >
          {NOODLES.map(([value, words]) => (
            <option key={value} value={value}>
              {words}
            </option>
          ))}
        </Choice>
        <Choice
          id="school"
          label="Release"
          value={wishes.release}
          onChange={(e) => onWish({ release: e.target.value as Wishes['release'] })}
        >
          {RELEASES.map(([value, words]) => (
            <option key={value} value={value}>
              {words}
            </option>
          ))}
        </Choice>
      </div>
      <fieldset>
        <legend className="text-small font-medium">Leave in place</legend>
        <div className="mt-1 flex flex-wrap gap-x-4">
          {stays.map((item) => (
            <label key={item.id} className="inline-flex min-h-11 items-center gap-2">
              <input
                type="checkbox"
                className="size-5 accent-copper"
                checked={wishes.keep.includes(item.id)}
                onChange={(e) =>
                  onWish({
                    keep: e.target.checked
                      ? [...wishes.keep, item.id]
                      : wishes.keep.filter((id) => id !== item.id),
                  })
                }
              />
              {item.name}
            </label>
          ))}
        </div>
      </fieldset>
      <Toggle
        label="May suggest smaller cuts"
        checked={wishes.cuts}
        onChange={(cuts) => onWish({ cuts })}
      />
    </>
  );
}

/** Finds an order in which all is done at once: the cook's choices, and the proposal beside the plan. */
export function SolveSheet({
  batch,
  pot,
  kitchen,
  assessment,
  onTake,
  onClose,
}: {
  readonly batch: Batch;
  readonly pot: Pot;
  readonly kitchen: Kitchen;
  readonly assessment: Assessment;
  readonly onTake: (batch: Batch) => void;
  readonly onClose: () => void;
}) {
  const [wishes, setWishes] = useState<Wishes>(USUAL_WISHES);
  const [by, setBy] = useState('');
  const [found, setFound] = useState<Found | null>(null);
  const [busy, setBusy] = useState(false);
  const signal = useEnding();
  const byMin = by.trim() === '' ? undefined : Number(by);
  const wrongBy = byMin !== undefined && !(byMin >= 5 && byMin <= 1440);
  const set = (change: Partial<Wishes>): void => {
    setWishes({ ...wishes, ...change });
    setFound(null);
  };
  const find = async (): Promise<void> => {
    const own = signal();
    setBusy(true);
    setFound(null);
    try {
      const wanted = { ...wishes, ...(byMin !== undefined && { byMin }) };
      const solution = await ask('solve', [batch, pot, kitchen, wanted], { signal: own });
      setFound({ kind: 'solution', solution });
    } catch (error) {
      if (own.aborted) return;
      setFound({ kind: 'failed', message: error instanceof Error ? error.message : String(error) });
    }
    setBusy(false);
  };
  return (
    <Sheet
      open
      onClose={onClose}
      title="Fix the timing for me"
      foot={
        <>
          <Button look="quiet" onClick={onClose}>
            Continue as planned
          </Button>
          {found?.kind === 'solution' && found.solution.worse.length === 0 ? (
            <Button
              look="copper"
              onClick={() => {
                onTake(found.solution.batch);
                onClose();
              }}
            >
              Take it
            </Button>
          ) : (
            <Button look="copper" disabled={busy || wrongBy} onClick={() => void find()}>
              {busy ? 'Working it out…' : 'Find a timing'}
            </Button>
          )}
        </>
      }
    >
      <WishFields
        wishes={wishes}
        by={by}
        wrongBy={wrongBy}
        stays={assessment.items.filter((i) => i.needMin !== null && !i.apart)}
        onWish={set}
        onBy={(text) => {
          setBy(text);
          setFound(null);
        }}
      />
      <div aria-live="polite">
        {busy && <div className="h-24 animate-pulse rounded-xl bg-hairline/50" />}
        {found?.kind === 'failed' && (
          <p role="alert" className="text-rust">
            No better timing was found: {found.message}. Nothing has changed.
          </p>
        )}
        {found?.kind === 'solution' && found.solution.worse.length > 0 && (
          <p role="alert" className="text-rust">
            A timing was found, but it is less safe than your plan, so it is not offered.{' '}
            {found.solution.worse.join('. ')}. Fix the warnings first, then try again.
          </p>
        )}
        {found?.kind === 'solution' && found.solution.worse.length === 0 && (
          <Proposal now={assessment} solution={found.solution} />
        )}
      </div>
    </Sheet>
  );
}
