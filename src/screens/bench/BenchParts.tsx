import { useCallback } from 'react';
import { Answers, First } from './answers';
import { BenchHead } from './head';
import { usePlan, useSession } from './plan';
import { BenchSheets, useShortcuts, type Shortcut } from './sheets';
import { PlanPane } from './time';
import { WellSide } from './well';

/** The open plan: its head, the pot, the time with its lanes, the answers, and the sheet over them. */
export function BenchParts() {
  const { open } = useSession();
  const listening = usePlan((p) => p.opened === null);
  const error = usePlan((p) => p.error);
  const onShortcut = useCallback(
    (what: Shortcut['opens']) => {
      if (what === 'put in') document.getElementById('put-in')?.focus();
      else open(what);
    },
    [open],
  );
  useShortcuts(onShortcut, listening);
  return (
    <main className="flex flex-1 flex-col gap-3 px-4 py-3 sm:px-6 lg:h-[calc(100dvh-55px)] lg:flex-none lg:overflow-hidden">
      <BenchHead />
      {error && (
        <p role="alert" className="rounded-lg bg-rust px-4 py-2 text-white">
          This batch cannot be worked out: {error}. Nothing is lost; undo the last change or correct
          it.
        </p>
      )}
      <div className="grid min-h-0 flex-1 grid-cols-1 gap-5 lg:grid-cols-[340px_minmax(0,1fr)_272px] lg:grid-rows-[auto_minmax(0,1fr)] lg:gap-y-3">
        <First />
        <WellSide />
        <PlanPane />
        <Answers />
      </div>
      <BenchSheets />
    </main>
  );
}
