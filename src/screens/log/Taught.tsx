import { useMemo } from 'react';
import type { Bundle, Cook } from '@/core/batch/schema';
import { useHousehold } from '@/ui/household';
import { oddWords, taughtWords } from '@/ui/learned/knownWords';
import { LeaveOut } from '@/ui/learned/LeaveOut';
import { reasonWords, useNewest } from '@/ui/useNewest';
import { taughtAway } from '@/workers';
import { Said } from '@/ui/said';

type Asked = Pick<Bundle, 'kitchen' | 'cooks'> & { readonly cook: Cook };

const told = ({ cook, kitchen, cooks }: Asked, signal: AbortSignal) =>
  taughtAway(cook, { kitchen, cooks }, signal);

/** Lesson of a cook, in words and numbers; and the way to leave it out. */
export function Taught({ cook }: { readonly cook: Cook }) {
  const { cooks, kitchen } = useHousehold();
  const over = cook.endedAt !== undefined && !cook.rehearsal;
  const asked = useMemo<Asked | null>(
    () => (over && cook.lesson && !cook.leftOut ? { cook, kitchen, cooks } : null),
    [over, cook, kitchen, cooks],
  );
  const { answer, failure } = useNewest(asked, told);
  if (!over) return null;
  // Keeps the old lesson until the new one is there; a cook left out teaches nothing.
  const taught = asked && answer?.of.cook.id === cook.id ? answer.answer : null;
  const lines = taught ? taughtWords(taught) : [];
  const waits = asked !== null && answer?.of !== asked && failure?.of !== asked;
  return (
    <section aria-labelledby="taught" className="mt-7">
      <h2 id="taught" className="text-lg font-semibold">
        What Retort learned from it
      </h2>
      {(!cook.lesson || (waits && !taught)) && <p className="mt-1 text-quiet">Working it out…</p>}
      {asked && !waits && !failure && lines.length === 0 && (
        <p className="mt-1 text-quiet">
          Nothing yet: mark when the pot is at pressure, and say how things were.
        </p>
      )}
      {failure && failure.of === asked && (
        <p className="mt-1 text-rust">It could not be worked out: {reasonWords(failure.reason)}</p>
      )}
      {lines.length > 0 && (
        <ul className="mt-1 list-disc space-y-1 pl-5 text-body">
          {lines.map((line) => (
            <li key={line}>
              <Said>{line}</Said>
            </li>
          ))}
        </ul>
      )}
      {taught && taught.odd.length > 0 && (
        <p className="mt-2 border-l-4 border-l-straw pl-3 text-body">{oddWords(taught.odd)}</p>
      )}
      <LeaveOut cook={cook} />
    </section>
  );
}
