/** @jest-environment jsdom */
import 'fake-indexeddb/auto';
import { act, cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react';
import type { Cook } from '@/core/batch/schema';
import { batchOf, item, pressure } from '@/core/testing/kitchen';
import { markAt } from '@/core/testing/marks';
import { fixedClock, type FixedClock } from '@/session/clock';
import { ClockContext } from '@/ui/clock';
import { useCallStore } from '@/ui/cooking/calls';
import { HOME, keep, kept } from '@/ui/testing/household';
import { been, begin } from '@/ui/testing/navigation';
import { StoveIndex } from './StoveIndex';
import type { Proposal } from '@/core/live';
import { costWords } from './propose/liveWords';
import { ProposalCard } from './propose/ProposalCard';
import { StoveScreen } from './StoveScreen';
import { cookOf } from '@/core/testing/cooks';

const BATCH = batchOf(
  [
    item('w', 'water', 1.5, 'l'),
    item('c', 'carrot', 3, 'piece'),
    item('b', 'bay-leaf', 2, 'piece', { stays: [{ to: 's2' }] }),
    item('k', 'cavolo-nero', 100, 'g', { stays: [{ from: 's2' }] }),
    item('h', 'herb-sprigs', 2, 'piece'),
    item('n', 'ditalini', 150, 'g', { apart: true }),
  ],
  [pressure(4, { method: 'timed', afterMin: 5 }), { id: 's2', kind: 'simmer', minutes: 3 }],
);
const START = '2026-11-24T16:00:00.000Z';
const RUN = cookOf('r1', BATCH, START);

let clock: FixedClock;

function after(minutes: number): void {
  act(() => clock.moveTo(clock.now() + minutes * 60000));
}
const press = (name: string): boolean => fireEvent.click(screen.getByRole('button', { name }));
const heading = (): string => screen.getByRole('heading', { level: 2 }).textContent ?? '';
const cook = (): Cook => kept().cooks[0] as Cook;

beforeEach(() => {
  localStorage.clear();
  clock = fixedClock(Date.parse(START));
});
afterEach(() => {
  cleanup();
  begin();
});

describe('the stove', () => {
  beforeEach(() => {
    keep({ ...HOME, batches: [BATCH], cooks: [RUN] });
    render(
      <ClockContext value={clock}>
        <StoveScreen id="r1" />
      </ClockContext>,
    );
  });

  it('leads from the first thing in to the table', async () => {
    expect(heading()).toBe('Add the food and lock the lid');
    expect(screen.getByRole('checkbox', { name: '3 carrots' })).toBeTruthy();
    expect(screen.getByText('later: 100 g cavolo nero')).toBeTruthy();
    expect(screen.queryByRole('checkbox', { name: /ditalini/ })).toBeNull();
    expect(screen.getByText('apart, not in here: 150 g ditalini')).toBeTruthy();
    after(2);
    fireEvent.click(screen.getByRole('checkbox', { name: '3 carrots' }));
    press('Lid locked');
    // Foods that are not ticked are asked about once.
    expect((await screen.findByRole('dialog')).textContent).not.toMatch(/carrot/);
    press('Everything is in');
    expect(heading()).toBe('Coming to pressure');
    after(14);
    press('At pressure');
    expect(heading()).toBe('Hold');
    after(4.1);
    expect(heading()).toBe('Wait, valve shut');
    after(5.1);
    expect(heading()).toBe('Open the valve');
    expect(screen.getByText(/steam scalds/)).toBeTruthy();
    press('Valve opened');
    press('Pin down');
    expect(screen.getByText(/Never force the lid/)).toBeTruthy();
    press('Lid off');
    expect(heading()).toBe('Simmer without the lid');
    expect(screen.getByRole('checkbox', { name: '100 g cavolo nero' })).toBeTruthy();
    expect(screen.getByText('Out: 2 bay leaves')).toBeTruthy();
    press('Done');
    expect(await screen.findByRole('heading', { name: 'Serve' })).toBeTruthy();
    // The bay leaf has been out since the lid came off.
    expect(await screen.findByText(/^Remove the herb sprigs\.$/)).toBeTruthy();
    expect(screen.getByText(/Into each first its share of the ditalini/)).toBeTruthy();
    // It comes when all above it stands: a finger that is about to touch it finds it there.
    const end = await screen.findByRole('button', { name: 'Write it in the log' });
    expect(screen.getByRole('table', { name: 'Ways to cool' })).toBeTruthy();
    fireEvent.click(end);
    expect(cook().endedAt).toBeDefined();
    expect(cook().marks.map((m) => m.kind)).toEqual([
      'started',
      ...Array<string>(4).fill('ticked'),
      'lid-locked',
      'at-pressure',
      'valve-opened',
      'pin-down',
      'lid-off',
      'step-done',
      'done',
    ]);
    expect(been()).toEqual(['/', '/log/r1']);
  });

  it('puts the clock in the title of the page, and takes it out again', () => {
    press('Lid locked');
    after(1);
    expect(useCallStore.getState().heading).toMatch(/^\d+:\d\d Coming to pressure$/);
    cleanup();
    expect(useCallStore.getState().heading).toBeNull();
  });

  it('takes a mark back', () => {
    press('Lid locked');
    press('Undo the last mark');
    expect(heading()).toBe('Add the food and lock the lid');
    expect(cook().marks).toHaveLength(1);
    expect(screen.queryByRole('button', { name: 'Undo the last mark' })).toBeNull();
  });

  it('opens the valve early when the cook did', () => {
    press('Lid locked');
    press('At pressure');
    after(5);
    press('Valve opened early');
    expect(heading()).toBe('Wait for the pin to drop');
  });
});

describe('the stove, live', () => {
  const TO_OPENING = ['lid-locked', 'at-pressure', 'valve-opened', 'pin-down', 'lid-off'] as const;
  const marked = (kinds: readonly Cook['marks'][number]['kind'][]): Cook => ({
    ...RUN,
    marks: [
      ...RUN.marks,
      ...kinds.map((kind, i) =>
        markAt(kind, new Date(Date.parse(START) + (i + 1) * 9 * 60_000).toISOString()),
      ),
    ],
  });
  const show = (run: Cook): void => {
    keep({ ...HOME, batches: [BATCH], cooks: [run] });
    clock.moveTo(Date.parse(run.marks.at(-1)?.at ?? START) + 30_000);
    render(
      <ClockContext value={clock}>
        <StoveScreen id="r1" />
      </ClockContext>,
    );
  };

  it('holds longer and shorter by a touch and by a number', () => {
    show(marked(['lid-locked', 'at-pressure']));
    press('5 min more');
    expect(cook().marks.at(-1)).toMatchObject({ kind: 'changed', change: 'hold', value: 9 });
    const field = screen.getByLabelText('Minutes under pressure');
    fireEvent.change(field, { target: { value: '12' } });
    fireEvent.submit(field);
    expect(cook().marks.at(-1)).toMatchObject({ change: 'hold', value: 12 });
    fireEvent.change(field, { target: { value: 'long' } });
    fireEvent.submit(field);
    expect(screen.getByText(/^Enter /)).toBeTruthy();
    expect(cook().marks.at(-1)).toMatchObject({ value: 12 });
  });

  it('gives a few minutes more at an open pot, and says what they cost', async () => {
    show(marked(TO_OPENING));
    press('A few minutes more');
    fireEvent.change(await screen.findByLabelText('Minutes'), { target: { value: '6' } });
    const simmer = await screen.findByRole('button', { name: 'Simmer, 6 min' });
    await waitFor(() => expect((simmer as HTMLButtonElement).disabled).toBe(false));
    expect(screen.getByText(/later, on the table .*come back to pressure/)).toBeTruthy();
    fireEvent.click(simmer);
    expect(cook().marks.at(-1)).toMatchObject({ change: 'simmer-on', value: 6 });
  });

  it('is stopped where it is, stands in the Log and teaches nothing', () => {
    show(marked(['lid-locked', 'at-pressure']));
    press('Stop this cook');
    press('Go on cooking');
    expect(cook().endedAt).toBeUndefined();
    press('Stop this cook');
    press('Stop it and leave it out');
    expect(cook().endedAt).toBeDefined();
    expect(cook().leftOut?.reason).toMatch(/stopped/);
  });

  it('waits a minute before the valve is offered again when it has spat', () => {
    show(marked(['lid-locked', 'at-pressure', 'hold-over', 'valve-opened', 'valve-closed']));
    expect(heading()).toBe('It spat: wait');
    expect(screen.queryByRole('button', { name: 'Valve opened' })).toBeNull();
    after(1.1);
    expect(heading()).toBe('Open the valve');
    expect(screen.getByRole('button', { name: 'Valve opened' })).toBeTruthy();
  });

  it('puts the choices side by side when something was tried, and goes on with the one taken', async () => {
    show(marked(TO_OPENING));
    press('Taste: is it done?');
    fireEvent.click(await screen.findByRole('button', { name: 'carrot' }));
    fireEvent.click(screen.getByRole('button', { name: 'raw' }));
    const again = await screen.findByRole('button', { name: /^Close again/ }, { timeout: 30_000 });
    expect(screen.getByRole('button', { name: 'Continue as planned' })).toBeTruthy();
    fireEvent.click(again);
    expect(cook().marks.at(-1)).toMatchObject({ kind: 'changed', change: 'close-again' });
    expect(heading()).toBe('Add the food and lock the lid');
  });

  it('keeps what is read and smelt, in the units of the kitchen, and says what to do of it', async () => {
    show(marked(['lid-locked', 'at-pressure']));
    press('Something happened');
    const field = await screen.findByLabelText('Thermometer, °C');
    fireEvent.change(field, { target: { value: 'hot' } });
    const [mark] = screen.getAllByRole('button', { name: 'Mark' });
    fireEvent.click(mark as HTMLElement);
    expect(screen.getByText('Enter a number from -30 to 150 °C')).toBeTruthy();
    fireEvent.change(field, { target: { value: '112,5' } });
    fireEvent.click(mark as HTMLElement);
    expect(cook().marks.at(-1)).toMatchObject({ kind: 'temperature', value: 112.5 });
    press('Something happened');
    fireEvent.click(await screen.findByRole('button', { name: 'Smells of scorching' }));
    expect(screen.getByRole('alert').textContent).toMatch(/Heat off/);
  });

  it('takes back any mark, and puts its time right', async () => {
    show(marked(['lid-locked', 'at-pressure']));
    press('Marks');
    fireEvent.click(await screen.findByRole('button', { name: 'Lid locked: a minute earlier' }));
    expect(cook().marks.find((m) => m.kind === 'lid-locked')?.at).toBe('2026-11-24T16:08:00.000Z');
    press('Undo: At pressure');
    expect(cook().marks.map((m) => m.kind)).toEqual(['started', 'lid-locked']);
  });

  it('begins on the practice pot, hears it, and does not open it under pressure', async () => {
    show(RUN);
    press('Use the practice pot');
    expect(cook().standIn).toMatchObject({ times: 10 });
    expect(await screen.findByText('pin down')).toBeTruthy();
    press('60×');
    expect(cook().standIn).toMatchObject({ times: 60 });
  });
});

describe('what is proposed', () => {
  const verdicts = (right: number) => ({ c: { under: 1 - right, right, over: 0 } });
  const asPlanned = {
    change: 'as-it-is',
    step: 's1',
    tableS: 3600,
    dangers: [],
    verdicts: verdicts(0.3),
  } as const;
  const proposal: Proposal = {
    option: {
      change: 'hold',
      step: 's1',
      minutes: 8,
      tableS: 3840,
      dangers: [],
      verdicts: verdicts(0.8),
    },
    asPlanned,
    why: 'short',
    items: ['c'],
  };

  it('says what it gives and costs, and is taken or left', () => {
    const onTake = jest.fn();
    const onLeave = jest.fn();
    render(<ProposalCard cook={RUN} proposal={proposal} onTake={onTake} onLeave={onLeave} />);
    expect(screen.getByRole('heading', { name: 'Hold 4 min more?' })).toBeTruthy();
    expect(
      screen.getByText(
        'carrot would be short: right 3 in 10 as planned, 8 in 10 so. Ready at 17:04 instead of 17:00.',
      ),
    ).toBeTruthy();
    press('Hold 4 min more');
    expect(onTake).toHaveBeenCalledWith(proposal.option);
    press('Continue as planned');
    expect(onLeave).toHaveBeenCalledWith(proposal.option);
  });

  it('is said so where only the table is late', () => {
    const sooner = { ...proposal.option, minutes: 2, tableS: 3480 };
    const late: Proposal = { option: sooner, asPlanned, why: 'late', items: [] };
    render(<ProposalCard cook={RUN} proposal={late} onTake={jest.fn()} onLeave={jest.fn()} />);
    expect(screen.getByRole('button', { name: 'Hold 2 min less' })).toBeTruthy();
    expect(screen.getByText(/^It is late\. Everything still comes out as wanted\./)).toBeTruthy();
  });

  it('has words for what leaving it undone costs, and none where it costs nothing', () => {
    const cost = { tableMin: 1, items: [{ id: 'c', lost: 0.034 }] };
    expect(costWords(cost, BATCH)).toBe(
      'If you wait: every minute delays the meal by a minute, carrot comes out right 3 in 100 less often.',
    );
    expect(costWords({ tableMin: 0, items: [] }, BATCH)).toBeNull();
  });
});

describe('ways to the stove', () => {
  it('opens the cook that is on', () => {
    keep({ ...HOME, cooks: [RUN] });
    render(<StoveIndex />);
    expect(been()).toEqual(['/stove/r1']);
  });

  it('says where to begin when nothing is on', () => {
    keep({ ...HOME, cooks: [{ ...RUN, endedAt: START }] });
    render(<StoveIndex />);
    expect(screen.getByText('Nothing on the stove')).toBeTruthy();
    expect(been()).toEqual(['/']);
  });

  it('sends a finished cook to its page, and a lost one to the log', () => {
    keep({ ...HOME, cooks: [{ ...RUN, endedAt: START }] });
    const { rerender } = render(<StoveScreen id="r1" />);
    expect(screen.getByRole('link', { name: /page in the log/ }).getAttribute('href')).toBe(
      '/log/r1',
    );
    rerender(<StoveScreen id="gone" />);
    expect(screen.getByRole('heading', { name: 'This cook is not here' })).toBeTruthy();
  });
});
