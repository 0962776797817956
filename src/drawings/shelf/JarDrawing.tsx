import type { HolderKind } from '@/core/vocabulary';
import { jarShape } from './geometry';

/** A jar or tub with what is in it, to scale. */
export function JarDrawing({
  kind,
  litres,
  frozen,
  past,
}: {
  readonly kind: HolderKind | undefined;
  readonly litres: number;
  readonly frozen: boolean;
  /** Past its day. */
  readonly past: boolean;
}) {
  const { width, height, lidWidth, lidHeight, surface, glass } = jarShape(kind, litres);
  const edge = 1.5;
  return (
    <svg
      aria-hidden
      width={width + 2 * edge}
      height={height + edge}
      viewBox={`${-edge} 0 ${width + 2 * edge} ${height + edge}`}
    >
      <rect
        x={0}
        y={lidHeight}
        width={width}
        height={height - lidHeight}
        rx={glass ? 6 : 3}
        fill="var(--color-panel)"
      />
      <path
        d={`M1,${surface}H${width - 1}V${height - 5}q0,5 -5,5H6q-5,0 -5,-5Z`}
        fill={frozen ? '#c3a27a' : 'var(--color-broth)'}
        fillOpacity={past ? 0.45 : 1}
      />
      {frozen && (
        <path
          d={`M6,${surface + 8}l10,-4M${width / 2},${surface + 18}l9,-4M${width - 18},${surface + 10}l9,-4`}
          stroke="white"
          strokeWidth="1.5"
        />
      )}
      <rect
        x={0}
        y={lidHeight}
        width={width}
        height={height - lidHeight}
        rx={glass ? 6 : 3}
        fill="none"
        stroke="var(--color-ink)"
        strokeWidth="2"
      />
      <rect
        x={(width - lidWidth) / 2 + (glass ? 2 : -1)}
        y={0}
        width={lidWidth - (glass ? 4 : -2)}
        height={lidHeight}
        rx={2}
        fill={glass ? 'var(--color-ink)' : 'var(--color-cobalt)'}
      />
    </svg>
  );
}
