/** Judgements on runs of bones. */
import { setName } from '../../vocabulary';
import { extractionWaterL, stepsOf } from '../../batch/plan';
import { SETS } from '../../batch/schema';
import { isDry } from '../../bones';
import { cookRate, USUAL_Z } from '../../doneness';
import { formatLevel, formatMinutes, formatStrength, formatVolume } from '../../quantity';
import type { Finding, Remedy } from '../types';
import type { BonesReport, FlavourReport } from '../../model';
import { capital, does } from '../../food';
import { type Context, type Judge } from './context';

const RATES_WHY =
  'First-order extraction by kind of bone, with rates and totals assumed until your cooks teach better.';
/** A run that gives less than this of all is hardly worth the gas (common practice: under a tenth). */
const HARDLY = 0.1;

function names(context: Context, ids: readonly string[]): string {
  return ids.flatMap((id) => context.items.find((i) => i.id === id)?.name ?? []).join(' and ');
}

function stopAfterRun(runs: number): Remedy {
  return {
    do: 'stop-after',
    runs,
    label: runs === 1 ? 'Stop after the first broth' : `Stop after broth ${runs}`,
  };
}

function spentCall(context: Context, run: BonesReport): readonly Finding[] {
  if (run.run < 2) return [];
  const crumbly = run.spent.filter((id) => {
    const item = context.model.plan.items.find((i) => i.id === id);
    return item?.food.extract?.crumbleMin !== undefined;
  });
  if (run.spent.length === 0 && run.share >= HARDLY) return [];
  const percent = Math.round(100 * run.share);
  const gives = `It gives ${percent} % of what the bones hold, for ${run.fuelKWh.toFixed(1)} kWh`;
  const past = names(context, crumbly);
  const many = names(context, run.spent);
  return [
    {
      code: 'bones-spent',
      level: past ? 'warn' : 'note',
      title: past ? `No broth ${run.run} for ${past}` : `Broth ${run.run} is hardly worth the heat`,
      message: past
        ? `${capital(past)} ${crumbly.length > 1 ? 'are' : 'is'} spent by then: splinters and a flat taste. ${gives}.`
        : `${gives}${many ? `; ${many} by then ${run.spent.length > 1 ? 'are' : 'is'} pale and thin` : ''}.`,
      why: `Poultry frames and fish are good for one broth, most other bones for two or three (common practice). ${RATES_WHY}`,
      numbers: { run: run.run, share: run.share, gelatineG: run.gelatineG, kWh: run.fuelKWh },
      remedies: [stopAfterRun(run.run - 1)],
    },
  ];
}

export const bonesSpent: Judge = (context) =>
  context.bones.flatMap((run) => spentCall(context, run));

export const bonesCrumble: Judge = (context) =>
  context.bones.flatMap((run): Finding[] => {
    if (run.crumbled.length === 0) return [];
    const again = context.bones.some((later) => later.run > run.run);
    return [
      {
        code: 'bones-crumble',
        level: again ? 'warn' : 'note',
        title: 'Strain it fine',
        message: `${capital(names(context, run.crumbled))} ${run.crumbled.length > 1 ? 'fall' : 'falls'} into splinters in this broth. Pour it through a cloth or paper, and give no bone to an animal.`,
        why: 'Poultry frames crumble in one to two hours under pressure (common practice). Minutes as in water boiling at sea level, against a limit by kind, assumed.',
        numbers: { run: run.run },
        remedies: [],
        ...(run.crumbled[0] && { item: run.crumbled[0] }),
      },
    ];
  });

/** Less water for the same bones, while they stay under it. */
function lessWater({ model, runOffs, bones, filled, units }: Context): Remedy | undefined {
  const [run] = bones;
  if (!runOffs || !run || bones.length > 1) return undefined;
  const { batch } = model.plan;
  const litres =
    extractionWaterL(batch, 0) - (run.litres - run.strongG / (1.02 * runOffs.wantedGPerL));
  // Enough to cover them and to make steam.
  const { heapL, lidOnL, freeL } = filled.report;
  const spare = Math.min(lidOnL - heapL, freeL - model.pot.minLiquidL);
  return litres >= extractionWaterL(batch, 0) - spare
    ? { do: 'set-water', litres, label: `Use ${formatVolume(litres, units)} of water in all` }
    : undefined;
}

export const thinSet: Judge = (context) => {
  const { model, runOffs, units } = context;
  const blended = runOffs?.blends.at(-1);
  // A pot boiled dry has no strength; another finding reports that it boils dry.
  if (!runOffs || !blended || isDry(blended)) return [];
  const { batch } = model.plan;
  // A fumet or white stock is not meant to set, unless the cook says so.
  if (batch.kind !== 'broth' && batch.aim?.set === undefined) return [];
  if (SETS.indexOf(blended.set) >= SETS.indexOf(runOffs.wanted)) return [];
  const remedy = lessWater(context);
  const { reduce } = runOffs;
  const down = reduce
    ? ` Boiling it down to ${formatLevel(reduce.litres, units)} would do, in ${formatMinutes(reduce.minutes)}.`
    : '';
  return [
    {
      code: 'thin-set',
      level: 'warn',
      title:
        blended.set === 'pourable' ? 'It will not set when cold' : 'It sets softer than you want',
      message: `${formatStrength(blended.gPerL, units)} of gelatine that sets: ${setName(blended.set)}. ${capital(setName(runOffs.wanted))} begins at ${formatStrength(runOffs.wantedGPerL, units)}.${down}`,
      why: `The states of a cold broth by its gelatine are common practice. ${RATES_WHY}`,
      numbers: {
        gPerL: blended.gPerL,
        wantedGPerL: runOffs.wantedGPerL,
        ...(runOffs.kgPerL !== null && { bonesKgPerL: runOffs.kgPerL }),
      },
      remedies: remedy ? [remedy] : [],
    },
  ];
};

/** Minutes at 100 C up to which a flavouring is too quick for another hold. */
const SOON_MIN = 20;

/** Puts a flavouring in late, or ends sooner when it is what the stock is made of. */
function gentler(context: Context, flavour: FlavourReport): Remedy | undefined {
  const { model, items, setpointC } = context;
  const planned = model.plan.items.find((i) => i.id === flavour.item);
  const steps = stepsOf(model.plan.batch);
  const step = steps.find((s, i) => s.kind === 'pressure' && i >= (planned?.entersAt ?? 0));
  if (!planned || step?.kind !== 'pressure') return undefined;
  const rate = cookRate(setpointC, USUAL_Z);
  const excess = (flavour.valueMin - 0.9 * flavour.tooMuchMin) / rate;
  const holdMin = Math.floor(step.holdMin - excess);
  if (planned.food.extract && holdMin >= 0)
    return { do: 'set-hold', step: step.id, holdMin, label: `Hold only ${formatMinutes(holdMin)}` };
  if (planned.food.extract)
    return step.release?.method === 'quick'
      ? undefined
      : {
          do: 'set-release',
          step: step.id,
          release: { method: 'quick' },
          label: 'Open the valve at once',
        };
  // Foods this quickly done would be spoilt by a release; they simmer in the open pot.
  if (flavour.bestMin <= SOON_MIN)
    return {
      do: 'put-in-after',
      item: flavour.item,
      minutes: flavour.bestMin,
      label: `Put it in after opening, ${flavour.bestMin} min`,
    };
  const minutes = Math.max(1, Math.round(flavour.bestMin / rate));
  const name = items.find((i) => i.id === flavour.item)?.name ?? '';
  return minutes >= step.holdMin
    ? undefined
    : {
        do: 'put-in-late',
        item: flavour.item,
        step: step.id,
        minutes,
        label: `Open ${minutes} min before the end for the ${name}`,
      };
}

export const overExtracted: Judge = (context) =>
  (context.runOffs?.flavours ?? []).flatMap((flavour): Finding[] => {
    if (flavour.valueMin <= flavour.tooMuchMin) return [];
    const item = context.items.find((i) => i.id === flavour.item);
    if (!item) return [];
    const remedy = gentler(context, flavour);
    return [
      {
        code: 'over-extracted',
        level: 'note',
        title: `${does(item.name, 'stays', 'stay')} too long`,
        message: `It gives its best early; after that it makes the stock ${flavour.spoils}.`,
        why: `Minutes at its surface, as in boiling water at sea level, against what it bears in a stock (common practice, no source): best by ${flavour.bestMin}, too much from ${flavour.tooMuchMin}.`,
        numbers: { valueMin: flavour.valueMin, tooMuchMin: flavour.tooMuchMin },
        item: item.id,
        remedies: remedy ? [remedy] : [],
      },
    ];
  });
