/** Steps read from a recipe's sentences: those they clearly speak of, and which foods go in with them. */
import type { Fate } from '../../core/batch/reading';
import type { Batch, Step } from '../../core/batch/schema';
import { waitOf } from '../../core/vocabulary';
import type { Food, FoodGroup } from '../../core/food';
import { mentioned, termsIn, type Term } from './mentions';
import { clausesOf, type Clause, type Place } from './recipeSplit';
import {
  ADDS_IT,
  EMPTIES,
  ONLY_NAMED,
  THEN_NAMED,
  SERVES,
  UNTIL,
  ONCE,
  timesOver,
  afterMinutes,
  NOT_DONE,
  LOW,
  AND_SERVE,
  SEALS,
  isCondition,
  stepIn,
  putIn,
} from './recipeClauses';
import { Elsewhere } from './recipeElsewhere';
import { Hands } from './recipeHands';
import { releaseAt } from './recipeRelease';
import { minutesIn, timesIn } from './recipeTimes';
import { Pot, quoted, type Entry } from './recipePot';
import type { ReleaseAsk } from './recipeValve';

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
  /** Whether its durations are used: the time of a natural release, a check that is reported. */
  readonly spoken?: boolean;
}

export interface ReadSteps {
  /** Open points, with answers. */
  readonly asks: readonly ReleaseAsk[];
  readonly steps: readonly Step[];
  readonly phrases: readonly Phrase[];
  /** By the index of the ingredient line; what is not there goes in as is usual. */
  readonly entries: ReadonlyMap<number, Entry>;
  /** Preparation of its bones, if given. */
  readonly bones?: NonNullable<Batch['bones']>;
  readonly unsure: readonly string[];
}

/** Foods stirred in last that need no cooking. */
const STIRRED: ReadonlySet<FoodGroup> = new Set(['seasoning', 'dairy', 'liquid', 'fat', 'leaf']);

/** It joins what is being browned. */
const WITH_LAST_BATCH = /\bwith the (?:last|second|final) batch\b/i;

/** Meaning of a clause. */
type Told = Omit<Phrase, keyof Place | 'of'>;

/** The reading of instructions, one clause after another. */
class Reading {
  readonly phrases: Phrase[] = [];
  bones: ReadSteps['bones'];
  private readonly terms: readonly Term[];
  /** Subject of the clause before. */
  private last: readonly number[] = [];
  /** The sentence in which something was put in just before. */
  private adds = -1;
  /** It was wiped out after a lid, and can brown again. */
  private emptied = false;
  /** It was shut for its low setting. */
  private low = false;
  /** A lid was locked, whether something cooked under it or not. */
  private shut = false;
  readonly pot: Pot;
  private readonly elsewhere: Elsewhere;
  private readonly hands: Hands;

  /** @param apart lines that say themselves that they never go into the pot */
  constructor(
    private readonly foods: readonly (Food | null)[],
    apart: readonly number[],
  ) {
    this.pot = new Pot(foods);
    this.terms = termsIn(foods);
    this.elsewhere = new Elsewhere(foods, (line) => this.pot.isIn(line));
    this.hands = new Hands(this.pot, this.foods);
    this.pot.enter(apart, 'apart');
  }

  /** Reports durations of an unused clause; none is dropped silently. */
  private account(clause: string, used: readonly number[]): void {
    const left = timesIn(clause).filter(
      ({ minutes }) => !used.some((one) => Math.abs(one - minutes) < 0.01),
    );
    if (left.length > 0) this.pot.unsure.push(`a time that was not used: “${quoted(clause)}”`);
  }

  /** Action in another vessel, or in the oven; null where the clause is about the pot. */
  private besides(clause: Clause, named: readonly number[]): Told | null {
    const away = this.elsewhere.read(clause, named, this.pot.lids);
    if (!away) return null;
    if (away.bones) this.bones = away.bones;
    this.pot.wait(away.comes);
    this.pot.enter(away.served, 'apart');
    const isHeated = away.bones !== null || named.some((line) => this.elsewhere.wayOf(line));
    const used = isHeated ? timesIn(clause.text).map((time) => time.minutes) : [];
    return { fate: 'vessel', lines: named, used };
  }

  read(clause: Clause): void {
    if (clause.isLeft) {
      const lines = mentioned(clause.text, this.terms);
      this.elsewhere.tell(lines, clause.text);
      const { of, from, to } = clause;
      this.phrases.push({ of, from, to, fate: 'vessel', lines, used: [], spoken: true });
      return;
    }
    const named = mentioned(clause.text.replace(ONCE, '').replace(UNTIL, ''), this.terms);
    const told =
      this.besides(clause, named) ?? this.looked(clause.text, named) ?? this.done(clause, named);
    const { of, from, to } = clause;
    this.phrases.push({ of, from, to, ...told });
    if (!told.spoken) this.account(clause.text, told.used);
  }

  /** A conditional check, or a wait with the pot shut. */
  private looked(clause: string, named: readonly number[]): Told | null {
    if (NOT_DONE.test(clause) && !clause.includes(':'))
      return { fate: 'talk', lines: named, used: [] };
    if (isCondition(clause) && minutesIn(clause) !== null) {
      this.pot.unsure.push(`looked at when it is open, and not planned: “${quoted(clause)}”`);
      return { fate: 'condition', lines: named, used: [], spoken: true };
    }
    if (!this.pot.valve.stands(clause)) return null;
    const step = this.pot.steps.at(-1)?.id;
    return {
      fate: 'release',
      ...(step !== undefined && { step }),
      lines: [],
      used: [],
      spoken: true,
    };
  }

  /** Action in the pot. */
  private done({ text: clause, sentence }: Clause, named: readonly number[]): Told {
    this.hands.read(clause, named, this.last);
    const pressed = this.pot.lids > 0;
    if (EMPTIES.test(clause)) this.emptied = true;
    const last = this.pot.lastOf(clause);
    const said = stepIn(
      clause,
      pressed && !this.emptied,
      this.pot.sealed,
      this.pot.steps.at(-1)?.kind === 'saute',
    );
    // "Low pressure; 12 minutes": the setting was said as it was shut.
    const lid: typeof said =
      said?.kind === 'pressure' && this.low && this.pot.sealed ? { ...said, setting: 'low' } : said;
    const fries = this.pot.steps.at(-1)?.kind === 'saute';
    const step: typeof said =
      last > 0 && (pressed || fries) ? { kind: fries ? 'saute' : 'simmer', minutes: last } : lid;
    const waits = step?.kind === 'pressure' ? this.pot.valve.waitsAfter(clause) : 0;
    const seals = step?.kind !== 'pressure' && SEALS.test(clause) && releaseAt(clause) < 0;
    if (seals || (this.pot.sealed && !step)) this.low = LOW.test(clause) || (this.low && !seals);
    const whistles = step?.kind === 'pressure' && timesIn(clause).length === 0;
    this.shut ||= seals;
    if (step?.kind === 'pressure') this.emptied = false;
    if (step?.kind === 'pressure') this.pot.sealed = false;
    else if (seals) this.pot.sealed = true;
    else if (/\bopen\b|\blid off\b|\bremove the lid\b/i.test(clause)) this.pot.sealed = false;
    const told =
      step?.kind === 'strain'
        ? []
        : putIn(clause, this.foods, this.terms, (line) => this.pot.isIn(line), step !== null);
    // "Sear in the oil": what was spoken of just before is what is seared.
    const solid = told.some((i) => this.foods[i]?.shape);
    const seared =
      step?.kind === 'saute' && !solid ? this.last.filter((line) => !this.pot.isIn(line)) : [];
    // "Add the stock, then the beans", "drain the beans, add them": the verb or the food is in the clause before.
    const goesOn =
      (this.adds === sentence && ONLY_NAMED.test(clause)) ||
      (this.adds === sentence - 1 && THEN_NAMED.test(clause));
    const it = ADDS_IT.test(clause) ? this.last : goesOn && told.length === 0 ? named : [];
    const own = [...new Set([...told, ...seared, ...it.filter((line) => !this.pot.isIn(line))])];
    if (own.length > 0) this.adds = sentence;
    const put = [...own, ...this.elsewhere.comesAlong(clause, own)];
    const wilts = !step && pressed && put.length > 0 ? minutesIn(clause) : null;
    const served = pressed && SERVES.test(clause.replace(AND_SERVE, ''));
    if (step) this.pot.push(step, clause, put);
    else if (wilts !== null && releaseAt(clause) < 0)
      this.pot.push({ kind: 'simmer', minutes: wilts }, clause, put);
    else if (served) this.pot.enter(put, 'apart');
    else if (WITH_LAST_BATCH.test(clause) && fries)
      this.pot.enter(put, { step: this.pot.steps.at(-1)?.id ?? '' });
    else this.pot.wait(put);
    if (whistles) this.pot.countWhistles(clause);
    this.pot.valve.stand(waits);
    const releases = this.pot.valve.release(clause, step?.kind === 'pressure');
    if (releases) this.pot.released();
    const shut = this.pot.steps.findLast((s) => s.kind === 'pressure');
    const times = timesOver(clause);
    const used = [
      ...(step && 'holdMin' in step ? [step.holdMin] : []),
      ...(step && 'minutes' in step && step.minutes !== undefined ? [step.minutes / times] : []),
      ...(wilts === null ? [] : [wilts]),
      ...(last > 0 ? [last, afterMinutes(clause)] : []),
      ...(releases ? [waitOf(shut?.release)] : []),
      ...(waits > 0 ? [waits] : []),
    ];
    if (put.length > 0) this.hands.after(clause, put);
    const made = step || wilts !== null;
    if (named.length > 0) this.last = named;
    const of = made ? this.pot.steps.at(-1)?.id : releases ? shut?.id : undefined;
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
    const { bones, phrases } = this;
    const { steps, entries, unsure } = this.pot;
    this.pot.valve.opened();
    const asks = this.pot.valve.asks();
    const readied = { ...(bones && { bones }), phrases, asks };
    if (this.pot.lids === 0)
      return {
        steps: [],
        entries: new Map(),
        ...readied,
        asks: [],
        unsure: [
          ...unsure,
          this.shut
            ? 'no minutes under pressure were found: a plan is proposed'
            : 'nothing was said of pressure: a plan is proposed',
        ],
      };
    if (this.pot.left.length > 0) {
      const group = (line: number): FoodGroup | undefined => this.foods[line]?.group;
      const stirred = this.pot.left.every(
        (line) => this.elsewhere.has(line) || STIRRED.has(group(line) ?? 'vegetable'),
      );
      const id = this.pot.freshId();
      steps.push({ id, kind: stirred ? 'open' : 'simmer' });
      this.pot.enter(this.pot.left, { step: id });
      if (!stirred) unsure.push('no minutes for what is stirred in last: the usual time is taken');
    }
    this.pot.enter(this.elsewhere.beside(), 'apart');
    this.pot.readied((line) => this.elsewhere.wayOf(line) ?? this.hands.wayOf(line));
    return { steps, entries, ...readied, unsure };
  }
}

/** Clauses of a recipe; no recipe has so many. */
const MOST_CLAUSES = 1200;

/** Facts known besides the sentences. */
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
    reading.pot.unsure.push('what is done is longer than any recipe: its end was not read');
  return reading.end();
}
