/** Words of the interface, in both Englishes. */
export { inEnglish } from './english';
export { termName, TERMS, type English, type Term, type TermId } from './terms';
