/** Looks of each kind of part, for every renderer. */
import type { Look } from './plot';

export interface Style {
  readonly stroke: string;
  readonly width: number;
  readonly dash?: string;
  readonly fill: string;
  readonly opacity: number;
}

const NO_LINE = { stroke: 'none', width: 0 } as const;
const line = (colour: string, width: number, dash?: string): Style => ({
  stroke: `var(--color-${colour})`,
  width,
  ...(dash ? { dash } : {}),
  fill: 'none',
  opacity: 1,
});

export const LOOKS = {
  liquid: line('ink', 2.5),
  pressure: line('cobalt', 1.5, '5 3'),
  range: { ...NO_LINE, fill: 'var(--color-steam)', opacity: 0.35 },
  boil: line('quiet', 1, '2 4'),
  predicted: line('steam', 3),
  small: line('ink', 2),
  sets: { stroke: 'var(--color-ink)', width: 2, fill: 'var(--color-broth)', opacity: 0.75 },
  given: line('quiet', 1.5, '3 3'),
  mark: line('copper', 1.5),
  now: line('cobalt', 2.5),
  limit: line('rust', 1.5, '5 3'),
} as const satisfies Record<Look, Style>;
