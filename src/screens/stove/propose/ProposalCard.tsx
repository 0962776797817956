'use client';

import { stepsOf } from '@/core/batch/plan';
import type { Cook } from '@/core/batch/schema';
import { changeWords, planNow } from '@/core/cook';
import type { Option, Proposal } from '@/core/live';
import { Button } from '@/ui/Button';
import { proposalWords } from './liveWords';

/** The one thing proposed: what it gives and costs, to take or to leave. */
export function ProposalCard({
  cook,
  proposal,
  onTake,
  onLeave,
}: {
  readonly cook: Cook;
  readonly proposal: Proposal;
  readonly onTake: (option: Option) => void;
  readonly onLeave: (option: Option) => void;
}) {
  const { option } = proposal;
  const step = stepsOf(planNow(cook)).find((s) => s.id === option.step);
  const plannedMin = step?.kind === 'pressure' ? step.holdMin : 0;
  const title = changeWords(option.change, option.minutes, plannedMin);
  return (
    <section
      aria-label="Proposed"
      className="mt-5 max-w-2xl rounded-xl border-2 border-cobalt bg-panel px-5 py-4"
    >
      <h3 className="figure text-2xl text-cobalt">{title}?</h3>
      <p className="mt-1 text-lead">
        {proposalWords(proposal, cook.batch, Date.parse(cook.startedAt))}
      </p>
      <div className="mt-3 flex flex-wrap gap-3">
        <Button look="copper" size="large" onClick={() => onTake(option)}>
          {title}
        </Button>
        <Button size="large" onClick={() => onLeave(option)}>
          Continue as planned
        </Button>
      </div>
    </section>
  );
}
