import { nanoid } from 'nanoid';
import type { Pot } from '@/core/batch/schema';
import type { Units } from '@/core/quantity';
import { potName, PotRow } from '@/ui/PotRow';
import { Sheet } from '@/ui/Sheet';

/** Usual pots to pick a new one from. */
export function NewPot({
  units,
  onPick,
  onClose,
}: {
  readonly units: Units;
  readonly onPick: (pot: Pot) => void;
  readonly onClose: () => void;
}) {
  return (
    <Sheet open onClose={onClose} title="Which pot is it?">
      <p className="text-quiet">Pick the nearest; set its exact size and lines next.</p>
      <PotRow
        units={units}
        onPick={(pot) => onPick({ ...pot, id: nanoid(10), name: potName(pot, units) })}
      />
    </Sheet>
  );
}
