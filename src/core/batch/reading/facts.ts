/** Facts of a line beside name and amount: temperature, soaking, place in the plan. */
import { FRIDGE_C, FROZEN_C } from '../plan/complete';
import type { Food, FoodGroup } from '../../food';
import { durationsInFigures } from '../../quantity';
import type { Claims } from './marks';

/** Facts of a line that is read for a food. */
export interface Facts {
  readonly startC?: number;
  readonly soakedH?: number;
  readonly old?: boolean;
  readonly apart?: boolean;
  /** It goes in when the pot is open again. */
  readonly end?: boolean;
  /** It has been cooked before. */
  readonly cooked?: boolean;
}

const TEMPERATURES: readonly (readonly [RegExp, number | undefined])[] = [
  [/\bfrozen\b(?!,? (?:and |then )?(?:thawed|defrosted))|\bfrom (?:the|my) freezer\b/i, FROZEN_C],
  [/\b(?:boiling|(?:just|freshly) boiled|(?:straight )?from the kettle)\b/i, 95],
  [/\bhot\b(?! (?:peppers?|chil\w+|sauce|paprika))/i, 60],
  [/\b(?:warm|lukewarm)\b/i, 40],
  [/\b(?:chilled|from the fridge)\b/i, FRIDGE_C],
];
/** Usual temperatures where none is given: fridge, tap or shelf. */
const AS_USUAL =
  /\b(?:frozen,? (?:and |then )?)?(?:thawed|defrosted)\b|\b(?:cold|cool|raw|uncooked)\b/i;

const SOAKED_HOURS =
  /\b(?:pre-?)?soaked\s+(?:for\s+)?(?:about\s+)?(\d+(?:\.\d+)?)\s*(h(?:ou)?rs?|h|min\w*)\b/i;
const NOT_SOAKED =
  /\b(?:unsoaked|not (?:pre-?)?soaked|no (?:pre-?)?soak(?:ing)?|without soaking)\b/i;
const SOAKED = /\b(?:pre-?)?soaked(?:\s+overnight)?\b/i;
const QUICKLY = /\bquick(?:ly)?[- ]soaked\b/i;
const OVERNIGHT_H = 8;

const APART =
  /\b(?:(?:cooked\s+)?(?:apart|separately|on the side|in (?:its|their) own (?:pan|pot)|in (?:another|a separate) (?:pan|pot))|(?:for|to) (?:serv(?:e|ing)|garnish(?:ing)?|top(?:ping)?|sprinkl(?:e|ing)|scatter(?:ing)?|drizzl(?:e|ing)|dunking|dipping)(?: (?:over|on top|with|at the table))?|as (?:a )?(?:garnish|topping)|(?:at|for) the table)\b/i;
const MORE = /[,(]?\s*\b(?:plus|and)\s+(?:a little |some )?(?:more|extra)\b.*$/i;
const END =
  /\b(?:(?:(?:stirred|added|thrown|put|mixed|folded|whisked|goes|go|tipped) in(?:to it)?|added|stirred through|folded through)?\s*(?:(?:at|for) the (?:very )?end|after cooking|when (?:it is |it's )?done|to finish|at the last (?:minute|moment)|just before serving|before serving|after (?:the )?(?:lid|pressure|release|opening)))\b/i;
const COOKED =
  /\b(?:pre-?)?cooked\b(?!\s+(?:apart|separately|in (?:its|their|another|a separate)))|\bleft-?over\b|\brotisserie\b/i;
/** Foods that come cooked and cook no further. */
const COOKED_BEFORE: ReadonlySet<FoodGroup> = new Set([
  'meat',
  'poultry',
  'fish',
  'grain',
  'pasta',
  'pulse',
]);

function soakOf(words: string, claims: Claims): number | undefined {
  if (claims.all(NOT_SOAKED, 'state')) return 0;
  if (QUICKLY.test(words)) return undefined;
  const figures = durationsInFigures(words);
  const [, said, unit = 'h'] = SOAKED_HOURS.exec(figures) ?? [];
  if (said !== undefined) {
    claims.all(
      /\b(?:pre-?)?soaked\s+(?:for\s+)?(?:about\s+)?[\w.,½¼¾/-]+(?:\s+(?:an?\s+)?(?:and\s+a\s+half\s+)?(?:h(?:ou)?rs?|h|min\w*))?/i,
      'state',
    );
    return Number((Number(said) / (/^m/i.test(unit) ? 60 : 1)).toFixed(2));
  }
  return claims.all(SOAKED, 'state') ? OVERNIGHT_H : undefined;
}

function warmthOf(words: string, claims: Claims): number | undefined {
  if (claims.all(AS_USUAL, 'state') && /\b(?:thawed|defrosted)\b/i.test(words)) {
    claims.all(/\bfrozen\b/i, 'state');
    return undefined;
  }
  const found = TEMPERATURES.find(([word]) => word.test(words));
  if (found) claims.all(found[0], 'state');
  return found?.[1];
}

/** Whether the name of a food says by itself that it has been cooked. */
function isCookedByName(food: Food): boolean {
  return [food.key, food.name, ...food.aliases].some((name) =>
    /cooked|canned|leftover|smoked/i.test(name),
  );
}

/**
 * Facts of a line. Each word of one is claimed; what has no effect on this food is left unclaimed.
 *
 * @param said the words of the line, in which they are looked for
 */
export function factsOf(said: string, food: Food, claims: Claims): Facts {
  // "Plus extra for serving" is not the food itself.
  const words = said.replace(MORE, '');
  const pulse = food.group === 'pulse';
  const soakedH = pulse ? soakOf(words, claims) : undefined;
  // The water that beans are soaked in is not how they go in.
  const dry = words.replace(/\bsoaked\b[^,;]*/i, ' ');
  const startC = warmthOf(dry, claims);
  const apart = APART.test(words) && claims.all(APART, 'place');
  const end = !apart && END.test(words) && claims.all(END, 'place');
  const cooked =
    COOKED_BEFORE.has(food.group) &&
    !isCookedByName(food) &&
    COOKED.test(words) &&
    claims.all(COOKED, 'state');
  const old = pulse && claims.all(/\bold\b/i, 'state');
  return {
    ...(startC !== undefined && { startC }),
    ...(soakedH !== undefined && { soakedH }),
    ...(old && { old }),
    ...(apart && { apart }),
    ...(end && { end }),
    ...(cooked && { cooked }),
  };
}
