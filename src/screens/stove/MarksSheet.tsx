'use client';

import type { Cook, Mark } from '@/core/batch/schema';
import type { Units } from '@/core/quantity';
import { timeOf } from '@/session/clockText';
import { Button } from '@/ui/Button';
import { Sheet } from '@/ui/Sheet';
import { listedMarks, markWords, takeBack } from '@/core/cook';
import { OpenLog } from './practice/OpenLog';

const MINUTE_MS = 60_000;

/** Every mark, to take back or to put right: "that was 3 min ago". */
export function MarksSheet({
  cook,
  units,
  onClose,
  onMarks,
  onCook,
}: {
  readonly cook: Cook;
  readonly units: Units;
  readonly onClose: () => void;
  readonly onMarks: (marks: readonly Mark[]) => void;
  readonly onCook: (cook: Cook) => void;
}) {
  const moved = (mark: Mark, minutes: number): void => {
    const earliest = Date.parse(cook.startedAt);
    const at = Math.max(earliest, Date.parse(mark.at) + minutes * MINUTE_MS);
    onMarks(
      cook.marks.map((m) => (m.id === mark.id ? { ...m, at: new Date(at).toISOString() } : m)),
    );
  };
  const own = listedMarks(cook.marks);
  return (
    <Sheet open onClose={onClose} title="Marks">
      {own.length === 0 && <p>Nothing is marked yet.</p>}
      <ul>
        {own.map((mark) => {
          const words = markWords(mark, cook.batch, units);
          return (
            <li
              key={mark.id}
              className="flex flex-wrap items-center gap-2 border-b border-hairline py-2"
            >
              <span className="figure min-w-14 whitespace-nowrap text-lg">
                {timeOf(new Date(mark.at))}
              </span>
              <span className="flex-1 basis-40">
                {words}
                {mark.heard && <span className="ml-2 text-quiet">the pot</span>}
              </span>
              {!mark.heard && (
                <span className="flex gap-1">
                  <Button onClick={() => moved(mark, -1)} aria-label={`${words}: a minute earlier`}>
                    −1 min
                  </Button>
                  <Button onClick={() => moved(mark, 1)} aria-label={`${words}: a minute later`}>
                    +1 min
                  </Button>
                  <Button
                    look="quiet"
                    aria-label={`Undo: ${words}`}
                    onClick={() => onMarks(takeBack(cook.marks, mark.id))}
                  >
                    Take back
                  </Button>
                </span>
              )}
            </li>
          );
        })}
      </ul>
      {!cook.standIn && <OpenLog cook={cook} onCook={onCook} />}
    </Sheet>
  );
}
