'use client';

import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { nanoid } from 'nanoid';
import { lazy, Suspense, useCallback, useEffect, useMemo, useState } from 'react';
import { applyRemedy } from '@/core/assess';
import {
  EXAMPLE_LINE,
  addItems,
  byHabit,
  changeStep,
  freshItemId,
  isBroth,
  namedFood,
  potOf,
  placeStep,
  usualEntry,
  type Batch,
  type Item,
  type Schools,
  type Step,
} from '@/core/batch';
import { buttonLook } from '@/ui/Button';
import { deleteBatch, saveBatch, useHousehold } from '@/ui/household';
import { useAssessment, useDraws } from '@/ui/useAssessment';
import { isoOf } from '@/session/clock';
import { useClock } from '@/ui/clock';
import { BenchHead } from './BenchHead';
import { BenchSheets } from './BenchSheets';
import { Calls } from './Calls';
import { CursorSlider } from './CursorSlider';
import { clockText } from './clockText';
import { rememberBatch } from './lastBatch';
import { Plan } from './Plan';
import { Readings } from './Readings';
import { useShortcuts, type Shortcut } from './shortcuts';
import { StepBar } from './StepBar';
import type { Editing } from './editing';
import { WellSide } from './WellSide';

// The chart's package is the largest there is here; the rest of the Bench does not wait for it.
const Trace = lazy(() => import('./Trace').then((m) => ({ default: m.Trace })));
// It comes with the chart, so that it is there when a hand first moves.
const TraceInHand = lazy(() => import('./Trace').then((m) => ({ default: m.TraceInHand })));

function Missing() {
  return (
    <main className="mx-auto max-w-xl p-8">
      <h1 className="text-2xl font-semibold">This batch is not here any more</h1>
      <p className="mt-2 text-quiet">It was deleted, or belongs to another kitchen.</p>
      <Link href="/" className={`${buttonLook('copper')} mt-6`}>
        To the batches
      </Link>
    </main>
  );
}

function withItems(batch: Batch, items: readonly Omit<Item, 'id'>[], habits?: Schools): Batch {
  return items.reduce<Batch>((next, item) => {
    const enters = item.enters ?? usualEntry(next, namedFood(item) ?? null);
    return byHabit(next, addItems(next, [{ ...item, enters, id: freshItemId(next) }]), habits);
  }, batch);
}

/** Planning: the pot, the time and the ingredients in one picture. */
export function BenchScreen({ id }: { readonly id: string }) {
  const { batches } = useHousehold();
  const batch = batches.find((b) => b.id === id);
  return batch ? <Bench batch={batch} /> : <Missing />;
}

function Bench({ batch }: { readonly batch: Batch }) {
  const { kitchen, pots, foods } = useHousehold();
  const router = useRouter();
  const wall = useClock();
  /** The batch under the hand on the Well's handle, kept when the hand lets go. */
  const [draft, setDraft] = useState<Batch | null>(null);
  const [cursorMin, setCursorMin] = useState<number | null>(null);
  const [editing, setEditing] = useState<Editing>(null);
  const shown = draft ?? batch;
  const pot = useMemo(() => potOf(shown, pots), [shown, pots]);
  const { assessment, stale, error } = useAssessment(shown, pot, kitchen, draft !== null);
  // The chart is slow to draw: it waits until the hand lets go, and a light drawing stands in for it.
  const [settled, setSettled] = useState(assessment);
  if (!draft && !stale && settled !== assessment) setSettled(assessment);
  const settledMin = settled?.time.totalMin ?? 0;
  const settledClock = useMemo(
    () => clockText(shown.serveAt, settledMin),
    [shown.serveAt, settledMin],
  );
  const { draws, judged, progress } = useDraws(draft ? null : batch, pot, pots, kitchen);
  const total = assessment?.time.totalMin ?? 0;
  const clock = useMemo(() => clockText(shown.serveAt, total), [shown.serveAt, total]);
  const onCursor = useCallback((minute: number | null) => setCursorMin(minute), []);
  useEffect(() => rememberBatch(batch.id), [batch.id]);
  const onShortcut = useCallback((what: Shortcut['opens']) => {
    if (what === 'put in') document.getElementById('put-in')?.focus();
    else setEditing(what);
  }, []);
  useShortcuts(onShortcut, editing === null);

  /** The batch as the hand has it, until the hand lets go. */
  const inHand = (next: Batch, done: boolean): void => {
    setDraft(done ? null : next);
    if (done) saveBatch(next);
  };
  const onStep = (next: Step, done: boolean): void =>
    inHand(
      changeStep(batch, next.id, () => next),
      done,
    );
  /** The first batch takes this one's place; a second, of a batch split in two, is new. */
  const takeBatches = ([first, second]: readonly Batch[]): void => {
    if (first) saveBatch(first);
    if (second) saveBatch({ ...second, id: nanoid(10) });
  };
  const saveRecipe = (): void => {
    if (!assessment) return;
    void import('./recipeFile').then((file) =>
      file.saveRecipe(batch, pot, assessment, kitchen.units),
    );
  };
  const toStove = (): void => {
    if (!assessment || stale) return;
    const start = { id: nanoid(10), batch, pot, kitchen, assessment, draws, at: isoOf(wall) };
    void import('./onStove').then(({ takeToStove }) => router.push(takeToStove(start)));
  };

  return (
    <main className="flex flex-1 flex-col gap-3 px-4 py-3 sm:px-6 lg:h-[calc(100dvh-55px)] lg:flex-none lg:overflow-hidden">
      <BenchHead
        batch={batch}
        pot={pot}
        pots={pots}
        kitchen={kitchen}
        totalMin={total}
        ready={!stale && batch.items.length > 0}
        onChange={saveBatch}
        onStove={toStove}
        onRecipe={saveRecipe}
        onOpen={setEditing}
        onCopy={() => {
          const copy = { ...batch, id: nanoid(10), name: `${batch.name}, again` };
          saveBatch(copy);
          router.push(`/bench/${copy.id}`);
        }}
        onDelete={() => {
          deleteBatch(batch.id);
          router.push('/');
        }}
      />
      {error && (
        <p role="alert" className="rounded-lg bg-rust px-4 py-2 text-white">
          This batch cannot be worked out: {error}. Nothing is lost; undo the last change or correct
          it.
        </p>
      )}
      <div className="grid min-h-0 flex-1 grid-cols-1 gap-5 lg:grid-rows-1 lg:grid-cols-[340px_minmax(0,1fr)_272px]">
        <WellSide
          batch={batch}
          shown={shown}
          pot={pot}
          kitchen={kitchen}
          assessment={assessment}
          cursorMin={cursorMin}
          clock={clock}
          onInHand={inHand}
          foods={foods}
          onCursor={onCursor}
          onAdd={(items) => saveBatch(withItems(batch, items, kitchen.habits), items)}
        />
        <section
          aria-label="Trace and lanes"
          className="panel order-last flex min-h-0 flex-col p-2 lg:order-none"
          aria-busy={stale}
        >
          <div className={`relative shrink-0 ${isBroth(batch) ? 'h-[170px]' : 'h-[230px]'}`}>
            {batch.items.length === 0 && (
              <p className="grid h-full place-items-center px-6 text-center text-quiet">
                The Trace is drawn as soon as something is in the pot.
              </p>
            )}
            {draft && assessment && batch.items.length > 0 && (
              <Suspense fallback={null}>
                <TraceInHand
                  assessment={assessment}
                  kitchen={kitchen}
                  clock={clock}
                  servedMin={shown.serveAt === undefined ? null : total}
                />
              </Suspense>
            )}
            {settled && batch.items.length > 0 && (
              <div className={draft ? 'invisible absolute inset-0' : 'h-full'}>
                <Suspense
                  fallback={<div className="h-full animate-pulse rounded-xl bg-hairline/50" />}
                >
                  <Trace
                    assessment={settled}
                    draws={draws}
                    kitchen={kitchen}
                    clock={settledClock}
                    servedMin={shown.serveAt === undefined ? null : settledMin}
                    cursorMin={cursorMin}
                    onCursor={onCursor}
                  />
                </Suspense>
              </div>
            )}
          </div>
          {assessment && (
            <>
              {batch.items.length > 0 && (
                <>
                  <StepBar
                    batch={shown}
                    assessment={assessment}
                    onEdit={(s) => setEditing({ step: s })}
                    onAdd={() => setEditing('new step')}
                    onStep={onStep}
                    onOrder={(id, to) => saveBatch(placeStep(batch, id, to))}
                  />
                  <CursorSlider
                    totalMin={assessment.time.endMin}
                    cursorMin={cursorMin}
                    onCursor={setCursorMin}
                    clock={clock}
                  />
                </>
              )}
              {progress !== null && (
                <progress
                  className="mx-[46px] h-1 accent-steam"
                  value={progress}
                  max={1}
                  aria-label="Working out the range"
                />
              )}
              <div
                className="min-h-0 flex-1 lg:overflow-y-auto"
                tabIndex={0}
                role="group"
                aria-label="Plan"
              >
                {batch.items.length === 0 ? (
                  <p className="p-6 text-center text-quiet">
                    Nothing in the pot yet. Say what goes in at “Put in”, such as{' '}
                    <b className="text-ink">{EXAMPLE_LINE[kitchen.units]}</b>.
                  </p>
                ) : (
                  <Plan
                    batch={batch}
                    shown={shown}
                    pot={pot}
                    kitchen={kitchen}
                    assessment={assessment}
                    settled={settled}
                    draws={draws}
                    clock={clock}
                    settledClock={settledClock}
                    cursorMin={cursorMin}
                    onCursor={onCursor}
                    onBatch={saveBatch}
                    onInHand={inHand}
                    onOpen={setEditing}
                  />
                )}
              </div>
            </>
          )}
        </section>
        <aside className="flex min-h-0 flex-col gap-3">
          {assessment && (
            <>
              <Readings assessment={assessment} draws={draws} batch={batch} kitchen={kitchen} />
              <Calls
                batch={batch}
                findings={judged?.findings ?? assessment.findings}
                advice={judged?.advice ?? null}
                units={kitchen.units}
                onChange={saveBatch}
                onRemedy={(remedy) => saveBatch(applyRemedy(batch, remedy))}
              />
            </>
          )}
        </aside>
      </div>
      <BenchSheets
        editing={editing}
        batch={batch}
        pot={pot}
        pots={pots}
        kitchen={kitchen}
        assessment={assessment}
        onTake={takeBatches}
        onClose={() => setEditing(null)}
      />
    </main>
  );
}
