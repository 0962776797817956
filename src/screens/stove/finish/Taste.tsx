import type { Assessment } from '@/core/assess';
import { TASTES, type Cook, type Taste as Tasted } from '@/core/batch/schema';
import { PINCH_G } from '@/core/finish';
import { formatSalt, type Units } from '@/core/quantity';
import { tastingOf, TOUCH_G } from '@/core/serve';
import { isoOf } from '@/session/clock';
import { useClock } from '@/ui/clock';
import { changeAfter } from '@/ui/larder';
import { cooksWords } from '@/ui/learned/knownWords';

const SPOON_G = 6;

/** Grams as a hand measures them. @example saltWords(3, 'metric') // "1/2 teaspoon, 3 g" */
function saltWords(grams: number, units: Units): string {
  const pinches = Math.round(grams / PINCH_G);
  if (grams < SPOON_G / 4) return pinches > 1 ? `${pinches} pinches` : 'a pinch';
  const tsp = formatSalt(grams, 'us').replace('tsp', grams > SPOON_G ? 'teaspoons' : 'teaspoon');
  return units === 'us' ? tsp : `${tsp}, ${grams.toFixed(grams < 10 ? 1 : 0)} g`;
}

const TOUCHES: Readonly<Record<Exclude<Tasted, 'salt'>, string>> = {
  acid: 'a teaspoon of lemon or vinegar',
  heat: 'a pinch of pepper or chili',
  sweet: 'half a teaspoon of sugar',
};
const NAMES: Readonly<Record<Tasted, string>> = {
  salt: 'Salt',
  acid: 'Acid',
  heat: 'Heat',
  sweet: 'Sweet',
};

/** One taste at a time, half of what is left first; each touch is entered, “right” ends it. */
export function Taste({
  cook,
  assessment,
  units,
}: {
  readonly cook: Cook;
  readonly assessment: Assessment;
  readonly units: Units;
}) {
  const clock = useClock();
  const { added = [], right = [] } = cook.after ?? {};
  const { salt } = cook.kitchen.learned ?? {};
  const tasting = tastingOf(assessment.finish, added, salt?.percent);
  const touch = (what: Tasted): number =>
    what === 'salt' ? Math.max(PINCH_G, tasting.touchG) : TOUCH_G[what];
  const words = (what: Tasted): string =>
    what === 'salt' ? saltWords(touch('salt'), units) : TOUCHES[what];
  const add = (what: Tasted): void => {
    const grams = Number(touch(what).toFixed(2));
    changeAfter(cook.id, (after) => ({
      ...after,
      added: [...(after.added ?? []), { what, grams, at: isoOf(clock) }],
      right: (after.right ?? []).filter((taste) => taste !== what),
    }));
  };
  return (
    <div className="mt-2">
      <p className="text-body" data-testid="salt-now">
        {tasting.saltPercent.toFixed(2)} % salt now
        {tasting.addedG.salt > 0 && `, ${saltWords(tasting.addedG.salt, units)} added`};{' '}
        {salt
          ? `you called ${salt.percent.toFixed(2)} % right (${cooksWords(salt.cooks)}).`
          : 'most call 0.6 to 0.9 % right.'}
      </p>
      <ul aria-label="Tastes" className="mt-1 divide-y divide-hairline border-y border-hairline">
        {TASTES.map((what) => {
          const count = added.filter((one) => one.what === what).length;
          const isRight = right.includes(what);
          return (
            <li key={what} className="flex flex-wrap items-center gap-x-3 py-1">
              <span className="w-14 font-medium">{NAMES[what]}</span>
              <button
                type="button"
                className="min-h-11 flex-1 rounded-lg border border-copper px-3 text-left text-copper hover:bg-copper/10"
                onClick={() => add(what)}
              >
                + {words(what)}
                {count > 0 && <span className="text-quiet"> ({count} so far)</span>}
              </button>
              <button
                type="button"
                aria-pressed={isRight}
                aria-label={`${NAMES[what]} is right`}
                className={`min-h-11 rounded-full border px-4 ${isRight ? 'border-leaf bg-leaf text-white' : 'border-ink/50'}`}
                onClick={() =>
                  changeAfter(cook.id, (after) => ({
                    ...after,
                    right: isRight
                      ? (after.right ?? []).filter((taste) => taste !== what)
                      : [...(after.right ?? []), what],
                  }))
                }
              >
                {isRight ? '● right' : 'right'}
              </button>
            </li>
          );
        })}
      </ul>
    </div>
  );
}
