import type { ReactNode } from 'react';
import type { Fate, Mark } from '@/core/batch/reading';

/** Colour of what words became; none for unused words. */
export const FATE_LOOK: Readonly<Record<Fate, string>> = {
  amount: 'decoration-cobalt/60',
  food: 'decoration-leaf',
  cut: 'decoration-copper/70',
  state: 'decoration-copper/70',
  place: 'decoration-copper/70',
  step: 'decoration-cobalt/60',
  time: 'decoration-cobalt',
  release: 'decoration-steam',
  condition: 'decoration-straw',
  vessel: 'decoration-straw',
  talk: '',
  unused: '',
};

const isUsed = (fate: Fate): boolean => fate !== 'talk' && fate !== 'unused';

interface Run {
  readonly from: number;
  readonly to: number;
  readonly fate: Fate;
}

/** Words beside each other that became the same, as one. */
function runsOf(marks: readonly Mark[]): readonly Run[] {
  const runs: Run[] = [];
  for (const { from, to, fate } of marks) {
    const last = runs.at(-1);
    if (last?.fate === fate) runs[runs.length - 1] = { ...last, to };
    else runs.push({ from, to, fate });
  }
  return runs;
}

/** A text with what became of its words: a quiet line under what was used. */
export function Marked({
  text,
  marks,
  from = 0,
  to = text.length,
}: {
  readonly text: string;
  readonly marks: readonly Mark[];
  readonly from?: number;
  readonly to?: number;
}) {
  const parts: ReactNode[] = [];
  let at = from;
  for (const run of runsOf(marks.filter((mark) => mark.from >= from && mark.to <= to))) {
    if (run.from > at) parts.push(text.slice(at, run.from));
    const words = text.slice(run.from, run.to);
    parts.push(
      isUsed(run.fate) ? (
        <span
          key={run.from}
          data-fate={run.fate}
          className={`underline decoration-2 underline-offset-4 ${FATE_LOOK[run.fate]}`}
        >
          {words}
        </span>
      ) : (
        words
      ),
    );
    at = run.to;
  }
  parts.push(text.slice(at, to));
  return <>{parts}</>;
}
