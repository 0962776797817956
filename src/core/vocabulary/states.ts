/** Plain names for states whose keys are kept in files: how a broth sets, how thick a soup is. */
const SET_NAMES: Readonly<Record<string, string>> = {
  pourable: 'liquid',
  trembles: 'wobbly',
  'soft set': 'soft jelly',
  'holds a cut': 'firm jelly',
};
const THICK_NAMES: Readonly<Record<string, string>> = {
  'like water': 'thin',
  'a spoon stands': 'very thick',
};
const GRADE_NAMES: Readonly<Record<string, string>> = { 'melted in': 'very soft' };

/** How a broth sets when cold. @example setName('trembles') // "wobbly" */
export function setName(set: string): string {
  return SET_NAMES[set] ?? set;
}

/** How thick a soup is. @example thickName('like water') // "thin" */
export function thickName(word: string): string {
  return THICK_NAMES[word] ?? word;
}

/** How done a food is. @example gradeName('melted in') // "very soft" */
export function gradeName(grade: string): string {
  return GRADE_NAMES[grade] ?? grade;
}
