/**
 * What is done, read from a recipe's sentences: the steps they clearly speak of, and which foods go
 * in with them.
 */
import { afterWait, type PressureStep, type Release, type Step } from '../core/batch';
import type { Food } from '../core/food';
import { mentioned, termsIn, type Term } from './mentions';

/** Where a line's food goes in: a step, or never into the pot. */
export type Entry = { readonly step: string } | 'apart';

export interface ReadSteps {
  readonly steps: readonly Step[];
  /** By the index of the ingredient line; what is not there goes in as is usual. */
  readonly entries: ReadonlyMap<number, Entry>;
  readonly unsure: readonly string[];
}

const MINUTES = /(\d+)(?:\s*(?:-|–|to)\s*(\d+))?\s*(hours?|hrs?|h\b|minutes?|mins?|min\b)/i;

/** Minutes in a sentence; a range is read as its middle. */
function minutesIn(text: string): number | null {
  const found = MINUTES.exec(text);
  if (!found?.[1]) return null;
  const from = Number(found[1]);
  const value = found[2] ? (from + Number(found[2])) / 2 : from;
  return /^h/i.test(found[3] ?? '') ? value * 60 : value;
}

/** Everything in a sentence from a word on, or null where the word is not. */
function from(text: string, word: RegExp): string | null {
  const at = text.search(word);
  return at < 0 ? null : text.slice(at);
}

/** The longest wait before the valve that a batch may hold, min. */
const LONGEST_WAIT = 240;

const timed = (afterMin: number): Release => ({
  method: 'timed',
  afterMin: Math.min(LONGEST_WAIT, afterMin),
});

/** How the steam is let out; minutes before it, unless they are those of the hold. */
function releaseIn(text: string, held: boolean): Release | null {
  const wait = held ? 0 : Math.min(LONGEST_WAIT, minutesIn(text) ?? 0);
  if (/\bbursts\b/i.test(text)) return afterWait({ method: 'pulsed' }, wait);
  if (/\bcold water\b.*\blid\b|\blid\b.*\bcold water\b/i.test(text))
    return afterWait({ method: 'coldwater' }, wait);
  const natural = from(text, /natural(?:ly)?/i);
  if (natural !== null) {
    const afterMin = minutesIn(natural) ?? (held ? null : minutesIn(text));
    return afterMin === null ? { method: 'natural' } : timed(afterMin);
  }
  if (
    !/quick(?:ly)?[- ]releas|releas\w* (?:the )?(?:pressure|steam) (?:quickly|at once)/i.test(text)
  )
    return null;
  const waitMin = held ? null : minutesIn(text);
  return waitMin === null ? { method: 'quick' } : timed(waitMin);
}

const ADDS = /\b(?:add|stir|put|pour|drop|tip|toss|throw|return|fold|crumble|mix)\b/i;
const SERVES =
  /\b(?:garnish|serve|sprinkle|top (?:it |each |the \w+ )?with|in(?:to)? (?:the|each) bowls?)\b/i;
const ALL =
  /\b(?:everything|all (?:of )?(?:the )?(?:other |remaining )?ingredients|the rest|all else)\b/i;
/** What is said to come about is not what is done: "until the carrots are soft". */
const UNTIL = /\b(?:until|till|while|so that|if|when|as soon as)\b.*$/i;
/** "Once the pin is down, add": what comes before the comma is over. */
const ONCE = /^(?:once|when|after|if|while|as soon as)\b[^,]*,\s*/i;
const BUT = /\b(?:but|except|apart from|other than)\b.*$/i;

type Told = { readonly step: Step } | { readonly release: Release } | null;

/** The step a sentence speaks of, or the release of the one before. */
function toldBy(sentence: string, steps: readonly Step[]): Told {
  const id = `s${steps.length + 1}`;
  const cooking =
    /\bpressure\b/i.test(sentence) && /\bcook|hold|high|low|pressure for/i.test(sentence);
  const release = releaseIn(sentence, cooking);
  const pressed = steps.some((s) => s.kind === 'pressure');
  const minutes = minutesIn(sentence);
  if (cooking && minutes !== null && !(release && pressed))
    return {
      step: {
        id,
        kind: 'pressure',
        ...(/\blow\b/i.test(sentence) && { setting: 'low' }),
        holdMin: Math.min(600, minutes),
        ...(release && { release }),
      },
    };
  if (release && pressed) return { release };
  const boils = pressed && minutes !== null && /\b(?:cook|boil|bubble)/i.test(sentence);
  const kind =
    /\bsimmer/i.test(sentence) || boils
      ? 'simmer'
      : /saut[ée]|\bsear\b|\bbrown\b(?! (?:lentil|rice|sugar|onion))/i.test(sentence)
        ? 'saute'
        : /\bstrain/i.test(sentence)
          ? 'strain'
          : pressed && minutes !== null
            ? (/\b(?:let|leave)\b.*\b(rest|stand|cool)\b/i.exec(sentence)?.[1] ?? null)
            : null;
  if (!kind) return null;
  const time = minutes !== null && { minutes: Math.min(2880, minutes) };
  switch (kind) {
    case 'simmer':
    case 'saute':
    case 'cool':
      return { step: { id, kind, ...time } };
    case 'strain':
      return {
        step: {
          id,
          kind,
          ...time,
          ...(/\bkeep the bones\b/i.test(sentence) && { keep: 'bones' }),
        },
      };
    default:
      return { step: { id, kind: 'rest', ...time } };
  }
}

/** Foods that a sentence puts in, of those that are not in yet. */
function putIn(
  sentence: string,
  foods: readonly (Food | null)[],
  terms: readonly Term[],
  isIn: (line: number) => boolean,
  cooks: boolean,
): readonly number[] {
  const done = sentence.replace(ONCE, '').replace(UNTIL, '');
  if (ALL.test(done)) {
    const not = mentioned(BUT.exec(done)?.[0] ?? '', terms);
    return foods.flatMap((food, i) => (food && !isIn(i) && !not.includes(i) ? [i] : []));
  }
  // Broth that thickens in a simmer was in before, whether it was told or not.
  const told = ADDS.test(done) || SERVES.test(done);
  const named = mentioned(done, terms).filter(
    (i) => !isIn(i) && (told || (cooks && foods[i]?.group !== 'liquid')),
  );
  // Water that is listed twice is put in twice.
  return named.filter(
    (i, n) =>
      foods[i]?.group !== 'liquid' ||
      named.findIndex((other) => foods[other]?.key === foods[i]?.key) === n,
  );
}

/**
 * Steps that the sentences clearly speak of, in their order.
 *
 * @param foods of the ingredient lines; null where a line named none
 */
export function stepsIn(
  instructions: readonly string[],
  foods: readonly (Food | null)[],
): ReadSteps {
  const terms = termsIn(foods);
  const steps: Step[] = [];
  const unsure: string[] = [];
  const entries = new Map<number, Entry>();
  /** Told to be put in, with what comes next. */
  let waiting: readonly number[] = [];
  const enter = (lines: readonly number[], entry: Entry): void => {
    for (const line of lines) if (!entries.has(line)) entries.set(line, entry);
  };
  for (const sentence of instructions.flatMap((t) => t.split(/(?<=[.;])\s+/))) {
    const told = toldBy(sentence, steps);
    const step = told && 'step' in told ? told.step : null;
    const isIn = (line: number): boolean => entries.has(line) || waiting.includes(line);
    const put = putIn(sentence, foods, terms, isIn, step !== null);
    const pressed = steps.findLastIndex((s) => s.kind === 'pressure');
    if (told && 'release' in told)
      steps[pressed] = { ...(steps[pressed] as PressureStep), release: told.release };
    if (step) {
      if (step.kind !== 'pressure' && step.kind !== 'strain' && step.minutes === undefined)
        unsure.push(`no minutes for “${sentence.slice(0, 60)}”: the usual time is taken`);
      const again = step.kind === 'pressure' && steps.at(-1)?.kind === 'pressure';
      if (again) {
        // Between two lids the pot is open, and that is when things go in.
        steps.push({ id: step.id, kind: 'open' }, { ...step, id: `s${steps.length + 2}` });
      } else steps.push(step);
      enter([...waiting, ...put], { step: step.id });
      waiting = [];
    } else if (pressed >= 0 && SERVES.test(sentence)) enter(put, 'apart');
    else waiting = [...waiting, ...put];
  }
  if (!steps.some((s) => s.kind === 'pressure'))
    return {
      steps: [],
      entries: new Map(),
      unsure: [...unsure, 'nothing was said of pressure: a plan is proposed'],
    };
  if (waiting.length > 0) {
    const id = `s${steps.length + 1}`;
    steps.push({ id, kind: 'simmer' });
    enter(waiting, { step: id });
    unsure.push('no minutes for what is stirred in last: the usual time is taken');
  }
  return { steps, entries, unsure };
}
