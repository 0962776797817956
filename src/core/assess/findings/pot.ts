import type { PlannedItem } from '../../batch/plan';
import { capital, spoken } from '../../food';
import { formatDegrees } from '../../quantity';
import { USUAL_DUTY } from '../../heat';
import { RELEASES, releasesFor } from '../../vocabulary';
import type { Finding, Remedy } from '../types';
import { type Context, type Judge } from './context';

/** The ways round a spray, in the order in which cooks choose. */
export function calmer({ model, releases }: Context, step: string): readonly Remedy[] {
  const report = releases.find((r) => r.step === step);
  if (!report) return [];
  const { waitMin, bursts } = report;
  const remedies: Remedy[] = [];
  if (bursts)
    remedies.push({
      do: 'set-release',
      step,
      release: { method: 'pulsed', duty: USUAL_DUTY },
      label: RELEASES.pulsed.remedy,
    });
  if (waitMin !== null && waitMin > 0)
    remedies.push({
      do: 'set-release',
      step,
      release: { method: 'timed', afterMin: waitMin },
      label: `Wait ${waitMin} min first`,
    });
  if (releasesFor(model.pot.kind).includes('coldwater'))
    remedies.push({
      do: 'set-release',
      step,
      release: { method: 'coldwater' },
      label: RELEASES.coldwater.remedy,
    });
  remedies.push({
    do: 'set-release',
    step,
    release: { method: 'natural' },
    label: RELEASES.natural.remedy,
  });
  return remedies;
}

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
        title: `A slower release is kinder to ${spoken(item.food.name)}`,
        message: `${capital(spoken(item.food.name))}: ${first.cost ?? ''}. Its centre stands ${formatDegrees(first.superheatC, units)} above the boil as the steam goes.`,
        why: 'What is hotter inside than the boiling point around it boils from within: c ΔT / L of its mass. Common practice: natural for meat in large pieces and for pulses.',
        numbers: { superheatC: first.superheatC, flashPercent: first.flashPercent },
        item: item.id,
        step: r.step,
        remedies: [
          {
            do: 'set-release',
            step: r.step,
            release: { method: 'timed', afterMin: 10 },
            label: 'Wait 10 min first',
          },
          {
            do: 'set-release',
            step: r.step,
            release: { method: 'natural' },
            label: RELEASES.natural.remedy,
          },
        ],
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

function isThickener(item: PlannedItem): boolean {
  return item.food.key === 'starch' || item.food.key === 'flour';
}

/** Shares of the contents from which paste, and thick stuff, are worth a word (common practice, no source). */
const PASTE_SHARE = 0.015;
const THICK_SHARE = 0.3;
/** From here paste is likely to catch; thick stuff is where so little of the contents is free (assumed). */
const MUCH_PASTE = 0.04;
const THIN_SHARE = 0.2;

export const scorch: Judge = (context) => {
  const all = underPressure(context);
  const inside = all.filter((item) => !isThickener(item));
  const total = all.reduce((sum, item) => sum + item.massG, 0);
  const share = (from: number): number =>
    inside.filter((i) => i.food.scorch >= from).reduce((sum, i) => sum + i.massG, 0) / (total || 1);
  const paste = share(3);
  const thick = share(2);
  if (paste < PASTE_SHARE && thick < THICK_SHARE) return [];
  const freeKg = Math.min(...context.filled.closings.map((c) => c.levels.lidOn.freeKg));
  const thickens = thick >= THICK_SHARE && (1000 * freeKg) / (total || 1) < THIN_SHARE;
  const names = inside.filter((i) => i.food.scorch >= 2).map((i) => spoken(i.food.name));
  return [
    {
      code: 'scorch-risk',
      level: paste >= MUCH_PASTE || thickens ? 'warn' : 'note',
      title: 'It can catch on the bottom',
      message: `Lay ${names.join(' and ')} on top, unstirred, and scrape the bottom clean before the lid goes on.`,
      why: 'Thick, starchy or sugary layers on the heated bottom scorch before the pot comes to pressure (common practice).',
      numbers: { pasteShare: paste, thickShare: thick },
      remedies: [],
    },
  ];
};
