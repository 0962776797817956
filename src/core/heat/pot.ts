import type { Pot } from '../batch';
import { USUAL_VALVE } from '../release';
import type { HeatPot } from './types';

/** Loss with the lid on, W/K: an insulated electric pot by size, a bare stovetop cooker (brief). */
export function usualLoss(pot: Pick<Pot, 'kind' | 'capacityL'>): number {
  if (pot.kind === 'stovetop') return 3.5;
  // 1.3 W/K at 5.7 L and 1.6 at 7.6 L: close to the two-thirds power of the volume.
  return 1.3 * (pot.capacityL / 5.7) ** (2 / 3);
}

/** Share of the power that arrives in the contents (brief; stovetop assumed). */
export function usualEfficiency({ kind }: Pick<Pot, 'kind'>): number {
  return kind === 'electric' ? 0.88 : 0.6;
}

/** Inner pot, lid and base: 0.2 kg of steel a litre at 500 J/(kg K) (assumed). */
function usualBody(pot: Pot): number {
  return 0.2 * pot.capacityL * 500 + 400;
}

/** Seconds of full power blown as steam before a pin rises and its air is gone (assumed). */
const SEAL_S = 45;

/** The heat model's view of a pot, with the usual values where the cook knows nothing. */
export function heatPot(pot: Pot): HeatPot {
  const radius = pot.innerDiameterCm / 200;
  return {
    kind: pot.kind,
    powerW: pot.powerW,
    efficiency: pot.efficiency ?? usualEfficiency(pot),
    lossWPerK: pot.lossWPerK ?? usualLoss(pot),
    bodyJPerK: usualBody(pot),
    valve: USUAL_VALVE,
    surfaceM2: Math.PI * radius * radius,
    capacityL: pot.capacityL,
    sealS: SEAL_S,
    lagS: 0,
  };
}
