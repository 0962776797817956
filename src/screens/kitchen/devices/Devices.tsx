'use client';

import { lazyPart } from '@/drawings/later';
import { Suspense, useState } from 'react';
import { dayAndTime } from '@/session/clockText';
import type { OtherDevice } from '@/store/db';
import { useMeeting } from '@/sync/state';
import { Button } from '@/ui/Button';
import { useClock } from '@/ui/clock';

// Ciphers and codes come when a second device does.
const DeviceSheet = lazyPart(() => import('./DeviceSheet').then((m) => m.DeviceSheet));

/** Another device: whether it is here, else when it was met last, and the way off the list. */
function Other({ other, isHere }: { readonly other: OtherDevice; readonly isHere: boolean }) {
  const clock = useClock();
  const forget = (): void => void import('@/sync').then((sync) => sync.forget(other.id));
  return (
    <li className="flex items-baseline justify-between gap-3 py-1.5">
      <b className="min-w-0 font-semibold break-words">{other.name}</b>
      {isHere ? (
        <span className="text-leaf">here now</span>
      ) : (
        <span className="text-right text-quiet">
          met {dayAndTime(new Date(other.met), new Date(clock.now()))}
          <Button look="quiet" aria-label={`Remove ${other.name} from the list`} onClick={forget}>
            Remove
          </Button>
        </span>
      )}
    </li>
  );
}

/** The devices of this household: who is here, and the way for another to join. */
export function Devices() {
  const { sharing, present, line, isStuck, unread } = useMeeting();
  const [isOpen, setOpen] = useState(false);
  const isAlone = sharing === null;
  return (
    <section aria-labelledby="devices" className="panel p-5">
      <div className="flex flex-wrap items-center justify-between gap-x-3 gap-y-1">
        <h2 id="devices" className="text-lg font-semibold">
          Devices
        </h2>
        {!isAlone && <Button onClick={() => setOpen(true)}>Change</Button>}
      </div>
      {isAlone ? (
        <>
          <p className="mt-2 text-small text-quiet">
            This kitchen is on this device alone. Plan here and cook by your phone: both have the
            same, and each sees what the other does.
          </p>
          <Button className="mt-3" onClick={() => setOpen(true)}>
            Use it on another device
          </Button>
        </>
      ) : (
        <>
          <ul className="mt-2 divide-y divide-hairline">
            <li className="flex justify-between gap-3 py-1.5">
              <b className="min-w-0 font-semibold break-words">{sharing.name}</b>
              <span className="text-quiet">this device</span>
            </li>
            {sharing.others.map((other) => (
              <Other key={other.id} other={other} isHere={other.id in present} />
            ))}
          </ul>
          {line === 'trying' && (
            <p className="mt-2 text-small text-quiet">
              The server is not reached. This device goes on alone, and tells the others later.
            </p>
          )}
          {isStuck && (
            <p role="alert" className="mt-2 text-small text-rust">
              Something that another device changed cannot be kept here. Reload both pages, so that
              they are of one version.
            </p>
          )}
          {unread > 0 && (
            <p className="mt-2 text-small text-quiet">
              Dropped, since it came twice or is of another household or version of Retort: {unread}{' '}
              {unread === 1 ? 'message' : 'messages'}.
            </p>
          )}
        </>
      )}
      <Suspense>{isOpen && <DeviceSheet onClose={() => setOpen(false)} />}</Suspense>
    </section>
  );
}
