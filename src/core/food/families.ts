/**
 * How foods change as they cook: every food belongs to a family, and a family goes through named
 * grades, the least cooked first (common practice, no source).
 */

/** The grades of each family, in the order in which a food goes through them. */
export const GRADES = {
  vegetable: ['raw', 'with bite', 'tender', 'soft', 'falling apart'],
  aromatic: ['raw', 'with bite', 'tender', 'melted in'],
  green: ['raw', 'wilted', 'soft', 'drab'],
  pulse: ['hard', 'with bite', 'tender and whole', 'creamy', 'broken down'],
  pasta: ['hard', 'firm', 'soft', 'bloated'],
  grain: ['hard', 'with bite', 'tender', 'swollen', 'broken down'],
  tough: ['tough', 'sliceable', 'tender', 'in shreds', 'stringy'],
  bone: ['tough', 'sliceable', 'tender', 'off the bone', 'stringy'],
  gelatinous: ['rubbery', 'gelatinous', 'off the bone', 'melted away'],
  lean: ['underdone', 'juicy', 'dry in slices', 'stringy'],
  fish: ['raw', 'just set', 'firm', 'dry'],
  shellfish: ['raw', 'just set', 'firm', 'rubbery'],
  minced: ['underdone', 'cooked through'],
  ready: ['cold', 'hot through'],
} as const;

export type Family = keyof typeof GRADES;
export type GradeName = (typeof GRADES)[Family][number];

/**
 * The grades of a family as plain words.
 *
 * @example gradesOf(carrot.family) // ['raw', 'with bite', 'tender', 'soft', 'falling apart']
 */
export function gradesOf(family: Family): readonly GradeName[] {
  return GRADES[family];
}

/**
 * Place of a grade in its family.
 *
 * @returns -1 where the family has no such grade
 * @example gradeIndex('pasta', 'firm') // 1
 */
export function gradeIndex(family: Family, grade: string): number {
  return gradesOf(family).findIndex((name) => name === grade);
}
