import type { ItemReport } from '@/core/model';
import type { ClockText } from '../time';
import { laneSpans, type LaneSpan, type Zone } from './spans';

const SPAN: Readonly<Record<Zone, readonly [light: string, dark: string]>> = {
  before: ['bg-[#efe3c4]', 'bg-straw'],
  right: ['bg-[#8fb08c] forced-colors:border-y-4', 'bg-[#a9c4a5] forced-colors:border-y-4'],
  past: ['bg-[#c98a77] hatched', 'bg-[#d6a294] hatched'],
  flavour: ['bg-steam/60 hatched', 'bg-steam/60 hatched'],
  plain: ['bg-steam/60', 'bg-steam/60'],
  plate: ['bg-panel border-y border-dashed border-ink/50', 'bg-panel'],
};

const ZONE: Readonly<Record<Zone, string>> = {
  before: 'not done yet',
  right: 'just right',
  past: 'overdone',
  flavour: 'in for its taste, used up',
  plain: 'in the pot',
  plate: 'out of the pot',
};

/** A grade shows its word if there is room: width of its letters, % of the lane. */
const PERCENT_A_LETTER = 1.35;

function hasRoom({ word, from, to }: LaneSpan): boolean {
  return 100 * (to - from) > PERCENT_A_LETTER * (word.length + 1.5);
}

function spanWords({ word, zone, from, to }: LaneSpan, endMin: number, clock: ClockText): string {
  const what = [word, ZONE[zone]].filter(Boolean).join(', ');
  return `${what}: ${clock(from * endMin)} to ${clock(to * endMin)}`;
}

/** An ingredient from entry to exit in a sentence: what it is, and when. */
export function laneWords(item: ItemReport, endMin: number, clock: ClockText): string {
  return laneSpans(item, endMin)
    .map((span) => spanWords(span, endMin, clock))
    .join('; ');
}

/** An ingredient from entry to exit, through its grades. */
export function LaneBar({
  item,
  endMin,
  clock,
}: {
  readonly item: ItemReport;
  readonly endMin: number;
  readonly clock: ClockText;
}) {
  return laneSpans(item, endMin).map((span, i) => (
    <span
      key={`${span.zone}-${span.from}`}
      title={spanWords(span, endMin, clock)}
      className={`absolute inset-y-0 overflow-hidden first:rounded-l-full last:rounded-r-full ${SPAN[span.zone][span.dark ? 1 : 0]} ${i > 0 ? 'border-l-2 border-ink/70' : ''}`}
      style={{ left: `${span.from * 100}%`, width: `${(span.to - span.from) * 100}%` }}
    >
      {hasRoom(span) && (
        <span className="block truncate pl-2 text-mini leading-4 whitespace-nowrap text-ink">
          {span.word}
        </span>
      )}
    </span>
  ));
}
