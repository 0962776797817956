/**
 * The household's devices meet: what changed here is told, what changed there is joined. They greet each other with a
 * digest of all that they know. Where it differs they compare record by record and tell each other what the other has
 * not, so that whatever was lost on the way is made up for at the next greeting.
 */
import { replicaOf, type Key, type Replicas } from '../core/replica';
import { say, settled, useApp } from '../store';
import type { Sharing } from '../store/db';
import {
  changeSharing,
  exchange,
  knowledge,
  type Knowledge,
  sweepDeleted,
  wholes,
  type Whole,
} from '../store/sharing';
import { openLine, type Line } from './line';
import { replicasOf, tellingOf, type Message, type Summary } from './messages';
import {
  ALONE,
  backAgain,
  isLongRow,
  mayCompare,
  parted,
  REMEMBERED_MS,
  useMeeting,
  type Comparisons,
} from './state';

/** Greeted again after so long, ms; who was not heard for longer than twice that has gone. */
const GREET_MS = 20_000;
const GONE_MS = 2.5 * GREET_MS;
/** Delay before a change is sent, and before it is stamped if no device is there, ms. */
const TELL_MS = 120;
const STAMP_MS = 2000;
/** Records are told in messages of so many characters. */
const PART = 1_000_000;
/** Every so many records are measured for it. */
const SAMPLED = 10;
/** When a device was met is written down no more often, ms. */
const NOTED_MS = 600_000;
/** A message that did not get through is made up for by a greeting after this delay, ms. */
const AGAIN_MS = 2000;
/** A hand tells the others that it touched this device no more often, ms. */
const TOUCHED_MS = 3000;

const now = (): number => Date.now();
const { getState, setState } = useMeeting;

let line: Line | null = null;
let telling: ReturnType<typeof setTimeout> | null = null;
let greetingAgain: ReturnType<typeof setTimeout> | null = null;
/** By the id of the other device. */
const compared = new Map<string, Comparisons>();

/** Whether any other device can be heard. */
const isTogether = (): boolean => Object.keys(getState().present).length > 0;

export function summaryOf(): Summary {
  const { household } = useApp.getState();
  return {
    batches: household?.batches.length ?? 0,
    cooks: household?.cooks.length ?? 0,
    jars: household?.jars.length ?? 0,
    pots: household?.pots.map(({ name }) => name) ?? [],
  };
}

/** Stamps what was changed here, joins what came in, and tells the others what they do not know yet. */
async function join(incoming: Replicas): Promise<void> {
  const met = await exchange(incoming);
  if (!met) return;
  if (met.isTaken === getState().isStuck) setState({ isStuck: !met.isTaken });
  if (met.told.size === 0 || !isTogether()) return;
  const heard = await line?.say({ is: 'change', of: tellingOf(met.told) });
  if (heard === null) greetAgain();
}

/** Greets the others soon, since a message did not get through. */
function greetAgain(): void {
  greetingAgain ??= setTimeout(() => {
    greetingAgain = null;
    if (getState().line === 'open') void greet(false).catch(() => undefined);
  }, AGAIN_MS);
}

/** Greets the others. @returns what this device knows */
async function greet(back: boolean): Promise<Knowledge | null> {
  await join(new Map());
  const known = await knowledge();
  if (!known) return null;
  const heard = await line?.say({
    is: 'hello',
    all: known.all,
    back,
    summary: summaryOf(),
    touchedMs: now() - getState().touchedMs,
  });
  if (heard === null) greetAgain();
  if (heard === 0 && isTogether()) setState((state) => parted(state, () => true));
  return known;
}

/** Tells a device whole records, in parts. */
async function tellWholes(to: string, keys: readonly Key[]): Promise<void> {
  const all = await wholes(keys);
  // A part is far from the most that the relay takes, so that a few records may stand for all.
  const some = all.filter((_, i) => i % SAMPLED === 0);
  const each = JSON.stringify(some).length / Math.max(1, some.length);
  const count = Math.max(1, Math.floor(PART / each));
  const parts: (readonly Whole[])[] = [];
  for (let i = 0; i < all.length; i += count) parts.push(all.slice(i, i + count));
  await Promise.all(
    parts.map((of, i) => line?.say({ is: 'wholes', to, of, rest: parts.length - 1 - i })),
  );
}

/**
 * Compares with a device that knows something else. Lost messages can fail several comparisons in a row, so a long row
 * slows the next ones down and never ends them.
 */
async function compare(to: string, { records }: Knowledge): Promise<void> {
  const row = compared.get(to) ?? { times: 0, at: 0 };
  if (isLongRow(row) && !getState().isStuck) setState({ isStuck: true });
  if (!mayCompare(row, now())) return;
  compared.set(to, { times: row.times + 1, at: now() });
  await line?.say({ is: 'digests', to, records: [...records] });
}

async function answerDigests(from: string, theirs: ReadonlyMap<Key, string>): Promise<void> {
  const known = await knowledge();
  if (!known) return;
  const { records: mine } = known;
  const other = (key: Key): boolean => mine.get(key) !== theirs.get(key);
  const told = [...mine.keys()].filter(other);
  const wanted = [...theirs.keys()].filter(other);
  if (wanted.length > 0) await line?.say({ is: 'wants', to: from, keys: wanted });
  if (told.length > 0) await tellWholes(from, told);
}

/** Whether it is said by a device that only looks, and has not joined yet. */
const isLooking = (message: Message): boolean =>
  (message.is === 'hello' && message.all === '') ||
  (message.is === 'wants' && message.keys === null);

/** A device is there: it is shown, and written down when it was met. */
function note({ from, ...message }: Message): void {
  const { present, gone, sharing } = getState();
  const before = present[from.id];
  const ago = message.is === 'hello' ? message.touchedMs : message.is === 'touched' ? 0 : undefined;
  const touched = ago === undefined ? (before?.touchedMs ?? 0) : now() - ago;
  const { [from.id]: _, ...stillGone } = gone;
  setState({
    present: { ...present, [from.id]: { name: from.name, heardMs: now(), touchedMs: touched } },
    gone: stillGone,
  });
  const known = sharing?.others.find(({ id }) => id === from.id);
  const back = known && backAgain(known, now());
  if (back) say(back);
  const isNoted = known?.name === from.name && now() - Date.parse(known.met) < NOTED_MS;
  if (isNoted) return;
  const met = { ...from, met: new Date(now()).toISOString() };
  void changeSharing(
    (one) => one && { ...one, others: [...one.others.filter(({ id }) => id !== from.id), met] },
  ).then((one) => setState({ sharing: one }));
}

/** Takes a device off the list of those that were met; one that comes back is on it again. */
export const forgetDevice = (id: string): Promise<Sharing | null> =>
  changeSharing((one) => one && { ...one, others: one.others.filter((other) => other.id !== id) });

async function hear(message: Message): Promise<void> {
  const { sharing } = getState();
  if (!sharing) return;
  const { id } = message.from;
  const isForMe = 'to' in message && message.to === sharing.device;
  if (message.is === 'leaves' || message.is === 'quits') {
    setState((state) => parted(state, (one) => one === id));
    if (message.is !== 'quits') return;
    // It has left for good: it is not out of reach.
    const { [id]: _, ...gone } = getState().gone;
    setState({ gone, sharing: await forgetDevice(id) });
    return;
  }
  if (!isLooking(message)) note(message);
  switch (message.is) {
    case 'hello': {
      const known = await (message.back ? knowledge() : greet(true));
      if (!known || message.all === '') return;
      if (known.all === message.all) {
        compared.delete(id);
        if (getState().isStuck) setState({ isStuck: false });
      }
      // One of the two begins.
      else if (sharing.device > id) await compare(id, known);
      return;
    }
    case 'digests':
      return isForMe ? answerDigests(id, new Map(message.records)) : undefined;
    case 'wants': {
      if (!isForMe) return;
      const known = message.keys ? null : await knowledge();
      return tellWholes(id, message.keys ?? [...(known?.records.keys() ?? [])]);
    }
    case 'wholes': {
      if (!isForMe) return;
      await join(
        new Map(message.of.map(({ key, record, stamps }) => [key, replicaOf(stamps, record)])),
      );
      // Whether the two know the same now is seen by the next greeting.
      if (message.rest === 0) await greet(false);
      return;
    }
    case 'change':
      return join(replicasOf(message.of));
    case 'touched':
      return undefined;
  }
}

/** Tells what was changed, soon. */
function tellSoon(): void {
  telling ??= setTimeout(
    () => {
      telling = null;
      void settled()
        .then(() => join(new Map()))
        .catch(() => undefined);
    },
    isTogether() ? TELL_MS : STAMP_MS,
  );
}

/** Drops devices that have been silent for long. @returns whether there were any */
function forgetGone(): boolean {
  const before = getState();
  const after = parted(before, (_, heardMs) => now() - heardMs >= GONE_MS);
  const isFewer = Object.keys(after.present).length < Object.keys(before.present).length;
  if (isFewer) setState(after);
  return isFewer;
}

/** A hand has touched this device. */
export function touch(): void {
  const was = getState().touchedMs;
  const at = now();
  if (at - was < TOUCHED_MS) return;
  setState({ touchedMs: at });
  if (isTogether()) void line?.say({ is: 'touched' });
}

/** Meets the other devices of a household. @returns what ends it */
export function meet(sharing: Sharing): () => void {
  setState(({ touchedMs }) => ({ ...ALONE, sharing, touchedMs, line: 'trying' }));
  const hello = (): void => void greet(false).catch(() => undefined);
  line = openLine(
    sharing,
    { id: sharing.device, name: sharing.name },
    {
      open: () => {
        setState({ line: 'open' });
        hello();
      },
      lost: () => setState((state) => ({ line: 'trying', ...parted(state, () => true) })),
      hear: (message) => hear(message).catch(() => undefined),
      unread: () => setState(({ unread }) => ({ unread: unread + 1 })),
    },
  );
  void sweepDeleted(now() - REMEMBERED_MS).catch(() => undefined);
  const greeting = setInterval(() => {
    // A hidden page's timers are slow: a silent device may be there after all, and answers.
    if (forgetGone() || isTogether()) hello();
  }, GREET_MS);
  const shown = (): void => {
    if (!document.hidden) hello();
  };
  document.addEventListener('visibilitychange', shown);
  const unsubscribe = useApp.subscribe((state, before) => {
    if (state.household !== before.household) tellSoon();
  });
  const leaving = (): void => void line?.say({ is: 'leaves' });
  addEventListener('pagehide', leaving);
  return () => {
    clearInterval(greeting);
    clearTimeout(greetingAgain ?? undefined);
    greetingAgain = null;
    document.removeEventListener('visibilitychange', shown);
    unsubscribe();
    removeEventListener('pagehide', leaving);
    leaving();
    line?.end();
    line = null;
    compared.clear();
    setState(({ touchedMs }) => ({ ...ALONE, touchedMs }));
  };
}
