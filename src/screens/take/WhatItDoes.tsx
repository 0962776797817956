import type { Units } from '@/core/quantity';
import { bothNames, changedFields, changeName, type Change } from '@/formats';

/** How what came by a link is taken in: beside what is here, or in its place. */
export type Way = 'beside' | 'replace';

const WAYS: readonly (readonly [Way, string, string])[] = [
  ['beside', 'Keep yours', 'What differs comes in beside it, under a name of its own.'],
  ['replace', 'Replace yours', 'The link’s version takes its place. A backup is kept.'],
];

/** A record that both have, as each has it. */
function apart(change: Change, units: Units): string {
  const { here, there } = bothNames(change, units);
  return `Your ${change.what} ${here}${here === there ? ', which differs' : `; in the link ${there}`}`;
}

/** Says what taking it in would do, and asks where something of yours would be replaced. */
export function WhatItDoes({
  changes,
  way,
  onWay,
  units,
}: {
  readonly changes: readonly Change[];
  readonly way: Way;
  readonly onWay: (way: Way) => void;
  readonly units: Units;
}) {
  const added = changes.filter(({ how }) => how === 'added');
  const changed = changes.filter(({ how }) => how === 'changed');
  const replaces = way === 'replace';
  if (changes.length === 0)
    return <p className="text-small">You already have everything in this link.</p>;
  return (
    <div className="space-y-3">
      {added.length > 0 && (
        <p className="text-small">
          Added: {added.map((c) => `${c.what} ${changeName(c, units)}`).join('; ')}.
        </p>
      )}
      {changed.length > 0 && (
        <fieldset className="panel space-y-2 p-4">
          <legend className="float-left mb-2 w-full font-semibold">
            You already have this; the link’s version differs
          </legend>
          <ul className="clear-both text-body" aria-label="What differs">
            {changed.map((c, i) => (
              <li key={i}>
                {replaces ? `Your ${c.what} ${changeName(c, units)}` : apart(c, units)}
                <span className="block text-small text-quiet">
                  {changedFields(c, units, replaces ? ' becomes ' : ', in the link ').join('; ')}
                </span>
              </li>
            ))}
          </ul>
          {WAYS.map(([value, name, what]) => (
            <label key={value} className="flex min-h-11 items-baseline gap-2">
              <input
                type="radio"
                name="way"
                className="accent-cobalt"
                checked={way === value}
                onChange={() => onWay(value)}
              />
              <span>
                {name} <span className="text-small text-quiet">{what}</span>
              </span>
            </label>
          ))}
        </fieldset>
      )}
    </div>
  );
}
