/** The moments of a cook at which a pot may be too full, and the pot in words. */
import type { Assessment } from '@/core/assess';
import type { WorstMoment } from '@/core/model';
import type { Kitchen, Pot } from '@/core/batch/schema';
import { formatLevel } from '@/core/quantity';
import { valueAt } from '@/core/series';

export interface PotMoment {
  readonly name: 'lid on' | 'hottest' | 'hold end' | 'valve' | 'open pot' | 'broth left';
  /** min from the start */
  readonly atMin: number;
  readonly levelL: number;
  /** Whether the pot is never fuller. */
  readonly fullest: boolean;
}

/** Levels closer than this are one and the same, L. */
const SAME_L = 0.05;

/** The closing with the highest level. */
function fullestClosing({ series, fill }: Assessment, steps: Assessment['time']['steps']): number {
  const named = steps.findIndex((s) => s.id === fill.worst?.step && s.kind === 'pressure');
  if (named >= 0) return named;
  const lids = steps.flatMap((s, i) => (s.kind === 'pressure' ? [i] : []));
  const highest = (step: number): number =>
    series.levelL.reduce((max, l, i) => (series.step[i] === step && l > max ? l : max), 0);
  return lids.reduce((best, step) => (highest(step) > highest(best) ? step : best), lids[0] ?? 0);
}

/** Moments of the fullest closing in their order, and what is left when it is strained. */
export function momentsOf(assessment: Assessment, pot: Pot): readonly PotMoment[] {
  const { series, fill, time, release } = assessment;
  const step = fullestClosing(assessment, time.steps);
  const at = (index: number, name: PotMoment['name'], levelL?: number): PotMoment[] =>
    index < 0
      ? []
      : [
          {
            name,
            atMin: valueAt(series.minute, index),
            levelL: levelL ?? valueAt(series.levelL, index),
            fullest: false,
          },
        ];
  // Use the judge's level: it includes momentary swelling.
  const judged = (index: number): number =>
    Math.min(valueAt(series.levelL, Math.max(0, index)), fill.worstL);
  const first = (phase: string): number =>
    series.phase.findIndex((p, i) => p === phase && series.step[i] === step);
  const lifts = release.find((r) => r.step === time.steps[step]?.id);
  const opens = first('release');
  const valveL = Math.max(
    opens < 0 ? 0 : valueAt(series.levelL, opens),
    (lifts?.swollenFraction ?? 0) * pot.capacityL,
  );
  const holdEnd = series.phase.findLastIndex((p, i) => p === 'hold' && series.step[i] === step);
  const { worst } = fill;
  const last = series.minute.length - 1;
  const moments = [
    ...at(series.step.indexOf(step), 'lid on', fill.lidOnL),
    ...at(first('hold'), 'hottest', judged(first('hold'))),
    ...at(holdEnd, 'hold end', judged(holdEnd)),
    ...at(opens, 'valve', valveL),
    ...(worst?.when === 'open'
      ? [{ name: 'open pot' as const, atMin: worst.atMin, levelL: worst.levelL, fullest: false }]
      : []),
    ...at(last, 'broth left', fill.finishedBrothL),
  ];
  // Strained broth of all runs is in no pot.
  const inPot = moments.filter((m) => m.name !== 'broth left');
  const most = Math.max(...inPot.map((m) => m.levelL));
  const fullest = inPot.find((m) => m.levelL > most - SAME_L);
  return moments.map((m) => (m === fullest ? { ...m, fullest: true } : m));
}

/** One moment in a sentence, shown on touch. */
export function momentWords({ name, levelL }: PotMoment, pot: Pot, kitchen: Kitchen): string {
  const at = (litres: number): string => formatLevel(litres, kitchen.units);
  switch (name) {
    case 'lid on':
      return `When the lid goes on, the contents stand at ${at(levelL)}.`;
    case 'hottest':
      return `At full heat the contents stand at ${at(levelL)}: what is hot takes more room.`;
    case 'hold end':
      return `At the end of the hold the contents stand at ${at(levelL)}: food has swollen or shrunk.`;
    case 'valve':
      return `As the valve opens, steam lifts the contents to ${at(levelL)}. At ${at(pot.capacityL)} they would come out.`;
    case 'open pot':
      return `In the open pot the contents stand at ${at(levelL)}.`;
    case 'broth left':
      return `${at(levelL)} of liquid is left at the end, without the food.`;
  }
}

const MOMENT_WORDS: Readonly<Record<WorstMoment['when'], string>> = {
  'lid on': 'as the lid goes on',
  'warm-up': 'in the warm-up',
  hold: 'in the hold',
  'at the valve': 'as the valve opens',
  open: 'in the open pot',
};

/** The same in words, for who cannot see it. */
export function describe({ fill, series }: Assessment, pot: Pot, kitchen: Kitchen): string {
  const level = (litres: number): string => formatLevel(litres, kitchen.units);
  const { worst } = fill;
  const full =
    worst && series.minute.length > 1
      ? ` Fullest ${MOMENT_WORDS[worst.when]}: ${level(worst.levelL)}.`
      : '';
  return `${pot.name} holds ${level(pot.capacityL)}. Lid on ${level(fill.lidOnL)}, hottest ${level(fill.hottestL)}, end of hold ${level(fill.swollenL)}, at the valve ${level(fill.releaseL)}. The ${fill.foams ? 'foam' : 'fill'} line counts, at ${level(fill.lineL)}.${full}`;
}
