import { usePathname } from 'next/navigation';

/** The id in the address of a page of one thing. @example "/bench/b5" gives "b5" */
export function idInPath(path: string): string {
  return decodeURIComponent(path.split('/')[2] ?? '');
}

export function useIdInPath(): string {
  return idInPath(usePathname());
}
