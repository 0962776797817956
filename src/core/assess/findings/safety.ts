import { formatTemperature } from '../../quantity';
import { KIDNEY_MIN } from '../../guard';
import { boiledMin, safeCentreC } from '../../model';
import type { Finding } from '../types';
import { DANGER, does, timesInTen, type Context, type Judge } from './context';
import { longer } from './remedies';

const FSIS = 'USDA FSIS safe minimum internal temperatures';

const WHY = {
  poultry: (from: string) => `Poultry is safe at ${from} at the centre (${FSIS}).`,
  minced: (from: string) => `Minced meat is safe at ${from} at the centre (${FSIS}).`,
  'whole-cut': (from: string) => `Whole cuts are safe at ${from} and 3 min of rest (${FSIS}).`,
} as const;

/** Whether it is unsafe as given, or too often when drawn. */
function isUnsafe({ draws }: Context, id: string, asGiven: boolean): boolean {
  return asGiven || (draws?.risks.unsafe[id] ?? 0) > DANGER;
}

function oftenWords({ draws }: Context, id: string, asGiven: boolean): string {
  const often = timesInTen(draws?.risks.unsafe[id] ?? 0);
  return asGiven ? '' : ` As reckoned that is enough; about ${often} it is not.`;
}

export const centreSafety: Judge = (context) => {
  const { model, items, units } = context;
  return model.plan.items.flatMap((planned): Finding[] => {
    const { safety } = planned.food;
    const safeC = safeCentreC(planned.food);
    const item = items.find((i) => i.id === planned.id);
    if (!safety || safety === 'kidney-bean' || safeC === null) return [];
    if (!item || item.apart || item.centreC === null) return [];
    const asGiven = item.centreC < safeC;
    if (!isUnsafe(context, item.id, asGiven)) return [];
    return [
      {
        code: safety === 'poultry' ? 'poultry-not-safe' : 'meat-not-safe',
        level: 'stop',
        title: `${does(item.name, 'is', 'are')} not safe yet`,
        message: `Its centre gets to ${formatTemperature(item.centreC, units)}; it must pass ${formatTemperature(safeC, units)}.${oftenWords(context, item.id, asGiven)} Test the thickest piece with a thermometer.`,
        why: WHY[safety](formatTemperature(safeC, units)),
        numbers: { centreC: item.centreC, safeC },
        item: item.id,
        remedies: longer(context, item),
      },
    ];
  });
};

export const kidneyBeans: Judge = (context) => {
  const { model, items } = context;
  return model.plan.items.flatMap((planned): Finding[] => {
    const item = items.find((i) => i.id === planned.id);
    if (planned.food.safety !== 'kidney-bean' || !item || item.apart) return [];
    const boiled = boiledMin(model, item.id);
    const asGiven = boiled < KIDNEY_MIN;
    if (!isUnsafe(context, item.id, asGiven)) return [];
    return [
      {
        code: 'kidney-bean-toxin',
        level: 'stop',
        title: 'Kidney beans are still toxic',
        message: `They get ${boiled.toFixed(0)} of the ${KIDNEY_MIN} min of boiling that destroy their lectin.${oftenWords(context, item.id, asGiven)} Underdone beans make people ill.`,
        why: 'Raw kidney beans carry phytohaemagglutinin: soak 5 h, then boil 30 min (FDA Bad Bug Book).',
        numbers: { boiledMin: boiled, neededMin: KIDNEY_MIN },
        item: item.id,
        remedies: longer(context, item),
      },
    ];
  });
};
