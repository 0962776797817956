/**
 * What is done, read from a recipe's sentences: the steps they clearly speak of, and which foods go
 * in with them.
 */
import type { Batch, PressureStep, Step } from '../core/batch/schema';
import { afterWait, LONGEST_WAIT_MIN, waitOf } from '../core/vocabulary';
import type { Food, FoodGroup } from '../core/food';
import { mentioned, termsIn, type Term } from './mentions';
import { joined, releaseAt, releaseIn } from './recipeRelease';
import { minutesIn, timesIn } from './recipeTimes';

/** Where a line's food goes in: a step, or never into the pot. */
export type Entry = { readonly step: string } | 'apart';

export interface ReadSteps {
  readonly steps: readonly Step[];
  /** By the index of the ingredient line; what is not there goes in as is usual. */
  readonly entries: ReadonlyMap<number, Entry>;
  /** How its bones are readied, where that is told. */
  readonly bones?: NonNullable<Batch['bones']>;
  readonly unsure: readonly string[];
}

/** Short words that pressure cooks write, and what they stand for. */
const SHORT: readonly (readonly [RegExp, string])[] = [
  [/\bHP\b/g, 'high pressure'],
  [/\bLP\b/g, 'low pressure'],
  [/\bN(?:P)?R\b/g, 'natural release'],
  [/\bQ(?:P)?R\b/g, 'quick release'],
  // A heading in front of a sentence, and how long the pot takes to come up.
  [/^\s*(?:\d+[.)]\s+|(?:[A-Z]{2,}\s*)+:\s*)/, ''],
  [/\b(?:it |this )?(?:will )?takes? [^.,;]*\b(?:to|up to|at|under) pressure\b/gi, ''],
  [/\(?(?:about |around )?\d+(?:\s*(?:-|–|to)\s*\d+)? min\w* to come (?:up )?to pressure\)?/gi, ''],
];

/** Clauses of the instructions, each about one thing done. */
function clausesOf(instructions: readonly string[]): readonly string[] {
  return instructions
    .flatMap((text) => text.split(/\n|(?<=[.;!])\s+/))
    .map((text) => SHORT.reduce((line, [short, long]) => line.replace(short, long), text))
    .flatMap((text) => text.split(/[,;]?\s+(?:and\s+)?then,?\s+|;\s*/))
    .filter((text) => text.trim());
}

const ADDS =
  /\b(?:add|stir|put|place|pour|drop|tip|toss|throw|return|fold|crumble|mix|swirl|deglaze|top with|transfer)\b/i;
const SERVES =
  /\b(?:garnish|serve|scatter|sprinkle|top (?:it |each |the \w+ )?with|in(?:to)? (?:the|each) bowls?)\b/i;
/** "Stir in the cream and serve": it is stirred in. */
const AND_SERVE = /,?\s*(?:and|to|before|just before)\s+serv\w+\W*$/i;
const ALL =
  /\b(?:everything|all (?:of )?(?:the )?(?:other |remaining )?ingredients|the rest|all else)\b/i;
/** What is said to come about is not what is done: "until the carrots are soft". */
const UNTIL = /\b(?:until|till|while|so that|if|when|as soon as)\b.*$/i;
/** "Once the pin is down, add": what comes before the comma is over. */
const ONCE = /^(?:once|when|after|if|while|as soon as)\b[^,]*,\s*/i;
const BUT = /\b(?:but|except|apart from|other than)\b.*$/i;
const ASIDE =
  /\b(?:set (?:it |them |the \w+ )?aside|(?:transfer|remove|lift)\w* (?:it |them )?(?:\w+ )?(?:to|onto|into) a (?:plate|bowl|dish))\b/i;
const OTHER_PAN =
  /\b(?:separate|another|its own) (?:pot|pan|saucepan)\b|\b(?:separately|apart)\b(?! from)/i;
const OPEN = /\b(?:lid off|without the lid|uncovered|open pot)\b/i;
const LAST = /\b(?:for|in|during) the (?:last|final) (\d+)/i;

const BROWNS =
  /\bsaut[ée]|\bsear\b|\bbrown\b(?! (?:lentil|rice|sugar|onion))|\bfry\b|\bsweat\b|\bsoften\b|\bmelt\b/i;
/** What comes about in a hot open pot and nowhere else. */
const SOFT =
  /\b(?:until|till)\b.*\b(?:soft|softened|translucent|fragrant|golden|brown|browned|wilted)\b/i;
const SETS_UP = /\b(?:set|switch|turn|select|press|choose)\b.*\bsaut[ée]/i;
const BOILS = /\bsimmer|\bboil|\bbubble/i;
const WARMS = /\bcook|\bwarm|\bheat|\bwilt|\bthicken/i;
const COOKS = /\bcook|\bhold\b|\b(?:high|low|full) pressure,?\s*(?:for\s+)?(?:about\s+)?\d/i;

/** The longest that a step may take, min. */
const LONGEST = 2880;

function timeOf(minutes: number | null): { readonly minutes?: number } {
  return minutes === null ? {} : { minutes: Math.min(LONGEST, minutes) };
}

/** The step a clause speaks of, without its id; null for none. */
function stepIn(clause: string, pressed: boolean): DistributiveOmit<Step, 'id'> | null {
  const [first] = timesIn(clause);
  const minutes = first?.minutes ?? null;
  const letsOutAt = releaseAt(clause);
  const before = first && (letsOutAt < 0 || first.at < letsOutAt);
  const shut = /\bpressure\b|\block the lid\b/i.test(clause) && !OPEN.test(clause);
  if (shut && first && before && COOKS.test(clause.slice(0, letsOutAt < 0 ? undefined : letsOutAt)))
    return {
      kind: 'pressure',
      ...(/\blow\b(?! (?:heat|flame))/i.test(clause) && { setting: 'low' }),
      holdMin: Math.min(600, first.minutes),
    };
  if (letsOutAt >= 0 && !OPEN.test(clause)) return null;
  if (/^\W*open the (?:pot|lid)\b/i.test(clause)) return { kind: 'open', ...timeOf(minutes) };
  if (/^\W*(?:cut, weigh|prepare)\b/i.test(clause)) return { kind: 'prep', ...timeOf(minutes) };
  if (/\bstrain/i.test(clause))
    return {
      kind: 'strain',
      ...timeOf(minutes),
      ...(/\bkeep the bones\b/i.test(clause) && { keep: 'bones' as const }),
    };
  const time = minutes !== null && timeOf(minutes);
  if (BOILS.test(clause) && (time || /\bsimmer/i.test(clause)) && !/\bnot boil/i.test(clause))
    return { kind: 'simmer', ...time };
  if (!pressed) {
    if (SETS_UP.test(clause) && !time) return null;
    const softens = WARMS.test(clause) && (time || SOFT.test(clause));
    if (BROWNS.test(clause) || softens) return { kind: 'saute', ...time };
    return null;
  }
  if (!time) return BROWNS.test(clause) && !SETS_UP.test(clause) ? { kind: 'saute' } : null;
  if (WARMS.test(clause)) return { kind: 'simmer', ...time };
  const stands = /\b(?:let|leave)\b.*\b(rest|stand|cool)\b/i.exec(clause)?.[1];
  if (stands) return { kind: stands === 'cool' ? 'cool' : 'rest', ...time };
  return BROWNS.test(clause) ? { kind: 'saute', ...time } : null;
}

type DistributiveOmit<T, K extends PropertyKey> = T extends unknown ? Omit<T, K> : never;

/** Foods that a clause puts in, of those that are not in yet. */
function putIn(
  clause: string,
  foods: readonly (Food | null)[],
  terms: readonly Term[],
  isIn: (line: number) => boolean,
  cooks: boolean,
): readonly number[] {
  const done = clause.replace(ONCE, '').replace(UNTIL, '');
  if (ALL.test(done)) {
    const not = mentioned(BUT.exec(done)?.[0] ?? '', terms);
    return foods.flatMap((food, i) => (food && !isIn(i) && !not.includes(i) ? [i] : []));
  }
  // Broth that thickens in a simmer was in before, whether it was told or not.
  const told = ADDS.test(done) || SERVES.test(done) || /\bseason\b/i.test(done);
  const named = mentioned(done, terms).filter(
    (i) => !isIn(i) && (told || (cooks && foods[i]?.group !== 'liquid')),
  );
  // Water that is listed twice is put in twice.
  return named.filter(
    (i, n) =>
      foods[i]?.group !== 'liquid' ||
      named.findIndex((other) => foods[other]?.key === foods[i]?.key) === n,
  );
}

/** What is stirred in last and needs no cooking. */
const STIRRED: ReadonlySet<FoodGroup> = new Set(['seasoning', 'dairy', 'liquid', 'fat', 'leaf']);

/** The reading of instructions, one clause after another. */
class Reading {
  readonly steps: Step[] = [];
  readonly unsure: string[] = [];
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

  constructor(private readonly foods: readonly (Food | null)[]) {
    this.terms = termsIn(foods);
  }

  private get lids(): number {
    return this.steps.filter((s) => s.kind === 'pressure').length;
  }

  private enter(lines: readonly number[], entry: Entry): void {
    for (const line of lines) if (!this.entries.has(line)) this.entries.set(line, entry);
  }

  private release(clause: string, held: boolean): void {
    const at = this.steps.findLastIndex((s) => s.kind === 'pressure');
    const step = this.steps[at] as PressureStep | undefined;
    const said = step && releaseIn(clause, held);
    if (!step || !said) return;
    const { release, guessed } = joined(
      step.release,
      this.stoodMin > 0 && waitOf(said) === 0 && said.method !== 'natural'
        ? afterWait(said, this.stoodMin)
        : said,
      clause,
    );
    this.stoodMin = 0;
    this.steps[at] = { ...step, release };
    if (guessed) this.unsure.push('how long it drops before the valve is opened: 10 min are taken');
  }

  /** "Let it stand 10 minutes", the lid still on: it waits before the valve. */
  private stands(clause: string): boolean {
    const step = this.steps.at(-1);
    const minutes = minutesIn(clause);
    if (step?.kind !== 'pressure' || step.release || minutes === null) return false;
    if (!/^\W*(?:let|leave|allow|wait|rest|stand)\b/i.test(clause) || releaseAt(clause) >= 0)
      return false;
    this.stoodMin = Math.min(LONGEST_WAIT_MIN, minutes);
    return true;
  }

  /** A step is done, and with it what waited and what the clause puts in. */
  private push(step: DistributiveOmit<Step, 'id'>, clause: string, put: readonly number[]): void {
    const before = this.steps.at(-1);
    const goesOn =
      before?.kind === step.kind && 'minutes' in step && put.length === 0 && !this.waiting.length;
    if (goesOn && before.kind !== 'pressure' && before.minutes === undefined) {
      this.steps[this.steps.length - 1] = { ...before, minutes: step.minutes ?? 0 } as Step;
      this.unsure.pop();
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

  read(clause: string): void {
    const named = mentioned(clause.replace(ONCE, '').replace(UNTIL, ''), this.terms);
    if (/\b(?:roast|oven)\b/i.test(clause) && !/\bpressure\b/i.test(clause)) {
      if (named.some((i) => this.foods[i]?.group === 'bones')) this.bones = 'roasted';
      return;
    }
    if (/\bblanch/i.test(clause) && named.some((i) => this.foods[i]?.group === 'bones'))
      this.bones = 'blanched';
    const isIn = (line: number): boolean => this.entries.has(line) || this.waiting.includes(line);
    if (OTHER_PAN.test(clause)) {
      this.enter(
        named.filter((line) => !isIn(line)),
        'apart',
      );
      return;
    }
    if (this.stands(clause)) return;
    const pressed = this.lids > 0;
    const last = Number(LAST.exec(clause)?.[1] ?? 0);
    const step: ReturnType<typeof stepIn> =
      last > 0 && pressed ? { kind: 'simmer', minutes: last } : stepIn(clause, pressed);
    const told = putIn(clause, this.foods, this.terms, isIn, step !== null);
    // "Sear in the oil": what was spoken of just before is what is seared.
    const solid = told.some((i) => this.foods[i]?.shape);
    const seared = step?.kind === 'saute' && !solid ? this.last.filter((line) => !isIn(line)) : [];
    const put = [...told, ...seared.filter((line) => !told.includes(line))];
    const wilts = !step && pressed && put.length > 0 ? minutesIn(clause) : null;
    if (step) this.push(step, clause, put);
    else if (wilts !== null && releaseAt(clause) < 0)
      this.push({ kind: 'simmer', minutes: wilts }, clause, put);
    else if (pressed && SERVES.test(clause.replace(AND_SERVE, ''))) this.enter(put, 'apart');
    else this.waiting = [...this.waiting, ...put];
    this.release(clause, step?.kind === 'pressure');
    if (ASIDE.test(clause)) {
      const out = named.length > 0 ? named : this.last;
      for (const line of out) this.aside.set(line, this.lids);
    }
    this.comesBack(clause, () => this.steps.at(-1)?.id ?? null);
    if (named.length > 0) this.last = named;
  }

  end(): ReadSteps {
    const { steps, entries, unsure, bones } = this;
    const readied = bones && { bones };
    if (this.lids === 0)
      return {
        steps: [],
        entries: new Map(),
        ...readied,
        unsure: [...unsure, 'nothing was said of pressure: a plan is proposed'],
      };
    if (this.waiting.length > 0) {
      const group = (line: number): FoodGroup | undefined => this.foods[line]?.group;
      const stirred = this.waiting.every((line) => STIRRED.has(group(line) ?? 'vegetable'));
      const id = this.freshId();
      steps.push({ id, kind: stirred ? 'open' : 'simmer' });
      this.enter(this.waiting, { step: id });
      if (!stirred) unsure.push('no minutes for what is stirred in last: the usual time is taken');
    }
    return { steps, entries, ...readied, unsure };
  }
}

/**
 * Steps that the sentences clearly speak of, in their order.
 *
 * @param foods of the ingredient lines; null where a line named none
 */
export function stepsIn(
  instructions: readonly string[],
  foods: readonly (Food | null)[],
): ReadSteps {
  const reading = new Reading(foods);
  for (const clause of clausesOf(instructions)) reading.read(clause);
  return reading.end();
}
