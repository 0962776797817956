/** Calling the cook: a tone of our own made on the spot, vibration, a notification, the screen kept awake. */
import { useEffect, useRef, useState } from 'react';
import type { Cook } from '@/core/batch/schema';
import type { Units } from '@/core/quantity';
import { dueOf } from './due';
import type { Where } from './where';

/** Two notes that rise by a fourth and come back, as a pin does; Hz and s. */
const NOTES = [
  [587.33, 0, 0.18],
  [783.99, 0.2, 0.18],
  [587.33, 0.4, 0.32],
] as const;
const LOUD = 0.25;
const BUZZ_MS = [180, 90, 180, 90, 320];

let audio: AudioContext | null = null;

/** Makes the tone. A browser lets it sound once something was pressed. */
export function sound(): void {
  if (typeof AudioContext !== 'function') return;
  audio ??= new AudioContext();
  void audio.resume();
  const now = audio.currentTime;
  for (const [hz, after, lasts] of NOTES) {
    const tone = audio.createOscillator();
    const gain = audio.createGain();
    tone.type = 'triangle';
    tone.frequency.value = hz;
    gain.gain.setValueAtTime(0, now + after);
    gain.gain.linearRampToValueAtTime(LOUD, now + after + 0.02);
    gain.gain.linearRampToValueAtTime(0, now + after + lasts);
    tone.connect(gain).connect(audio.destination);
    tone.start(now + after);
    tone.stop(now + after + lasts + 0.05);
  }
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
async function notify(title: string, body: string): Promise<void> {
  if (mayCall() !== 'yes' || !document.hidden) return;
  const options = { body, tag: 'retort', requireInteraction: true };
  try {
    const kept = await navigator.serviceWorker.getRegistration();
    if (kept?.active) await kept.showNotification(title, options);
    else new Notification(title, options);
  } catch {
    // Tone and title are left.
  }
}

/** Calls the cook once for each thing that is due. @param what null where nothing is */
function useCalls(
  what: { readonly id: string; readonly words: string } | null,
  batch: string,
): void {
  const called = useRef<string | null>(null);
  const id = what?.id ?? null;
  const words = what?.words ?? '';
  useEffect(() => {
    if (id === null || called.current === id) return;
    called.current = id;
    sound();
    // A page that nobody has touched yet may not.
    if ('vibrate' in navigator && navigator.userActivation.hasBeenActive)
      navigator.vibrate(BUZZ_MS);
    void notify(words, batch);
  }, [id, words, batch]);
}

/** Calls for what is due at the pot, and for what is due beside it. */
export function useCookCalls(
  cook: Cook,
  { stages, at, ahead }: Where,
  now: number,
  units: Units,
): void {
  useCalls(dueOf(stages[at.index], at, units), cook.batch.name);
  const beside = ahead.find((move) => move.task !== undefined && move.at <= now);
  useCalls(beside ?? null, cook.batch.name);
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
