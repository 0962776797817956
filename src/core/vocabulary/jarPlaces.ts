/**
 * Places where jars are kept: how cold each is, how long food keeps there, and its words, in one record each.
 * Times are those of foodsafety.gov (`guard/limits`); temperatures are common practice: 4 C at most, and -18 C.
 */
import { FREEZER_MONTHS, FRIDGE_DAYS } from '../guard/limits';

export const JAR_PLACES = ['fridge', 'freezer'] as const;
export type JarPlace = (typeof JAR_PLACES)[number];

export interface JarPlaceDefinition {
  /** Name in a heading and in a choice. */
  readonly title: string;
  readonly chosen: string;
  /** On a label. */
  readonly label: string;
  /** On the button that moves a jar there. */
  readonly into: string;
  readonly empty: string;
  /** Whether food freezes there: it loses taste with time, not safety. */
  readonly freezes: boolean;
  /** Coolest and warmest air, C. */
  readonly airC: readonly [number, number];
  /** Setting of the household for how long it keeps things there. */
  readonly habit: 'fridgeDays' | 'freezerMonths';
  readonly counted: 'days' | 'months';
  /** Published range in that unit, and the end of it taken where the household says nothing. */
  readonly published: readonly [number, number];
  readonly usual: number;
}

export const PLACES_OF_JARS = {
  fridge: {
    title: 'Fridge',
    chosen: 'the fridge',
    label: 'keep in the fridge',
    into: 'Into the fridge to thaw',
    empty: 'Nothing in the fridge. Fill jars from a cook.',
    freezes: false,
    airC: [1, 4],
    habit: 'fridgeDays',
    counted: 'days',
    published: FRIDGE_DAYS,
    usual: FRIDGE_DAYS[0],
  },
  freezer: {
    title: 'Freezer',
    chosen: 'the freezer',
    label: 'keep frozen',
    into: 'Into the freezer',
    empty: 'Nothing in the freezer.',
    freezes: true,
    airC: [-20, -15],
    habit: 'freezerMonths',
    counted: 'months',
    published: FREEZER_MONTHS,
    usual: FREEZER_MONTHS[1],
  },
} as const satisfies Record<JarPlace, JarPlaceDefinition>;

/** Properties of a place. */
export function jarPlaceOf(place: JarPlace): JarPlaceDefinition {
  return PLACES_OF_JARS[place];
}

/** Whether a jar is in a place that freezes. */
export function isFrozen({ where }: { readonly where: JarPlace }): boolean {
  return jarPlaceOf(where).freezes;
}
