/**
 * A stream of server-sent events that notices when it is dead. A browser reports a lost connection late or never, and
 * gives up for good when a proxy answers with an error, so this one opens the stream again in both cases.
 */

/** The server says every 15 s that it is still there; after this silence the stream is dead, ms. */
const SILENT_MS = 40_000;
/** Delay before a stream that the browser gave up is opened again, ms. */
const AGAIN_MS = 5000;
/** `EventSource.CLOSED`: the browser does not try again. */
const GIVEN_UP = 2;

export interface StreamEvents {
  /** The stream is open, for the first time or again. */
  readonly open: () => void;
  /** The stream is down; it is opened again. */
  readonly lost: () => void;
  readonly data: (data: string) => void;
}

/** Opens a stream and keeps it open. @returns what ends it */
export function openStream(address: string, events: StreamEvents): () => void {
  let source: EventSource | null = null;
  let timer: ReturnType<typeof setTimeout> | undefined;
  const openIn = (ms: number): void => {
    clearTimeout(timer);
    timer = setTimeout(openAgain, ms);
  };
  const open = (): void => {
    const now = new EventSource(address);
    source = now;
    openIn(SILENT_MS);
    const alive = (): void => openIn(SILENT_MS);
    now.onopen = () => {
      alive();
      events.open();
    };
    now.onerror = () => {
      events.lost();
      if (now.readyState === GIVEN_UP) openIn(AGAIN_MS);
    };
    now.onmessage = ({ data }: MessageEvent<string>) => {
      alive();
      events.data(data);
    };
    now.addEventListener('still', alive);
  };
  const openAgain = (): void => {
    source?.close();
    events.lost();
    open();
  };
  const offline = (): void => events.lost();
  globalThis.addEventListener?.('online', openAgain);
  globalThis.addEventListener?.('offline', offline);
  open();
  return () => {
    clearTimeout(timer);
    globalThis.removeEventListener?.('online', openAgain);
    globalThis.removeEventListener?.('offline', offline);
    source?.close();
  };
}
