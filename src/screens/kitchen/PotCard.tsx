import { Said } from '@/ui/said';
import type { ReactNode } from 'react';
import { pressureUnit } from '@/core/batch/plan';
import type { Kitchen, Pot } from '@/core/batch/schema';
import { formatAcross, formatLevel, formatPressure, formatTemperature } from '@/core/quantity';
import { setpoint } from '@/core/water';
import { Button } from '@/ui/Button';
import { PotSection } from '@/drawings/well';

/** A pot of the kitchen, drawn with its lines. */
export function PotCard({
  pot,
  kitchen,
  batches,
  only,
  onEdit,
  onRemove,
  children,
}: {
  readonly pot: Pot;
  readonly kitchen: Kitchen;
  /** How many batches are planned in it. */
  readonly batches: number;
  readonly only: boolean;
  readonly onEdit: () => void;
  readonly onRemove: () => void;
  /** Knowledge about it. */
  readonly children?: ReactNode;
}) {
  const { units } = kitchen;
  const high = pot.settings[0];
  const why = only
    ? 'A kitchen needs a pot'
    : batches > 0
      ? `${batches} batches are planned in it`
      : undefined;
  return (
    <li
      className="panel flex flex-wrap items-center justify-between gap-4 px-5 py-4"
      data-testid={`pot-${pot.id}`}
    >
      <div className="w-52 shrink-0">
        <PotSection pot={pot} units={units} />
      </div>
      <div className="min-w-0 flex-1 basis-52">
        <h3 className="text-lead font-semibold">{pot.name}</h3>
        <p className="text-small text-quiet">
          {formatLevel(pot.capacityL, units)}, {formatAcross(pot.innerDiameterCm, units)},{' '}
          <Said>{pot.kind}</Said>, {pot.powerW} W
        </p>
        <p className="text-small text-quiet">
          fill line {formatLevel(pot.maxFill * pot.capacityL, units)}, foam line{' '}
          {formatLevel(pot.foamFill * pot.capacityL, units)}
          {high &&
            `, ${high.name} is ${formatPressure(high.gaugeKPa, pressureUnit(kitchen))} and ${formatTemperature(setpoint(kitchen.altitudeM, high.gaugeKPa), units)}`}
        </p>
        {why && <p className="text-fine text-quiet">{why}.</p>}
      </div>
      <div className="flex gap-3">
        <Button onClick={onEdit}>Change</Button>
        <Button disabled={why !== undefined} onClick={onRemove}>
          Remove
        </Button>
      </div>
      {children}
    </li>
  );
}
