import { useMemo } from 'react';
import type { Cook } from '@/core/batch';
import { taughtBy } from '@/core/learn';
import { useHousehold } from '@/ui/household';
import { oddWords, taughtWords } from '@/ui/knownWords';
import { LeaveOut } from '@/ui/LeaveOut';

/** What a cook taught, in words and numbers; and the way to leave it out. */
export function Taught({ cook }: { readonly cook: Cook }) {
  const { cooks, kitchen } = useHousehold();
  const taught = useMemo(() => taughtBy(cook, cooks, kitchen), [cook, cooks, kitchen]);
  if (!cook.endedAt || cook.rehearsal) return null;
  const lines = taught ? taughtWords(taught) : [];
  return (
    <section aria-labelledby="taught" className="mt-7">
      <h2 id="taught" className="text-lg font-semibold">
        What it taught
      </h2>
      {!cook.lesson && <p className="mt-1 text-quiet">Working it out…</p>}
      {cook.lesson && !cook.leftOut && lines.length === 0 && (
        <p className="mt-1 text-quiet">
          Nothing yet: mark when the pot is at pressure, and say how things were.
        </p>
      )}
      {lines.length > 0 && (
        <ul className="mt-1 list-disc space-y-1 pl-5 text-[15px]">
          {lines.map((line) => (
            <li key={line}>{line}</li>
          ))}
        </ul>
      )}
      {taught && taught.odd.length > 0 && (
        <p className="mt-2 border-l-4 border-l-straw pl-3 text-[15px]">{oddWords(taught.odd)}</p>
      )}
      <LeaveOut cook={cook} />
    </section>
  );
}
