import { Said } from '@/ui/said';
import { setName } from '@/core/vocabulary';
import { X } from 'lucide-react';
import { isDry } from '@/core/bones';
import type { BonesReport } from '@/core/model';
import type { Kitchen } from '@/core/batch/schema';
import { formatGrams, formatLevel, formatStrength, type Units } from '@/core/quantity';
import { Wobble } from '@/ui/Wobble';
import { Term } from '@/ui/Term';
import type { TermId } from '@/words';

const COLUMNS = [
  'no.',
  'broth',
  'gelatine',
  'of the total',
  'strength',
  '10 min more',
  'when cold',
  '',
] as const;
/** Names that explain themselves when they are touched. */
const EXPLAINED: Readonly<Partial<Record<(typeof COLUMNS)[number], TermId>>> = {
  broth: 'broths',
  gelatine: 'gelatin',
  'when cold': 'whenCold',
};
/** Left out where there is no room for them; the other columns say enough. */
const WIDE_ONLY = new Set<string>(['of the total', '10 min more']);

function gain(grams: number, units: Units): string {
  return `${grams < 0 ? '−' : '+'}${formatGrams(Math.abs(grams), units, 1)}`;
}

/** Yield of each run, a row a run. */
export function RunOffTable({
  bones,
  kitchen,
  onStop,
}: {
  readonly bones: readonly BonesReport[];
  readonly kitchen: Kitchen;
  /** Stop after this many runs. */
  readonly onStop: (runs: number) => void;
}) {
  return (
    <table className="w-full text-left text-small whitespace-nowrap">
      <caption className="sr-only">Broths from these bones</caption>
      <thead className="text-mini text-quiet">
        <tr>
          {COLUMNS.map((name) => (
            <th
              key={name}
              scope="col"
              className={`pr-2 font-normal ${WIDE_ONLY.has(name) ? 'max-sm:hidden' : ''}`}
            >
              {EXPLAINED[name] ? (
                <Term id={EXPLAINED[name]}>
                  <Said>{name}</Said>
                </Term>
              ) : (
                <Said>{name}</Said>
              )}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {bones.map((run) => (
          <tr key={run.run} className="border-t border-hairline" data-testid={`run-${run.run}`}>
            <th scope="row" className="py-0.5 pr-2">
              <span className="grid size-6 place-items-center rounded-full border border-copper text-fine text-copper">
                {run.run}
              </span>
            </th>
            <td className="figure pr-2 text-base">{formatLevel(run.litres, kitchen.units)}</td>
            <td className="figure pr-2 text-base">{formatGrams(run.gelatineG, kitchen.units)}</td>
            <td className="pr-2 max-sm:hidden">{Math.round(100 * run.share)} %</td>
            <td className="figure pr-2 text-base">
              <Said>
                {isDry(run) ? 'boiled dry' : formatStrength(run.setsGPerL, kitchen.units)}
              </Said>
            </td>
            <td className={`pr-2 max-sm:hidden ${run.tenMoreG < 0 ? 'text-rust' : 'text-quiet'}`}>
              {gain(run.tenMoreG, kitchen.units)}
            </td>
            <td className="pr-2">
              <span className="flex items-center gap-1.5 whitespace-nowrap">
                <Wobble set={run.set} className="h-6 shrink-0" />
                {setName(run.set)}
              </span>
            </td>
            <td className="w-11 text-right">
              {run.run > 1 && (
                <button
                  type="button"
                  aria-label={`Leave out broth ${run.run} and later ones`}
                  title={`Stop after broth ${run.run - 1}`}
                  onClick={() => onStop(run.run - 1)}
                  className="grid size-7 place-items-center rounded-full text-copper hover:bg-copper/10 max-lg:size-11"
                >
                  <X size={16} aria-hidden />
                </button>
              )}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
