/** State of this page's connection to the browser's storage. Only `send` changes it. */
import {
  CLOSED,
  next,
  troubleOf,
  writtenOf,
  type Connection,
  type ConnectionEvent,
} from './connectionState';
import { trouble, useApp } from './state';
import { turns } from './turns';

let connection: Connection = CLOSED;
let clock = (): string => '';

/** State of the connection. */
export const connected = (): Connection => connection;

/** Writes, one after another. Nothing that only reads waits in it, or is waited for. */
export const writes = turns();

/** The time, ISO 8601. */
export const isoNow = (): string => clock();

/** Takes the clock of the page. */
export function setClock(now: () => string): void {
  clock = now;
}

/** Goes to the next state, and shows what it means for the page. */
export function send(event: ConnectionEvent): void {
  connection = next(connection, event);
  const kind = troubleOf(connection);
  const waiting = connection.at === 'opening' ? connection.waiting : null;
  const isShared = writtenOf(connection)?.isShared ?? false;
  const shown = useApp.getState();
  if (
    (shown.trouble?.kind ?? null) !== kind ||
    shown.waiting !== waiting ||
    shown.isShared !== isShared
  )
    useApp.setState({ ...(kind ? trouble(kind) : { trouble: null }), waiting, isShared });
}

export const isAt = (...states: readonly Connection['at'][]): boolean =>
  states.includes(connection.at);
