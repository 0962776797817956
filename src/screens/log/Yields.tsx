import { setName } from '@/core/vocabulary';
import { Radio, RadioGroup } from '@headlessui/react';
import { SETS, type Cook, type SetState } from '@/core/batch/schema';
import { formatLevel, formatStrength, type Units } from '@/core/quantity';
import { withYield, yieldOf } from '@/core/timetable';
import { saveCook } from '@/ui/household';
import { Wobble } from '@/ui/Wobble';
import { YieldEntry } from '@/ui/YieldEntry';

/** Each run of the bones: what was predicted, what it gave, and how it set in the cold. */
export function Yields({ cook, units }: { readonly cook: Cook; readonly units: Units }) {
  const runOffs = cook.predicted.runOffs ?? [];
  if (runOffs.length === 0) return null;
  return (
    <section className="mt-7">
      <h2 className="text-lg font-semibold">The broths</h2>
      <ul className="mt-2 divide-y divide-hairline border-y border-hairline">
        {runOffs.map((predicted) => (
          <li key={predicted.run} className="grid gap-x-6 gap-y-2 py-3 sm:grid-cols-[200px_1fr]">
            <YieldEntry cook={cook} predicted={predicted} units={units} />
            <div>
              <p className="text-small font-medium">
                Broth {predicted.run}, after a night in the cold
              </p>
              <p className="text-fine text-quiet">
                predicted {formatStrength(predicted.gPerL, units)} in{' '}
                {formatLevel(predicted.litres, units)}: {setName(predicted.set)}
              </p>
              <RadioGroup
                value={yieldOf(cook, predicted.run).set ?? null}
                onChange={(set: SetState | null) => {
                  // Another set is another question.
                  if (set) saveCook(withYield(cook, predicted.run, { set, right: undefined }));
                }}
                aria-label={`How broth ${predicted.run} set`}
                className="mt-1 grid grid-cols-4 overflow-hidden rounded-xl border border-ink/50 max-sm:grid-cols-2"
              >
                {SETS.map((set) => (
                  <Radio
                    key={set}
                    value={set}
                    className="flex min-h-11 cursor-pointer flex-col items-center justify-center px-1 py-1 text-fine data-checked:bg-leaf/25 data-checked:font-semibold"
                  >
                    <Wobble set={set} className="h-6" />
                    {setName(set)}
                  </Radio>
                ))}
              </RadioGroup>
              {yieldOf(cook, predicted.run).set && (
                <label className="mt-1 flex min-h-11 items-center gap-2 text-small">
                  <input
                    type="checkbox"
                    className="size-5 accent-copper"
                    checked={yieldOf(cook, predicted.run).right ?? false}
                    onChange={(event) =>
                      saveCook(
                        withYield(cook, predicted.run, {
                          right: event.target.checked || undefined,
                        }),
                      )
                    }
                  />
                  <span>
                    Just as I want it: plan broths like this
                    <span className="sr-only"> (broth {predicted.run})</span>
                  </span>
                </label>
              )}
            </div>
          </li>
        ))}
      </ul>
    </section>
  );
}
