'use client';

import { Radio, RadioGroup } from '@headlessui/react';
import { dateAndTime } from '@/session/clockText';
import { useRouter } from 'next/navigation';
import { nanoid } from 'nanoid';
import { useState } from 'react';
import { changed, foodOf, type Cook, type Verdict } from '@/core/batch';
import { formatAmount, formatMinutes, formatVolume, VOLUME_ML, type Units } from '@/core/quantity';
import { cookAgain } from '@/core/timetable';
import { Button } from '@/ui/Button';
import { saveBatch, saveCook, useHousehold } from '@/ui/household';
import { CookTrace } from '@/ui/CookTrace';
import { NotHere } from '@/ui/NotHere';
import { AfterLid } from './AfterLid';
import { comparisons } from './comparison';
import { History } from './History';
import { Yields } from './Yields';

const VERDICTS: readonly Verdict[] = ['under', 'right', 'over'];
const CHOSEN: Readonly<Record<Verdict, string>> = {
  under: 'data-checked:bg-straw data-checked:text-ink',
  right: 'data-checked:bg-leaf data-checked:text-white',
  over: 'data-checked:bg-rust data-checked:text-white',
};
const SIGN: Readonly<Record<Verdict, string>> = { under: '◔', right: '●', over: '✕' };

function Verdicts({ cook, units }: { readonly cook: Cook; readonly units: Units }) {
  return (
    <ul className="mt-2 divide-y divide-hairline">
      {cook.batch.items.flatMap((item) => {
        const food = foodOf(item);
        if (!food?.shape) return [];
        const foretold = cook.predicted.verdicts[item.id] ?? 'right';
        return [
          <li
            key={item.id}
            className="flex flex-wrap items-center justify-between gap-x-4 gap-y-1 py-1.5"
          >
            <span className="inline-block text-[15px] first-letter:uppercase">
              {food.name}{' '}
              <span className="text-quiet">
                {formatAmount(item.amount, units)}, foretold {foretold}
              </span>
            </span>
            <RadioGroup
              value={cook.verdicts[item.id] ?? null}
              onChange={(verdict: Verdict | null) => {
                if (verdict)
                  saveCook({ ...cook, verdicts: { ...cook.verdicts, [item.id]: verdict } });
              }}
              aria-label={`Verdict on ${food.name}`}
              className="flex overflow-hidden rounded-full border border-ink/50"
            >
              {VERDICTS.map((verdict) => (
                <Radio
                  key={verdict}
                  value={verdict}
                  className={`grid min-h-11 min-w-16 cursor-pointer place-items-center px-3 text-[14px] ${CHOSEN[verdict]}`}
                >
                  <span>
                    <span aria-hidden>{SIGN[verdict]} </span>
                    {verdict}
                  </span>
                </Radio>
              ))}
            </RadioGroup>
          </li>,
        ];
      })}
    </ul>
  );
}

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
      <span className="text-[15px]">{label}</span>
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

function Next({ cook, units }: { readonly cook: Cook; readonly units: Units }) {
  const router = useRouter();
  const [note, setNote] = useState(cook.note ?? '');
  const next = cook.nextTime ?? {};
  const keepNote = (): Cook => {
    return changed(cook, { note: note.trim() || undefined });
  };
  const again = (): void => {
    const kept = keepNote();
    saveCook(kept);
    const batch = cookAgain(kept, nanoid(10));
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
      <label className="mt-4 block text-[14px] font-medium" htmlFor="note">
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
      <Button look="copper" className="mt-4 w-full" onClick={again}>
        Cook again with these changes
      </Button>
    </section>
  );
}

/** One run: predicted against real, verdicts, a note, and on to the next time. */
export function CookScreen({ id }: { readonly id: string }) {
  const { cooks, kitchen } = useHousehold();
  const cook = cooks.find((r) => r.id === id);
  if (!cook)
    return (
      <NotHere title="This cook is not here" href="/log">
        To the log
      </NotHere>
    );
  return (
    <main className="mx-auto grid w-full max-w-6xl content-start gap-6 px-4 py-6 sm:px-6 lg:grid-cols-[minmax(0,1fr)_360px]">
      <div className="min-w-0">
        <h1 className="figure text-4xl">{cook.batch.name}</h1>
        <p className="text-quiet">{dateAndTime(new Date(cook.startedAt))}</p>
        <table className="mt-5 w-full text-[15px]">
          <thead className="text-left text-[13px] text-quiet">
            <tr>
              <th className="py-1 font-normal">Time</th>
              <th className="text-right font-normal">foretold</th>
              <th className="text-right font-normal">happened</th>
              <th className="text-right font-normal">difference</th>
            </tr>
          </thead>
          <tbody className="divide-y divide-hairline border-y border-hairline">
            {comparisons(cook).map((row) => {
              const gap = row.realMin === null ? null : row.realMin - row.predictedMin;
              return (
                <tr key={row.name}>
                  <th scope="row" className="py-2 text-left font-medium">
                    {row.name}
                  </th>
                  <td className="text-right">{formatMinutes(row.predictedMin)}</td>
                  <td className="text-right">
                    {row.realMin === null ? 'not marked' : formatMinutes(row.realMin)}
                  </td>
                  <td className="text-right">
                    {gap === null ? '' : `${gap >= 0 ? '+' : '−'}${Math.abs(Math.round(gap))} min`}
                  </td>
                </tr>
              );
            })}
          </tbody>
        </table>
        <Yields cook={cook} units={kitchen.units} />
        <AfterLid cook={cook} units={kitchen.units} />
        <History cook={cook} cooks={cooks} units={kitchen.units} />
        <h2 className="mt-7 text-lg font-semibold">How was it?</h2>
        <Verdicts cook={cook} units={kitchen.units} />
      </div>
      <aside className="space-y-5">
        <CookTrace cook={cook} nowMin={null} />
        <Next cook={cook} units={kitchen.units} />
      </aside>
    </main>
  );
}
