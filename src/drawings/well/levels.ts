/** The levels that a Well shows, with what they say: data in, lines out, no drawing. */
import type { Assessment } from '@/core/assess';
import type { ItemReport, Series } from '@/core/model';
import { formatLevel, type Units } from '@/core/quantity';
import { valueAt } from '@/core/series';
import { levelY, spread, type WellFrame } from './geometry';

export interface WellLevel {
  readonly key: 'fill' | 'foam' | 'fullest';
  readonly y: number;
  /** Height of its label, apart from the others'. */
  readonly labelY: number;
  readonly text: string;
  readonly colour: string;
  readonly textColour: string;
  readonly width: number;
  readonly dash?: string;
  /** Whether it is the line that counts for this batch. */
  readonly counts: boolean;
  /** Whether it is marked on the pot, and so crosses its wall. */
  readonly marked: boolean;
}

/** A fullest moment nearer than this to the start is no line of its own, L. */
const SAME_L = 0.1;
const APART = 15;

/** Lines of the pot, and how high its contents come at the most before the valve opens: that is held against them. */
export function wellLevels(
  { fill }: Pick<Assessment, 'fill'>,
  frame: WellFrame,
  units: Units,
): readonly WellLevel[] {
  // Quarts take more room than litres.
  const line = units === 'us' ? '' : ' line';
  const at = (litres: number): string => formatLevel(litres, units);
  const pot = { textColour: 'var(--color-ink)', colour: 'var(--color-ink)', marked: true };
  const contents = { textColour: 'var(--color-quiet)', width: 2, counts: false, marked: false };
  const levels: (Omit<WellLevel, 'y' | 'labelY'> & { readonly litres: number })[] = [
    {
      ...pot,
      key: 'fill',
      litres: fill.maxL,
      text: `fill${line} ${at(fill.maxL)}`,
      counts: !fill.foams,
      width: fill.foams ? 1 : 2,
    },
    {
      ...pot,
      key: 'foam',
      litres: fill.foamL,
      text: `foam${line} ${at(fill.foamL)}`,
      counts: fill.foams,
      width: fill.foams ? 2 : 1,
      dash: '6 4',
    },
  ];
  if (fill.worstL > fill.lidOnL + SAME_L)
    levels.push({
      ...contents,
      key: 'fullest',
      litres: fill.worstL,
      text: `fullest ${at(fill.worstL)}`,
      colour: 'var(--color-quiet)',
      dash: '1 4',
    });
  const drawn = levels.map(({ litres, ...level }) => ({ ...level, y: levelY(frame, litres) }));
  const labels = spread(drawn, APART, frame.bottom);
  return drawn.map((level) => ({
    ...level,
    labelY: labels.find((l) => l.key === level.key)?.y ?? level.y,
  }));
}

/** Surface of the liquid before anything happens, L. */
export function surfaceAtStart({ fill, series }: Pick<Assessment, 'fill' | 'series'>): number {
  return series.liquidL[0] ?? fill.lidOnL;
}

/** Contents of the pot at a sample of the series; null for the moment the lid goes on. */
export function contentsAt(
  { fill, series, items }: Pick<Assessment, 'fill' | 'series' | 'items'>,
  sample: number | null,
): {
  readonly surfaceL: number;
  readonly heapL: number;
  readonly items: readonly ItemReport[];
} {
  const value = (key: keyof Series & ('liquidL' | 'heapL' | 'minute')): number =>
    valueAt(series[key], sample ?? 0);
  const minute = sample === null ? 0 : value('minute');
  return {
    surfaceL: sample === null ? surfaceAtStart({ fill, series }) : value('liquidL'),
    heapL: sample === null ? fill.heapL : value('heapL'),
    items: items.filter((i) => i.enterMin <= minute + 1e-6 && i.leaveMin > minute - 1e-6),
  };
}
