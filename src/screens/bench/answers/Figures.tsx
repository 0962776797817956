import type { ReactNode } from 'react';
import type { Assessment } from '@/core/assess';
import type { ReleaseReport } from '@/core/model';
import type { Batch, Kitchen } from '@/core/batch/schema';
import { SALTY_PERCENT, thicknessWord } from '@/core/finish';
import { releaseOf, thickName, waitOf } from '@/core/vocabulary';
import { formatLevel, formatMass, formatSalt, formatVolume } from '@/core/quantity';
import { useKept } from '@/ui/kept';
import { Term } from '@/ui/Term';
import type { TermId } from '@/words';

/** Less is not worth a row, g, L. */
const FAT_G = 15;
const ABSORBED_L = 0.05;
const KEPT = 'bench-figures';

/** When the valve may be opened, in the order in which cooks choose. */
function valveAdvice({ waitMin, bursts }: ReleaseReport): string {
  if (waitMin === 0) return 'quick release is safe';
  if (bursts)
    return waitMin === null ? 'in short bursts only' : `in short bursts, or wait ${waitMin} min`;
  return waitMin === null ? 'let the pin drop by itself' : `wait at least ${waitMin} min`;
}

function releaseWords(assessment: Assessment, batch: Batch): string {
  const last = assessment.release.at(-1);
  if (!last) return 'none: no lid';
  const step = batch.steps?.find((s) => s.id === last.step);
  const release = step?.kind === 'pressure' ? step.release : undefined;
  const { read, waits } = releaseOf(last.method);
  const minutes = waits === 'always' ? waitOf(release) : Math.max(1, Math.round(last.minutes));
  return `${minutes} min ${read}; ${valveAdvice(last)}`;
}

function saltWords({ salt, finish }: Assessment, { units }: Kitchen): string {
  const percent = `${salt.percent.toFixed(1)} %`;
  if (salt.percent > SALTY_PERCENT) return `${percent}: too salty`;
  return finish.saltToAddG >= 1
    ? `${percent}: needs ${formatSalt(finish.saltToAddG, units)} more`
    : `${percent}: about right`;
}

/** The figures behind the three answers; the page remembers whether they are open. */
export function Figures({
  assessment,
  batch,
  kitchen,
}: {
  readonly assessment: Assessment;
  readonly batch: Batch;
  readonly kitchen: Kitchen;
}) {
  const [kept, keep] = useKept(KEPT);
  const { units } = kitchen;
  const { pas, fatG, drinksOnL, bowls, bowlL } = assessment.finish;
  const brothL = assessment.fill.finishedBrothL;
  const servings = batch.servings ?? 0;
  const thick = (value: number): string => thickName(thicknessWord(value));
  const rows: readonly (readonly [name: ReactNode, text: string] | null)[] = [
    [term('release'), releaseWords(assessment, batch)],
    [
      term('brothLeft'),
      `${formatLevel(brothL, units)}${servings > 0 ? `, ${formatVolume(brothL / servings, units)} a serving` : ''}`,
    ],
    [term('makes'), `${Math.max(0, Math.round(bowls))} servings of ${formatVolume(bowlL, units)}`],
    [term('salt'), saltWords(assessment, kitchen)],
    ['Thickness when served', thick(pas.table)],
    ['An hour later', thick(pas.hour)],
    ['Tomorrow', thick(pas.tomorrow)],
    fatG >= FAT_G ? ['Fat to skim', formatMass(fatG, units)] : null,
    drinksOnL >= ABSORBED_L ? [term('absorbed'), formatVolume(drinksOnL, units)] : null,
  ];
  return (
    <details
      className="text-fine"
      open={kept === 'open'}
      onToggle={(event) => keep(event.currentTarget.open ? 'open' : 'shut')}
    >
      <summary className="min-h-6 cursor-pointer text-quiet">More figures</summary>
      <dl className="space-y-1 border-y border-hairline py-1.5" aria-label="Figures">
        {rows.map(
          (row, i) =>
            row && (
              // Rows keep their order.
              <div key={i} className="flex justify-between gap-3">
                <dt className="shrink-0 text-quiet">{row[0]}</dt>
                <dd className="text-right">{row[1]}</dd>
              </div>
            ),
        )}
      </dl>
    </details>
  );
}

function term(id: TermId): ReactNode {
  return <Term id={id} />;
}
