import type { Assessment } from '@/core/assess';
import { pressureUnit } from '@/core/batch/plan';
import type { Kitchen } from '@/core/batch/schema';
import { formatLevel, formatPressure, formatTemperature } from '@/core/quantity';
import { valueAt } from '@/core/series';
import type { ClockText } from '@/drawings/time';

/** The pot at the cursor's moment, read out: what Trace and Well show there, in figures. */
export function Moment({
  assessment,
  sample,
  kitchen,
  clock,
}: {
  readonly assessment: Assessment;
  readonly sample: number | null;
  readonly kitchen: Kitchen;
  readonly clock: ClockText;
}) {
  const { series } = assessment;
  const at = sample ?? 0;
  const minute = valueAt(series.minute, at);
  const rows: readonly (readonly [string, string])[] = [
    ['Liquid', formatTemperature(valueAt(series.liquidC, at), kitchen.units)],
    ['Pressure', formatPressure(valueAt(series.gaugeKPa, at), pressureUnit(kitchen))],
    ['Level', formatLevel(valueAt(series.levelL, at), kitchen.units)],
  ];
  return (
    <dl
      className="grid grid-cols-3 gap-x-3 border-t border-hairline pt-1.5"
      aria-label="At the cursor"
      data-testid="moment"
    >
      <dt className="sr-only">Moment</dt>
      <dd className="col-span-3 text-fine text-quiet">
        {sample === null ? 'As it starts' : `At ${clock(minute)}, ${series.phase[at] ?? ''}`}
      </dd>
      {rows.map(([name, value]) => (
        <div key={name}>
          <dt className="text-mini text-quiet">{name}</dt>
          <dd className="figure text-lg">{value}</dd>
        </div>
      ))}
    </dl>
  );
}
