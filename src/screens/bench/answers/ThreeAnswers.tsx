import type { Assessment, Draws } from '@/core/assess';
import type { Batch, Kitchen } from '@/core/batch/schema';
import { useClock } from '@/ui/clock';
import { fitAnswer, rightAnswer, timeAnswer, type Answer } from './answerWords';

const TONE: Readonly<Record<Answer['tone'], string>> = {
  good: 'text-leaf',
  bad: 'text-rust',
  plain: '',
};

function One({ question, answer }: { readonly question: string; readonly answer: Answer }) {
  return (
    <div>
      <dt className="text-fine text-quiet">{question}</dt>
      <dd className={`figure text-figure leading-7 ${TONE[answer.tone]}`}>{answer.value}</dd>
      <dd className="text-fine leading-snug">{answer.sentence}</dd>
    </div>
  );
}

/** The three answers that a cook comes for. */
export function ThreeAnswers({
  assessment,
  draws,
  batch,
  kitchen,
}: {
  readonly assessment: Assessment;
  readonly draws: Draws | null;
  readonly batch: Batch;
  readonly kitchen: Kitchen;
}) {
  const clock = useClock();
  if (batch.items.length === 0)
    return (
      <p className="text-body text-quiet">
        Put something in the pot. Three answers then stand here: will it fit, when is it ready, is
        everything right?
      </p>
    );
  return (
    <dl className="space-y-2" aria-label="Answers">
      <One question="Will it fit?" answer={fitAnswer(assessment, kitchen)} />
      <One
        question="When is it ready?"
        answer={timeAnswer(assessment, draws, batch, clock.now())}
      />
      <One question="Is everything right?" answer={rightAnswer(assessment)} />
    </dl>
  );
}
