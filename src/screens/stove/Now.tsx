'use client';

import { useArrival } from '@/ui/useArrival';
import { useSaid } from '@/ui/said';
import type { ReactNode } from 'react';
import type { Cook, MarkKind } from '@/core/batch/schema';
import type { Units } from '@/core/quantity';
import { timelineOf, type Move, type Stage, type Standing } from '@/core/cook';
import { runOffAt, wordsOf } from '@/core/timetable';
import { Button } from '@/ui/Button';
import { timeOf } from '@/session/clockText';
import { YieldEntry } from '@/ui/YieldEntry';
import { clockFace } from '@/ui/cooking/clockFace';
import { OwnHold } from './propose/OwnHold';

/** Answers that put a presumed pot where it is: the hold begins now, or the pot says that it is over. */
function Presumed({ onPress }: { readonly onPress: (kind: MarkKind) => void }) {
  return (
    <div className="mt-2 flex max-w-2xl flex-wrap gap-2">
      <Button look="copper" size="large" onClick={() => onPress('at-pressure')}>
        Pin up: the hold begins now
      </Button>
      <Button size="large" onClick={() => onPress('hold-over')}>
        The pot’s countdown is over
      </Button>
    </div>
  );
}

/** After it spat the valve is left alone so long, s (common practice, no source). */
const SETTLES_S = 60;

/** Seconds until the valve may be tried again; 0 where it has not spat. @param nowS of the cook */
export function spitS(cook: Cook, stage: Stage, nowS: number): number {
  if (stage.kind !== 'valve') return 0;
  const last = timelineOf(cook)
    .steps.find(({ id }) => id === stage.step)
    ?.valve.at(-1);
  return last && !last.opens ? Math.max(0, SETTLES_S - (nowS - last.s)) : 0;
}

/** The present move on a clock, its caution, and the button that ends it: all on the first screen. */
export function Now({
  cook,
  stage,
  at,
  nowS,
  units,
  onPress,
  onMove,
  also,
  children,
}: {
  readonly cook: Cook;
  readonly stage: Stage;
  readonly at: Standing;
  /** s from the start of the cook */
  readonly nowS: number;
  readonly units: Units;
  readonly onPress: (kind: MarkKind) => void;
  readonly onMove: (move: Move) => void;
  /** Other due moves, or the next ones. */
  readonly also: ReactNode;
  /** Moves of hands, beneath. */
  readonly children?: ReactNode;
}) {
  const said = useSaid();
  const title = useArrival<HTMLHeadingElement>(stage.id);
  const words = wordsOf(stage, units);
  const face = clockFace(stage, at);
  const strained = stage.stepKind === 'strain' ? runOffAt(cook, stage.step) : null;
  const settles = spitS(cook, stage, nowS);
  const { mark } = stage;
  const waits = stage.kind === 'load' && stage.expectMin > 0 && at.leftMin > 0;
  const isOver = stage.kind === 'hold' && mark !== null && at.leftMin <= 0;
  return (
    <>
      <section
        aria-label="Now"
        className="mt-1 grid max-w-3xl gap-y-2 short:grid-cols-[17rem_minmax(0,1fr)] short:grid-rows-[auto_1fr] short:gap-x-6"
      >
        <div data-testid="words" className="short:col-start-2 short:row-start-1">
          <h2
            ref={title}
            tabIndex={-1}
            className="figure text-4xl sm:text-5xl short:text-3xl"
            aria-live="polite"
          >
            {settles > 0
              ? 'It spat: wait'
              : waits
                ? `Start at ${timeOf(at.since + 60_000 * stage.expectMin)}`
                : isOver
                  ? 'Heat off'
                  : said(words.title)}
          </h2>
          <p className="mt-1 text-lead short:text-body">
            {settles > 0
              ? 'Valve shut. The foam settles before it is tried again.'
              : waits
                ? 'Until then cut and weigh. What spoils stays cold till it goes in; the lid and the heat wait.'
                : isOver
                  ? 'Turn the heat off now: until you do, it cooks on.'
                  : said(words.act)}
          </p>
          {words.caution && (
            <p
              data-testid="caution"
              className="mt-2 max-w-2xl rounded-lg border-2 border-rust bg-rust/5 px-3 py-2 text-body short:py-1 short:text-small"
            >
              <b className="text-rust">Careful.</b> {said(words.caution)}
            </p>
          )}
        </div>
        <div className="short:col-start-1 short:row-span-2 short:row-start-1">
          <p className="flex flex-wrap items-baseline gap-x-3">
            <span
              className={`figure leading-none ${stage.kind === 'load' && settles === 0 ? 'text-4xl' : 'text-[5.5rem] lg:text-[7.5rem] short:text-[4.5rem]'} ${face.over ? 'text-rust' : 'text-ink'}`}
              role="timer"
              data-testid="clock"
            >
              {settles > 0 ? `0:${String(Math.ceil(settles)).padStart(2, '0')}` : face.text}
            </span>
            <span className="text-lg text-quiet short:text-body">
              {settles > 0 ? 'left' : stage.presumed ? 'presumed' : face.caption}
            </span>
          </p>
          {strained && (
            <div className="my-3 max-w-sm">
              <YieldEntry key={strained.run} cook={cook} predicted={strained} units={units} />
            </div>
          )}
          {words.press && mark && settles === 0 && (
            <Button
              look="copper"
              size="press"
              className="mt-2 w-full sm:w-auto sm:min-w-60 font-semibold"
              onClick={() => onPress(mark)}
            >
              {words.press}
            </Button>
          )}
          {stage.presumed && <Presumed onPress={onPress} />}
          <div className="mt-2 flex flex-wrap gap-2">
            {stage.kind === 'hold' && !stage.presumed && (
              <OwnHold cook={cook} step={stage.step} elapsedMin={at.elapsedMin} onMove={onMove} />
            )}
            {stage.kind === 'hold' && !stage.presumed && mark === null && (
              <Button size="thumb" onClick={() => onPress('hold-over')}>
                End the hold now
              </Button>
            )}
            {stage.kind === 'wait' && !stage.presumed && (
              <Button size="thumb" onClick={() => onPress('valve-opened')}>
                Valve opened early
              </Button>
            )}
          </div>
        </div>
        <div className="short:col-start-2 short:row-start-2">{also}</div>
      </section>
      {children}
      <div className="mt-4 max-w-2xl text-lead">
        <h3 className="text-fine text-quiet">Look for</h3>
        <p>{said(words.look)}</p>
      </div>
    </>
  );
}
