import fc from 'fast-check';
import {
  CLOSED,
  databaseOf,
  next,
  TRANSITIONS,
  troubleOf,
  writtenOf,
  type Connection,
  type ConnectionEvent,
} from './connectionState';
import type { Database } from './db';
import type { Kept } from './repository';

const DATABASE = { name: 'd' } as unknown as Database;
const KEPT = { stamp: 's1' } as Kept;
const NEWER = { stamp: 's2' } as Kept;

const EVENTS: readonly ConnectionEvent[] = [
  { type: 'open' },
  { type: 'waits', why: 'slow' },
  { type: 'waits', why: 'blocked' },
  { type: 'opened', database: DATABASE, kept: KEPT },
  { type: 'opened', database: DATABASE, kept: null },
  { type: 'refused', why: 'failed' },
  { type: 'go on without' },
  { type: 'backed up', backups: [] },
  { type: 'agreed', written: NEWER },
  { type: 'write failed', why: 'full' },
  { type: 'closed', why: 'newer' },
  { type: 'closed', why: 'deleted' },
  { type: 'closed', why: 'lost' },
  { type: 'try again' },
];

const walk = (...types: readonly (ConnectionEvent | ConnectionEvent['type'])[]): Connection =>
  types.reduce<Connection>((state, step) => {
    const event = typeof step === 'string' ? EVENTS.find(({ type }) => type === step) : step;
    return event ? next(state, event) : state;
  }, CLOSED);

describe('the connection to the storage', () => {
  it.each<[string, Connection, Connection['at'], ReturnType<typeof troubleOf>]>([
    ['opens', walk('open', 'opened'), 'open', null],
    ['says that opening takes long', walk('open', 'waits'), 'opening', null],
    ['asks the cook when it does not open', walk('open', 'refused'), 'failed', 'failed'],
    [
      'goes on without it after a failure',
      walk('open', 'refused', 'go on without'),
      'memory',
      'memory',
    ],
    ['goes on without it where there is none', walk('go on without'), 'memory', 'memory'],
    ['tries a failed write again', walk('open', 'opened', 'write failed'), 'open', 'full'],
    ['is well again after a write', walk('open', 'opened', 'write failed', 'agreed'), 'open', null],
    ['stops for a newer version', walk('open', 'opened', 'closed'), 'shut', 'newer'],
    [
      'opens again by a hand',
      walk('open', 'opened', 'closed', 'try again', 'opened'),
      'open',
      null,
    ],
    [
      'opens again by itself after a loss',
      walk('open', 'opened', { type: 'closed', why: 'lost' }, 'opened'),
      'open',
      null,
    ],
    [
      'is shut when it does not open again',
      walk('open', 'opened', { type: 'closed', why: 'lost' }, 'refused'),
      'shut',
      'failed',
    ],
  ])('%s', (_, state, at, trouble) => {
    expect([state.at, troubleOf(state)]).toEqual([at, trouble]);
  });

  it('keeps saying that it is blocked, however slow it is besides', () => {
    const blocked = walk('open', { type: 'waits', why: 'blocked' }, { type: 'waits', why: 'slow' });
    expect(blocked).toEqual({ at: 'opening', waiting: 'blocked' });
  });

  it('writes a deleted household anew, and no household over a newer one', () => {
    expect(writtenOf(walk('open', 'opened', { type: 'closed', why: 'deleted' }))).toBeNull();
    expect(writtenOf(walk('open', 'opened', { type: 'closed', why: 'newer' }))).toBe(KEPT);
  });

  it('does not take up a database that opened after the page went on without it', () => {
    const late = walk('open', 'go on without', 'opened');
    expect(late.at).toBe('memory');
    expect(databaseOf(late)).toBeNull();
  });

  it('stays as it is at every event that its state does not hear', () => {
    const reached = new Map<string, Connection>();
    const visit = (state: Connection): void => {
      const key = JSON.stringify(state);
      if (reached.has(key)) return;
      reached.set(key, state);
      for (const event of EVENTS) {
        const after = next(state, event);
        if (!(event.type in TRANSITIONS[state.at])) expect(after).toBe(state);
        visit(after);
      }
    };
    visit(CLOSED);
    // Every named state can be reached, and none that has no name.
    expect(new Set([...reached.values()].map(({ at }) => at))).toEqual(
      new Set(Object.keys(TRANSITIONS)),
    );
  });

  it('forgets what it wrote only where the storage was deleted or emptied, whatever happens', () => {
    fc.assert(
      fc.property(fc.array(fc.constantFrom(...EVENTS), { maxLength: 40 }), (events) => {
        let state: Connection = CLOSED;
        for (const event of events) {
          const before = writtenOf(state);
          state = next(state, event);
          const isEmptied =
            (event.type === 'closed' && event.why === 'deleted') ||
            (event.type === 'opened' && event.kept === null);
          if (before && !isEmptied) expect(writtenOf(state)).not.toBeNull();
        }
      }),
    );
  });
});
