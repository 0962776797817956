'use client';

import { celsiusIn } from '@/ui/forms/unitFields';
import { useState } from 'react';
import { COLD_C, COOL_C, fallsTo, HOT_C, isLost } from '@/core/guard';
import type { Followed } from '@/core/keep';
import { formatLevel, formatTemperature, type Units } from '@/core/quantity';
import { coolingPlot, LightPlot } from '@/drawings/plot';
import { isoOf } from '@/session/clock';
import { timeOf } from '@/session/clockText';
import { Button } from '@/ui/Button';
import { useClock } from '@/ui/clock';
import { useFollowed } from '@/ui/cooling/followed';
import { limitsFrom, ruleWords, wayDoes, wayName } from '@/ui/cooling/wayWords';
import { useHousehold, type CoolingCook } from '@/ui/household';
import { changeAfter, changeCooling } from '@/ui/larder';

import { reasonWords } from '@/ui/useNewest';

const MS = 60_000;

/** Next move for it now, in a sentence. @param lost whether it is past its limit */
function judgementOf(
  told: Followed,
  startMs: number,
  lost: boolean,
  units: Units,
): { readonly text: string; readonly bad: boolean } {
  const degrees = (celsius: number): string => formatTemperature(celsius, units);
  const at = (minute: number): string => timeOf(startMs + minute * MS);
  if (told.pastAt >= 0)
    return {
      text: `Throw it out. It read ${degrees(told.readings[told.pastAt]?.celsius ?? 0)} when it should have been colder. Bacteria may have left toxins that boiling does not destroy.`,
      bad: true,
    };
  const { verdict, lostMin } = told.judged;
  if (verdict === 'held hot')
    return {
      text: `Kept hot, as long as it reads ${degrees(HOT_C)} or more: check it before you go.`,
      bad: false,
    };
  if (verdict === 'throw out') {
    return lost
      ? { text: 'By everything known it cooled too slowly: throw it out.', bad: true }
      : {
          text: `Too slow: it would have to be thrown out${lostMin === null ? '' : ` from ${at(lostMin)}`}. Use shallow pans or ice now.`,
          bad: true,
        };
  }
  const cool = fallsTo(told.curve, COOL_C);
  const cold = fallsTo(told.curve, COLD_C);
  const when = [
    ...(cool === null ? [] : [`${degrees(COOL_C)} by ${at(cool)}`]),
    ...(cold === null ? [] : [`${degrees(COLD_C)} by ${at(cold)}`]),
  ];
  return { text: `Cold in time at this rate: ${when.join(', ')}.`, bad: false };
}

function Read({ cook, units }: { readonly cook: CoolingCook; readonly units: Units }) {
  const clock = useClock();
  const [text, setText] = useState('');
  const celsius = celsiusIn(text, units);
  const wrong = text.trim() !== '' && celsius === null;
  const unit = units === 'us' ? '°F' : '°C';
  return (
    <form
      className="flex flex-wrap items-end gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        if (celsius === null) return;
        changeCooling(cook.id, (cooling) => ({
          ...cooling,
          readings: [...(cooling.readings ?? []), { at: isoOf(clock), celsius }],
        }));
        setText('');
      }}
    >
      <label className="text-small font-medium">
        Its middle reads, {unit}
        <input
          className="field mt-1 block w-28"
          inputMode="decimal"
          value={text}
          aria-invalid={wrong || undefined}
          onChange={(event) => setText(event.target.value)}
        />
      </label>
      <Button type="submit" disabled={text.trim() === '' || wrong}>
        Read just now
      </Button>
      {wrong && (
        <p role="alert" className="w-full text-fine font-medium text-rust">
          Enter a temperature from {units === 'us' ? '-22 to 250' : '-30 to 121'} {unit}
        </p>
      )}
    </form>
  );
}

/** Something that cools: its curve against the rule, readings, and the way out of it. */
export function Cooling({
  cook,
  now,
  onCold,
}: {
  readonly cook: CoolingCook;
  /** ms */
  readonly now: number;
  readonly onCold: (cook: CoolingCook) => void;
}) {
  const { kitchen } = useHousehold();
  const clock = useClock();
  const { units } = kitchen;
  const { cooling } = cook.after;
  const { answer, failure } = useFollowed(cook);
  const told = answer?.answer ?? null;
  const startMs = Date.parse(cooling.at);
  const end = (thrown: boolean): void => {
    const at = isoOf(clock);
    changeAfter(cook.id, (after) => ({
      ...after,
      ...(thrown && { wasteL: (after.wasteL ?? 0) + cooling.litres }),
      cooling: { ...cooling, endedAt: at, ...(thrown && { thrown }) },
    }));
  };
  const lost = told !== null && isLost(told.judged, told.pastAt, (now - startMs) / MS);
  const judged = told && judgementOf(told, startMs, lost, units);
  const plot =
    told &&
    coolingPlot(
      {
        curve: told.curve,
        slow: told.slow,
        fast: told.fast,
        readings: told.readings,
        nowMin: (now - startMs) / MS,
        limits: limitsFrom(fallsTo(told.curve, HOT_C) ?? 0),
      },
      units,
      (minute) => timeOf(startMs + minute * MS),
    );
  const { readings = [] } = cooling;
  return (
    <section
      aria-label={`Cooling: ${cook.batch.name}`}
      className="panel grid gap-x-6 gap-y-3 p-4 lg:grid-cols-[minmax(0,1fr)_minmax(0,340px)]"
    >
      <div className="space-y-2">
        <h2 className="font-semibold">
          Cooling now: {cook.batch.name}, {formatLevel(cooling.litres, units)}
        </h2>
        {failure && (
          <p role="alert" className="text-rust">
            {reasonWords(failure.reason)}
          </p>
        )}
        {judged && (
          <p
            className={`text-lead ${judged.bad ? 'font-medium text-rust' : ''}`}
            data-testid="judgement"
            role={judged.bad ? 'alert' : 'status'}
          >
            <span aria-hidden className={judged.bad ? '' : 'text-leaf'}>
              {judged.bad ? '✕ ' : '● '}
            </span>
            {judged.text}
          </p>
        )}
        {told && (
          <p className="text-body">
            {wayName(told.way)}. <span className="text-quiet">{wayDoes(told.way)}</span>
          </p>
        )}
        <Read cook={cook} units={units} />
        {readings.length > 0 && (
          <p className="text-small text-quiet">
            Read{' '}
            {readings
              .map((r) => `${formatTemperature(r.celsius, units)} at ${timeOf(Date.parse(r.at))}`)
              .join(', ')}
            .{' '}
            <button
              type="button"
              className="min-h-9 underline"
              onClick={() =>
                changeCooling(cook.id, (c) => ({ ...c, readings: readings.slice(0, -1) }))
              }
            >
              Undo the last reading
            </button>
          </p>
        )}
        <p className="flex flex-wrap gap-2">
          {!lost && (
            <Button look="copper" onClick={() => onCold(cook)}>
              It is cold: fill jars
            </Button>
          )}
          <Button onClick={() => end(false)}>All used up</Button>
          <Button look={lost ? 'copper' : 'plain'} onClick={() => end(true)}>
            Thrown out
          </Button>
        </p>
      </div>
      <figure>
        <div
          className="h-44 pr-2 pl-9"
          role="img"
          aria-label="Its warmest spot over time, against the rule"
        >
          {plot && <LightPlot plot={plot} bare />}
        </div>
        <figcaption className="pt-7 text-fine text-quiet">
          Solid line: warmest spot, with its usual range. Dots: your readings. Dashed: it must be
          under that by then. {ruleWords(units)}
        </figcaption>
      </figure>
    </section>
  );
}
