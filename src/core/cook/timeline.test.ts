import fc from 'fast-check';
import type { Cook, Mark } from '../batch/schema';
import { lessonOf } from '../learn';
import { cookOf } from '../testing/cooks';
import { batchOf, item, pressure } from '../testing/kitchen';
import { markAt } from '../testing/marks';
import {
  happened,
  heardBy,
  isDeclined,
  lidS,
  planNow,
  realTotalMin,
  stagesOf,
  standing,
  takeBack,
  timelineOf,
  untick,
  withLog,
  type How,
  type Message,
  type StepTimeline,
  type Timeline,
} from '.';

const START = '2026-11-24T16:00:00.000Z';
const at = (min: number): string => new Date(Date.parse(START) + min * 60_000).toISOString();
const BEANS = batchOf(
  [item('w', 'water', 1.4, 'l'), item('b', 'borlotti', 400, 'g', { soakedH: 10 })],
  [pressure(10), { id: 's2', kind: 'simmer', minutes: 5 }],
);
const cooked = (marks: readonly Mark[], batch = BEANS): Cook => ({
  ...cookOf('c1', batch, START),
  marks,
});
const mark = (kind: Mark['kind'], min: number, more: Partial<Mark> = {}): Mark =>
  markAt(kind, at(min), more);
const said = (kind: Message['kind'], min: number, value?: number): Message => ({
  at: at(min),
  pot: 'p1',
  kind,
  ...(value !== undefined && { value }),
});
const step = (cook: Cook, id = 's1'): StepTimeline => {
  const found = timelineOf(cook).steps.find((one) => one.id === id);
  if (!found) throw new Error(id);
  return found;
};
const minute = (second: { readonly s: number; readonly how: How } | null) =>
  second && [second.s / 60, second.how];

describe('a step as it went', () => {
  it('says of each moment whether it was pressed, heard or presumed', () => {
    const cook = cooked([
      mark('lid-locked', 2),
      mark('pin-up', 18, { heard: true }),
      mark('at-pressure', 20),
      mark('step-done', 60, { step: 's2' }),
    ]);
    const { locked, pin, hot, over, off, down } = step(cook);
    expect([locked, pin, hot, over, down, off].map(minute)).toEqual([
      [2, 'pressed'],
      [18, 'heard'],
      [20, 'pressed'],
      [30, 'presumed'],
      null,
      [60, 'presumed'],
    ]);
  });

  it('presumes the lid by the first thing that was marked after it', () => {
    expect(minute(step(cooked([mark('at-pressure', 21)])).locked)).toEqual([21, 'presumed']);
    expect(step(cooked([])).locked).toBeNull();
  });

  it('keeps every turn of the valve', () => {
    const { valve } = step(
      cooked([mark('valve-opened', 30), mark('valve-closed', 31), mark('valve-opened', 34)]),
    );
    expect(valve.map(({ s, opens }) => [s / 60, opens])).toEqual([
      [30, true],
      [31, false],
      [34, true],
    ]);
  });

  it('ends a hold that was changed by the changed plan', () => {
    const cook = cooked([
      mark('lid-locked', 0),
      mark('at-pressure', 20),
      mark('changed', 25, { change: 'hold', value: 34 }),
    ]);
    expect(minute(step(cook).over)).toEqual([54, 'presumed']);
  });

  it('belongs to the lid that came to pressure where the lid was seated twice', () => {
    const cook = cooked([
      mark('lid-locked', 2),
      mark('lid-off', 12),
      mark('lid-locked', 14),
      mark('pin-up', 22),
      mark('at-pressure', 24),
      mark('lid-off', 50),
    ]);
    const { locked, hot, off, seatings } = step(cook);
    expect([locked, hot, off].map(minute)).toEqual([
      [2, 'pressed'],
      [24, 'pressed'],
      [50, 'pressed'],
    ]);
    expect(seatings).toBe(2);
  });

  it('is not over when the lid of a false start comes off', () => {
    const cook = cooked([mark('lid-locked', 2), mark('lid-off', 12), mark('lid-locked', 14)]);
    expect(step(cook).off).toBeNull();
    const stages = stagesOf(planNow(cook), cook.predicted);
    const { index } = standing(stages, timelineOf(cook), Date.parse(START), Date.parse(at(15)));
    expect(stages[index]?.kind).toBe('warm-up');
  });
});

describe('the proposal that was taken: a hold of 10 min made 34', () => {
  // Hot at 20 min, over by the changed plan at 54, down at 74: a release of 20 min, not of 44.
  const cook: Cook = {
    ...cooked([
      mark('lid-locked', 2),
      mark('pin-up', 17),
      mark('at-pressure', 20),
      mark('changed', 26, { change: 'hold', value: 34 }),
      mark('pin-down', 74),
      mark('lid-off', 75),
      mark('step-done', 80, { step: 's2' }),
    ]),
    endedAt: at(90),
  };

  it('shows its true release', () => {
    expect(happened(timelineOf(cook))[0]).toEqual({ step: 's1', warmUpMin: 18, releaseMin: 20 });
  });

  it('teaches its true release', () => {
    const down = lessonOf(cook)?.pot.find(({ what }) => what === 'down');
    expect(down?.seenS).toBe(20 * 60);
  });
});

describe('how long it took', () => {
  it('is from the lid to the end of the last step, whatever is tried or marked later', () => {
    const marks = [mark('lid-locked', 4), mark('step-done', 64, { step: 's2' })];
    const later = mark('tested', 80, { step: 's2', item: 'b', grade: 'tender' });
    const over = { ...cooked([...marks, later]), endedAt: at(100) };
    expect(realTotalMin(over)).toBe(60);
    expect(realTotalMin({ ...over, marks: [] })).toBe(100);
    expect(lidS(timelineOf(over))).toBe(240);
  });

  it('does not count what is cooled after the table', () => {
    const cools = batchOf(BEANS.items, [pressure(10), { id: 's2', kind: 'cool', minutes: 60 }]);
    const marks = [
      mark('lid-locked', 0),
      mark('lid-off', 45),
      mark('step-done', 120, { step: 's2' }),
    ];
    expect(realTotalMin({ ...cooked(marks, cools), endedAt: at(130) })).toBe(45);
  });

  it('teaches no warm-up of a lid that was seated twice', () => {
    const marks = [
      mark('lid-locked', 2),
      mark('lid-off', 12),
      mark('lid-locked', 14),
      mark('pin-up', 22),
      mark('at-pressure', 24),
      mark('pin-down', 50),
    ];
    const lesson = lessonOf({ ...cooked(marks), endedAt: at(60) });
    expect(lesson?.pot.map(({ what }) => what)).toEqual(['lag', 'down']);
  });
});

describe('a log of a pot', () => {
  const lids = batchOf(BEANS.items, [pressure(10), { ...pressure(4), id: 's3' }]);
  const stepsHeard = (log: readonly Message[], cook = cooked([], lids)) =>
    heardBy(cook, log).marks.map((m) => `${m.kind} ${m.step}`);

  it('is heard to its end where the lid was seated twice', () => {
    const log = [
      said('lid', 2, 1),
      said('temperature', 8, 80),
      said('lid', 10, 0),
      said('lid', 12, 1),
      said('pin-up', 20),
      said('countdown', 23),
      said('pin-down', 50),
      said('lid', 51, 0),
    ];
    const one = cooked([], batchOf(BEANS.items, [pressure(10)]));
    const heard = withLog(one, log, Date.parse(at(60)));
    expect(heard.marks.every((m) => m.step === 's1' || m.kind === 'started')).toBe(true);
    const { hot, down, off, seatings } = step(heard);
    // A log of another time begins the cook: its first message is minute 0 of it or it stands as it is.
    const from = Date.parse(START) - Date.parse(heard.startedAt);
    const real = [hot, down, off].map((x) => (x?.s ?? 0) / 60 - from / 60_000);
    expect(real).toEqual([23, 50, 51]);
    expect(seatings).toBe(2);
  });

  it('goes on to the next step once the first came to pressure', () => {
    const log = [
      said('lid', 2, 1),
      said('pin-up', 20),
      said('lid', 40, 0),
      said('lid', 42, 1),
      said('pin-up', 48),
      said('lid', 60, 0),
    ];
    expect(stepsHeard(log)).toEqual([
      'lid-locked s1',
      'pin-up s1',
      'lid-off s1',
      'lid-locked s3',
      'pin-up s3',
      'lid-off s3',
    ]);
  });

  it('is believed of its lid where it says nothing of pressure', () => {
    const log = [said('lid', 2, 1), said('lid', 40, 0), said('lid', 42, 1), said('lid', 60, 0)];
    expect(stepsHeard(log).map((words) => words.split(' ')[1])).toEqual(['s1', 's1', 's3', 's3']);
  });

  it('follows the steps of the hand where both say that the lid is on', () => {
    const hands = cooked([mark('lid-locked', 42, { step: 's3' })], lids);
    const log = [said('lid', 42.1, 1), said('pin-up', 48)];
    expect(stepsHeard(log, hands)).toEqual(['lid-locked s3', 'lid-locked s3', 'pin-up s3']);
  });

  it('gives the same ids when it is opened again', () => {
    const log = [said('lid', 2, 1), said('temperature', 8, 80), said('temperature', 8, 81)];
    const ids = (cook: Cook) => heardBy(cook, log).marks.map((m) => m.id);
    const once = heardBy(cooked([]), log);
    expect(ids(once)).toEqual(ids(cooked([])));
    expect(new Set(ids(once)).size).toBe(3);
  });
});

describe('laws of marks', () => {
  const kinds = [
    'lid-locked',
    'pin-up',
    'at-pressure',
    'hold-over',
    'valve-opened',
    'valve-closed',
    'pin-down',
    'lid-off',
    'ticked',
    'left-out',
    'tested',
    'temperature',
    'put-right',
    'declined',
  ] as const;
  const anyMark = fc.record({
    kind: fc.constantFrom(...kinds),
    min: fc.integer({ min: 0, max: 90 }),
    step: fc.constantFrom('s1', 's2'),
    heard: fc.boolean(),
  });
  const changed = fc.record({
    kind: fc.constant('changed' as const),
    min: fc.integer({ min: 0, max: 90 }),
    step: fc.constantFrom('s1', 's1+1', 's2'),
    heard: fc.constant(false),
    change: fc.constantFrom('hold', 'close-again', 'simmer-on', 'release-now'),
    value: fc.integer({ min: 0, max: 60 }),
  });
  const marks = fc
    .array(fc.oneof({ weight: 4, arbitrary: anyMark }, { weight: 1, arbitrary: changed }), {
      maxLength: 24,
    })
    .map((drawn) =>
      drawn.map(({ min, heard, ...rest }, i): Mark => ({
        id: `m${i}`,
        at: at(min),
        ...(heard && { heard }),
        ...(rest.kind === 'tested' && { item: 'b', grade: 'tender' }),
        ...((rest.kind === 'ticked' || rest.kind === 'left-out') && { item: 'b' }),
        ...(rest.kind === 'temperature' && { value: 90 + min / 10 }),
        ...(rest.kind === 'put-right' && { fault: 'ring' as const }),
        ...rest,
      })),
    );

  it('any order of the list gives one timeline', () => {
    fc.assert(
      fc.property(marks, fc.infiniteStream(fc.nat()), (list, numbers) => {
        const order = new Map(list.map((m) => [m.id, numbers.next().value]));
        const mixed = list.toSorted((a, b) => (order.get(a.id) ?? 0) - (order.get(b.id) ?? 0));
        expect(timelineOf(cooked(mixed))).toEqual(timelineOf(cooked(list)));
      }),
    );
  });

  it('a mark that is taken back was never made', () => {
    fc.assert(
      fc.property(marks, fc.nat(), (list, pick) => {
        const before = timelineOf(cooked(list));
        const extra: Mark = { ...(list[pick % Math.max(1, list.length)] ?? mark('pin-up', 9)) };
        const more = [...list, { ...extra, id: 'more', at: at(pick % 90) }];
        expect(timelineOf(cooked(takeBack(more, 'more')))).toEqual(before);
      }),
    );
  });

  it('a log of messages and the same marks by hand give the same seconds', () => {
    const MESSAGE = {
      'lid-locked': ['lid', 1],
      'pin-up': ['pin-up', undefined],
      'at-pressure': ['countdown', undefined],
      'valve-opened': ['valve', 1],
      'pin-down': ['pin-down', undefined],
      'lid-off': ['lid', 0],
      temperature: ['temperature', 101],
    } as const;
    const seconds = ({ steps, seen }: Timeline): unknown =>
      JSON.parse(
        JSON.stringify({ steps, seen }, (key, value: unknown) =>
          key === 'how' && value !== 'presumed' ? 'marked' : value,
        ),
      );
    const lids = batchOf(BEANS.items, [pressure(10), { ...pressure(4), id: 's2' }]);
    const gaps = fc.array(fc.integer({ min: 1, max: 30 }), { minLength: 14, maxLength: 14 });
    fc.assert(
      fc.property(gaps, fc.integer({ min: 2, max: 14 }), fc.boolean(), (waits, many, twice) => {
        let min = 0;
        const once = Object.keys(MESSAGE) as (keyof typeof MESSAGE)[];
        // The lid of the first step may be seated, come to nothing and be seated anew.
        const false_ = ['lid-locked', 'temperature', 'lid-off'] as const;
        const all = [...once, ...once].map((kind, i) => ({ kind, step: i < 7 ? 's1' : 's2' }));
        const kinds = [...(twice ? false_.map((kind) => ({ kind, step: 's1' })) : []), ...all];
        const events = kinds.slice(0, many + (twice ? 3 : 0)).map(({ kind, step: of }, i) => {
          min += waits[i % waits.length] ?? 1;
          const value = kind === 'temperature' && twice && i < 3 ? 70 : MESSAGE[kind][1];
          return { kind, of, min, value };
        });
        const hand = events.map(({ kind, of, min: m, value }) =>
          mark(kind, m, { step: of, ...(kind === 'temperature' && { value: value ?? 0 }) }),
        );
        const log = events.map(({ kind, min: m, value }) => said(MESSAGE[kind][0], m, value));
        expect(seconds(timelineOf(heardBy(cooked([], lids), log)))).toEqual(
          seconds(timelineOf(cooked(hand, lids))),
        );
      }),
    );
  });
});

describe('what else marks say', () => {
  it('keeps what was tried open until the plan is changed after it', () => {
    const tried = mark('tested', 60, { item: 'b', grade: 'firm' });
    expect(timelineOf(cooked([tried])).openTrial).toMatchObject({ item: 'b', grade: 'firm' });
    const after = mark('changed', 61, { change: 'close-again', value: 6 });
    expect(timelineOf(cooked([tried, after])).openTrial).toBeNull();
  });

  it('leaves an item out of the plan, and takes back a tick', () => {
    const marks = [mark('ticked', 1, { item: 'w' }), mark('left-out', 2, { item: 'b' })];
    expect(planNow(cooked(marks)).items.map((i) => i.id)).toEqual(['w']);
    expect([...timelineOf(cooked(marks)).ticked]).toEqual(['w']);
    expect(untick(marks, 'w')).toHaveLength(1);
    expect(isDeclined(cooked([mark('declined', 3)]), 's1')).toBe(true);
    expect(isDeclined(cooked([mark('declined', 3)]), 's2')).toBe(false);
  });

  it('counts only what was marked by a moment', () => {
    const cook = cooked([mark('lid-locked', 2), mark('at-pressure', 20)]);
    expect(timelineOf(cook, 60 * 10).steps[0]).toMatchObject({ hot: null });
  });
});

describe('a rest behind a hold', () => {
  const rest = { id: 's2', kind: 'rest' as const, minutes: 60, keepWarm: true };
  const WARM = batchOf([...BEANS.items], [pressure(10), rest]);
  const marks = [mark('lid-locked', 2), mark('at-pressure', 20), mark('pin-down', 45)];
  const kinds = (batch: typeof WARM) =>
    stagesOf(batch, cooked([], batch).predicted).map(({ kind }) => kind);

  it('leaves the lid on: it is opened for nothing', () => {
    expect(kinds(WARM)).toEqual(['load', 'warm-up', 'hold', 'pin', 'do']);
    const leek = item('l', 'leek', 2, 'piece', { stays: [{ from: 's2' }] });
    expect(kinds(batchOf([...WARM.items, leek], WARM.steps))).toContain('lid');
  });

  it('begins as the pin drops', () => {
    const cook = cooked(marks, WARM);
    expect(minute(step(cook).off)).toEqual([45, 'pressed']);
    const stages = stagesOf(WARM, cook.predicted);
    const now = Date.parse(at(50));
    const stood = standing(stages, timelineOf(cook), Date.parse(START), now);
    expect(stages[stood.index]?.step).toBe('s2');
    expect(stood.elapsedMin).toBeCloseTo(5, 5);
  });
});
