/** A pot as its form holds it: texts in the kitchen's units, lines as fractions. */
import { usualPowerW } from '@/core/batch/household';
import { pressureUnit } from '@/core/batch/plan';
import type { Kitchen, Pot } from '@/core/batch/schema';
import { formatShare } from '@/core/quantity';
import { toNumbers } from '@/ui/forms/numbers';
import { allKept, allShown, type Dimension, type Dimensions } from '@/ui/forms/unitFields';

const LINES = ['maxFill', 'foamFill'] as const;
const NUMBERS = ['capacityL', 'innerDiameterCm', 'minLiquidL', 'powerW', 'efficiency', 'lossWPerK'];
const DIMENSIONS: Dimensions = {
  capacityL: 'volume',
  innerDiameterCm: 'across',
  minLiquidL: 'measure',
  lossWPerK: 'loss',
};

export interface PotFields {
  id: string;
  name: string;
  kind: Pot['kind'];
  capacityL: string;
  innerDiameterCm: string;
  maxFill: string;
  foamFill: string;
  minLiquidL: string;
  powerW: string;
  efficiency: string;
  lossWPerK: string;
  measured: boolean;
  settings: { name: string; gaugeKPa: string }[];
}

/** How a kitchen's fields show a pressure. */
export function settingDimension(kitchen: Kitchen): Dimension {
  return pressureUnit(kitchen) === 'bar' ? 'bars' : 'pressure';
}

const text = (value: unknown): string =>
  typeof value === 'number' || typeof value === 'string' ? String(value) : '';

/** A pot as the fields show it. */
export function shownPot(pot: Pot, kitchen: Kitchen): PotFields {
  const seen = allShown(pot, DIMENSIONS, kitchen.units);
  return {
    id: pot.id,
    name: pot.name,
    kind: pot.kind,
    capacityL: text(seen.capacityL),
    innerDiameterCm: text(seen.innerDiameterCm),
    maxFill: formatShare(pot.maxFill),
    foamFill: formatShare(pot.foamFill),
    minLiquidL: text(seen.minLiquidL),
    powerW: text(pot.powerW),
    efficiency: text(pot.efficiency),
    lossWPerK: text(seen.lossWPerK),
    measured: pot.measured ?? false,
    settings: pot.settings.map((s) => ({
      name: s.name,
      gaugeKPa: text(allShown(s, { gaugeKPa: settingDimension(kitchen) }, kitchen.units).gaugeKPa),
    })),
  };
}

/**
 * Pot that the fields describe: numbers read into metric ones, empty fields with their usual value or left out.
 * Anything but a number stays a text, for the schema to refuse.
 * @param before the pot that the form began with: a field that still shows it keeps it to the last digit, and what
 *   the form does not know of it is kept
 */
export function readPot(values: PotFields, before: Pot, kitchen: Kitchen): unknown {
  const { units } = kitchen;
  const read = allKept(toNumbers(values, [...NUMBERS, ...LINES]), before, DIMENSIONS, units);
  for (const line of LINES)
    if (values[line] === formatShare(before[line])) read[line] = before[line];
  const { capacityL } = read;
  read['powerW'] ??= usualPowerW(values.kind, typeof capacityL === 'number' ? capacityL : 6);
  const pot = {
    ...before,
    ...read,
    measured: values.measured || undefined,
    // By name: a setting that was taken away has moved the others up.
    settings: values.settings.map((s) => {
      const was = before.settings.find(({ name }) => name === s.name) ?? {};
      return allKept(
        toNumbers(s, ['gaugeKPa']),
        was,
        { gaugeKPa: settingDimension(kitchen) },
        units,
      );
    }),
  };
  return Object.fromEntries(Object.entries(pot).filter(([, v]) => v !== undefined));
}
