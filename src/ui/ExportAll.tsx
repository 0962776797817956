import { writeBundle } from '@/formats/write';
import { useApp } from '@/store';
import { download } from './download';

/** Everything in memory, to a file; nothing where there is nothing. */
export function ExportAll({ className }: { readonly className: string }) {
  const household = useApp((s) => s.household);
  if (!household) return null;
  return (
    <button
      type="button"
      className={className}
      onClick={() => download('retort.json', writeBundle(household))}
    >
      Export everything
    </button>
  );
}
