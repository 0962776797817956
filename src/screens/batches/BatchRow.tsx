import Link from 'next/link';
import { isStop } from '@/core/assess';
import { potOf } from '@/core/batch/plan';
import type { Batch, Pot } from '@/core/batch/schema';
import type { Known } from '@/core/learn';
import { formatMinutes } from '@/core/quantity';
import { Miniature } from '@/drawings/plot';
import { useAssessment } from '@/ui/useAssessment';

/** One planned batch: its name, pot and time at a glance, and its warnings. */
export function BatchRow({
  batch,
  pot,
  known,
  cooked,
}: {
  readonly batch: Batch;
  readonly pot: Pot;
  /** Null until it is worked out. */
  readonly known: Known | null;
  readonly cooked: number;
}) {
  const as = known && { pot: potOf(batch, known.pots), kitchen: known.kitchen };
  const { assessment, error } = useAssessment(batch, as?.pot ?? null, as?.kitchen ?? null);
  const stops = assessment?.findings.filter((f) => isStop(f) && f.code !== 'empty').length ?? 0;
  const warns = assessment?.findings.filter((f) => f.level === 'warn').length ?? 0;
  const state = !assessment
    ? (error ?? '')
    : batch.items.length === 0
      ? 'empty'
      : stops > 0
        ? 'needs fixing first'
        : warns > 0
          ? `${warns} ${warns === 1 ? 'warning' : 'warnings'}`
          : 'ready to cook';
  const tone = stops > 0 || error ? 'text-rust' : warns > 0 ? 'text-[#7a5c12]' : 'text-leaf';
  return (
    <Link
      href={`/bench/${batch.id}`}
      className="panel flex flex-wrap items-center justify-between gap-x-6 gap-y-2 px-5 py-3.5 hover:border-copper"
    >
      <div className="min-w-0 flex-1 basis-56">
        <h2 className="line-clamp-2 text-lead leading-snug font-semibold">{batch.name}</h2>
        <p className="truncate text-small text-quiet">
          {[
            batch.kind,
            pot.name,
            assessment && batch.items.length > 0 ? formatMinutes(assessment.time.totalMin) : '',
            cooked > 0 ? `cooked ${cooked}×` : '',
          ]
            .filter(Boolean)
            .join(' · ')}
        </p>
        {/* As high before it is known: what one is about to touch stays where it is. */}
        <p className={`min-h-[1lh] text-small font-medium ${tone}`}>{state}</p>
      </div>
      <div className="w-full max-w-[200px]">
        <Miniature assessment={assessment} capacityL={pot.capacityL} maxFill={pot.maxFill} />
      </div>
    </Link>
  );
}
