/** Stands in for the router of a page in a test: an address that the page can change, and follow. */
import { useSyncExternalStore } from 'react';

let address = '/';
const followers = new Set<() => void>();

const subscribe = (follower: () => void): (() => void) => {
  followers.add(follower);
  return () => followers.delete(follower);
};

/** Where the page is. */
export const here = (): string => address;

/** Goes to an address, as a touched link does. */
export function go(to: string): void {
  address = to;
  for (const follower of followers) follower();
}

const router = { push: go, replace: go, prefetch: (): void => undefined };
export const useRouter = (): typeof router => router;
export const usePathname = (): string => useSyncExternalStore(subscribe, here, here);
