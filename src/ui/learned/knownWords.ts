/** Lessons in a cook's words. */
import type { BandS, Fact, Factor, Taught } from '@/core/learn';
import type { Timed } from '@/core/batch/schema';

export const cooksWords = (count: number): string => (count === 1 ? '1 cook' : `${count} cooks`);

/** A smaller difference is not mentioned. */
const SAME = 0.015;

const percent = (share: number): string => `${Math.round(100 * share)} %`;

/** Heat that arrives over what the pot is said to have. @example heatWords(0.94) // "6 % weaker than its label says" */
export function heatWords(factor: number): string {
  if (Math.abs(factor - 1) < SAME) return 'as strong as its label says';
  return factor < 1
    ? `${percent(1 - factor)} weaker than its label says`
    : `${percent(factor - 1)} stronger than its label says`;
}

/** A need over the table's. @example needWords(1.3) // "30 % longer than usual" */
export function needWords(factor: number): string {
  if (Math.abs(factor - 1) < SAME) return 'as long as usual';
  return factor > 1
    ? `${percent(factor - 1)} longer than usual`
    : `${percent(1 - factor)} shorter than usual`;
}

/** Yield of bones over the table's. */
export function bonesWords(factor: number): string {
  if (Math.abs(factor - 1) < SAME) return 'as much gelatine as usual';
  return factor > 1
    ? `${percent(factor - 1)} more gelatine than usual`
    : `${percent(1 - factor)} less gelatine than usual`;
}

/** How a food has come to be liked. */
export function likedWords(shift: number): string {
  return shift < 0 ? 'liked a grade firmer' : 'liked a grade softer';
}

const ODD: Readonly<Record<Timed, string>> = {
  pin: 'the pin',
  hot: 'pressure',
  lag: 'the countdown',
  down: 'the pin coming down',
  vent: 'the valve',
};

/** Marks that do not fit. */
export function oddWords(odd: readonly Timed[]): string {
  const names = [...new Set(odd.map((what) => ODD[what]))];
  return `The mark of ${names.join(' and of ')} does not fit with the rest: it counts little. Was it pressed late, or was something wrong with the lid? Leave the cook out if so.`;
}

export const factorRange = ({ from, to }: Factor): string =>
  `${Math.round(100 * from)} to ${Math.round(100 * to)} %`;

/** The warm-up as it would have been predicted, before and after. */
function bandWords([before, after]: readonly [BandS, BandS]): string {
  const say = ({ fromS, toS }: BandS): string =>
    `${Math.round(fromS / 60)}–${Math.round(toS / 60)} min`;
  return say(before) === say(after)
    ? `the warm-up band of this plan stays ${say(after)}`
    : `the warm-up band of this plan goes from ${say(before)} to ${say(after)}`;
}

/** Lesson of a cook, a sentence each, in words and numbers. */
export function taughtWords({ pot, foods, bones, salt, set }: Taught): readonly string[] {
  return [
    ...(pot
      ? [
          `This pot: ${heatWords(pot.after.middle)}, by ${cooksWords(pot.cooks)}; ${bandWords(pot.band)}.`,
        ]
      : []),
    ...foods.map(
      ({ name, before, after, cooks, liked }) =>
        `${upper(name)}: takes ${needWords(after)}, by ${cooksWords(cooks)}${Math.abs(after - before) < SAME ? '' : `; before this cook ${needWords(before)}`}${liked === 0 ? '' : `; ${likedWords(liked)}`}.`,
    ),
    ...bones.map(({ name, after }) => `${upper(name)}: gives ${bonesWords(after)}.`),
    ...(salt ? [`Salt that is right: ${salt.after.toFixed(2)} %.`] : []),
    ...(set ? [`Broths are wanted so from here on: ${set.word}.`] : []),
  ];
}

const upper = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1);

/** A learned fact that a plan uses; null if it equals the prior. */
export function factWords(fact: Fact): string | null {
  const by = `learned from ${cooksWords(fact.cooks)}`;
  switch (fact.of) {
    case 'pot':
      return `${fact.name} is ${heatWords(fact.factor)}, ${by}.`;
    case 'food': {
      const same = Math.abs(fact.factor - 1) < SAME;
      if (same && fact.shift === 0) return null;
      const words = [
        ...(same ? [] : [`takes ${needWords(fact.factor)}`]),
        ...(fact.shift === 0 ? [] : [`is ${likedWords(fact.shift)}`]),
      ];
      return `${upper(fact.name)} ${words.join(' and ')}, ${by}.`;
    }
    case 'set':
      return `Broths are wanted “${fact.word}”, ${by}.`;
    case 'bones':
      return Math.abs(fact.factor - 1) < SAME
        ? null
        : `${upper(fact.name)} gives ${bonesWords(fact.factor)}, ${by}.`;
  }
}
