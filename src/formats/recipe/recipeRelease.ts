/** How a recipe lets the steam out. */
import { afterWait, LONGEST_WAIT_MIN, waitOf, type Release } from '../../core/vocabulary';
import { timesIn } from './recipeTimes';

const BURSTS = /\b(?:bursts|pulses|puffs)\b|\ba (?:little|bit) at a time\b|\bbit by bit\b/i;
const COLD_WATER =
  /(?<!\b(?:rins|wash|soak|cover|pour|add)[^.]*)\bunder (?:a |the )?(?:running )?(?:cold (?:running )?(?:water|tap)|tap|running water)\b|\b(?:pressure|steam)\b[^.]*\bcold (?:running )?water\b|\bcold (?:running )?water\b.*\b(?:lid|cooker)\b|\b(?:lid|cooker|pot)\b.*\bcold (?:running )?(?:water|tap)\b|\bcold[- ]water (?:method|release)\b|\b(?:cool|run|hold|put)\b[^.]*\bunder (?:a |the )?(?:running )?cold (?:running )?(?:water|tap)\b/i;
const FALLS = String.raw`(?:drop|dropped|fall|fallen|comes?|coming|go|goes|die|subside|settle|reduce)s?\b(?! up)(?: (?:down|off))?|(?:has|is) (?:gone|down)`;
const NATURAL = new RegExp(
  String.raw`\bnatural(?:ly)?\b|\blet (?:it|the (?:pot|cooker)) (?:come|go|drop) down\b|\bdepressuri[sz]\w*\b[^.]*\b(?:by itself|on its own|alone|slowly)\b|\b(?:go|come|release)s?\b[^.]*\b(?:alone|on its own|by itself)\b|\b(?:indicator|float|button|plunger)\b[^.]*\b(?:fall|drop|go|come)(?:s|ped|en|ne)?\b|\breduc\w* (?:the )?pressure (?:slowly|gradually|gently)\b|\b(?:come|go)(?:es)? down\b[^.]*\b(?:by itself|on its own|slowly)\b|\b(?:until|till) (?:the lid|it) (?:opens|unlocks|comes off|can be)\b|\bpressure\b[^.]*\bat room temperature\b|\b(?:allow|let|leave)\b[^.]*\bcool\b[^.]*\b(?:until|till)\b[^.]*\bpressure\b|(?<=\b(?:pressure|steam|pin)\b[^.]*)\b(?:by itself|on its own)\b|\b(?:let|allow|leave|wait|until)\b[^.]*\b(?:pressure|steam|pin)\b[^.]*\b(?:${FALLS})`,
  'i',
);
const LETS_OUT =
  /\breleas\w*|\breduc\w* (?:the )?pressure (?:quickly|fast|rapidly|at once)\b|(?<!\bnot )\bvent(?:ing)?\b(?! (?:hole|pipe))|\b(?:open|turn|flick|mov)\w* (?:the )?(?:\w+ )?(?:valve|vent)\b(?! to (?:seal|close))|\blet\w* (?:off |out )?(?:the |any |all )?(?:rest of the |remaining |other )?(?:steam|pressure)(?: (?:out|off))?\b(?! (?:drop|fall|come|go|die|subside|settle|reduce))|\bdepressuri[sz]e|(?:^|[,/;.]\s*)quick(?:ly)?\W*$|\bquick\w* (?:release )?the rest\b|\bopen(?:ed)? (?:it )?(?:at once|immediately|straight away)\b/i;
const WHOLLY = /\b(?:fully|completely|entirely|all the pressure|on its own|by itself)\b/i;

/** The steam let off slowly: by itself is the slower way. */
const SLOWLY = /\bslow(?:ly)?\b/i;

/** "At least 20 minutes" is no time to open it. */
const AT_LEAST = /\bat least\b(?!.*\b(?:before|then|vent|releas|open|quick))/i;

/** Words that speak of letting the steam out. */
export const RELEASE_WORDS: readonly RegExp[] = [BURSTS, COLD_WATER, NATURAL, LETS_OUT];

/** Position at which a sentence begins to speak of letting the steam out; -1 for none. */
export function releaseAt(sentence: string): number {
  const found = RELEASE_WORDS.map((word) => sentence.search(word)).filter((at) => at >= 0);
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
  const wholly = WHOLLY.test(sentence) && !said?.lasts;
  // ", about 20 minutes" behind it is how long it takes; in front, how long it waits.
  const takes =
    said?.aside === true &&
    said.at > sentence.search(NATURAL) &&
    !/\bthen\b|\brest\b|\bremaining\b/i.test(sentence);
  if (natural && (!said || takes || wholly || AT_LEAST.test(sentence)))
    return { method: 'natural' };
  if (SLOWLY.test(sentence) && !said) return { method: 'natural' };
  return said ? { method: 'timed', afterMin: wait } : { method: 'quick' };
}

/** Minutes taken where a recipe waits and does not say how long (common practice, no source). */
const USUAL_WAIT = 10;

/** Release that two sentences give together. */
export interface Joined {
  readonly release: Release;
  /** Whether its wait was guessed. */
  readonly guessed: boolean;
  /** Whether they contradict each other: the slower one is taken. */
  readonly contradicts: boolean;
}

/**
 * Two sentences on one release: "naturally for 15 minutes", "then quick release". The second joins the
 * first and never overwrites it: what has waited has waited.
 */
export function joined(first: Release | undefined, then: Release): Joined {
  const sure = { guessed: false, contradicts: false };
  if (!first) return { release: then, ...sure };
  const waited = waitOf(first);
  const opens = then.method !== 'natural';
  if (opens && first.method === 'natural') {
    const wait = waitOf(then) || USUAL_WAIT;
    return { release: afterWait(then, wait), guessed: waitOf(then) === 0, contradicts: false };
  }
  if (opens && waited > 0)
    return { release: afterWait(then, Math.max(waited, waitOf(then))), ...sure };
  // The valve is open already: another word of the same.
  if (first.method === then.method || then.method === 'quick') return { release: first, ...sure };
  if (opens) return { release: then, ...sure };
  return { release: then, guessed: false, contradicts: true };
}
