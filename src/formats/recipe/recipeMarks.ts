/** Fate of every word of the instructions: the same fates as those of a line. */
import { Claims, tokensOf, type Mark } from '../../core/batch/reading';
import { nameWords, type Food } from '../../core/food';
import { DURATION_UNIT, SPELLED } from '../../core/quantity';
import { wordsOfTerms } from './mentions';
import { RELEASE_WORDS } from './recipeRelease';
import type { Phrase } from './recipeSteps';
import { timesIn } from './recipeTimes';

const NUMBER = String.raw`(?:\d+(?:[.,]\d+)?(?:\s*\d\/\d)?\s*[¼½¾]?|[¼½¾]|half an?|three quarters of an?|(?:a )?quarter of an|an?|${Object.keys(SPELLED).join('|')})`;
const DURATION = new RegExp(
  String.raw`\b${NUMBER}(?:\s*(?:-|–|—|to|or)\s*${NUMBER})?[\s-]*(?:and a half\s+|more |further |additional )?(?:${DURATION_UNIT})\b(?:\s*(?:and\s+)?(?:a half\b|a quarter\b|\d+\s*min\w*))?`,
  'gi',
);
/** How hard a pot is driven, and how often something is done. */
const DRIVEN =
  /\b\d+(?:\.\d+)?\s?(?:psi|bar|kpa)\b|\b(?:ring|level|stage|setting)\s\d\b|\b\d+\s+whistles?\b|\bin \d+ batches\b/gi;
const NEAR = 0.01;

const isUsed = (minutes: number, { used }: Phrase): boolean =>
  used.some((one) => Math.abs(one - minutes) < NEAR);

/** Marks of the words of one phrase, from its own beginning. */
function marksOfPhrase(
  text: string,
  phrase: Phrase,
  foods: readonly (Food | null)[],
): readonly Mark[] {
  const { fate, lines, spoken } = phrase;
  const claims = new Claims(text, () => true);
  for (const match of text.matchAll(DURATION)) {
    const [time] = timesIn(match[0]);
    const used = time !== undefined && (isUsed(time.minutes, phrase) || spoken === true);
    claims.span(
      match.index,
      match.index + match[0].length,
      used ? (fate === 'condition' ? fate : 'time') : 'unused',
    );
  }
  // "High pressure 12": a bare number that was taken for minutes.
  for (const match of text.matchAll(/\b\d+(?:\.\d+)?\b/g))
    if (isUsed(Number(match[0]), phrase))
      claims.span(match.index, match.index + match[0].length, 'time');
  if (fate === 'step' || fate === 'release') {
    claims.all(DRIVEN, 'step');
    for (const word of RELEASE_WORDS) claims.all(word, 'release');
  }
  const named = new Set(lines.flatMap((line) => foods[line] ?? []));
  const words = new Set([...named].flatMap(wordsOfTerms));
  claims.words((word) => words.has(nameWords(word)[0] ?? word), 'food');
  if (fate !== 'talk') claims.words(() => true, fate);
  return claims.marks();
}

/**
 * Fate of each word of an instruction.
 * @param phrases of this instruction
 * @param foods of the ingredient lines
 */
export function marksOf(
  text: string,
  phrases: readonly Phrase[],
  foods: readonly (Food | null)[],
): readonly Mark[] {
  const inside = phrases.flatMap((phrase) =>
    marksOfPhrase(text.slice(phrase.from, phrase.to), phrase, foods).map((mark) => ({
      ...mark,
      from: mark.from + phrase.from,
      to: mark.to + phrase.from,
    })),
  );
  // Joining words and list numbers come between two phrases.
  const taken = new Set(inside.map(({ from }) => from));
  const between = tokensOf(text)
    .filter(({ from }) => !taken.has(from))
    .map(({ from, to }): Mark => ({ from, to, fate: 'talk' }));
  return [...inside, ...between].sort((a, b) => a.from - b.from);
}
