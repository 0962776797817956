import { setName, isFrozen } from '@/core/vocabulary';
import { leftInJar } from '@/core/batch/household';
import { isStock } from '@/core/batch/plan';
import type { Jar } from '@/core/batch/schema';
import { setOf } from '@/core/bones';
import { daysLeft, type DayNote, type Keeps } from '@/core/keep';
import { formatVolume, type Units } from '@/core/quantity';

/** How long a jar keeps from now, in words with a sign where it presses. */
export function keepsWords(
  jar: Jar,
  keeps: Keeps,
  now: number,
): { readonly text: string; readonly presses: boolean; readonly past: boolean } {
  const days = daysLeft(jar, keeps, now);
  if (days < 0)
    return {
      text: days === -1 ? '1 day past' : `${-days} days past`,
      presses: true,
      past: true,
    };
  if (days === 0) return { text: 'today', presses: true, past: false };
  const text =
    days < 14
      ? `${days} ${days > 1 ? 'days' : 'day'}`
      : days < 60
        ? `${Math.round(days / 7)} weeks`
        : `${Math.round(days / 30.4)} months`;
  return { text, presses: days === 1 && !isFrozen(jar), past: false };
}

/** Contents besides the name: litres, how it sets, salt. */
export function contentWords(jar: Jar, units: Units): string {
  return [
    formatVolume(leftInJar(jar), units),
    ...(jar.gPerL !== undefined && isStock(jar) ? [setName(setOf(jar.gPerL))] : []),
    ...(jar.thick ? ['thick'] : []),
    ...(jar.saltPercent !== undefined
      ? [jar.saltPercent < 0.05 ? 'unsalted' : `${jar.saltPercent.toFixed(1)} % salt`]
      : []),
  ].join(', ');
}

/** A line of a day. */
export function noteWords(
  note: DayNote,
  units: Units,
): { readonly text: string; readonly tone: string; readonly sign: string } {
  switch (note.kind) {
    case 'use':
      return {
        text: `${formatVolume(note.litres, units)} ${note.name}`,
        tone: '',
        sign: '',
      };
    case 'last-day':
      return {
        text: `${note.name}: last day for ${formatVolume(note.litres, units)}`,
        tone: 'text-rust font-medium',
        sign: '▲',
      };
    case 'thaw':
      return {
        text: `thaw tonight: ${note.name}, loose in ${Math.round(note.hours)} h`,
        tone: 'text-cobalt',
        sign: '❄',
      };
    case 'into':
      return { text: `${note.name} into ${note.batch}`, tone: 'font-medium', sign: '→' };
    case 'runs-out':
      return { text: 'shelf empty: cook stock', tone: 'text-copper font-medium', sign: '○' };
  }
}
