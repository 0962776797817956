import { Plus } from 'lucide-react';
import type { Assessment } from '@/core/assess';
import { stepsOf, type Batch } from '@/core/batch';
import { segmentsOf, type Segment } from './stepSegments';
import { AXIS_LEFT, AXIS_RIGHT } from './axis';

const LOOK: Readonly<Record<Segment['phase'], string>> = {
  'warm-up': 'bg-[#e3e8ec]',
  hold: 'bg-[#f0dfc8]',
  release: 'bg-[#dbe3ee]',
  step: 'bg-[#efe8cf]',
};

/** Share of the bar below which a label would only be cut off; the tooltip and the name still say it. */
const ROOM_FOR_LABEL = 0.13;

/** The phases of the cook under the Trace, each a button to its step. */
export function StepBar({
  batch,
  assessment,
  onEdit,
  onAdd,
}: {
  readonly batch: Batch;
  readonly assessment: Assessment;
  readonly onEdit: (step: string) => void;
  readonly onAdd: () => void;
}) {
  const segments = segmentsOf(stepsOf(batch), assessment.time.steps);
  const total = Math.max(1, assessment.time.totalMin.p50);
  return (
    <div className="flex items-center">
      <div style={{ width: AXIS_LEFT }} />
      <ol aria-label="Steps" className="flex min-w-0 flex-1 gap-0.5">
        {segments.map((segment) => (
          <li
            key={segment.key}
            className="min-w-0"
            style={{ flex: `${Math.max(segment.minutes / total, 0.035)} 1 0` }}
          >
            <button
              type="button"
              onClick={() => onEdit(segment.step)}
              title={`${segment.label} min`}
              aria-label={`${segment.label} min, change`}
              className={`h-11 w-full truncate rounded-md border border-hairline px-1 text-[13px] font-medium hover:border-copper ${LOOK[segment.phase]}`}
            >
              {segment.minutes / total > ROOM_FOR_LABEL && segment.label}
            </button>
          </li>
        ))}
      </ol>
      <div className="grid place-items-center" style={{ width: AXIS_RIGHT }}>
        <button
          type="button"
          onClick={onAdd}
          aria-label="Add a step"
          title="Add a step"
          className="grid size-11 place-items-center rounded-full text-copper hover:bg-copper/10"
        >
          <Plus size={20} aria-hidden />
        </button>
      </div>
    </div>
  );
}
