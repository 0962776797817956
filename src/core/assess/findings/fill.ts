import { isStock, runOf, extractionWaterL, type PlannedStep } from '../../batch/plan';
import { EXAMPLE_LINE } from '../../batch/reading';
import { formatLevel, formatMinutes, formatTemperature, formatVolume } from '../../quantity';
import { waterToLine, type Part } from '../../fill';
import { DANGER_CHANCE as DANGER, timesInTen } from '../../guard';
import { type Closing, contentsAt, partsAt } from '../../model';
import type { Finding, Remedy } from '../types';
import { capital } from '../../food';
import { LIKELY, type Context, type Judge } from './context';

/** Less water if that is enough and leaves the pot its minimum; otherwise less of everything. */
export function lowerTo({ model, units, filled }: Context): Remedy {
  const { run } = filled.report;
  const water = extractionWaterL(model.plan.batch, run);
  const next = water + filled.report.waterToLineL;
  const freeAfter = filled.report.freeL + filled.report.waterToLineL;
  if (next > 0 && freeAfter >= model.pot.minLiquidL && filled.report.waterToLineL > -water)
    return {
      do: 'set-water',
      litres: Math.floor(next * 50) / 50,
      run,
      label: `Use ${formatVolume(Math.floor(next * 20) / 20, units)} of water in all`,
    };
  const factor = Math.floor(filled.report.scaleToFit * 100) / 100;
  return { do: 'scale', factor, label: `Make ${Math.round(factor * 100)} % of everything` };
}

/** A closing of the lid with less free liquid than the pot asks for. */
interface Dry {
  readonly step: PlannedStep;
  readonly index: number;
  readonly freeL: number;
  /** With the juices of what was not browned, as the pot seals; null where it never seals, L. */
  readonly sealedL: number | null;
}

/**
 * Raw poultry, tomato, onion and mushrooms make the steam they need; what was browned first has
 * boiled its water off and is not counted on (common practice).
 */
function dryClosings({ model }: Context): readonly Dry[] {
  const { plan, heat, pot } = model;
  const browned = (entersAt: number): boolean =>
    plan.steps.some((s, i) => s.kind === 'saute' && i >= entersAt);
  return plan.steps.flatMap((step, i) => {
    const start = heat.trace.step.indexOf(i);
    if (step.kind !== 'pressure' || partsAt(model, i).length === 0) return [];
    const { freeL } = contentsAt(model, Math.max(0, start - 1), i);
    if (freeL >= pot.minLiquidL - 1e-6) return [];
    const seals = heat.trace.s.findIndex(
      (s, n) =>
        heat.trace.step[n] === i &&
        s >= (heat.steps[i]?.startS ?? 0) + (heat.steps[i]?.warmUpS ?? 0) - 1e-6,
    );
    const juiceKg = plan.items
      .filter((item) => !browned(item.entersAt))
      .reduce((sum, item) => {
        const water = heat.items[item.id]?.waterKg;
        return sum + Math.max(0, (water?.[start] ?? 0) - (water?.[seals] ?? 0));
      }, 0);
    return [
      { step, index: i, freeL, sealedL: heat.steps[i]?.sealedKg === null ? null : freeL + juiceKg },
    ];
  });
}

/** @param index of the step */
function moreWater({ model, units }: Context, index: number, freeL: number): readonly Remedy[] {
  const { batch } = model.plan;
  const run = runOf(batch, index);
  const litres = extractionWaterL(batch, run) + (model.pot.minLiquidL - freeL) + 0.02;
  return [
    { do: 'set-water', litres, run, label: `Use ${formatVolume(litres, units)} of water in all` },
  ];
}

/** How often a step runs dry, as drawn; as reckoned while nothing has been drawn. */
function dryChance({ model, draws }: Context, index: number): number {
  const id = model.plan.steps[index]?.id ?? '';
  const asGiven = model.heat.steps[index]?.scorchedS == null ? 0 : 1;
  return draws ? Math.max(draws.risks.dry[id] ?? 0, asGiven * LIKELY) : asGiven;
}

export const tooLittleLiquid: Judge = (context) =>
  dryClosings(context)
    .filter(({ index }) => dryChance(context, index) > DANGER)
    .map(({ step, index, freeL, sealedL }): Finding => {
      const { model, units } = context;
      const min = model.pot.minLiquidL;
      const surely = model.heat.steps[index]?.scorchedS != null;
      return {
        code: 'too-little-liquid',
        level: 'stop',
        title: 'Too little liquid to make steam',
        message: `There is ${formatVolume(freeL, units)} of free liquid as the lid goes on, and the juices do not ${surely ? '' : 'always '}make up for it in time: the bottom runs dry and scorches${surely ? '' : ` ${timesInTen(dryChance(context, index))}`}. This pot asks for ${formatVolume(min, units)}.`,
        why: 'Without enough liquid the bottom boils dry and scorches before the pin rises. The minimum is your pot’s, from the Kitchen. What is browned first has lost its juice.',
        numbers: { freeL, minL: min, ...(sealedL !== null && { sealedL }) },
        step: step.id,
        remedies: moreWater(context, index, freeL),
      };
    });

export const dryStart: Judge = (context) =>
  dryClosings(context)
    .filter(({ index, sealedL }) => dryChance(context, index) <= DANGER && sealedL !== null)
    .map(({ step, index, freeL, sealedL }): Finding => {
      const { model, units } = context;
      const min = model.pot.minLiquidL;
      const enough = (sealedL ?? 0) >= min;
      const juices = `There is ${formatVolume(freeL, units)} of liquid as the lid goes on; the raw foods give enough to make ${formatVolume(sealedL ?? 0, units)} by the time it seals.`;
      return {
        code: 'dry-start',
        level: enough ? 'note' : 'warn',
        title: enough ? 'The juices make the steam' : 'Less liquid than the pot asks for',
        message: enough
          ? `${juices} Lay the juicy ones at the bottom.`
          : `${juices} That comes to pressure without running dry, but this pot asks for ${formatVolume(min, units)}; its manual comes first.`,
        why: 'Raw poultry, tomato, onion and mushrooms give a quarter to half their weight (common practice). Your pot’s manual may ask for its minimum all the same, and comes first.',
        numbers: { freeL, sealedL: sealedL ?? 0, minL: min },
        step: step.id,
        remedies: enough ? [] : moreWater(context, index, freeL),
      };
    });

/** Bones rise above the water until they soften; more than this share of the heap is too much (assumed). */
const BARE_SHARE = 0.25;

/** Closing at which most rises above the liquid; undefined if everything is covered. */
function barest({ model, filled }: Context): Closing | undefined {
  const out = ({ levels, heapL }: Closing): number => heapL - levels.lidOn.liquidL;
  return filled.closings
    .filter((closing) => {
      // A stew that starts in its own juice is not meant to be covered.
      const stew = closing.levels.lidOn.freeL < model.pot.minLiquidL;
      return closing.parts.length > 0 && !stew && out(closing) >= 0.04 * closing.heapL;
    })
    .sort((a, b) => out(b) - out(a))[0];
}

/** How closely a broken carcass lies, and how loosely a whole one at the least (assumed). */
const BROKEN_PACKING = 0.5;
const WHOLE_PACKING = 0.42;
/** Less than this is not worth breaking bones for, L. */
const WORTH_L = 0.15;

/** Room made by breaking up a heap of frames and carcasses; empty if there are none. */
function breakWords({ model, units, filled }: Context, { parts, run }: Closing): string {
  const bones = new Set(
    model.plan.items
      .filter(({ food }) => food.group === 'bones' && food.packing < WHOLE_PACKING)
      .map(({ id }) => id),
  );
  if (!parts.some(({ id }) => bones.has(id))) return '';
  const broken = parts.map((part) =>
    bones.has(part.id) ? { ...part, packing: BROKEN_PACKING, cookedPacking: BROKEN_PACKING } : part,
  );
  const water = extractionWaterL(model.plan.batch, run);
  const fits = (all: readonly Part[]): number => waterToLine(all, filled.lines.lineL, water);
  const more = fits(broken) - Math.max(0, fits(parts));
  return more >= WORTH_L
    ? ` Break the carcasses: they lie closer then, and ${formatVolume(more, units)} more water fits under the line.`
    : '';
}

export const notCovered: Judge = (context) => {
  const { model, units, filled } = context;
  const bare = barest(context);
  if (!bare) return [];
  const { heapL, run, levels } = bare;
  const { liquidL, levelL } = levels.lidOn;
  const missing = heapL - liquidL;
  const { batch } = model.plan;
  const water = extractionWaterL(batch, run);
  const litres = water + missing;
  const which = run > 0 ? ` in run ${run + 1}` : '';
  return [
    {
      code: 'not-covered',
      level: isStock(batch) && missing > BARE_SHARE * heapL ? 'warn' : 'note',
      title: 'Some of it stands above the liquid',
      message: `The heap reaches ${formatLevel(heapL, units)} and the liquid at ${formatLevel(liquidL, units)}${which}. What stands out cooks in steam and gives less to the broth.${breakWords(context, bare)}`,
      why: 'Heap from each food’s true density and how loosely it lies; both are estimates.',
      numbers: { heapL, liquidL, lidOnL: levelL },
      remedies:
        missing <= waterToLine(bare.parts, filled.lines.lineL, water)
          ? [
              {
                do: 'set-water',
                litres,
                run,
                label: `Add water to cover: ${formatVolume(litres, units)} in all`,
              },
            ]
          : [],
    },
  ];
};

/** A step that runs dry on the way, however much there was as the lid went on. */
export const boilsDry: Judge = (context) => {
  const { model } = context;
  if (model.plan.items.length === 0) return [];
  const closings = new Set(dryClosings(context).map((dry) => dry.index));
  return model.plan.steps.flatMap((step, index): Finding[] => {
    const result = model.heat.steps[index];
    // Too little liquid as the lid goes on has a finding of its own.
    if (!result || closings.has(index) || dryChance(context, index) <= DANGER) return [];
    const pressure = step.kind === 'pressure';
    const minute = ((result.scorchedS ?? result.endS) - result.startS) / 60;
    const when =
      result.scorchedS === null
        ? `${timesInTen(dryChance(context, index))} there is no liquid left on the bottom before this step is over`
        : `${capital(formatMinutes(Math.max(1, minute)))} into this step there is no liquid left on the bottom`;
    return [
      {
        code: 'scorch-risk',
        level: 'stop',
        title: 'It boils dry and scorches',
        message: `${when}${pressure && !result.reached ? '; it never comes to pressure' : ''}.`,
        why: `Water that boils off or is drunk up against what is there and what the foods give back; a bottom without liquid gets past ${formatTemperature(150, context.units)} (assumed) and burns what lies on it.`,
        numbers: { minute, minL: model.pot.minLiquidL },
        step: step.id,
        remedies: pressure ? moreWater(context, index, 0) : [],
      },
    ];
  });
};

export const neverAtPressure: Judge = ({ model, draws }) => {
  if (model.plan.items.length === 0) return [];
  return model.plan.steps.flatMap((step, i): Finding[] => {
    const result = model.heat.steps[i];
    const pressure = step.kind === 'pressure';
    if (!result || result.scorchedS !== null) return [];
    if (result.reached && (draws?.risks.never[step.id] ?? 0) <= LIKELY) return [];
    return [
      {
        code: 'never-at-pressure',
        level: 'stop',
        title: pressure ? 'It never comes to pressure' : 'It never comes to the boil',
        message: `After four hours the heater has not brought this much to ${pressure ? 'pressure' : 'the boil'}. Cook less at once or check the pot’s power.`,
        why: 'The heater’s power against the losses through wall and lid.',
        numbers: { powerW: model.vessel.heater.powerW },
        step: step.id,
        remedies: [],
      },
    ];
  });
};

export const empty: Judge = ({ model, units }) =>
  model.plan.items.length > 0
    ? []
    : [
        {
          code: 'empty',
          level: 'note',
          title: 'Nothing in the pot yet',
          message: `Say what goes in, one line an ingredient, such as “${EXAMPLE_LINE[units]}”.`,
          why: 'Everything else follows from what is in the pot.',
          numbers: {},
          remedies: [],
        },
      ];
