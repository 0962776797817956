import { useEffect, useState } from 'react';
import type { ReleaseOption } from '@/core/assess';
import { foodOf, type Batch, type Kitchen, type Pot, type Release } from '@/core/batch';
import { releasesAway } from '@/workers';

function name(release: Release): string {
  switch (release.method) {
    case 'timed':
      return `timed, ${release.afterMin} min`;
    case 'pulsed':
      return `pulsed, open ${Math.round(100 * (release.duty ?? 0))} %`;
    case 'coldwater':
      return 'cold water';
    case 'natural':
    case 'quick':
      return release.method;
  }
}

/** What a way costs, the gravest first: the valve, verdicts, texture. */
function costs(option: ReleaseOption, batch: Batch): string {
  const called = (id: string): string => {
    const item = batch.items.find((i) => i.id === id);
    return (item && foodOf(item)?.name) ?? id;
  };
  const out: string[] = [];
  if (!option.safe) out.push('sprays');
  for (const [id, verdict] of Object.entries(option.verdicts))
    if (verdict !== 'right') out.push(`${called(id)} ${verdict}`);
  for (const t of option.textures)
    if (t.cost !== null && t.superheatC > 3) out.push(`${called(t.item)}: ${t.cost}`);
  return out.slice(0, 3).join('; ') || 'nothing';
}

/** The releases of a step side by side: how long each takes and what it costs. */
export function ReleaseTable({
  batch,
  pot,
  kitchen,
  step,
}: {
  readonly batch: Batch;
  readonly pot: Pot;
  readonly kitchen: Kitchen;
  readonly step: string;
}) {
  const [options, setOptions] = useState<readonly ReleaseOption[] | null>(null);
  useEffect(() => {
    let over = false;
    void releasesAway(batch, pot, kitchen, step).then((found) => {
      if (!over) setOptions(found);
    });
    return () => {
      over = true;
    };
  }, [batch, pot, kitchen, step]);
  if (!options) return <div className="h-32 animate-pulse rounded-xl bg-hairline/50" />;
  if (options.length === 0) return null;
  return (
    <table className="w-full text-left text-[13px]">
      <caption className="pb-1 text-left text-[14px] font-medium">What each release costs</caption>
      <thead className="text-quiet">
        <tr>
          <th className="py-1 pr-2 font-normal">release</th>
          <th className="py-1 pr-2 font-normal">min</th>
          <th className="py-1 font-normal">costs</th>
        </tr>
      </thead>
      <tbody>
        {options.map((option) => (
          <tr key={option.release.method} className="border-t border-hairline align-top">
            <th scope="row" className="whitespace-nowrap py-1 pr-2 font-medium">
              {name(option.release)}
            </th>
            <td className="figure py-1 pr-2 text-[15px]">
              {Math.max(1, Math.round(option.minutes))}
            </td>
            <td className={`py-1 ${option.safe ? '' : 'font-semibold text-rust'}`}>
              {costs(option, batch)}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
