import { findingOf, BAND_IN_TEN, isStop, type Assessment, type Draws } from '@/core/assess';
import type { Range, ReleaseReport } from '@/core/model';
import type { Batch, Kitchen } from '@/core/batch/schema';
import { thicknessWord } from '@/core/finish';
import { releaseOf, waitOf } from '@/core/vocabulary';
import { formatLevel, formatMass, formatSalt, formatVolume, type Units } from '@/core/quantity';
import { formatHours, LONG_MIN } from '@/session/clockText';

function Reading({
  name,
  value,
  unit,
  side,
  tone = '',
}: {
  readonly name: string;
  readonly value: string;
  readonly unit?: string;
  readonly side: string;
  readonly tone?: string;
}) {
  return (
    <div className="grid grid-cols-[auto_1fr] items-baseline gap-x-2">
      <dt className="col-span-2 text-[13px] text-quiet">{name}</dt>
      <dd className={`figure text-[27px] leading-7 ${tone}`}>
        {value}
        {unit && <span className="ml-1.5 text-[15px] font-normal text-quiet">{unit}</span>}
      </dd>
      <dd className="text-right text-[13px] text-quiet">{side}</dd>
    </div>
  );
}

function fits({ fill }: Assessment, kitchen: Kitchen) {
  const room = fill.lineL - fill.worstL;
  const line = fill.foams ? 'foam line' : 'fill line';
  return room >= -1e-6
    ? {
        value: 'yes',
        tone: 'text-leaf',
        side: `${formatVolume(room, kitchen.units)} to the ${line}`,
      }
    : {
        value: 'no',
        tone: 'text-rust',
        side: `${formatVolume(-room, kitchen.units)} over the ${line}`,
      };
}

/** When the valve may be opened, in the order in which cooks choose. */
function valveAdvice({ waitMin, bursts }: ReleaseReport): string {
  if (waitMin === 0) return 'may be opened at once';
  if (bursts) return waitMin === null ? 'in bursts' : `in bursts, or after ${waitMin} min`;
  return waitMin === null ? 'let the pin drop' : `after ${waitMin} min at the least`;
}

function valve(assessment: Assessment, batch: Batch) {
  const last = assessment.release.at(-1);
  if (!last) return { value: 'open', unit: undefined, side: 'no pressure step' };
  const step = batch.steps?.find((s) => s.id === last.step);
  const release = step?.kind === 'pressure' ? step.release : undefined;
  const advice = valveAdvice(last);
  const { read, waits } = releaseOf(last.method);
  const minutes = waits === 'always' ? waitOf(release) : Math.max(1, Math.round(last.minutes));
  return { value: String(minutes), unit: `min, ${read}`, side: advice };
}

function timeSide(empty: boolean, never: boolean, range: Range | undefined): string {
  if (empty) return 'once something is in the pot';
  if (never) return 'it never gets there';
  if (!range) return 'working out the range';
  const long = range.p50 >= LONG_MIN;
  const say = (minutes: number): string =>
    long ? formatHours(minutes) : String(Math.round(minutes));
  return `${say(range.p10)} to ${say(range.p90)}, ${BAND_IN_TEN} in 10`;
}

/** Servings: how many bowls of what is in the pot, and how thick it is. */
function bowlsOf({ finish }: Assessment, { units }: Kitchen) {
  const { bowls, bowlL, pas } = finish;
  return {
    value: String(Math.max(0, Math.round(bowls))),
    unit: `of ${formatVolume(bowlL, units)}`,
    side: thicknessWord(pas.table),
  };
}

/** How it is as it comes to the table, an hour later, and warmed up tomorrow. */
function AfterTheLid({
  assessment: { finish, salt },
  units,
}: {
  readonly assessment: Assessment;
  readonly units: Units;
}) {
  const { pas, fatG, drinksOnL } = finish;
  const rows = [
    ['At the table', thicknessWord(pas.table)],
    ['In an hour', thicknessWord(pas.hour)],
    ['Tomorrow', thicknessWord(pas.tomorrow)],
    ...(fatG >= FAT_G ? [['Fat to skim', formatMass(fatG, units)]] : []),
    ...(drinksOnL >= DRUNK_L ? [['Drunk by tomorrow', formatVolume(drinksOnL, units)]] : []),
    ['Salt', `${salt.percent.toFixed(2)} %`],
  ] as const;
  return (
    <details className="text-[13px]">
      <summary className="min-h-6 cursor-pointer text-quiet">After the lid</summary>
      <dl className="grid grid-cols-[1fr_auto] gap-x-3 border-y border-hairline py-1">
        {rows.map(([name, text]) => (
          <div key={name} className="col-span-2 grid grid-cols-subgrid">
            <dt className="text-quiet">{name}</dt>
            <dd className="text-right">{text}</dd>
          </div>
        ))}
      </dl>
    </details>
  );
}

/** Less is not worth a word, g, L. */
const FAT_G = 15;
const DRUNK_L = 0.05;

/** The answers a cook came for. */
export function Readings({
  assessment,
  draws,
  batch,
  kitchen,
}: {
  readonly assessment: Assessment;
  readonly draws: Draws | null;
  readonly batch: Batch;
  readonly kitchen: Kitchen;
}) {
  const fit = fits(assessment, kitchen);
  const range = draws?.totalMin;
  const open = valve(assessment, batch);
  const empty = batch.items.length === 0;
  /** Nothing in the pot, or a pot that never gets there: no time can be told. */
  const never = assessment.findings.some((f) => isStop(f) && findingOf(f.code).timeless);
  const bowls = batch.servings ?? 0;
  const total = assessment.time.totalMin;
  const long = total >= LONG_MIN;
  const broth = assessment.fill.finishedBrothL;
  return (
    <>
      <dl className="space-y-1" aria-label="Readings">
        <Reading name="Fits" {...fit} />
        <Reading
          name="To the table"
          value={empty || never ? '–' : long ? formatHours(total) : String(Math.round(total))}
          unit={empty || never ? '' : long ? 'h' : 'min'}
          side={timeSide(empty, never, range)}
        />
        <Reading
          name="Valve"
          value={empty || never ? '–' : open.value}
          unit={empty || never ? '' : (open.unit ?? '')}
          side={empty || never ? '' : open.side}
        />
        <Reading
          name="Broth left"
          value={formatLevel(broth, kitchen.units).split(' ')[0] ?? ''}
          unit={formatLevel(broth, kitchen.units).split(' ')[1] ?? ''}
          side={bowls > 0 ? `${formatVolume(broth / bowls, kitchen.units)} a bowl` : ''}
        />
        {!empty && <Reading name="Bowls in all" {...bowlsOf(assessment, kitchen)} />}
        <Reading
          name="Salt"
          value={assessment.salt.percent.toFixed(1)}
          unit="%"
          side={
            assessment.finish.saltToAddG >= 1
              ? `${formatSalt(assessment.finish.saltToAddG, kitchen.units)} left to add`
              : `${formatSalt(assessment.salt.grams, kitchen.units)} in it`
          }
        />
      </dl>
      {!empty && <AfterTheLid assessment={assessment} units={kitchen.units} />}
    </>
  );
}
