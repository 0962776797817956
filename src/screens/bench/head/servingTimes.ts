/**
 * When it is to be on the table, in a cook's words: "18:30", "tonight 7", "in 2 h", "tomorrow half
 * past twelve". The dates are read by chrono; what cooks leave out is put in first: a bare hour is
 * one of the clock, and in the afternoon unless the morning is spoken of.
 */
import { en } from 'chrono-node';
import { addMinutes, addYears, format, isSameDay, isSameYear } from 'date-fns';
import { dateAndTime, dayOf, timeOf } from '@/session/clockText';
import { durationsInFigures, numberOf, SPELLED, tensInFigures } from '@/core/quantity';

/** Hours of the clock in words. */
const HOURS = Object.keys(SPELLED)
  .filter((word) => numberOf(word) <= 12)
  .join('|');
const HOUR = `(\\d{1,2}|${HOURS})`;
/** Minutes on either side of an hour, as they are said. */
const MINUTE = '(\\d{1,2}|five|ten|twenty|(?:a )?quarter)(?: minutes?)?';

const DAY =
  'tonight|today|tomorrow|this|on|evening|night|morning|\\w+day|mon|tue|wed|thu|fri|sat|sun';
/** An hour with nothing behind it but a day, or with a day before it. */
const BARE = new RegExp(`(^|\\b(?:at|${DAY}),? )${HOUR}(?=,?$|,? (?:in the |${DAY})\\b)`);
/** "Seven thirty". */
const HOUR_MINUTE = new RegExp(`\\b(${HOURS}) (fifteen|thirty|45)\\b`);

/** Meals at their usual hours (common practice, no source). */
const MEALS: readonly (readonly [RegExp, string])[] = [
  [/\b(?:midday|noon)\b/g, '12:00'],
  [/\blunch(?:time)?\b/g, '12:30'],
  [/\b(?:tea ?time)\b/g, '17:00'],
  [/\b(?:dinner|supper)(?: ?time)?\b/g, '19:00'],
];

const clock = (hour: number, minute: number): string =>
  `${hour}:${String(minute).padStart(2, '0')}`;

const minuteOf = (word: string): number => (word.endsWith('quarter') ? 15 : numberOf(word));

/** Hours that are taken for the evening where nobody says morning. */
const LATE = 9;

/** An hour as a cook means it. */
function meant(hour: number, text: string, written: string): number {
  if (hour > 12 || /^0/.test(written) || /\b(?:a\.?m|p\.?m)\b|morning|breakfast/.test(text))
    return hour;
  const evening = /tonight|evening|night/.test(text);
  if (hour === 12) return evening ? 0 : 12;
  return hour <= LATE || evening ? hour + 12 : hour;
}

/** Counted from now: no time on the clock is named. */
const FROM_NOW = new RegExp(`\\bin (?:\\d|[¼½¾]|(?:an?|half|${HOURS})\\b)|\\bfrom now\\b`);
/** Words around a time that name no other. */
const AROUND =
  /^(?:(?:dinner|supper|lunch|tea|breakfast|table|we|serve|eat|ready|on the table|for|by|around|about|roughly|say|at)\s+)+(?=\S)/;
const MONTH_FIRST =
  /\b((?:jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec)[a-z]*)\.? (\d{1,2})(?:st|nd|rd|th)?\b(?!:|\s*[ap]\.?m)/;
const AFTER = /\s*(?:-?ish|\bor so|\bsharp|\bprompt|\bon the dot)$/;

/** A stretch from now in minutes: "two and a half hours", "2h30", "an hour and three quarters". */
function stretch(text: string): string {
  return durationsInFigures(text)
    .replace(/\b(\d+) ?h(?:ours?)? ?(\d+)(?: ?m\w*)?$/, (_, h: string, m: string) => {
      return `${Number(h) * 60 + Number(m)} minutes`;
    })
    .replace(/\b(\d+(?:\.\d+)?) ?h(?:ou)?r?s?\b/, (_, h: string) => {
      return `${Math.round(Number(h) * 60)} minutes`;
    });
}

/** The same in words that a reader of dates knows. */
function plainly(said: string, now: Date): string {
  let text = tensInFigures(said.toLowerCase())
    .replace(/\s+/g, ' ')
    .replace(/\bo.?clock\b/g, '')
    .trim()
    .replace(
      /^(?:the )?day after tomorrow\b/,
      format(addMinutes(now, 2 * 24 * 60), 'd MMMM yyyy').toLowerCase(),
    )
    // "May 18" is a day of May, and no year.
    .replace(MONTH_FIRST, '$2 $1')
    .replace(AFTER, '')
    // Nobody says hours by the dozen.
    .replace(/^in (\d{2,3})$/, 'in $1 minutes')
    .replace(HOUR_MINUTE, (_, h: string, m: string) => clock(numberOf(h), numberOf(m)));
  if (FROM_NOW.test(text)) return stretch(text);
  if (/\d|\b(?:half|quarter|noon|midday)\b/.test(text) || new RegExp(`\\b${HOUR}\\b`).test(text))
    text = text.replace(AROUND, '');
  for (const [meal, at] of MEALS) if (!/\d/.test(text)) text = text.replace(meal, at);
  text = text
    .replace(new RegExp(`\\bhalf past ${HOUR}\\b`), (_, h: string) => clock(numberOf(h), 30))
    .replace(new RegExp(`\\b${MINUTE} past ${HOUR}\\b`), (_, m: string, h: string) =>
      clock(numberOf(h), minuteOf(m)),
    )
    .replace(new RegExp(`\\b${MINUTE} to ${HOUR}\\b`), (_, m: string, h: string) =>
      clock(numberOf(h) - 1, 60 - minuteOf(m)),
    )
    // "Half six" is half past six.
    .replace(new RegExp(`\\bhalf ${HOUR}\\b`), (_, h: string) => clock(numberOf(h), 30))
    .replace(/\b(\d{1,2})\.(\d{2})\b/g, '$1:$2')
    .replace(/\b(\d{1,2})h(\d{2})?\b/g, (_, h: string, m?: string) =>
      clock(Number(h), Number(m ?? 0)),
    )
    .replace(/^([01]?\d|2[0-3])([0-5]\d)$/, '$1:$2')
    .replace(BARE, (_, before: string, h: string) => `${before}${clock(numberOf(h), 0)}`);
  const at = /\b(\d{1,2}):(\d{2})\b/.exec(text);
  if (at?.[1]) text = text.replace(at[0], clock(meant(Number(at[1]), text, at[1]), Number(at[2])));
  else if (
    /\btonight\b|\b(?:this|tomorrow|\w+day) (?:evening|night)\b/.test(text) &&
    !/\d/.test(text)
  )
    text = `${text} 19:00`;
  return text
    .replace(/\btonight\b|\bthis evening\b/, 'today')
    .replace(/\b(?:evening|afternoon|(?:at )?night)\b/, '');
}

const HOUR_MS = 3_600_000;
const two = (n: number | null): string => String(n ?? 0).padStart(2, '0');

/**
 * Names an odd hour in the nights when the clocks change.
 *
 * @param asked the time on the clock that was asked for, HH:mm
 * @returns null where it is as any other
 */
export function oddHour(at: Date, asked: string): string | null {
  const is = format(at, 'HH:mm');
  if (is !== asked)
    return `There is no ${asked} that night, the clocks go forward: ${is} is taken.`;
  if (format(at.getTime() + HOUR_MS, 'HH:mm') === is)
    return `${is} comes twice that night, the clocks go back: the first is taken.`;
  if (format(at.getTime() - HOUR_MS, 'HH:mm') === is)
    return `${is} comes twice that night, the clocks go back: this is the second.`;
  return null;
}

export interface Serving {
  readonly at: Date;
  /** Odd hour of the night when the clocks change, in words. */
  readonly odd: string | null;
}

/**
 * The moment a cook means; the next one where it could be several.
 *
 * @param now the cook's present stage
 * @returns null where it names no time
 * @example readServing('tonight 7', new Date(2026, 10, 24, 14)) // 24 November 2026, 19:00
 */
export function readServing(text: string, now: Date): Serving | null {
  if (!text.trim()) return null;
  const plain = plainly(text, now);
  const [found] = en.GB.parse(plain, now, { forwardDate: true });
  const left = plain.replace(found?.text ?? '', '').replace(/\b(?:at|on|by|for)\b/g, '');
  if (!found || /[a-z]{2}/.test(left)) return null;
  const timed = found.start.isCertain('hour') || found.start.isCertain('minute');
  // A day of the year that is over is next year's.
  const over = found.start.date().getTime() <= now.getTime() && !found.start.isCertain('year');
  const dated = found.start.isCertain('month') && found.start.isCertain('day');
  const at = over && dated ? addYears(found.start.date(), 1) : found.start.date();
  if (!timed || at.getTime() <= now.getTime()) return null;
  const asked = `${two(found.start.get('hour'))}:${two(found.start.get('minute'))}`;
  return { at, odd: FROM_NOW.test(plain) ? null : oddHour(at, asked) };
}

/** A serving time as it is said now: "18:30", "tomorrow 12:30", "Sat 28 Nov 18:30". */
export function servingWords(at: Date, now: Date): string {
  const time = timeOf(at);
  if (isSameDay(at, now)) return time;
  if (isSameDay(at, addMinutes(now, 24 * 60))) return `tomorrow ${time}`;
  return isSameYear(at, now) ? `${dayOf(at)} ${time}` : dateAndTime(at);
}

const ROUND_MIN = 5;
/** When a house sits down (common practice, no source). */
const TABLES: readonly (readonly [number, number])[] = [
  [12, 30],
  [18, 30],
  [19, 30],
];
const OFFERED = 3;

/** The likely times: as soon as it can be, and the next meals after that. */
export function likelyServings(now: Date, totalMin: number): readonly Date[] {
  const step = ROUND_MIN * 60_000;
  const soonest = new Date(Math.ceil((now.getTime() + totalMin * 60_000) / step) * step);
  const meals = [0, 1].flatMap((days) =>
    TABLES.map(([hour, minute]) => {
      const at = new Date(now);
      at.setDate(at.getDate() + days);
      at.setHours(hour, minute, 0, 0);
      return at;
    }),
  );
  return [soonest, ...meals.filter((at) => at.getTime() > soonest.getTime() + step)].slice(
    0,
    OFFERED,
  );
}
