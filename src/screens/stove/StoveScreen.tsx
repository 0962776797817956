'use client';

import { Suspense, useEffect, useMemo, useRef } from 'react';
import type { Cook } from '@/core/batch/schema';
import { howWarmAsked, stoodOf, timelineOf } from '@/core/cook';
import { wordsOf } from '@/core/timetable';
import { later, lazyPart } from '@/drawings/later';
import { Alarm } from '@/ui/Alarm';
import { useClock, useNow } from '@/ui/clock';
import { useCookCalls } from '@/ui/cooking/calling';
import { setHeading } from '@/ui/cooking/calls';
import { awayOf, useAwayFrom } from '@/ui/cooking/away';
import { clockFace } from '@/ui/cooking/clockFace';
import { isLate } from '@/ui/cooking/due';
import { CookClock, nowSOf } from '@/ui/cooking/standIn';
import { cooksOnStove, useHousehold } from '@/ui/household';
import { InSpite } from '@/ui/InSpite';
import { NotHere } from '@/ui/NotHere';
import { AlsoDue, useMoves } from './AlsoDue';
import { AwayCard } from './AwayCard';
import { Choices } from './propose/Choices';
import { Done } from './Done';
import { Doubted } from './Doubted';
import { useHands } from './hands';
import { openStep, useLive } from './propose/live';
import { costWords } from './propose/liveWords';
import { Now } from './Now';
import { Pots } from './Pots';
import { ProposalCard } from './propose/ProposalCard';
import { StoveAside } from './StoveAside';
import { lidIsOff, StoveFoot } from './StoveFoot';
import { StoveHead } from './StoveHead';
import { TickList } from './TickList';

// A look back is seldom.
const Debrief = lazyPart(() => import('./practice/Debrief').then((m) => m.Debrief));

// A test of the pot itself is seldom.
const Kettle = later(() => import('./practice/Kettle').then((m) => m.Kettle));

// Questions about a pot are seldom, and the door to the table comes at its end.
const HowWarm = later(() => import('./HowWarm').then((m) => m.HowWarm));
const StoodRaw = later(() => import('./StoodRaw').then((m) => m.StoodRaw));
const Lost = later(() => import('./ThrowOut').then((m) => m.Lost));
const AtTable = later(() => import('./AtTable').then((m) => m.AtTable));

// A pot is late seldom.
const LatePot = later(() => import('./LatePot').then((m) => m.LatePot));

// Moves with the open pot come when it is open.
const Finish = later(() => import('./finish/Finish').then((m) => m.Finish));

/** Cooking: one clock, what to do now, the marks to press. The stage follows from the marks. */
export function StoveScreen({ id }: { readonly id: string }) {
  const household = useHousehold();
  const cook = household.cooks.find((r) => r.id === id);
  if (!cook)
    return (
      <NotHere title="This cook is not here" href="/log">
        To the log
      </NotHere>
    );
  if (cook.endedAt && cook.rehearsal)
    return (
      <Suspense>
        <Debrief cook={cook} />
      </Suspense>
    );
  if (cook.endedAt)
    return (
      <NotHere title={`${cook.batch.name} is finished`} href={`/log/${cook.id}`}>
        To its page in the log
      </NotHere>
    );
  return (
    <>
      <Pots cooks={cooksOnStove(household)} current={id} units={household.kitchen.units} />
      <CookClock key={id} cook={cook}>
        <Stove cook={cook} />
      </CookClock>
    </>
  );
}

/** Title of the page while nothing calls. */
function useHeading(heading: string | null): void {
  useEffect(() => {
    setHeading(heading);
    return () => setHeading(null);
  }, [heading]);
}

/** A new stage begins at the top of the page. */
function useTop(stage: string): void {
  const shown = useRef(stage);
  useEffect(() => {
    if (shown.current === stage) return;
    shown.current = stage;
    scrollTo({ top: 0 });
  }, [stage]);
}

function Stove({ cook }: { readonly cook: Cook }) {
  const { kitchen } = useHousehold();
  const { units } = kitchen;
  const clock = useClock();
  const now = useNow();
  const live = useLive(cook, clock, now, units);
  const { plan, openTrial: test, scorchedS } = useMemo(() => timelineOf(cook), [cook]);
  const moves = useMoves(cook, live, units);
  const hands = useHands(cook, plan, live);
  const { stage, at, stages, proposal, cost } = live;
  useCookCalls(cook, live, now, units);
  const face = stage ? clockFace(stage, at) : null;
  const words = stage ? wordsOf(stage, units) : null;
  // A practice run, a practice pot and a test with water hold nothing that anybody eats.
  const real = !cook.rehearsal && !cook.standIn && !cook.kettle;
  const stood = stoodOf(cook, now);
  const asksWarm = real && howWarmAsked(cook, now);
  const isLost = real && stood.lostMin !== null && !stood.presumed;
  useHeading(face && words ? `${face.text} ${words.title}` : null);
  useTop(stage?.id ?? 'table');
  const [awayFrom, back] = useAwayFrom(cook.id);
  const away = awayFrom !== null && !cook.standIn ? awayOf(cook, live, awayFrom, now, units) : null;
  const undone = cost && costWords(cost, cook.batch);
  return (
    <main className="mx-auto grid w-full max-w-6xl flex-1 content-start gap-6 px-4 py-3 sm:px-6 sm:py-5 short:py-2 lg:grid-cols-[minmax(0,1fr)_320px]">
      <div>
        <StoveHead cook={cook} words={words ? `${words.title}. ${words.act}` : ''} />
        <InSpite cook={cook} />
        {real && stood.why === 'raw' && stood.presumed && (
          <StoodRaw cook={cook} units={units} now={now} />
        )}
        {scorchedS !== null && <Scorched />}
        {cook.kettle && <Kettle cook={cook} units={units} over={!stage} />}
        {asksWarm ? (
          <HowWarm cook={cook} units={units} now={now} />
        ) : isLost ? (
          <Lost cook={cook} units={units} now={now} />
        ) : away ? (
          <AwayCard away={away} onMarks={hands.edit} onBack={back} />
        ) : stage ? (
          <Now
            cook={cook}
            stage={stage}
            at={at}
            nowS={nowSOf(cook, clock)}
            units={units}
            onPress={hands.press}
            onMove={hands.move}
            also={<AlsoDue cook={cook} moves={moves} />}
          >
            {stage.kind === 'warm-up' && isLate(stage, at) && (
              <LatePot pot={cook.pot} stage={stage} at={at} />
            )}
            {!cook.standIn && !cook.kettle && <Doubted cook={cook} onMarks={hands.edit} />}
            <TickList cook={cook} plan={plan} stage={stage} units={units} onTick={hands.tick} />
          </Now>
        ) : (
          !test &&
          !cook.kettle &&
          (cook.rehearsal ? (
            <Done cook={cook} />
          ) : (
            <section aria-label="Finish" className="mt-2">
              <AtTable
                cook={cook}
                step={openStep(cook, stages.at(-1)?.step ?? '')}
                units={units}
                hands={hands}
              >
                <h2 className="figure text-4xl">Serve</h2>
                <Finish cook={cook} units={units} />
              </AtTable>
            </section>
          ))
        )}
        {undone && <p className="mt-3 max-w-2xl text-lead text-rust">{undone}</p>}
        {hands.away && hands.away !== hands.refused && (
          <p role="status" className="mt-3 max-w-2xl rounded-lg bg-cobalt px-4 py-3 text-white">
            {hands.away}
          </p>
        )}
        {hands.refused && (
          <p role="alert" className="mt-3 max-w-2xl rounded-lg bg-rust px-4 py-3 text-white">
            {hands.refused}
          </p>
        )}
        {proposal && !test && (
          <ProposalCard
            cook={cook}
            proposal={proposal}
            onTake={hands.change}
            onLeave={hands.decline}
          />
        )}
        {test && lidIsOff(live) && (
          <Choices
            cook={cook}
            step={openStep(cook, test.step ?? stages.at(-1)?.step ?? '')}
            nowS={test.s}
            onChosen={hands.change}
          />
        )}
        <StoveFoot
          cook={cook}
          plan={plan}
          live={live}
          hands={hands}
          units={units}
          tries={!asksWarm && !isLost}
        />
      </div>
      <StoveAside cook={cook} live={live} moves={moves} units={units} now={now} />
    </main>
  );
}

function Scorched() {
  return (
    <div role="alert">
      <Alarm title="It may be scorching">
        <p>
          Heat off. Let the pressure fall by itself, open when the pin is down, and look at the
          bottom: scrape clean what sticks and thin it before the lid goes on again.
        </p>
      </Alarm>
    </div>
  );
}
