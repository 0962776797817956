'use client';

import { useRouter } from 'next/navigation';
import { ended, stoodOf } from '@/core/cook';
import type { Cook } from '@/core/batch/schema';
import { COLD_C, COOL_C, HOT_C, ruleWords } from '@/core/guard';
import { formatTemperature, type Units } from '@/core/quantity';
import { isoOf } from '@/session/clock';
import { Alarm } from '@/ui/Alarm';
import { Button } from '@/ui/Button';
import { useClock } from '@/ui/clock';
import { saveCook } from '@/ui/household';

/** Throws the pot out: the cook is over, and nothing of it can be kept. */
export function ThrowOut({
  cook,
  words,
  main = false,
}: {
  readonly cook: Cook;
  readonly words: string;
  readonly main?: boolean;
}) {
  const clock = useClock();
  const router = useRouter();
  return (
    <Button
      look={main ? 'copper' : 'outline'}
      size="large"
      onClick={() => {
        const at = isoOf(clock);
        saveCook(ended({ ...cook, after: { ...cook.after, thrownAt: at } }, at));
        router.push(`/log/${cook.id}`);
      }}
    >
      {words}
    </Button>
  );
}

/** Says why what is in the pot is lost: nothing goes on from here but throwing it out. */
export function Lost({
  cook,
  units,
  now,
}: {
  readonly cook: Cook;
  readonly units: Units;
  readonly now: number;
}) {
  const { why } = stoodOf(cook, now);
  const degrees = (celsius: number): string => formatTemperature(celsius, units);
  return (
    <Alarm title="Throw it out">
      <p>
        {why === 'raw'
          ? `It stood for more than 2 h between ${degrees(COLD_C)} and ${degrees(HOT_C)} before it was hot.`
          : why === 'in-all'
            ? `It was not at ${degrees(COLD_C)} 6 h after it fell below ${degrees(HOT_C)}.`
            : `It stood for more than 2 h between ${degrees(HOT_C)} and ${degrees(COOL_C)}.`}{' '}
        Bacteria have grown, and some leave toxins that boiling does not undo.
      </p>
      <p className="text-small text-quiet">{ruleWords('toxin')}</p>
      <ThrowOut cook={cook} words="Thrown out" main />
    </Alarm>
  );
}
