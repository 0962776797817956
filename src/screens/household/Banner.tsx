import { dismissNotice, keepAgain, useApp } from '@/store';
import { ExportAll } from '@/ui/files/ExportAll';

const LINK = 'min-h-11 font-semibold underline';

/** Trouble with saving and the ways out, or a notice. */
export function Banner() {
  const trouble = useApp((s) => s.trouble);
  const notice = useApp((s) => s.notice);
  const failed = useApp((s) => s.status === 'failed');
  // The page of a storage that did not open says it all.
  if (failed) return null;
  if (trouble)
    return (
      <div
        role="alert"
        className="flex flex-wrap items-center gap-x-5 bg-rust px-6 py-1.5 text-white print:hidden"
      >
        <span className="min-w-0 flex-1 basis-80">{trouble.message}</span>
        {trouble.kind === 'deleted' && (
          <button type="button" className={LINK} onClick={() => void keepAgain()}>
            Keep it here again
          </button>
        )}
        {trouble.kind === 'newer' && (
          <button type="button" className={LINK} onClick={() => location.reload()}>
            Reload
          </button>
        )}
        <ExportAll className={LINK} />
      </div>
    );
  if (!notice) return null;
  return (
    <div
      role="status"
      className="flex items-center justify-between gap-4 bg-cobalt px-6 py-1 text-white print:hidden"
    >
      <span>{notice}</span>
      <button type="button" className={LINK} onClick={dismissNotice}>
        OK
      </button>
    </div>
  );
}
