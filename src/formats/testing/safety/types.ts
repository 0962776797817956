/** Written cases of food safety: plain data, interpreted by `run`, shown in docs/safety.md. */
import type { Item, Kitchen, MarkKind, Step } from '../../../core/batch/schema';
import type { Filling, HazardKey, RuleKey } from '../../../core/guard';

/** Caught means a warning or worse; each may ask for more. */
export type Wanted = 'never' | 'stop' | 'caught' | 'nothing';

/** A line of the add box, and the step it goes in at; the first where none is given. */
export type Line = string | readonly [line: string, enters: string, more?: Partial<Item>];

export interface PlanOf {
  readonly lines: readonly Line[];
  readonly steps: readonly Step[];
  readonly pot?: 'electric' | 'hob';
  readonly kitchen?: Partial<Kitchen>;
  /** ISO 8601; when it is on the table. */
  readonly serveAt?: string;
}

export type Trial =
  /** A plan, judged as the Bench judges it. */
  | ({ readonly kind: 'plan' } & PlanOf)
  /** A cook with marks, in minutes from its start, looked at later. */
  | ({
      readonly kind: 'cook';
      readonly marks: readonly (readonly [mark: MarkKind, minute: number, value?: number])[];
      readonly nowMin: number;
      readonly asks: 'to the table' | 'how warm is it' | 'open the valve';
    } & PlanOf)
  /** A way to cool with readings, in minutes from its start. */
  | {
      readonly kind: 'cool';
      readonly way: string;
      readonly litres: number;
      readonly readings: readonly (readonly [minute: number, celsius: number])[];
      readonly nowMin: number;
    }
  /** Stretches of time, in minutes, with the coolest and the warmest of each. */
  | {
      readonly kind: 'history';
      readonly raw: boolean;
      readonly spans: readonly (readonly [minutes: number, coolestC: number, warmestC: number])[];
    }
  /** A jar that was days in each place, in turn, made in time. */
  | {
      readonly kind: 'jar';
      readonly days: readonly (readonly [where: 'fridge' | 'freezer', days: number])[];
      readonly asks: 'freeze it' | 'plan it';
    }
  /** A recipe or a line as text. */
  | { readonly kind: 'text'; readonly text: string }
  /** A change of a plan that is offered. */
  | { readonly kind: 'offer'; readonly before: PlanOf; readonly after: PlanOf }
  /** A jar that is filled and put somewhere. */
  | ({ readonly kind: 'fill' } & Filling)
  /** A line, and how thick its piece must at least be, mm; asked about is as good. */
  | {
      readonly kind: 'size';
      readonly line: string;
      readonly leastMm: number;
      readonly mostMm: number;
    };

export interface Case {
  readonly hazard: HazardKey;
  readonly says: string;
  readonly rule: RuleKey;
  readonly wants: Wanted;
  readonly trial: Trial;
}

export const hold = (
  id: string,
  holdMin: number,
  release?: Extract<Step, { kind: 'pressure' }>['release'],
): Step => ({
  id,
  kind: 'pressure',
  setting: 'high',
  holdMin,
  release: release ?? { method: 'natural' },
});
export const quick = { method: 'quick' } as const;
export const step = (
  id: string,
  kind: 'prep' | 'saute' | 'open' | 'strain' | 'simmer' | 'rest' | 'cool',
  minutes: number,
  more: { readonly keepWarm?: boolean } = {},
): Step => ({ id, kind, minutes, ...more });

/** Cases of one hazard under one rule, each as its words, what is wanted and how it is tried. */
export function casesOf(
  hazard: HazardKey,
  rule: RuleKey,
  rows: readonly (readonly [says: string, wants: Wanted, trial: Trial])[],
): readonly Case[] {
  return rows.map(([says, wants, trial]) => ({ hazard, rule, says, wants, trial }));
}

/** A plan to be judged. */
export const plan = (
  lines: readonly Line[],
  steps: readonly Step[],
  more: Omit<PlanOf, 'lines' | 'steps'> = {},
) => ({ kind: 'plan', lines, steps, ...more }) as const;
