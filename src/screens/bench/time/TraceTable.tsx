import { pressureUnit } from '@/core/batch/plan';
import { formatLevel, formatPressure, formatTemperature } from '@/core/quantity';
import { valueAt } from '@/core/series';
import { usePlan, useOverTheClock } from '../plan';

/** The curves as a table with a row for each part of the cook, for readers who cannot see them (WCAG 1.1.1). */
export function TraceTable() {
  const assessment = usePlan((p) => p.assessment);
  const kitchen = usePlan((p) => p.kitchen);
  const { clock } = useOverTheClock('assessment');
  if (!assessment) return null;
  const { series } = assessment;
  const rows = series.minute.flatMap((minute, i) => {
    const begins = i === 0 || series.phase[i] !== series.phase[i - 1];
    const isLast = i === series.minute.length - 1;
    return begins || isLast
      ? [
          {
            key: i,
            at: clock(minute),
            phase: isLast ? 'end' : (series.phase[i] ?? ''),
            liquid: formatTemperature(valueAt(series.liquidC, i), kitchen.units),
            pressure: formatPressure(valueAt(series.gaugeKPa, i), pressureUnit(kitchen)),
            level: formatLevel(valueAt(series.levelL, i), kitchen.units),
          },
        ]
      : [];
  });
  return (
    <table className="sr-only">
      <caption>Temperature, pressure and level over time</caption>
      <thead>
        <tr>
          {['time', 'part', 'liquid', 'pressure', 'level'].map((name) => (
            <th key={name} scope="col">
              {name}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map(({ key, at, phase, liquid, pressure, level }) => (
          <tr key={key}>
            <th scope="row">{at}</th>
            <td>{phase}</td>
            <td>{liquid}</td>
            <td>{pressure}</td>
            <td>{level}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
