'use client';

import { lazyPart } from '@/drawings/later';
import { Suspense, useState } from 'react';
import type { Batch, Cook } from '@/core/batch/schema';
import type { Units } from '@/core/quantity';
import { isoOf } from '@/session/clock';
import { Button } from '@/ui/Button';
import { useClock } from '@/ui/clock';
import { moreMarksOf } from '@/ui/cooking/due';
import { changeCook, saveCook } from '@/ui/household';
import type { Hands } from './hands';
import { openStep, type Live } from './propose/live';
import { nowSOf } from '@/ui/cooking/standIn';
import { ended, lastOfHand, takeBack, timelineOf, known } from '@/core/cook';
import { onStandIn } from './practice/StandInFace';
import { StopCook } from './StopCook';
import { unticked } from './TickList';

// Sheets come when they are asked for: the clock waits for none of them.
const sheets = () => import('./StoveSheets');
const MarksSheet = lazyPart(() => sheets().then((m) => m.MarksSheet));
const MoreMarks = lazyPart(() => sheets().then((m) => m.MoreMarks));
const OwnMore = lazyPart(() => sheets().then((m) => m.OwnMore));
const TrySheet = lazyPart(() => sheets().then((m) => m.TrySheet));
const UntickedSheet = lazyPart(() => sheets().then((m) => m.UntickedSheet));

/** A seed of 32 bits. */
const SEEDS = 2 ** 32;

interface Parts {
  readonly cook: Cook;
  readonly plan: Batch;
  readonly live: Live;
  readonly hands: Hands;
  readonly units: Units;
  /** Whether food may be tried: not from a pot that is asked about, or lost. */
  readonly tries: boolean;
}

/** Further marks, tests and undo; and the sheets for them. */
export function StoveFoot({ cook, plan, live, hands, units, tries }: Parts) {
  const clock = useClock();
  const [open, setOpen] = useState<'marks' | 'more' | 'try' | 'longer' | null>(null);
  const { stage } = live;
  const last = lastOfHand(cook.marks);
  const opened = timelineOf(cook).steps.some(({ off }) => known(off));
  const close = (): void => setOpen(null);
  const [openedAtS, setOpenedAtS] = useState(0);
  const longer = (): void => {
    setOpenedAtS(nowSOf(cook, clock));
    setOpen('longer');
  };
  return (
    <>
      <div className="mt-4 flex flex-wrap gap-2">
        {tries && opened && lidIsOff(live) && (
          <Button size="thumb" onClick={() => setOpen('try')}>
            Taste: is it done?
          </Button>
        )}
        {tries && opened && lidIsOff(live) && (
          <Button size="thumb" onClick={() => longer()}>
            A few minutes more
          </Button>
        )}
        {stage && (
          <Button size="thumb" onClick={() => setOpen('more')}>
            Something happened
          </Button>
        )}
        <Button size="thumb" onClick={() => setOpen('marks')}>
          Marks
        </Button>
        {last && (
          <Button look="quiet" onClick={() => hands.edit((marks) => takeBack(marks, last.id))}>
            Undo the last mark
          </Button>
        )}
        {cook.rehearsal && stage && (
          <Button look="quiet" onClick={() => changeCook(cook.id, (c) => ended(c, isoOf(clock)))}>
            End the practice run
          </Button>
        )}
        {!cook.rehearsal && <StopCook cook={cook} />}
        {!cook.standIn && cook.marks.length === 1 && (
          <Button
            look="quiet"
            onClick={() => {
              const seed = Math.floor(Math.random() * SEEDS);
              changeCook(cook.id, (c) => onStandIn(c, seed, isoOf(clock)));
            }}
          >
            Use the practice pot
          </Button>
        )}
      </div>
      <Suspense>
        {open === 'marks' && (
          <MarksSheet
            cook={cook}
            units={units}
            onClose={close}
            onMarks={(marks) => hands.edit(() => marks)}
            onCook={saveCook}
          />
        )}
        {open === 'more' && stage && (
          <MoreMarks
            kinds={moreMarksOf(stage, cook)}
            units={units}
            capacityL={cook.pot.capacityL}
            onClose={close}
            onMark={(kind, more) => {
              close();
              hands.press(kind, more);
            }}
          />
        )}
        {open === 'try' && (
          <TrySheet
            plan={plan}
            onClose={close}
            onTried={(item, grade) => {
              close();
              hands.tried(item, grade);
            }}
          />
        )}
        {open === 'longer' && (
          <OwnMore
            cook={cook}
            step={openStep(cook, live.stages.at(-1)?.step ?? '')}
            nowS={openedAtS}
            onClose={close}
            onMove={(move) => {
              close();
              hands.move(move);
            }}
          />
        )}
        {hands.asks && stage && (
          <UntickedSheet
            items={unticked(cook, plan, stage)}
            units={units}
            onClose={() => hands.settle(null)}
            onSettled={hands.settle}
          />
        )}
      </Suspense>
    </>
  );
}

/** Whether food can be reached: nothing is under the lid. */
export function lidIsOff({ stage }: Live): boolean {
  return !stage || stage.kind === 'do' || stage.kind === 'load';
}
