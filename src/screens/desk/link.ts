/** A recipe behind a link, by this house's own server: the browser may not fetch other sites. */

/** Outcome of a link: the recipe in plain words, or the reason for having none. */
export type Fetched =
  | { readonly ok: true; readonly text: string }
  | { readonly ok: false; readonly why: string };

const PASTE = 'Copy the recipe there and paste it here.';
const PAGE = '/api/v1/page';

function wordsIn(answer: unknown, field: 'text' | 'error'): string | null {
  const value = (answer as Readonly<Record<string, unknown>> | null)?.[field];
  return typeof value === 'string' ? value : null;
}

/** Asks for the recipe behind a link. Never throws. */
export async function fetchRecipe(link: string, signal?: AbortSignal): Promise<Fetched> {
  try {
    const response = await fetch(PAGE, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ link }),
      ...(signal && { signal }),
    });
    const answer: unknown = await response.json();
    const text = response.ok ? wordsIn(answer, 'text') : null;
    if (text !== null) return { ok: true, text };
    return { ok: false, why: `${wordsIn(answer, 'error') ?? 'The page was not read.'} ${PASTE}` };
  } catch {
    return { ok: false, why: `The page was not reached: there is no connection. ${PASTE}` };
  }
}
