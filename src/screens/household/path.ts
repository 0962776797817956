import { usePathname } from 'next/navigation';

/** The id in the address of a page of one thing. @example "/bench/b5" gives "b5" */
export function idInPath(path: string): string {
  const part = path.split('/')[2] ?? '';
  try {
    return decodeURIComponent(part);
  } catch {
    // A stray % is no id of anything here.
    return part;
  }
}

export function useIdInPath(): string {
  return idInPath(usePathname());
}
