/**
 * Wish of a cook for a food: the span of grades that is right. Wide where the trade is content with a wide span,
 * narrow where it is not (common practice, no source).
 */
import { gradeIndex, gradesOf, type Family, type GRADES, type GradeName } from './families';
import type { Food } from './types';

/** Places of the first and the last grade that are right. */
export interface Span {
  readonly from: number;
  readonly to: number;
}

/** The same in words, as a batch keeps it. */
export interface Wish {
  readonly from: GradeName;
  readonly to: GradeName;
}

/** Usual wishes of a kitchen; missing ones are left to the habit of the trade. */
export interface Likes {
  readonly vegetables?: 'soft' | 'bite' | undefined;
  readonly beans?: 'whole' | 'creamy' | undefined;
  readonly breast?: 'pulled' | 'juicy' | undefined;
}

/** How a food goes in, as far as that says what is wanted of it. */
export interface Manner {
  /** In one piece, as bought: a breast or a thigh that is pulled. */
  readonly whole: boolean;
  /** After the last lid: kept for the end because it is to have bite. */
  readonly late: boolean;
  /** Kind of dish; a soup where it is missing. */
  readonly dish?: Dish;
}

/** Kinds of dish, as far as they say what is wanted of grain and pulse. */
export type Dish = 'soup' | 'porridge' | 'dal' | 'beans' | 'pilaf';

type Words<F extends Family> = readonly [
  from: (typeof GRADES)[F][number],
  to: (typeof GRADES)[F][number],
];

const USUAL: { readonly [F in Family]: Words<F> } = {
  vegetable: ['tender', 'soft'],
  aromatic: ['tender', 'melted in'],
  green: ['wilted', 'soft'],
  pulse: ['tender and whole', 'creamy'],
  pasta: ['firm', 'soft'],
  grain: ['tender', 'swollen'],
  tough: ['tender', 'in shreds'],
  bone: ['tender', 'off the bone'],
  gelatinous: ['gelatinous', 'off the bone'],
  lean: ['juicy', 'juicy'],
  fish: ['just set', 'firm'],
  shellfish: ['just set', 'firm'],
  minced: ['cooked through', 'cooked through'],
  ready: ['hot through', 'hot through'],
};

/** Vegetables that nobody wants soft. */
const CRISP: ReadonlySet<string> = new Set(['green-beans']);
/** Herbs that go on raw, or give all they have. */
const HERBS: ReadonlySet<string> = new Set(['parsley', 'celery-leaves']);
/** Pulses that are meant to melt. */
export const MELTING: ReadonlySet<string> = new Set([
  'split-peas',
  'whole-peas',
  'red-lentils',
  'split-mung',
  'chana-dal',
  'toor-dal',
  'urad-dal',
  'mung-beans',
  'brown-lentils',
]);
/** Rice that is past its best when it swells; barley and white rice in a soup are not. */
const RICE: ReadonlySet<string> = new Set(['brown-rice', 'risotto-rice']);
/** Grains that are cooked to a mush, or that nobody minds split. */
const PORRIDGE: ReadonlySet<string> = new Set([
  'rolled-oats',
  'steel-cut-oats',
  'polenta',
  'quinoa',
  'millet',
  'bulgur',
]);

const VEGETABLES = { soft: ['tender', 'soft'], bite: ['with bite', 'tender'] } as const;
const AROMATICS = { soft: ['tender', 'melted in'], bite: ['with bite', 'tender'] } as const;
const BEANS = {
  whole: ['tender and whole', 'tender and whole'],
  creamy: ['creamy', 'broken down'],
} as const;

function wordsFor(food: Food, family: Family, manner: Manner, likes: Likes): readonly string[] {
  const { key } = food;
  switch (family) {
    case 'vegetable':
      if (CRISP.has(key)) return [manner.late ? 'with bite' : 'tender', 'tender'];
      if (likes.vegetables) return VEGETABLES[likes.vegetables];
      return manner.late ? ['with bite', 'soft'] : USUAL.vegetable;
    case 'aromatic':
      if (likes.vegetables) return AROMATICS[likes.vegetables];
      return manner.late ? ['with bite', 'melted in'] : USUAL.aromatic;
    case 'green':
      return HERBS.has(key) ? ['raw', 'drab'] : USUAL.green;
    case 'pulse':
      if (manner.dish === 'dal' || manner.dish === 'porridge') return ['creamy', 'broken down'];
      if (manner.dish === 'beans') return ['tender and whole', 'broken down'];
      if (manner.dish === 'pilaf') return BEANS.whole;
      if (MELTING.has(key)) return ['tender and whole', 'broken down'];
      return likes.beans ? BEANS[likes.beans] : USUAL.pulse;
    case 'grain':
      if (manner.dish === 'porridge') return ['swollen', 'broken down'];
      if (manner.dish === 'dal') return ['tender', 'broken down'];
      if (RICE.has(key)) return ['tender', 'tender'];
      return PORRIDGE.has(key) ? ['tender', 'broken down'] : USUAL.grain;
    case 'lean': {
      const pulled = likes.breast ? likes.breast === 'pulled' : true;
      return manner.whole && pulled ? ['juicy', 'dry in slices'] : USUAL.lean;
    }
    default:
      return USUAL[family];
  }
}

/** A wish in words as places in a family; null where its words are no grades of it, in order. */
export function spanOf(family: Family, wish: { from: string; to: string }): Span | null {
  const from = gradeIndex(family, wish.from);
  const to = gradeIndex(family, wish.to);
  return from >= 0 && to >= from ? { from, to } : null;
}

/** Places in a family as words. */
export function wishOf(family: Family, { from, to }: Span): Wish {
  const grades = gradesOf(family);
  return { from: grades[from] as GradeName, to: grades[to] as GradeName };
}

/**
 * Wish for a food where the cook has said none.
 * @param likes what this kitchen usually wants
 * @example usualSpan(carrot, carrot.family, 'moist') // { from: 2, to: 3 }
 */
export function usualSpan(food: Food, family: Family, manner: Manner, likes: Likes = {}): Span {
  const [from = '', to = ''] = wordsFor(food, family, manner, likes);
  const span = spanOf(family, { from, to });
  if (!span) throw new RangeError(`${family} has no grades from ${from} to ${to}`);
  return span;
}

/** A wish as a cook says it. */
export interface Preset {
  readonly words: string;
  readonly from: GradeName;
  readonly to: GradeName;
}

/** Wishes to choose from, by family; none where there is nothing to choose. */
export const PRESETS: { readonly [F in Family]: readonly (readonly [string, ...Words<F>])[] } = {
  vegetable: [
    ['with bite', 'with bite', 'tender'],
    ['tender', 'tender', 'tender'],
    ['soft', 'soft', 'falling apart'],
  ],
  aromatic: [
    ['with bite', 'with bite', 'tender'],
    ['melted in', 'melted in', 'melted in'],
  ],
  green: [
    ['wilted', 'wilted', 'wilted'],
    ['soft', 'soft', 'drab'],
  ],
  pulse: [
    ['whole', 'tender and whole', 'tender and whole'],
    ['creamy', 'creamy', 'creamy'],
    ['broken, to thicken', 'creamy', 'broken down'],
  ],
  pasta: [
    ['firm', 'firm', 'firm'],
    ['soft', 'soft', 'soft'],
  ],
  grain: [
    ['with bite', 'with bite', 'tender'],
    ['tender', 'tender', 'tender'],
    ['swollen', 'swollen', 'broken down'],
  ],
  tough: [
    ['to slice', 'sliceable', 'tender'],
    ['tender', 'tender', 'tender'],
    ['I pull it into shreds', 'in shreds', 'in shreds'],
  ],
  bone: [
    ['tender, on the bone', 'tender', 'tender'],
    ['off the bone', 'off the bone', 'off the bone'],
  ],
  gelatinous: [
    ['with a little chew', 'gelatinous', 'gelatinous'],
    ['off the bone', 'off the bone', 'off the bone'],
  ],
  lean: [
    ['juicy, to slice', 'juicy', 'juicy'],
    ['I pull it into shreds', 'juicy', 'dry in slices'],
  ],
  fish: [
    ['just set', 'just set', 'just set'],
    ['firm', 'firm', 'firm'],
  ],
  shellfish: [
    ['just set', 'just set', 'just set'],
    ['firm', 'firm', 'firm'],
  ],
  minced: [],
  ready: [],
};

/** The wishes that a cook may choose of a food. @example presetsOf('pulse')[0].words // "whole" */
export function presetsOf(family: Family): readonly Preset[] {
  return PRESETS[family].map(([words, from, to]) => ({ words, from, to }));
}
