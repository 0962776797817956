/**
 * Pots as they are usually sold, to begin from (common practice, no source). Lines, least liquid
 * and pressures are those of most; a pot's own manual wins.
 */
import { POTS } from '../../vocabulary/pots';
import type { Pot, PotKind } from '../schema/types';

export type UsualPot = Omit<Pot, 'id' | 'name'>;

/** Two thirds, and half for what foams. */
const LINES = { maxFill: 2 / 3, foamFill: 1 / 2 } as const;
const electric = (
  capacityL: number,
  innerDiameterCm: number,
  minLiquidL: number,
  powerW: number,
): UsualPot => ({
  kind: 'electric',
  capacityL,
  innerDiameterCm,
  ...LINES,
  minLiquidL,
  powerW,
  settings: POTS.electric.settings,
});

const stovetop = (capacityL: number, innerDiameterCm: number, powerW: number): UsualPot => ({
  kind: 'stovetop',
  capacityL,
  innerDiameterCm,
  ...LINES,
  minLiquidL: 0.25,
  powerW,
  settings: POTS.stovetop.settings,
});

/** Usual sizes, electric ones first, the small before the large. */
export const USUAL_POTS: readonly UsualPot[] = [
  electric(2.8, 18, 0.25, 700),
  electric(5.7, 22, 0.25, 1000),
  electric(7.6, 24, 0.375, 1200),
  stovetop(4.5, 22, 1600),
  stovetop(6, 22, 1800),
  stovetop(8, 24, 2000),
];

/** Pot of a household that has lost all of its own. */
export const FIRST_POT: Pot = { ...electric(5.7, 22, 0.25, 1000), id: 'p1', name: 'My pot' };

/** Default power, W: that of the nearest usual pot of its kind. */
export function usualPowerW(kind: PotKind, capacityL: number): number {
  const off = (pot: UsualPot): number => Math.abs(pot.capacityL - capacityL);
  const alike = USUAL_POTS.filter((pot) => pot.kind === kind);
  return alike.reduce((best, pot) => (off(pot) < off(best) ? pot : best)).powerW;
}
