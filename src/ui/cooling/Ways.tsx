'use client';

import { useMemo, useState } from 'react';
import { COLD_C, COOL_C, fallsTo, HOT_C } from '@/core/guard';
import { isSafe, type Left, type Tried, type WayKey } from '@/core/keep';
import { formatTemperature } from '@/core/quantity';
import { coolingPlot, LightPlot } from '@/drawings/plot';
import { formatHours } from '@/session/clockText';
import { ask } from '@/workers';
import { Button } from '../Button';
import { useHousehold } from '../household';
import { atHand, surroundingsOf } from '../larder';
import { reasonWords, useNewest, type Newest } from '../useNewest';
import { limitsFrom, needWords, ruleWords, timesOf, VERDICTS, wayDoes, wayName } from './wayWords';

type Asked = readonly [
  left: Left,
  hand: ReturnType<typeof atHand>,
  surroundings: ReturnType<typeof surroundingsOf>,
];
const tried = (asked: Asked, signal: AbortSignal): Promise<readonly Tried[]> =>
  ask('coolWays', asked, { signal });

function Row({
  way,
  chosen,
  onChoose,
}: {
  readonly way: Tried;
  readonly chosen: boolean;
  readonly onChoose: () => void;
}) {
  const [cool, cold] = timesOf(way);
  const { sign, words, tone } = VERDICTS[way.judged.verdict];
  return (
    <tr className={chosen ? 'bg-copper/8 font-semibold' : ''}>
      <th scope="row" className={`py-1 pr-3 text-left ${chosen ? 'font-semibold' : 'font-normal'}`}>
        <button
          type="button"
          className="min-h-11 text-left underline-offset-4 hover:underline"
          aria-pressed={chosen}
          onClick={onChoose}
        >
          {wayName(way.key)}
          {!way.has && <span className="font-normal text-quiet"> (not all at hand)</span>}
        </button>
      </th>
      <td className="pr-3 whitespace-nowrap">{cool}</td>
      <td className="pr-3 whitespace-nowrap">{cold}</td>
      <td className={`whitespace-nowrap ${tone}`}>
        <span aria-hidden>{sign}</span> {words}
      </td>
    </tr>
  );
}

type WaysAnswer = Newest<Asked, readonly Tried[]>;

/** The rest, cooled by every way, in a worker; null asks nothing. @param left steady over renders */
export function useWays(left: Left | null): WaysAnswer {
  const { kitchen } = useHousehold();
  const asked = useMemo<Asked | null>(
    () => left && [left, atHand(kitchen), surroundingsOf(kitchen)],
    [left, kitchen],
  );
  return useNewest(asked, tried);
}

/** Ways to get what is left cold, side by side; on a phone the best one in a sentence, the rest beneath. */
export function Ways({
  answer,
  failure,
  onBegin,
}: WaysAnswer & { readonly onBegin: (way: WayKey) => void }) {
  const { units } = useHousehold().kitchen;
  const [picked, setPicked] = useState<WayKey | null>(null);
  const [all, setAll] = useState(false);
  const ways = answer?.answer ?? [];
  const chosen = ways.find((way) => way.key === picked) ?? ways[0];
  if (failure)
    return (
      <p role="alert" className="text-rust">
        {reasonWords(failure.reason)}
      </p>
    );
  if (!chosen) return <div className="h-40 animate-pulse rounded-xl bg-hairline/50" />;
  const needs = needWords(chosen.needs, units);
  const hot = fallsTo(chosen.curve, HOT_C);
  const plot = coolingPlot(
    { curve: chosen.curve, limits: limitsFrom(hot ?? 0) },
    units,
    (minute) => `+${formatHours(minute)}`,
  );
  const { topC, warmMin } = chosen.curve.fridge;
  const inTime = isSafe(chosen);
  return (
    <div className="space-y-3" data-testid="ways">
      <p className="text-lead">
        <b className="font-semibold">{wayName(chosen.key)}.</b> {wayDoes(chosen.key)}
        {needs && <span className="block text-quiet">Needs {needs}.</span>}
      </p>
      {!all && (
        <Button look="quiet" className="sm:hidden" onClick={() => setAll(true)}>
          Other ways
        </Button>
      )}
      <div
        className={`grid gap-x-6 gap-y-3 lg:grid-cols-[minmax(0,1fr)_minmax(0,300px)] ${all ? '' : 'max-sm:hidden'}`}
      >
        <table className="w-full text-body" aria-label="Ways to cool">
          <thead className="text-left text-fine text-quiet">
            <tr>
              <th className="font-normal">way</th>
              <th className="pr-3 font-normal">to {formatTemperature(COOL_C, units)}</th>
              <th className="pr-3 font-normal">to {formatTemperature(COLD_C, units)}</th>
              <th className="font-normal">the rule</th>
            </tr>
          </thead>
          <tbody className="divide-y divide-hairline border-y border-hairline">
            {ways.map((way) => (
              <Row
                key={way.key}
                way={way}
                chosen={way === chosen}
                onChoose={() => setPicked(way.key)}
              />
            ))}
          </tbody>
        </table>
        <figure>
          <div
            className="h-40 pl-9"
            role="img"
            aria-label={`${wayName(chosen.key)}: ${timesOf(chosen)[0]} to ${formatTemperature(COOL_C, units)}`}
          >
            <LightPlot plot={plot} bare />
          </div>
          <figcaption className="pt-6 text-fine text-quiet">
            Solid line: warmest spot. Dashed: it must be under that by then.
          </figcaption>
        </figure>
      </div>
      {warmMin > 0 && (
        <p className="text-small">
          It warms the fridge to {formatTemperature(topC, units)}, above{' '}
          {formatTemperature(COLD_C, units)} for {Math.round(warmMin)} min: move milk and raw meat
          away from it, or use less of it at a time.
        </p>
      )}
      <p className="text-fine text-quiet">{ruleWords(units)}</p>
      {!inTime && (
        <p role="alert" className="text-body font-medium text-rust">
          Nobody should eat it after that: it would have to be thrown out. Take another way.
        </p>
      )}
      {inTime && (
        <Button look="copper" onClick={() => onBegin(chosen.key)}>
          Cool it this way
        </Button>
      )}
    </div>
  );
}
