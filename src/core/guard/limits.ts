/**
 * Published limits of food safety: the only place in the code that knows them. Local advice goes before them.
 *
 * FDA Food Code 2022: 3-401.11 (centre), 3-501.14 (cooling), 3-501.16 (hot and cold holding). USDA FSIS: safe minimum
 * internal temperatures, danger zone. FDA Bad Bug Book, 2nd ed.: phytohaemagglutinin. foodsafety.gov: cold food storage
 * chart. Temperatures are degrees Celsius, rounded as the sources round them.
 */

/** Cooling counts from the moment the food falls below this: 135 F (3-501.16). */
export const HOT_C = 57;
/** First limb of cooling: 70 F within 2 h (3-501.14). */
export const COOL_C = 21;
export const COOL_WITHIN_MIN = 120;
/** Both limbs of cooling: 41 F within 6 h in all (3-501.14). */
export const COLD_C = 5;
export const COLD_WITHIN_MIN = 360;
/** Hot food is kept above this at home: 140 F (USDA FSIS, danger zone). */
export const KEEP_HOT_C = 60;

/** Leftovers are reheated to this: 165 F (USDA FSIS). */
export const REHEAT_C = 74;

/** Temperature that the centre must reach, by rule of the food (USDA FSIS; foodsafety.gov for game, fish and egg dishes). */
export const SAFE_CENTRE_C = {
  poultry: 74,
  minced: 71,
  'whole-cut': 63,
  game: 71,
  fish: 63,
  egg: 71,
} as const;
/** Rest of whole cuts at that temperature, min (USDA FSIS). */
export const REST_MIN = 3;

/** Minutes at the boil that destroy the lectin of beans, and the coolest water that counts (FDA Bad Bug Book). */
export const LECTIN_MIN = 30;
export const LECTIN_C = 95;

/** Longest time for raw perishable food at room temperature; half of it above 32 C (USDA FSIS). */
export const STANDS_MIN = 120;
export const HOT_ROOM_C = 32;

/** Fat for each litre in a closed pot, L: 1/4 cup in a pot of its minimum liquid (manuals as a class). */
export const FAT_L = 0.06;
/** Spirits of the liquid in an open pot with a flame near, share (manuals as a class). */
export const SPIRITS_SHARE = 0.02;
/** Share of a pot above which foam is never let to the valve at once (manuals as a class). */
export const HALF_FULL = 0.5;

/** Soups and stews: days in the fridge, and months in the freezer for best quality (foodsafety.gov). */
export const FRIDGE_DAYS = [3, 4] as const;
export const FREEZER_MONTHS = [2, 3] as const;

/** Usual lines of a pot, as shares of it: fuller pots are asked about (manuals as a class). */
export const USUAL_LINES = { fill: 2 / 3, foam: 1 / 2 } as const;
