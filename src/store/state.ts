/** State of the shell, and the reasons why a change is not saved, in words. */
import { temporal } from 'zundo';
import { create } from 'zustand';
import type { Bundle } from '../core/batch/schema';

/** `failed`: the browser's storage did not open, and the cook is asked how to go on. */
export type Status = 'loading' | 'new' | 'ready' | 'failed';

export type TroubleKind =
  /** No room left. */
  | 'full'
  /** A write or the opening failed, and is tried again. */
  | 'failed'
  /** A newer version holds the storage, in another tab or since. */
  | 'newer'
  /** This browser keeps nothing for the page. */
  | 'memory'
  /** The storage was deleted under the page. */
  | 'deleted';

export interface StorageTrouble {
  readonly kind: TroubleKind;
  readonly message: string;
}

export interface AppState {
  readonly status: Status;
  readonly household: Bundle | null;
  readonly trouble: StorageTrouble | null;
  /** Said once, such as that another tab changed something. */
  readonly notice: string | null;
  /** Damaged records that are set aside. */
  readonly aside: number;
  /** Whether the household has other devices. */
  readonly isShared: boolean;
  /** Why the storage is still not open after a while; null before that. */
  readonly waiting: 'slow' | 'blocked' | null;
}

export const useApp = create<AppState>()(
  temporal(
    (): AppState => ({
      status: 'loading',
      household: null,
      trouble: null,
      notice: null,
      aside: 0,
      isShared: false,
      waiting: null,
    }),
    {
      partialize: ({ household }) => ({ household }),
      equality: (a, b) => a.household === b.household,
      limit: 200,
    },
  ),
);

const SAFE_WHILE_OPEN =
  'Nothing is lost while this page stays open: export everything to a file now.';

const MESSAGES: Readonly<Record<TroubleKind, string>> = {
  full: `This browser is out of space. Retort tries again every few seconds. ${SAFE_WHILE_OPEN}`,
  failed: `The browser could not save the last change. Retort tries again every few seconds. ${SAFE_WHILE_OPEN}`,
  newer: `A newer version of Retort is open in another tab, and this page no longer saves anything. Reload it. ${SAFE_WHILE_OPEN}`,
  memory:
    'This browser saves nothing for Retort, as in a private window. Everything is lost when this page closes: export it to a file first.',
  deleted: `Retort’s data in this browser was deleted. This page still has everything. ${SAFE_WHILE_OPEN}`,
};

export function trouble(kind: TroubleKind): { readonly trouble: StorageTrouble } {
  return { trouble: { kind, message: MESSAGES[kind] } };
}

/** Name of a storage failure; not every exception of a browser is an Error. */
export function nameOf(error: unknown): string {
  return typeof error === 'object' && error !== null && 'name' in error ? String(error.name) : '';
}

/** Notice for a failed write or opening. */
export function kindOf(error: unknown): TroubleKind {
  const name = nameOf(error);
  if (name === 'QuotaExceededError') return 'full';
  return name === 'VersionError' ? 'newer' : 'failed';
}
