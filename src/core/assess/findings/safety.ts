import type { SafetyRule } from '../../food';
import { formatTemperature } from '../../quantity';
import type { Finding } from '../types';
import type { Judge } from './context';
import { capital } from './doneness';

interface Rule {
  readonly code: 'poultry-not-safe' | 'meat-not-safe';
  readonly centreC: number;
  readonly why: string;
}

const FSIS = 'USDA FSIS safe minimum internal temperatures';

/** Published: USDA FSIS. */
const CENTRE: Readonly<Record<Exclude<SafetyRule, 'kidney-bean'>, Rule>> = {
  poultry: {
    code: 'poultry-not-safe',
    centreC: 74,
    why: `Poultry is safe at 74 °C (165 °F) at the centre (${FSIS}).`,
  },
  minced: {
    code: 'meat-not-safe',
    centreC: 71,
    why: `Minced meat is safe at 71 °C (160 °F) at the centre (${FSIS}).`,
  },
  'whole-cut': {
    code: 'meat-not-safe',
    centreC: 63,
    why: `Whole cuts are safe at 63 °C (145 °F) and 3 min of rest (${FSIS}).`,
  },
};

/** Published: FDA Bad Bug Book, phytohaemagglutinin: boil for 30 min. */
const KIDNEY_MIN = 30;

export const centreSafety: Judge = ({ model, items, units }) =>
  model.plan.items.flatMap((planned): Finding[] => {
    const { safety } = planned.food;
    const item = items.find((i) => i.id === planned.id);
    if (!safety || safety === 'kidney-bean' || !item || item.centreC === null) return [];
    const rule = CENTRE[safety];
    if (item.centreC >= rule.centreC) return [];
    return [
      {
        code: rule.code,
        level: 'stop',
        title: `${capital(item.name)} is not safe yet`,
        message: `Its centre gets to ${formatTemperature(item.centreC, units)}; it must pass ${formatTemperature(rule.centreC, units)}. Test the thickest piece with a thermometer.`,
        why: rule.why,
        numbers: { centreC: item.centreC, safeC: rule.centreC },
        item: item.id,
      },
    ];
  });

export const kidneyBeans: Judge = ({ model, items }) =>
  model.plan.items.flatMap((planned): Finding[] => {
    const item = items.find((i) => i.id === planned.id);
    if (planned.food.safety !== 'kidney-bean' || !item || item.cookValueCentreMin >= KIDNEY_MIN)
      return [];
    return [
      {
        code: 'kidney-bean-toxin',
        level: 'stop',
        title: 'Kidney beans are still toxic',
        message: `They get ${item.cookValueCentreMin.toFixed(0)} of the ${KIDNEY_MIN} min of boiling that destroy their lectin. Underdone beans make people ill.`,
        why: 'Raw kidney beans carry phytohaemagglutinin: soak 5 h, then boil 30 min (FDA Bad Bug Book).',
        numbers: { boiledMin: item.cookValueCentreMin, neededMin: KIDNEY_MIN },
        item: item.id,
      },
    ];
  });
