/**
 * A plan that is open: what the hand does to it, and what is worked out of it meanwhile. Plain state
 * with no interface in it, so that it is tested alone; components select from it what they need.
 */
import { createStore, type StoreApi } from 'zustand/vanilla';
import type { Assessment, Draws, Finding } from '../core/assess';
import { potOf } from '../core/batch/plan';
import type { Batch, Kitchen, Pot } from '../core/batch/schema';
import type { Judged } from '../core/solve';
import { observe, type Observer, type Told } from './observer';
import type { Opened } from './opened';

/** A batch with the pots and the kitchen that it is planned for. */
export interface PlanPlace {
  readonly batch: Batch;
  readonly pots: readonly Pot[];
  readonly kitchen: Kitchen;
}

export interface PlanState extends PlanPlace {
  /** The batch as the hand has it: another one than `batch` until the hand lets go. */
  readonly shown: Batch;
  readonly pot: Pot;
  /** The newest answer; it may be of the batch before while the next one is on its way. */
  readonly assessment: Assessment | null;
  /** True while the answer is older than what is shown. */
  readonly stale: boolean;
  readonly error: string | null;
  /** The last answer of a batch at rest: what is slow to draw waits for it. */
  readonly settled: Assessment | null;
  /** Null until the batch has been drawn. */
  readonly draws: Draws | null;
  /** Its calls by chance; null until it has been drawn. */
  readonly calls: readonly Finding[] | null;
  /** Whether it could not be drawn: its calls are then those of the plan as given. */
  readonly undrawn: boolean;
  /** Its calls by chance, with what mends them; null until that has been worked out. */
  readonly judged: Judged | null;
  /** Share of the draws that are done, 0 to 1; null while none are under way. */
  readonly progress: number | null;
  /** Moment shown, min from the start; null for the moment the lid goes on. */
  readonly cursorMin: number | null;
  readonly opened: Opened;
}

interface Job {
  readonly batch: Batch;
  readonly pot: Pot;
  readonly kitchen: Kitchen;
  /** While a hand is on it: a coarser answer that keeps up. */
  readonly coarse: boolean;
}

/** Who works it out, away from here. */
export interface PlanWork {
  /** An answer at hand; null if there is none. */
  readonly atHand: (job: Job) => Assessment | null;
  readonly assess: (job: Job, signal: AbortSignal) => Promise<Assessment>;
  readonly draw: (
    of: Job,
    onShare: (share: number) => void,
    signal: AbortSignal,
  ) => Promise<Draws | null>;
  /** Calls by chance, before anything is tried against them. */
  readonly call: (of: Job, draws: Draws, signal: AbortSignal) => Promise<readonly Finding[]>;
  readonly judge: (
    of: Job,
    pots: readonly Pot[],
    draws: Draws,
    signal: AbortSignal,
  ) => Promise<Judged>;
  /** Lets a time pass, ms; stopped by what it returns. */
  readonly after: (ms: number, then: () => void) => () => void;
}

export interface PlanSession {
  readonly store: StoreApi<PlanState>;
  /** Takes the household's version: another tab, undo, or this plan itself changed it. */
  readonly refresh: (place: PlanPlace) => void;
  /** A change under the hand; done when the hand lets go, and then it is kept. */
  readonly inHand: (batch: Batch, done: boolean) => void;
  readonly cursor: (minute: number | null) => void;
  readonly open: (what: Opened) => void;
  /** Draws what waits to be drawn at once: somebody waits for its calls. */
  readonly hurry: () => void;
  /** Works out what there is to know, from here on. @returns ends that */
  readonly start: () => () => void;
}

/** Time without a change before a batch is simulated with draws, ms. */
const STILL_MS = 350;

const NOT_DRAWN = {
  draws: null,
  calls: null,
  undrawn: false,
  judged: null,
  progress: null,
} as const;

function sameJob(a: Job | null, b: Job): boolean {
  return (
    a?.batch === b.batch && a.pot === b.pot && a.kitchen === b.kitchen && a.coarse === b.coarse
  );
}

/**
 * Opens a plan.
 *
 * @param keep keeps a batch once the hand lets go; false if it cannot be kept, which is reported elsewhere
 */
export function planSession(
  place: PlanPlace,
  work: PlanWork,
  keep: (batch: Batch) => boolean,
): PlanSession {
  const { batch: shown } = place;
  const pot = potOf(shown, place.pots);
  const known = work.atHand({ batch: shown, pot, kitchen: place.kitchen, coarse: false });
  const store = createStore<PlanState>(() => ({
    ...place,
    ...NOT_DRAWN,
    shown,
    pot,
    assessment: known,
    stale: known === null,
    error: null,
    settled: known,
    cursorMin: null,
    opened: null,
  }));
  let job: Job | null = null;
  let observer: Observer<Job> | null = null;
  let stopDrawing = (): void => undefined;
  let drawNow = (): void => undefined;

  const told: Told<Job, Assessment> = {
    answered: (of, assessment) => {
      const fresh = sameJob(job, of);
      // The cached answer is newer.
      if (!fresh && !store.getState().stale) return;
      const settled = fresh && !of.coarse;
      store.setState({
        assessment,
        stale: !fresh,
        error: null,
        ...(settled ? { settled: assessment } : {}),
      });
    },
    failed: (of, reason) => {
      const error = reason instanceof Error ? reason.message : String(reason);
      if (sameJob(job, of)) store.setState({ error });
    },
  };

  const draw = (of: Job): void => {
    const ending = new AbortController();
    const { signal } = ending;
    const tell = (state: Partial<PlanState>): void => {
      if (!signal.aborted) store.setState(state);
    };
    const all = async (): Promise<void> => {
      const draws = await work.draw(of, (progress) => tell({ progress }), signal);
      tell({ draws, progress: null });
      if (!draws) return tell({ undrawn: true });
      if (signal.aborted) return;
      tell({ calls: await work.call(of, draws, signal) });
      if (signal.aborted) return;
      tell({ judged: await work.judge(of, store.getState().pots, draws, signal) });
    };
    // The assessment of the same batch reports the error.
    let begun = false;
    const begin = (): void => {
      if (begun || signal.aborted) return;
      begun = true;
      void all().catch(() => tell({ ...NOT_DRAWN, undrawn: true }));
    };
    drawNow = begin;
    const stopWaiting = work.after(STILL_MS, begin);
    stopDrawing = () => {
      stopWaiting();
      ending.abort();
    };
  };

  /** Asks anew where what is shown, or its pot or kitchen, is another. */
  const ask = (): void => {
    if (!observer) return;
    const { batch, shown, pot, kitchen } = store.getState();
    const next: Job = { batch: shown, pot, kitchen, coarse: shown !== batch };
    if (sameJob(job, next)) return;
    job = next;
    const known = work.atHand(next);
    store.setState({ ...NOT_DRAWN, stale: known === null });
    // The pending answer belongs to a batch that is no longer shown.
    observer.ask(known ? null : next);
    if (known) told.answered(next, known);
    stopDrawing();
    if (!next.coarse && shown.items.length > 0) draw(next);
  };

  const show = (shown: Batch, more: Partial<PlanPlace> = {}): void => {
    const { pots } = { ...store.getState(), ...more };
    store.setState({ ...more, shown, pot: potOf(shown, pots) });
    ask();
  };

  return {
    store,
    refresh: (next) => {
      const { batch, shown, pots, kitchen } = store.getState();
      if (next.batch === batch && next.pots === pots && next.kitchen === kitchen) return;
      // Keep the value that is being dragged.
      show(shown === batch ? next.batch : shown, next);
    },
    inHand: (next, done) => {
      const { batch } = store.getState();
      show(next, done ? { batch: next } : {});
      if (done && !keep(next)) show(batch, { batch });
    },
    cursor: (cursorMin) => store.setState({ cursorMin }),
    open: (opened) => store.setState({ opened }),
    hurry: () => drawNow(),
    start: () => {
      observer = observe(work.assess, told);
      ask();
      return () => {
        observer?.stop();
        observer = null;
        job = null;
        stopDrawing();
      };
    },
  };
}
