/** How far an item is from both ends of its wanted grades. */
import { firmness, meanCook } from '../texture';
import type { Edge } from './frame';

/** The cook value that an end asks for, min. */
export function measured({ where, lateMin }: Edge, centre: number, surface: number): number {
  return where === 'middle' ? centre : meanCook(centre, surface, lateMin);
}

/** An end moved by a share of itself, ready to be asked thousands of times. */
export interface Asked {
  readonly middle: boolean;
  readonly minutes: number;
  readonly lateMin: number;
  /** Firmness of middle and outside together at the end. */
  readonly firm: number;
}

/** @param by share of its minutes, above zero later */
export function asked(edge: Edge | null, by: number): Asked | null {
  if (!edge) return null;
  const minutes = edge.minutes * (1 + by);
  const { lateMin } = edge;
  return {
    middle: edge.where === 'middle',
    minutes,
    lateMin,
    firm: 2 * firmness(minutes / lateMin),
  };
}

function isPast({ middle, minutes, lateMin, firm }: Asked, centre: number, surface: number) {
  if (middle) return centre >= minutes;
  return firmness(Math.max(0, centre) / lateMin) + firmness(Math.max(0, surface) / lateMin) <= firm;
}

/** Misses are never told as nothing, ln. */
const LEAST_MISS = 1e-3;

/** How far an item is short of where it should be, in logarithms; 0 when it is there. */
export function missBelow(edge: Asked | null, centre: number, surface: number): number {
  if (!edge || isPast(edge, centre, surface)) return 0;
  const have = edge.middle ? centre : (centre + surface) / 2;
  return Math.max(LEAST_MISS, Math.log(edge.minutes / Math.max(1e-6, have)));
}

/** How far it is past where it should end; 0 when it is not. */
export function missAbove(edge: Asked | null, centre: number, surface: number): number {
  if (!edge || !isPast(edge, centre, surface)) return 0;
  const have = edge.middle ? centre : (centre + surface) / 2;
  return Math.max(LEAST_MISS, Math.log(Math.max(1e-6, have) / edge.minutes));
}
