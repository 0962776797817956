/**
 * Connection of the page to the browser's storage: a state machine, as a value and a function. It knows no
 * browser; `connection` sends it events and does what follows.
 */
import type { Backup, Database } from './db';
import type { Kept } from './repository';
import type { TroubleKind } from './state';

export type Connection =
  /** Nobody has asked for the storage yet. */
  | { readonly at: 'closed' }
  | { readonly at: 'opening'; readonly waiting: 'slow' | 'blocked' | null }
  /** It did not open. The cook is asked how to go on. */
  | { readonly at: 'failed'; readonly why: TroubleKind }
  /** Goes on without it: everything lasts as long as the page. */
  | { readonly at: 'memory'; readonly backups: readonly Backup[] }
  | {
      readonly at: 'open';
      readonly database: Database;
      /** Household as this tab last read or wrote it; null before the first start. */
      readonly written: Kept | null;
      /** Why the last write failed; it is tried again. */
      readonly stuck: TroubleKind | null;
    }
  /** Closed under the page. */
  | { readonly at: 'shut'; readonly why: TroubleKind; readonly written: Kept | null }
  | { readonly at: 'reopening'; readonly why: TroubleKind | null; readonly written: Kept | null };

export type ConnectionEvent =
  | { readonly type: 'open' }
  | { readonly type: 'waits'; readonly why: 'slow' | 'blocked' }
  | { readonly type: 'opened'; readonly database: Database; readonly kept: Kept | null }
  | { readonly type: 'refused'; readonly why: TroubleKind }
  | { readonly type: 'go on without' }
  | { readonly type: 'backed up'; readonly backups: readonly Backup[] }
  | { readonly type: 'agreed'; readonly written: Kept | null }
  | { readonly type: 'write failed'; readonly why: TroubleKind }
  | { readonly type: 'closed'; readonly why: 'newer' | 'deleted' | 'lost' }
  | { readonly type: 'try again' };

export const CLOSED: Connection = { at: 'closed' };

type Of<A> = Extract<Connection, { at: A }>;
type EventOf<T> = Extract<ConnectionEvent, { type: T }>;
type Step<A, T> = (state: Of<A>, event: EventOf<T>) => Connection;

const opened = (_: Connection, { database, kept }: EventOf<'opened'>): Connection => ({
  at: 'open',
  database,
  written: kept,
  stuck: null,
});
const without = (): Connection => ({ at: 'memory', backups: [] });

/** The transitions: what each state does at each event that it hears. Every other event leaves it as it is. */
export const TRANSITIONS: {
  readonly [A in Connection['at']]: { readonly [T in ConnectionEvent['type']]?: Step<A, T> };
} = {
  closed: { open: () => ({ at: 'opening', waiting: null }), 'go on without': without },
  opening: {
    // A page that is blocked says so, however slow it is besides.
    waits: (state, { why }) => (state.waiting === 'blocked' ? state : { ...state, waiting: why }),
    opened,
    refused: (_, { why }) => ({ at: 'failed', why }),
    'go on without': without,
  },
  failed: { 'go on without': without },
  memory: { 'backed up': (_, { backups }) => ({ at: 'memory', backups }) },
  open: {
    agreed: (state, { written }) => ({ ...state, written, stuck: null }),
    'write failed': (state, { why }) => ({ ...state, stuck: why }),
    closed: ({ written }, { why }) =>
      why === 'lost'
        ? { at: 'reopening', why: null, written }
        : // A deleted household is written anew; a newer one is not ours to write to.
          { at: 'shut', why, written: why === 'deleted' ? null : written },
  },
  shut: { 'try again': ({ why, written }) => ({ at: 'reopening', why, written }) },
  reopening: {
    opened,
    refused: (state, { why }) => ({ ...state, at: 'shut', why }),
  },
};

/** State after an event. */
export function next(state: Connection, event: ConnectionEvent): Connection {
  const step = TRANSITIONS[state.at][event.type] as
    | ((state: Connection, event: ConnectionEvent) => Connection)
    | undefined;
  return step ? step(state, event) : state;
}

/** Household as this tab last read or wrote it. */
export function writtenOf(state: Connection): Kept | null {
  return 'written' in state ? state.written : null;
}

/** Database that can be read and written now. */
export function databaseOf(state: Connection): Database | null {
  return state.at === 'open' ? state.database : null;
}

/** Trouble that the page shows. */
export function troubleOf(state: Connection): TroubleKind | null {
  switch (state.at) {
    case 'memory':
      return 'memory';
    case 'failed':
    case 'shut':
    case 'reopening':
      return state.why;
    case 'open':
      return state.stuck;
    case 'closed':
    case 'opening':
      return null;
  }
}
