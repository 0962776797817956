import type { Assessment } from '@/core/assess';
import type { Cook } from '@/core/batch/schema';
import { formatLevel, formatVolume, type Units } from '@/core/quantity';
import type { Account } from '@/core/serve';
import { Button } from '@/ui/Button';
import { changeAfter } from '@/ui/larder';

/** How many bowls go to the table, and what is left over. */
export function Bowls({
  cook,
  assessment,
  account,
  units,
}: {
  readonly cook: Cook;
  readonly assessment: Assessment;
  readonly account: Account;
  readonly units: Units;
}) {
  const { bowlL } = assessment.finish;
  const bowls = cook.after?.bowls ?? 0;
  const servings = cook.batch.servings ?? 0;
  const most = Math.floor((account.bowlsL + Math.max(0, account.openL)) / bowlL + 0.25);
  const set = (next: number): void =>
    changeAfter(cook.id, (after) => ({ ...after, bowls: next, bowlL }));
  const button =
    'grid size-11 place-items-center rounded-full border border-copper text-xl text-copper hover:bg-copper/10 disabled:opacity-40';
  return (
    <div className="mt-2 flex flex-wrap items-center gap-x-4 gap-y-2">
      <span className="flex items-center gap-2">
        <button
          type="button"
          className={button}
          aria-label="One serving fewer"
          disabled={bowls === 0}
          onClick={() => set(bowls - 1)}
        >
          −
        </button>
        <output className="figure w-24 text-center text-2xl" aria-label="Servings">
          {bowls} {bowls === 1 ? 'serving' : 'servings'}
        </output>
        <button
          type="button"
          className={button}
          aria-label="One serving more"
          disabled={bowls >= most}
          onClick={() => set(bowls + 1)}
        >
          +
        </button>
      </span>
      {servings > 0 && bowls === 0 && (
        <Button look="plain" onClick={() => set(Math.min(servings, most))}>
          {Math.min(servings, most)} servings
        </Button>
      )}
      <span className="text-quiet">
        {formatVolume(bowlL, units)} each; {formatLevel(Math.max(0, account.openL), units)} left
        over
      </span>
    </div>
  );
}
