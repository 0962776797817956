'use client';

import type { ReactNode } from 'react';
import type { Cook, MarkKind } from '@/core/batch/schema';
import type { Units } from '@/core/quantity';
import type { Stage } from '@/core/cook';
import { runOffAt, wordsOf } from '@/core/timetable';
import { Button } from '@/ui/Button';
import { YieldEntry } from '@/ui/YieldEntry';
import type { ClockFace } from '@/ui/cooking/clockFace';

/** Answers that put a presumed pot where it is: the hold begins now, or the pot says that it is over. */
function Presumed({ onPress }: { readonly onPress: (kind: MarkKind) => void }) {
  return (
    <div className="mt-2 flex max-w-2xl flex-wrap gap-3">
      <Button
        look="copper"
        className="!min-h-14 !px-8 !text-lg"
        onClick={() => onPress('at-pressure')}
      >
        Pin up: the hold begins now
      </Button>
      <Button className="!min-h-14 !px-6 !text-lg" onClick={() => onPress('hold-over')}>
        The pot’s countdown is over
      </Button>
    </div>
  );
}

/** What to do now, on a clock, and what to press when it is done. */
export function Now({
  cook,
  stage,
  face,
  units,
  onPress,
  children,
}: {
  readonly cook: Cook;
  readonly stage: Stage;
  readonly face: ClockFace;
  readonly units: Units;
  readonly onPress: (kind: MarkKind) => void;
  /** What hands do, above the words. */
  readonly children?: ReactNode;
}) {
  const words = wordsOf(stage, units);
  const strained = stage.stepKind === 'strain' ? runOffAt(cook, stage.step) : null;
  const { mark } = stage;
  return (
    <section aria-label="Now" className="mt-1">
      <h2 className="figure text-4xl sm:text-5xl" aria-live="polite">
        {words.title}
      </h2>
      <p className="mt-1 flex items-baseline gap-3">
        <span
          className={`figure leading-none ${stage.kind === 'load' ? 'text-4xl' : 'text-[96px] sm:text-[140px]'} ${face.over ? 'text-rust' : 'text-ink'}`}
          role="timer"
          data-testid="clock"
        >
          {face.text}
        </span>
        <span className="text-lg text-quiet">{stage.presumed ? 'presumed' : face.caption}</span>
      </p>
      {strained && (
        <div className="my-3 max-w-sm">
          <YieldEntry key={strained.run} cook={cook} foretold={strained} units={units} />
        </div>
      )}
      {words.press && mark && (
        <Button
          look="copper"
          className="mt-2 !min-h-16 w-full !rounded-2xl !text-2xl font-semibold sm:w-auto sm:!px-14"
          onClick={() => onPress(mark)}
        >
          {words.press}
        </Button>
      )}
      {stage.presumed && <Presumed onPress={onPress} />}
      {stage.kind === 'hold' && !stage.presumed && (
        <Button className="mt-2 !min-h-14 !px-8 !text-lg" onClick={() => onPress('hold-over')}>
          End the hold now
        </Button>
      )}
      {stage.kind === 'wait' && !stage.presumed && (
        <Button className="mt-2 !min-h-14 !px-8 !text-lg" onClick={() => onPress('valve-opened')}>
          Valve opened early
        </Button>
      )}
      {children}
      <dl className="mt-5 max-w-2xl space-y-3 text-[17px]">
        <div>
          <dt className="text-[13px] text-quiet">Do</dt>
          <dd>{words.act}</dd>
        </div>
        <div>
          <dt className="text-[13px] text-quiet">Look for</dt>
          <dd>{words.look}</dd>
        </div>
      </dl>
      {words.caution && (
        <p className="mt-4 max-w-2xl rounded-lg border-2 border-rust bg-rust/5 px-4 py-3 text-[16px]">
          <b className="text-rust">Careful.</b> {words.caution}
        </p>
      )}
    </section>
  );
}
