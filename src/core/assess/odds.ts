/** How chances are judged and told. */

/** A band holds so many of ten draws. */
export const BAND_IN_TEN = 8;
