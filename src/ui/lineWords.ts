/** A line of the add box, or of a recipe, as it was understood. */
import { amountWords, likeName } from '@/core/batch/plan';
import type { ReadLine } from '@/core/batch/reading';
import { amountGrams } from '@/core/food';
import { formatAmount, formatLength, formatMass, isMassUnit, type Units } from '@/core/quantity';

export function lineWords(line: ReadLine, units: Units): string {
  const { item, food } = line;
  if (!item || !food) return '';
  const grams = amountGrams(food, item.amount);
  return [
    food.name,
    item.own ? `like ${likeName(item.own)}` : '',
    item.upTo ? amountWords(item, units).split(',')[0] : formatAmount(item.amount, units),
    grams !== null && !item.upTo && !isMassUnit(item.amount.unit) ? formatMass(grams, units) : '',
    item.cut ? `${item.cut.shape} ${formatLength(item.cut.mm, units)}` : '',
    item.startC !== undefined && item.startC < 0 ? 'frozen' : '',
    item.soakedH ? `soaked ${item.soakedH} h` : '',
    item.old ? 'old' : '',
    item.apart ? 'apart' : '',
    item.for === 'flavour' ? 'for flavour' : '',
  ]
    .filter(Boolean)
    .join(' · ');
}
