/** Instructions taken apart: sentences, and in them clauses about one action each. */

/** Position of something in a text. */
export interface Place {
  readonly from: number;
  readonly to: number;
}

/** A clause of the instructions, in plain words, and its place. */
export interface Clause extends Place {
  readonly text: string;
  /** Index of its instruction. */
  readonly of: number;
  /** Whether it is read elsewhere, and only told here. */
  readonly isLeft: boolean;
  /** All of its sentence. */
  readonly whole: string;
  /** Number of its sentence, counted over all of them. */
  readonly sentence: number;
}

/** Abbreviations of pressure cooks and their meanings. */
const SHORT: readonly (readonly [RegExp, string])[] = [
  [/\bPC\b/g, 'pressure cook'],
  [/\bHP\b/g, 'high pressure'],
  [/\bLP\b/g, 'low pressure'],
  [/\bN(?:P)?R\b/g, 'natural release'],
  [/\bQ(?:P)?R\b/g, 'quick release'],
  // A bare number behind a way to cook or to let off is minutes.
  [
    /\b(high pressure|low pressure|natural(?: release)?)[ ,:-]+(\d+)(?![\d.]*\s*(?:min|h(?:ou)?r|h\b|sec|psi|[-–]|to\b|°|%))/gi,
    '$1 $2 minutes',
  ],
  // A vessel says nothing of its lid.
  [
    /\b(in|into|to|of|inside) (?:the|your|an?) (?:(?:large|big|\d+[- ]\w+) )?(?:electric |stovetop )?pressure[- ]cooker\b/gi,
    '$1 the pot',
  ],
  [/\b(?:electric |stovetop )?pressure[- ]cooker\b/gi, 'pot'],
  [/\s\/\s/g, ', '],
  // A heading in front of a sentence, and how long the pot takes to come up.
  [
    /^\s*(?:\d+[.)]\s+|(?!(?:[A-Z]+ )*(?:PRESSURE|RELEASE|COOK|HIGH|LOW|QUICK|NATURAL))(?:[A-Z]{2,}\s*)+:\s*)/,
    '',
  ],
  [
    /\b(?:it |this )?(?:will )?takes? [^.,;]*\b(?:to|up to|at|under|reach\w*)(?: full| high)? pressure\b/gi,
    '',
  ],
  [/\(?(?:about |around )?\d+(?:\s*(?:-|–|to)\s*\d+)? min\w* to come (?:up )?to pressure\)?/gi, ''],
];

/** A full stop behind a short word ends no sentence that goes on in small letters. */
const SENTENCE =
  /\n+|(?<=[.!?])(?<!\b(?:min|mins|hr|hrs|tbsp|tsp|approx|oz|lb|lbs|no)\.(?=\s+[a-z(]))\s+/g;

/** Verbs that begin something else behind a comma. */
const VERB =
  'add|stir|strain|reheat|pass|process|mash|open|remove the lid|skim|blend|pur[ée]e|serve|simmer|close|lock|seal|bring|release|vent|return|pour|tip|cook(?!ing)|fry|sear|brown(?! (?:rice|lentils?|sugar|onions?))|saut[ée]|quick(?:ly)?[- ]release|natural(?:ly)?[- ]release|discard|shred|fish|lift|put|place|season|sprinkle|scatter|garnish|drizzle';
const PARTS = new RegExp(
  String.raw`;\s*|[,;]?\s+(?:and\s+)?then,?\s+|,\s+(?:and\s+)?(?=(?:${VERB})\b)|\s+and\s+(?=(?:strain|season|vent|open (?:it|the)|quick[- ]release)\b)|,\s+(?:and\s+)?(?=(?:adding\s+|with\s+)?the\s[^,.;]*\b(?:for|in|during) the (?:last|final) (?:\d|minute\b))`,
  'gi',
);
/** A clause that begins so belongs to the one after its comma. */
const LEADS =
  /^\W*(?:if|once|when|after|as soon as|while|should|with|in|using|on|for|at|over|under|off|without|before|working)\b[^,]*$/i;

/** Places of what a pattern parts. */
function parted(text: string, by: RegExp, { from, to }: Place): readonly Place[] {
  const places: Place[] = [];
  let start = from;
  for (const match of text.slice(from, to).matchAll(by)) {
    const end = from + match.index;
    if (match[0].startsWith(',') && LEADS.test(text.slice(start, end))) continue;
    places.push({ from: start, to: end });
    start = end + match[0].length;
  }
  return [...places, { from: start, to }].filter((p) => text.slice(p.from, p.to).trim() !== '');
}

/** Sentences of a text. */
function sentencesOf(text: string): readonly Place[] {
  return parted(text, SENTENCE, { from: 0, to: text.length });
}

/** "Still firm?": what comes behind it is done only then. */
const ASKS = /^\W*(?:is |are )?[^.!?,]{0,60}\b(?:still|not|too)\b[^.!?,]{0,60}\?\W*$/i;
/** Boiled water is poured away: it belongs to the sentence before. */
const DRAINS = /^\W*(?:drain|discard the water|pour (?:off|away)|tip (?:off|away))\b/i;

/** In plain words, under the condition that was asked about just before. */
function inPlainWords(text: string, asked: string | undefined): string {
  const plain = SHORT.reduce((line, [short, long]) => line.replace(short, long), text);
  if (!asked || !ASKS.test(asked)) return plain;
  return `If ${asked.replace(/\?\W*$/, '').toLowerCase()}, ${plain.charAt(0).toLowerCase()}${plain.slice(1)}`;
}

/**
 * Clauses of the instructions.
 *
 * @param isLeft whether a sentence is read elsewhere, and is one clause here
 */
export function clausesOf(
  instructions: readonly string[],
  isLeft: (sentence: string) => boolean = () => false,
): readonly Clause[] {
  let sentence = 0;
  return instructions.flatMap((text, of) => {
    const places = sentencesOf(text);
    const words = places.map((place) => text.slice(place.from, place.to));
    return places.flatMap((place, n): readonly Clause[] => {
      sentence++;
      const own = words[n] ?? '';
      const next = words[n + 1] ?? '';
      const whole = DRAINS.test(next) ? `${own.replace(/\.\s*$/, '')}; ${next}` : own;
      if (isLeft(own)) return [{ ...place, of, sentence, whole, text: own, isLeft: true }];
      return parted(text, PARTS, place).map((part, i) => ({
        ...part,
        of,
        sentence,
        whole,
        isLeft: false,
        text: inPlainWords(text.slice(part.from, part.to), i === 0 ? words[n - 1] : undefined),
      }));
    });
  });
}
