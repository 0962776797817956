import { potKindOf } from '@/core/vocabulary';
import { USUAL_POTS, type UsualPot } from '@/core/batch/household';
import { formatAcross, LITRES_PER_QUART, type Units } from '@/core/quantity';
import { potDepthCm } from '@/drawings/well';

/** A pot by its size and kind, as a cook would name it. @example potName(pot, 'us') // "6-quart electric" */
export function potName({ capacityL, kind }: UsualPot, units: Units): string {
  const quarts = Math.round((capacityL / LITRES_PER_QUART) * 2) / 2;
  return `${units === 'us' ? `${quarts}-quart` : `${capacityL} L`} ${kind}`;
}

const PX_PER_CM = 3.4;
/** The tallest of them, and its lid, px. */
const HEIGHT = 84;

/** A pot in outline, to the scale of the row. */
function Outline({ pot }: { readonly pot: UsualPot }) {
  const width = pot.innerDiameterCm * PX_PER_CM;
  const depth = potDepthCm(pot) * PX_PER_CM;
  const left = (110 - width) / 2;
  const top = HEIGHT - depth - 8;
  const line = (share: number): number => HEIGHT - 8 - depth * share;
  return (
    <svg viewBox={`0 0 110 ${HEIGHT}`} className="h-21 w-27" aria-hidden>
      {!potKindOf(pot.kind).hasFlame ? (
        <rect
          x={left - 7}
          y={top + 6}
          width={width + 14}
          height={depth + 2}
          rx={9}
          fill="var(--color-hairline)"
        />
      ) : (
        <path
          d={`M${left + width} ${top + 9} h${Math.min(16, 108 - left - width)}`}
          stroke="var(--color-ink)"
          strokeWidth={6}
          strokeLinecap="round"
        />
      )}
      <path
        d={`M${left} ${top} V${HEIGHT - 10} q0 4 4 4 H${left + width - 4} q4 0 4 -4 V${top}`}
        fill="var(--color-panel)"
        stroke="var(--color-ink)"
        strokeWidth={2.5}
      />
      <rect
        x={left - 4}
        y={top - 6}
        width={width + 8}
        height={6}
        rx={3}
        fill="var(--color-cobalt)"
      />
      <path
        d={`M${left + 2} ${line(pot.maxFill)} h${width - 4}`}
        stroke="var(--color-ink)"
        strokeWidth={1.2}
      />
      <path
        d={`M${left + 2} ${line(pot.foamFill)} h${width - 4}`}
        stroke="var(--color-ink)"
        strokeWidth={1.2}
        strokeDasharray="4 3"
      />
    </svg>
  );
}

/** Usual pots, drawn to one scale, to pick from. */
export function PotRow({
  units,
  onPick,
}: {
  readonly units: Units;
  readonly onPick: (pot: UsualPot) => void;
}) {
  return (
    <ul className="flex flex-wrap gap-3" aria-label="Usual pots">
      {USUAL_POTS.map((pot) => (
        <li key={`${pot.kind}-${pot.capacityL}`}>
          <button
            type="button"
            onClick={() => onPick(pot)}
            className="flex flex-col items-center rounded-xl border border-hairline bg-panel px-2 pt-2 pb-3 hover:border-copper focus-visible:border-copper"
          >
            <Outline pot={pot} />
            <span className="mt-1 text-body font-semibold">{potName(pot, units)}</span>
            <span className="text-fine text-quiet">
              {formatAcross(pot.innerDiameterCm, units)} across
            </span>
          </button>
        </li>
      ))}
    </ul>
  );
}
