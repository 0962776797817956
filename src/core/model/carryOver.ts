/**
 * Effect of a release on texture, from the temperatures of the heat model.
 *
 * While steam is let go the liquid follows the boiling point down; a thick piece stays hotter
 * inside than that, and its water boils: it loses c dT / L of its mass as steam (flash, on paper).
 * Meat tightens and beans burst by it (common practice); thin things only go on cooking.
 */
import { MELTING, thermalProperties, type Food } from '../food';
import { valueAt, isIn } from '../series';
import { latentHeat } from '../water';
import type { Model } from './model';
import { boundsOf } from './read';
import type { Texture } from './types';

/** A meat that boils off more than this is noticeably drier, % (assumed). */
const TOUGH_PERCENT = 1;
/** A bean whose inside is this far above the boiling point bursts its skin, C (assumed). */
const BURSTS_C = 4;
/** Share of a food's window that a release may use up before it is worth saying (assumed). */
const LONG_SHARE = 0.4;

function costOf(food: Food, flash: number, superheat: number, share: number): string | null {
  const meat = food.group === 'meat' || food.group === 'poultry';
  if (meat && flash > TOUGH_PERCENT) return `tightens, ${flash.toFixed(1)} % of it boils off`;
  // Split peas and lentils have no skin to lose: they are meant to melt.
  const skins = food.family === 'pulse' && !MELTING.has(food.key);
  if (skins && superheat > BURSTS_C) return 'skins burst';
  return share > LONG_SHARE ? 'goes on cooking while the pot comes down' : null;
}

/** One entry for every item with a need that is in the pot while a step is released. */
export function texturesOf(model: Model, step: number): readonly Texture[] {
  const { trace, items } = model.heat;
  const first = trace.s.findIndex((_, i) => trace.step[i] === step && trace.phase[i] === 'release');
  if (first < 1) return [];
  const last = trace.step.findLastIndex((n) => n === step);
  return model.plan.items.flatMap((item): Texture[] => {
    const cook = model.cooks[item.id];
    const heat = items[item.id];
    if (!cook?.doneness || !heat || !isIn(item, step)) return [];
    let superheatC = 0;
    for (let i = first; i <= last; i++)
      superheatC = Math.max(superheatC, valueAt(heat.centreC, i) - valueAt(trace.liquidC, i));
    const boil = trace.liquidC[last] ?? 100;
    const heatCapacity = thermalProperties(item.food.composition, boil).heat;
    const flashPercent = (100 * heatCapacity * superheatC) / latentHeat(boil);
    const carryOverMin = valueAt(cook.surface, last) - valueAt(cook.surface, first - 1);
    const { from, to } = boundsOf(item, cook);
    const window = from && to ? to.minutes - from.minutes : null;
    const share = window ? carryOverMin / window : 0;
    return [
      {
        item: item.id,
        carryOverMin,
        superheatC,
        flashPercent,
        cost: costOf(item.food, flashPercent, superheatC, share),
      },
    ];
  });
}
