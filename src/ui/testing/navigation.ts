/** Stands in for the router of a page in a test: an address that the page can change, and follow. */
import { useSyncExternalStore } from 'react';

let trail: readonly string[] = ['/'];
const followers = new Set<() => void>();

const subscribe = (follower: () => void): (() => void) => {
  followers.add(follower);
  return () => followers.delete(follower);
};
const move = (to: readonly string[]): void => {
  trail = to;
  for (const follower of followers) follower();
};

/** Address of the page. */
export const here = (): string => trail.at(-1) ?? '/';
/** Addresses since the test began; a replaced address is not among them. */
export const been = (): readonly string[] => trail;

/** Begins at an address, with nothing to go back to. */
export const begin = (at = '/'): void => move([at]);
/** Goes to an address, as a touched link does. */
export const go = (to: string): void => move([...trail, to]);
const replace = (to: string): void => move([...trail.slice(0, -1), to]);

const router = { push: go, replace, prefetch: (): void => undefined };
export const useRouter = (): typeof router => router;
const pathOf = (): string => here().split('?')[0] ?? '/';
const queryOf = (): string => here().split('?')[1] ?? '';
export const usePathname = (): string => useSyncExternalStore(subscribe, pathOf, pathOf);
export const useSearchParams = (): URLSearchParams =>
  new URLSearchParams(useSyncExternalStore(subscribe, queryOf, queryOf));
