/** Geometry of the Well: the pot in section, to scale. Data in, shapes out, no drawing. */
import type { ItemReport } from '@/core/model';
import type { Pot } from '@/core/batch/schema';
import type { FoodGroup } from '@/core/food';
import { VOLUME_ML, type Units } from '@/core/quantity';

export interface WellFrame {
  readonly width: number;
  readonly height: number;
  /** Inner wall, px. */
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
  readonly pxPerL: number;
  readonly pxPerMm: number;
}

const LEFT = 36;
const LABELS = 96;
const TOP = 22;
const FOOT = 12;

/** How deep a pot is inside, to the brim, cm. */
export function potDepthCm({
  capacityL,
  innerDiameterCm,
}: Pick<Pot, 'capacityL' | 'innerDiameterCm'>): number {
  return (capacityL * 1000) / ((Math.PI / 4) * innerDiameterCm ** 2);
}

/**
 * Fits the pot's section into a width; the height follows from capacity and diameter.
 *
 * @param width px in all
 */
export function wellFrame(
  pot: Pick<Pot, 'capacityL' | 'innerDiameterCm'>,
  width: number,
): WellFrame {
  const inner = width - LEFT - LABELS;
  const pxPerMm = inner / (pot.innerDiameterCm * 10);
  const depth = potDepthCm(pot) * 10 * pxPerMm;
  return {
    width,
    height: TOP + depth + FOOT,
    left: LEFT,
    right: LEFT + inner,
    top: TOP,
    bottom: TOP + depth,
    pxPerL: depth / pot.capacityL,
    pxPerMm,
  };
}

export function levelY(frame: WellFrame, litres: number): number {
  return Math.max(frame.top - 6, frame.bottom - litres * frame.pxPerL);
}

export interface Graduation {
  readonly y: number;
  /** Null for the small marks between. */
  readonly label: string | null;
}

/** Marks on the wall: litres or quarts, and halves. */
export function graduations(
  frame: WellFrame,
  capacityL: number,
  units: Units,
): readonly Graduation[] {
  const step = units === 'metric' ? 0.5 : VOLUME_ML.qt / 2000;
  const every = 2;
  const marks: Graduation[] = [];
  for (let i = 1; i * step < capacityL; i++) {
    const label = `${i / 2} ${units === 'metric' ? 'L' : 'qt'}`;
    marks.push({ y: levelY(frame, i * step), label: i % every === 0 ? label : null });
  }
  return marks;
}

export interface Label {
  readonly key: string;
  readonly y: number;
}

/** Moves labels apart so that none overlaps, each as near its line as can be. */
export function spread(labels: readonly Label[], gap: number, lowest: number): readonly Label[] {
  const sorted = [...labels].sort((a, b) => a.y - b.y);
  let next = Number.NEGATIVE_INFINITY;
  const down = sorted.map((label) => {
    next = Math.max(label.y, next + gap);
    return { ...label, y: next };
  });
  // Move labels that were pushed below the foot back up.
  let limit = lowest;
  for (let i = down.length - 1; i >= 0; i--) {
    const label = down[i];
    if (!label) continue;
    const y = Math.min(label.y, limit);
    down[i] = { ...label, y };
    limit = y - gap;
  }
  return down;
}

export interface Piece {
  readonly x: number;
  readonly y: number;
  readonly size: number;
  readonly group: FoodGroup;
  readonly round: boolean;
}

/** Most pieces that a drawing can hold. */
const MOST_PIECES = 160;
/** A piece is never drawn smaller than this, px. */
const SMALLEST = 4;

/**
 * Lays the pieces of a section into a heap: as many as their share of it, each as large as it is.
 *
 * @param heapPx height of the heap, px
 */
export function placePieces(
  items: readonly Pick<ItemReport, 'volumeL' | 'piece' | 'group'>[],
  frame: WellFrame,
  heapPx: number,
): readonly Piece[] {
  const solids = items.flatMap((item) =>
    item.piece && item.volumeL > 0.004 ? [{ ...item, piece: item.piece }] : [],
  );
  const total = solids.reduce((sum, item) => sum + item.volumeL, 0);
  if (total <= 0 || heapPx < 3) return [];
  const inner = frame.right - frame.left;
  const area = inner * heapPx * 0.8;
  const sized = solids
    .map((item) => {
      // Nothing is drawn higher than half the heap, so that a heap looks like one.
      const size = Math.min(
        heapPx / 2,
        Math.max(SMALLEST, Math.min(item.piece.mm, 90) * frame.pxPerMm),
      );
      return { item, size, count: (area * item.volumeL) / total / size ** 2 };
    })
    .sort((a, b) => b.size - a.size);
  const wanted = sized.reduce((sum, s) => sum + s.count, 0);
  const thin = Math.min(1, MOST_PIECES / wanted);
  const pieces: Piece[] = [];
  let x = frame.left + 4;
  let rowBottom = 0;
  let rowHeight = 0;
  let row = 0;
  for (const { item, size, count } of sized) {
    for (let n = 0; n < Math.max(1, Math.round(count * thin)); n++) {
      if (x + size > frame.right - 3) {
        row += 1;
        rowBottom += rowHeight;
        rowHeight = 0;
        x = frame.left + 4 + (row % 2) * size * 0.4;
      }
      pieces.push({
        x: x + size / 2,
        y: rowBottom + size / 2,
        size,
        group: item.group,
        round: item.piece.n > 1.5,
      });
      rowHeight = Math.max(rowHeight, size);
      x += size * 1.16;
    }
  }
  const height = rowBottom + rowHeight;
  const squeeze = Math.min(1.15, heapPx / Math.max(1, height));
  return pieces.map((p) => ({
    ...p,
    y: frame.bottom - 2 - Math.min(heapPx - p.size * 0.4, p.y * squeeze),
  }));
}
