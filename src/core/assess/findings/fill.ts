import { waterL } from '../../batch';
import { formatLevel, formatVolume } from '../../quantity';
import { splitIn } from '../../fill';
import type { Finding, Remedy } from '../types';
import type { Context, Judge } from './context';

const LINES_WHY =
  'Full pots spray at the valve. Two thirds, and half for what foams or swells, are common practice and most manuals; your pot’s own manual always wins.';

/** Less water if that is enough and leaves the pot its minimum; otherwise less of everything. */
function lowerTo({ model, units, filled }: Context): Remedy {
  const water = waterL(model.plan.batch);
  const next = water + filled.report.waterToLineL;
  const freeAfter = filled.report.freeL + filled.report.waterToLineL;
  if (next > 0 && freeAfter >= model.pot.minLiquidL && filled.report.waterToLineL > -water)
    return {
      do: 'set-water',
      litres: Math.floor(next * 50) / 50,
      label: `Use ${formatVolume(Math.floor(next * 20) / 20, units)} of water`,
    };
  const factor = Math.floor(filled.report.scaleToFit * 100) / 100;
  return { do: 'scale', factor, label: `Make ${Math.round(factor * 100)} % of everything` };
}

export const overLine: Judge = (context) => {
  const { filled, units } = context;
  const { worstL, lineL, foams, lidOnL } = filled.report;
  if (worstL <= lineL + 1e-6) return [];
  const over = worstL - lineL;
  const when = worstL > lidOnL + 0.05 ? 'Once swollen it stands' : 'It stands';
  const batches = splitIn(worstL, lineL);
  const finding: Finding = {
    code: foams ? 'over-foam-line' : 'over-max-fill',
    level: 'stop',
    title: foams ? 'Over the foam line' : 'Over the fill line',
    message: `${when} at ${formatLevel(worstL, units)}, ${formatVolume(over, units)} over the ${foams ? 'foam' : 'fill'} line at ${formatLevel(lineL, units)}. Or cook it in ${batches} batches.`,
    why: LINES_WHY,
    numbers: { levelL: worstL, lineL, overL: over, batches },
    remedy: lowerTo(context),
  };
  return [finding];
};

export const tooLittleLiquid: Judge = ({ model, units, filled }) => {
  const hasPressure = model.plan.steps.some((s) => s.kind === 'pressure');
  const { freeL } = filled.report;
  const min = model.pot.minLiquidL;
  if (!hasPressure || filled.parts.length === 0 || freeL >= min - 1e-6) return [];
  const litres = waterL(model.plan.batch) + (min - freeL) + 0.02;
  return [
    {
      code: 'too-little-liquid',
      level: 'stop',
      title: 'Too little liquid to make steam',
      message: `There is ${formatVolume(freeL, units)} of free liquid; this pot needs ${formatVolume(min, units)} to come to pressure.`,
      why: 'Without enough liquid the bottom boils dry and scorches before the pin rises. The minimum is your pot’s, from the Kitchen.',
      numbers: { freeL, minL: min },
      remedy: { do: 'set-water', litres, label: `Use ${formatVolume(litres, units)} of water` },
    },
  ];
};

export const notCovered: Judge = ({ model, units, filled }) => {
  const { covered, heapL, lidOnL, waterToLineL, freeL } = filled.report;
  const liquidL = filled.levels.lidOn.liquidL;
  if (covered || filled.parts.length === 0 || freeL <= 0) return [];
  const missing = heapL - liquidL;
  if (missing < 0.04 * heapL) return [];
  const stock = model.plan.batch.kind === 'stock' || model.plan.batch.kind === 'broth';
  const litres = waterL(model.plan.batch) + missing;
  return [
    {
      code: 'not-covered',
      level: stock ? 'warn' : 'note',
      title: 'Not all of it is under the liquid',
      message: `The heap stands at ${formatLevel(heapL, units)} and the liquid at ${formatLevel(liquidL, units)}. What stands out cooks in steam and gives less to the broth.`,
      why: 'Heap from each food’s true density and how loosely it lies; both are estimates.',
      numbers: { heapL, liquidL, lidOnL },
      ...(missing <= waterToLineL && {
        remedy: {
          do: 'set-water',
          litres,
          label: `Cover it: ${formatVolume(litres, units)} of water`,
        },
      }),
    },
  ];
};

export const neverAtPressure: Judge = ({ model }) =>
  model.plan.steps.flatMap((step, i) =>
    model.heat.steps[i]?.reached === false
      ? [
          {
            code: 'never-at-pressure' as const,
            level: 'stop' as const,
            title:
              step.kind === 'pressure'
                ? 'It never comes to pressure'
                : 'It never comes to the boil',
            message: `After four hours the heater has not brought this much to ${step.kind === 'pressure' ? 'pressure' : 'the boil'}. Cook less at once or check the pot’s power.`,
            why: 'The heater’s power against the losses through wall and lid.',
            numbers: { powerW: model.hot.powerW },
            step: step.id,
          },
        ]
      : [],
  );

export const empty: Judge = ({ model }) =>
  model.plan.items.length > 0
    ? []
    : [
        {
          code: 'empty',
          level: 'note',
          title: 'Nothing in the pot yet',
          message:
            'Say what goes in, one line an ingredient, such as “1.2 kg lamb neck, 40 mm pieces”.',
          why: 'Everything else follows from what is in the pot.',
          numbers: {},
        },
      ];
