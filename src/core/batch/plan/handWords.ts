/** Handling of a food outside the pot, in words. */
import {
  formatAmount,
  formatLength,
  formatMinutes,
  formatTemperature,
  type Units,
} from '../../quantity';
import { counted } from '../../food';
import { handlingOf, type VesselName } from '../../vocabulary';
import type { Done, Item, UpTo } from '../schema/types';
import type { Into, Out } from './entries';
import { foodOf } from './named';

/** Minutes in which it is done; 0 for what takes no heat. */
export function doneMin({ how, minutes }: Done): number {
  return minutes ?? handlingOf(how).minutes;
}

/** Place where it happens; null on a board. */
export function doneIn({ how, in: vessel }: Done): VesselName | null {
  return vessel ?? handlingOf(how).vessel;
}

const AT: Readonly<Record<VesselName, string>> = {
  skillet: 'in a',
  oven: 'in the',
  grill: 'under the',
  saucepan: 'in a',
  kettle: 'in a',
  'rice pot': 'in a',
};

/** Handling in the past tense. @example doneWords({ how: 'browned' }, 'metric') // 'browned in a skillet, 8 min' */
export function doneWords(done: Done, units: Units): string {
  const { how, cut, ladleMl, ovenC } = done;
  const vessel = doneIn(done);
  switch (how) {
    case 'cut':
      return cut ? `cut up, ${formatLength(cut.mm, units)}` : 'cut up';
    case 'pulled':
      return 'pulled into shreds';
    case 'picked':
      return 'picked off its bones';
    case 'blended':
      return ladleMl
        ? `blended with ${formatAmount({ value: ladleMl, unit: 'ml' }, units)} of the broth`
        : 'blended';
    default: {
      const where = vessel ? ` ${AT[vessel]} ${vessel}` : '';
      const hot = ovenC === undefined ? '' : ` at ${formatTemperature(ovenC, units)}`;
      return `${how}${where}${hot}, ${formatMinutes(doneMin(done))}`;
    }
  }
}

/** To do it. @example doWords({ how: 'browned' }, 'the onion', 'metric') // 'Brown the onion in a skillet, 8 min.' */
export function doWords(done: Done, name: string, units: Units): string {
  const { how } = done;
  const { act } = handlingOf(how);
  // Details after the verb: vessel, heat, minutes, cut.
  const rest = how === 'picked' ? '' : doneWords(done, units).slice(how.length);
  const said = how === 'picked' ? `pick the meat off ${name}` : `${act} ${name}${rest}`;
  return `${said.charAt(0).toUpperCase()}${said.slice(1)}.`;
}

/** All that was done before it goes in, in a row; empty where nothing was. */
export function allDone(done: readonly Done[], units: Units): string {
  return done.map((one) => doneWords(one, units)).join('; ');
}

/** Key of the tick of something that goes in: of what comes back with its step, so that each time has its own. */
export function tickIn({ item, back }: Into, step: string): string {
  return back ? `${item.id} back ${step}` : item.id;
}

/** Key of the tick of something that comes out. */
export function tickOut({ item }: Out, step: string): string {
  return `${item.id} out ${step}`;
}

const MARKS: Readonly<Record<UpTo, string>> = {
  line: 'to the line',
  cover: 'to cover',
  over: 'to just over what is in',
};

/** How much of an item, as the cook said it. @example amountWords({ amount: { value: 2.35, unit: 'l' }, upTo: 'line' }, 'metric') // 'to the line, 2.35 L' */
export function amountWords({ amount, upTo }: Pick<Item, 'amount' | 'upTo'>, units: Units): string {
  const said = formatAmount(amount, units);
  return upTo ? `${MARKS[upTo]}, ${said}` : said;
}

/** An item as a cook would ask for it. @example countedItem({ food: 'carrot', amount: { value: 2, unit: 'piece' } }, 'metric') // '2 carrots' */
export function countedItem(
  item: Pick<Item, 'food' | 'own' | 'amount' | 'upTo'>,
  units: Units,
): string {
  const { unit, value, size } = item.amount;
  const pieces = unit === 'piece' && !size ? value : null;
  return `${amountWords(item, units)} ${counted(foodOf(item)?.name ?? item.food, pieces)}`;
}
