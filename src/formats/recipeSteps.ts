/**
 * What is done, read from a recipe's sentences: the steps they clearly speak of, and which foods go
 * in with them.
 */
import type { Fate } from '../core/batch/reading';
import type { Batch, Step } from '../core/batch/schema';
import { waitOf } from '../core/vocabulary';
import type { Food, FoodGroup } from '../core/food';
import { mentioned, termsIn, type Term } from './mentions';
import { clausesOf, type Clause, type Place } from './recipeSplit';
import {
  SERVES,
  UNTIL,
  ONCE,
  ASIDE,
  timesOver,
  LAST,
  LOW,
  AND_SERVE,
  SEALS,
  IF_NOT,
  stepIn,
  type DistributiveOmit,
  putIn,
} from './recipeClauses';
import { Elsewhere } from './recipeElsewhere';
import { releaseAt } from './recipeRelease';
import { minutesIn, timesIn } from './recipeTimes';
import { Valve, type ReleaseAsk } from './recipeValve';

/** Where a line's food goes in: a step, or never into the pot. */
export type Entry = { readonly step: string } | 'apart';

/** A clause, and what it became. */
export interface Phrase extends Place {
  /** Index of its instruction. */
  readonly of: number;
  readonly fate: Fate;
  /** The step that it made or changed. */
  readonly step?: string;
  /** Ingredient lines that it speaks of. */
  readonly lines: readonly number[];
  /** Its durations that were used, min. */
  readonly used: readonly number[];
  /** Whether its durations are dealt with: how long a release takes by itself, a check that is told. */
  readonly spoken?: boolean;
}

export interface ReadSteps {
  /** What is left open, with answers. */
  readonly asks: readonly ReleaseAsk[];
  readonly steps: readonly Step[];
  readonly phrases: readonly Phrase[];
  /** By the index of the ingredient line; what is not there goes in as is usual. */
  readonly entries: ReadonlyMap<number, Entry>;
  /** How its bones are readied, where that is told. */
  readonly bones?: NonNullable<Batch['bones']>;
  readonly unsure: readonly string[];
}

/** What is stirred in last and needs no cooking. */
const STIRRED: ReadonlySet<FoodGroup> = new Set(['seasoning', 'dairy', 'liquid', 'fat', 'leaf']);

/** A clause as it is shown. */
const quoted = (clause: string): string => clause.trim().slice(0, 60);

/** What a clause became. */
type Told = Omit<Phrase, keyof Place | 'of'>;

/** The reading of instructions, one clause after another. */
class Reading {
  readonly steps: Step[] = [];
  readonly unsure: string[] = [];
  readonly phrases: Phrase[] = [];
  readonly entries = new Map<number, Entry>();
  bones: ReadSteps['bones'];
  private readonly terms: readonly Term[];
  /** Told to be put in, with what comes next. */
  private waiting: readonly number[] = [];
  /** Browned and taken out again, by line; the number of lids then. */
  private readonly aside = new Map<number, number>();
  /** What the clause before spoke of. */
  private last: readonly number[] = [];
  /** The lid is locked, or the pot is coming up, and nothing has cooked under it yet. */
  private sealed = false;
  /** It was shut for its low setting. */
  private low = false;
  private readonly valve = new Valve(this.steps, this.unsure);
  private readonly elsewhere: Elsewhere;

  /** @param apart lines that say themselves that they never go into the pot */
  constructor(
    private readonly foods: readonly (Food | null)[],
    apart: readonly number[],
  ) {
    this.terms = termsIn(foods);
    this.elsewhere = new Elsewhere(foods, (line) => this.isIn(line));
    this.enter(apart, 'apart');
  }

  private get lids(): number {
    return this.steps.filter((s) => s.kind === 'pressure').length;
  }

  private enter(lines: readonly number[], entry: Entry): void {
    for (const line of lines) if (!this.entries.has(line)) this.entries.set(line, entry);
  }

  /** Durations of a clause that became nothing are told: none is dropped in silence. */
  private account(clause: string, used: readonly number[], all: boolean): void {
    if (all) return;
    const left = timesIn(clause).filter(
      ({ minutes }) => !used.some((one) => Math.abs(one - minutes) < 0.01),
    );
    if (left.length > 0) this.unsure.push(`a time that was not used: “${quoted(clause)}”`);
  }

  /** A step is done, and with it what waited and what the clause puts in. */
  private push(step: DistributiveOmit<Step, 'id'>, clause: string, put: readonly number[]): void {
    this.valve.opened();
    const before = this.steps.at(-1);
    const nothing = put.length === 0 && this.waiting.length === 0;
    const goesOn =
      before?.kind === step.kind &&
      'minutes' in step &&
      (nothing || (step.kind === 'saute' && !this.holdsSolid(before.id)));
    if (goesOn && before.kind !== 'pressure' && before.minutes === undefined) {
      this.steps[this.steps.length - 1] = { ...before, minutes: step.minutes ?? 0 } as Step;
      this.unsure.pop();
      this.enter([...this.waiting, ...put], { step: before.id });
      this.waiting = [];
      return;
    }
    // Between two lids the pot is open, and that is when things go in.
    const again = step.kind === 'pressure' && before?.kind === 'pressure';
    if (again) this.steps.push({ id: this.freshId(), kind: 'open' });
    const id = again ? (this.steps.at(-1)?.id ?? '') : this.freshId();
    const own = { ...step, id: again ? this.freshId() : id } as Step;
    this.splitLast(clause);
    this.steps.push(own);
    if ((own.kind === 'saute' || own.kind === 'simmer') && own.minutes === undefined)
      this.unsure.push(`no minutes for “${clause.trim().slice(0, 60)}”: the usual time is taken`);
    this.enter([...this.waiting, ...put], { step: id });
    this.waiting = [];
  }

  /** Whether more than fat has gone in with a step. */
  private holdsSolid(step: string): boolean {
    return [...this.entries].some(
      ([line, entry]) => entry !== 'apart' && entry.step === step && this.foods[line]?.shape,
    );
  }

  /** "For the last 3 minutes": the step before ends where this one begins. */
  private splitLast(clause: string): void {
    const minutes = Number(LAST.exec(clause)?.[1] ?? 0);
    const before = this.steps.at(-1);
    if (!(minutes > 0) || !before || !('minutes' in before) || !before.minutes) return;
    if (before.minutes > minutes)
      this.steps[this.steps.length - 1] = { ...before, minutes: before.minutes - minutes };
  }

  private freshId(): string {
    return `s${this.steps.length + 1}`;
  }

  /** What was browned and kept aside over a lid goes in where it comes back. */
  private comesBack(clause: string, at: () => string | null): void {
    if (!/\b(?:return|back)\b/i.test(clause)) return;
    for (const line of mentioned(clause, this.terms)) {
      const lids = this.aside.get(line);
      const step = lids !== undefined && lids < this.lids ? at() : null;
      if (step === null) continue;
      this.entries.set(line, { step });
      this.unsure.push(
        `${this.foods[line]?.name ?? ''} is browned first and comes back after the lid: planned from there`,
      );
    }
  }

  /** What is done in another vessel, or in the oven; null where the clause is about the pot. */
  private besides(clause: Clause, named: readonly number[]): Told | null {
    const away = this.elsewhere.read(clause, named, this.lids);
    if (!away) return null;
    if (away.bones) this.bones = away.bones;
    this.waiting = [...this.waiting, ...away.comes];
    this.enter(away.served, 'apart');
    const used = away.bones ? timesIn(clause.text).map((time) => time.minutes) : [];
    return { fate: 'vessel', lines: named, used };
  }

  private isIn(line: number): boolean {
    return this.entries.has(line) || this.waiting.includes(line);
  }

  read(clause: Clause): void {
    if (clause.isLeft) {
      const lines = mentioned(clause.text, this.terms);
      this.elsewhere.tell(lines);
      const { of, from, to } = clause;
      this.phrases.push({ of, from, to, fate: 'vessel', lines, used: [], spoken: true });
      return;
    }
    const named = mentioned(clause.text.replace(ONCE, '').replace(UNTIL, ''), this.terms);
    const told =
      this.besides(clause, named) ??
      this.looked(clause.text, named) ??
      this.done(clause.text, named);
    const { of, from, to } = clause;
    this.phrases.push({ of, from, to, ...told });
    if (!told.spoken) this.account(clause.text, told.used, false);
  }

  /** A check under a condition, or a time that the shut pot stands. */
  private looked(clause: string, named: readonly number[]): Told | null {
    if (IF_NOT.test(clause) && minutesIn(clause) !== null) {
      this.unsure.push(`looked at when it is open, and not planned: “${quoted(clause)}”`);
      return { fate: 'condition', lines: named, used: [], spoken: true };
    }
    if (!this.valve.stands(clause)) return null;
    const step = this.steps.at(-1)?.id;
    return {
      fate: 'release',
      ...(step !== undefined && { step }),
      lines: [],
      used: [],
      spoken: true,
    };
  }

  /** What is done in the pot. */
  private done(clause: string, named: readonly number[]): Told {
    const pressed = this.lids > 0;
    const last = Number(LAST.exec(clause)?.[1] ?? 0);
    const said = stepIn(clause, pressed, this.sealed, this.steps.at(-1)?.kind === 'saute');
    // "Low pressure; 12 minutes": the setting was said as it was shut.
    const lid: typeof said =
      said?.kind === 'pressure' && this.low && this.sealed ? { ...said, setting: 'low' } : said;
    const step: typeof said = last > 0 && pressed ? { kind: 'simmer', minutes: last } : lid;
    const waits = step?.kind === 'pressure' ? this.valve.waitsAfter(clause) : 0;
    const seals = step?.kind !== 'pressure' && SEALS.test(clause) && releaseAt(clause) < 0;
    if (seals || (this.sealed && !step)) this.low = LOW.test(clause) || (this.low && !seals);
    if (step?.kind === 'pressure') this.sealed = false;
    else if (seals) this.sealed = true;
    else if (/\bopen\b|\blid off\b|\bremove the lid\b/i.test(clause)) this.sealed = false;
    const told =
      step?.kind === 'strain'
        ? []
        : putIn(clause, this.foods, this.terms, (line) => this.isIn(line), step !== null);
    // "Sear in the oil": what was spoken of just before is what is seared.
    const solid = told.some((i) => this.foods[i]?.shape);
    const seared =
      step?.kind === 'saute' && !solid ? this.last.filter((line) => !this.isIn(line)) : [];
    const own = [...told, ...seared.filter((line) => !told.includes(line))];
    const put = [...own, ...this.elsewhere.comesAlong(clause, own)];
    const wilts = !step && pressed && put.length > 0 ? minutesIn(clause) : null;
    const served = pressed && SERVES.test(clause.replace(AND_SERVE, ''));
    if (step) this.push(step, clause, put);
    else if (wilts !== null && releaseAt(clause) < 0)
      this.push({ kind: 'simmer', minutes: wilts }, clause, put);
    else if (served) this.enter(put, 'apart');
    else this.waiting = [...this.waiting, ...put];
    this.valve.stand(waits);
    const releases = this.valve.release(clause, step?.kind === 'pressure');
    const shut = this.steps.findLast((s) => s.kind === 'pressure');
    const times = timesOver(clause);
    const used = [
      ...(step && 'holdMin' in step ? [step.holdMin] : []),
      ...(step && 'minutes' in step && step.minutes !== undefined ? [step.minutes / times] : []),
      ...(wilts === null ? [] : [wilts]),
      ...(last > 0 ? [last] : []),
      ...(releases ? [waitOf(shut?.release)] : []),
      ...(waits > 0 ? [waits] : []),
    ];
    if (ASIDE.test(clause)) {
      const out = named.length > 0 ? named : this.last;
      for (const line of out) this.aside.set(line, this.lids);
    }
    this.comesBack(clause, () => this.steps.at(-1)?.id ?? null);
    if (named.length > 0) this.last = named;
    const made = step || wilts !== null;
    const of = made ? this.steps.at(-1)?.id : releases ? shut?.id : undefined;
    return {
      fate:
        made || seals ? 'step' : releases ? 'release' : put.length > 0 || served ? 'place' : 'talk',
      ...(of !== undefined && { step: of }),
      lines: named,
      used,
      // By itself "about 20 minutes": how long it takes, which the model knows better.
      spoken: releases && shut?.release?.method === 'natural' && step === null,
    };
  }

  end(): ReadSteps {
    const { steps, entries, unsure, bones, phrases } = this;
    this.valve.opened();
    const asks = this.valve.asks();
    const readied = { ...(bones && { bones }), phrases, asks };
    if (this.lids === 0)
      return {
        steps: [],
        entries: new Map(),
        ...readied,
        asks: [],
        unsure: [...unsure, 'nothing was said of pressure: a plan is proposed'],
      };
    if (this.waiting.length > 0) {
      const group = (line: number): FoodGroup | undefined => this.foods[line]?.group;
      const stirred = this.waiting.every(
        (line) => this.elsewhere.has(line) || STIRRED.has(group(line) ?? 'vegetable'),
      );
      const id = this.freshId();
      steps.push({ id, kind: stirred ? 'open' : 'simmer' });
      this.enter(this.waiting, { step: id });
      if (!stirred) unsure.push('no minutes for what is stirred in last: the usual time is taken');
    }
    this.enter(this.elsewhere.beside(), 'apart');
    return { steps, entries, ...readied, unsure };
  }
}

/** Clauses of a recipe; no recipe has so many. */
const MOST_CLAUSES = 1200;

/** What is known besides the sentences. */
interface Besides {
  /** Whether a sentence is read elsewhere: what it names is readied there. */
  readonly isLeft?: (sentence: string) => boolean;
  /** Lines that say themselves that they never go into the pot. */
  readonly apart?: readonly number[];
}

/**
 * Steps that the sentences clearly speak of, in their order.
 *
 * @param foods of the ingredient lines; null where a line named none
 */
export function stepsIn(
  instructions: readonly string[],
  foods: readonly (Food | null)[],
  { isLeft, apart = [] }: Besides = {},
): ReadSteps {
  const reading = new Reading(foods, apart);
  const clauses = clausesOf(instructions, isLeft);
  for (const clause of clauses.slice(0, MOST_CLAUSES)) reading.read(clause);
  if (clauses.length > MOST_CLAUSES)
    reading.unsure.push('what is done is longer than any recipe: its end was not read');
  return reading.end();
}
