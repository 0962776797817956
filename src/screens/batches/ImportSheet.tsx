'use client';

import { Tab, TabGroup, TabList } from '@headlessui/react';
import { useMemo, useState } from 'react';
import { isEmpty, type Problem } from '@/core/batch/household';
import type { Bundle } from '@/core/batch/schema';
import type { Units } from '@/core/quantity';
import {
  changedFields,
  changeName,
  importBundle,
  previewImport,
  type Change,
  type ImportMode,
} from '@/formats';
import { changeWithBackup } from '@/store';
import { Button } from '@/ui/Button';
import { FileProblems } from '@/ui/files/FileProblems';
import { Sheet } from '@/ui/Sheet';
import { reasonWords } from '@/ui/useNewest';
import { readFileAway } from '@/workers';
import { isoOf } from '@/session/clock';
import { useClock } from '@/ui/clock';

type Read =
  | { readonly name: string; readonly bundle: Bundle }
  | { readonly name: string; readonly problems: readonly Problem[] };

const MODES: readonly (readonly [ImportMode, string, string])[] = [
  [
    'merge',
    'Merge',
    'Adds what is new. Where both have the same record, the file’s version wins. Your kitchen settings stay.',
  ],
  [
    'replace',
    'Replace',
    'Your kitchen becomes the file’s. Whatever is not in the file is removed.',
  ],
];
/** More changes are counted, not listed. */
const SHOWN = 200;
const TONE: Readonly<Record<Change['how'], string>> = {
  added: 'text-leaf',
  changed: 'text-[#7a5c12]',
  removed: 'text-rust',
  same: 'text-quiet',
};

function Preview({
  changes,
  units,
}: {
  readonly changes: readonly Change[];
  readonly units: Units;
}) {
  const moving = changes.filter((c) => c.how !== 'same');
  if (moving.length === 0) return <p>Nothing would change: everything is here already.</p>;
  return (
    <ul className="max-h-56 overflow-y-auto text-small" tabIndex={0} aria-label="What will change">
      {moving.slice(0, SHOWN).map((c, i) => (
        <li key={i}>
          <b className={TONE[c.how]}>{c.how}</b> {c.what}: {changeName(c, units)}
          {c.how === 'changed' && (
            <span className="block pl-4 text-quiet">{changedFields(c, units).join('; ')}</span>
          )}
        </li>
      ))}
      {moving.length > SHOWN && <li className="text-quiet">and {moving.length - SHOWN} more</li>}
    </ul>
  );
}

/** Brings a file in: read, shown, and only then done, after a backup. */
export function ImportSheet({
  household,
  onClose,
}: {
  readonly household: Bundle;
  readonly onClose: () => void;
}) {
  const clock = useClock();
  const [read, setRead] = useState<Read | null>(null);
  // Nothing would be lost: a file takes the place of an empty kitchen at once.
  const empty = isEmpty(household);
  const [mode, setMode] = useState<ImportMode>('merge');
  const [failed, setFailed] = useState<string | null>(null);
  const [taking, setTaking] = useState(false);
  /** How much of a file is read; null while none is. */
  const [share, setShare] = useState<number | null>(null);
  const bundle = read && 'bundle' in read ? read.bundle : null;
  const changes = useMemo(
    () => (bundle ? previewImport(household, bundle, mode) : []),
    [household, bundle, mode],
  );
  const open = async (file: File | undefined): Promise<void> => {
    if (!file) return;
    setRead(null);
    setFailed(null);
    setShare(0);
    const result = await readFileAway(file, setShare).catch((reason: unknown) => {
      setFailed(reasonWords(reason));
      return null;
    });
    setShare(null);
    if (!result) return;
    setRead(
      result.ok
        ? { name: file.name, bundle: result.bundle }
        : { name: file.name, problems: result.problems },
    );
    if (result.ok && empty) await take(file.name, result.bundle, 'replace');
  };
  const take = async (name: string, from: Bundle, how: ImportMode): Promise<void> => {
    try {
      setTaking(true);
      await changeWithBackup(
        `before bringing in ${name}`,
        isoOf(clock),
        (now) => importBundle(now, from, how),
        from,
      );
      onClose();
    } catch {
      setTaking(false);
      setFailed(
        'The backup could not be kept, so nothing was changed. Export everything to a file first.',
      );
    }
  };
  return (
    <Sheet
      open
      onClose={onClose}
      title="Bring in a file"
      foot={
        <>
          <Button look="quiet" onClick={onClose}>
            Cancel
          </Button>
          <Button
            look="copper"
            disabled={!bundle || taking}
            onClick={() => {
              if (read && bundle) void take(read.name, bundle, mode);
            }}
          >
            {taking ? 'Bringing it in…' : mode === 'merge' ? 'Merge it' : 'Replace everything'}
          </Button>
        </>
      }
    >
      <label className="block">
        <span className="text-small font-medium">A Retort file (.json)</span>
        <input
          type="file"
          accept="application/json,.json"
          className="field mt-1"
          onChange={(e) => void open(e.target.files?.[0])}
        />
      </label>
      {share !== null && (
        <div role="status">
          Reading the file…
          <progress
            className="mt-1 block h-2 w-full accent-copper"
            max={1}
            value={share || undefined}
          />
        </div>
      )}
      {read && 'problems' in read && <FileProblems name={read.name} problems={read.problems} />}
      {bundle && (
        <>
          <TabGroup
            selectedIndex={MODES.findIndex(([m]) => m === mode)}
            onChange={(i) => setMode(MODES[i]?.[0] ?? 'merge')}
          >
            <TabList className="flex gap-2">
              {MODES.map(([m, name]) => (
                <Tab
                  key={m}
                  className="min-h-11 rounded-full border border-ink/50 px-4 data-selected:border-cobalt data-selected:bg-cobalt data-selected:text-white"
                >
                  {name}
                </Tab>
              ))}
            </TabList>
          </TabGroup>
          <p className="text-small text-quiet">{MODES.find(([m]) => m === mode)?.[2]}</p>
          <Preview changes={changes} units={household.kitchen.units} />
          <p className="text-fine text-quiet">
            A backup of your household is kept in this browser first.
          </p>
        </>
      )}
      {failed && (
        <p role="alert" className="font-semibold text-rust">
          {failed}
        </p>
      )}
    </Sheet>
  );
}
