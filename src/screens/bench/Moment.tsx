import type { Assessment } from '@/core/assess';
import { pressureUnit, type Kitchen } from '@/core/batch';
import { formatLevel, formatPressure, formatTemperature } from '@/core/quantity';
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
  const minute = series.minute[at] ?? 0;
  const rows: readonly (readonly [string, string])[] = [
    ['Liquid', formatTemperature(series.liquidC[at] ?? 0, kitchen.units)],
    ['Pressure', formatPressure(series.gaugeKPa[at] ?? 0, pressureUnit(kitchen))],
    ['Level', formatLevel(series.levelL[at] ?? 0, kitchen.units)],
  ];
  return (
    <dl
      className="grid grid-cols-3 gap-x-3 border-t border-hairline pt-1.5"
      aria-label="At the cursor"
      data-testid="moment"
    >
      <dt className="sr-only">Moment</dt>
      <dd className="col-span-3 text-[13px] text-quiet">
        {sample === null ? 'As it starts' : `At ${clock(minute)}, ${series.phase[at] ?? ''}`}
      </dd>
      {rows.map(([name, value]) => (
        <div key={name}>
          <dt className="text-[12px] text-quiet">{name}</dt>
          <dd className="figure text-lg">{value}</dd>
        </div>
      ))}
    </dl>
  );
}
