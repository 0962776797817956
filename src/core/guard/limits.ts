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

/** Safe temperature of the centre, by rule of the food (USDA FSIS). */
export const SAFE_CENTRE_C = { poultry: 74, minced: 71, 'whole-cut': 63 } as const;

/** Minutes at the boil that destroy the lectin of kidney beans (FDA Bad Bug Book). */
export const KIDNEY_MIN = 30;

/** Soups and stews: days in the fridge, and months in the freezer for best quality (foodsafety.gov). */
export const FRIDGE_DAYS = [3, 4] as const;
export const FREEZER_MONTHS = [2, 3] as const;
