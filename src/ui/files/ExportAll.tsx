import type { ComponentProps } from 'react';
import { useApp } from '@/store';
import { saveAll } from './saveAll';

/** Everything in memory, to a file; nothing where there is nothing. */
export function ExportAll({
  onClick,
  children = 'Export everything',
  ...rest
}: ComponentProps<'button'>) {
  const there = useApp((s) => s.household !== null);
  if (!there) return null;
  return (
    <button
      {...rest}
      type="button"
      onClick={(event) => {
        onClick?.(event);
        saveAll();
      }}
    >
      {children}
    </button>
  );
}
