/** How long things take, as recipes say it. */

/** A duration in a sentence. */
export interface SaidTime {
  /** A range is read as its middle. */
  readonly minutes: number;
  /** Where it stands in the sentence. */
  readonly at: number;
  /** Said of how long something takes by itself: ", about 20 minutes", "(15 min)". */
  readonly aside: boolean;
  /** Said of how long it is done: "for ten minutes". */
  readonly lasts: boolean;
}

const NUMBERS: Readonly<Record<string, number>> = {
  a: 1,
  an: 1,
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

const TENS = 'twenty|thirty|forty|fifty';
const ONES = 'one|two|three|four|five|six|seven|eight|nine';

const WORD = Object.keys(NUMBERS).join('|');
const UNIT = 'hours?|hrs?|h|minutes?|mins?|seconds?|secs?';

/** The same sentence with its durations in figures. @example inFigures('for an hour and a half') // "for 1.5 hours" */
function inFigures(text: string): string {
  return text
    .replace(/½/g, ' 1/2')
    .replace(new RegExp(`\\b(${TENS})[- ](${ONES})\\b`, 'gi'), (_, tens: string, ones: string) =>
      String((NUMBERS[tens.toLowerCase()] ?? 0) + (NUMBERS[ones.toLowerCase()] ?? 0)),
    )
    .replace(/\bthree quarters of an hour\b/gi, '45 minutes')
    .replace(/\ba quarter of an hour\b/gi, '15 minutes')
    .replace(/\bhalf an hour\b/gi, '30 minutes')
    .replace(/\b(\w+) hours? and a half\b/gi, (all, n: string) => {
      const hours = NUMBERS[n.toLowerCase()] ?? Number(n);
      return Number.isFinite(hours) ? `${hours + 0.5} hours` : all;
    })
    .replace(
      /(\d+)?\s+(\d)\/(\d)\s+(?=hours?|minutes?)/gi,
      (_, whole: string | undefined, over: string, under: string) =>
        ` ${Number(whole ?? 0) + Number(over) / Number(under)} `,
    )
    .replace(
      new RegExp(`\\b(${WORD})(?=(?:\\s+(?:or|to)\\s+(?:${WORD}))?[\\s-]+(?:${UNIT})\\b)`, 'gi'),
      (n) => String(NUMBERS[n.toLowerCase()]),
    )
    .replace(
      /(\d+(?:\.\d+)?)\s*(?:hours?|hrs?|h)\s*,?\s*(?:and\s+)?(\d+)\s*(?:minutes?|mins?)\b/gi,
      (_, hours: string, minutes: string) => `${Number(hours) * 60 + Number(minutes)} minutes`,
    );
}

const TIME = new RegExp(
  `(\\d+(?:\\.\\d+)?)(?:\\s*(?:-|–|—|to|or)\\s*(\\d+(?:\\.\\d+)?))?[\\s-]*(?:more |further |additional )?(${UNIT})\\b`,
  'gi',
);
const PER: readonly (readonly [RegExp, number])[] = [
  [/^h/i, 60],
  [/^m/i, 1],
  [/^s/i, 1 / 60],
];

/**
 * Durations in a sentence, in their order.
 *
 * @example timesIn('cook for 1 hour 30 minutes')[0]?.minutes // 90
 */
export function timesIn(sentence: string): readonly SaidTime[] {
  const text = inFigures(sentence);
  return [...text.matchAll(TIME)].map((match) => {
    const [, from = '0', to, unit = ''] = match;
    const value = to === undefined ? Number(from) : (Number(from) + Number(to)) / 2;
    const before = text.slice(0, match.index);
    return {
      lasts: /\bfor\s+(?:about |around |at least |another |a further )?$/i.test(before),
      minutes: value * (PER.find(([word]) => word.test(unit))?.[1] ?? 1),
      at: match.index,
      aside:
        /(?:[,(]\s*(?:about|around|approximately|roughly|up to)?|\btakes?(?:\s+about)?)\s*$/i.test(
          before,
        ),
    };
  });
}

/** Minutes of the first duration in a sentence, or null. */
export function minutesIn(sentence: string): number | null {
  return timesIn(sentence)[0]?.minutes ?? null;
}
