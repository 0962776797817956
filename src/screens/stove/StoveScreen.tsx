'use client';

import { useRouter } from 'next/navigation';
import { useEffect, useMemo } from 'react';
import {
  foodOf,
  handlingAt,
  keptApart,
  stepsOf,
  type Batch,
  type Item,
  type Mark,
  type MarkKind,
  type Cook,
} from '@/core/batch';
import { formatAmount, formatMinutes, type Units } from '@/core/quantity';
import { fishOutOf, runOffAt, stagesOf, standing, wordsOf, type Stage } from '@/core/timetable';
import { Button } from '@/ui/Button';
import { saveCook, useHousehold } from '@/ui/household';
import { isoOf } from '@/session/clock';
import { goBy, useApart, useClock, useNow } from '@/ui/clock';
import { clockFace, type ClockFace } from './clockFace';
import { timeOf } from '@/session/clockText';
import { CookTrace } from '@/ui/CookTrace';
import { NotHere } from '@/ui/NotHere';
import { YieldEntry } from '@/ui/YieldEntry';

function Missing() {
  return (
    <NotHere title="This cook is not here" href="/log">
      To the log
    </NotHere>
  );
}

/** Cooking: one clock, what to do now, the marks to press. Where it stands follows from the marks. */
export function StoveScreen({ id }: { readonly id: string }) {
  const { cooks } = useHousehold();
  const cook = cooks.find((r) => r.id === id);
  return cook ? <Stove cook={cook} /> : <Missing />;
}

/** The page's own title, when no clock runs in it. */
const NAME = 'Retort';

/** What goes in, comes out and stays apart at a stage. */
function handling(batch: Batch, stage: Stage, units: Units): readonly string[] {
  if (stage.kind !== 'load' && stage.kind !== 'do') return [];
  const name = (item: Item): string =>
    `${formatAmount(item.amount, units)} ${foodOf(item)?.name ?? item.food}`;
  const { into, out } = handlingAt(batch, stage.step);
  const first = stepsOf(batch)[0]?.id === stage.step;
  return [
    ...out.map((item) => `out: ${name(item)}`),
    ...into.map((item) => `in: ${name(item)}`),
    ...(first ? keptApart(batch).map((item) => `apart, not in here: ${name(item)}`) : []),
  ];
}

function Done({ cook }: { readonly cook: Cook }) {
  const router = useRouter();
  const clock = useClock();
  const finish = (): void => {
    const at = isoOf(clock);
    saveCook({ ...cook, endedAt: at, marks: [...cook.marks, { kind: 'done', step: null, at }] });
    router.push(`/log/${cook.id}`);
  };
  const out = fishOutOf(cook).map((item) => foodOf(item)?.name ?? item.food);
  const apart = keptApart(cook.batch).map((item) => foodOf(item)?.name ?? item.food);
  return (
    <section className="panel border-t-4 border-t-leaf p-6">
      <h2 className="figure text-4xl">To the table</h2>
      {out.length > 0 && <p className="mt-2 text-lg">Fish out: {out.join(', ')}.</p>}
      {apart.length > 0 && <p className="mt-2 text-lg">Into the bowls: {apart.join(', ')}.</p>}
      <p className="mt-2 text-quiet">
        Taste, then salt, acid, pepper, one at a time. What is left: shallow pans or an ice bath,
        from 57 to 21 °C (135 to 70 °F) within 2 h and to 5 °C (41 °F) within 4 h more. Never
        overnight on the counter; hot glass never into the freezer. None of this is canning.
      </p>
      <Button look="copper" className="mt-5 !min-h-14 !px-8 !text-lg" onClick={finish}>
        Write it in the log
      </Button>
    </section>
  );
}

/** What to do now, on a clock, and what to press when it is done. */
function Now({
  cook,
  stage,
  face,
  units,
  onPress,
}: {
  readonly cook: Cook;
  readonly stage: Stage;
  readonly face: ClockFace;
  readonly units: Units;
  readonly onPress: (kind: MarkKind) => void;
}) {
  const words = wordsOf(stage, units);
  const list = handling(cook.batch, stage, units);
  const strained = stage.stepKind === 'strain' ? runOffAt(cook, stage.step) : null;
  const { mark } = stage;
  return (
    <section aria-label="Now" className="mt-1">
      <h2 className="figure text-4xl sm:text-5xl" aria-live="polite">
        {words.title}
      </h2>
      <p className="mt-1 flex items-baseline gap-3">
        <span
          className={`figure text-[96px] leading-none sm:text-[140px] ${face.over ? 'text-rust' : 'text-ink'}`}
          role="timer"
          data-testid="clock"
        >
          {face.text}
        </span>
        <span className="text-lg text-quiet">{face.caption}</span>
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
      {stage.kind === 'hold' && (
        <Button className="mt-2 !min-h-14 !px-8 !text-lg" onClick={() => onPress('hold-over')}>
          End the hold now
        </Button>
      )}
      {stage.kind === 'wait' && (
        <Button className="mt-2 !min-h-14 !px-8 !text-lg" onClick={() => onPress('valve-opened')}>
          Valve opened early
        </Button>
      )}
      <dl className="mt-5 max-w-2xl space-y-3 text-[17px]">
        <div>
          <dt className="text-[13px] text-quiet">Do</dt>
          <dd>{words.act}</dd>
        </div>
        <div>
          <dt className="text-[13px] text-quiet">Look for</dt>
          <dd>{words.look}</dd>
        </div>
        {list.length > 0 && (
          <div>
            <dt className="text-[13px] text-quiet">Hands</dt>
            <dd>
              <ul className="grid gap-x-6 sm:grid-cols-2">
                {list.map((line) => (
                  <li key={line}>{line}</li>
                ))}
              </ul>
            </dd>
          </div>
        )}
      </dl>
      {words.caution && (
        <p className="mt-4 max-w-2xl rounded-lg border-2 border-rust bg-rust/5 px-4 py-3 text-[16px]">
          <b className="text-rust">Careful.</b> {words.caution}
        </p>
      )}
    </section>
  );
}

function Stove({ cook }: { readonly cook: Cook }) {
  const { kitchen } = useHousehold();
  const clock = useClock();
  const now = useNow();
  const stages = useMemo(() => stagesOf(cook.batch, cook.predicted), [cook.batch, cook.predicted]);
  const at = standing(stages, cook.marks, Date.parse(cook.startedAt), now);
  const stage = stages[at.index];
  const face = stage ? clockFace(stage, at) : null;
  const words = stage ? wordsOf(stage, kitchen.units) : null;
  const heading = face && words ? `${face.text} ${words.title}` : NAME;
  useEffect(() => {
    document.title = heading;
    return () => {
      document.title = NAME;
    };
  }, [heading]);
  const press = (kind: MarkKind): void => {
    if (stage)
      saveCook({ ...cook, marks: [...cook.marks, { kind, step: stage.step, at: isoOf(clock) }] });
  };
  const pressable = cook.marks.filter((m) => m.kind !== 'started');
  const last = pressable.at(-1);
  const takeBack = (): void => saveCook({ ...cook, marks: cook.marks.filter((m) => m !== last) });
  if (cook.endedAt)
    return (
      <NotHere title={`${cook.batch.name} is finished`} href={`/log/${cook.id}`}>
        To its page in the log
      </NotHere>
    );
  return (
    <main className="mx-auto grid w-full max-w-6xl flex-1 content-start gap-6 px-4 py-5 sm:px-6 lg:grid-cols-[minmax(0,1fr)_320px]">
      <div>
        <h1 className="text-lg text-quiet">{cook.batch.name}</h1>
        {stage && face && words ? (
          <Now cook={cook} stage={stage} face={face} units={kitchen.units} onPress={press} />
        ) : (
          <Done cook={cook} />
        )}
        {last && (
          <Button look="quiet" className="mt-4" onClick={takeBack}>
            Take back the last mark
          </Button>
        )}
      </div>
      <aside className="space-y-4">
        <CookTrace cook={cook} nowMin={(now - Date.parse(cook.startedAt)) / 60000} />
        <Stages stages={stages} at={at.index} marks={cook.marks} units={kitchen.units} />
        <Apart />
        <p className="text-[13px] text-quiet">
          Your pot’s manual always wins over what is said here.
        </p>
      </aside>
    </main>
  );
}

/** Where the cook has said that the clock is wrong: how far, and the way back to it. */
function Apart() {
  const apartMs = useApart();
  if (apartMs === 0) return null;
  return (
    <p className="flex flex-wrap items-center gap-x-3 text-[14px]">
      Counted apart from this device’s clock, by {formatMinutes(Math.abs(apartMs) / 60_000)}.
      <Button look="quiet" onClick={() => goBy('wall')}>
        Go by the clock
      </Button>
    </p>
  );
}

function Stages({
  stages,
  at,
  marks,
  units,
}: {
  readonly stages: readonly Stage[];
  readonly at: number;
  readonly units: Units;
  readonly marks: readonly Mark[];
}) {
  const time = (stage: Stage): string => {
    const mark = marks.find((m) => m.step === stage.step && m.kind === stage.mark);
    return mark ? timeOf(new Date(mark.at)) : '';
  };
  return (
    <ol className="panel divide-y divide-hairline" aria-label="Stages">
      {stages.map((stage, i) => (
        <li
          key={stage.id}
          aria-current={i === at ? 'step' : undefined}
          className={`flex justify-between px-4 py-2 text-[14.5px] ${i === at ? 'border-l-4 border-l-cobalt font-semibold' : i < at ? 'text-quiet' : ''}`}
        >
          <span>
            {i < at ? '✓ ' : ''}
            {wordsOf(stage, units).title}
          </span>
          <span className="text-quiet">
            {time(stage) || (stage.expectMin >= 1 ? formatMinutes(stage.expectMin) : '')}
          </span>
        </li>
      ))}
    </ol>
  );
}
