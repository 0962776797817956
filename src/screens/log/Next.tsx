import { nanoid } from 'nanoid';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { changed } from '@/core/batch/plan';
import type { Batch, Cook } from '@/core/batch/schema';
import { formatVolume, VOLUME_ML, type Units } from '@/core/quantity';
import { cookAgain } from '@/core/timetable';
import { later } from '@/drawings/later';
import { Button } from '@/ui/Button';
import { saveBatch, saveCook } from '@/ui/household';

// Lessons are asked for when it is cooked again.
const AgainSheet = later(() => import('@/ui/AgainSheet').then((m) => m.AgainSheet));

function Stepper({
  label,
  value,
  say,
  by,
  onChange,
}: {
  readonly label: string;
  readonly value: number;
  /** A change in words, without its sign. */
  readonly say: (value: number) => string;
  readonly by: number;
  readonly onChange: (value: number) => void;
}) {
  const button =
    'grid size-11 place-items-center rounded-full border border-copper text-xl text-copper hover:bg-copper/10';
  return (
    <div className="flex items-center justify-between gap-3">
      <span className="text-body">{label}</span>
      <span className="flex items-center gap-2">
        <button
          type="button"
          className={button}
          aria-label={`${label}: less`}
          onClick={() => onChange(value - by)}
        >
          −
        </button>
        <output className="figure w-24 text-center text-xl" aria-label={label}>
          {value > 0 ? '+' : value < 0 ? '−' : '±'}
          {say(Math.abs(value))}
        </output>
        <button
          type="button"
          className={button}
          aria-label={`${label}: more`}
          onClick={() => onChange(value + by)}
        >
          +
        </button>
      </span>
    </div>
  );
}

/** Changes for the next time, and the way to it. */
export function Next({ cook, units }: { readonly cook: Cook; readonly units: Units }) {
  const router = useRouter();
  const [note, setNote] = useState(cook.note ?? '');
  const next = cook.nextTime ?? {};
  const keepNote = (): Cook => {
    return changed(cook, { note: note.trim() || undefined });
  };
  const [again, setAgain] = useState<Batch | null>(null);
  const ask = (): void => {
    const kept = keepNote();
    saveCook(kept);
    setAgain(cookAgain(kept, nanoid(10)));
  };
  const take = (batch: Batch): void => {
    saveBatch(batch);
    router.push(`/bench/${batch.id}`);
  };
  return (
    <section className="panel p-5">
      <h2 className="text-lg font-semibold">Next time</h2>
      <div className="mt-3 space-y-2">
        <Stepper
          label="Hold"
          say={(minutes) => `${minutes} min`}
          by={1}
          value={next.holdMin ?? 0}
          onChange={(holdMin) => saveCook({ ...cook, nextTime: { ...next, holdMin } })}
        />
        <Stepper
          label="Water"
          say={(ml) => (units === 'us' ? formatVolume(ml / 1000, units) : `${ml} ml`)}
          by={units === 'us' ? VOLUME_ML.cup / 4 : 50}
          value={next.waterMl ?? 0}
          onChange={(waterMl) => saveCook({ ...cook, nextTime: { ...next, waterMl } })}
        />
      </div>
      <label className="mt-4 block text-small font-medium" htmlFor="note">
        Note
      </label>
      <textarea
        id="note"
        rows={4}
        maxLength={5000}
        className="field mt-1"
        placeholder="The old beans took 15 min more."
        value={note}
        onChange={(e) => setNote(e.target.value)}
        onBlur={() => saveCook(keepNote())}
      />
      <Button look="copper" className="mt-4 w-full" onClick={ask}>
        Cook again with these changes
      </Button>
      {again && (
        <AgainSheet cook={cook} batch={again} onTake={take} onClose={() => setAgain(null)} />
      )}
    </section>
  );
}
