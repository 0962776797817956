import { useEffect, useState } from 'react';
import { dateAndTime } from '@/session/clockText';
import { goOnWithout, readAsItIs, readBackups, useApp, type Backup } from '@/store';
import { Button } from '@/ui/Button';
import { download } from '@/ui/files/download';

/** File of everything in the storage, as far as it can be read: read only on demand. */
function AsItIs() {
  const [failed, setFailed] = useState(false);
  const save = async (): Promise<void> => {
    try {
      const text = await readAsItIs();
      if (text === null) setFailed(true);
      else download('retort-as-it-is.json', text);
    } catch {
      setFailed(true);
    }
  };
  return (
    <>
      <Button onClick={() => void save()}>Save what is there to a file</Button>
      {failed && (
        <p role="alert" className="basis-full font-semibold text-rust">
          It could not be read. Nothing has been deleted.
        </p>
      )}
    </>
  );
}

/** Backups that can still be read, each to be saved as a file. */
function Backups() {
  const [kept, setKept] = useState<readonly Backup[]>([]);
  useEffect(() => {
    void readBackups().then(setKept);
  }, []);
  if (kept.length === 0) return null;
  return (
    <section aria-labelledby="backups" className="mt-8">
      <h2 id="backups" className="text-lg font-semibold">
        Backups that are here
      </h2>
      <ul className="mt-2 divide-y divide-hairline">
        {kept.map(({ id, at, why, text }) => (
          <li key={id} className="flex flex-wrap items-center gap-x-3 py-1.5">
            <span className="min-w-0 flex-1 basis-56">
              <b className="font-semibold">{dateAndTime(new Date(at))}</b>
              <span className="block text-small text-quiet">{why}</span>
            </span>
            <Button
              look="quiet"
              aria-label={`Save the backup of ${dateAndTime(new Date(at))} as a file`}
              onClick={() => download(`retort-${at.slice(0, 10)}.json`, text)}
            >
              As a file
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** The storage did not open: why, and the ways on. */
export function Failed() {
  const newer = useApp((s) => s.trouble?.kind === 'newer');
  return (
    <main className="mx-auto max-w-xl p-8">
      <h1 className="text-2xl font-semibold">
        {newer ? 'A newer version of Retort was used here' : 'The browser’s storage did not open'}
      </h1>
      <p className="mt-3">
        {newer
          ? 'A newer version saved your kitchen, and this older one could damage it. Reload to get the newer version. Nothing has been deleted.'
          : 'Retort keeps your kitchen in this browser, and the browser would not open it. A full disk or a damaged profile can be the reason. Nothing has been deleted.'}
      </p>
      <div className="mt-6 flex flex-wrap gap-3">
        <Button look="copper" onClick={() => location.reload()}>
          {newer ? 'Reload' : 'Try again'}
        </Button>
        <AsItIs />
        <Button look="quiet" onClick={() => void goOnWithout()}>
          Go on without saving
        </Button>
      </div>
      <Backups />
    </main>
  );
}
