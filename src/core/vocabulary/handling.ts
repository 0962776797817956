/**
 * Ways in which hands treat a food outside the pot: in another vessel before it goes in, or on a board between two
 * stays. Minutes and losses are common practice, no source; films and shares are assumed.
 */
export const WAYS_DONE = [
  'browned',
  'charred',
  'roasted',
  'toasted',
  'parboiled',
  'heated',
  'cut',
  'pulled',
  'picked',
  'blended',
] as const;
export type WayDone = (typeof WAYS_DONE)[number];

export const VESSELS = ['skillet', 'oven', 'grill', 'saucepan', 'kettle', 'rice pot'] as const;
export type VesselName = (typeof VESSELS)[number];

export interface WayDoneDefinition {
  /** Of a hand: “Brown the onion in the skillet”. */
  readonly act: string;
  /** Vessel where the cook names none; null for what is done on a board. */
  readonly vessel: VesselName | null;
  /** Minutes where the cook says none; 0 for what takes no heat. */
  readonly minutes: number;
  /** Water that it loses, share of its mass, in those minutes; more and less with them. */
  readonly waterLost: number;
}

export const HANDLING = {
  browned: { act: 'brown', vessel: 'skillet', minutes: 8, waterLost: 0.06 },
  charred: { act: 'char', vessel: 'grill', minutes: 10, waterLost: 0.1 },
  // Yields of roasted meat are 75 to 80 % in an hour (USDA cooking yields, from memory).
  roasted: { act: 'roast', vessel: 'oven', minutes: 40, waterLost: 0.15 },
  toasted: { act: 'toast', vessel: 'skillet', minutes: 3, waterLost: 0.02 },
  parboiled: { act: 'parboil', vessel: 'saucepan', minutes: 5, waterLost: 0 },
  heated: { act: 'heat', vessel: 'kettle', minutes: 5, waterLost: 0 },
  cut: { act: 'cut', vessel: null, minutes: 0, waterLost: 0 },
  pulled: { act: 'pull', vessel: null, minutes: 0, waterLost: 0 },
  picked: { act: 'pick the meat off', vessel: null, minutes: 0, waterLost: 0 },
  blended: { act: 'blend', vessel: null, minutes: 0, waterLost: 0 },
} as const satisfies Record<WayDone, WayDoneDefinition>;

/** Properties of a way to treat a food outside the pot. */
export function handlingOf(how: WayDone): WayDoneDefinition {
  return HANDLING[how];
}

/** Half a cup: scrapes a bottom clean, and is a ladle, ml (common practice, no source). */
export const HALF_CUP_ML = 120;

/** Most water that a piece loses in any vessel, share of its mass (assumed; dry roasts lose a third). */
const MOST_LOST = 0.35;

/** Water lost in so many minutes, share of the mass. */
export function waterLost(how: WayDone, minutes: number): number {
  const { waterLost: usual, minutes: usually } = handlingOf(how);
  return usually > 0 ? Math.min(MOST_LOST, (usual * minutes) / usually) : 0;
}

/** Surface conditions of a wet piece in a vessel. */
export interface Surroundings {
  /** It is driven towards this, C; null for boiling water. */
  readonly celsius: number | null;
  /** Film, W/(m2 K); null for that of hot water. */
  readonly film: number | null;
}

/** Below its crust a wet piece boils, whatever the air or the iron: it is driven towards this, C. */
const FRONT_C = 100;
/** Mean surface while it roasts, C; share of an oven's heat that dries instead of warming (both assumed). */
const ROASTS_C = 70;
const DRIES = 0.4;
/** Free convection and radiation in an oven, W/(m2 K) (assumed, 15 to 25). */
const OVEN_FILM = 20;
const USUAL_OVEN_C = 200;

/** @param ovenC oven temperature, C; 200 if unknown */
export function surroundingsOf(vessel: VesselName, ovenC = USUAL_OVEN_C): Surroundings {
  switch (vessel) {
    // Contact of 250 W/(m2 K) on about half of the surface (assumed).
    case 'skillet':
      return { celsius: FRONT_C, film: 120 };
    case 'grill':
      return { celsius: FRONT_C, film: 60 };
    case 'oven':
      return {
        celsius: Math.min(FRONT_C, ovenC),
        film: ((1 - DRIES) * OVEN_FILM * Math.max(10, ovenC - ROASTS_C)) / (FRONT_C - ROASTS_C),
      };
    case 'saucepan':
    case 'kettle':
    case 'rice pot':
      return { celsius: null, film: null };
  }
}
