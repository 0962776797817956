/** Numbers and durations that cooks write out, turned into figures. */

/** Numbers in words; "a" and "an" are read by `numberOf`. */
export const SPELLED: Readonly<Record<string, number>> = {
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
  eleven: 11,
  twelve: 12,
  fifteen: 15,
  eighteen: 18,
  twenty: 20,
  thirty: 30,
  forty: 40,
  fifty: 50,
  sixty: 60,
  ninety: 90,
};

/** A number in words or figures. @returns NaN for anything else @example numberOf('an') // 1 */
export function numberOf(word: string): number {
  const said = word.toLowerCase();
  return /^an?$/.test(said) ? 1 : (SPELLED[said] ?? Number(said));
}

const TENS_ONES =
  /\b(twenty|thirty|forty|fifty)[- ](one|two|three|four|five|six|seven|eight|nine)\b/gi;

/** @example tensInFigures('twenty-five past six') // "25 past six" */
export function tensInFigures(text: string): string {
  return text.replace(TENS_ONES, (_, tens: string, ones: string) =>
    String(numberOf(tens) + numberOf(ones)),
  );
}

/** Units of a duration, for a pattern. */
export const DURATION_UNIT = 'hours?|hrs?|h|minutes?|mins?|seconds|secs?';
const WORD = `an?|${Object.keys(SPELLED).join('|')}`;

const FRACTION = new RegExp(
  String.raw`(\d+)?\s*(?:(?<!\d)(\d\/\d)|([¼½¾]))\s*(?=(?:${DURATION_UNIT})\b)`,
  'gi',
);
const SIGNS: Readonly<Record<string, number>> = { '¼': 1 / 4, '½': 1 / 2, '¾': 3 / 4 };

/** A part as it is written: "1/2", "¾". By hand, so that pages need no parser of numbers for it. */
function partOf(text: string): number {
  const [above, below = 1] = text.split('/').map(Number);
  return SIGNS[text] ?? (above ?? 0) / below;
}

const PART: Readonly<Record<string, number>> = {
  'a half': 1 / 2,
  'a quarter': 1 / 4,
  'three quarters': 3 / 4,
};
const PARTS = Object.keys(PART).join('|');
const AND_PART_HOURS = new RegExp(String.raw`\b(${WORD}|\d+) and (${PARTS}) hours?\b`, 'gi');
const HOURS_AND_PART = new RegExp(String.raw`\b(${WORD}|\d+) hours? and (${PARTS})\b`, 'gi');
const COUNTED = new RegExp(
  String.raw`\b(${WORD})(?=(?:\s+(?:or|to)\s+(?:${WORD}))?[\s-]+(?:${DURATION_UNIT})\b)`,
  'gi',
);

/**
 * A text with its durations in figures.
 *
 * @example durationsInFigures('for an hour and a half') // "for 1.5 hours"
 * @example durationsInFigures('1 h 15') // "75 minutes"
 */
export function durationsInFigures(text: string): string {
  const hours = (_: string, whole: string, part: string): string =>
    `${numberOf(whole) + (PART[part.toLowerCase()] ?? 0)} hours`;
  return tensInFigures(text)
    .replace(
      FRACTION,
      (_, whole: string | undefined, over: string | undefined, sign: string | undefined) =>
        ` ${Number(whole ?? 0) + partOf(over ?? sign ?? '0')} `,
    )
    .replace(/\bthree quarters of an hour\b/gi, '45 minutes')
    .replace(/\banother (?=(?:minute|hour)\b)/gi, '1 ')
    .replace(/\ba couple of (?=(?:minutes|hours)\b)/gi, '2 ')
    .replace(/\b(?:a )?quarter of an hour\b/gi, '15 minutes')
    .replace(/\bhalf an hour\b/gi, '30 minutes')
    .replace(AND_PART_HOURS, hours)
    .replace(HOURS_AND_PART, hours)
    .replace(COUNTED, (word) => String(numberOf(word)))
    .replace(/(\d+ ?(?:h|hrs?|hours?)) (?:and )?(\d{1,2})(?=\s*(?:$|[,;.(]))/gi, '$1 $2 minutes')
    .replace(
      /(\d+(?:\.\d+)?)\s*(?:hours?|hrs?|h)\s*,?\s*(?:and\s+)?(\d+)\s*(?:minutes?|mins?)\b/gi,
      (_, whole: string, minutes: string) => `${Number(whole) * 60 + Number(minutes)} minutes`,
    );
}
