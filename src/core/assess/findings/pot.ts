import { isIn } from '../../series';
import { extractionWaterL, isToBreakDown, runOf, type PlannedItem } from '../../batch/plan';
import { capital, inARow, MELTING, spoken } from '../../food';
import { contentsAt, partsAt } from '../../model';
import { formatAmount, formatDegrees, formatVolume } from '../../quantity';
import { USUAL_DUTY } from '../../heat';
import { HALF_CUP_ML, RELEASES, releasesFor } from '../../vocabulary';
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
        title: `A slower release is gentler on ${spoken(item.food.name)}`,
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

/** Foods in the pot while it is under pressure. */
function underPressure({ model }: Context): readonly PlannedItem[] {
  const steps = model.plan.steps.flatMap((s, i) => (s.kind === 'pressure' ? [i] : []));
  return model.plan.items.filter((item) => steps.some((step) => isIn(item, step)));
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

/** Solids stay where they are put; the rest is poured, and runs down to the bottom by itself. */
const LIES: ReadonlySet<string> = new Set([
  'tomato-paste',
  'canned-tomatoes',
  'nut-butter',
  'curry-paste',
  'salsa',
  'apple-sauce',
  'miso',
]);
const lies = ({ food }: PlannedItem): boolean =>
  food.shape !== null || LIES.has(food.key) || LIES.has(food.like ?? '');

/** How to keep what may catch off the bottom. */
function layWords(items: readonly PlannedItem[]): string {
  const names = (some: readonly PlannedItem[]): string =>
    inARow(some.map(({ food }) => spoken(food.name)));
  const laid = items.filter(lies);
  const poured = items.filter((item) => !lies(item));
  const words = [
    ...(laid.length > 0 ? [`lay ${names(laid)} on top, unstirred`] : []),
    ...(poured.length > 0 ? [`stir ${names(poured)} well into the thin liquid`] : []),
    'scrape the bottom clean before the lid goes on',
  ];
  return `${capital(inARow(words))}.`;
}

/** Of these a browned bottom keeps a crust (common practice, no source). */
const CRUSTS: ReadonlySet<string> = new Set(['meat', 'poultry', 'fish']);

/** Browned meat leaves a crust that scorches under the next lid, unless it is scraped off with liquid first. */
export const crust: Judge = ({ model, units }) => {
  const { plan } = model;
  const scraping = formatAmount({ value: HALF_CUP_ML, unit: 'ml' }, units);
  return plan.steps.flatMap((step, index): Finding[] => {
    if (step.kind !== 'saute' || step.deglazeMl !== undefined) return [];
    const lid = plan.steps.findIndex(({ kind }, i) => i > index && kind === 'pressure');
    // Foods browned later, or strained out, have their own scraping.
    const again = plan.steps.some(({ kind }, i) => i > index && i < lid && kind === 'saute');
    const browned = plan.items.filter((i) => CRUSTS.has(i.food.group) && isIn(i, index));
    if (lid < 0 || again || browned.length === 0) return [];
    const names = inARow(browned.map(({ food }) => spoken(food.name)));
    return [
      {
        code: 'browned-bottom',
        level: 'note',
        title: 'Scrape the bottom before the lid goes on',
        message: `Browning the ${names} leaves a crust. Pour in about ${scraping} of the liquid first and scrape it off; then the rest. What sticks scorches as it comes to pressure, and some pots stop.`,
        why: 'Browned bits on the heated bottom keep the liquid off it and burn (common practice, no source).',
        numbers: {},
        step: step.id,
        remedies: [
          {
            do: 'deglaze',
            step: step.id,
            ml: HALF_CUP_ML,
            label: `Scrape it with ${scraping} first`,
          },
        ],
      },
    ];
  });
};

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
  return [
    {
      code: 'scorch-risk',
      level: paste >= MUCH_PASTE || thickens ? 'warn' : 'note',
      title: 'It may burn on the bottom',
      message: layWords(inside.filter((i) => i.food.scorch >= 2)),
      why: 'Thick, starchy or sugary layers on the heated bottom scorch before the pot comes to pressure (common practice).',
      numbers: { pasteShare: paste, thickShare: thick },
      remedies: [],
    },
  ];
};

/** Broken-down pulse and grain sink and catch where less than this of the pot is free liquid (assumed). */
const PURE_SHARE = 0.32;
/** Liquid that keeps it moving. */
const RUNNY_SHARE = 0.42;
/** Less than this of the contents thickens nothing. */
const LEAST_PULP = 0.12;

const goesToPulp = (item: PlannedItem): boolean =>
  (item.food.group === 'pulse' || item.food.group === 'grain') &&
  (MELTING.has(item.food.key) || MELTING.has(item.food.like ?? '') || isToBreakDown(item));

/** A thick dal or porridge sinks to the heated bottom as it drinks, and scorches there under the lid. */
export const thickPulp: Judge = (context) => {
  const { model, units } = context;
  const { heat, plan } = model;
  return plan.steps.flatMap((step, index): Finding[] => {
    const at = heat.trace.step.lastIndexOf(index);
    if (step.kind !== 'pressure' || at < 0 || heat.steps[index]?.scorchedS !== null) return [];
    const parts = partsAt(model, index);
    const pulp = plan.items.filter((i) => goesToPulp(i) && isIn(i, index));
    const total = parts.reduce((sum, { massKg }) => sum + massKg, 0);
    const pulpKg = pulp.reduce((sum, { massG }) => sum + massG / 1000, 0);
    if (pulpKg < LEAST_PULP * total) return [];
    const { freeKg } = contentsAt(model, at, index);
    if (freeKg >= PURE_SHARE * total) return [];
    const run = runOf(plan.batch, index);
    const litres =
      extractionWaterL(plan.batch, run) + (RUNNY_SHARE * total - freeKg) / (1 - RUNNY_SHARE);
    const names = inARow(pulp.map(({ food }) => spoken(food.name)));
    return [
      {
        code: 'scorch-risk',
        level: 'warn',
        title: `${capital(names)} may burn on the bottom`,
        message: `By the end ${Math.round((100 * freeKg) / total)} % of the pot is liquid: a thick paste lies on the heated bottom and scorches. Use more water and cook it down with the lid off, stirring.`,
        why: 'What breaks down sinks and lies still; a paste carries hardly any heat away from the bottom (common practice: three to four parts of water to one of split lentils).',
        numbers: { freeL: freeKg, thickShare: pulpKg / total },
        step: step.id,
        remedies: [
          {
            do: 'set-water',
            litres,
            run,
            label: `Use ${formatVolume(litres, units)} of water in all`,
          },
        ],
      },
    ];
  });
};
