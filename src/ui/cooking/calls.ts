/** Calls that wait for the cook: each sounds again and again until a hand touches the page. */
import { create } from 'zustand';

/** Something that is due. */
export interface Call {
  readonly id: string;
  /** Target of a touch. */
  readonly href: string;
  /** Which pot, or what cools. */
  readonly of: string;
  readonly words: string;
  /** Caution; null for none. */
  readonly caution: string | null;
  /** Place of its pot among those that are on: each has its own sound. */
  readonly voice: number;
  /** Since when, ms of the page's clock. */
  readonly at: number;
}

/** A call that waits sounds again after so long, ms; one that was heard and not done, after so long. */
export const REPEAT_MS = 15_000;
export const AGAIN_MS = 5 * 60_000;

interface Calls {
  readonly waiting: readonly Call[];
  /** Called, and heard at this time, ms, by id. */
  readonly heard: ReadonlyMap<string, number>;
  /** Title of the page while nothing calls. */
  readonly heading: string | null;
}

export const useCallStore = create<Calls>(() => ({ waiting: [], heard: new Map(), heading: null }));

/** It is due: it waits, unless it was heard just now. */
export function raise(call: Call): void {
  useCallStore.setState((state) => {
    if (state.waiting.some(({ id }) => id === call.id)) return state;
    const heardAt = state.heard.get(call.id);
    if (heardAt !== undefined && call.at - heardAt < AGAIN_MS) return state;
    return { waiting: [...state.waiting, call] };
  });
}

/** It is due no more. */
export function drop(id: string): void {
  useCallStore.setState((state) =>
    state.waiting.some((call) => call.id === id)
      ? { waiting: state.waiting.filter((call) => call.id !== id) }
      : state,
  );
}

/** A hand has touched the page: what waits was heard. @param now ms */
export function hear(now: number): void {
  useCallStore.setState((state) =>
    state.waiting.length === 0
      ? state
      : {
          waiting: [],
          heard: new Map([...state.heard, ...state.waiting.map(({ id }) => [id, now] as const)]),
        },
  );
}

/** Title that the page asks for; null for the name of the house. */
export function setHeading(heading: string | null): void {
  useCallStore.setState({ heading });
}

/** Title of the page. @example titleOf([], "12:05 Hold") // "12:05 Hold" */
export function titleOf(waiting: readonly Call[], heading: string | null): string {
  const [first] = waiting;
  if (!first) return heading ?? 'Retort';
  return `(${waiting.length}) ${first.words}, ${first.of}`;
}
