import type { ComponentProps } from 'react';
import { writeBundle } from '@/formats/write';
import { useApp } from '@/store';
import { download } from './download';

/** Everything in memory, to a file; nothing where there is nothing. */
export function ExportAll({
  onClick,
  children = 'Export everything',
  ...rest
}: ComponentProps<'button'>) {
  const household = useApp((s) => s.household);
  if (!household) return null;
  return (
    <button
      {...rest}
      type="button"
      onClick={(event) => {
        onClick?.(event);
        download('retort.json', writeBundle(household));
      }}
    >
      {children}
    </button>
  );
}
