import type { PlannedItem } from '../../batch';
import { formatLevel } from '../../quantity';
import { SAFE_FRACTION } from '../release';
import type { Finding, Remedy } from '../types';
import type { Context, Judge } from './context';
import { capital } from './doneness';

export const sprayRisk: Judge = ({ model, releases, units }) =>
  releases
    .filter(
      (r) =>
        r.method !== 'natural' && r.method !== 'coldwater' && r.swollenFraction > SAFE_FRACTION,
    )
    .map((r): Finding => {
      const remedy: Remedy =
        r.waitMin === null
          ? {
              do: 'set-release',
              step: r.step,
              release: { method: 'natural' },
              label: 'Let the pin drop by itself',
            }
          : {
              do: 'set-release',
              step: r.step,
              release: { method: 'timed', afterMin: r.waitMin },
              label: `Wait ${r.waitMin} min first`,
            };
      const levelL = r.swollenFraction * model.pot.capacityL;
      const sprays = r.swollenFraction >= 1;
      return {
        code: 'spray-risk',
        level: sprays ? 'stop' : 'warn',
        title: sprays ? 'It will spray at the valve' : 'Foam comes close to the valve',
        message: `When the valve opens it swells to ${formatLevel(Math.min(levelL, model.pot.capacityL), units)}${sprays ? ' and beyond' : ''} of the pot’s ${formatLevel(model.pot.capacityL, units)}. Hot liquid scalds.`,
        why: 'Steam leaving through the liquid lifts it (drift flux, DIERS); starch, pulses and fat hold the bubbles.',
        numbers: {
          swollenL: levelL,
          capacityL: model.pot.capacityL,
          swollenFraction: r.swollenFraction,
        },
        step: r.step,
        remedy,
      };
    });

/** What is in the pot while it is under pressure. */
function underPressure({ model }: Context): readonly PlannedItem[] {
  const steps = model.plan.steps.flatMap((s, i) => (s.kind === 'pressure' ? [i] : []));
  return model.plan.items.filter((item) =>
    steps.some((step) => item.entersAt <= step && item.leavesAt > step),
  );
}

export const dairy: Judge = (context) =>
  underPressure(context)
    .filter((item) => item.food.group === 'dairy' && item.food.key !== 'butter')
    .map((item) => ({
      code: 'dairy-under-pressure' as const,
      level: 'warn' as const,
      title: `${capital(item.food.name)} curdles under pressure`,
      message: 'Stir it in at the end, off the boil; under pressure it splits, foams and catches.',
      why: 'Common practice: dairy and starch thickeners wait until after pressure.',
      numbers: { massG: item.massG },
      item: item.id,
      remedy: {
        do: 'put-in-after' as const,
        item: item.id,
        minutes: 2,
        label: 'Put it in after opening',
      },
    }));

/** Shares of the contents from which thick stuff catches (common practice, no source). */
const PASTE_SHARE = 0.015;
const THICK_SHARE = 0.3;

export const scorch: Judge = (context) => {
  const inside = underPressure(context);
  const total = inside.reduce((sum, item) => sum + item.massG, 0);
  const share = (from: number): number =>
    inside.filter((i) => i.food.scorch >= from).reduce((sum, i) => sum + i.massG, 0) / (total || 1);
  const paste = share(3);
  const thick = share(2);
  if (paste < PASTE_SHARE && thick < THICK_SHARE) return [];
  const names = inside.filter((i) => i.food.scorch >= 2).map((i) => i.food.name);
  return [
    {
      code: 'scorch-risk',
      level: 'warn',
      title: 'It can catch on the bottom',
      message: `Lay ${names.join(' and ')} on top, unstirred, and scrape the bottom clean before the lid goes on.`,
      why: 'Thick, starchy or sugary layers on the heated bottom scorch before the pot comes to pressure (common practice).',
      numbers: { pasteShare: paste, thickShare: thick },
    },
  ];
};

export const noodlesDrink: Judge = ({ model }) => {
  const left = model.plan.items.filter(
    (i) =>
      i.leavesAt >= model.plan.steps.length &&
      (i.food.group === 'pasta' || (i.food.group === 'grain' && i.food.cooked > 2.5)) &&
      i.massG > 20,
  );
  if (left.length === 0) return [];
  return [
    {
      code: 'noodles-drink',
      level: 'note',
      title: 'Leftovers will drink the broth',
      message: `${capital(left.map((i) => i.food.name).join(' and '))} ${left.length > 1 ? 'go' : 'goes'} on drinking in the bowl and in the fridge. Keep some broth back, or cook ${left.length > 1 ? 'them' : 'it'} apart.`,
      why: 'Common practice; cooked pasta and grain take up more as they stand.',
      numbers: { massG: left.reduce((sum, i) => sum + i.massG, 0) },
    },
  ];
};

/** Finished soup above this tastes salty, % of mass (brief: 0.6 to 0.9). */
const SALTY_PERCENT = 1.1;

export const salty: Judge = ({ salt }) =>
  salt.percent <= SALTY_PERCENT
    ? []
    : [
        {
          code: 'salty',
          level: 'warn',
          title: 'It will be salty',
          message: `${salt.grams.toFixed(0)} g of salt make ${salt.percent.toFixed(1)} % of the finished pot; soup wants 0.6 to 0.9 %.`,
          why: 'Salt of every ingredient by its label or usual content, over what is left in the pot.',
          numbers: { grams: salt.grams, percent: salt.percent },
        },
      ];
