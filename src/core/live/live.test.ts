import { markAt, markedS } from '../testing/marks';
import { quantileSorted } from 'd3-array';
import fc from 'fast-check';
import { readFileSync } from 'node:fs';
import { runModel } from '../model';
import { stepsOf } from '../batch/plan';
import { type Cook, type Mark, type MarkKind, markId } from '../batch/schema';
import { cookOf } from '../testing/cooks';
import { cookThrough, until } from '../testing/cooking';
import { batchOf, item, POT, pressure } from '../testing/kitchen';
import { drawUnknowns, seeded, solveSmall, toDraw } from '../unknown';
import {
  MESSAGE_KINDS,
  type Message,
  heardBy,
  linkOf,
  planNow,
  withLog,
  writeMessages,
} from '../cook';
import {
  beliefOf,
  choicesAt,
  costOfLeaving,
  courseOf,
  endsOnStandIn,
  proposalOf,
  standInAt,
  truthOf,
  worldsOf,
  type StandIn,
} from './';
import { agree } from './ensemble';
import { readMessages } from '../cook';

const START = '2026-11-24T16:00:00.000Z';
const at = (s: number): string => new Date(Date.parse(START) + s * 1000).toISOString();
const mark = (kind: MarkKind, s: number, more: Partial<Mark> = {}): Mark =>
  markAt(kind, at(s), more);

const BEANS = batchOf(
  [
    item('w', 'water', 1.4, 'l'),
    item('b', 'borlotti', 400, 'g', { soakedH: 10 }),
    item('c', 'carrot', 3, 'piece'),
  ],
  [pressure(24, { method: 'timed', afterMin: 5 })],
);
const COOK = cookOf('c1', BEANS, START);
const STAND_IN: StandIn = { seed: 11, times: 1, wallAt: START, cookAt: START };
const cooked = cookThrough(COOK, STAND_IN, true);
const s = (kind: MarkKind): number => markedS(cooked.cook, kind, 's1') ?? Number.NaN;

describe('a cook as it goes', () => {
  it('has its gaps as steps, and what hands did at its time', () => {
    const course = courseOf(cooked.cook, cooked.tableS);
    expect(stepsOf(course.batch).map((x) => x.id)).toEqual(['s1:before', 's1', 's1:shut']);
    expect(course.lived['s1:before']).toEqual({ endsS: 240 });
    expect(course.lived['s1']?.holdEndsS).toBeCloseTo(s('at-pressure') + 1440, 0);
    expect(course.lived['s1']?.valveS).toEqual([s('valve-opened')]);
  });

  it('takes a pot only at what hands did, and does not open its valve for them', () => {
    const { lived } = courseOf(until(cooked.cook, s('valve-opened') - 1), 9000, false);
    expect(lived['s1']).toEqual({ shutUntilS: Infinity });
  });

  it('infers what was not marked from what was marked later', () => {
    const two = batchOf(BEANS.items, [pressure(9), { id: 's2', kind: 'simmer', minutes: 5 }]);
    const cook: Cook = {
      ...cookOf('c2', two, START),
      marks: [mark('started', 0, { step: null }), mark('step-done', 4000, { step: 's2' })],
    };
    const { lived } = courseOf(cook, 4100);
    expect(lived['s2']).toEqual({ endsS: 4000 });
    expect(lived['s1:shut']).toEqual({ endsS: 4000 });
  });

  it('holds as long as hands made it hold, and simmers until they were done', () => {
    const model = runModel(BEANS, POT, COOK.kitchen, { lived: { s1: { holdEndsS: 3000 } } });
    const [step] = model.heat.steps;
    expect((step?.startS ?? 0) + (step?.warmUpS ?? 0) + (step?.holdS ?? 0)).toBeCloseTo(3000, 3);
    const two = batchOf(BEANS.items, [pressure(9), { id: 's2', kind: 'simmer', minutes: 5 }]);
    const on = runModel(two, POT, COOK.kitchen, { lived: { s2: { endsS: 6000 } } });
    expect(on.heat.steps[1]?.endS).toBeCloseTo(6000, 3);
    const waits = runModel(two, POT, COOK.kitchen, { lived: { s2: { notOverS: 7000 } } });
    expect(waits.heat.steps[1]?.endS).toBeCloseTo(7000, 3);
  });

  it('lets off less steam through a valve that was closed again, and is down later', () => {
    const quick = batchOf(BEANS.items, [pressure(9, { method: 'quick' })]);
    const model = (valveS: readonly number[]) =>
      runModel(quick, POT, COOK.kitchen, { lived: { s1: { holdEndsS: 2400, valveS } } }).heat;
    const open = model([2460]);
    const spat = model([2460, 2475, 2700]);
    expect(spat.steps[0]?.endS).toBeGreaterThan((open.steps[0]?.endS ?? 0) + 120);
    const gone = (h: typeof open, from: number, to: number): number => {
      const of = (t: number) => h.trace.steamKg[h.trace.s.findIndex((x) => x >= t)] ?? 0;
      return of(to) - of(from);
    };
    expect(gone(spat, 2480, 2690)).toBe(0);
    expect(gone(open, 2460, 2475)).toBeGreaterThan(0);
  });

  it('changes its plan by marks, and changes back when they are taken back', () => {
    const change = (c: Mark['change'], value: number): Mark =>
      ({ ...mark('changed', 3000), change: c, value }) as Mark;
    const plan = planNow({
      batch: BEANS,
      marks: [change('hold', 14), change('close-again', 4), change('simmer-on', 10)],
    });
    expect(stepsOf(plan).map((x) => [x.id, x.kind])).toEqual([
      ['s1', 'pressure'],
      ['s1+2', 'simmer'],
      ['s1+1', 'pressure'],
    ]);
    expect(planNow({ batch: BEANS, marks: [] }).steps).toEqual(stepsOf(BEANS));
  });
});

describe('the messages of a pot', () => {
  const message = fc.record({
    at: fc.integer({ min: 0, max: 4e12 }).map((ms) => new Date(ms).toISOString()),
    pot: fc.string({ minLength: 1, maxLength: 20 }).filter((t) => t.trim().length > 0),
    kind: fc.constantFrom(...MESSAGE_KINDS),
    value: fc.integer({ min: -50, max: 300 }),
  });

  it('come back as they were written', () => {
    fc.assert(
      fc.property(fc.array(message, { minLength: 1, maxLength: 20 }), (messages) => {
        const read = readMessages(writeMessages(messages));
        expect(read.ok && read.messages).toEqual(
          messages.toSorted((a, b) => Date.parse(a.at) - Date.parse(b.at)),
        );
      }),
    );
  });

  it.each([
    ['nonsense', /Line 1 is not JSON/],
    ['[1]', /Line 1 is not an object/],
    ['{"at":"x","pot":"p","kind":"lid"}', /Line 1 has "x", not a date and time/],
    ['{"at":"2026-11-24T16:00:00Z","pot":"p","kind":"boils"}', /not one of pin-up/],
    [
      '{"at":"2026-11-24T16:00:00Z","pot":"p","kind":"level","value":1e9}',
      /not a number from -50 to 20000/,
    ],
    ['  \n', /no message/],
  ])('are refused line by line: %s', (text, words) => {
    const read = readMessages(text);
    expect(read.ok ? '' : read.problems[0]).toMatch(words);
  });

  it('become marks, and the example file is one', () => {
    const said: Message = { at: START, pot: 'p', kind: 'valve', value: 0 };
    expect(heardBy(COOK, [said]).marks.at(-1)).toEqual({
      id: markId({ kind: 'valve-closed', at: START }, new Set()),
      kind: 'valve-closed',
      step: null,
      at: START,
      heard: true,
    });
    const read = readMessages(readFileSync('demo/pot-link.jsonl', 'utf8'));
    const heard: Message[] = [];
    if (read.ok) linkOf(read.messages).listen((said) => heard.push(...said));
    expect(heard.map((m) => m.kind)).toEqual(
      expect.arrayContaining(['lid', 'pin-up', 'countdown', 'temperature', 'valve', 'pin-down']),
    );
  });
});

describe('a log of a pot', () => {
  const said = (kind: Message['kind'], min: number, value?: number): Message => ({
    at: at(60 * min),
    pot: 'p1',
    kind,
    ...(value !== undefined && { value }),
  });

  it('stands beside what hands marked where it is of the cook, and gives it its time where not', () => {
    const log = [said('lid', 4, 1), said('pin-up', 20), said('countdown', 24)];
    const now = Date.parse(at(3600));
    const own = withLog({ ...COOK, marks: [...COOK.marks, mark('scorch', 900)] }, log, now);
    expect(own.startedAt).toBe(START);
    expect(own.marks.map((m) => m.kind)).toEqual([
      'started',
      'scorch',
      'lid-locked',
      'pin-up',
      'at-pressure',
    ]);
    expect(withLog(own, log, now)).toEqual(own);
    const other = withLog({ ...COOK, startedAt: '2026-12-24T16:00:00.000Z' }, log, now);
    expect(other.startedAt).toBe(at(240));
    expect(other.marks.every((m) => m.step === null || m.step === 's1')).toBe(true);
  });
});

describe('the practice pot', () => {
  it('agrees with the plan where nothing is hidden', () => {
    const { unknowns } = { unknowns: truthOf(COOK, STAND_IN) };
    const model = runModel(BEANS, POT, COOK.kitchen, { unknowns, stepS: 10 });
    const hot = (model.heat.steps[0]?.warmUpS ?? 0) + 240;
    expect(Math.abs(s('at-pressure') - hot)).toBeLessThan(20);
    expect(truthOf(COOK, { ...STAND_IN, power: 0.88 }).power).toBe(0.88);
    expect(truthOf(COOK, { ...STAND_IN, needs: { b: 1.6 } }).items['b']?.need).toBe(1.6);
  });

  it('keeps its lid shut while there is pressure, and opens by hand alone', () => {
    const shut = standInAt(cooked.cook, STAND_IN, s('at-pressure') + 60).face;
    expect(shut).toMatchObject({ pinUp: true, shut: true, doing: 'holding' });
    expect(shut.leftMin).toBeCloseTo(23, 0);
    const waits = standInAt(until(cooked.cook, s('valve-opened') - 1), STAND_IN, s('valve-opened'));
    expect(waits.face.doing).toBe('cooling');
    expect(standInAt(cooked.cook, STAND_IN, cooked.tableS + 60).face).toMatchObject({
      pinUp: false,
      shut: false,
      gaugeKPa: 0,
    });
  });

  it('says the same again after a reload, and nothing before its time', () => {
    const now = s('at-pressure') + 100;
    const a = standInAt(cooked.cook, STAND_IN, now).messages;
    expect(standInAt({ ...cooked.cook }, { ...STAND_IN }, now).messages).toEqual(a);
    const later = standInAt(cooked.cook, STAND_IN, now + 300).messages;
    expect(later.slice(0, a.length)).toEqual(a);
    for (const m of a) expect(Date.parse(m.at)).toBeLessThanOrEqual(Date.parse(at(now)));
  });

  it('knows when a step is over that is simmered', () => {
    const two = batchOf(BEANS.items, [{ id: 's1', kind: 'simmer', minutes: 20 }]);
    const end = endsOnStandIn(cookOf('c3', two, START), STAND_IN, 0, 's1');
    expect(end).toBeGreaterThan(1200);
    expect(end).toBeLessThan(3600);
  });
});

describe('worlds brought to agree', () => {
  it('solves small systems', () => {
    const x = solveSmall(
      [
        [0, 2],
        [4, 1],
      ],
      [[6], [11]],
    );
    expect(x.map((r) => r[0])).toEqual([2, 3]);
  });

  it('comes to the mean and the spread of the exact answer where all is linear', () => {
    // z normal, seen 2 z + noise of 0.5 at 3: mean 6 / 4.25, variance 0.25 / 4.25 (Kalman 1960).
    const chance = seeded(4);
    const worlds = Array.from({ length: 4000 }, () => [chance.normal(), chance.normal()]);
    const shown = worlds.map(([z = 0]) => [2 * z]);
    const after = agree(
      worlds,
      shown,
      worlds.map(() => [3]),
      [0.5],
      chance,
    );
    const first = after.map((r) => r[0] as number);
    const mean = first.reduce((a, b) => a + b, 0) / first.length;
    const variance = first.reduce((a, b) => a + (b - mean) ** 2, 0) / first.length;
    expect(mean).toBeCloseTo(6 / 4.25, 1);
    expect(Math.sqrt(variance)).toBeCloseTo(Math.sqrt(0.25 / 4.25), 1);
    // Unrelated data stays as it is.
    expect(after.every((r, i) => r[1] === worlds[i]?.[1])).toBe(true);
  });

  it('finds the power that importance weights over many draws find', () => {
    const hotS = s('at-pressure');
    const marks = [mark('started', 0, { step: null }), mark('lid-locked', 240)];
    const cook: Cook = { ...COOK, marks: [...marks, mark('at-pressure', hotS, { heard: true })] };
    const belief = beliefOf(worldsOf(cook, hotS, { seed: 2, worlds: 80 }), hotS);
    // Brute force: draws of the same prior, weighed by how near they come to what was seen.
    const chance = seeded(77);
    const course = courseOf({ ...cook, marks }, 240);
    const sd = Math.hypot(5, 0.01 * hotS);
    const draws = Array.from({ length: 700 }, () => {
      const unknowns = drawUnknowns(POT, toDraw(course.batch, cook.kitchen), chance);
      const model = runModel(course.batch, POT, cook.kitchen, {
        unknowns,
        stepS: 30,
        lived: course.lived,
        untilS: hotS + 600,
      });
      const i = stepsOf(course.batch).findIndex((x) => x.id === 's1');
      const r = model.heat.steps[i] ?? model.heat.end.place.now;
      const shown = r?.reached ? r.startS + r.warmUpS : hotS + 900;
      return {
        power: unknowns.power * unknowns.efficiency,
        weight: Math.exp(-0.5 * ((shown - hotS) / sd) ** 2),
      };
    }).sort((a, b) => a.power - b.power);
    const sum = draws.reduce((w, d) => w + d.weight, 0);
    const quantile = (share: number): number => {
      let w = 0;
      return draws.find((d) => (w += d.weight) >= share * sum)?.power ?? 0;
    };
    // Of 60 to 80 draws either way: a standard error of about 0.01.
    expect(Math.abs(belief.power.p50 - quantile(0.5))).toBeLessThan(0.03);
    expect(
      Math.abs(belief.power.p90 - belief.power.p10 - quantile(0.9) + quantile(0.1)),
    ).toBeLessThan(0.05);
  });
});

describe('what is believed at the stove', () => {
  it('narrows with every mark, and the table lies in it', () => {
    const width = (t: number): number => {
      const { tableS } = beliefOf(
        worldsOf(until(cooked.cook, t), t, { seed: 5, watched: true }),
        t,
      );
      expect(cooked.tableS).toBeGreaterThan(tableS.p10 - 60);
      expect(cooked.tableS).toBeLessThan(tableS.p90 + 60);
      return tableS.p90 - tableS.p10;
    };
    const planned = width(240);
    const hot = width(s('at-pressure'));
    expect(hot).toBeLessThan((2 / 3) * planned);
    expect(width(s('valve-opened'))).toBeLessThan(planned / 3);
  });

  it('takes the silence of a pot that is late for what it is', () => {
    const late = { ...STAND_IN, power: 0.75 };
    const slow = cookThrough(COOK, late);
    const now = s('at-pressure');
    const cook = until(slow.cook, now);
    const { p50 } = beliefOf(worldsOf(cook, now, { seed: 5, watched: true }), now).tableS;
    const deaf = beliefOf(worldsOf(cook, now, { seed: 5 }), now).tableS.p50;
    expect(p50).toBeGreaterThan(deaf);
    expect(Math.abs(p50 - slow.tableS)).toBeLessThan(Math.abs(deaf - slow.tableS));
  });

  it('gives the same answer to the same marks', () => {
    const now = s('at-pressure');
    const ask = () => beliefOf(worldsOf(until(cooked.cook, now), now, { seed: 5 }), now);
    expect(ask()).toEqual(ask());
  });

  it('finds hard beans at the first try, and proposes what leaves them right', () => {
    const hard = { ...STAND_IN, needs: { b: 2 } };
    const { cook: whole } = cookThrough(COOK, hard);
    const off = markedS(whole, 'lid-off', 's1') ?? 0;
    const now = off + 30;
    const { grades } = standInAt(whole, hard, now);
    const cook: Cook = {
      ...whole,
      marks: [...whole.marks, mark('tested', now, { item: 'b', grade: grades['b'] })],
    };
    const worlds = worldsOf(cook, now, { seed: 5 });
    expect(beliefOf(worlds, now).needs['b']?.p50).toBeGreaterThan(1.15);
    const [again, ...others] = choicesAt(cook, now, worlds, 's1');
    const asItIs = others.at(-1);
    expect([again?.change, asItIs?.change]).toEqual(['close-again', 'as-it-is']);
    const right = (o: typeof again): number => o?.verdicts['b']?.right ?? 0;
    expect(right(again)).toBeGreaterThan(right(asItIs));
    const proposal = proposalOf(cook, now, worlds, 'open', 's1', cooked.tableS);
    expect(proposal).toMatchObject({ why: 'short', items: ['b'] });
    expect(proposal?.option.tableS).toBeGreaterThan(proposal?.asPlanned.tableS ?? Infinity);
    const declined: Cook = { ...cook, marks: [...cook.marks, mark('declined', now)] };
    expect(proposalOf(declined, now, worlds, 'open', 's1', cooked.tableS)).toBeNull();
  });

  it('says what every minute costs that the valve stays shut', () => {
    const now = s('valve-opened') - 1;
    const cook = until(cooked.cook, now);
    const worlds = worldsOf(cook, now, { seed: 5 });
    const cost = costOfLeaving(cook, now, worlds);
    expect(cost.tableMin).toBeGreaterThan(0.5);
    expect(cost.tableMin).toBeLessThan(1.05);
    for (const { lost } of cost.items) expect(lost).toBeGreaterThan(0);
  });

  it('proposes nothing where the plan holds', () => {
    const now = s('at-pressure') + 30;
    const cook = until(cooked.cook, now);
    const worlds = worldsOf(cook, now, { seed: 5 });
    const { tableS } = beliefOf(worlds, now);
    expect(proposalOf(cook, now, worlds, 'shut', 's1', tableS.p50)).toBeNull();
  });

  it('proposes a shorter hold where it is late and nothing is lost by it', () => {
    const stock = cookOf(
      'c4',
      batchOf(
        [item('w', 'water', 1.4, 'l'), item('b', 'bay-leaf', 2, 'piece')],
        [pressure(24, { method: 'quick' })],
      ),
      START,
    );
    const { cook: whole } = cookThrough(stock, STAND_IN);
    const now = (markedS(whole, 'at-pressure', 's1') ?? 0) + 30;
    const cook = until(whole, now);
    const worlds = worldsOf(cook, now, { seed: 5 });
    const { p50 } = beliefOf(worlds, now).tableS;
    expect(proposalOf(cook, now, worlds, 'shut', 's1', p50)).toBeNull();
    const proposal = proposalOf(cook, now, worlds, 'shut', 's1', p50 - 420);
    expect(proposal).toMatchObject({ why: 'late', option: { change: 'hold', minutes: 17 } });
    expect((proposal?.asPlanned.tableS ?? 0) - (proposal?.option.tableS ?? 0)).toBeCloseTo(420, -1);
  });

  it('is narrowed by a level read off the pot', () => {
    const marks = [mark('started', 0, { step: null }), mark('lid-locked', 240)];
    const spread = (cook: Cook): number => {
      const fills = worldsOf(cook, 300, { seed: 6, worlds: 60 })
        .map((w) => w.unknowns.fill)
        .sort((a, b) => a - b);
      return (quantileSorted(fills, 0.9) ?? 0) - (quantileSorted(fills, 0.1) ?? 0);
    };
    const read = mark('level', 240, { value: 2.3, heard: true });
    expect(spread({ ...COOK, marks: [...marks, read] })).toBeLessThan(
      0.9 * spread({ ...COOK, marks }),
    );
  });
});
