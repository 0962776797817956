/** A note on what is set out to cool: not in its pot. */
import { COOL_C, COOL_WITHIN_MIN, HOT_C, ruleWords } from '../../guard';
import { formatMinutes, formatTemperature } from '../../quantity';
import { valueAt } from '../../series';
import type { Finding } from '../types';
import type { Judge } from './context';

/** Minutes that the contents have been between hot and cool by the end of a step; 0 while hot. */
function betweenMin(s: readonly number[], celsius: readonly number[], to: number): number {
  let minutes = 0;
  for (let i = to; i > 0; i--) {
    const t = celsius[i] ?? HOT_C;
    if (t >= HOT_C) break;
    if (t > COOL_C) minutes += (valueAt(s, i) - valueAt(s, i - 1)) / 60;
  }
  return minutes;
}

/** The model leaves what cools in its pot, which is too slow; shallow pans are meant. */
export const slowInPot: Judge = ({ model, units }) => {
  const { trace } = model.heat;
  const cooked = model.plan.steps.findIndex((s) => s.kind === 'pressure' || s.kind === 'simmer');
  return model.plan.steps.flatMap((step, index): Finding[] => {
    if (cooked < 0 || index <= cooked || step.kind !== 'cool') return [];
    const last = trace.step.findLastIndex((n) => n === index);
    const minutes = betweenMin(trace.s, trace.liquidC, last);
    if (last < 0 || minutes <= COOL_WITHIN_MIN) return [];
    return [
      {
        code: 'slow-cooling',
        level: 'note',
        title: 'Do not leave it in the pot: it cools too slowly',
        message: `Left in its open pot it would be between ${formatTemperature(HOT_C, units)} and ${formatTemperature(COOL_C, units)} for ${formatMinutes(minutes)}. Shallow pans, an ice bath or small jars.`,
        why: ruleWords('cooling'),
        numbers: { minute: minutes },
        step: step.id,
        remedies: [],
      },
    ];
  });
};
