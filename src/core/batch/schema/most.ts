/** Bounds that pages know without the schemas. */

/** Words that one kitchen puts right. */
export const MOST_WORDS = 500;
