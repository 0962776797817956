'use client';

import Link from 'next/link';
import { useState } from 'react';
import type { Batch, Cook } from '@/core/batch/schema';
import { drillsFor, MISHAP, type Drill, type Mishap } from '@/core/live';
import { Button } from '@/ui/Button';
import { Sheet } from '@/ui/Sheet';
import type { Chosen } from '../plan';
import { Said } from '@/ui/said';

const SEEDS = 2 ** 32;
/** By chance nothing goes wrong this often, else one thing, seldom two. */
const NOTHING = 0.25;
const TWO = 0.2;

const mishapsFor = (batch: Batch): readonly Mishap[] =>
  (Object.keys(MISHAP) as Mishap[]).filter((mishap) => MISHAP[mishap].mayBefall(batch));

function byChance(batch: Batch): Chosen {
  const may = mishapsFor(batch);
  const pick = (): Mishap | undefined => may[Math.floor(Math.random() * may.length)];
  const chance = Math.random();
  const many = chance < NOTHING ? 0 : chance < 1 - TWO ? 1 : 2;
  const picked = Array.from({ length: many }, pick).filter((m) => m !== undefined);
  return { seed: Math.floor(Math.random() * SEEDS), mishaps: [...new Set(picked)] };
}

/** An hour in a minute: a batch on the practice pot, with what may go wrong. */
export function RehearseSheet({
  batch,
  before,
  onGo,
  onClose,
}: {
  readonly batch: Batch;
  /** Rehearsals of it that are over. */
  readonly before: readonly Cook[];
  readonly onGo: (chosen: Chosen) => void;
  readonly onClose: () => void;
}) {
  const [deck, setDeck] = useState<ReadonlySet<Mishap>>(new Set());
  const drill = ({ name, seed, mishaps, power }: Drill): void =>
    onGo({ seed, mishaps, drill: name, ...(power !== undefined && { power }) });
  return (
    <Sheet
      open
      onClose={onClose}
      title="Practice run"
      foot={
        <>
          <Button look="quiet" onClick={onClose}>
            Cancel
          </Button>
          {deck.size > 0 && (
            <Button
              onClick={() => onGo({ seed: Math.floor(Math.random() * SEEDS), mishaps: [...deck] })}
            >
              With what I ticked
            </Button>
          )}
          <Button look="copper" onClick={() => onGo(byChance(batch))}>
            Surprise me
          </Button>
        </>
      }
    >
      <p>
        The practice pot runs an hour in a minute, and things may go wrong. You see only what you
        would see in your kitchen; afterwards you see what really happened. Nothing goes into the
        log.
      </p>
      <section aria-label="Drills">
        <h3 className="text-small font-semibold">Pick an evening</h3>
        <ul className="mt-1 grid gap-2 sm:grid-cols-2">
          {drillsFor(batch).map((one) => (
            <li key={one.name}>
              <button
                type="button"
                className="min-h-14 w-full rounded-lg border border-hairline px-3 py-2 text-left hover:border-copper"
                onClick={() => drill(one)}
              >
                <b className="font-semibold">
                  <Said>{one.name}</Said>
                </b>
                <span className="block text-fine text-quiet">
                  <Said>{one.scene}</Said>
                </span>
              </button>
            </li>
          ))}
        </ul>
      </section>
      <details>
        <summary className="min-h-11 cursor-pointer py-2 text-small font-semibold">
          Or choose what goes wrong
        </summary>
        <ul className="grid gap-x-4 sm:grid-cols-2">
          {mishapsFor(batch).map((mishap) => (
            <li key={mishap}>
              <label className="flex min-h-11 items-center gap-3 text-small">
                <input
                  type="checkbox"
                  className="size-5 shrink-0 accent-copper"
                  checked={deck.has(mishap)}
                  onChange={(event) => {
                    const next = new Set(deck);
                    if (event.target.checked) next.add(mishap);
                    else next.delete(mishap);
                    setDeck(next);
                  }}
                />
                <Said>{MISHAP[mishap].told}</Said>
              </label>
            </li>
          ))}
        </ul>
      </details>
      {before.length > 0 && (
        <section aria-label="Earlier practice runs">
          <h3 className="text-small font-semibold">Earlier practice runs</h3>
          <ul>
            {before.map((cook) => (
              <li key={cook.id}>
                <Link
                  href={`/stove/${cook.id}`}
                  className="inline-flex min-h-11 items-center underline underline-offset-4"
                >
                  {cook.rehearsal?.drill ?? 'A surprise'}, {cook.startedAt.slice(0, 10)}
                </Link>
              </li>
            ))}
          </ul>
        </section>
      )}
    </Sheet>
  );
}
