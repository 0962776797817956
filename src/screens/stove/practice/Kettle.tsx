import { useRouter } from 'next/navigation';
import { waterL } from '@/core/batch/plan';
import type { Cook } from '@/core/batch/schema';
import { formatVolume, type Units } from '@/core/quantity';
import { kettleTold } from '@/core/timetable';
import { isoOf } from '@/session/clock';
import { Button } from '@/ui/Button';
import { useClock } from '@/ui/clock';
import { saveCook } from '@/ui/household';
import { ended } from '@/core/cook';

/** Moves of a kettle test; it may end as soon as pressure is marked. */
export function Kettle({
  cook,
  units,
  over,
}: {
  readonly cook: Cook;
  readonly units: Units;
  /** Nothing is left to mark. */
  readonly over: boolean;
}) {
  const clock = useClock();
  const router = useRouter();
  const end = (): void => {
    saveCook(ended(cook, isoOf(clock)));
    router.push(`/log/${cook.id}`);
  };
  return (
    <section aria-label="Kettle test" className="panel my-3 max-w-2xl px-5 py-4">
      {over ? (
        <p className="text-body">
          That is all it needs. Its page shows in a moment what Retort learned.
        </p>
      ) : (
        <ol className="list-decimal space-y-1 pl-5 text-body">
          <li>
            Measure {formatVolume(waterL(cook.batch), units)} of water as you always measure it,
            straight from the cold tap. Nothing else goes in.
          </li>
          <li>Lid on, as your pot’s manual says, full heat, and press “lid locked” at once.</li>
          <li>
            Press each mark as it happens: the pin, pressure, and the pin coming down by itself.
          </li>
        </ol>
      )}
      {(over || kettleTold(cook)) && (
        <>
          <Button look="copper" size="large" className="mt-3" onClick={end}>
            {over ? 'See what it taught' : 'Enough: end the test here'}
          </Button>
          {!over && (
            <p className="mt-1 text-small text-quiet">
              It is under pressure still: heat off, and open it only once the pin is down. Mark it
              to the end, and it also shows how fast the pot cools.
            </p>
          )}
        </>
      )}
    </section>
  );
}
