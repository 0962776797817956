/** Places where food gets cold, and how well heat leaves it there. */

/** Each place: its temperature is the room's, or its own. Films in W/(m2 K). */
interface PlaceDefinition {
  readonly words: string;
  /** C; null for the room's, or the tap's. */
  readonly celsius: number | null;
  /** Around the wall, convection and radiation. */
  readonly film: number;
}

/** Usual setting of a fridge, C (common practice: 4 C at most, USDA FSIS). */
export const FRIDGE_SET_C = 3;

/**
 * Air: ASHRAE surface conductances 8.3 to 9.4, from memory; in a fridge less, since its walls are cold and
 * its air stands (assumed). Water along a wall by free convection 200 to 1000 (Incropera & DeWitt, from
 * memory).
 */
export const PLACES = {
  room: { words: 'in the room', celsius: null, film: 9 },
  fridge: { words: 'in the fridge', celsius: FRIDGE_SET_C, film: 8 },
  freezer: { words: 'in the freezer', celsius: -18, film: 8 },
  ice: { words: 'in ice and water', celsius: 0, film: 350 },
  water: { words: 'in cold water', celsius: 15, film: 300 },
  hot: { words: 'kept hot', celsius: 70, film: 9 },
} satisfies Record<string, PlaceDefinition>;

export type Place = keyof typeof PLACES;

/** Inside a vessel, of thin liquid that moves by itself, and of what is stirred (from memory). */
export const INNER_FILM = 250;
export const STIRRED_FILM = 700;

/**
 * A fridge: its cooling power, air, shelves and contents (all assumed). A warm
 * pot warms everything in it.
 */
export const FRIDGE = { coolsW: 90, ownJPerK: 60_000 };
