import type { PlannedItem } from '../../batch';
import { formatDegrees, formatLevel } from '../../quantity';
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

/** A release that spoils meat or pulses, where a slower one would not. */
export const releaseCosts: Judge = ({ model, releases, units }) =>
  releases.flatMap((r): Finding[] => {
    if (r.method === 'natural' || r.method === 'timed') return [];
    const hurt = r.textures.filter((t) => t.cost !== null && t.superheatC > 3);
    const first = hurt[0];
    const item = model.plan.items.find((i) => i.id === first?.item);
    if (!first || !item) return [];
    return [
      {
        code: 'release-costs',
        level: 'note',
        title: `A slower release is kinder to ${item.food.name}`,
        message: `${capital(item.food.name)}: ${first.cost ?? ''}. Its centre stands ${formatDegrees(first.superheatC, units)} above the boil as the steam goes.`,
        why: 'What is hotter inside than the boiling point around it boils from within: c ΔT / L of its mass. Common practice: natural for meat in large pieces and for pulses.',
        numbers: { superheatC: first.superheatC, flashPercent: first.flashPercent },
        item: item.id,
        step: r.step,
        remedy: {
          do: 'set-release',
          step: r.step,
          release: { method: 'natural' },
          label: 'Let the pin drop by itself',
        },
      },
    ];
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

function isThickener(item: PlannedItem): boolean {
  return item.food.key === 'starch' || item.food.key === 'flour';
}

export const thickener: Judge = (context) =>
  underPressure(context)
    .filter((item) => isThickener(item) && item.massG > 5)
    .map((item) => ({
      code: 'scorch-risk' as const,
      level: 'warn' as const,
      title: `${capital(item.food.name)} catches on the bottom`,
      message:
        'Stir it into cold liquid and add it after opening, then simmer until it clears; under pressure it sinks, scorches and foams.',
      why: 'Common practice: starch thickeners wait until after pressure; 8 g for 240 ml make it medium thick.',
      numbers: { massG: item.massG },
      item: item.id,
      remedy: {
        do: 'put-in-after' as const,
        item: item.id,
        minutes: 3,
        label: 'Stir it in after opening',
      },
    }));

/** Shares of the contents from which thick stuff catches (common practice, no source). */
const PASTE_SHARE = 0.015;
const THICK_SHARE = 0.3;

export const scorch: Judge = (context) => {
  const all = underPressure(context);
  const inside = all.filter((item) => !isThickener(item));
  const total = all.reduce((sum, item) => sum + item.massG, 0);
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
