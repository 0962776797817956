/** The table of docs/models.md of everything that was fitted. */
import { foodByKey } from '../src/core';
import type { Misfit } from '../src/core/testing/fit/fit';
import type { FittedFood } from '../src/core/testing/fit/table';
import { round, table } from './tables';

const START = '<!-- fit: made by npm run calibrate -->';
const END = '<!-- end of fit -->';

function sizeOf({ row }: Misfit): string {
  const { cut, soakedH } = row;
  const words = cut ? `${cut.shape === 'whole' ? 'one piece' : cut.shape} ${cut.mm}` : 'whole';
  return soakedH ? `${words}, soaked` : words;
}

/** "cube 25: 11.5 (11–14)", an asterisk where it was held out. */
function rowsOf(misfits: readonly Misfit[], how: Misfit['how'], mark = ''): readonly string[] {
  return misfits
    .filter((one) => one.how === how)
    .map((one) => `${sizeOf(one)}${mark}: ${round(one.doneMin)} (${one.range.join('–')})`);
}

function fitRow({ food, entry, fitted, heldOut }: FittedFood): readonly string[] {
  const worst = fitted.reduce((most, { off }) => (Math.abs(off) > Math.abs(most) ? off : most), 0);
  const of = (how: Misfit['how']): string =>
    [...rowsOf(fitted, how), ...rowsOf(heldOut, how, '*')].join('; ');
  return [
    foodByKey(food)?.name ?? food,
    of('simmer'),
    of('pressure'),
    String(entry.needMin),
    entry.lateMin === null ? '' : String(entry.lateMin),
    `${entry.z}${entry.like ? `, as ${foodByKey(entry.like)?.name ?? entry.like}` : ''}`,
    worst === 0 ? 'none' : `${worst > 0 ? '+' : '−'}${Math.round(100 * Math.abs(worst))} %`,
  ];
}

/** Every food that was fitted, a row a food. */
export function fitTable(foods: readonly FittedFood[]): string {
  const head = [
    'food',
    'done at the boil, min (kitchens)',
    'done at high, hold in min (kitchens)',
    'need',
    'late',
    'z, C',
    'worst miss',
  ];
  return `${foods.length} foods. Minutes at which the model has each size done, and the range that kitchens give for it (from
memory; common kitchen charts); an asterisk marks a size held out of the fit. A miss is how far it lies
before 0.75 of the shorter time, or past the middle of the range with half a deviation to spare.\n\n${table(head, foods.map(fitRow))}`;
}

/** A page with the table put between its markers. @throws Error where it has no place for it */
export function withFit(page: string, fit: string): string {
  const from = page.indexOf(START);
  const to = page.indexOf(END);
  if (from < 0 || to < from) throw new Error('the page has no place for the fit');
  return `${page.slice(0, from + START.length)}\n\n${fit}\n\n${page.slice(to)}`;
}
