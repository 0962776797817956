/** A plan, a vessel and foods in one state of the world: what is not known, drawn. */
import type { Plan, PlannedItem } from '../batch/plan';
import { conductionShape, donenessOf, type Doneness } from '../doneness';
import { scaleOf } from '../texture';
import type { ItemUnknowns, Unknowns } from '../unknown';
import type { PressureVessel } from '../vessel';
import type { ItemCook, Model } from './model';

/** Minutes that a food needs, a factor more or less. */
export function scaled(doneness: Doneness, by: number): Doneness {
  const { needMin, lateMin } = doneness;
  return { ...doneness, needMin: needMin * by, lateMin: lateMin === null ? null : lateMin * by };
}

/** The plan as it is in a state of the world. */
export function planIn(planned: Plan, { items, fill, waterStartC }: Unknowns): Plan {
  return {
    ...planned,
    items: planned.items.map((item) => {
      const own = items[item.id];
      const mass = fill * (own?.mass ?? 1);
      const warmer = item.food.shape === null ? waterStartC : (own?.startC ?? 0);
      return {
        ...item,
        massG: item.massG * mass,
        boughtG: item.boughtG * mass,
        startC: item.startC + warmer,
      };
    }),
  };
}

/** The vessel as it is in a state of the world. */
export function vesselIn(usual: PressureVessel, unknowns: Unknowns): PressureVessel {
  const { power, efficiency, loss, seal, lagS, valve } = unknowns;
  const { heater, lid } = usual;
  return {
    ...usual,
    lossWPerK: usual.lossWPerK * loss,
    heater: {
      powerW: heater.powerW * power,
      efficiency: Math.min(1, heater.efficiency * efficiency),
    },
    lid: {
      ...lid,
      sealS: lid.sealS * seal,
      lagS: Math.max(0, lid.lagS + lagS),
      valve: { ...lid.valve, areaM2: lid.valve.areaM2 * valve },
    },
  };
}

/** Need of an item, and its grades, in a state of the world. */
export function needsOf(
  item: PlannedItem,
  own: ItemUnknowns | undefined,
): Pick<ItemCook, 'doneness' | 'scale'> {
  const usually = donenessOf(item.food, item);
  const doneness = usually && own ? scaled(usually, own.need) : usually;
  const { family } = item.food;
  const mm = conductionShape(item.food, item.cut)?.mm ?? 0;
  return {
    doneness,
    scale: doneness && family ? scaleOf(family, doneness, mm * (own?.size ?? 1)) : null,
  };
}

/** The same cook, its foods needing something else: what is heated is the same. */
export function withNeeds(model: Model, items: Unknowns['items']): Model {
  const cooks: Record<string, ItemCook> = {};
  for (const item of model.plan.items) {
    const cook = model.cooks[item.id];
    if (cook) cooks[item.id] = { ...cook, ...needsOf(item, items[item.id]) };
  }
  return { ...model, cooks };
}
