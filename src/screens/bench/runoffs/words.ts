/** Words about the broths. */
import { setName } from '@/core/vocabulary';
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
      ? `Ten minutes more of broth ${last.run} would add nothing`
      : last.tenMoreG > 0
        ? `Ten minutes more of broth ${last.run} would add ${formatGrams(last.tenMoreG, units, 1)}`
        : `Broth ${last.run} is past its best: ten minutes more would lose ${formatGrams(Math.abs(last.tenMoreG), units, 1)} of gelatin`;
  if (!next) return `${more}.`;
  if (next.refused) return `${more}. No further broth: ${next.refused}.`;
  return `${more}; another broth would give ${formatGrams(next.strongG, units)}, ${setName(setOf(next.gPerL))}, for ${formatMinutes(next.minutes)} and ${next.fuelKWh.toFixed(1)} kWh.`;
}

/** The other answers, each a name and a value. */
export function answers(a: Assessment, units: Units): readonly (readonly [string, string])[] {
  const { runOffs, fill, bones } = a;
  if (!runOffs) return [];
  const fat = bones.reduce((sum, r) => sum + r.fatG, 0);
  const wanted = setName(runOffs.wanted);
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
