/**
 * Of several tabs of one browser one meets the other devices, since a browser holds few lines open to one server. It
 * tells the others who is there. Where tabs cannot agree, as on a page of plain http, each meets them.
 */
import { readSharing } from '../store/sharing';
import { meet, touch } from './meeting';
import { ALONE, useMeeting, type MeetingState } from './state';

const NAME = 'retort-meeting';

type Said =
  | { readonly is: 'state'; readonly state: MeetingState }
  | { readonly is: 'touched' }
  | { readonly is: 'asks' };

let end: (() => void) | null = null;

/** Meets them in this tab, and tells the other tabs who is there. @returns what ends it */
function lead(channel: BroadcastChannel | null, stop: () => void): () => void {
  const tell = (): void =>
    channel?.postMessage({ is: 'state', state: useMeeting.getState() } satisfies Said);
  if (channel)
    channel.onmessage = ({ data }: MessageEvent<Said>) => {
      if (data.is === 'touched') touch();
      if (data.is === 'asks') tell();
    };
  const unsubscribe = useMeeting.subscribe(tell);
  return () => {
    unsubscribe();
    stop();
  };
}

/** Meets the household's other devices, where it has some, until it is stopped. */
export async function startMeeting(): Promise<void> {
  if (end) return;
  // Whoever asks meanwhile finds that it has begun.
  end = () => undefined;
  const sharing = await readSharing();
  if (!sharing) {
    end = null;
    return;
  }
  const channel = typeof BroadcastChannel === 'function' ? new BroadcastChannel(NAME) : null;
  const over = new AbortController();
  let isLeading = false;
  const touched = (): void => {
    if (isLeading) touch();
    else channel?.postMessage({ is: 'touched' } satisfies Said);
  };
  addEventListener('pointerdown', touched, { capture: true, passive: true });
  const until = new Promise<void>((done) => {
    over.signal.addEventListener('abort', () => done());
  });
  const leads = async (): Promise<void> => {
    if (over.signal.aborted) return;
    isLeading = true;
    const stop = lead(channel, meet(sharing));
    await until;
    stop();
  };
  if (channel) {
    channel.onmessage = ({ data }: MessageEvent<Said>) => {
      if (data.is === 'state') useMeeting.setState(data.state);
    };
    channel.postMessage({ is: 'asks' } satisfies Said);
  }
  const { locks } = navigator as { readonly locks?: LockManager };
  void (locks ? locks.request(NAME, { signal: over.signal }, leads) : leads()).catch(
    () => undefined,
  );
  end = () => {
    over.abort();
    removeEventListener('pointerdown', touched, { capture: true });
    useMeeting.setState(ALONE);
    // Whoever tells the other tabs has ended by then.
    void Promise.resolve().then(() => channel?.close());
  };
}

/** Ends the meeting of this page. */
export function stopMeeting(): void {
  end?.();
  end = null;
}
