'use client';

import { Said } from '@/ui/said';
import type { ReactNode } from 'react';
import {
  allDone,
  foodOf,
  handlingAt,
  countedItem,
  keptApart,
  stepsOf,
  tickIn,
  tickOut,
  type Into,
} from '@/core/batch/plan';
import type { Batch, Cook, Item } from '@/core/batch/schema';
import { formatAmount, formatLength, type Units } from '@/core/quantity';
import { SCRAPED, type Stage, timelineOf } from '@/core/cook';
import { sideWords } from '@/core/timetable';

const cutWords = ({ cut }: Item, units: Units): string =>
  cut ? `${formatLength(cut.mm, units)} ${cut.shape}` : '';

/**
 * Foods for a stage that are not ticked or left out yet. A cook who has ticked nothing does without the list, and
 * is not asked.
 */
export function unticked(cook: Cook, plan: Batch, stage: Stage): readonly Item[] {
  const { ticked, leftOut } = timelineOf(cook);
  const into = handlingAt(plan, stage.step).into.filter(({ back }) => !back);
  if (!into.some(({ item }) => ticked.has(item.id))) return [];
  return into.flatMap(({ item }) => (ticked.has(item.id) || leftOut.has(item.id) ? [] : [item]));
}

/** In a pan garlic goes last: it burns first. */
function inOrder(into: readonly Into[], stage: Stage): readonly Into[] {
  if (stage.stepKind !== 'saute') return into;
  const isGarlic = ({ item }: Into): boolean => foodOf(item)?.key === 'garlic';
  return [...into.filter((i) => !isGarlic(i)), ...into.filter(isGarlic)];
}

function Tick({
  ticked,
  onTick,
  children,
}: {
  readonly ticked: boolean;
  readonly onTick: (ticked: boolean) => void;
  readonly children: ReactNode;
}) {
  return (
    <label className="flex min-h-11 items-center gap-3 border-b border-hairline text-lead">
      <input
        type="checkbox"
        className="size-6 shrink-0 accent-leaf"
        checked={ticked}
        onChange={(event) => onTick(event.target.checked)}
      />
      <span className={ticked ? 'text-quiet line-through' : ''}>{children}</span>
    </label>
  );
}

/** Foods that go in, ticked with a thumb; foods that come out or stay apart. */
export function TickList({
  cook,
  plan,
  stage,
  units,
  onTick,
}: {
  readonly cook: Cook;
  readonly plan: Batch;
  readonly stage: Stage;
  readonly units: Units;
  readonly onTick: (item: string, ticked: boolean) => void;
}) {
  if (stage.kind !== 'load' && stage.kind !== 'do') return null;
  const { into, out } = handlingAt(plan, stage.step);
  const first = stepsOf(plan)[0]?.id === stage.step;
  const apart = first ? keptApart(plan) : [];
  const now = new Set(into.map(({ item }) => item));
  const late = first ? plan.items.filter((item) => !item.apart && !now.has(item)) : [];
  if (into.length + out.length + apart.length === 0 && stage.stepKind !== 'saute') return null;
  const { ticked } = timelineOf(cook);
  const step = stepsOf(plan).find(({ id }) => id === stage.step);
  const browning = step?.kind === 'saute' ? step : null;
  const sides = browning && sideWords(browning, stage.expectMin);
  const aside = [
    ...(sides ? [sides] : []),
    ...late.map((item) => `later: ${countedItem(item, units)}`),
    ...apart.map((item) => `apart, not in here: ${countedItem(item, units)}`),
  ];
  return (
    <section aria-label="Hands" className="mt-5 max-w-2xl">
      {into.length + out.length > 0 && (
        <ul className="grid gap-x-6 sm:grid-cols-2">
          {out.map((one) => (
            <li key={tickOut(one, stage.step)}>
              <Tick
                ticked={ticked.has(tickOut(one, stage.step))}
                onTick={(on) => onTick(tickOut(one, stage.step), on)}
              >
                {one.aside ? 'Out, onto a plate: ' : 'Out: '}
                {one.item.bag ? 'the bag of ' : ''}
                <Said>{countedItem(one.item, units)}</Said>
              </Tick>
            </li>
          ))}
          {inOrder(into, stage).map((one) => (
            <li key={one.item.id}>
              <Tick
                ticked={ticked.has(tickIn(one, stage.step))}
                onTick={(on) => onTick(tickIn(one, stage.step), on)}
              >
                {one.back ? 'Back in: ' : ''}
                <Said>{countedItem(one.item, units)}</Said>
                <span className="ml-2 text-small text-quiet">
                  {allDone(one.done, units) || (one.back ? '' : cutWords(one.item, units))}
                </span>
              </Tick>
            </li>
          ))}
        </ul>
      )}
      {stage.stepKind === 'saute' && (
        <Tick ticked={ticked.has(SCRAPED)} onTick={(on) => onTick(SCRAPED, on)}>
          {browning?.deglazeMl === undefined
            ? 'Deglazed, and the bottom scraped clean'
            : `First ${formatAmount({ value: browning.deglazeMl, unit: 'ml' }, units)} of the liquid, and the bottom scraped clean with it; the rest after`}
        </Tick>
      )}
      {aside.length > 0 && (
        <ul className="mt-2 text-body text-quiet">
          {aside.map((line) => (
            <li key={line}>{line}</li>
          ))}
        </ul>
      )}
    </section>
  );
}
