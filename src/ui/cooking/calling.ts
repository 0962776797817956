/** Calling the cook: tones of our own made on the spot, a voice, vibration, notifications, the screen kept awake. */
import { useEffect, useState } from 'react';
import type { Cook } from '@/core/batch/schema';
import type { Units } from '@/core/quantity';
import { timeOf } from '@/session/clockText';
import { isCaller as isCallerOf, useMeeting } from '@/sync/state';
import { useClock } from '@/ui/clock';
import { cooksOnStove, useHousehold } from '@/ui/household';
import { readKept } from '@/ui/kept';
import { drop, hear, raise, REPEAT_MS, titleOf, useCallStore, type Call } from './calls';
import { dueOf } from './due';
import type { Where } from './where';

/** Two notes that rise by a fourth and come back, as a pin does; Hz and s. */
const NOTES = [
  [587.33, 0, 0.18],
  [783.99, 0.2, 0.18],
  [587.33, 0.4, 0.32],
] as const;
/** Each pot has its own: higher, lower, and so on. */
const VOICES = [1, 1.335, 0.749, 1.682, 0.561] as const;
const LOUD = 0.25;
const BUZZ_MS = [180, 90, 180, 90, 320];

let audio: AudioContext | null = null;

/** Makes the tone of a pot. A browser lets it sound once something was pressed. @param voice place of the pot */
export function sound(voice = 0): void {
  if (typeof AudioContext !== 'function') return;
  audio ??= new AudioContext();
  void audio.resume();
  const now = audio.currentTime;
  const pitch = VOICES[voice % VOICES.length] as number;
  for (const [hz, after, lasts] of NOTES) {
    const tone = audio.createOscillator();
    const gain = audio.createGain();
    tone.type = 'triangle';
    tone.frequency.value = hz * pitch;
    gain.gain.setValueAtTime(0, now + after);
    gain.gain.linearRampToValueAtTime(LOUD, now + after + 0.02);
    gain.gain.linearRampToValueAtTime(0, now + after + lasts);
    tone.connect(gain).connect(audio.destination);
    tone.start(now + after);
    tone.stop(now + after + lasts + 0.05);
  }
}

/** Whether the browser lets this page sound yet. */
export function maySound(): 'yes' | 'not yet' | 'cannot' {
  if (typeof AudioContext !== 'function') return 'cannot';
  return audio?.state === 'running' || navigator.userActivation.hasBeenActive ? 'yes' : 'not yet';
}

export type MayCall = 'yes' | 'no' | 'not asked' | 'cannot';

export function mayCall(): MayCall {
  if (typeof Notification !== 'function') return 'cannot';
  if (Notification.permission === 'granted') return 'yes';
  return Notification.permission === 'denied' ? 'no' : 'not asked';
}

export async function askToCall(): Promise<MayCall> {
  if (typeof Notification !== 'function') return 'cannot';
  await Notification.requestPermission();
  return mayCall();
}

/** By the service worker where there is one: phones take it from nobody else. */
async function notify({ id, href, of, words, caution, at }: Call): Promise<void> {
  if (mayCall() !== 'yes' || !document.hidden) return;
  const title = `${words}: ${of}`;
  const options = {
    body: [`Since ${timeOf(at)}.`, caution].filter(Boolean).join(' '),
    tag: id,
    renotify: true,
    requireInteraction: true,
    data: { href },
  };
  try {
    const kept = await navigator.serviceWorker.getRegistration();
    if (kept?.active)
      await kept.showNotification(title, {
        ...options,
        // In browsers that have them.
        actions: [
          { action: 'heard', title: 'Heard' },
          { action: 'open', title: 'To the pot' },
        ],
      } as NotificationOptions);
    else new Notification(title, options);
  } catch {
    // Tone and title are left.
  }
}

/** The kept choice to have calls spoken; they are, unless it says no. */
export const SPOKEN = 'retort-spoken';

/** Sounds, buzzes, says the name and shows a notification, once. */
function call(one: Call): void {
  sound(one.voice);
  // A page that nobody has touched yet may not.
  if ('vibrate' in navigator && navigator.userActivation.hasBeenActive) navigator.vibrate(BUZZ_MS);
  if (canSpeak() && readKept(SPOKEN) !== 'off')
    speechSynthesis.speak(new SpeechSynthesisUtterance(`${one.of}: ${one.words}`));
  void notify(one);
}

/** A touch is over, ms after the finger is up. */
const TOUCH_MS = 300;

/** Badge on the icon of the app, in browsers that have one. */
interface Badged {
  readonly setAppBadge?: (count: number) => Promise<void>;
  readonly clearAppBadge?: () => Promise<void>;
}

/**
 * Sounds what waits, again and again until a hand touches the page; keeps title and badge. One for each page. Of the
 * devices of a household the one that was touched last calls aloud; the others show it.
 */
export function useCaller(): void {
  const { waiting, heading } = useCallStore();
  const clock = useClock();
  useEffect(() => {
    document.title = titleOf(waiting, heading);
    const { setAppBadge, clearAppBadge } = navigator as Badged;
    const badge =
      waiting.length > 0
        ? setAppBadge?.call(navigator, waiting.length)
        : clearAppBadge?.call(navigator);
    void badge?.catch(() => undefined);
  }, [waiting, heading]);
  const isCaller = useMeeting(isCallerOf);
  const ids = waiting.map(({ id }) => id).join(' ');
  useEffect(() => {
    const now = useCallStore.getState().waiting;
    if (now.length === 0 || !isCaller) return;
    const all = (): void => now.forEach(call);
    all();
    const again = setInterval(all, REPEAT_MS);
    return () => clearInterval(again);
  }, [ids, isCaller]);
  useEffect(() => {
    // An answered call leaves the page once the touch is over: nothing moves under a finger.
    const touched = (): void => void setTimeout(() => hear(clock.now()), TOUCH_MS);
    const told = ({ data }: MessageEvent): void => {
      if (data === 'heard') touched();
    };
    addEventListener('pointerup', touched, true);
    addEventListener('keydown', touched, true);
    navigator.serviceWorker?.addEventListener('message', told);
    return () => {
      removeEventListener('pointerup', touched, true);
      removeEventListener('keydown', touched, true);
      navigator.serviceWorker?.removeEventListener('message', told);
    };
  }, [clock]);
}

/** Raises a call while something is due. @param due null while nothing is */
export function useCall(due: Omit<Call, 'at'> | null): void {
  const clock = useClock();
  const { id = null, href = '', of = '', words = '', caution = null, voice = 0 } = due ?? {};
  useEffect(() => {
    if (id === null) return;
    const now = { id, href, of, words, caution, voice };
    const again = (): void => raise({ ...now, at: clock.now() });
    again();
    // Answered calls whose move is not made call again after a while.
    const later = setInterval(again, REPEAT_MS);
    return () => {
      clearInterval(later);
      drop(id);
    };
  }, [id, href, of, words, caution, voice, clock]);
}

/** Calls for what is due at the pot, and for what is due beside it. */
export function useCookCalls(
  cook: Cook,
  { stages, at, ahead }: Where,
  now: number,
  units: Units,
): void {
  const cooks = cooksOnStove(useHousehold());
  const voice = Math.max(
    0,
    cooks.findIndex(({ id }) => id === cook.id),
  );
  const own = { href: `/stove/${cook.id}`, of: cook.batch.name, voice };
  const due = dueOf(stages[at.index], at, units);
  useCall(due && { ...own, ...due, id: `${cook.id} ${due.id}` });
  const beside = ahead.find((move) => move.task !== undefined && move.at <= now);
  useCall(
    beside ? { ...own, id: `${cook.id} ${beside.id}`, words: beside.words, caution: null } : null,
  );
}

/** Keeps the screen awake while it is wanted. @returns whether it is kept */
export function useAwake(wanted: boolean): boolean {
  const [kept, setKept] = useState(false);
  useEffect(() => {
    if (!wanted || !('wakeLock' in navigator)) return;
    let lock: WakeLockSentinel | null = null;
    let over = false;
    const take = async (): Promise<void> => {
      if (document.hidden) return;
      try {
        lock = await navigator.wakeLock.request('screen');
        if (over) await lock.release();
        else setKept(true);
      } catch {
        // A low battery forbids it.
        setKept(false);
      }
    };
    const again = (): void => void take();
    again();
    document.addEventListener('visibilitychange', again);
    return () => {
      over = true;
      document.removeEventListener('visibilitychange', again);
      void lock?.release().catch(() => undefined);
      setKept(false);
    };
  }, [wanted]);
  return kept;
}

export const canSpeak = (): boolean => typeof speechSynthesis !== 'undefined';

/** Reads what is to be done aloud, when it changes. */
export function useReadAloud(on: boolean, words: string): void {
  useEffect(() => {
    if (!on || !canSpeak()) return;
    speechSynthesis.cancel();
    speechSynthesis.speak(new SpeechSynthesisUtterance(words));
    return () => speechSynthesis.cancel();
  }, [on, words]);
}
