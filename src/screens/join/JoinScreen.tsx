'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { useApp } from '@/store';
import { joinIn, type Host } from '@/sync';
import { Button } from '@/ui/Button';
import { Field } from '@/ui/forms/Field';
import { deviceName } from '@/ui/link/deviceName';
import { PlainHttp } from '@/ui/link/PlainHttp';
import { useHost } from './useHost';
import { useOwn } from './useOwn';

const counted = (n: number, one: string, many: string): string => `${n} ${n === 1 ? one : many}`;

/** How much is in a kitchen, in one sentence. */
function inWords({ summary: { batches, cooks, jars, pots } }: Host): string {
  return `${counted(batches, 'plan', 'plans')}, ${counted(cooks, 'cook', 'cooks')} in the log, ${counted(jars, 'jar', 'jars')}; in ${pots.join(' and ')}.`;
}

/** A device is about to join the household of another: it sees whose it is, and what becomes of its own. */
export function JoinScreen() {
  const found = useHost();
  const household = useApp((s) => s.household);
  const own = useOwn(household);
  const isShared = useApp((s) => s.isShared);
  const router = useRouter();
  const [written, setName] = useState<string | null>(null);
  const [step, setStep] = useState<'looks' | 'joins' | 'failed'>('looks');
  if (!found) return <main className="mx-auto w-full max-w-3xl p-6" aria-busy />;
  const { code, host, isLost, isUnread, share, device } = found;
  const usual = deviceName();
  // Two devices of one name cannot be told apart.
  const name = written ?? (host?.name === usual ? `${usual} 2` : usual);
  if (!code)
    return (
      <main className="mx-auto w-full max-w-3xl p-6">
        <h1 className="figure text-4xl">No kitchen to join</h1>
        <p role="alert" className="mt-3 text-rust">
          The link holds no code, or a part of one. Read the code on the other device once more.
        </p>
      </main>
    );
  const join = async (to: Host): Promise<void> => {
    setStep('joins');
    try {
      const line = found.joining();
      if (!line) return;
      const all = await line.take(to);
      line.end();
      await joinIn(code, device, name.trim(), all, own ?? null);
      router.push('/');
    } catch {
      setStep('failed');
    }
  };
  return (
    <main className="mx-auto w-full max-w-3xl space-y-4 p-4 sm:p-6">
      <h1 className="figure text-4xl">Join a kitchen</h1>
      {!host && (
        <p role="status">
          {isLost
            ? 'The server is not reached. It is tried again.'
            : isUnread
              ? 'Someone is there, but this code does not open what they say. Read the code on the other device once more, and reload both pages so that they are of one version.'
              : 'Looking for the other device. Leave Retort open there.'}
        </p>
      )}
      {host && (
        <>
          <section aria-labelledby="whose" className="panel space-y-2 p-5">
            <h2 id="whose" className="text-lg font-semibold">
              The kitchen on {host.name}
            </h2>
            <p>{inWords(host)}</p>
          </section>
          <p data-testid="becomes">
            {isShared
              ? 'This device leaves the devices that it has now. Its own plans, cooks and jars come along.'
              : own
                ? `Your own come along: ${counted(own.batches.length, 'plan', 'plans')}, ${counted(own.cooks.length, 'cook', 'cooks')} and ${counted(own.jars.length, 'jar', 'jars')}. Where both have the same, that of ${host.name} stands, and so do its kitchen settings.`
                : 'Nothing of yours is on this device yet, so everything comes here.'}{' '}
            {own && 'A backup of what is here is kept first.'}
          </p>
          <Field
            id="device-name"
            label="Name of this device"
            value={name}
            maxLength={40}
            onChange={({ target }) => setName(target.value)}
            error={name.trim() ? undefined : 'a name, such as Phone'}
          />
          <div className="flex flex-wrap items-center gap-3">
            <Button
              look="copper"
              size="large"
              disabled={step === 'joins' || own === undefined || !name.trim()}
              onClick={() => void join(host)}
            >
              {step === 'joins' ? 'Joining' : 'Join this kitchen'}
            </Button>
            <p role="status" className="text-quiet">
              {step === 'joins' && share !== null && `${Math.round(share * 100)} % is here.`}
            </p>
          </div>
          {step === 'failed' && (
            <p role="alert" className="text-rust">
              It did not come whole, or could not be kept here. Nothing has changed; try again.
            </p>
          )}
        </>
      )}
      <PlainHttp />
    </main>
  );
}
