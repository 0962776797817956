import { does, spoken } from '../../food';
import { isStock, isToBreakDown, waterL } from '../../batch/plan';
import { SALTY_PERCENT, waterToDilute } from '../../finish';
import { formatSalt, formatVolume } from '../../quantity';
import { drinkersOf } from '../../model';
import type { Finding } from '../types';
import { type Judge } from './context';

const SALT_WHY =
  'Salt of every ingredient by its label or usual content, over what is left in the pot. Soup wants 0.6 to 0.9 % (common practice); what reduces gets saltier.';
/** The most salt that soup wants, %. */
const SOUP_MOST = 0.9;
/** Less than a pinch is not worth a call, g. */
const PINCH_G = 2;

export const salty: Judge = ({ model, units, salt, filled }) => {
  if (salt.percent <= SALTY_PERCENT) return [];
  const extraL = waterToDilute(salt.grams, salt.massG, SOUP_MOST) / 1000;
  const litres = waterL(model.plan.batch) + extraL;
  const finding: Finding = {
    code: 'salty',
    level: 'warn',
    title: 'It will be salty',
    message: `${formatSalt(salt.grams, units)} of salt make ${salt.percent.toFixed(1)} % of the finished pot; soup wants 0.6 to 0.9 %.`,
    why: SALT_WHY,
    numbers: { grams: salt.grams, percent: salt.percent },
    remedies:
      extraL <= filled.report.waterToLineL
        ? [
            {
              do: 'set-water',
              litres,
              label: `Thin it: ${formatVolume(litres, units)} of water in all`,
            },
          ]
        : [],
  };
  return [finding];
};

export const saltLeft: Judge = ({ model, units, salt, finish }) => {
  const { batch } = model.plan;
  if (batch.items.length < 2 || salt.percent > SALTY_PERCENT) return [];
  if (isStock(batch)) {
    if (salt.percent < 0.25) return [];
    return [
      {
        code: 'salt-at-end',
        level: 'note',
        title: 'A stock is better unsalted',
        message: `It already holds ${formatSalt(salt.grams, units)} of salt, ${salt.percent.toFixed(1)} %; boiled down to half it would be ${(2 * salt.percent).toFixed(1)} %.`,
        why: SALT_WHY,
        numbers: { grams: salt.grams, percent: salt.percent },
        remedies: [],
      },
    ];
  }
  if (finish.saltToAddG < PINCH_G) return [];
  return [
    {
      code: 'salt-at-end',
      level: 'note',
      title: 'Salt at the end',
      message: `The ingredients bring ${formatSalt(salt.grams, units)}; about ${formatSalt(finish.saltToAddG, units)} are left to add, to taste.`,
      why: SALT_WHY,
      numbers: { grams: salt.grams, percent: salt.percent, toAddG: finish.saltToAddG },
      remedies: [],
    },
  ];
};

/** Less does not show by tomorrow, g. */
const WORTH_G = 20;

export const noodlesDrink: Judge = ({ model, units, finish }) => {
  // A congee drinks its water and is the better for it.
  const left = drinkersOf(model.plan).filter((i) => i.massG > WORTH_G && !isToBreakDown(i));
  if (left.length === 0) return [];
  const many = left.length > 1;
  return [
    {
      code: 'noodles-drink',
      level: 'note',
      title: 'Leftovers will soak up the broth',
      message: `${does(left.map((i) => spoken(i.food.name)).join(' and '), 'keeps', 'keep')} soaking up broth in the bowl and in the fridge: about ${formatVolume(finish.drinksOnL, units)} by tomorrow. Keep some broth back, or cook ${many ? 'them' : 'it'} separately.`,
      why: 'Common practice; cooked pasta and grain take up a third more as they stand.',
      numbers: {
        massG: left.reduce((sum, i) => sum + i.massG, 0),
        drinksOnL: finish.drinksOnL,
      },
      remedies: left.map((i) => ({
        do: 'apart' as const,
        item: i.id,
        label: `Cook the ${spoken(i.food.name)} separately`,
      })),
    },
  ];
};
