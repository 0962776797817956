/** Clauses of a recipe, one by one: what each does, and which foods it puts in. */
import type { Food } from '../../core/food';
import type { Step } from '../../core/batch/schema';
import { mentioned, type Term } from './mentions';
import { releaseAt } from './recipeRelease';
import { durationsInFigures, numberOf } from '../../core/quantity';
import { timesIn, whistlesIn, WHISTLE_MIN } from './recipeTimes';

export const ADDS =
  /\b(?:add|stir|put|place|pour|drop|tip|toss|throw|return|fold|crumble|mix|combine|swirl|deglaze|top with|transfer|join|finish\w* with|(?:blend|whisk|beat|grate|drizzle) in|cover (?:the |your )?[\w ]{2,30} with(?![^.]*\bsoak)|goe?s? in)\b|\btake\b[^.]*\bin (?:an?|the|your) (?:[\w.]+ )*(?:cooker|pot)\b|^\W*(?:back )?in with\b|^\W*into the (?:pot|cooker)\b|\b(?:in|in too|back in)\W*(?:[,;.]|$)|\b(?:in|into) the (?:pot|cooker|pan|liquor|broth)\W*(?:[,;.]|$)/i;
/** "Drain the beans, add", "stir it in": what was spoken of just before is put in. */
export const ADDS_IT =
  /^\W*(?:(?:add|(?:tip|stir|put|throw|drop|fold|pour) in|return)(?: (?:to|into) (?:the|your) \w+(?: \w+)?)?\W*$|(?:add|stir|tip|put|throw|drop|fold|pour|mix|return|scrape) (?:it|them|these|this|both)\b)/i;
/** A clause that begins with what it is about, and has no verb: "the cheddar a handful at a time". */
export const ONLY_NAMED = /^\W*(?:the|your|both|all the|half the|last of all|lastly|finally)\s/i;
/** The same behind a full stop: "Then the cream, bacon and pepper flakes." */
export const THEN_NAMED = /^\W*(?:then|and then|next|last(?:ly)?|finally),? (?:the|your|half)\s/i;
export const SERVES =
  /\b(?:garnish|serve|scatter|sprinkle|on each(?! side)|top (?:it |each |the \w+ )?with|(?:in(?:to)?|through|over|on(?:to)?) (?:the|each) (?:bowl|plate)s?)\b|(?:^\W*|\band )ladle\b(?![^.]*\b(?:pot|cooker|blender)\b)|\bon top\W*$/i;
/** "Stir in the cream and serve": it is stirred in. */
export const AND_SERVE = /,?\s*(?:and|to|before|just before)\s+serv\w+(?:\s+with\b.*)?\W*$/i;
const ALL =
  /\b(?:everything|all (?:go |goes )?(?:in|into)\b|all (?:of )?(?:the )?(?:other |remaining )?ingredients|the rest(?! of (?!(?:the |your )?(?:ingredients|things)\b|it\b))|all else)\b/i;
/** An outcome is not an instruction: "until the carrots are soft". */
export const UNTIL =
  /\b(?:until|till|while|so that|if|when|as soon as)\b(?:(?! and (?:stir|add|return|put|pour|tip|mix)\b)(?!(?<!\b(?:you|we|they|to|can)) (?:add|stir in|tip in|put in)\b)[^,;])*/i;
/** "Once the pin is down, add": what comes before the comma is over. */
export const ONCE =
  /^(?:once|when|after|if|while|as soon as)\b(?:(?!(?<!\b(?:you|we|they|to|can)) (?:add|stir in|tip in|put in)\b)[^,])*,\s*/i;
const BUT = /\b(?:but|except|apart from|other than)\b.*$/i;
export const ASIDE =
  /\b(?:set (?:it |them |the (?:[\w-]+ ){1,4})?aside|(?:transfer|remove|lift|take|move|scoop|pull)\w* (?:it |them )?(?:out )?(?:the |all )?(?:[\w-]+ ){0,4}?(?:out )?(?:to|onto|on|into) (?:a|the) (?:\w+ )?(?:plate|bowl|dish|platter|tray|board))\b/i;
/** A vessel that is not the pot: what is done in it does not touch the pot. */
export const OTHER_PAN =
  /\b(?:separate|another|its own|big|small|little|large|medium|second|frying|heavy|non-?stick) (?:pot|pan|sauce ?pan|skillet|frying pan)\b|\bdry (?:pan|sauce ?pan|skillet|frying pan)\b|\b(?:saucepan|skillet|frying pan|stockpot|wok|microwave|broiler|grill|parboil|kettle|rice (?:pot|cooker)|pot on the stove|in a (?:small |large |mixing |big )?bowl|roasting (?:tin|tray)|baking (?:tray|sheet))\b|\b(?:separately|apart)\b(?! from)|^\W*soak\b|\bboiling water over\b/i;
/** Boiled and poured away: no water of the pot. */
export const BOILED_OFF = /\b(?:boil|parboil|simmer)\w*\b[^.]*\bdrain/i;
/** The pot by its name. */
export const THE_POT =
  /\b(?:(?:the|your) (?:pot|cooker|inner pot|insert)|to the (?:soup|stew|chili|broth|beans))\b/i;
/** Food readied elsewhere comes into the pot: "pour over the dal". */
export const COMES_IN =
  /\b(?:pour|tip|stir|add|scrape|swirl|spoon|mix|transfer|return)\b[^.]*\b(?:over|into|to|in)\b (?:the|it|this|your)\b(?! (?:bowls?|plates?))/i;
/** "Heat the oil": it is in. */
const HEATS_FAT = /\b(?:heat|melt|warm)\b/i;
const OPEN = /\b(?:lid off|without the lid|uncovered|open pot|without (?:any )?pressure)\b/i;
const LAST = /\b(?:for|in|during) the (?:last|final) (?:(\d+)|minute\b)/i;
/** Minutes of "for the last 3 minutes", "for the last minute"; 0 for none. */
export function lastMinutes(clause: string): number {
  const found = LAST.exec(clause);
  return found ? Number(found[1] ?? 1) : 0;
}
/** Minutes after which something else goes in: "after 3 minutes add the peas"; 0 for none. */
export function afterMinutes(clause: string): number {
  return Number(
    /^\W*after (?:about )?(\d+) min\w*,? (?:add|stir|put|tip|throw)\b/i.exec(clause)?.[1] ?? 0,
  );
}
/** Instructions not to do something: "do not stir", "no need to brown the rest". */
export const NOT_DONE =
  /^\W*(?:and )?(?:(?:there is |there['’]s )?no need to|you (?:do not|don['’]t) (?:have|need) to|do not|don['’]t|never|avoid)\b/i;
/** A program of the pot by its name cooks under pressure. */
const PROGRAM =
  /\b(?:select|press|choose|hit|use|using)\b[^.]*\b(?:soup|broth|beans?|chili|stew|meat|poultry|multigrain)\b[^\p{L}]*\s*(?:setting|program\w*|button|mode|function|key|and (?:set|adjust|program)|[,:]? ?(?:for )?\d)/iu;

const BROWNS =
  /\bsaut[ée]|\bsear\b|\bbrown\b(?! (?:lentil|rice|sugar|onion|bits))|\bfry\b|\bsweat\b|\bsoften\b|\bmelt\b|(?:^\W*|\band )colou?r\b/i;
/** Outcomes of a hot open pot and nowhere else. */
const SOFT =
  /\b(?:until|till)\b.*\b(?:soft|softened|translucent|fragrant|golden|brown|browned|wilted)\b/i;
const SETS_UP =
  /\b(?:set|switch|turn|select|press|choose|using|use|cancel|stop|end)\b.*\bsaut[ée]|\bsaut[ée] (?:mode|setting|function)\b|^\W*(?:on saut[ée],? )?bring (?:it |the \w+ )?(?:back )?to (?:a|the) (?:boil|simmer)\b/i;
const BOILS =
  /(?<!\b(?:to|at) (?:a |the )?(?:gentle |bare |rolling )?)\bsimmer|(?<!\b(?:to|at) (?:a |the )?(?:gentle |bare |rolling )?)\bboil(?!ing)|\d (?:minutes?|mins?) at a (?:gentle |bare |low )?simmer|\bbubble|\bpoach|\breduce\b(?! (?:the )?(?:heat|flame|pressure|speed|to (?:low|medium)))/i;
const WARMS =
  /\bcook|\bwarm|(?<!(?:from|off|on|over|of) (?:the |a |low |medium |high |lowest |gentle )*)\b(?:re-?)?heat|\bwilt|\bthicken/i;
const COOKS =
  /\bcook|\bhold\b|\bcount\b|\bgive it\b|\btime\b|\btimer\b|\bmanual\b|\bprogram|\bset\b|\badjust|(?<!\bto (?:full |high |low |the )?)\bpressure\b\W*(?:for )?\d|\bat \d+(?:\.\d+)? bar\b|\bpsi\b[^.]*\d|\b(?:back|return\w*|again) (?:up )?to (?:\w+ )?pressure\b[^.,;]*? for \d|\brun\b|\d (?:minutes?|mins?|hours?|hrs?|h)\.? (?:more |longer |further )?(?:at|on|under) (?:high |low |full )?pressure\b|\b(?:high|low|full) pressure[,:]?\s*(?:for\s+)?(?:about\s+)?\d/i;
/** The setting alone, with its minutes: "high, 20 minutes", "3 min high". */
const SETTING =
  /\b(?:high|low)\s*[,:]\s*(?:for )?\d+\s*min|\d+\s*min\w*,?\s*(?:on |at )?(?:high|low)\b(?! (?:heat|flame|speed))|\b(?:cook|set|program\w*)\b[^.]*\b(?:on|at) (?:high|low)\b(?! (?:heat|flame|speed))/i;
/** Closed in this very clause, and minutes behind it. */
const CLOSED = /\b(?:lid on|clos\w*|lock\w*|seal\w*|ring (?:1|2)|level (?:1|2))\b[^.]*?\d/i;
/** Outcomes that a shut pot cannot have while it cooks. */
const NOT_COOKED =
  /\b(?:soak|marinat|chill|blend|whisk|preheat|rest|stand|stood|sit|wait|cool|serv|without|lid off|uncovered|open)\w*/i;
/** Longer is no lid that only says "on high": a slow cooker says it too, min. */
const LONGEST_ON_HIGH = 200;

const ON_A_FLAME =
  /\b(?:on|over) (?:an? |the )?(?:medium|low|high|gentle|moderate)[\w-]* (?:flame|heat)\b/i;
/** The pot is empty again, and can brown. */
export const EMPTIES =
  /\b(?:wip|rins|wash|clean|empt)\w* (?:out )?(?:the|your) (?:inner )?(?:pot|cooker|pan|insert)\b/i;
const OFF_HEAT = /\boff (?:the )?heat\b/i;
/** The low setting of a pot, and no low flame under it. */
export const LOW =
  /\blow pressure\b|\b(?:ring|level|stage|setting) (?:1|i|one)\b|\b(?:first|1st) ring\b|\bpressure\b[^.]*?\b(?:on|at|to) low\b(?! (?:heat|flame))/i;
/** The lid is locked, or the pot is coming up: what cooks next cooks under pressure. */
export const SEALS =
  /\b(?:lock|seal|clamp|fasten)\w*\b|\b(?:to|at|under|reach\w*) (?:full |high |low |the )?pressure\b|\b\d+ psi\b|\bwhistles?\b|\bhiss\w*\b|\bto (?:rock|jiggle)\b|\b(?:rock|jiggl)\w* (?:gently|steadily)\b|\bpressure level\b|\b(?:lid on|pressure[- ]cook\w*)\b|\bmanual\b(?! (?:pressure )?release)|\bclos\w* (?:and lock )?(?:the |its )?lid\b|\bclos\w* (?:it|up|again|the (?:pot|cooker))\b|^\W*close\b|\b(?:ring|level|stage|setting) (?:1|2|i|ii|one|two)\b|\b(?:first|second|1st|2nd) ring\b|\b(?:valve|vent) to (?:seal|clos)\w*/i;
/** A conditional check is no step: it is done only if something has not happened yet. */
const IF_NOT =
  /^\W*(?:if|should)\b[^,]*\b(?:still|not|n't|too|isn|aren|need\w*|tough|hard|firm|under\w*)\b/i;

/** A condition in front: "if the sauce is thin, simmer 10 minutes". Another pot than the open one cooks under pressure. */
const IF_EVER = /^\W*(?:if|should)\b[^,]*,/i;

/** Whether a clause is done only if something is so. */
export function isCondition(clause: string): boolean {
  return IF_NOT.test(clause) || (IF_EVER.test(clause) && !SEALS.test(clause));
}

/** How many times over a duration is meant: "in two batches, 5 minutes each", "3 minutes a side". */
export function timesOver(clause: string): number {
  if (/\b(?:per|each|a) side\b|\bon each side\b/i.test(clause) && /\d/.test(clause)) return 2;
  const [, batches = '1'] = /\bin (\w+) batches\b/i.exec(clause) ?? [];
  const count = numberOf(batches);
  return count > 1 && /\b(?:per batch|a batch|each(?: batch)?)\b/i.test(clause) ? count : 1;
}

/** Minutes a side that a clause says; null for none. @example sideMin('sear 4 minutes a side') // 4 */
function sideMin(clause: string): number | null {
  if (!/\b(?:per|each|a) side\b|\bon (?:each|both) sides?\b/i.test(clause)) return null;
  return timesIn(clause)[0]?.minutes ?? null;
}

/** The longest that a step may take, min. */
const LONGEST = 2880;

function timeOf(minutes: number | null): { readonly minutes?: number } {
  return minutes === null ? {} : { minutes: Math.min(LONGEST, minutes) };
}

/**
 * The step a clause speaks of, without its id; null for none.
 *
 * @param pressed whether there was a lid before
 * @param sealed whether the lid is locked, or coming up, and nothing has cooked under it yet
 * @param hot whether something was browned just before
 */
export function stepIn(
  clause: string,
  pressed: boolean,
  sealed: boolean,
  hot: boolean,
): DistributiveOmit<Step, 'id'> | null {
  const [first] = timesIn(clause);
  const minutes = first ? first.minutes * timesOver(clause) : null;
  const letsOutAt = releaseAt(clause);
  const before = first && (letsOutAt < 0 || first.at < letsOutAt);
  const alone = SETTING.test(clause) && (minutes ?? 0) < LONGEST_ON_HIGH;
  const named =
    alone ||
    /\bpressure\b|\block the lid\b|\b(?:second|third|another|next) run\b|\brun (?:it |them )?again\b/i.test(
      clause,
    ) ||
    PROGRAM.test(clause) ||
    SEALS.test(clause);
  const browns = BROWNS.test(clause) && !/\bpressure\b/i.test(clause);
  const stands = OFF_HEAT.test(clause) && !sealed && !/\bpressure\b/i.test(clause);
  const shut = (named || sealed) && !browns && !stands && !OPEN.test(clause);
  const done = durationsInFigures(clause.slice(0, letsOutAt < 0 ? undefined : letsOutAt));
  // Behind a locked lid what simmers is under pressure.
  if (
    shut &&
    first &&
    before &&
    (COOKS.test(done) || alone || ((sealed || CLOSED.test(done)) && !NOT_COOKED.test(done)))
  )
    return {
      kind: 'pressure',
      ...(LOW.test(clause) && { setting: 'low' }),
      holdMin: Math.min(600, first.minutes),
    };
  const whistles = first ? null : whistlesIn(clause);
  if (whistles !== null) return { kind: 'pressure', holdMin: whistles * WHISTLE_MIN };
  if (letsOutAt >= 0 && !OPEN.test(clause)) return null;
  if (/^\W*open the (?:pot|lid)\b/i.test(clause)) return { kind: 'open', ...timeOf(minutes) };
  if (/^\W*(?:cut, weigh|prepare)\b/i.test(clause)) return { kind: 'prep', ...timeOf(minutes) };
  if (
    /\bstrain(?:ing|er)?\b|^\W*sieve\b|\bthrough (?:a|the) (?:fine )?(?:sieve|cloth|muslin)\b/i.test(
      clause,
    )
  )
    return {
      kind: 'strain',
      ...timeOf(minutes),
      ...(/\bkeep the bones\b/i.test(clause) && { keep: 'bones' as const }),
    };
  const time = minutes !== null && timeOf(minutes);
  const side = sideMin(clause);
  const sides = side !== null && { sideMin: side };
  const stood =
    /\b(?:let|leave|^\W*rest)\b.*?\b(rest|stand|sit|cool)\b|^\W*(rest)\b|\band (rest|stand) for \d/i.exec(
      clause,
    );
  const left =
    /\bleave (?:it |them )?(?:for )?\d|\b(?:off (?:the )?heat|keep warm|without (?:any )?pressure)\b/i.test(
      durationsInFigures(clause),
    );
  const still =
    (stood?.[1] ?? stood?.[2] ?? stood?.[3])?.toLowerCase() ?? (left ? 'rest' : undefined);
  if (pressed && still && time)
    return still === 'cool'
      ? { kind: 'cool', ...time }
      : {
          kind: 'rest',
          ...time,
          ...(/\bkeep(?:s|ing)? (?:it |them )?(?:on )?warm/i.test(clause) && { keepWarm: true }),
        };
  const meant = clause.replace(UNTIL, '');
  if (BOILS.test(meant) && (time || /\bsimmer/i.test(meant)) && !/\bnot boil/i.test(clause))
    return { kind: 'simmer', ...time };
  if (/^\W*preheat\b/i.test(clause)) return null;
  if (!pressed) {
    // Food that goes into a hot pan for a minute, or onto a flame with the lid off, is fried.
    if (time && ON_A_FLAME.test(clause) && !shut && !/\bbring\b|\bboil/i.test(clause))
      return { kind: 'saute', ...time, ...sides };
    if (hot && time && !NOT_COOKED.test(clause)) return { kind: 'saute', ...time, ...sides };
    if (SETS_UP.test(clause) && !time) return null;
    const softens = WARMS.test(clause) && (time || SOFT.test(clause));
    if (BROWNS.test(clause) || softens) return { kind: 'saute', ...time, ...sides };
    return null;
  }
  if (!time) return BROWNS.test(clause) && !SETS_UP.test(clause) ? { kind: 'saute' } : null;
  // After a lid there is broth in the pot: on the setting to brown it simmers.
  if (WARMS.test(clause) || /\bsaut[ée]/i.test(clause)) return { kind: 'simmer', ...time };
  return BROWNS.test(clause) ? { kind: 'saute', ...time } : null;
}

export type DistributiveOmit<T, K extends PropertyKey> = T extends unknown ? Omit<T, K> : never;

/** Foods that a clause puts in, of those that are not in yet. */
export function putIn(
  clause: string,
  foods: readonly (Food | null)[],
  terms: readonly Term[],
  isIn: (line: number) => boolean,
  cooks: boolean,
): readonly number[] {
  const done = clause.replace(ONCE, '').replace(UNTIL, '');
  // "Quick release the rest" is of the steam.
  if (ALL.test(done) && releaseAt(done) < 0) {
    const not = mentioned(BUT.exec(done)?.[0] ?? '', terms);
    return foods.flatMap((food, i) => (food && !isIn(i) && !not.includes(i) ? [i] : []));
  }
  // Broth that thickens in a simmer was in before, whether it was told or not.
  const told = ADDS.test(done) || SERVES.test(done) || /\bseason\b/i.test(done);
  const heats = HEATS_FAT.test(done);
  const named = mentioned(done, terms).filter(
    (i) =>
      !isIn(i) &&
      (told || (cooks && foods[i]?.group !== 'liquid') || (heats && foods[i]?.group === 'fat')),
  );
  // Water that is listed twice is put in twice.
  return named.filter(
    (i, n) =>
      foods[i]?.group !== 'liquid' ||
      named.findIndex((other) => foods[other]?.key === foods[i]?.key) === n,
  );
}
