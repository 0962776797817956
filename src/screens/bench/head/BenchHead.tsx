'use client';

import { lazyPart } from '@/drawings/later';
import { ChevronDown, Ellipsis } from 'lucide-react';
import Link from 'next/link';
import { Suspense, useEffect, useEffectEvent, useState } from 'react';
import { changed, inPot, isBroth } from '@/core/batch/plan';
import { isStop, type Finding } from '@/core/assess';
import { type Batch, type Cook, type Pot, LIMITS } from '@/core/batch/schema';
import { formatAltitude } from '@/core/quantity';
import { cookInPot } from '@/core/timetable';
import { timeOf } from '@/session/clockText';
import { Button } from '@/ui/Button';
import { useHousehold } from '@/ui/household';
import { NumberInput } from '@/ui/forms/NumberInput';
import { MORE, PICKS, potWords } from './headWords';
import { findingsOf, usePlan, usePlanActions, useSession } from '../plan';
import { ServingTime } from './ServingTime';

// Menus and sheets load after the page; their buttons are there from the first.
const menus = () => import('./HeadMenus');
const PotPicker = lazyPart(() => menus().then((m) => m.PotPicker));
const More = lazyPart(() => menus().then((m) => m.More));
const Gate = lazyPart(() => import('../sheets').then((m) => m.Gate));

function Name({
  batch,
  onChange,
}: {
  readonly batch: Batch;
  readonly onChange: (batch: Batch) => void;
}) {
  const [text, setText] = useState(batch.name);
  const [of, setOf] = useState(batch.name);
  if (of !== batch.name) {
    // Changed elsewhere (undo, another tab): show that.
    setOf(batch.name);
    setText(batch.name);
  }
  return (
    <input
      aria-label="Name of the batch"
      value={text}
      maxLength={200}
      className="figure -ml-1 min-h-9 w-full truncate rounded border-b-2 border-transparent bg-transparent px-1 text-figure leading-8 hover:border-hairline"
      onChange={(event) => setText(event.target.value)}
      onBlur={() => {
        const name = text.trim();
        if (name && name !== batch.name) onChange({ ...batch, name });
        else setText(batch.name);
      }}
      onKeyDown={(event) => {
        if (event.key === 'Enter') event.currentTarget.blur();
      }}
    />
  );
}

/** Takes the batch to the stove: not into a pot that is taken, and past a stop only with a reason. */
function ToStove({
  ready,
  called,
  pot,
  stops,
  onWait,
  onGo,
}: {
  readonly ready: boolean;
  /** Whether its calls by chance are there, or cannot be. */
  readonly called: boolean;
  readonly pot: Pot;
  readonly stops: readonly Finding[];
  /** Its calls by chance are waited for. */
  readonly onWait: () => void;
  readonly onGo: (despite?: Cook['despite']) => void;
}) {
  const taken = cookInPot(useHousehold().cooks, pot);
  const [asked, setAsked] = useState(false);
  const [waits, setWaits] = useState(false);
  // Nothing holds it back any more: do not ask unasked when something does again.
  if (asked && !taken && stops.length === 0) setAsked(false);
  // A stop that shows only by chance is waited for.
  const cleared = waits && called && stops.length === 0;
  if (waits && called && !cleared) {
    setWaits(false);
    setAsked(true);
  }
  const go = useEffectEvent(() => onGo());
  useEffect(() => {
    if (cleared) go();
  }, [cleared]);
  return (
    <>
      <Button
        look="copper"
        className="max-sm:order-3"
        disabled={!ready || waits}
        onClick={() => {
          if (taken || stops.length > 0) setAsked(true);
          else {
            setWaits(true);
            onWait();
          }
        }}
      >
        {waits ? 'Checking once more…' : 'Start cooking'}
      </Button>
      {asked && taken && (
        <p role="alert" className="order-last w-full rounded-lg bg-rust px-4 py-2 text-white">
          {pot.name} is in use for {taken.batch.name} since {timeOf(Date.parse(taken.startedAt))}:
          one pot cooks one batch. Choose another pot, or{' '}
          <Link href={`/stove/${taken.id}`} className="underline underline-offset-4">
            end that cook first
          </Link>
          .
        </p>
      )}
      <Suspense>
        {asked && !taken && <Gate stops={stops} onGo={onGo} onClose={() => setAsked(false)} />}
      </Suspense>
    </>
  );
}

function withServeAt(batch: Batch, at: string | null): Batch {
  return changed(batch, { serveAt: at ?? undefined });
}

/** Name, servings, pot and altitude; the serving time; to the stove. */
export function BenchHead() {
  const { open, hurry } = useSession();
  const { save, toStove } = usePlanActions();
  const batch = usePlan((p) => p.batch);
  const pot = usePlan((p) => p.pot);
  const pots = usePlan((p) => p.pots);
  const kitchen = usePlan((p) => p.kitchen);
  const totalMin = usePlan((p) => p.assessment?.time.totalMin ?? 0);
  const ready = usePlan((p) => !p.stale && p.batch.items.length > 0);
  const called = usePlan((p) => p.calls !== null || p.undrawn);
  const stops = usePlan(findingsOf).filter(isStop);
  return (
    <div className="flex flex-wrap items-center gap-x-6 gap-y-2">
      <div className="min-w-0 flex-1 basis-72">
        <h1 className="sr-only">{batch.name}</h1>
        <Name batch={batch} onChange={save} />
        <div className="flex flex-wrap items-center gap-x-2 text-small text-quiet">
          <label className="inline-flex items-center gap-1">
            <NumberInput
              aria-label="Servings"
              value={batch.servings}
              placeholder="?"
              className="min-h-9 w-14 rounded border border-hairline bg-panel px-1.5"
              least={LIMITS.servings.min}
              most={LIMITS.servings.max}
              whole
              onNumber={(servings) => save({ ...batch, servings })}
            />
            servings
          </label>
          ·
          <Suspense
            fallback={
              <span className={PICKS}>
                {potWords(pot, kitchen.units)}
                <ChevronDown size={15} aria-hidden />
              </span>
            }
          >
            <PotPicker
              pots={pots}
              pot={pot}
              kitchen={kitchen}
              onPick={(picked) => save(inPot(batch, picked))}
            />
          </Suspense>
          · <span>{formatAltitude(kitchen.altitudeM, kitchen.units)}</span>
        </div>
      </div>
      <ServingTime
        serveAt={batch.serveAt}
        totalMin={totalMin}
        onChange={(at) => save(withServeAt(batch, at))}
      />
      <Button className="max-sm:order-3" disabled={!ready} onClick={() => open('solve')}>
        {isBroth(batch) ? 'How many broths?' : 'Fix the timing for me'}
      </Button>
      <ToStove
        key={batch.id}
        ready={ready}
        called={called}
        pot={pot}
        stops={stops}
        onWait={hurry}
        onGo={toStove}
      />
      <Suspense
        fallback={
          <span className={MORE}>
            <Ellipsis size={20} aria-hidden />
          </span>
        }
      >
        <More batch={batch} />
      </Suspense>
    </div>
  );
}
