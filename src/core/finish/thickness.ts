/**
 * How thick a soup is: apparent viscosity at a slow stir (50 1/s), from what thickens it.
 *
 * Starch paste: power law in its concentration, set so that 8 g of cornstarch in 240 mL is medium (common
 * practice) and by the third power (Evans & Haisman 1979, J. Texture Studies 10, from memory: between the
 * second and the fourth). Blended solids: Krieger & Dougherty 1959, Trans. Soc. Rheol. 3, crowding of
 * particles. Gelatine: intrinsic viscosity near 40 mL/g (Veis 1964, from memory). Colder is thicker by an
 * Arrhenius term of 20 kJ/mol (from memory, 10 to 25 for pastes).
 *
 * Words: the limits of the National Dysphagia Diet 2002 (from memory): thin to 50 mPa s, nectar to 350,
 * honey to 1,750, spoon-thick above.
 */

export const THICKNESSES = ['like water', 'coats a spoon', 'thick', 'a spoon stands'] as const;
export type ThicknessWord = (typeof THICKNESSES)[number];

/** From which each begins, Pa s. */
export const THICK_FROM: Readonly<Record<ThicknessWord, number>> = {
  'like water': 0,
  'coats a spoon': 0.05,
  thick: 0.35,
  'a spoon stands': 1.75,
};

/** @param pas apparent viscosity, Pa s */
export function thicknessWord(pas: number): ThicknessWord {
  return THICKNESSES.findLast((word) => pas >= THICK_FROM[word]) ?? 'like water';
}

/** Solids dissolved or suspended in the liquid. */
export interface Body {
  /** Free liquid, L. */
  readonly litres: number;
  /** Starch that has swollen in it, as cornstarch, g. */
  readonly starchG: number;
  /** Solids broken down in it, L. */
  readonly pulpL: number;
  /** g */
  readonly gelatineG: number;
}

const MEDIUM_G_PER_L = 8 / 0.24;
/** Of a medium sauce at 60 C, Pa s. */
export const MEDIUM_PAS = 0.25;
const POWER = 3;
const EATEN_C = 60;
const KELVIN = 273.15;
const ACTIVATION_K = 20_000 / 8.314;
/** Swollen pulp jams at that share, and what a crowd of soft particles adds (Krieger & Dougherty). */
const CROWDED = 0.74;
const SOFT = 2.5;
/** mL/g */
const GELATINE = 40;
/** Of water at 60 C, Pa s. */
const WATER_PAS = 0.00047;
/** Thicker is a paste that no spoon tells apart, Pa s. */
const MOST_PAS = 50;

/**
 * Apparent viscosity.
 *
 * @param celsius as it is eaten
 * @returns Pa s
 * @example thicknessWord(apparentPas({ litres: 0.24, starchG: 8, pulpL: 0, gelatineG: 0 }, 60)) // 'coats a spoon'
 */
export function apparentPas({ litres, starchG, pulpL, gelatineG }: Body, celsius: number): number {
  const all = litres + pulpL;
  if (all <= 0) return MOST_PAS;
  const colder = Math.exp(ACTIVATION_K * (1 / (celsius + KELVIN) - 1 / (EATEN_C + KELVIN)));
  // Starch has the room that pulp leaves it.
  const paste = MEDIUM_PAS * (starchG / Math.max(1e-6, litres) / MEDIUM_G_PER_L) ** POWER;
  const share = Math.min(0.99 * CROWDED, pulpL / all);
  const crowd = (1 - share / CROWDED) ** (-SOFT * CROWDED);
  const broth = WATER_PAS * (1 + (GELATINE * gelatineG) / 1000 / Math.max(1e-6, litres));
  return Math.min(MOST_PAS, (broth + paste) * crowd * colder);
}

/**
 * Starch that brings it to a thickness, as cornstarch, g; 0 where it is that thick.
 *
 * @param pas wanted at 60 C
 */
export function starchFor(body: Body, pas: number): number {
  if (apparentPas(body, EATEN_C) >= pas) return 0;
  let low = 0;
  let high = 200 * Math.max(0.01, body.litres);
  for (let i = 0; i < 40; i++) {
    const middle = (low + high) / 2;
    if (apparentPas({ ...body, starchG: body.starchG + middle }, EATEN_C) < pas) low = middle;
    else high = middle;
  }
  return high;
}

/** Flour does half the work of cornstarch: 15 g a cup for 8 (common practice). */
export const FLOUR_FOR_STARCH = 15 / 8;

/** By the next day starch has set further (assumed): times the starch that is there. */
export const BY_TOMORROW = 1.25;
/** In an hour in the pot what swells goes on leaching (assumed). */
export const IN_AN_HOUR = 1.1;
