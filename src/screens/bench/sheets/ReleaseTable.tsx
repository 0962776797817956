import { useMemo } from 'react';
import { SAFE_CHANCE } from '@/core/guard';
import { type ReleaseOption } from '@/core/assess';
import { foodOf } from '@/core/batch/plan';
import type { Batch, Kitchen, Pot } from '@/core/batch/schema';
import { releaseOf, waitOf, type Release } from '@/core/vocabulary';
import { useNewest } from '@/ui/useNewest';
import { ask } from '@/workers';

function name(release: Release): string {
  const { compared, waits } = releaseOf(release.method);
  return waits === 'always' ? `${compared} ${waitOf(release)} min` : compared;
}

/** The chance of liquid at the valve, as a cook says it. */
function valveWords({ release, sprayChance, safe }: ReleaseOption): string {
  if (releaseOf(release.method).lets === null) return 'shut';
  if (!safe && sprayChance < SAFE_CHANCE) return 'may froth: wait';
  if (sprayChance < 0.005) return 'clear steam';
  if (sprayChance < SAFE_CHANCE) return 'hardly spits';
  return sprayChance < 0.05
    ? 'spits now and then'
    : `spits ${Math.max(1, Math.round(10 * sprayChance))} in 10`;
}

/** Effect of a way on the food: its grade and texture, a food a sentence. */
function costs(option: ReleaseOption, batch: Batch): string {
  const done = new Map<string, string[]>(
    Object.entries(option.grades).map(([id, grade]) => [id, [grade]]),
  );
  for (const t of option.textures)
    if (t.cost !== null && t.superheatC > 3)
      done.set(t.item, [...(done.get(t.item) ?? []), t.cost]);
  const out = [...done].map(([id, words]) => {
    const item = batch.items.find((i) => i.id === id);
    return `${(item && foodOf(item)?.name) ?? id} ${words.join(', ')}`;
  });
  return out.slice(0, 3).join('; ') || 'nothing';
}

interface Question {
  readonly batch: Batch;
  readonly pot: Pot;
  readonly kitchen: Kitchen;
  readonly step: string;
}

const releases = ({ batch, pot, kitchen, step }: Question): Promise<readonly ReleaseOption[]> =>
  ask('compareReleases', [batch, pot, kitchen, step]);

/** The releases of a step side by side: how long each takes and what it costs. */
export function ReleaseTable({ batch, pot, kitchen, step }: Question) {
  const question = useMemo(() => ({ batch, pot, kitchen, step }), [batch, pot, kitchen, step]);
  const { answer, failure } = useNewest(question, releases);
  // The assessment of the same batch reports failures.
  const options = failure ? [] : answer?.answer;
  if (!options) return <div className="h-32 animate-pulse rounded-xl bg-hairline/50" />;
  if (options.length === 0) return null;
  return (
    <table className="w-full text-left text-fine">
      <caption className="pb-1 text-left text-small font-medium">
        Ways to release the pressure
      </caption>
      <thead className="text-quiet">
        <tr>
          <th className="py-1 pr-2 font-normal">release</th>
          <th className="py-1 pr-2 font-normal">min</th>
          <th className="py-1 pr-2 font-normal">valve</th>
          <th className="py-1 font-normal">to the food</th>
        </tr>
      </thead>
      <tbody>
        {options.map((option) => (
          <tr key={option.release.method} className="border-t border-hairline align-top">
            <th scope="row" className="whitespace-nowrap py-1 pr-2 font-medium">
              {name(option.release)}
            </th>
            <td className="figure py-1 pr-2 text-body">
              {Math.max(1, Math.round(option.minutes))}
            </td>
            <td
              className={`whitespace-nowrap py-1 pr-2 ${option.safe ? '' : 'font-semibold text-rust'}`}
            >
              {valveWords(option)}
            </td>
            <td className="py-1">{costs(option, batch)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
