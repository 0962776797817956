import type { Kitchen } from '@/core/batch/schema';
import { formatVolume } from '@/core/quantity';

/** The water of the plan; of repeated runs, the one that the Well shows and its handle moves. */
export function WaterLine({
  litres,
  run,
  runs,
  kitchen,
  onRun,
}: {
  readonly litres: number;
  /** From 0. */
  readonly run: number;
  readonly runs: number;
  readonly kitchen: Kitchen;
  readonly onRun: (run: number) => void;
}) {
  return (
    <div className="flex items-center justify-between gap-2 border-b border-hairline pb-1">
      <span className="text-small text-quiet">Water{runs > 1 && ' of broth'}</span>
      {runs > 1 && (
        <span role="group" aria-label="Broth shown in the pot" className="mr-auto flex gap-1">
          {Array.from({ length: runs }, (_, i) => (
            <button
              key={i}
              type="button"
              aria-pressed={i === run}
              onClick={() => onRun(i)}
              className="grid size-8 place-items-center rounded-full border border-copper text-small font-semibold text-copper aria-pressed:bg-copper aria-pressed:text-white max-lg:size-11"
            >
              {i + 1}
            </button>
          ))}
        </span>
      )}
      <span className="figure text-2xl" data-testid="water">
        {formatVolume(litres, kitchen.units)}
      </span>
    </div>
  );
}
