import { COLD_C, COLD_WITHIN_MIN, COOL_C, COOL_WITHIN_MIN, HOT_C, type Judged } from '@/core/guard';
import { WAYS, type Needs, type Tried, type WayKey } from '@/core/keep';
import { formatMass, formatMinutes, formatTemperature, type Units } from '@/core/quantity';
import { holderName } from '@/core/vocabulary';

export const wayName = (key: WayKey): string => WAYS[key].name;
export const wayDoes = (key: WayKey): string => WAYS[key].does;

/** Equipment that a way needs, in words; empty for nothing. */
export function needWords({ pans, iceKg, jars }: Needs, units: Units): string {
  const words = [
    ...(pans ? [`${pans} ${pans > 1 ? 'pans' : 'pan'}, 33 by 23 cm or so`] : []),
    ...(iceKg ? [`${formatMass((1000 * Math.ceil(10 * iceKg)) / 10, units)} of ice`] : []),
    ...(jars ? [`${jars.count} × ${holderName(jars.kind, units)}`] : []),
  ];
  const said = words.join(', ');
  return units === 'us' ? said.replace('33 by 23 cm', '9 by 13 in') : said;
}

export const VERDICTS: Readonly<
  Record<
    Judged['verdict'],
    { readonly sign: string; readonly words: string; readonly tone: string }
  >
> = {
  'in time': { sign: '●', words: 'cold in time', tone: 'text-leaf' },
  'held hot': { sign: '●', words: 'kept hot', tone: 'text-leaf' },
  'throw out': { sign: '✕', words: 'throw out', tone: 'text-rust' },
};

const since = (minutes: number | null): string => (minutes === null ? '–' : formatMinutes(minutes));

/** Minutes from 57 C to 21 and to 5 C, in words. */
export function timesOf({ judged }: Pick<Tried, 'judged'>): readonly [string, string] {
  return [since(judged.coolMin), since(judged.coldMin)];
}

/** The rule, in the kitchen's degrees. */
export function ruleWords(units: Units): string {
  const c = (celsius: number): string => formatTemperature(celsius, units);
  return `From ${c(HOT_C)} to ${c(COOL_C)} within 2 h, and to ${c(COLD_C)} within 6 h in all (FDA Food Code 3-501.14). Your food-safety authority comes first where it says otherwise.`;
}

/** Limits of the rule along a curve that begins to count at a minute. */
export function limitsFrom(hotMin: number) {
  return [
    { fromMin: hotMin + COOL_WITHIN_MIN, celsius: COOL_C },
    { fromMin: hotMin + COLD_WITHIN_MIN, celsius: COLD_C },
  ];
}
