'use client';

import { useState } from 'react';
import { Button } from '@/ui/Button';
import { askToCall, mayCall, sound, type MayCall } from '@/ui/cooking/calling';
import { useKept } from '@/ui/kept';

const WORDS: Readonly<Record<MayCall, string>> = {
  yes: 'You are called by sound and by a notification when this page is hidden.',
  no: 'Notifications are off in this browser: keep this page open and the sound on to be called.',
  cannot: 'This browser has no notifications: keep this page open and the sound on to be called.',
  'not asked':
    'At the end of a hold or a wait Retort calls you: by sound, and by a notification when this page is hidden, if you allow it.',
};

/** How the cook is called, and may be. */
export function CallCard() {
  const [may, setMay] = useState<MayCall>(() => mayCall());
  const [seen, keep] = useKept('retort-calls');
  if (seen === 'seen' && may !== 'not asked') return null;
  return (
    <section aria-label="Calls" className="panel p-4 text-[15px]">
      <p>{WORDS[may]}</p>
      <div className="mt-2 flex flex-wrap gap-2">
        {may === 'not asked' && (
          <Button onClick={() => void askToCall().then(setMay)}>Allow notifications</Button>
        )}
        <Button onClick={() => sound()}>Hear the tone</Button>
        {may !== 'not asked' && (
          <Button look="quiet" onClick={() => keep('seen')}>
            Good
          </Button>
        )}
      </div>
    </section>
  );
}
