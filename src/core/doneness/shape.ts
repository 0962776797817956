/** How heat finds its way into a food as it is cut. */
import type { Cut } from '../batch/schema';
import { FLAT_WIDE, JOINT_LONG, KG_PER_L, type Food } from '../food';
import { ball, pieceOf, rod, slab, slowness, type BodyShape } from '../heat';

/** Meat and fish come off something larger: their slices may be thicker than a usual piece. */
const CARVED: ReadonlySet<Food['group']> = new Set(['meat', 'poultry', 'fish', 'bones']);

/** Whether no slice of a food can be thicker than the food: a bean, a carrot, a sausage. */
function bounds({ group, shape, pieceG }: Food): boolean {
  return !CARVED.has(group) || (shape?.kind === 'cylinder' && pieceG !== undefined);
}

/** Length of a cylinder of meat, mm. */
function lengthMm(round: number, grams: number): number {
  return (1000 * grams) / KG_PER_L / ((Math.PI / 4) * round * round);
}

/** A food in one piece of a thickness. */
function wholePiece({ shape, group, pieceG }: Food, mm: number): BodyShape | null {
  switch (shape?.kind) {
    case 'cylinder':
      // A hock or a leg is as long as its weight leaves it.
      return CARVED.has(group) && pieceG !== undefined
        ? pieceOf({ round: mm, flat: [(mm / shape.mm) * lengthMm(shape.mm, pieceG)] })
        : rod(mm);
    case 'slab':
      return CARVED.has(group)
        ? pieceOf({ flat: [mm, FLAT_WIDE[0] * mm, FLAT_WIDE[1] * mm] })
        : slab(mm);
    case 'sphere':
      // A joint is longer than it is thick; a potato is a ball.
      return CARVED.has(group) && group !== 'bones'
        ? pieceOf({ round: mm, flat: [JOINT_LONG * mm] })
        : ball(mm);
    default:
      return null;
  }
}

/** A food in usual pieces: cubes of meat, whole vegetables, fillets. */
function usualPiece(food: Food): BodyShape | null {
  const { shape, group } = food;
  if (!shape) return null;
  // Meat without a piece of its own is meant as it is cut for a stew.
  return shape.kind === 'sphere' && CARVED.has(group) ? ball(shape.mm) : wholePiece(food, shape.mm);
}

/** Shape that a cut makes of a food, were the food large enough. */
function cutPiece({ shape, mm }: Cut, food: Food): BodyShape {
  const own = bounds(food) ? food.shape : null;
  const across = own?.kind === 'slab' ? own.mm : Infinity;
  const round = own && own.kind !== 'slab' ? own.mm : Infinity;
  switch (shape) {
    case 'stick':
      return round <= mm ? rod(round) : pieceOf({ flat: [Math.min(mm, across), mm] });
    case 'cube':
    case 'crumb':
      // Foods thinner than the cut keep their shape: lengths of a bean, squares of a leaf.
      return pieceOf({ flat: [mm, mm, mm] });
    case 'leaf':
    case 'slice':
    case 'whole':
      // A slice of meat is a few times wider than thick.
      return pieceOf(
        own ? { round, flat: [mm, across] } : { flat: [mm, ...FLAT_WIDE.map((wide) => wide * mm)] },
      );
  }
}

/**
 * How heat finds its way into a food as cut. A cut never makes it slower than the whole piece.
 *
 * @returns null for what becomes part of the liquid
 * @example conductionShape(carrot, { shape: 'cube', mm: 12 })?.mm // about 14
 */
export function conductionShape(food: Food, cut: Cut | null): BodyShape | null {
  const usual = usualPiece(food);
  if (!usual || !cut) return usual;
  if (cut.shape === 'whole') return wholePiece(food, cut.mm);
  const piece = cutPiece(cut, food);
  return bounds(food) && slowness(piece) > slowness(usual) ? usual : piece;
}
