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
  | { readonly is: 'asks' }
  /** Names or devices are others than before. */
  | { readonly is: 'changed' };

let end: (() => void) | null = null;
let channel: BroadcastChannel | null = null;

const post = (said: Said): void => channel?.postMessage(said);
const tellState = (): void => post({ is: 'state', state: useMeeting.getState() });

/** Meets them in this tab, and tells the other tabs who is there. @returns what ends it */
function lead(stop: () => void): () => void {
  const unsubscribe = useMeeting.subscribe(tellState);
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
  const own = typeof BroadcastChannel === 'function' ? new BroadcastChannel(NAME) : null;
  channel = own;
  const over = new AbortController();
  let isLeading = false;
  const touched = (): void => {
    if (isLeading) touch();
    else post({ is: 'touched' });
  };
  addEventListener('pointerdown', touched, { capture: true, passive: true });
  const until = new Promise<void>((done) => {
    over.signal.addEventListener('abort', () => done());
  });
  const leads = async (): Promise<void> => {
    if (over.signal.aborted) return;
    isLeading = true;
    const stop = lead(meet(sharing));
    await until;
    stop();
  };
  if (own)
    own.onmessage = ({ data }: MessageEvent<Said>) => {
      if (data.is === 'changed') void startAgain();
      else if (data.is === 'state' && !isLeading) useMeeting.setState(data.state);
      else if (data.is === 'touched' && isLeading) touch();
      else if (data.is === 'asks' && isLeading) tellState();
    };
  post({ is: 'asks' });
  const { locks } = navigator as { readonly locks?: LockManager };
  void (locks ? locks.request(NAME, { signal: over.signal }, leads) : leads()).catch(
    () => undefined,
  );
  end = () => {
    over.abort();
    removeEventListener('pointerdown', touched, { capture: true });
    useMeeting.setState(ALONE);
    // Whoever tells the other tabs has ended by then.
    void Promise.resolve().then(() => {
      if (channel === own) channel = null;
      own?.close();
    });
  };
}

/** Ends the meeting of this page. */
export function stopMeeting(): void {
  end?.();
  end = null;
}

async function startAgain(): Promise<void> {
  stopMeeting();
  await startMeeting();
}

/** Begins again in every tab of this browser, since names or devices have changed. */
export async function restartMeeting(): Promise<void> {
  await startAgain();
  post({ is: 'changed' });
}
