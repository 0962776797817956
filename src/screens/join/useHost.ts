'use client';

import { useEffect, useRef, useState } from 'react';
import { lookFor, newId, readCode, type Code, type Host, type Joining } from '@/sync';
import { deviceName } from '@/ui/link/deviceName';

/** The kitchen that the link leads to, as far as it is found. */
export interface Found {
  readonly code: Code | null;
  /** This device, as it will be known. */
  readonly device: string;
  readonly host: Host | null;
  readonly isLost: boolean;
  readonly isUnread: boolean;
  /** Share of everything that is here, 0 to 1; null before it is asked for. */
  readonly share: number | null;
  readonly joining: () => Joining | null;
}

const NOTHING = { host: null, isLost: false, isUnread: false, share: null } as const;

/** Looks for the household of the code behind the #. */
export function useHost(): Found | null {
  const line = useRef<Joining | null>(null);
  const [found, setFound] = useState<Found | null>(null);
  useEffect(() => {
    const device = newId();
    const code = readCode(location.hash);
    const add = (more: Partial<Found>): void => setFound((now) => now && { ...now, ...more });
    setFound({ ...NOTHING, code, device, joining: () => line.current });
    if (!code) return undefined;
    line.current = lookFor(code, device, deviceName(), {
      found: (host) => setFound((now) => now && { ...now, host: now.host ?? host, isLost: false }),
      lost: () => add({ isLost: true }),
      unread: () => add({ isUnread: true }),
      part: (here, of) => add({ share: here / of }),
    });
    return () => line.current?.end();
  }, []);
  return found;
}
