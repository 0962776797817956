/** Open points of a line, as questions whose answers are the line in other words. */
import { capital, spoken, type Food } from '../../food';
import { formatAmount, formatLength, type Amount, type Units } from '../../quantity';

/** An answer: the line in other words; empty to leave it out; null where it is right as it was taken. */
export interface LineAnswer {
  readonly label: string;
  readonly put: string | null;
}

/** A question on a line. */
export interface LineAsk {
  readonly what: string;
  readonly answers: readonly LineAnswer[];
}

const LEAVE_OUT: LineAnswer = { label: 'leave it out', put: '' };

/** Names of two that would both do. @param alone the words of the line that name both */
export function askEither(
  text: string,
  alone: string,
  taken: string,
  other: string,
): LineAsk | null {
  if (!text.includes(alone)) return null;
  const put = (name: string): string => text.replace(alone, () => name);
  return {
    what: `${capital(taken)} or ${other}?`,
    answers: [
      { label: taken, put: put(taken) },
      { label: other, put: put(other) },
    ],
  };
}

/** One piece of meat, or cut up. */
export function askSize(text: string, food: Food, units: Units): LineAsk {
  const size = formatLength(food.shape?.mm ?? 0, units);
  const mince = food.safety === 'minced';
  return {
    what: `${capital(spoken(food.name))}: ${mince ? 'in one block, or loose' : 'in one piece, or cut up'}?`,
    answers: mince
      ? [
          { label: 'in one block', put: `${text}, in one block` },
          { label: 'loose', put: `${text}, crumbled` },
        ]
      : [
          { label: 'in one piece', put: `${text}, in one piece` },
          { label: `cut up, ${size}`, put: `${text}, ${size} pieces` },
        ],
  };
}

/** More than a line can be of. */
export function askTooMuch(food: Food, amount: Amount, units: Units): LineAsk {
  return {
    what: `${formatAmount(amount, units)} of ${spoken(food.name)}: is it right?`,
    answers: [{ label: 'yes', put: null }, LEAVE_OUT],
  };
}

/** Measures that an unknown one may come to, ml. */
const MAY_BE_ML = [100, 250] as const;

/** An unknown measure. */
export function askMeasure(measure: string, amount: Amount, name: string): LineAsk {
  return {
    what: `How much is a ${measure} of ${name}?`,
    answers: [
      ...MAY_BE_ML.map((ml) => ({ label: `${ml} ml`, put: `${ml * amount.value} ml ${name}` })),
      LEAVE_OUT,
    ],
  };
}

const LITRES = [0.5, 1, 2] as const;

/** Water or broth without an amount. */
export function askLitres(food: Food, units: Units): LineAsk {
  const name = spoken(food.name);
  return {
    what: `How much ${name}?`,
    answers: LITRES.map((value) => ({
      label: formatAmount({ value, unit: 'l' }, units),
      put: `${value} l ${food.name}`,
    })),
  };
}

/** Foods that a name may mean. @param rename the line with another name */
export function askFood(
  name: string,
  nearest: readonly Food[],
  rename: (to: string) => string,
): LineAsk | null {
  if (nearest.length === 0) return null;
  return {
    what: `“${name}”: which food is it?`,
    answers: [
      ...nearest.slice(0, 3).map((food) => ({ label: spoken(food.name), put: rename(food.name) })),
      LEAVE_OUT,
    ],
  };
}
