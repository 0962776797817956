'use client';

import { nanoid } from 'nanoid';
import { useMemo, useState } from 'react';
import { type Cook, type Jar, type JarPlace, LIMITS } from '@/core/batch/schema';
import { dangersOfFilling, judgeHistory } from '@/core/guard';
import { daysLasting, fillJars, lotHistory, type Sizes } from '@/core/keep';
import { formatVolume, LITRES_PER_QUART, type Units } from '@/core/quantity';
import { lotsOf, type CookLot } from '@/core/serve';
import {
  hasShoulders,
  holderName,
  HOLDERS,
  usableL,
  type HolderKind,
  JAR_PLACES,
  jarPlaceOf,
} from '@/core/vocabulary';
import { isoOf } from '@/session/clock';
import { dateAndTime } from '@/session/clockText';
import { Alarm } from '@/ui/Alarm';
import { Button } from '@/ui/Button';
import { useClock } from '@/ui/clock';
import { Choice, Field } from '@/ui/forms/Field';
import { useHousehold } from '@/ui/household';
import { atHand, fillFrom } from '@/ui/larder';
import { numberIn } from '@/ui/forms/numbers';
import { Sheet } from '@/ui/Sheet';
import { shown, unitOf } from '@/ui/forms/unitFields';
import { useAssessment } from '@/ui/useAssessment';
import { SizesField } from './SizesField';
import { WasItCold } from './WasItCold';
import { Term } from '@/ui/Term';

/** A day's drinking, where the household has not said, L. */
const USUAL_PORTION_L = 0.45;

/** Jars of one size together. @example filledWords(jars, 'metric') // "5 × jar, 1/2 L with 400 ml" */
function filledWords(
  jars: readonly { readonly kind: HolderKind; readonly litres: number }[],
  units: Units,
): readonly string[] {
  const groups = new Map<string, number>();
  for (const { kind, litres } of jars) {
    const key = `${holderName(kind, units)} with ${formatVolume(litres, units)}`;
    groups.set(key, (groups.get(key) ?? 0) + 1);
  }
  return [...groups].map(([words, count]) => `${count} × ${words}`);
}

/** The nearest 0.05, as the amount left is rounded in words. */
const toStep = (value: number): number => Math.round(value * 20) / 20;

function Fill({
  cook,
  lots,
  onClose,
}: {
  readonly cook: Cook;
  readonly lots: readonly CookLot[];
  readonly onClose: () => void;
}) {
  const { kitchen } = useHousehold();
  const clock = useClock();
  const { units, larder } = kitchen;
  const open = lots.findIndex((lot) => lot.openL > 0.02);
  const [index, setIndex] = useState(Math.max(0, open));
  const lot = lots[index];
  const one = units === 'us' ? LITRES_PER_QUART : 1;
  const [text, setText] = useState<string | null>(null);
  const [where, setWhere] = useState<JarPlace>('fridge');
  const [sizes, setSizes] = useState<readonly Sizes[]>(atHand(kitchen).jars);
  if (!lot) return null;
  const wantedL = text === null ? lot.openL : numberIn(text) * one;
  const wrong = !(wantedL > 0 && wantedL <= LIMITS.yield.max);
  const { freezes } = jarPlaceOf(where);
  const portion = larder?.litresADay || USUAL_PORTION_L;
  const filled = wrong ? null : fillJars(wantedL, sizes, portion, freezes);
  const days = daysLasting(wantedL, larder?.litresADay);
  const history = lotHistory(cook, clock.now());
  const stood = judgeHistory(history.spans, cook.kitchen.ambientC);
  const glass = filled?.jars.some((jar) => HOLDERS[jar.kind].glass) ?? false;
  const dangers = dangersOfFilling({
    freezes,
    glass,
    shoulders: filled?.jars.some((jar) => hasShoulders(jar.kind)) ?? false,
    warmestC: history.spans.at(-1)?.warmestC ?? 0,
  });
  const never = dangers.some(({ level }) => level === 'never');
  const unit = unitOf('volume', units);
  const runs = lots.length > 1 && (
    <Choice
      id="which-run"
      label="Which broth"
      value={index}
      onChange={(event) => {
        setIndex(Number(event.target.value));
        setText(null);
      }}
    >
      {lots.map((one, i) => (
        <option key={one.name} value={i}>
          {one.name}, {formatVolume(one.openL, units)} left
        </option>
      ))}
    </Choice>
  );
  if (stood.lostMin !== null)
    return (
      <>
        {runs}
        {stood.presumed ? (
          <WasItCold cook={cook} litres={lot.openL} />
        ) : (
          <Alarm title="Throw it out">
            <p>
              By everything known it stood too long between cold and hot. Neither the fridge, the
              freezer nor boiling makes it safe again.
            </p>
          </Alarm>
        )}
        <p className="flex justify-end">
          <Button look="quiet" onClick={onClose}>
            Cancel
          </Button>
        </p>
      </>
    );
  const put = (): void => {
    if (!filled || filled.jars.length === 0 || never) return;
    const at = isoOf(clock);
    const kept = fillFrom(
      cook.id,
      filled.jars.map(({ kind, litres }): Jar => ({
        id: nanoid(10),
        name: lot.name,
        holder: kind,
        litres,
        ...(cook.batch.kind && { kind: cook.batch.kind }),
        cook: cook.id,
        ...(lot.run !== null && { run: lot.run }),
        gPerL: Number(lot.gPerL.toFixed(1)),
        saltPercent: Number(lot.saltPercent.toFixed(2)),
        ...(lot.thick && { thick: true }),
        madeAt: cook.endedAt ?? at,
        where,
        since: at,
        history,
      })),
      at,
    );
    if (kept) onClose();
  };
  return (
    <>
      {runs}
      <div className="grid grid-cols-2 gap-4">
        <Field
          id="fill-litres"
          label={`Amount to store, ${unit}`}
          inputMode="decimal"
          value={text ?? String(toStep(shown(lot.openL, 'volume', units)))}
          error={wrong ? `a number above 0 ${unit}` : undefined}
          hint={`${formatVolume(lot.openL, units)} are left of it`}
          onChange={(event) => setText(event.target.value)}
        />
        <Choice
          id="fill-where"
          label="Where"
          value={where}
          onChange={(event) => setWhere(event.target.value as JarPlace)}
        >
          {JAR_PLACES.map((place) => (
            <option key={place} value={place}>
              {jarPlaceOf(place).chosen}
            </option>
          ))}
        </Choice>
      </div>
      <SizesField units={units} sizes={sizes} onChange={setSizes} />
      <section aria-label="Filled so" className="rounded-lg border border-hairline p-3">
        {filled && filled.jars.length > 0 ? (
          <ul className="text-lead">
            {filledWords(filled.jars, units).map((words) => (
              <li key={words}>{words}</li>
            ))}
          </ul>
        ) : (
          <p>Enter which jars you have.</p>
        )}
        {filled && filled.overL > 0.01 && (
          <p role="alert" className="font-medium text-rust">
            {formatVolume(filled.overL, units)} do not fit into your jars.
          </p>
        )}
        {days !== null && (
          <p className="text-quiet">
            It lasts {days < 1.5 ? 'a day' : `${Math.round(days)} days`} at what you use.
          </p>
        )}
        {freezes && filled?.jars[0] && (
          <p className="text-small">
            Filled no further than the <Term id="headspace">headspace</Term> that ice needs (
            {formatVolume(usableL(filled.jars[0].kind, true), units)} in a{' '}
            {holderName(filled.jars[0].kind, units)}).
          </p>
        )}
      </section>
      {dangers.map(({ title, message }) => (
        <p key={title} role="alert" className="text-rust">
          <b>{title}.</b> {message}
        </p>
      ))}
      <p className="text-fine text-quiet">
        {wantedL > lot.openL + 0.05 &&
          `That is more than the ${formatVolume(lot.openL, units)} that are left. `}
        None of this is canning: what is in these jars keeps only cold.
      </p>
      {/* In sight, however long the list of jars is. */}
      <div className="sticky -bottom-5 -mx-6 -mb-5 flex justify-end gap-3 border-t border-hairline bg-panel px-6 py-3 max-sm:-mx-4 max-sm:px-4">
        <Button look="quiet" onClick={onClose}>
          Cancel
        </Button>
        <Button
          look="copper"
          disabled={!filled || filled.jars.length === 0 || never || wantedL > lot.openL + 0.05}
          onClick={put}
        >
          Put them on the shelf
        </Button>
      </div>
    </>
  );
}

/** From a cook into jars. */
export function FillJars({
  cooks,
  first,
  onClose,
}: {
  /** That may have something left, the newest first. */
  readonly cooks: readonly Cook[];
  readonly first: string | null;
  readonly onClose: () => void;
}) {
  const { jars } = useHousehold();
  const [id, setId] = useState(first ?? cooks[0]?.id ?? null);
  const cook = cooks.find((one) => one.id === id) ?? null;
  const { assessment, stale, error } = useAssessment(
    cook?.batch ?? null,
    cook?.pot ?? null,
    cook?.kitchen ?? cooks[0]?.kitchen ?? { altitudeM: 0, ambientC: 20, units: 'metric' },
  );
  const lots = useMemo(
    () => (cook && assessment && !stale ? lotsOf(cook, assessment, jars) : null),
    [cook, assessment, stale, jars],
  );
  return (
    <Sheet open onClose={onClose} title="Fill jars">
      {cooks.length === 0 ? (
        <p>Nothing was cooked in the last days. Jars are filled from a cook in the log.</p>
      ) : (
        <Choice
          id="which-cook"
          label="From"
          value={id ?? ''}
          onChange={(event) => setId(event.target.value)}
        >
          {cooks.map((one) => (
            <option key={one.id} value={one.id}>
              {one.batch.name}, {dateAndTime(new Date(one.startedAt))}
            </option>
          ))}
        </Choice>
      )}
      {error && (
        <p role="alert" className="text-rust">
          {error}
        </p>
      )}
      {cook && !lots && !error && <div className="h-40 animate-pulse rounded-xl bg-hairline/50" />}
      {cook && lots && <Fill key={cook.id} cook={cook} lots={lots} onClose={onClose} />}
    </Sheet>
  );
}
