/** Dangers, their levels, and which of two is worse. */
import type { RuleKey } from './rules';

/** `never`: no way on. `stop`: on only with a reason. `none`: below a note, and only compared. */
export const LEVELS = ['never', 'stop', 'warn', 'note', 'none'] as const;
export type DangerLevel = (typeof LEVELS)[number];

export const HAZARD_KEYS = [
  'standing-raw',
  'cooling',
  'hot-holding',
  'toxin',
  'reheating',
  'centre',
  'lectin',
  'plants',
  'canning',
  'valve',
  'fill',
  'fat',
  'spirits',
  'fizzy',
  'lid',
  'days',
  'glass',
  'size',
  'presumed',
  'forgotten',
  'thermometer',
] as const;
export type HazardKey = (typeof HAZARD_KEYS)[number];

export interface Danger {
  readonly hazard: HazardKey;
  readonly rule: RuleKey;
  readonly level: DangerLevel;
  /** Names the danger in a few words. */
  readonly title: string;
  /** Says what happens, then what to do. */
  readonly message: string;
  /** Grows as it gets worse; compared only with the same hazard of the same food or step. */
  readonly harm: number;
  readonly item?: string;
  readonly step?: string;
  readonly numbers?: Readonly<Record<string, number>>;
}

const grave = (level: DangerLevel): number => LEVELS.length - LEVELS.indexOf(level);
const WARN = grave('warn');

/** Key of a danger among those of one course. */
export const dangerKey = ({ hazard, item }: Danger): string => `${hazard} ${item ?? ''}`;

/** Ignore a smaller increase of harm: the same draws give the same digits. */
const NOTICED = 1e-4;

/** Dangers of a change that it brings, or makes worse: a graver level from a warning on, or more harm at any. */
export function worseThan(before: readonly Danger[], after: readonly Danger[]): readonly Danger[] {
  const was = new Map<string, { readonly level: number; readonly harm: number }>();
  for (const danger of before) {
    const known = was.get(dangerKey(danger));
    was.set(dangerKey(danger), {
      level: Math.max(known?.level ?? 0, grave(danger.level)),
      harm: Math.max(known?.harm ?? 0, danger.harm),
    });
  }
  return after.filter((danger) => {
    const known = was.get(dangerKey(danger)) ?? { level: 0, harm: 0 };
    const level = grave(danger.level);
    return (level >= WARN && level > known.level) || danger.harm > known.harm + NOTICED;
  });
}

/**
 * Whether a change may be offered at all: it makes nothing worse, and leaves nothing at level never.
 *
 * @example mayOffer([], []) // true
 */
export function mayOffer(before: readonly Danger[], after: readonly Danger[]): boolean {
  return after.every(({ level }) => level !== 'never') && worseThan(before, after).length === 0;
}
