/** A number from outside the project held against ours. */
export type SourceMark = 'published' | 'from memory' | 'common practice' | 'on paper';

export interface Check {
  readonly what: string;
  readonly source: string;
  readonly mark: SourceMark;
  readonly unit: string;
  /** The value, or the range that is called right. */
  readonly wanted: number | readonly [number, number];
  readonly ours: number;
  /** How far the value, or the ends of the range, may be missed, in its unit. */
  readonly within?: number;
  /** Why a range may be missed at all. */
  readonly because?: string;
}

export interface CheckGroup {
  readonly name: string;
  readonly checks: () => Promise<readonly Check[]> | readonly Check[];
}

export function holds({ wanted, ours, within = 0 }: Check): boolean {
  return typeof wanted === 'number'
    ? Math.abs(ours - wanted) <= within
    : ours >= wanted[0] - within && ours <= wanted[1] + within;
}
