'use client';

import { useState } from 'react';
import { writeBundle } from '@/formats';
import { leave, linkOf, rename, share, useMeeting } from '@/sync';
import { Button } from '@/ui/Button';
import { Field } from '@/ui/forms/Field';
import { Code } from '@/ui/link/Code';
import { CopyLink } from '@/ui/link/CopyLink';
import { LinkField } from '@/ui/link/LinkField';
import { deviceName } from '@/ui/link/deviceName';
import { PlainHttp } from '@/ui/link/PlainHttp';
import { shareFile } from '@/ui/files/shareFile';
import { useHousehold } from '@/ui/household';
import { Sheet } from '@/ui/Sheet';

const LONGEST_NAME = 40;

/** This machine's own names lead nowhere from another device. */
const isHereOnly = (): boolean => /^(?:localhost|127\.|\[::1\])/.test(location.hostname);

/** The code by which another device joins, this device's name, and the way out. */
export function DeviceSheet({ onClose }: { readonly onClose: () => void }) {
  const { sharing, present } = useMeeting();
  const household = useHousehold();
  const [name, setName] = useState(() => sharing?.name ?? deviceName());
  const [failed, setFailed] = useState(false);
  const [leaving, setLeaving] = useState(false);
  const link = sharing && linkOf(sharing, location.origin);
  const trimmed = name.trim();
  const keepName = (): void => {
    if (sharing && trimmed && trimmed !== sharing.name) void rename(trimmed);
  };
  const begin = (): void => {
    share(trimmed).catch(() => setFailed(true));
  };
  const here = Object.values(present).map((one) => one.name);
  return (
    <Sheet
      open
      onClose={onClose}
      title="Use it on another device"
      foot={
        <>
          {sharing && !leaving && (
            <Button look="quiet" onClick={() => setLeaving(true)}>
              Leave the others
            </Button>
          )}
          {link && <CopyLink link={link} />}
          {!link && (
            <Button look="copper" disabled={!trimmed} onClick={begin}>
              Show the code
            </Button>
          )}
          <Button look="quiet" onClick={onClose}>
            Close
          </Button>
        </>
      }
    >
      {leaving && (
        <div className="panel space-y-2 p-4">
          <p>
            Everything stays here and on the others. What is changed from now on stays where it is
            changed.
          </p>
          <div className="flex flex-wrap gap-3">
            <Button onClick={() => void leave().then(onClose)}>Leave them</Button>
            <Button look="quiet" onClick={() => setLeaving(false)}>
              Stay
            </Button>
          </div>
        </div>
      )}
      <Field
        id="device-name"
        label="Name of this device"
        value={name}
        maxLength={LONGEST_NAME}
        onChange={({ target }) => setName(target.value)}
        onBlur={keepName}
        error={trimmed ? undefined : 'a name, such as Desk'}
      />
      {failed && (
        <p role="alert" className="text-rust">
          This browser keeps nothing, so that it can be no one’s second device.
        </p>
      )}
      {!link && (
        <p>
          You get a code for the other device. There it shows this kitchen first, and joins when you
          say so. From then on both have the same: plans, cooks, the log and the jars.
        </p>
      )}
      {link && (
        <>
          <p>
            Read the code with the other device’s camera, or open its link there. Leave this page
            open meanwhile.{' '}
            <b aria-live="polite" className="font-semibold" data-testid="who-is-here">
              {here.length > 0 ? `Here now: ${here.join(', ')}.` : 'Nobody else is here yet.'}
            </b>
          </p>
          {isHereOnly() && (
            <p role="alert" className="text-rust">
              This page was opened as {location.host}, which other devices cannot reach. Open it by
              this computer’s address in your network first, and take the code from there.
            </p>
          )}
          <Code link={link} />
          <LinkField link={link} />
          <p className="text-small text-quiet">
            Whoever has this code has your kitchen: show it to nobody else. What the devices say to
            each other is sealed by them. The server passes it on and cannot read it; it learns when
            they meet and how much they say.
          </p>
        </>
      )}
      <p className="text-small text-quiet">
        Devices that never reach one server together share by a file: bring it in there, and merge.{' '}
        <button
          type="button"
          className="min-h-6 text-cobalt underline underline-offset-4"
          onClick={() => void shareFile('Retort kitchen', writeBundle(household))}
        >
          Share it as a file
        </button>
      </p>
      <PlainHttp />
    </Sheet>
  );
}
