import { Said } from '@/ui/said';
import { setName } from '@/core/vocabulary';
import type { BonesReport, RunOffReport } from '@/core/model';
import type { Kitchen } from '@/core/batch/schema';
import { isDry } from '@/core/bones';
import { formatLevel, formatStrength, formatStrengthBand } from '@/core/quantity';
import { Wobble } from '@/ui/Wobble';
import { layersOf } from './rows';

const FOOT = 110;
const HIGH = 100;

/** All runs poured together, in one glass, and how that sets. */
export function BlendGlass({
  bones,
  runOffs,
  kitchen,
}: {
  readonly bones: readonly BonesReport[];
  readonly runOffs: RunOffReport;
  readonly kitchen: Kitchen;
}) {
  const whole = runOffs.blends.at(-1);
  if (!whole) return null;
  const layers = layersOf(bones);
  return (
    <figure className="flex flex-col items-center text-center" data-testid="blend">
      <figcaption className="text-fine text-quiet">
        {layers.length > 1 ? 'all poured together' : 'in the glass'}
      </figcaption>
      <svg viewBox="0 0 84 116" className="h-[88px] w-[64px]" aria-hidden>
        {layers.map(({ run, from, high, depth }) => {
          const y = FOOT - HIGH * (from + high);
          return (
            <g key={run}>
              <rect
                x={12}
                y={y}
                width={60}
                height={HIGH * high}
                className="fill-[#b9853f] stroke-panel"
                fillOpacity={depth}
              />
              {HIGH * high > 12 && (
                <text
                  x={42}
                  y={y + (HIGH * high) / 2 + 4}
                  textAnchor="middle"
                  className="fill-ink text-mini"
                >
                  {run}
                </text>
              )}
            </g>
          );
        })}
        <path
          d="M9,8 L12,110 H72 L75,8"
          className="fill-none stroke-ink"
          strokeWidth={2}
          strokeLinejoin="round"
        />
      </svg>
      <p className="figure text-lg leading-5">{formatLevel(whole.litres, kitchen.units)}</p>
      <p className="text-fine text-quiet">
        <Said>{isDry(whole) ? 'boiled dry' : formatStrength(whole.gPerL, kitchen.units)}</Said>
      </p>
      {!isDry(whole) && (
        <p className="text-fine text-quiet">
          <Said>
            {`usually ${formatStrengthBand(whole.band.low, whole.band.high, kitchen.units)}`}
          </Said>
        </p>
      )}
      <Wobble set={whole.set} className="h-8 w-14" />
      <p className="text-small font-semibold" data-testid="blend-set">
        {setName(whole.set)}
      </p>
    </figure>
  );
}
