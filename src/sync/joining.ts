/** A device that joins: it looks at the kitchen of another, takes all of it, and is one of its devices from then on. */
import type { Bundle } from '../core/batch/schema';
import { importBundle } from '../formats';
import type { Sharing } from '../store/db';
import { changeSharing, joinHousehold, readSharing, type Whole } from '../store/sharing';
import { newCode, newId, type Code } from './code';
import { openLine, type Line } from './line';
import { forgetDevice } from './meeting';
import type { Summary } from './messages';
import { restartMeeting, startMeeting, stopMeeting } from './tabs';

/** Nothing more comes after so long, ms. */
const PATIENCE_MS = 30_000;

/** The kitchen that a code leads to, as one of its devices tells of it. */
export interface Host {
  readonly id: string;
  readonly name: string;
  readonly summary: Summary;
}

export interface JoinEvents {
  readonly found: (host: Host) => void;
  /** The server is not reached; it is tried again. */
  readonly lost: () => void;
  /** Something was heard that this code does not open. */
  readonly unread: () => void;
  /** Progress: parts received, and all parts. */
  readonly part: (here: number, of: number) => void;
}

export interface Joining {
  /** Takes everything. @returns all records of the host */
  readonly take: (host: Host) => Promise<readonly Whole[]>;
  readonly end: () => void;
}

/** Greets those who meet by a code. */
export function lookFor(
  code: Code,
  me: Sharing['device'],
  name: string,
  events: JoinEvents,
): Joining {
  let taken: {
    readonly of: Whole[];
    readonly done: (all: readonly Whole[]) => void;
    readonly fail: (error: Error) => void;
  } | null = null;
  let parts = 0;
  let patience: ReturnType<typeof setTimeout> | undefined;
  const wait = (): void => {
    clearTimeout(patience);
    patience = setTimeout(() => taken?.fail(new Error('nothing more came')), PATIENCE_MS);
  };
  const line: Line = openLine(
    code,
    { id: me, name },
    {
      open: () => void line.say({ is: 'hello', all: '', back: false }),
      lost: events.lost,
      unread: events.unread,
      hear: (message) => {
        const { from } = message;
        if (message.is === 'hello' && message.summary)
          events.found({ ...from, summary: message.summary });
        if (message.is !== 'wholes' || message.to !== me || !taken) return;
        taken.of.push(...message.of);
        parts++;
        events.part(parts, parts + message.rest);
        wait();
        if (message.rest > 0) return;
        clearTimeout(patience);
        taken.done(taken.of);
      },
    },
  );
  return {
    take: (host) =>
      new Promise((done, fail) => {
        taken = { of: [], done, fail };
        parts = 0;
        wait();
        void line.say({ is: 'wants', to: host.id, keys: null });
      }),
    end: () => {
      clearTimeout(patience);
      line.end();
    },
  };
}

/** This device's own beside what the household has: where both have the same record, the household's stands. */
const beside =
  (mine: Bundle) =>
  (theirs: Bundle): Bundle => ({
    ...importBundle(mine, theirs, 'merge'),
    kitchen: theirs.kitchen,
  });

/**
 * Joins a household.
 *
 * @param mine what this device brings along; null for nothing
 */
export async function joinIn(
  code: Code,
  device: string,
  name: string,
  all: readonly Whole[],
  mine: Bundle | null,
): Promise<void> {
  const sharing: Sharing = { key: 'sharing', ...code, device, name, last: '', others: [] };
  await joinHousehold(all, sharing, mine && beside(mine));
  await startMeeting();
}

/** Begins to share this household. @param name of this device @returns the code by which others join */
export async function share(name: string): Promise<Code> {
  const made: Sharing = {
    key: 'sharing',
    ...newCode(),
    device: newId(),
    name,
    last: '',
    others: [],
  };
  const kept = await changeSharing((now) => now ?? made);
  if (!kept) throw new Error('this browser keeps nothing');
  await startMeeting();
  return kept;
}

/** Gives this device another name. */
export async function rename(name: string): Promise<void> {
  await changeSharing((now) => now && { ...now, name });
  await restartMeeting();
}

/** Takes a device off the list. */
export async function forget(id: string): Promise<void> {
  await forgetDevice(id);
  await restartMeeting();
}

const NO_EARS = {
  open: () => undefined,
  lost: () => undefined,
  hear: () => undefined,
  unread: () => undefined,
};

/** Leaves the other devices, and tells them; everything stays here, and there. */
export async function leave(): Promise<void> {
  const left = await readSharing();
  stopMeeting();
  await changeSharing(() => null);
  if (!left) return;
  const line = openLine(left, { id: left.device, name: left.name }, NO_EARS);
  await line.say({ is: 'quits' });
  line.end();
}
