import { assess, drawBatch, type Assessment, type Draws, type Finding } from '../core/assess';
import { changeItem } from '../core/batch/plan';
import type { Batch } from '../core/batch/schema';
import type { Judged } from '../core/solve';
import { KITCHEN, POT, REFERENCE, STOVETOP } from '../core/testing/kitchen';
import { planSession, type PlanWork } from './plan';

const FIRST = assess(REFERENCE, POT, KITCHEN, { stepS: 60 });
const OTHER: Batch = { ...REFERENCE, name: 'Other' };
const THIRD: Batch = { ...REFERENCE, name: 'Third' };
const DRAWS = drawBatch(REFERENCE, POT, KITCHEN, { draws: 4, seed: 1 }) as Draws;
const JUDGED: Judged = { findings: [], advice: { first: null, offers: {} } };
const CALL: Finding = {
  code: 'over-foam-line',
  level: 'stop',
  title: '',
  message: '',
  why: '',
  numbers: {},
  remedies: [],
};
const PLACE = { batch: REFERENCE, pots: [POT], kitchen: KITCHEN };

interface Asked<T> {
  readonly name: string;
  readonly coarse: boolean;
  readonly signal: AbortSignal;
  readonly done: (answer: T) => void;
  readonly fail: (reason: unknown) => void;
}

/** Workers and a clock that do what the test says, when it says so. */
function byHand() {
  const assessing: Asked<Assessment>[] = [];
  const drawing: (Asked<Draws | null> & { readonly share: (done: number) => void })[] = [];
  const judging: Asked<Judged>[] = [];
  const waiting = new Set<() => void>();
  const atHand = new Map<string, Assessment>();
  const work: PlanWork = {
    atHand: ({ batch, coarse }) => (coarse ? null : (atHand.get(batch.name) ?? null)),
    assess: ({ batch, coarse }, signal) =>
      new Promise((done, fail) => assessing.push({ name: batch.name, coarse, signal, done, fail })),
    draw: ({ batch, coarse }, share, signal) =>
      new Promise((done, fail) =>
        drawing.push({ name: batch.name, coarse, signal, done, fail, share }),
      ),
    call: ({ batch }) => Promise.resolve([{ ...CALL, title: batch.name }]),
    judge: ({ batch, coarse }, _pots, _draws, signal) =>
      new Promise((done, fail) => judging.push({ name: batch.name, coarse, signal, done, fail })),
    after: (_, then) => {
      waiting.add(then);
      return () => waiting.delete(then);
    },
  };
  const stand = (): void => {
    for (const then of [...waiting]) {
      waiting.delete(then);
      then();
    }
  };
  return { atHand, assessing, drawing, judging, waiting, work, stand };
}

const turn = async (): Promise<void> => {
  for (let i = 0; i < 8; i++) await Promise.resolve();
};

function opened(place = PLACE) {
  const hand = byHand();
  const kept: Batch[] = [];
  const session = planSession(place, hand.work, (batch) => {
    if (batch.name === 'Refused') return false;
    kept.push(batch);
    return true;
  });
  const stop = session.start();
  return { ...hand, kept, session, stop, state: () => session.store.getState() };
}

describe('an open plan', () => {
  it('stands on what is at hand from the start, and nothing older takes its place', async () => {
    const hand = byHand();
    hand.atHand.set(REFERENCE.name, FIRST);
    const session = planSession(PLACE, hand.work, () => true);
    const state = () => session.store.getState();
    const known = { assessment: FIRST, stale: false, settled: FIRST };
    expect(state()).toMatchObject(known);
    session.start();
    expect(state()).toMatchObject(known);
    expect(hand.assessing).toEqual([]);
    // It is drawn as any other.
    hand.stand();
    expect(hand.drawing).toHaveLength(1);
    session.inHand(OTHER, true);
    session.inHand(REFERENCE, true);
    hand.assessing[0]?.done({ ...FIRST, batch: 'other' });
    await turn();
    expect(state()).toMatchObject(known);
  });

  it('has the newest answer, and is stale while the next is on its way', async () => {
    const { assessing, session, state } = opened();
    expect(state()).toMatchObject({ assessment: null, stale: true, settled: null });
    assessing[0]?.done(FIRST);
    await turn();
    expect(state()).toMatchObject({ assessment: FIRST, stale: false, settled: FIRST });
    session.inHand(OTHER, true);
    session.inHand(THIRD, true);
    expect(state()).toMatchObject({ assessment: FIRST, stale: true });
    assessing[1]?.done({ ...FIRST, batch: 'other' });
    await turn();
    expect(state()).toMatchObject({ stale: true, settled: FIRST });
    assessing[2]?.done({ ...FIRST, batch: 'third' });
    await turn();
    expect(assessing.map((a) => a.name)).toEqual([REFERENCE.name, 'Other', 'Third']);
    expect(state().settled?.batch).toBe('third');
  });

  it('is asked coarsely under a hand, and kept when the hand lets go', async () => {
    const { assessing, session, state, kept } = opened();
    assessing[0]?.done(FIRST);
    await turn();
    session.inHand(OTHER, false);
    expect([state().batch.name, state().shown.name]).toEqual([REFERENCE.name, 'Other']);
    assessing[1]?.done({ ...FIRST, batch: 'other' });
    await turn();
    expect(assessing[1]?.coarse).toBe(true);
    // Slow drawings wait for rest.
    expect(state()).toMatchObject({ stale: false, settled: FIRST });
    expect(kept).toEqual([]);
    session.inHand(OTHER, true);
    expect(kept).toEqual([OTHER]);
    expect(state().batch).toBe(OTHER);
    assessing[2]?.done({ ...FIRST, batch: 'fine' });
    await turn();
    expect(assessing[2]?.coarse).toBe(false);
    expect(state().settled?.batch).toBe('fine');
  });

  it('says what cannot be worked out, and forgets it with the next answer', async () => {
    const { assessing, session, state } = opened();
    assessing[0]?.fail(new Error('it has no bottom'));
    await turn();
    expect(state().error).toBe('it has no bottom');
    session.inHand(OTHER, true);
    assessing[1]?.fail('no words');
    await turn();
    expect(state().error).toBe('no words');
    session.inHand(THIRD, true);
    assessing[2]?.done(FIRST);
    await turn();
    expect(state().error).toBeNull();
  });

  it('follows the household, but not out of the hand', async () => {
    const { assessing, session, state } = opened();
    assessing[0]?.done(FIRST);
    await turn();
    session.refresh(PLACE);
    expect(assessing).toHaveLength(1);
    session.inHand(OTHER, false);
    session.refresh({ ...PLACE, batch: THIRD });
    expect([state().batch.name, state().shown.name]).toEqual(['Third', 'Other']);
    session.inHand(OTHER, true);
    session.refresh({ ...PLACE, batch: OTHER, pots: [{ ...STOVETOP, id: POT.id }] });
    expect(state().pot.kind).toBe('stovetop');
    expect(state().stale).toBe(true);
  });

  it('shows again what it was where a change cannot be kept', () => {
    const { session, state, kept } = opened();
    session.inHand({ ...REFERENCE, name: 'Refused' }, true);
    expect(kept).toEqual([]);
    expect([state().batch, state().shown]).toEqual([REFERENCE, REFERENCE]);
  });

  it('keeps its cursor and what is open over changes', () => {
    const { session, state } = opened();
    session.cursor(12);
    session.open({ item: 'i1' });
    session.inHand(changeItem(REFERENCE, 'i1', { startC: 4 }), true);
    expect(state()).toMatchObject({ cursorMin: 12, opened: { item: 'i1' } });
  });
});

describe('its draws', () => {
  it('begin once it stands still, tell how far they are, and then judge it', async () => {
    const { drawing, judging, stand, state } = opened();
    expect(drawing).toEqual([]);
    stand();
    drawing[0]?.share(0.4);
    expect(state().progress).toBe(0.4);
    drawing[0]?.done(DRAWS);
    await turn();
    expect(state()).toMatchObject({ draws: DRAWS, judged: null, progress: null, undrawn: false });
    // Its calls by chance are there before anything was tried against them.
    expect(state().calls?.map(({ title }) => title)).toEqual([REFERENCE.name]);
    judging[0]?.done(JUDGED);
    await turn();
    expect(state().judged).toBe(JUDGED);
  });

  it('begin at once where somebody waits for its calls, and once only', () => {
    const { drawing, stand, session } = opened();
    session.hurry();
    expect(drawing).toHaveLength(1);
    stand();
    session.hurry();
    expect(drawing).toHaveLength(1);
  });

  it('are of the batch as it is: a change ends what is under way', async () => {
    const { drawing, judging, stand, state, session } = opened();
    stand();
    session.inHand(OTHER, false);
    expect(drawing[0]?.signal.aborted).toBe(true);
    drawing[0]?.share(0.9);
    drawing[0]?.done(DRAWS);
    await turn();
    expect(state()).toMatchObject({ draws: null, judged: null, progress: null });
    stand();
    // None while a hand is on it.
    expect(drawing).toHaveLength(1);
    session.inHand(OTHER, true);
    stand();
    drawing[1]?.done(DRAWS);
    await turn();
    session.inHand(THIRD, true);
    expect(judging[0]?.signal.aborted).toBe(true);
    expect(state().draws).toBeNull();
  });

  it('are none of an empty pot, none when stopped, and none when they fail', async () => {
    const empty = opened({ ...PLACE, batch: { ...REFERENCE, items: [] } });
    empty.stand();
    expect(empty.drawing).toEqual([]);
    const { drawing, judging, stand, state, session } = opened();
    stand();
    drawing[0]?.done(null);
    await turn();
    expect(judging).toEqual([]);
    expect(state()).toMatchObject({ calls: null, undrawn: true });
    session.inHand(OTHER, true);
    stand();
    drawing[1]?.share(0.5);
    drawing[1]?.fail(new Error('no memory'));
    await turn();
    expect(state()).toMatchObject({ draws: null, judged: null, progress: null });
  });
});

describe('a plan that is closed', () => {
  it('ends what is worked on, and takes up again where it is opened again', async () => {
    const { assessing, drawing, stand, stop, state, session, waiting } = opened();
    stand();
    stop();
    expect(assessing[0]?.signal.aborted).toBe(true);
    expect(drawing[0]?.signal.aborted).toBe(true);
    assessing[0]?.done(FIRST);
    await turn();
    expect(state().assessment).toBeNull();
    session.inHand(OTHER, true);
    expect(assessing).toHaveLength(1);
    expect(waiting.size).toBe(0);
    session.start();
    assessing[1]?.done(FIRST);
    await turn();
    expect(state()).toMatchObject({ assessment: FIRST, stale: false });
  });
});
