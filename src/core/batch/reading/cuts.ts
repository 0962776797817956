/** How a line says that its food is cut. */
import type { Food } from '../../food';
import { parseLength } from '../../quantity';
import type { Cut, CutShape } from '../schema/types';

const SHAPES: readonly (readonly [RegExp, CutShape, number])[] = [
  [/\b(?:rings?|slices?|sliced|rounds?|coins?|half-moons?|wedges?)\b/i, 'slice', 10],
  [/\b(?:finely (?:diced|chopped)|minced|grated)\b/i, 'cube', 4],
  [/\b(?:diced|dice|chopped)\b/i, 'cube', 10],
  [/\b(?:cubes?|cubed|chunks?|pieces?)\b/i, 'cube', 30],
  [/\b(?:sticks?|batons?|strips?|julienned?)\b/i, 'stick', 8],
  [/\b(?:crumbs?|crumbled)\b/i, 'crumb', 8],
  [/\b(?:shredded|leaves)\b/i, 'leaf', 1],
  [/\b(?:whole|halved|quartered)\b/i, 'whole', 0],
  [/\bsteaks?\b/i, 'slice', 10],
];

/** Meat is diced larger than vegetables, mm (common practice, no source). */
const DICED_MEAT_MM = 25;
const LARGE_MM = 30;

/** A cut as the line says it; null where it says none. */
export function readCut(said: string, food: Food): Cut | null {
  // Mince is minced by its name.
  const words = food.safety === 'minced' ? said.replace(/\bminced?\b/gi, ' ') : said;
  const length = parseLength(words);
  const [, shape, usual = 0] = SHAPES.find(([pattern]) => pattern.test(words)) ?? [];
  if (shape === 'whole') return null;
  if (length) return { shape: shape ?? 'cube', mm: length.mm };
  if (!shape) return null;
  const meat = food.group === 'meat' || food.group === 'poultry';
  const large = meat && shape === 'cube' && (food.shape?.mm ?? 0) >= LARGE_MM;
  return { shape, mm: large ? Math.max(DICED_MEAT_MM, usual) : usual };
}

/** Words by which a cut of a shape was read. */
export function wordsOfCut(shape: CutShape): RegExp {
  const all = SHAPES.filter(([, of]) => of === shape).map(([word]) => word.source);
  return new RegExp([...all, String.raw`\bcut(?: up)?\b`].join('|'), 'i');
}
