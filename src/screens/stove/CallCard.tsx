'use client';

import { useState } from 'react';
import type { Cook } from '@/core/batch/schema';
import { callerOf, namesHere, useMeeting } from '@/sync/state';
import { Button } from '@/ui/Button';
import { useClock } from '@/ui/clock';
import { askToCall, mayCall, maySound, sound, type MayCall } from '@/ui/cooking/calling';
import { download } from '@/ui/files/download';
import type { Live } from './propose/live';

const NOTIFIES: Readonly<Record<MayCall, string>> = {
  yes: 'A notification comes when this page is hidden.',
  no: 'Notifications are refused in this browser: keep this page in front.',
  cannot: 'This browser has no notifications: keep this page in front.',
  'not asked': 'A notification comes when this page is hidden, if you allow it.',
};
const SOUNDS = {
  yes: 'You are called by sound, again and again until you touch the page: check that the device is not muted.',
  'not yet': 'This page may not sound yet: touch it once.',
  cannot: 'This browser plays no sound.',
} as const;

/** Of several devices, which one calls. */
function useWhoCalls(): readonly string[] {
  const here = useMeeting(namesHere);
  const caller = useMeeting(callerOf);
  if (!here) return [SOUNDS[maySound()]];
  if (caller)
    return [`${caller} calls, since it was touched last. Touch this screen to be called here.`];
  return [SOUNDS[maySound()], `Open too: ${here}. The device touched last calls: this one.`];
}

/** How the cook is called, and what of it this device does not allow. */
export function CallCard({
  cook,
  live,
  awake,
}: {
  readonly cook: Cook;
  readonly live: Live;
  /** Whether the screen is kept awake. */
  readonly awake: boolean;
}) {
  const clock = useClock();
  const [may, setMay] = useState<MayCall>(() => mayCall());
  const whoCalls = useWhoCalls();
  const lines = [
    ...whoCalls,
    NOTIFIES[may],
    awake
      ? 'The screen stays awake.'
      : 'This device may turn its screen off: keep it on, or come back in time.',
    'When this tab is closed nothing can call you: put the alarms in your calendar.',
  ];
  const toCalendar = async (): Promise<void> => {
    // Seldom wanted: it comes when it is.
    const { writeCalendar } = await import('@/formats/ical');
    const nowMs = clock.now();
    const moves = live.ahead.map(({ id, at, words }) => ({
      id,
      minute: (at - nowMs) / 60_000,
      minutes: 1,
      kind: 'hands' as const,
      title: `${words}: ${cook.batch.name}`,
      detail: '',
    }));
    const options = { name: cook.batch.name, batch: cook.id, startMs: nowMs, nowMs };
    download(`${cook.batch.name}.ics`, writeCalendar(moves, options), 'text/calendar');
  };
  return (
    <section aria-label="Warnings" className="panel p-4 text-body">
      <p className="text-fine text-quiet">How you are called</p>
      <ul className="mt-1 space-y-1">
        {lines.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ul>
      <div className="mt-2 flex flex-wrap gap-2">
        {may === 'not asked' && (
          <Button onClick={() => void askToCall().then(setMay)}>Allow notifications</Button>
        )}
        <Button onClick={() => sound()}>Hear the tone</Button>
        <Button onClick={() => void toCalendar()}>Alarms to the calendar</Button>
      </div>
    </section>
  );
}
