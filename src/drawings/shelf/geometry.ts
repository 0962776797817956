/** Jars on a shelf, to scale: data in, places out. */
import { HOLDERS, type HolderKind } from '@/core/vocabulary';

/** Of a centimetre, px. */
const PX_PER_CM = 5.6;
const LID_CM = 1.4;
/** An unknown jar is drawn as a litre jar. */
const UNKNOWN: HolderKind = 'litre';

export interface JarShape {
  /** px */
  readonly width: number;
  readonly height: number;
  readonly lidWidth: number;
  readonly lidHeight: number;
  /** Top of what is in it, px from the top of the drawing. */
  readonly surface: number;
  readonly glass: boolean;
}

/**
 * How a jar is drawn.
 *
 * @param litres in it
 */
export function jarShape(kind: HolderKind | undefined, litres: number): JarShape {
  const { capacityL, diameterCm, mouthCm, glass } = HOLDERS[kind ?? UNKNOWN];
  const radiusCm = diameterCm / 2;
  const heightCm = (1000 * capacityL) / (Math.PI * radiusCm * radiusCm);
  const lidHeight = LID_CM * PX_PER_CM;
  const body = heightCm * PX_PER_CM;
  const full = Math.min(1, Math.max(0, litres / capacityL));
  return {
    width: diameterCm * PX_PER_CM,
    height: body + lidHeight,
    lidWidth: mouthCm * PX_PER_CM,
    lidHeight,
    surface: lidHeight + body * (1 - full),
    glass,
  };
}

/** Least height of a shelf, px. */
const LEAST_PX = 60;

/** Height of a shelf over its board: of its highest jar, px. */
export function shelfPx(kinds: readonly (HolderKind | undefined)[]): number {
  return Math.ceil(Math.max(LEAST_PX, ...kinds.map((kind) => jarShape(kind, 0).height)));
}
