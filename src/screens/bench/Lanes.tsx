import { useDrag } from '@use-gesture/react';
import { useRef, useState } from 'react';
import type { Assessment, Chances, Draws, ItemReport } from '@/core/assess';
import type { Batch, Item, Kitchen } from '@/core/batch';
import { formatAmount, formatLength } from '@/core/quantity';
import { stepNames } from '@/ui/stepNames';
import { doorOf, doorsOf, nearestDoor, type Door } from './doors';
import { QuickEdit } from './QuickEdit';
import { laneSpans, verdictWords, type SpanKind } from './laneSpans';
import { AXIS_LEFT, AXIS_RIGHT } from './axis';

const SPAN: Readonly<Record<SpanKind, string>> = {
  straw: 'bg-straw',
  leaf: 'bg-leaf',
  rust: 'bg-rust hatched',
  plain: 'bg-steam/60',
};

const TICK: Readonly<Record<SpanKind, string>> = {
  straw: 'not yet: the centre has not had enough',
  leaf: 'in its window',
  rust: 'past it: the surface has had too much',
  plain: 'in the pot',
};

const VERDICT: Readonly<Record<string, string>> = {
  under: 'text-[#7a5c12] font-semibold',
  over: 'text-rust font-semibold',
  right: 'text-quiet',
};

/** Where an ingredient goes in: dragged along the lane, or moved from door to door by key. */
function Entry({
  item,
  source,
  doors,
  totalMin,
  onDoor,
}: {
  readonly item: ItemReport;
  readonly source: Item;
  readonly doors: readonly Door[];
  readonly totalMin: number;
  readonly onDoor: (id: string, door: Door) => void;
}) {
  const mark = useRef<HTMLDivElement>(null);
  const [over, setOver] = useState<number | null>(null);
  const now = doorOf(source, doors);
  const at = doors[over ?? now];
  const bind = useDrag(
    ({ movement: [dx], last, tap, memo }) => {
      const perPx =
        (memo as number | undefined) ??
        totalMin / Math.max(1, mark.current?.parentElement?.clientWidth ?? 1);
      if (tap) return perPx;
      const to = nearestDoor(doors, (doors[now]?.minute ?? 0) + dx * perPx);
      setOver(last ? null : to);
      const door = doors[to];
      if (last && door && to !== now) onDoor(item.id, door);
      return perPx;
    },
    { filterTaps: true, axis: 'x', pointer: { keys: false } },
  );
  const onKey = (event: React.KeyboardEvent): void => {
    const by = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 }[event.key];
    const door = by === undefined ? undefined : doors[now + by];
    if (by !== undefined) event.preventDefault();
    if (door) onDoor(item.id, door);
  };
  const share = item.apart && over === null ? 1 : Math.min(1.02, (at?.minute ?? 0) / totalMin);
  return (
    <div
      {...bind()}
      ref={mark}
      role="slider"
      tabIndex={0}
      aria-label={`${item.name} goes in`}
      aria-valuemin={0}
      aria-valuemax={doors.length - 1}
      aria-valuenow={now}
      aria-valuetext={doors[now]?.name ?? ''}
      onKeyDown={onKey}
      data-testid={`entry-${item.food}`}
      style={{ left: `${share * 100}%` }}
      className="absolute top-1/2 z-10 grid h-9 w-8 -translate-x-1/2 -translate-y-1/2 cursor-ew-resize touch-pan-y place-items-center max-lg:size-11"
    >
      <span className="size-4 rounded-full border-2 border-panel bg-copper shadow-sm" />
      {over !== null && (
        <span className="absolute bottom-7 z-20 whitespace-nowrap rounded-md bg-cobalt px-2 py-0.5 text-[12px] text-white">
          {at?.name}
        </span>
      )}
    </div>
  );
}

function Lane({
  item,
  batch,
  kitchen,
  totalMin,
  chances,
  doors,
  onEdit,
  onDoor,
  onQuick,
}: {
  readonly item: ItemReport;
  // The ids go along, so that the same functions serve every lane and a lane that has not changed
  // is not drawn again while a hand moves.
  readonly onQuick: (id: string, change: Partial<Omit<Item, 'id'>>) => void;
  readonly doors: readonly Door[];
  readonly onDoor: (id: string, door: Door) => void;
  readonly chances: Chances | undefined;
  readonly batch: Batch;
  readonly kitchen: Kitchen;
  readonly totalMin: number;
  readonly onEdit: (id: string) => void;
}) {
  const source = batch.items.find((i) => i.id === item.id);
  if (!source) return null;
  const { cut, startC } = source;
  const words = verdictWords(item, chances);
  const details = [
    formatAmount(source.amount),
    cut ? formatLength(cut.mm, kitchen.units) : '',
    startC !== undefined && startC < 0 ? 'frozen' : '',
  ].filter(Boolean);
  return (
    <li className="relative rounded-lg hover:bg-copper/5" data-testid={`lane-${item.food}`}>
      <button
        type="button"
        onClick={() => onEdit(item.id)}
        aria-label={`Change ${item.name}`}
        className="absolute inset-0 w-full rounded-lg"
      />
      <div
        className="pointer-events-none relative py-1"
        style={{ paddingLeft: AXIS_LEFT, paddingRight: AXIS_RIGHT }}
      >
        <div className="flex items-baseline justify-between gap-3 text-[14px]">
          <span className="min-w-0 truncate">
            <span className="inline-block font-semibold first-letter:uppercase">{item.name}</span>
            <span className="text-quiet">, </span>
            <QuickEdit
              name={item.name}
              pieceMm={item.piece?.mm ?? null}
              source={source}
              kitchen={kitchen}
              words={details.join(', ')}
              onQuick={onQuick}
            />
          </span>
          <span className={`shrink-0 text-[13px] ${VERDICT[item.verdict] ?? ''}`}>{words}</span>
        </div>
        <div className="relative mt-0.5 h-3 rounded-full bg-[#efeadd]">
          {item.fishOut && !item.apart && (
            <span
              title="fish it out here"
              className="absolute -top-1 z-10 -translate-x-full text-[15px] leading-4 text-ink"
              style={{ left: `${Math.min(1, item.leaveMin / totalMin) * 100}%` }}
              aria-hidden
            >
              ↥
            </span>
          )}
          {laneSpans(item, totalMin).map((span) => (
            <span
              key={span.kind}
              title={TICK[span.kind]}
              className={`absolute inset-y-0 first:rounded-l-full last:rounded-r-full ${SPAN[span.kind]} ${span.kind === 'leaf' ? 'border-x-2 border-ink/60' : ''}`}
              style={{ left: `${span.from * 100}%`, width: `${(span.to - span.from) * 100}%` }}
            />
          ))}
        </div>
      </div>
      <div
        className="pointer-events-none absolute bottom-1 h-3"
        style={{ left: AXIS_LEFT, right: AXIS_RIGHT }}
      >
        <div className="contents [&>*]:pointer-events-auto">
          <Entry item={item} source={source} doors={doors} totalMin={totalMin} onDoor={onDoor} />
        </div>
      </div>
    </li>
  );
}

/** One line an ingredient, from entry to exit, coloured by doneness; liquids below in words. */
export function Lanes({
  assessment,
  draws,
  batch,
  kitchen,
  cursorMin,
  onEdit,
  onDoor,
  onQuick,
}: {
  readonly assessment: Assessment;
  /** Moment shown, min; null for none. */
  readonly cursorMin: number | null;
  readonly draws: Draws | null;
  readonly batch: Batch;
  readonly kitchen: Kitchen;
  readonly onEdit: (id: string) => void;
  readonly onDoor: (id: string, door: Door) => void;
  readonly onQuick: (id: string, change: Partial<Omit<Item, 'id'>>) => void;
}) {
  const doors = doorsOf(batch, assessment);
  const names = stepNames(batch);
  const total = Math.max(1, assessment.time.totalMin);
  const lanes = assessment.items.filter((i) => i.piece !== null || i.fishOut);
  const rest = assessment.items.filter((i) => i.piece === null && !i.fishOut);
  return (
    <div className="relative">
      {cursorMin !== null && (
        <div
          aria-hidden
          className="pointer-events-none absolute inset-y-0 z-10"
          style={{ left: AXIS_LEFT, right: AXIS_RIGHT }}
        >
          <div
            className="absolute inset-y-0 w-0.5 -translate-x-1/2 bg-cobalt"
            style={{ left: `${(100 * cursorMin) / total}%` }}
          />
        </div>
      )}
      <ul aria-label="Ingredients" className="space-y-0.5">
        {lanes.map((item) => (
          <Lane
            key={item.id}
            item={item}
            batch={batch}
            kitchen={kitchen}
            totalMin={total}
            chances={draws?.verdicts[item.id]}
            doors={doors}
            onEdit={onEdit}
            onDoor={onDoor}
            onQuick={onQuick}
          />
        ))}
      </ul>
      {rest.length > 0 && (
        <p
          className="mt-1.5 flex flex-wrap items-center gap-x-1 text-[14px] text-quiet"
          style={{ paddingLeft: AXIS_LEFT }}
        >
          In the liquid:
          {rest.map((item) => {
            const source = batch.items.find((i) => i.id === item.id);
            return (
              <button
                key={item.id}
                type="button"
                data-testid={`lane-${item.food}`}
                className="min-h-8 rounded px-1.5 text-ink underline decoration-copper decoration-dotted underline-offset-4 hover:bg-copper/5"
                onClick={() => onEdit(item.id)}
              >
                {item.name}, {source ? formatAmount(source.amount) : ''}
                {item.enterMin > 0 && source?.enters ? `, ${names.get(source.enters) ?? ''}` : ''}
              </button>
            );
          })}
        </p>
      )}
    </div>
  );
}
