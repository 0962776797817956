import type { Assessment, Chances, Draws, ItemReport } from '@/core/assess';
import type { Batch, Kitchen } from '@/core/batch';
import { formatAmount, formatLength } from '@/core/quantity';
import { laneSpans, verdictWords, type SpanKind } from './laneSpans';
import { AXIS_LEFT, AXIS_RIGHT } from './axis';

const SPAN: Readonly<Record<SpanKind, string>> = {
  straw: 'bg-straw',
  leaf: 'bg-leaf',
  rust: 'bg-rust hatched',
  plain: 'bg-steam/60',
};

const VERDICT: Readonly<Record<string, string>> = {
  under: 'text-[#7a5c12] font-semibold',
  over: 'text-rust font-semibold',
  right: 'text-quiet',
};

function Lane({
  item,
  batch,
  kitchen,
  totalMin,
  chances,
  onEdit,
}: {
  readonly item: ItemReport;
  readonly chances: Chances | undefined;
  readonly batch: Batch;
  readonly kitchen: Kitchen;
  readonly totalMin: number;
  readonly onEdit: () => void;
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
    <li>
      <button
        type="button"
        onClick={onEdit}
        data-testid={`lane-${item.food}`}
        className="group block w-full rounded-lg py-1 text-left hover:bg-copper/5"
        style={{ paddingLeft: AXIS_LEFT, paddingRight: AXIS_RIGHT }}
      >
        <span className="flex items-baseline justify-between gap-3 text-[14px]">
          <span className="min-w-0 truncate">
            <span className="inline-block font-semibold first-letter:uppercase">{item.name}</span>
            <span className="text-quiet">, {details.join(', ')}</span>
          </span>
          <span className={`shrink-0 text-[13px] ${VERDICT[item.verdict] ?? ''}`}>{words}</span>
        </span>
        <span className="relative mt-0.5 block h-3 rounded-full bg-[#efeadd]">
          {laneSpans(item, totalMin).map((span) => (
            <span
              key={span.kind}
              className={`absolute inset-y-0 first:rounded-l-full last:rounded-r-full ${SPAN[span.kind]}`}
              style={{ left: `${span.from * 100}%`, width: `${(span.to - span.from) * 100}%` }}
            />
          ))}
          {!item.apart && (
            <span
              className="absolute top-1/2 size-4 -translate-x-1/2 -translate-y-1/2 rounded-full border-2 border-panel bg-copper"
              style={{ left: `${(item.enterMin / totalMin) * 100}%` }}
            />
          )}
        </span>
        <span className="sr-only">Change {item.name}</span>
      </button>
    </li>
  );
}

/** One line an ingredient, from entry to exit, coloured by doneness; liquids below in words. */
export function Lanes({
  assessment,
  draws,
  batch,
  kitchen,
  onEdit,
}: {
  readonly assessment: Assessment;
  readonly draws: Draws | null;
  readonly batch: Batch;
  readonly kitchen: Kitchen;
  readonly onEdit: (id: string) => void;
}) {
  const total = Math.max(1, assessment.time.totalMin.p50);
  const lanes = assessment.items.filter((i) => i.piece !== null || i.fishOut);
  const rest = assessment.items.filter((i) => i.piece === null && !i.fishOut);
  return (
    <div>
      <ul aria-label="Ingredients" className="space-y-0.5">
        {lanes.map((item) => (
          <Lane
            key={item.id}
            item={item}
            batch={batch}
            kitchen={kitchen}
            totalMin={total}
            chances={draws?.verdicts[item.id]}
            onEdit={() => onEdit(item.id)}
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
              </button>
            );
          })}
        </p>
      )}
    </div>
  );
}
