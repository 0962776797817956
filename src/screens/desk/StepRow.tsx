import { stepWords, usualMinutes } from '@/core/batch/plan';
import { type Pot, type Step, LIMITS } from '@/core/batch/schema';
import {
  releaseBy,
  releaseOf,
  releasesFor,
  stepOf,
  waitOf,
  type Release,
  type ReleaseMethod,
} from '@/core/vocabulary';
import { NumberInput } from '@/ui/forms/NumberInput';

/** A wait before the valve where none was read, min. */
const USUAL_WAIT_MIN = 10;

/** A release by another method, with the wait that was read. */
function released(method: ReleaseMethod, before: Release | undefined): Release {
  const wait = waitOf(before);
  return releaseBy(method, before, method === 'timed' ? wait || USUAL_WAIT_MIN : wait);
}

/** A step as it will be planned: its minutes and its release, guessed or read, to be put right in place. */
export function StepRow({
  step,
  pot,
  isPointed,
  onPoint,
  onMinutes,
  onRelease,
  onLeaveOut,
}: {
  readonly step: Step;
  readonly pot: Pot | undefined;
  readonly isPointed: boolean;
  readonly onPoint: () => void;
  readonly onMinutes: (minutes: number) => void;
  readonly onRelease: (release: Release) => void;
  readonly onLeaveOut: () => void;
}) {
  const read = step.kind === 'pressure' ? step.holdMin : step.minutes;
  const minutes = read ?? (step.kind === 'pressure' ? 0 : usualMinutes(step.kind));
  const name = stepOf(step.kind).short;
  return (
    <li
      className={`flex flex-wrap items-center gap-x-3 gap-y-1 rounded-lg px-2 py-1.5 ${isPointed ? 'bg-straw/35' : ''}`}
    >
      <NumberInput
        aria-label={`${name}, minutes`}
        className={`field w-20 ${read === undefined ? '!border-[#b08a2c]' : ''}`}
        value={minutes}
        least={0}
        most={(step.kind === 'pressure' ? LIMITS.hold : LIMITS.step).max}
        onNumber={onMinutes}
      />
      <span className="min-w-24 flex-1" onClick={onPoint}>
        {stepWords(step)}
      </span>
      {step.kind === 'pressure' && (
        <select
          aria-label={`${name} ${step.holdMin} min, release`}
          className="min-h-9 max-w-full rounded-lg border border-hairline bg-panel px-2 text-fine max-sm:order-last"
          value={step.release?.method ?? 'natural'}
          onChange={(event) =>
            onRelease(released(event.target.value as ReleaseMethod, step.release))
          }
        >
          {releasesFor(pot?.kind ?? 'stovetop').map((method) => (
            <option key={method} value={method}>
              {releaseOf(method).chosen}
            </option>
          ))}
        </select>
      )}
      <button
        type="button"
        className="min-h-9 px-1 text-fine text-quiet underline"
        aria-label={`Leave out ${stepWords(step)}`}
        onClick={onLeaveOut}
      >
        leave out
      </button>
    </li>
  );
}
