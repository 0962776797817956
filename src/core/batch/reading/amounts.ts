/** The food behind an amount: a joint by the piece, a whole animal by its bare name, cups where it has no piece. */
import { amountGrams, foodByKey, nameWords, type Food } from '../../food';
import { formatAmount, isMassUnit, type Amount, type Units } from '../../quantity';

/** Least mass of one piece when no number is given, g: a bay leaf is a piece, pepper is not. */
export const LEAST_G = 1;

/** "1 pork shoulder (3 lb)": one of it, whatever it weighs. */
export const ONE_OF_IT =
  /^\s*(?:1|one|an?)\s+(?!(?:kg|g|kilos?|grams?|lbs?|oz|pounds?|ounces?)\b)[a-z]/i;
/** More joints are pieces. */
const MOST_JOINTS = 2;

/** Animals whose bare name means all of one, by the piece or by its weight. */
const ANIMALS: Readonly<Record<string, string>> = {
  chicken: 'whole-chicken',
  turkey: 'whole-turkey',
  duck: 'whole-duck',
  goose: 'whole-duck',
};
/** Heavier than this a bird is a whole one, g. */
const BIRD_G = 1100;

/** "1 chicken" and "1.5 kg chicken" are a bird, "500 g chicken" is meat. */
export function wholeAnimal(name: string, food: Food, amount: Amount | null): Food {
  const words = nameWords(name);
  const animal = words.length === 1 ? ANIMALS[words[0] ?? ''] : undefined;
  if (animal === undefined || !amount) return food;
  const heavy = isMassUnit(amount.unit) && (amountGrams(food, amount) ?? 0) >= BIRD_G;
  return amount.unit === 'piece' || heavy ? (foodByKey(animal) ?? food) : food;
}

/** Liquids poured until they cover the rest. */
export const UNTIL_COVERED: ReadonlySet<string> = new Set(['water', 'broth', 'salted-broth']);

/** "2 leeks" means pieces; for a food without pieces the amount needs a measure. */
export function checkAmount(
  food: Food,
  amount: Amount | null,
  unsure: string[],
  units: Units,
): Amount {
  if (!amount && UNTIL_COVERED.has(food.key)) {
    unsure.push('how much? a litre is taken');
    return { value: 1, unit: 'l' };
  }
  if (!amount) {
    unsure.push('no amount given');
    const byPiece = food.pieceG !== undefined && (food.pieceG >= LEAST_G || food.fishOut);
    return byPiece ? { value: 1, unit: 'piece' } : { value: 1, unit: 'tsp' };
  }
  if (amountGrams(food, amount) !== null) return amount;
  if (food.jointG !== undefined && amount.unit === 'piece' && amount.value <= MOST_JOINTS) {
    const joint: Amount = { value: (amount.value * food.jointG) / 1000, unit: 'kg' };
    unsure.push(`taken for ${formatAmount(joint, units)}`);
    return joint;
  }
  unsure.push(`${food.name} has no usual piece; read as cups`);
  return { value: amount.value, unit: 'cup' };
}
