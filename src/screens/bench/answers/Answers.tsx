import { applyRemedy } from '@/core/assess';
import type { Advice } from '@/core/solve';
import { later } from '@/drawings/later';
import { Calls } from './Calls';
import { findingsOf, usePlan, usePlanActions } from '../plan';
import { Figures } from './Figures';
import { ThreeAnswers } from './ThreeAnswers';

// Sources are opened seldom.
const Sources = later(
  () => import('./Sources').then((m) => m.Sources),
  () => <p className="min-h-6" />,
);

/** Nothing was tried where nothing could be drawn. */
const UNTRIED: Advice = { first: null, offers: {} };

/** The three answers that count: first on a phone, above the warnings on a wide window. */
export function First() {
  const batch = usePlan((p) => p.batch);
  const kitchen = usePlan((p) => p.kitchen);
  const assessment = usePlan((p) => p.assessment);
  const draws = usePlan((p) => p.draws);
  return (
    <div className="lg:col-start-3 lg:row-start-1">
      {assessment && (
        <ThreeAnswers assessment={assessment} draws={draws} batch={batch} kitchen={kitchen} />
      )}
    </div>
  );
}

/** The warnings with their remedies, and the figures behind the answers. */
export function Answers() {
  const { save } = usePlanActions();
  const batch = usePlan((p) => p.batch);
  const pot = usePlan((p) => p.pot);
  const kitchen = usePlan((p) => p.kitchen);
  const assessment = usePlan((p) => p.assessment);
  const findings = usePlan(findingsOf);
  const advice = usePlan((p) => p.judged?.advice ?? (p.undrawn ? UNTRIED : null));
  return (
    <aside className="flex min-h-0 flex-col gap-3 lg:col-start-3 lg:overflow-y-auto">
      {assessment && (
        <>
          <Calls
            batch={batch}
            findings={findings}
            advice={advice}
            units={kitchen.units}
            onChange={save}
            onRemedy={(remedy) => save(applyRemedy(batch, remedy))}
          />
          {batch.items.length > 0 && (
            <>
              <Figures assessment={assessment} batch={batch} kitchen={kitchen} />
              <Sources batch={batch} pot={pot} kitchen={kitchen} />
            </>
          )}
        </>
      )}
    </aside>
  );
}
