/** Stretches of a cook in which the vessel is not as it is otherwise: the power is out, the lid lets steam go. */
import type { PressureVessel } from '../vessel';
import { simulate, type HeatResult, type SimulateOptions } from './simulate';
import type { PotState } from './state';
import type { Air, HeatItem, HeatStep } from './types';

export interface Spell {
  /** s from the start */
  readonly fromS: number;
  /** s; it has not ended where this is Infinity */
  readonly untilS: number;
  /** Share of the power that is left, from 0. */
  readonly power: number;
  /** Steam leaves and no pressure builds, where it has not built already. */
  readonly vents: boolean;
}

/** Steam of so many seconds at full power is more than any pot holds. */
const NEVER_S = 1e7;

function vesselIn(usual: PressureVessel, spells: readonly Spell[]): PressureVessel {
  const { heater, lid } = usual;
  const power = spells.reduce((left, spell) => left * spell.power, 1);
  return {
    ...usual,
    heater: { ...heater, powerW: heater.powerW * power },
    lid: spells.some((spell) => spell.vents) ? { ...lid, sealS: NEVER_S } : lid,
  };
}

/** Whatever vented before, it seals as a lid does from here on. */
function sealable(state: PotState, usual: PressureVessel): PotState {
  const { place } = state;
  if (place.leg !== 'seal') return state;
  const left = state.steamKg + (usual.lid.sealS * usual.heater.powerW) / STEAM_J_PER_KG;
  return { ...state, place: { ...place, sealsAtKg: Math.min(place.sealsAtKg, left) } };
}

/** Heat that boils a kilogram of water away, J (IAPWS-IF97 at the air's pressure, near enough here). */
const STEAM_J_PER_KG = 2.26e6;

function joined(parts: readonly HeatResult[]): HeatResult {
  const [first, ...rest] = parts;
  const last = parts.at(-1);
  if (!first || !last || rest.length === 0) return last ?? (first as HeatResult);
  const trace = { ...first.trace };
  const items: Record<string, HeatResult['items'][string]> = { ...first.items };
  // A part begins with the sample that the one before it ended with.
  for (const part of rest) {
    for (const key of Object.keys(trace) as (keyof typeof trace)[])
      trace[key] = [...trace[key], ...part.trace[key].slice(1)] as never;
    for (const [id, own] of Object.entries(part.items)) {
      const before = items[id];
      if (!before) continue;
      const readied = before.readied ?? own.readied;
      items[id] = {
        ...(readied && { readied }),
        centreC: [...before.centreC, ...own.centreC.slice(1)],
        surfaceC: [...before.surfaceC, ...own.surfaceC.slice(1)],
        waterKg: [...before.waterKg, ...own.waterKg.slice(1)],
      };
    }
  }
  const unsettled = parts.reduce((sum, part) => sum + part.unsettled, 0);
  return { ...last, trace, items, unsettled };
}

/**
 * Runs a cook through spells in which its vessel is another one.
 *
 * @param spells in any order; they may overlap
 */
export function simulateThrough(
  items: readonly HeatItem[],
  steps: readonly HeatStep[],
  vessel: PressureVessel,
  air: Air,
  spells: readonly Spell[],
  options: SimulateOptions = {},
): HeatResult {
  if (spells.length === 0) return simulate(items, steps, vessel, air, options);
  const { untilS = Infinity } = options;
  const cuts = [...new Set(spells.flatMap((spell) => [spell.fromS, spell.untilS]))]
    .filter((s) => s > 0 && s < untilS)
    .sort((a, b) => a - b);
  const parts: HeatResult[] = [];
  let from: PotState | undefined = options.from;
  let fromS = 0;
  for (const toS of [...cuts, untilS]) {
    const on = spells.filter((spell) => spell.fromS <= fromS && spell.untilS > fromS);
    const part = simulate(items, steps, vesselIn(vessel, on), air, {
      ...options,
      ...(from && { from }),
      untilS: toS,
    });
    parts.push(part);
    from = on.some((spell) => spell.vents) ? sealable(part.end, vessel) : part.end;
    fromS = toS;
  }
  return joined(parts);
}
