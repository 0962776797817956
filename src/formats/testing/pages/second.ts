export const SECOND_PAGES: readonly never[] = [];
