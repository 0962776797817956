/** What the run-offs say to the cook. */
import type { Assessment } from '@/core/assess';
import {
  formatGrams,
  formatLevel,
  formatMass,
  formatMinutes,
  formatVolume,
  LITRES_PER_QUART,
  type Units,
} from '@/core/quantity';
import { setOf } from '@/core/bones';
import type { NextRun } from '@/core/solve';

/** Whether to stop here or run again. */
export function advice(a: Assessment, next: NextRun | null, units: Units): string {
  const last = a.bones.at(-1);
  if (!last) return '';
  const more =
    Math.abs(last.tenMoreG) < 0.05
      ? `Ten minutes more of run ${last.run} would give nothing`
      : last.tenMoreG > 0
        ? `Ten minutes more of run ${last.run} would give ${formatGrams(last.tenMoreG, units, 1)}`
        : `Run ${last.run} is past its best: ten minutes more take ${formatGrams(Math.abs(last.tenMoreG), units, 1)} of the set`;
  if (!next) return `${more}.`;
  if (next.refused) return `${more}. No run after it: ${next.refused}.`;
  return `${more}; another run ${formatGrams(next.strongG, units)}, ${setOf(next.gPerL)}, for ${formatMinutes(next.minutes)} and ${next.fuelKWh.toFixed(1)} kWh.`;
}

/** The other answers, each a name and a value. */
export function answers(a: Assessment, units: Units): readonly (readonly [string, string])[] {
  const { runOffs, fill, bones } = a;
  if (!runOffs) return [];
  const fat = bones.reduce((sum, r) => sum + r.fatG, 0);
  const wanted = `“${runOffs.wanted}”`;
  const rows: (readonly [string, string])[] = [];
  if (runOffs.reduce)
    rows.push([
      `boiled down to ${wanted}`,
      `${formatLevel(runOffs.reduce.litres, units)} in ${formatMinutes(runOffs.reduce.minutes)}, ${runOffs.reduce.kWh.toFixed(1)} kWh`,
    ]);
  if (runOffs.kgPerL !== null)
    rows.push(
      units === 'metric'
        ? [`bones a litre of ${wanted}`, formatMass(1000 * runOffs.kgPerL, units)]
        : [
            `bones a quart of ${wanted}`,
            formatMass(1000 * runOffs.kgPerL * LITRES_PER_QUART, units),
          ],
    );
  rows.push([
    fill.waterToLineL >= 0 ? 'water still to the line' : 'water over the line',
    formatVolume(Math.abs(fill.waterToLineL), units),
  ]);
  if (fat >= 5) rows.push(['fat to skim', `about ${formatMass(fat, units)}`]);
  return rows;
}
