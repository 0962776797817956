/** How long things take, as recipes say it. */
import { DURATION_UNIT, durationsInFigures, numberOf } from '../../core/quantity';

/** A duration in a sentence. */
export interface SaidTime {
  /** A range is read as its middle. */
  readonly minutes: number;
  /** Position in the sentence. */
  readonly at: number;
  /** Said of how long something takes by itself: ", about 20 minutes", "(15 min)". */
  readonly aside: boolean;
  /** Said of how long it is done: "for ten minutes". */
  readonly lasts: boolean;
}

const TIME = new RegExp(
  `(\\d+(?:\\.\\d+)?)(?:\\s*(?:-|–|—|to|or)\\s*(\\d+(?:\\.\\d+)?))?[\\s-]*(?:more |further |additional )?(${DURATION_UNIT})\\b`,
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
  const text = durationsInFigures(sentence);
  return [...text.matchAll(TIME)].map((match) => {
    const [, from = '0', to, unit = ''] = match;
    const value = to === undefined ? Number(from) : (Number(from) + Number(to)) / 2;
    const before = text.slice(0, match.index);
    return {
      lasts: /\bfor\s+(?:about |around |at least |another |a further )?$/i.test(before),
      minutes: value * (PER.find(([word]) => word.test(unit))?.[1] ?? 1),
      at: match.index,
      aside:
        /(?:(?:[,(]|\s[-–—])\s*(?:about|around|approximately|roughly|up to)?|\b(?:takes?|figure on|reckon on|count on|expect)(?:\s+(?:about|around))?)\s*$/i.test(
          before,
        ),
    };
  });
}

/** Minutes of the first duration in a sentence, or null. */
export function minutesIn(sentence: string): number | null {
  return timesIn(sentence)[0]?.minutes ?? null;
}

/** Time from one whistle to the next on a middling flame, min (common practice, no source). */
export const WHISTLE_MIN = 3;

/**
 * Whistles that are counted as the time of cooking; null for none, and for those that are waited for
 * before the time begins.
 *
 * @example whistlesIn('Pressure cook for 4 whistles') // 4
 */
export function whistlesIn(sentence: string): number | null {
  const said = /^(.*?)\b(\w+)(?:(?:\s*[-–]\s*|\s+(?:to|or)\s+)\w+)? whistles?\b/i.exec(sentence);
  const count = numberOf(said?.[2] ?? '');
  if (!(count > 0) || /\b(?:wait|after|until|till|once|when)\b/i.test(said?.[1] ?? '')) return null;
  return count;
}
