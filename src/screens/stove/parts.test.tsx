/** @jest-environment jsdom */
import 'fake-indexeddb/auto';
import { act, cleanup, fireEvent, render, screen } from '@testing-library/react';
import type { Cook } from '@/core/batch';
import { batchOf, item, pressure } from '@/core/testing/kitchen';
import { fixedClock, type FixedClock } from '@/session/clock';
import { ClockContext } from '@/ui/clock';
import { HOME, keep, kept } from '@/ui/testing/household';
import { StoveIndex } from './StoveIndex';
import { StoveScreen } from './StoveScreen';
import { cookOf } from '@/core/testing/cooks';

const push = jest.fn();
const replace = jest.fn();
const router = { push, replace };
jest.mock('next/navigation', () => ({ useRouter: () => router }));
jest.mock('@/workers', () => jest.requireActual('../../ui/testing/assessor'));

const BATCH = batchOf(
  [
    item('w', 'water', 1.5, 'l'),
    item('c', 'carrot', 3, 'piece'),
    item('b', 'bay-leaf', 2, 'piece', { leaves: 's2' }),
    item('k', 'cavolo-nero', 100, 'g', { enters: 's2' }),
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
  clock = fixedClock(Date.parse(START));
});
afterEach(() => {
  cleanup();
  push.mockClear();
  replace.mockClear();
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

  it('leads from the first thing in to the table', () => {
    expect(heading()).toBe('Put in and lock the lid');
    expect(screen.getByText('in: 3 carrot')).toBeTruthy();
    expect(screen.queryByText(/cavolo nero/)).toBeNull();
    expect(screen.queryByText(/^in: .*ditalini/)).toBeNull();
    expect(screen.getByText('apart, not in here: 150 g ditalini')).toBeTruthy();
    after(2);
    press('Lid locked');
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
    expect(heading()).toBe('Simmer, open');
    expect(screen.getByText('in: 100 g cavolo nero')).toBeTruthy();
    expect(screen.getByText('out: 2 bay leaf')).toBeTruthy();
    press('Done');
    expect(heading()).toBe('To the table');
    // The bay leaf has been out since the lid came off.
    expect(screen.getByText(/^Fish out: herb sprigs/)).toBeTruthy();
    expect(screen.getByText('Into the bowls: ditalini.')).toBeTruthy();
    press('Write it in the log');
    expect(cook().endedAt).toBeDefined();
    expect(cook().marks.map((m) => m.kind)).toEqual([
      'started',
      'lid-locked',
      'at-pressure',
      'valve-opened',
      'pin-down',
      'lid-off',
      'step-done',
      'done',
    ]);
    expect(push).toHaveBeenCalledWith('/log/r1');
  });

  it('puts the clock in the title of the page, and takes it out again', () => {
    press('Lid locked');
    after(1);
    expect(document.title).toMatch(/^\d+:\d\d Coming to pressure$/);
    cleanup();
    expect(document.title).toBe('Retort');
  });

  it('takes a mark back', () => {
    press('Lid locked');
    press('Take back the last mark');
    expect(heading()).toBe('Put in and lock the lid');
    expect(cook().marks).toHaveLength(1);
    expect(screen.queryByRole('button', { name: 'Take back the last mark' })).toBeNull();
  });

  it('opens the valve early when the cook did', () => {
    press('Lid locked');
    press('At pressure');
    after(5);
    press('Valve opened early');
    expect(heading()).toBe('Until the pin drops');
  });
});

describe('ways to the stove', () => {
  it('opens the cook that is on', () => {
    keep({ ...HOME, cooks: [RUN] });
    render(<StoveIndex />);
    expect(replace).toHaveBeenCalledWith('/stove/r1');
  });

  it('says where to begin when nothing is on', () => {
    keep({ ...HOME, cooks: [{ ...RUN, endedAt: START }] });
    render(<StoveIndex />);
    expect(screen.getByText('Nothing on the stove')).toBeTruthy();
    expect(replace).not.toHaveBeenCalled();
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
