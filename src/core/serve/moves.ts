/**
 * The open pot: what is done with it, in the order in which it is done. Made from the batch and what the
 * assessment knows of it; the cook drops what is not wanted.
 */
import { thickName } from '../vocabulary';
import type { Assessment } from '../assess';
import type { ItemReport } from '../model';
import { exitOf, foodOf, isStock, stepsOf } from '../batch/plan';
import type { Batch, Item } from '../batch/schema';
import { thicknessWord } from '../finish';
import { inARow, spoken, type Food } from '../food';
import { formatLevel, formatMass, formatSalt, formatVolume, type Units } from '../quantity';

export const MOVE_KEYS = [
  'test',
  'fish-out',
  'meat-out',
  'strain',
  'skim',
  'thicken',
  'temper',
  'late',
  'taste',
  'bowls',
] as const;
export type FinishKey = (typeof MOVE_KEYS)[number];

/** Bones that are picked clean, for the bag. */
export interface Picked {
  readonly food: string;
  readonly grams: number;
}

export interface FinishMove {
  readonly key: FinishKey;
  /** The move, with its amounts. */
  readonly does: string;
  readonly why: string;
  readonly caution?: string;
  readonly picked?: readonly Picked[];
}

const BLENDER_WHY = 'Starch and pulp thicken; it goes on thickening as it stands.';
/** Less fat is any, g. */
const FAT_G = 15;
const SPOON_G = 13;

interface Seen {
  readonly item: Item;
  readonly food: Food;
  readonly report: ItemReport;
}

function seenOf(batch: Batch, items: readonly ItemReport[]): readonly Seen[] {
  return batch.items.flatMap((item): Seen[] => {
    const food = foodOf(item);
    const report = items.find((r) => r.id === item.id);
    return food && report ? [{ item, food, report }] : [];
  });
}

const namesOf = (seen: readonly Seen[]): string =>
  inARow(seen.map(({ food }) => spoken(food.name)));

/** A thermometer for what only a thermometer tells. */
function test({ dangers }: Assessment): FinishMove | null {
  const found = dangers.filter(({ hazard }) => hazard === 'thermometer');
  if (found.length === 0) return null;
  return {
    key: 'test',
    does: found.map(({ title, message }) => `${title}. ${message}`).join(' '),
    why: 'Colour and clear juice prove nothing for poultry, mince and thick frozen meat.',
  };
}

function fishOut(seen: readonly Seen[]): FinishMove | null {
  const out = seen.filter(
    ({ report, item }) => report.fishOut && exitOf(item) === null && !report.apart,
  );
  if (out.length === 0) return null;
  return {
    key: 'fish-out',
    does: `Remove the ${namesOf(out)}.`,
    why: 'The taste is in the broth by now, and nobody wants the pieces in a bowl.',
  };
}

function meatOut(seen: readonly Seen[], units: Units): FinishMove | null {
  const meat = seen.filter(
    ({ food, report, item }) =>
      food.picked !== undefined && report.for === 'eat' && exitOf(item) === null && !report.apart,
  );
  if (meat.length === 0) return null;
  const bones = meat.map(({ food, report }): Picked => {
    const { food: bone, share } = food.picked ?? { food: food.key, share: 0 };
    return { food: bone, grams: Math.round(report.massG * share) };
  });
  const grams = meat.reduce(
    (sum, { food, report }) =>
      sum + report.massG * (1 - (food.picked?.share ?? 0)) * Math.min(1, food.cooked),
    0,
  );
  const bonesG = bones.reduce((sum, b) => sum + b.grams, 0);
  return {
    key: 'meat-out',
    does: `Lift out the ${namesOf(meat)}, let it rest 5 min, pick it: about ${formatMass(grams, units)} of meat, ${formatMass(bonesG, units)} of bones. The meat goes back in.`,
    why: 'Meat that rests loses less juice; the bones are good for a stock.',
    picked: bones,
  };
}

function strain(batch: Batch, assessment: Assessment): FinishMove | null {
  if (!isStock(batch) || stepsOf(batch).some((step) => step.kind === 'strain')) return null;
  const crumbled = assessment.bones.some((run) => run.crumbled.length > 0);
  return {
    key: 'strain',
    does: crumbled
      ? 'Strain it through a sieve, then through a cloth or paper: bones have crumbled.'
      : 'Strain it through a fine sieve; do not press.',
    why: 'What is pressed through makes it cloudy.',
    caution: 'Pour away from you: hot broth scalds.',
  };
}

function skim({ finish }: Assessment, units: Units): FinishMove | null {
  if (finish.fatG < FAT_G) return null;
  const spoons = Math.round(finish.fatG / SPOON_G);
  return {
    key: 'skim',
    does: `Let it stand 3 to 5 min, then skim: up to ${formatMass(finish.fatG, units)} of fat, about ${spoons} tablespoons. Or chill it and lift the cap tomorrow.`,
    why: 'Fat rises while nothing stirs it. Some want it left.',
  };
}

/** Now, in an hour and tomorrow, said once where it is the same. */
function thicknessWords({ table, hour, tomorrow }: Assessment['finish']['pas']): string {
  const [now, later, next] = [table, hour, tomorrow].map((pas) => thickName(thicknessWord(pas)));
  if (now === later && now === next) return `Thickness now and tomorrow: ${now}.`;
  if (now === later) return `Thickness now and in an hour: ${now}; tomorrow: ${next}.`;
  return `Thickness now: ${now}; in an hour${next === later ? ' and tomorrow' : ''}: ${later}${next === later ? '' : `; tomorrow: ${next}`}.`;
}

function thicken(batch: Batch, { finish }: Assessment): FinishMove | null {
  if (isStock(batch)) return null;
  return {
    key: 'thicken',
    does: thicknessWords(finish.pas),
    why: BLENDER_WHY,
  };
}

function temper(seen: readonly Seen[]): FinishMove | null {
  const dairy = seen.filter(({ food }) => food.group === 'dairy');
  if (dairy.length === 0) return null;
  return {
    key: 'temper',
    does: `Off the boil: stir a ladle of hot soup into the ${namesOf(dairy)}, whisk, then pour it all back.`,
    why: 'Dairy that meets boiling, sour liquid curdles.',
  };
}

function late(seen: readonly Seen[]): FinishMove | null {
  const leaves = seen.filter(
    ({ food, item }) => food.group === 'leaf' && item.apart === true && food.family !== null,
  );
  if (leaves.length === 0) return null;
  return {
    key: 'late',
    does: `Stir in the ${namesOf(leaves)}.`,
    why: 'Greens and herbs keep their colour when they only wilt.',
  };
}

function taste(batch: Batch, { finish }: Assessment, units: Units): FinishMove | null {
  if (isStock(batch)) return null;
  return {
    key: 'taste',
    does:
      finish.saltToAddG > 0.3
        ? `Taste, then add about ${formatSalt(finish.saltToAddG, units)} of salt, half of it first. Then try acid, heat and sweetness, one at a time.`
        : 'Taste: what went in holds enough salt. Try acid, heat and sweetness, one at a time.',
    why: 'Salt last: ham, stock and sauces bring their own.',
  };
}

function bowls(seen: readonly Seen[], { finish }: Assessment, units: Units): FinishMove {
  const apart = seen.filter(({ item, food }) => item.apart === true && food.group !== 'leaf');
  const count = Math.max(1, Math.round(finish.bowls));
  const into = apart.length > 0 ? ` Into each first its share of the ${namesOf(apart)}.` : '';
  return {
    key: 'bowls',
    does: `${formatLevel(finish.servedL, units)} make ${count} servings of ${formatVolume(finish.bowlL, units)}.${into}`,
    why: 'Add what was cooked separately to each bowl, so that it does not soak up the broth.',
  };
}

/** All moves of an open pot, in order. */
export function finishMoves(
  batch: Batch,
  assessment: Assessment,
  units: Units,
): readonly FinishMove[] {
  const seen = seenOf(batch, assessment.items);
  return [
    test(assessment),
    fishOut(seen),
    meatOut(seen, units),
    strain(batch, assessment),
    skim(assessment, units),
    thicken(batch, assessment),
    temper(seen),
    late(seen),
    taste(batch, assessment, units),
    bowls(seen, assessment, units),
  ].filter((move) => move !== null);
}
