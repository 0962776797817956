/** Prediction of a cooling under way, computed off this thread. */
import { useMemo } from 'react';
import type { Followed } from '@/core/keep';
import { useHousehold, type CoolingCook } from '@/ui/household';
import { atHand, surroundingsOf } from '@/ui/larder';
import { useNewest, type Newest } from '@/ui/useNewest';
import { ask } from '@/workers';

type Asked = readonly [
  kept: CoolingCook['after']['cooling'],
  pot: CoolingCook['pot'],
  hand: ReturnType<typeof atHand>,
  surroundings: ReturnType<typeof surroundingsOf>,
];

const followed = (asked: Asked, signal: AbortSignal): Promise<Followed> =>
  ask('followCooling', asked, { signal });

export function useFollowed({ after: { cooling }, pot }: CoolingCook): Newest<Asked, Followed> {
  const { kitchen } = useHousehold();
  const asked = useMemo<Asked>(
    () => [cooling, pot, atHand(kitchen), surroundingsOf(kitchen)],
    [cooling, pot, kitchen],
  );
  return useNewest(asked, followed);
}
