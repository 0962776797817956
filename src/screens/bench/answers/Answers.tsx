import { applyRemedy } from '@/core/assess';
import type { Advice } from '@/core/solve';
import { later } from '@/drawings/later';
import { Calls } from './Calls';
import { findingsOf, usePlan, usePlanActions } from '../plan';
import { Readings } from './Readings';

// Sources are opened seldom.
const Sources = later(
  () => import('./Sources').then((m) => m.Sources),
  () => <p className="min-h-6" />,
);

/** Nothing was tried where nothing could be drawn. */
const UNTRIED: Advice = { first: null, offers: {} };

/** Answers of the Bench: the readings, and the calls with their remedies. */
export function Answers() {
  const { save } = usePlanActions();
  const batch = usePlan((p) => p.batch);
  const pot = usePlan((p) => p.pot);
  const kitchen = usePlan((p) => p.kitchen);
  const assessment = usePlan((p) => p.assessment);
  const draws = usePlan((p) => p.draws);
  const findings = usePlan(findingsOf);
  const advice = usePlan((p) => p.judged?.advice ?? (p.undrawn ? UNTRIED : null));
  return (
    <aside className="flex min-h-0 flex-col gap-3">
      {assessment && (
        <>
          <Readings assessment={assessment} draws={draws} batch={batch} kitchen={kitchen} />
          {batch.items.length > 0 && <Sources batch={batch} pot={pot} kitchen={kitchen} />}
          <Calls
            batch={batch}
            findings={findings}
            advice={advice}
            units={kitchen.units}
            onChange={save}
            onRemedy={(remedy) => save(applyRemedy(batch, remedy))}
          />
        </>
      )}
    </aside>
  );
}
