/** A factor's prior, its posterior, and the estimate of each cook by itself. */

export interface Belief {
  /** Logarithm of the middle, and standard deviation of that. */
  readonly prior: readonly [number, number];
  readonly now: readonly [number, number];
}

export interface Dot {
  readonly id: string;
  readonly factor: number;
  /** It does not fit with the rest. */
  readonly odd: boolean;
}

const W = 300;
const H = 96;
const BASE = 72;
const TOP = 8;
/** Of a dot; those that would lie on each other are stacked. */
const R = 3.5;
const POINTS = 80;
/** The widest spread that is shown, and the narrowest. */
const MOST = 0.6;
const LEAST = 0.16;

const bell = (x: number, [mean, sd]: readonly [number, number]): number =>
  Math.exp(-0.5 * ((x - mean) / sd) ** 2);

/** A curve over an axis of logarithms; each as high as the other, so that widths are compared. */
function path(curve: readonly [number, number], half: number): string {
  const points = Array.from({ length: POINTS + 1 }, (_, i) => {
    const x = -half + (2 * half * i) / POINTS;
    const y = BASE - (BASE - TOP) * bell(x, curve);
    return `${((W * i) / POINTS).toFixed(1)},${y.toFixed(1)}`;
  });
  return `M0,${BASE} L${points.join(' L')} L${W},${BASE} Z`;
}

/** Percents that are written at the axis. */
const TICKS = [60, 70, 80, 90, 100, 110, 120, 130, 140, 160] as const;
/** Room that a tick's words take. */
const TICK_W = 38;

/** Dots beside each other where there is room, else one upon the other. */
function stacked(xs: readonly number[]): readonly number[] {
  const rows: number[][] = [];
  return xs.map((x) => {
    const free = rows.findIndex((row) => row.every((other) => Math.abs(other - x) >= 2 * R));
    const at = free < 0 ? rows.push([]) - 1 : free;
    rows[at]?.push(x);
    return at;
  });
}

export function BeliefChart({
  belief: { prior, now },
  dots,
  label,
}: {
  readonly belief: Belief;
  readonly dots: readonly Dot[];
  readonly label: string;
}) {
  const reach = Math.max(
    2.6 * prior[1],
    Math.abs(now[0]) + 3 * now[1],
    ...dots.filter((dot) => !dot.odd).map((dot) => 1.15 * Math.abs(Math.log(dot.factor))),
  );
  const half = Math.min(MOST, Math.max(LEAST, reach));
  const xOf = (ln: number): number => (W * (ln + half)) / (2 * half);
  const ticks = TICKS.reduce<readonly number[]>((kept, tick) => {
    const x = xOf(Math.log(tick / 100));
    const near = [...kept, 100].some(
      (other) => other !== tick && Math.abs(xOf(Math.log(other / 100)) - x) < TICK_W,
    );
    return x < TICK_W / 2 || x > W - TICK_W / 2 || near ? kept : [...kept, tick];
  }, []);
  // Clamp outliers to the edge.
  const xs = dots.map((dot) => Math.min(W - R, Math.max(R, xOf(Math.log(dot.factor)))));
  const rows = stacked(xs);
  return (
    <svg viewBox={`0 0 ${W} ${H}`} className="w-full max-w-sm" role="img" aria-label={label}>
      <path d={path(prior, half)} fill="var(--color-hairline)" opacity={0.7} />
      <path
        d={path(now, half)}
        fill="var(--color-copper)"
        fillOpacity={0.25}
        stroke="var(--color-copper)"
        strokeWidth={1.5}
      />
      <line x1={0} x2={W} y1={BASE} y2={BASE} stroke="var(--color-ink)" />
      {dots.map((dot, i) => (
        <circle
          key={dot.id}
          cx={xs[i]}
          cy={BASE - 5 - 2 * R * (rows[i] ?? 0)}
          r={R - 0.75}
          fill={dot.odd ? 'var(--color-panel)' : 'var(--color-ink)'}
          stroke={dot.odd ? 'var(--color-rust)' : 'var(--color-ink)'}
          strokeWidth={1.5}
        />
      ))}
      {ticks.map((tick) => (
        <g key={tick} transform={`translate(${xOf(Math.log(tick / 100)).toFixed(1)} 0)`}>
          <line y1={BASE} y2={BASE + 4} stroke="var(--color-ink)" />
          <text
            y={BASE + 18}
            textAnchor="middle"
            fontSize="0.75rem"
            fill="var(--color-quiet)"
          >{`${tick} %`}</text>
        </g>
      ))}
    </svg>
  );
}
