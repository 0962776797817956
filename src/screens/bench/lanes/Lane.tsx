import { Said } from '@/ui/said';
import type { Chances } from '@/core/assess';
import type { ItemReport } from '@/core/model';
import type { Batch, Item, Kitchen } from '@/core/batch/schema';
import { amountWords } from '@/core/batch/plan';
import { formatLength } from '@/core/quantity';
import { asWished, LaneBar, laneWords, outcomeWords } from '@/drawings/lanes';
import { AXIS_LEFT, AXIS_RIGHT, type ClockText } from '@/drawings/time';
import type { Door } from './doors';
import { LaneEntry } from './LaneEntry';
import { QuickEdit } from './QuickEdit';
import { WishBracket } from './WishBracket';

const VERDICT: Readonly<Record<ItemReport['verdict'], string>> = {
  under: 'text-[#7a5c12] font-semibold',
  over: 'text-rust font-semibold',
  right: 'text-leaf',
};

/** One ingredient from entry to exit: its grades, what is wanted of it, what it comes to. */
export function Lane({
  item,
  batch,
  kitchen,
  endMin,
  chances,
  doors,
  clock,
  onEdit,
  onDoor,
  onQuick,
}: {
  readonly item: ItemReport;
  readonly batch: Batch;
  readonly kitchen: Kitchen;
  readonly endMin: number;
  readonly chances: Chances | undefined;
  readonly doors: readonly Door[];
  readonly clock: ClockText;
  // The ids go along, so that the same functions serve every lane and a lane that has not changed
  // is not drawn again while a hand moves.
  readonly onEdit: (id: string) => void;
  readonly onDoor: (id: string, door: Door) => void;
  readonly onQuick: (id: string, change: Partial<Omit<Item, 'id'>>) => void;
}) {
  const source = batch.items.find((i) => i.id === item.id);
  if (!source) return null;
  const { cut, startC } = source;
  const details = [
    amountWords(source, kitchen.units),
    cut ? formatLength(cut.mm, kitchen.units) : '',
    startC !== undefined && startC < 0 ? 'frozen' : '',
  ].filter(Boolean);
  return (
    <li className="relative rounded-lg hover:bg-copper/5" data-testid={`lane-${item.food}`}>
      <button
        type="button"
        onClick={() => onEdit(item.id)}
        aria-label={`Change ${item.name}`}
        aria-describedby={`when-${item.id}`}
        className="absolute inset-0 w-full rounded-lg"
      />
      <span id={`when-${item.id}`} className="sr-only">
        {laneWords(item, endMin, clock)}
      </span>
      <div
        className="pointer-events-none relative pt-0.5 pb-1"
        style={{ paddingLeft: AXIS_LEFT, paddingRight: AXIS_RIGHT }}
      >
        <div className="flex items-baseline justify-between gap-3 text-small">
          <span className="min-w-0 truncate">
            <span className="inline-block font-semibold first-letter:uppercase">
              <Said>{item.name}</Said>
            </span>
            <span className="text-quiet">, </span>
            <QuickEdit
              item={item}
              source={source}
              kitchen={kitchen}
              words={details.join(', ')}
              onQuick={onQuick}
            />
          </span>
          <span className={`shrink-0 text-fine ${VERDICT[item.verdict]}`}>
            {outcomeWords(item, chances)}
          </span>
        </div>
        <div className="relative mt-0.5 h-4 rounded-full bg-[#f3eee2]">
          {item.fishOut && !item.apart && (
            <span
              title="remove it here"
              className="absolute top-0.5 z-10 -translate-x-full text-body leading-4 text-ink"
              style={{ left: `${Math.min(1, item.leaveMin / endMin) * 100}%` }}
              aria-hidden
            >
              ↥
            </span>
          )}
          <LaneBar item={item} endMin={endMin} clock={clock} />
        </div>
      </div>
      <div
        className="pointer-events-none absolute bottom-1 h-4"
        style={{ left: AXIS_LEFT, right: AXIS_RIGHT }}
      >
        <div className="contents [&_[role=slider]]:pointer-events-auto">
          <WishBracket
            item={asWished(item, source)}
            endMin={endMin}
            onWish={(wish) => onQuick(item.id, { wish })}
          />
          <LaneEntry item={item} source={source} doors={doors} endMin={endMin} onDoor={onDoor} />
        </div>
      </div>
    </li>
  );
}
