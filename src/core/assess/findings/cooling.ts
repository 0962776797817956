/** Judgements on food that stands and gets cold: slowly is unsafe. */
import { COLD_C, COOL_C, COOL_WITHIN_MIN, HOT_C, KEEP_HOT_C } from '../../guard';
import { formatMinutes, formatTemperature, type Units } from '../../quantity';
import { KEEPS_WARM_C } from '../../heat';
import { valueAt } from '../../series';
import type { Finding } from '../types';
import type { Judge } from './context';

const ruleWords = (units: Units): string =>
  `Cooked food must pass from ${formatTemperature(HOT_C, units)} to ${formatTemperature(COOL_C, units)} within 2 h and to ${formatTemperature(COLD_C, units)} within 4 h more (FDA Food Code 3-501.14). Ask your food-safety authority where the rule differs.`;

/** Minutes that the contents have stood between hot and cool by the end of a step; 0 while hot. */
function betweenMin(s: readonly number[], celsius: readonly number[], to: number): number {
  let minutes = 0;
  for (let i = to; i > 0; i--) {
    const t = celsius[i] ?? HOT_C;
    if (t >= HOT_C) break;
    if (t > COOL_C) minutes += (valueAt(s, i) - valueAt(s, i - 1)) / 60;
  }
  return minutes;
}

export const slowCooling: Judge = ({ model, units }) => {
  const { trace, steps } = model.heat;
  const cooked = model.plan.steps.findIndex((s) => s.kind === 'pressure' || s.kind === 'simmer');
  return model.plan.steps.flatMap((step, index): Finding[] => {
    if (cooked < 0 || index <= cooked || (step.kind !== 'rest' && step.kind !== 'cool')) return [];
    const last = trace.step.findLastIndex((n) => n === index);
    const minutes = betweenMin(trace.s, trace.liquidC, last);
    if (last < 0 || minutes <= COOL_WITHIN_MIN) return [];
    const ends = formatTemperature(valueAt(trace.liquidC, last), units);
    const lasts = formatMinutes(((steps[index]?.endS ?? 0) - (steps[index]?.startS ?? 0)) / 60);
    // What is meant to cool goes into shallow pans; the model leaves it in its pot.
    const meant = step.kind === 'cool';
    return [
      {
        code: 'slow-cooling',
        level: meant ? 'note' : 'stop',
        title: meant ? 'Not in the pot: it cools too slowly' : 'It stands lukewarm for too long',
        message: meant
          ? `Left in its open pot it would be between ${formatTemperature(HOT_C, units)} and ${formatTemperature(COOL_C, units)} for ${formatMinutes(minutes)}. Shallow pans, an ice bath or small jars.`
          : `After ${lasts} with the heat off it is at ${ends}, and has been below ${formatTemperature(HOT_C, units)} for ${formatMinutes(minutes)}. Keep it above ${formatTemperature(KEEP_HOT_C, units)}, or cool it fast.`,
        why: `${ruleWords(units)} An electric pot left on keeps it at about ${formatTemperature(KEEPS_WARM_C, units)}, which is safe.`,
        numbers: { minute: minutes },
        step: step.id,
        remedies:
          !meant && model.pot.kind === 'electric'
            ? [{ do: 'keep-warm', step: step.id, label: 'Leave the pot on: it keeps warm' }]
            : [],
      },
    ];
  });
};
