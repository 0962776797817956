/** How a recipe lets the steam out. */
import { afterWait, LONGEST_WAIT_MIN, type Release } from '../core/vocabulary';
import { timesIn } from './recipeTimes';

const BURSTS = /\b(?:bursts|pulses)\b/i;
const COLD_WATER =
  /\bcold (?:running )?water\b.*\b(?:lid|cooker)\b|\b(?:lid|cooker)\b.*\bcold (?:running )?(?:water|tap)\b/i;
const FALLS = String.raw`(?:drop|fall|comes?|coming|go|goes|die|subside|reduce)s?\b(?! up)(?: (?:down|off))?`;
const NATURAL = new RegExp(
  String.raw`\bnatural(?:ly)?\b|\b(?:let|allow|leave|wait|until)\b[^.]*\b(?:pressure|steam|pin)\b[^.]*\b${FALLS}`,
  'i',
);
const LETS_OUT =
  /\breleas\w*|\bvent(?:ing)? (?:the )?(?:steam|pressure)|\bopen(?:ing)? the valve|\bdepressuri[sz]e/i;
const WHOLLY = /\b(?:fully|completely|entirely|all the pressure|on its own|by itself)\b/i;
const REST_OF_IT = /\b(?:remaining|whatever|any|rest|left)\b/i;

const WORDS = [BURSTS, COLD_WATER, NATURAL, LETS_OUT];

/** Where a sentence begins to speak of letting the steam out; -1 where it does not. */
export function releaseAt(sentence: string): number {
  const found = WORDS.map((word) => sentence.search(word)).filter((at) => at >= 0);
  return found.length > 0 ? Math.min(...found) : -1;
}

/**
 * The release a sentence speaks of; null where it speaks of none.
 *
 * @param held whether the first duration in it is that of a hold
 */
export function releaseIn(sentence: string, held: boolean): Release | null {
  if (releaseAt(sentence) < 0) return null;
  const said = timesIn(sentence)[held ? 1 : 0];
  const wait = Math.min(LONGEST_WAIT_MIN, said?.minutes ?? 0);
  if (BURSTS.test(sentence)) return afterWait({ method: 'pulsed' }, wait);
  if (COLD_WATER.test(sentence)) return afterWait({ method: 'coldwater' }, wait);
  // "Naturally, about 20 minutes" says how long it takes; "naturally for 10" when to open.
  const natural = NATURAL.test(sentence);
  if (natural && (!said || said.aside || WHOLLY.test(sentence))) return { method: 'natural' };
  return said ? { method: 'timed', afterMin: wait } : { method: 'quick' };
}

/** Minutes taken where a recipe waits and does not say how long (common practice, no source). */
const USUAL_WAIT = 10;

/**
 * Two sentences on one release: "naturally for 15 minutes", "then quick release whatever is left".
 *
 * @returns the release, and whether its wait was guessed
 */
export function joined(
  first: Release | undefined,
  then: Release,
  sentence: string,
): { readonly release: Release; readonly guessed: boolean } {
  const rest = then.method === 'quick' && REST_OF_IT.test(sentence);
  if (rest && first?.method === 'timed') return { release: first, guessed: false };
  if (rest && first?.method === 'natural')
    return { release: { method: 'timed', afterMin: USUAL_WAIT }, guessed: true };
  return { release: then, guessed: false };
}
