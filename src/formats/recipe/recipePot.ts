/** The pot that a recipe's events drive: its steps so far, what has gone in, what waits to. */
import type { Done, Step } from '../../core/batch/schema';
import type { Food } from '../../core/food';
import { afterMinutes, lastMinutes, type DistributiveOmit } from './recipeClauses';
import { Valve } from './recipeValve';

/** Out of the pot with a step, back with another, and what is done in between. */
export interface Aside {
  readonly out: string;
  readonly back: string;
  readonly done: readonly Done[];
}

/** Place of a line's food: a step, or never into the pot. */
export type Entry =
  | {
      readonly step: string;
      /** Handling in other vessels before. */
      readonly done?: readonly Done[];
      readonly aside?: Aside;
      /** Out for good with a step. */
      readonly out?: string;
    }
  | 'apart';

/** A clause as it is shown. */
export const quoted = (clause: string): string => clause.trim().slice(0, 60);

export class Pot {
  readonly steps: Step[] = [];
  readonly unsure: string[] = [];
  readonly entries = new Map<number, Entry>();
  /** The lid is locked, or the pot is coming up, and nothing has cooked under it yet. */
  sealed = false;
  /** Told to be put in, with what comes next. */
  private waiting: readonly number[] = [];
  /** Out of the pot since before a step, by its index, and changed there. */
  private readonly lifted = new Map<
    number,
    { readonly after: number; readonly done: readonly Done[] }
  >();
  /** Not told to come back so far. */
  private readonly gone = new Set<number>();
  /** Told to come back, with what comes next. */
  private readonly returning = new Set<number>();
  /** The lid whose minutes are guessed from whistles. */
  private whistled: string | null = null;
  readonly valve = new Valve(this.steps, this.unsure);

  /** @param foods of the ingredient lines; null where a line named none */
  constructor(readonly foods: readonly (Food | null)[]) {}

  /** How often the lid has been on. */
  get lids(): number {
    return this.steps.filter((s) => s.kind === 'pressure').length;
  }

  /** Goes in with what comes next. */
  wait(lines: readonly number[]): void {
    this.waiting = [...this.waiting, ...lines];
  }

  /** Food that still waits when all is read. */
  get left(): readonly number[] {
    return this.waiting;
  }

  /** Step that a line's food went in with; null where it is not in. */
  stepOf(line: number): string | null {
    const entry = this.entries.get(line);
    return entry === undefined || entry === 'apart' ? null : entry.step;
  }

  /** Out of the pot, before the next step. */
  lift(lines: readonly number[]): void {
    for (const line of lines)
      if (this.stepOf(line) !== null && !this.gone.has(line))
        this.lifted.set(line, { after: this.steps.length, done: [] });
  }

  /** Out for good, unless it comes back. */
  leave(lines: readonly number[]): void {
    for (const line of lines) if (this.lifted.has(line)) this.gone.add(line);
  }

  /** Changed outside the pot. */
  change(lines: readonly number[], how: Done): void {
    for (const line of lines) {
      const { after, done } = this.lifted.get(line) ?? { after: this.steps.length, done: [] };
      if (this.stepOf(line) !== null) this.lifted.set(line, { after, done: [...done, how] });
    }
  }

  /** Back in the pot with the next step. */
  comesBack(lines: readonly number[]): void {
    for (const line of lines) {
      if (this.lifted.has(line)) this.returning.add(line);
      this.gone.delete(line);
    }
  }

  /** The bottom is scraped clean with so much liquid after the browning before. */
  scrape(ml: number): void {
    const at = this.steps.findLastIndex((s) => s.kind === 'saute');
    const browned = this.steps[at];
    if (browned?.kind === 'saute' && at === this.steps.length - 1)
      this.steps[at] = { ...browned, deglazeMl: ml };
  }

  /** A food that was to come back is back with a step. */
  private land(id: string): void {
    const at = this.steps.findIndex((s) => s.id === id);
    for (const line of this.returning) {
      const { after, done } = this.lifted.get(line) ?? { after: at, done: [] };
      const entry = this.entries.get(line);
      const out = this.steps[after];
      if (entry === undefined || entry === 'apart' || !out || after > at) continue;
      if (after < at || done.length > 0)
        this.entries.set(line, { ...entry, aside: { out: out.id, back: id, done } });
      this.lifted.delete(line);
    }
    this.returning.clear();
  }

  /** Whether it has gone in, or waits to. */
  isIn(line: number): boolean {
    return this.entries.has(line) || this.waiting.includes(line);
  }

  /** Handling of a food before it went in; food that went out for good is out. */
  readied(wayOf: (line: number) => Done | undefined): void {
    for (const line of this.gone) {
      const entry = this.entries.get(line);
      const out = this.steps[this.lifted.get(line)?.after ?? this.steps.length];
      if (entry && entry !== 'apart' && out) this.entries.set(line, { ...entry, out: out.id });
    }
    for (const [line, entry] of this.entries) {
      const way = wayOf(line);
      if (way && entry !== 'apart' && this.foods[line]?.group !== 'bones')
        this.entries.set(line, { ...entry, done: [way] });
    }
  }

  /** Goes in with a step, if it is not in yet. */
  enter(lines: readonly number[], entry: Entry): void {
    for (const line of lines) if (!this.entries.has(line)) this.entries.set(line, entry);
  }

  /** A step is done, and with it what waited and what the clause puts in. */
  push(step: DistributiveOmit<Step, 'id'>, clause: string, put: readonly number[]): void {
    const last = this.steps.at(-1);
    // "Two whistles, then 10 minutes on a low flame": the whistles were the coming up.
    if (last && last.id === this.whistled && step.kind === 'pressure') {
      this.steps[this.steps.length - 1] = { ...step, id: last.id };
      this.unsure.pop();
      this.whistled = null;
      return;
    }
    this.valve.opened();
    if (step.kind === 'pressure') this.dropMelting();
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
      this.unsure.push(`no minutes for “${quoted(clause)}”: the usual time is taken`);
    this.enter([...this.waiting, ...put], { step: id });
    this.waiting = [];
    this.land(id);
  }

  /** Fat that is only melted, and then the lid goes on, is no step of its own. */
  private dropMelting(): void {
    const last = this.steps.at(-1);
    if (last?.kind !== 'saute' || last.minutes !== undefined || this.holdsSolid(last.id)) return;
    this.steps.pop();
    this.unsure.pop();
    for (const [line, entry] of this.entries)
      if (entry !== 'apart' && entry.step === last.id) {
        this.entries.delete(line);
        this.waiting = [...this.waiting, line];
      }
  }

  /** Whether more than fat has gone in with a step. */
  private holdsSolid(step: string): boolean {
    return [...this.entries].some(
      ([line, entry]) => entry !== 'apart' && entry.step === step && this.foods[line]?.shape,
    );
  }

  /** Minutes at the end of the step before that something joins in for; 0 for none. */
  lastOf(clause: string): number {
    const before = this.steps.at(-1);
    const over = afterMinutes(clause);
    const whole = before && 'minutes' in before ? (before.minutes ?? 0) : 0;
    return over > 0 && whole > over ? whole - over : lastMinutes(clause);
  }

  /** "For the last 3 minutes": the step before ends where this one begins. */
  private splitLast(clause: string): void {
    const minutes = this.lastOf(clause);
    const before = this.steps.at(-1);
    if (!(minutes > 0) || !before || !('minutes' in before) || !before.minutes) return;
    if (before.minutes > minutes)
      this.steps[this.steps.length - 1] = { ...before, minutes: before.minutes - minutes };
  }

  freshId(): string {
    return `s${this.steps.length + 1}`;
  }

  /** The pressure is let off: what comes next is not under it. */
  released(): void {
    this.sealed = false;
    this.whistled = null;
  }

  /** Reports minutes guessed from whistles; given minutes win over them. */
  countWhistles(clause: string): void {
    const lid = this.steps.at(-1);
    if (lid?.kind !== 'pressure') return;
    this.whistled = lid.id;
    this.sealed = true;
    this.unsure.push(`“${quoted(clause)}”: ${lid.holdMin} min under pressure are taken`);
  }
}
