/** How the pressure of each lid is let off, told over sentences and clauses. */
import type { PressureStep, Step } from '../../core/batch/schema';
import { afterWait, LONGEST_WAIT_MIN, waitOf, type Release } from '../../core/vocabulary';
import { ONCE } from './recipeClauses';
import { joined, releaseAt, releaseIn } from './recipeRelease';
import { minutesIn, timesIn } from './recipeTimes';

/** Open point about a lid: how the pressure is released. */
export interface ReleaseAsk {
  readonly step: string;
  readonly what: string;
  readonly answers: readonly { readonly label: string; readonly release: Release }[];
}

const WAITS = [5, 10, 20] as const;

/** How long the pressure drops before the valve is opened. */
function askWait(step: string, { method }: Release): ReleaseAsk {
  const opens: Release =
    method === 'timed' || method === 'natural' ? { method: 'quick' } : { method };
  return {
    step,
    what: 'How long does the pressure drop before the valve is opened?',
    answers: WAITS.map((minutes) => ({
      label: `${minutes} min`,
      release: afterWait(opens, minutes),
    })),
  };
}

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

const OFF_THE_HEAT =
  /^\W*(?:remove|take)\b[^,]*?\b(?:from|off) the (?:heat|stove|hob)\b,?\s*(?:and\s+)?/i;

export class Valve {
  private readonly asked: ReleaseAsk[] = [];
  /** Minutes with the valve shut before the recipe mentions the valve. */
  private stoodMin = 0;
  /** Minutes that its falling by itself was said to take. */
  private takesMin = 0;

  /**
   * @param steps of the recipe, whose lids it changes
   * @param unsure takes what was guessed, in words
   */
  constructor(
    private readonly steps: Step[],
    private readonly unsure: string[],
  ) {}

  /** Shut so long behind a hold. */
  stand(minutes: number): void {
    this.stoodMin = Math.max(this.stoodMin, minutes);
  }

  /** @returns whether the clause speaks of a release that belongs to a lid */
  release(clause: string, held: boolean): boolean {
    const at = this.steps.findLastIndex((s) => s.kind === 'pressure');
    const step = this.steps[at] as PressureStep | undefined;
    const said = step && releaseIn(clause, held);
    if (!step || !said) return false;
    const stoodMin = this.stoodMin || (step.release?.method === 'natural' ? this.takesMin : 0);
    const { release, guessed, contradicts } = joined(
      step.release,
      stoodMin > 0 && waitOf(said) === 0 && said.method !== 'natural'
        ? afterWait(said, stoodMin)
        : said,
    );
    this.stoodMin = 0;
    // "Natural, 10 min" is how long it takes, unless the valve is opened then.
    this.takesMin = said.method === 'natural' ? (timesIn(clause)[held ? 1 : 0]?.minutes ?? 0) : 0;
    this.steps[at] = { ...step, release };
    if (guessed) {
      this.unsure.push('how long it drops before the valve is opened: 10 min are taken');
      this.asked.push(askWait(step.id, release));
    }
    if (contradicts) {
      this.asked.push(askRelease(step.id));
      this.unsure.push(
        `two ways to let it off, the slower is taken: “${clause.trim().slice(0, 60)}”`,
      );
    }
    return true;
  }

  /** "Let it stand 10 minutes" with the lid on: a wait before the valve. */
  stands(clause: string): boolean {
    const step = this.steps.at(-1);
    const minutes = minutesIn(clause);
    if (step?.kind !== 'pressure' || step.release || minutes === null) return false;
    const done = clause.replace(ONCE, '').replace(OFF_THE_HEAT, '');
    if (!/^\W*(?:let|leave|allow|wait|rest|stand)\b/i.test(done) || releaseAt(done) >= 0)
      return false;
    this.stoodMin = Math.min(LONGEST_WAIT_MIN, minutes);
    return true;
  }

  /** "Cook 20 minutes at pressure, wait 10 more": minutes with the valve shut after a hold. */
  waitsAfter(clause: string): number {
    const [hold, wait] = timesIn(clause);
    if (!hold || !wait || releaseAt(clause) >= 0) return 0;
    const between = clause.slice(hold.at);
    return /\b(?:wait|leave|stand|rest|let (?:it|the pot))\b/i.test(between)
      ? Math.min(LONGEST_WAIT_MIN, wait.minutes)
      : 0;
  }

  /** If cooking goes on after a wait, the pot was opened after that wait. */
  opened(): void {
    const at = this.steps.length - 1;
    const lid = this.steps[at];
    if (this.stoodMin > 0 && lid?.kind === 'pressure' && !lid.release)
      this.steps[at] = { ...lid, release: { method: 'timed', afterMin: this.stoodMin } };
    this.stoodMin = 0;
  }

  /** Open points, including a lid without a word about its release. */
  asks(): readonly ReleaseAsk[] {
    const untold = this.steps.filter(
      (s) => s.kind === 'pressure' && !s.release && !this.asked.some(({ step }) => step === s.id),
    );
    return [...this.asked, ...untold.map(({ id }) => askRelease(id))];
  }
}
