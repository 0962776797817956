import type { Cut } from '../batch/schema';
import type { Food } from '../food';
import type { BodyShape } from '../heat';

/** Cubes conduct like the sphere with the same slowest decay: diameter 2/sqrt(3) of the edge. */
const CUBE_TO_SPHERE = 2 / Math.sqrt(3);

/**
 * How heat finds its way into a food as cut.
 *
 * @returns null for what becomes part of the liquid
 * @example conductionShape(carrot, { shape: 'slice', mm: 12 }) // { kind: 'slab', mm: 12 }
 */
export function conductionShape(food: Food, cut: Cut | null): BodyShape | null {
  if (!food.shape) return null;
  if (!cut || cut.shape === 'whole') return cut ? { ...food.shape, mm: cut.mm } : food.shape;
  switch (cut.shape) {
    case 'slice':
    case 'leaf':
      // A ring of leek or a slice of celery is no thicker than the stalk it came from.
      return food.shape.kind === 'slab'
        ? { kind: 'slab', mm: Math.min(cut.mm, food.shape.mm * 4) }
        : { kind: 'slab', mm: cut.mm };
    case 'cube':
    case 'crumb':
      return { kind: 'sphere', mm: cut.mm * CUBE_TO_SPHERE };
    case 'stick':
      return { kind: 'cylinder', mm: cut.mm };
  }
}
