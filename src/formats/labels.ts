/**
 * Common sheets of labels: columns and rows, label size, and the place of the first one,
 * mm (common sizes of A4 and US Letter sheets, from memory).
 */

export interface LabelSheet {
  readonly name: string;
  readonly page: 'A4' | 'Letter';
  readonly pageMm: readonly [width: number, height: number];
  readonly across: number;
  readonly down: number;
  readonly labelMm: readonly [width: number, height: number];
  readonly leftMm: number;
  readonly topMm: number;
  readonly gapMm: readonly [across: number, down: number];
}

const A4 = [210, 297] as const;
const LETTER = [215.9, 279.4] as const;

export const LABEL_SHEETS = {
  'a4-24': {
    name: 'A4, 24 of 70 × 37 mm',
    page: 'A4',
    pageMm: A4,
    across: 3,
    down: 8,
    labelMm: [70, 37],
    leftMm: 0,
    topMm: 0.5,
    gapMm: [0, 0],
  },
  'a4-14': {
    name: 'A4, 14 of 99.1 × 38.1 mm',
    page: 'A4',
    pageMm: A4,
    across: 2,
    down: 7,
    labelMm: [99.1, 38.1],
    leftMm: 4.7,
    topMm: 15.1,
    gapMm: [2.5, 0],
  },
  'letter-30': {
    name: 'Letter, 30 of 2 5/8 × 1 in',
    page: 'Letter',
    pageMm: LETTER,
    across: 3,
    down: 10,
    labelMm: [66.7, 25.4],
    leftMm: 4.8,
    topMm: 12.7,
    gapMm: [3.1, 0],
  },
  'letter-10': {
    name: 'Letter, 10 of 4 × 2 in',
    page: 'Letter',
    pageMm: LETTER,
    across: 2,
    down: 5,
    labelMm: [101.6, 50.8],
    leftMm: 4,
    topMm: 12.7,
    gapMm: [4.8, 0],
  },
} satisfies Record<string, LabelSheet>;

export type LabelSheetKey = keyof typeof LABEL_SHEETS;
export const LABEL_SHEET_KEYS = Object.keys(LABEL_SHEETS) as readonly LabelSheetKey[];

/** Place of a label on its sheet, mm. @param index from 0, along the rows */
export function labelAt(
  { across, labelMm, leftMm, topMm, gapMm }: LabelSheet,
  index: number,
): { readonly leftMm: number; readonly topMm: number } {
  return {
    leftMm: leftMm + (index % across) * (labelMm[0] + gapMm[0]),
    topMm: topMm + Math.floor(index / across) * (labelMm[1] + gapMm[1]),
  };
}
