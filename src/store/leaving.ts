/** Leaving the page now would lose something. */
const askBeforeLeaving = (event: Event): void => event.preventDefault();

/** Asks before the page is left while something is not written, and only then. */
export function watchLeaving(unsaved: boolean): void {
  if (typeof removeEventListener !== 'function') return;
  removeEventListener('beforeunload', askBeforeLeaving);
  if (unsaved) addEventListener('beforeunload', askBeforeLeaving);
}
