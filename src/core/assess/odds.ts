/** How chances are judged and told. */

/** A band holds so many of ten draws. */
export const BAND_IN_TEN = 8;
/** Below this chance of liquid at the valve it may be opened. */
export const SAFE_CHANCE = 0.02;
