/**
 * What is done, read from a recipe's sentences: the steps they clearly speak of, and which foods go
 * in with them.
 */
import type { Fate } from '../core/batch/reading';
import type { Batch, PressureStep, Step } from '../core/batch/schema';
import { afterWait, LONGEST_WAIT_MIN, waitOf, type Release } from '../core/vocabulary';
import type { Food, FoodGroup } from '../core/food';
import { mentioned, termsIn, type Term } from './mentions';
import { clausesOf, type Clause, type Place } from './recipeSplit';
import {
  COMES_IN,
  SERVES,
  UNTIL,
  ONCE,
  ASIDE,
  BOILED_OFF,
  OTHER_PAN,
  THE_POT,
  timesOver,
  LAST,
  ADDS,
  AND_SERVE,
  SEALS,
  IF_NOT,
  stepIn,
  type DistributiveOmit,
  putIn,
} from './recipeClauses';
import { joined, releaseAt, releaseIn } from './recipeRelease';
import { minutesIn, timesIn } from './recipeTimes';

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

/** What is left open about a lid: how the pressure is let off. */
export interface ReleaseAsk {
  readonly step: string;
  readonly what: string;
  readonly answers: readonly { readonly label: string; readonly release: Release }[];
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

/** What is used up where other things are readied, and is no dish of its own. */
const SPENT: ReadonlySet<FoodGroup> = new Set(['liquid', 'fat', 'seasoning']);

/** A clause as it is shown. */
const quoted = (clause: string): string => clause.trim().slice(0, 60);

/** What a clause became. */
type Told = Omit<Phrase, keyof Place | 'of'>;

const WAITS = [5, 10, 20] as const;

/** How long the pressure drops before the valve is opened. */
function askWait(step: string, release: Release): ReleaseAsk {
  return {
    step,
    what: 'How long does the pressure drop before the valve is opened?',
    answers: WAITS.map((minutes) => ({
      label: `${minutes} min`,
      release: afterWait(
        { method: release.method === 'timed' ? 'quick' : release.method },
        minutes,
      ),
    })),
  };
}

/** How the pressure is let off. */
function askRelease(step: string): ReleaseAsk {
  return {
    step,
    what: 'How is the pressure let off?',
    answers: [
      { label: 'by itself', release: { method: 'natural' } },
      { label: '10 min, then the valve', release: { method: 'timed', afterMin: 10 } },
      { label: 'by the valve at once', release: { method: 'quick' } },
    ],
  };
}

/** The reading of instructions, one clause after another. */
class Reading {
  readonly steps: Step[] = [];
  readonly unsure: string[] = [];
  readonly phrases: Phrase[] = [];
  readonly asks: ReleaseAsk[] = [];
  readonly entries = new Map<number, Entry>();
  bones: ReadSteps['bones'];
  private readonly terms: readonly Term[];
  /** Told to be put in, with what comes next. */
  private waiting: readonly number[] = [];
  /** Minutes that the pot stands shut before anything is said of the valve. */
  private stoodMin = 0;
  /** Browned and taken out again, by line; the number of lids then. */
  private readonly aside = new Map<number, number>();
  /** What the clause before spoke of. */
  private last: readonly number[] = [];
  /** The lid is locked, or the pot is coming up, and nothing has cooked under it yet. */
  private sealed = false;
  /** The other vessel that the sentence is about, and what is in it. */
  private vessel: { readonly sentence: number; readonly lines: readonly number[] } | null = null;
  /** Readied in other vessels, together; served beside unless it comes back. */
  private readonly away: (readonly number[])[] = [];

  /** @param apart lines that say themselves that they never go into the pot */
  constructor(
    private readonly foods: readonly (Food | null)[],
    apart: readonly number[],
  ) {
    this.terms = termsIn(foods);
    this.enter(apart, 'apart');
  }

  private get lids(): number {
    return this.steps.filter((s) => s.kind === 'pressure').length;
  }

  private enter(lines: readonly number[], entry: Entry): void {
    for (const line of lines) if (!this.entries.has(line)) this.entries.set(line, entry);
  }

  /** @returns whether the clause speaks of a release that belongs to a lid */
  private release(clause: string, held: boolean): boolean {
    const at = this.steps.findLastIndex((s) => s.kind === 'pressure');
    const step = this.steps[at] as PressureStep | undefined;
    const said = step && releaseIn(clause, held);
    if (!step || !said) return false;
    const { release, guessed, contradicts } = joined(
      step.release,
      this.stoodMin > 0 && waitOf(said) === 0 && said.method !== 'natural'
        ? afterWait(said, this.stoodMin)
        : said,
    );
    this.stoodMin = 0;
    this.steps[at] = { ...step, release };
    if (guessed) {
      this.unsure.push('how long it drops before the valve is opened: 10 min are taken');
      this.asks.push(askWait(step.id, release));
    }
    if (contradicts) {
      this.asks.push(askRelease(step.id));
      this.unsure.push(`two ways to let it off, the slower is taken: “${quoted(clause)}”`);
    }
    return true;
  }

  /** Durations of a clause that became nothing are told: none is dropped in silence. */
  private account(clause: string, used: readonly number[], all: boolean): void {
    if (all) return;
    const left = timesIn(clause).filter(
      ({ minutes }) => !used.some((one) => Math.abs(one - minutes) < 0.01),
    );
    if (left.length > 0) this.unsure.push(`a time that was not used: “${quoted(clause)}”`);
  }

  /** "Let it stand 10 minutes", the lid still on: it waits before the valve. */
  private stands(clause: string): boolean {
    const step = this.steps.at(-1);
    const minutes = minutesIn(clause);
    if (step?.kind !== 'pressure' || step.release || minutes === null) return false;
    const done = clause
      .replace(ONCE, '')
      .replace(
        /^\W*(?:remove|take)\b[^,]*?\b(?:from|off) the (?:heat|stove|hob)\b,?\s*(?:and\s+)?/i,
        '',
      );
    if (!/^\W*(?:let|leave|allow|wait|rest|stand)\b/i.test(done) || releaseAt(done) >= 0)
      return false;
    this.stoodMin = Math.min(LONGEST_WAIT_MIN, minutes);
    return true;
  }

  /** "Cook 20 minutes at pressure, wait 10 more": minutes that it stands shut behind a hold. */
  private waitsAfter(clause: string): number {
    const [hold, wait] = timesIn(clause);
    if (!hold || !wait || releaseAt(clause) >= 0) return 0;
    const between = clause.slice(hold.at);
    return /\b(?:wait|leave|stand|rest|let (?:it|the pot))\b/i.test(between)
      ? Math.min(LONGEST_WAIT_MIN, wait.minutes)
      : 0;
  }

  /** A step is done, and with it what waited and what the clause puts in. */
  private push(step: DistributiveOmit<Step, 'id'>, clause: string, put: readonly number[]): void {
    this.opened();
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

  /** A pot that has stood and then goes on was opened after that. */
  private opened(): void {
    const at = this.steps.length - 1;
    const lid = this.steps[at];
    if (this.stoodMin > 0 && lid?.kind === 'pressure' && !lid.release)
      this.steps[at] = { ...lid, release: { method: 'timed', afterMin: this.stoodMin } };
    this.stoodMin = 0;
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
  private elsewhere(clause: Clause, named: readonly number[]): Told | null {
    const { text, sentence, whole } = clause;
    const oven = /\b(?:roast|oven)\b/i.test(text) && !/\bpressure\b/i.test(text);
    const blanched = /\bblanch/i.test(text);
    const bones = named.filter((i) => this.foods[i]?.group === 'bones');
    if (bones.length > 0 && (oven || blanched)) {
      this.bones = oven ? 'roasted' : 'blanched';
      this.waiting = [...this.waiting, ...bones.filter((i) => !this.isIn(i))];
    }
    const off = this.lids === 0 && BOILED_OFF.test(whole);
    const other = OTHER_PAN.test(text) || oven || blanched || off;
    if (other) this.vessel = { sentence, lines: [] };
    else if (this.vessel?.sentence !== sentence || THE_POT.test(text)) this.vessel = null;
    if (!this.vessel) return null;
    // What was done there may come into the pot in the same breath.
    const comes = !other && COMES_IN.test(text);
    const there = [...this.vessel.lines, ...named].filter((i) => !this.isIn(i));
    if (comes) this.waiting = [...this.waiting, ...there];
    else if (this.lids > 0 && SERVES.test(text)) this.enter(there, 'apart');
    else if (!oven && !blanched && there.length > 0) this.away.push(there);
    this.vessel = { sentence, lines: there };
    const told = (oven || blanched) && bones.length > 0;
    return { fate: 'vessel', lines: named, used: told ? timesIn(text).map((t) => t.minutes) : [] };
  }

  private isIn(line: number): boolean {
    return this.entries.has(line) || this.waiting.includes(line);
  }

  read(clause: Clause): void {
    if (clause.isLeft) {
      const lines = mentioned(clause.text, this.terms);
      this.away.push(lines);
      const { of, from, to } = clause;
      this.phrases.push({ of, from, to, fate: 'vessel', lines, used: [], spoken: true });
      return;
    }
    const named = mentioned(clause.text.replace(ONCE, '').replace(UNTIL, ''), this.terms);
    const told =
      this.elsewhere(clause, named) ??
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
    if (!this.stands(clause)) return null;
    const step = this.steps.at(-1)?.id;
    return {
      fate: 'release',
      ...(step !== undefined && { step }),
      lines: [],
      used: [],
      spoken: true,
    };
  }

  /** What was readied with it in another vessel comes too: "add them", "stir in the egg mixture". */
  private fromElsewhere(clause: string, put: readonly number[]): readonly number[] {
    const last = this.away.at(-1) ?? [];
    const them = put.length === 0 && ADDS.test(clause) && /\b(?:them|it|these)\b/i.test(clause);
    const along = this.away.filter((all) => all.some((line) => put.includes(line))).flat();
    return [...new Set([...(them ? last : []), ...along])].filter(
      (line) => !put.includes(line) && !this.isIn(line),
    );
  }

  /** What is done in the pot. */
  private done(clause: string, named: readonly number[]): Told {
    const pressed = this.lids > 0;
    const last = Number(LAST.exec(clause)?.[1] ?? 0);
    const step: ReturnType<typeof stepIn> =
      last > 0 && pressed
        ? { kind: 'simmer', minutes: last }
        : stepIn(clause, pressed, this.sealed);
    const waits = step?.kind === 'pressure' ? this.waitsAfter(clause) : 0;
    const seals = step?.kind !== 'pressure' && SEALS.test(clause) && releaseAt(clause) < 0;
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
    const put = [...own, ...this.fromElsewhere(clause, own)];
    const wilts = !step && pressed && put.length > 0 ? minutesIn(clause) : null;
    const served = pressed && SERVES.test(clause.replace(AND_SERVE, ''));
    if (step) this.push(step, clause, put);
    else if (wilts !== null && releaseAt(clause) < 0)
      this.push({ kind: 'simmer', minutes: wilts }, clause, put);
    else if (served) this.enter(put, 'apart');
    else this.waiting = [...this.waiting, ...put];
    this.stoodMin = Math.max(this.stoodMin, waits);
    const releases = this.release(clause, step?.kind === 'pressure');
    const lid = this.steps.findLast((s) => s.kind === 'pressure');
    const times = timesOver(clause);
    const used = [
      ...(step && 'holdMin' in step ? [step.holdMin] : []),
      ...(step && 'minutes' in step && step.minutes !== undefined ? [step.minutes / times] : []),
      ...(wilts === null ? [] : [wilts]),
      ...(last > 0 ? [last] : []),
      ...(releases ? [waitOf(lid?.release)] : []),
      ...(waits > 0 ? [waits] : []),
    ];
    if (ASIDE.test(clause)) {
      const out = named.length > 0 ? named : this.last;
      for (const line of out) this.aside.set(line, this.lids);
    }
    this.comesBack(clause, () => this.steps.at(-1)?.id ?? null);
    if (named.length > 0) this.last = named;
    const made = step || wilts !== null;
    const of = made ? this.steps.at(-1)?.id : releases ? lid?.id : undefined;
    return {
      fate:
        made || seals ? 'step' : releases ? 'release' : put.length > 0 || served ? 'place' : 'talk',
      ...(of !== undefined && { step: of }),
      lines: named,
      used,
      // By itself "about 20 minutes": how long it takes, which the model knows better.
      spoken: releases && lid?.release?.method === 'natural' && step === null,
    };
  }

  end(): ReadSteps {
    const { steps, entries, unsure, bones, phrases } = this;
    const untold = steps.filter(
      (s) => s.kind === 'pressure' && !s.release && !this.asks.some(({ step }) => step === s.id),
    );
    const asks = [...this.asks, ...untold.map(({ id }) => askRelease(id))];
    const readied = { ...(bones && { bones }), phrases, asks };
    this.opened();
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
      const cooked = new Set(this.away.flat());
      const stirred = this.waiting.every(
        (line) => cooked.has(line) || STIRRED.has(group(line) ?? 'vegetable'),
      );
      const id = this.freshId();
      steps.push({ id, kind: stirred ? 'open' : 'simmer' });
      this.enter(this.waiting, { step: id });
      if (!stirred) unsure.push('no minutes for what is stirred in last: the usual time is taken');
    }
    const eaten = this.away.flat().filter((i) => !SPENT.has(this.foods[i]?.group ?? 'vegetable'));
    this.enter(eaten, 'apart');
    return { steps, entries, ...readied, unsure };
  }
}

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
  for (const clause of clausesOf(instructions, isLeft)) reading.read(clause);
  return reading.end();
}
