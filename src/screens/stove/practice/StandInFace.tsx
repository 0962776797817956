'use client';

import type { Cook } from '@/core/batch/schema';
import type { Face, StandIn } from '@/core/live';
import { formatTemperature, type Units } from '@/core/quantity';
import { Button } from '@/ui/Button';

export const SPEEDS = [1, 10, 60, 240] as const;

const DOING = {
  off: 'at rest',
  heating: 'heating',
  holding: 'holding',
  cooling: 'cooling, shut',
  'letting off': 'letting off steam',
} as const satisfies Record<Face['doing'], string>;

const PLUME = {
  valve: 'steam from the valve',
  lid: 'steam all around the lid',
} as const satisfies Record<NonNullable<Face['plume']>, string>;

/** Lid, pin, steam and power of the practice pot, as one sees them standing before it. */
function Drawing({ face }: { readonly face: Face }) {
  const blows = (face.doing === 'letting off' && face.gaugeKPa > 0.5) || face.plume === 'valve';
  const around = face.plume === 'lid';
  const pinY = face.pinUp ? 14 : 24;
  return (
    <svg viewBox="0 0 120 104" className="h-28 w-32 shrink-0" aria-hidden>
      {blows && (
        <g stroke="var(--color-steam)" strokeWidth="3" strokeLinecap="round" fill="none">
          <path d="M84 20c-4-5 4-8 0-14" />
          <path d="M92 20c-4-5 4-8 0-14" />
          <path d="M100 20c-4-5 4-8 0-14" />
        </g>
      )}
      {around && (
        <g stroke="var(--color-steam)" strokeWidth="3" strokeLinecap="round" fill="none">
          <path d="M10 40c-6-3-2-9-8-12" />
          <path d="M110 40c6-3 2-9 8-12" />
        </g>
      )}
      <g transform={face.shut ? undefined : 'rotate(-14 14 34) translate(0 -8)'}>
        <path
          d="M14 40q46-22 92 0z"
          fill="var(--color-panel)"
          stroke="var(--color-ink)"
          strokeWidth="2.5"
        />
        <rect x="56" y={pinY} width="8" height="12" rx="2" fill="var(--color-rust)" />
        <rect x="86" y="24" width="12" height="8" rx="2" fill="var(--color-ink)" />
      </g>
      <path
        d="M16 44h88l-6 48q-1 6-8 6H30q-7 0-8-6z"
        fill="var(--color-cobalt)"
        stroke="var(--color-ink)"
        strokeWidth="2.5"
      />
      <rect x="38" y="60" width="44" height="22" rx="4" fill="var(--color-panel)" />
      <text
        x="60"
        y="76"
        textAnchor="middle"
        fontSize="0.9375rem"
        fontWeight="600"
        fill="var(--color-ink)"
      >
        {face.leftMin === null ? (face.doing === 'heating' ? 'up' : '--') : Math.ceil(face.leftMin)}
      </text>
      {face.doing === 'heating' && (
        <rect x="36" y="99" width="48" height="4" rx="2" fill="var(--color-copper)" />
      )}
      {face.doing === 'holding' && (
        <rect x="36" y="99" width="16" height="4" rx="2" fill="var(--color-copper)" />
      )}
    </svg>
  );
}

/** The practice pot: its face, and how fast its time goes. */
export function StandInFace({
  standIn,
  face,
  units,
  onTimes,
}: {
  readonly standIn: StandIn;
  readonly face: Face | null;
  readonly units: Units;
  readonly onTimes: (times: number) => void;
}) {
  return (
    <section aria-label="The practice pot" className="panel p-3">
      <p className="text-fine text-quiet">The practice pot</p>
      <div className="flex items-center gap-3">
        {face ? (
          <Drawing face={face} />
        ) : (
          <div className="h-28 w-32 animate-pulse rounded-xl bg-hairline/50" />
        )}
        {face && (
          <dl className="text-small" data-testid="face">
            <dt className="sr-only">It is</dt>
            <dd className="font-semibold">{face.scorched ? 'scorched, off' : DOING[face.doing]}</dd>
            {face.plume && <dd className="text-rust">{PLUME[face.plume]}</dd>}
            {face.spits && <dd className="text-rust">it spits foam</dd>}
            <dt className="sr-only">Pin</dt>
            <dd>{face.pinUp ? 'pin up' : 'pin down'}</dd>
            <dt className="sr-only">Thermometer</dt>
            <dd>{formatTemperature(face.liquidC, units)}</dd>
          </dl>
        )}
      </div>
      <div role="group" aria-label="Speed" className="mt-1 flex gap-1">
        {SPEEDS.map((times) => (
          <Button
            key={times}
            aria-pressed={standIn.times === times}
            size="narrow"
            look={standIn.times === times ? 'chosen' : 'outline'}
            className="flex-1"
            onClick={() => onTimes(times)}
          >
            {times}×
          </Button>
        ))}
      </div>
    </section>
  );
}

/** Choice of the practice pot instead of a pot of steel. */
export function onStandIn(cook: Cook, seed: number, at: string): Cook {
  return { ...cook, standIn: { seed, times: 10, wallAt: at, cookAt: at } };
}
