/** Changes that a file or a link would make, in words: which record becomes which, and what differs in it. */
import { isFields } from '../core/batch/schema';
import {
  formatAcross,
  formatAltitude,
  formatAmount,
  formatLevel,
  formatShare,
  formatTemperature,
  formatVolume,
  type Units,
} from '../core/quantity';
import { same, type Change, type Records } from './changes';

const day = (iso: string): string => iso.slice(0, 10);

/** Name of a record, with the figure that tells it from another of the same name. */
const NAMES: {
  readonly [W in keyof Records]: (record: Records[W], units: Units) => string;
} = {
  kitchen: ({ altitudeM }, units) => `at ${formatAltitude(altitudeM, units)}`,
  pot: ({ name, capacityL }, units) => `${name}, ${formatLevel(capacityL, units)}`,
  batch: ({ name, servings }) => (servings === undefined ? name : `${name}, ${servings} servings`),
  cook: ({ batch, startedAt }) => `${batch.name}, ${day(startedAt)}`,
  food: ({ name, like }) => `${name}, like ${like}`,
  jar: ({ name, litres }, units) => `${name}, ${formatVolume(litres, units)}`,
  bag: ({ food, amount }, units) => `${food}, ${formatAmount(amount, units)}`,
};

/** Names of a record as it is here, and as the file has it; null where one of the two is missing. */
export function bothNames(
  { what, before, after }: Change,
  units: Units,
): { readonly here: string | null; readonly there: string | null } {
  const name = (record: unknown): string | null =>
    record === null
      ? null
      : (NAMES[what] as (one: never, units: Units) => string)(record as never, units);
  return { here: name(before), there: name(after) };
}

/**
 * Whose and what: the record that is added or taken away, or which becomes which.
 *
 * @example changeName({ what: 'food', how: 'added', before: null, after: { id: 'f1', name: 'nettles', like: 'spinach' } }, 'metric') // "nettles, like spinach"
 */
export function changeName(change: Change, units: Units): string {
  const { here, there } = bothNames(change, units);
  if (change.how === 'changed' && here !== there) return `${here} becomes ${there}`;
  return there ?? here ?? '';
}

/** Names of fields where the field's own is no word. */
const FIELDS: Readonly<Record<string, string>> = {
  altitudeM: 'altitude',
  ambientC: 'room',
  capacityL: 'capacity',
  innerDiameterCm: 'inner width',
  maxFill: 'fill line',
  foamFill: 'foam line',
  minLiquidL: 'least liquid',
  powerW: 'power',
  lossWPerK: 'heat lost',
  learned: 'what was learned',
  potId: 'pot',
  items: 'ingredients',
  serveAt: 'time on the table',
  aim: 'aim of the bones',
  putBy: 'warnings put by',
  alongside: 'beside the pot',
  startedAt: 'start',
  endedAt: 'end',
  gPerL: 'strength',
  saltPercent: 'salt',
  madeAt: 'made',
  useBy: 'use by',
  where: 'place',
  gone: 'what was taken',
  pieceG: 'weight of a piece',
  at: 'put in',
};

/** Figures and words that say more than the name of their field. */
const VALUES: Readonly<Record<string, (value: never, units: Units) => string>> = {
  name: (value: string) => `“${value}”`,
  kind: (value: string) => value,
  where: (value: string) => value,
  like: (value: string) => value,
  servings: (value: number) => String(value),
  altitudeM: (value: number, units: Units) => formatAltitude(value, units),
  ambientC: (value: number, units: Units) => formatTemperature(value, units),
  capacityL: (value: number, units: Units) => formatLevel(value, units),
  innerDiameterCm: (value: number, units: Units) => formatAcross(value, units),
  maxFill: (value: number) => formatShare(value),
  foamFill: (value: number) => formatShare(value),
  minLiquidL: (value: number, units: Units) => formatVolume(value, units),
  powerW: (value: number) => `${Math.round(value)} W`,
  litres: (value: number, units: Units) => formatVolume(value, units),
  units: (value: string) => value,
  startedAt: day,
  madeAt: day,
  serveAt: day,
  useBy: day,
};

/** Names told in one field; more are counted. */
const MOST_NAMED = 4;

/** Entries of a list that differ, by name; null if they have no names. */
function entriesOf(before: unknown, after: unknown): string | null {
  const lists = [before, after].map((list) => (Array.isArray(list) ? (list as unknown[]) : []));
  const [was = [], now = []] = lists;
  const differing = [
    ...now.filter((one) => !was.some((other) => same(one, other))),
    ...was.filter(
      (one) => !now.some((other) => isFields(one) && isFields(other) && one['id'] === other['id']),
    ),
  ];
  const names = differing.map((one) =>
    isFields(one) ? (one['food'] ?? one['name'] ?? one['words']) : null,
  );
  const told = [...new Set(names)].filter((name): name is string => typeof name === 'string');
  if (told.length === 0) return null;
  const more = told.length - MOST_NAMED;
  return `${told.slice(0, MOST_NAMED).join(', ')}${more > 0 ? ` and ${more} more` : ''}`;
}

function fieldWords(
  key: string,
  before: unknown,
  after: unknown,
  units: Units,
  between: string,
): string {
  const field = FIELDS[key] ?? key;
  const words = VALUES[key];
  if (words) {
    const [was, becomes] = [before, after].map((value) =>
      value === undefined ? 'none' : words(value as never, units),
    );
    return was === becomes ? field : `${field}: ${was}${between}${becomes}`;
  }
  const entries = entriesOf(before, after);
  return entries === null ? field : `${field}: ${entries}`;
}

/**
 * Fields in which a changed record differs, each in words; none for what is added or taken away.
 *
 * @param between words between what is here and what is there
 */
export function changedFields(
  { what, how, before, after }: Change,
  units: Units,
  between = ' becomes ',
): readonly string[] {
  if (how !== 'changed' || before === null || after === null) return [];
  const [was, now] = [before, after].map((record) => ({ ...record }) as Record<string, unknown>);
  if (!was || !now) return [];
  // A cook's parts are read one by one: their names say enough.
  const words = (key: string): string =>
    what === 'cook' ? (FIELDS[key] ?? key) : fieldWords(key, was[key], now[key], units, between);
  return [...new Set([...Object.keys(was), ...Object.keys(now)])]
    .filter((key) => key !== 'id' && !same(was[key], now[key]))
    .map(words);
}
