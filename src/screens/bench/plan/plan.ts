/** The open plan, for the parts of the Bench: what they select of it, and what they do to it. */
import { nanoid } from 'nanoid';
import { useRouter } from 'next/navigation';
import { createContext, useContext, useEffect, useMemo, useState } from 'react';
import { useStore } from 'zustand';
import type { Finding } from '@/core/assess';
import { addTask, putIn, timedBy, type NewItem, type NewTask } from '@/core/batch/plan';
import type { Batch, Cook, Step } from '@/core/batch/schema';
import type { OverTheClock } from '@/drawings/plot';
import { isoOf } from '@/session/clock';
import { clockText } from '@/session/clockText';
import { planSession, type PlanPlace, type PlanSession, type PlanState } from '@/session/plan';
import { useClock } from '@/ui/clock';
import { deleteBatch, saveBatch } from '@/ui/household';
import type { Known } from '@/core/learn';
import { PLAN_WORK } from './planWork';
import type { Chosen } from './onStove';

export const PlanContext = createContext<PlanSession | null>(null);

/** @throws where no plan is open */
export function useSession(): PlanSession {
  const session = useContext(PlanContext);
  if (!session) throw new Error('no plan is open');
  return session;
}

/** Selects what a part needs of the open plan; the part is drawn again when that changes. */
export function usePlan<T>(select: (plan: PlanState) => T): T {
  return useStore(useSession().store, select);
}

const NONE: readonly Finding[] = [];

/** Selects the calls of the plan: by chance once it is drawn, before that as given. */
export function findingsOf({ judged, calls, assessment }: PlanState): readonly Finding[] {
  return judged?.findings ?? calls ?? assessment?.findings ?? NONE;
}

/** A session over a batch for as long as the batch is open, which follows the household. */
export function useOpenedPlan(batch: Batch, { pots, kitchen }: Known): PlanSession {
  const place: PlanPlace = { batch, pots, kitchen };
  const [session] = useState(() => planSession(place, PLAN_WORK, saveBatch));
  useEffect(() => session.start(), [session]);
  useEffect(() => session.refresh({ batch, pots, kitchen }), [session, batch, pots, kitchen]);
  return session;
}

/** The clock of what is at rest or of what the hand has: its text, and when it is on the table. */
export function useOverTheClock(which: 'assessment' | 'settled'): OverTheClock {
  const kitchen = usePlan((p) => p.kitchen);
  const serveAt = usePlan((p) => p.shown.serveAt);
  const total = usePlan((p) => p[which]?.time.totalMin ?? 0);
  return useMemo(
    () => ({
      kitchen,
      clock: clockText(serveAt, total),
      servedMin: serveAt === undefined ? null : total,
    }),
    [kitchen, serveAt, total],
  );
}

/** Actions of the Bench on the open batch. */
export function usePlanActions() {
  const session = useSession();
  const router = useRouter();
  const wall = useClock();
  return useMemo(() => {
    const plan = (): PlanState => session.store.getState();
    const save = (batch: Batch): void => session.inHand(batch, true);
    const copyOf = (batch: Batch): Batch => ({ ...batch, id: nanoid(10) });
    return {
      save,
      putIn: (
        items: readonly NewItem[],
        tasks: readonly NewTask[],
        steps: readonly Step[],
      ): void => {
        const { batch, kitchen } = plan();
        const timed = steps.length > 0 ? timedBy(batch, steps) : batch;
        saveBatch(tasks.reduce(addTask, putIn(timed, items, kitchen.habits)), { put: items });
      },
      /** The first batch takes this one's place; a second, of a batch split in two, is new. */
      takeAll: ([first, second]: readonly Batch[]): void => {
        if (first) saveBatch(first, { second: second && copyOf(second) });
      },
      copy: (): void => {
        const { batch } = plan();
        const copy = copyOf({ ...batch, name: `${batch.name}, again` });
        saveBatch(copy);
        router.push(`/bench/${copy.id}`);
      },
      remove: (): void => {
        deleteBatch(plan().batch.id);
        router.push('/');
      },
      saveRecipe: (): void => {
        const { batch, pot, assessment, kitchen } = plan();
        if (!assessment) return;
        void import('./recipeFile').then((file) =>
          file.saveRecipe(batch, pot, assessment, kitchen.units),
        );
      },
      /** @param despite stops of the plan that the cook walks past */
      toStove: (despite: NonNullable<Cook['despite']> = []): void => {
        const { batch, pot, kitchen, assessment, draws, stale } = plan();
        if (!assessment || stale) return;
        const at = isoOf(wall);
        const start = { id: nanoid(10), batch, pot, kitchen, assessment, draws, at, despite };
        void import('./onStove').then(({ takeToStove }) => router.push(takeToStove(start)));
      },
      rehearse: (chosen: Chosen): void => {
        const { batch, pot, kitchen, assessment, draws } = plan();
        if (!assessment) return;
        const start = { id: nanoid(10), batch, pot, kitchen, assessment, draws, at: isoOf(wall) };
        void import('./onStove').then(({ rehearse }) => router.push(rehearse(start, chosen)));
      },
    };
  }, [session, router, wall]);
}

export type PlanActions = ReturnType<typeof usePlanActions>;
