import { potKindOf } from '../vocabulary';
import type { Pot } from '../batch/schema';
import { USUAL_VALVE } from '../release';
import { traitOf } from '../unknown';
import type { PressureVessel } from './types';

/** Loss of a usual pot with the lid on, W/K. */
export function usualLoss({ kind, capacityL }: Pick<Pot, 'kind' | 'capacityL'>): number {
  return potKindOf(kind).lossWPerK(capacityL);
}

/** Share of the power that arrives in the contents of a usual pot. */
export function usualEfficiency({ kind }: Pick<Pot, 'kind'>): number {
  return potKindOf(kind).efficiency;
}

/** Inner pot, lid and base: 0.2 kg of steel a litre at 500 J/(kg K) (assumed). */
function usualBody(pot: Pot): number {
  return 0.2 * pot.capacityL * 500 + 400;
}

/** Seconds of full power blown as steam before a pin rises and its air is gone (assumed). */
const SEAL_S = 45;

/** A cook's pot as a vessel: learned traits where its cooks gave some, else the usual values. */
export function potVessel(pot: Pot): PressureVessel {
  const radius = pot.innerDiameterCm / 200;
  const factor = (trait: 'heat' | 'loss' | 'seal' | 'valve'): number =>
    Math.exp(traitOf(pot, trait));
  return {
    capacityL: pot.capacityL,
    surfaceM2: Math.PI * radius * radius,
    bodyJPerK: usualBody(pot),
    lossWPerK: (pot.lossWPerK ?? usualLoss(pot)) * factor('loss'),
    heater: {
      powerW: pot.powerW * factor('heat'),
      efficiency: pot.efficiency ?? usualEfficiency(pot),
    },
    lid: {
      valve: { ...USUAL_VALVE, areaM2: USUAL_VALVE.areaM2 * factor('valve') },
      sealS: SEAL_S * factor('seal'),
      lagS: Math.max(0, traitOf(pot, 'lag')),
      rocksW: potKindOf(pot.kind).rocksW,
    },
  };
}
