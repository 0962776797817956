/**
 * Jars and tubs for soup and broth: sizes, and how much room ice needs. One record a kind. Headspace before
 * freezing: National Center for Home Food Preservation, “Freezing: headspace to allow between packed food and
 * closure”, liquid pack: wide top pint 1/2 in, quart 1 in; narrow top pint 3/4 in, quart 1 1/2 in. Metric jars and
 * tubs take the figure of their size in US measure.
 */
import type { Units } from '../quantity';

export interface Holder {
  /** Names in a metric and in a US kitchen. */
  readonly name: string;
  readonly us: string;
  /** To the brim, L. */
  readonly capacityL: number;
  /** Inside, and of its mouth, cm (of usual make, from memory). */
  readonly diameterCm: number;
  readonly mouthCm: number;
  /** Left empty under the rim before freezing, mm. */
  readonly headspaceMm: number;
  readonly glass: boolean;
  /** Narrower at the neck than below: it cracks when what is in it freezes. */
  readonly shoulders?: true;
}

const INCH = 25.4;

export const HOLDERS = {
  'half-litre': {
    name: 'jar, 1/2 L',
    us: 'jar, 2 cups',
    capacityL: 0.5,
    diameterCm: 8.2,
    mouthCm: 7.6,
    headspaceMm: INCH / 2,
    glass: true,
  },
  litre: {
    name: 'jar, 1 L',
    us: 'jar, 4 cups',
    capacityL: 1,
    diameterCm: 9.8,
    mouthCm: 8.4,
    headspaceMm: INCH,
    glass: true,
  },
  'wide-pint': {
    name: 'wide-mouth pint',
    us: 'wide-mouth pint',
    capacityL: 0.473,
    diameterCm: 8.1,
    mouthCm: 7.6,
    headspaceMm: INCH / 2,
    glass: true,
  },
  'wide-quart': {
    name: 'wide-mouth quart',
    us: 'wide-mouth quart',
    capacityL: 0.946,
    diameterCm: 9.2,
    mouthCm: 7.6,
    headspaceMm: INCH,
    glass: true,
  },
  'narrow-pint': {
    name: 'narrow-mouth pint',
    us: 'narrow-mouth pint',
    capacityL: 0.473,
    diameterCm: 7.6,
    mouthCm: 6,
    headspaceMm: 0.75 * INCH,
    glass: true,
    shoulders: true,
  },
  'narrow-quart': {
    name: 'narrow-mouth quart',
    us: 'narrow-mouth quart',
    capacityL: 0.946,
    diameterCm: 9,
    mouthCm: 6,
    headspaceMm: 1.5 * INCH,
    glass: true,
    shoulders: true,
  },
  'small-tub': {
    name: 'tub, 1/4 L',
    us: 'tub, 1 cup',
    capacityL: 0.25,
    diameterCm: 9,
    mouthCm: 9,
    headspaceMm: INCH / 2,
    glass: false,
  },
  tub: {
    name: 'tub, 1/2 L',
    us: 'tub, 2 cups',
    capacityL: 0.5,
    diameterCm: 11,
    mouthCm: 11,
    headspaceMm: INCH / 2,
    glass: false,
  },
  'large-tub': {
    name: 'tub, 1 L',
    us: 'tub, 4 cups',
    capacityL: 1,
    diameterCm: 12.5,
    mouthCm: 12.5,
    headspaceMm: INCH,
    glass: false,
  },
} satisfies Record<string, Holder>;

export type HolderKind = keyof typeof HOLDERS;
export const HOLDER_KINDS = Object.keys(HOLDERS) as readonly HolderKind[];

/** Left under the rim of what is only to be cooled, mm (common practice, no source). */
const RIM_MM = 10;

/**
 * Usable volume of a holder, L.
 * @param frozen whether it is to be frozen: ice needs a ninth more room than water
 * @example usableL('wide-quart', true) // 0.83
 */
export function usableL(kind: HolderKind, frozen: boolean): number {
  const { capacityL, mouthCm, headspaceMm } = HOLDERS[kind];
  const mm = frozen ? headspaceMm : RIM_MM;
  return capacityL - (Math.PI * (mouthCm / 2) ** 2 * (mm / 10)) / 1000;
}

/** Whether a holder is narrower at its neck than below. */
export function hasShoulders(kind: HolderKind): boolean {
  const holder: Holder = HOLDERS[kind];
  return holder.shoulders === true;
}

/** Name of a holder. @example holderName('wide-quart', 'us') // "wide-mouth quart" */
export function holderName(kind: HolderKind, units: Units): string {
  return units === 'us' ? HOLDERS[kind].us : HOLDERS[kind].name;
}
