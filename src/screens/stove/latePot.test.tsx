/** @jest-environment jsdom */
import 'fake-indexeddb/auto';
import { readFileSync } from 'node:fs';
import { act, cleanup, fireEvent, render, screen, within } from '@testing-library/react';
import { assess } from '@/core/assess';
import { potOf } from '@/core/batch/plan';
import type { Bundle, Cook } from '@/core/batch/schema';
import { planNow, secondsOf } from '@/core/cook';
import { standInAt, type StandIn } from '@/core/live';
import { startCook } from '@/core/timetable';
import { fixedClock, type FixedClock } from '@/session/clock';
import { ClockContext, PageClockContext } from '@/ui/clock';
import { keep, kept } from '@/ui/testing/household';
import { StoveScreen } from './StoveScreen';

jest.mock('next/navigation', () => ({ useRouter: () => ({ push: jest.fn() }) }));
jest.mock('@/workers', () => jest.requireActual('@/workers/testing/direct'));

const SAMPLE = JSON.parse(readFileSync('demo/harrow-fell.json', 'utf8')) as Bundle;
const START = '2026-11-24T16:00:00.000Z';
const BEANS = 'i2';
/** The stand-in is looked at so often, ms of the wall's; a look is half a minute of the cook. */
const LOOK_MS = 400;
const STEP_MS = 30_000;
const MOST = 600;

/** The chili on a stand-in with a weak heater and old beans, its table and chances predicted. */
function hardChili(): Cook & { readonly standIn: StandIn } {
  const { pots, kitchen, batches } = SAMPLE;
  const batch = batches.find(({ id }) => id === 'b7');
  if (!batch) throw new RangeError('no chili');
  const pot = potOf(batch, pots);
  const assessment = assess(batch, pot, kitchen);
  return {
    ...startCook({ id: 'live', batch, pot, kitchen, assessment, draws: null, at: START }),
    standIn: {
      seed: 5,
      power: 0.88,
      needs: { [BEANS]: 1.6 },
      times: 1,
      wallAt: START,
      cookAt: START,
    },
  };
}

let clock: FixedClock;

async function pass(): Promise<void> {
  await act(async () => {
    clock.moveTo(clock.now() + STEP_MS);
    await jest.advanceTimersByTimeAsync(LOOK_MS);
  });
}

async function until(found: () => unknown): Promise<void> {
  for (let n = 0; n < MOST; n++) {
    if (found()) return;
    await pass();
  }
  throw new Error(`it never came: ${document.body.textContent?.slice(0, 400) ?? ''}`);
}

const button = (name: string | RegExp, within_: ParentNode = document): HTMLElement | null =>
  [...within_.querySelectorAll('button')].find((one) =>
    typeof name === 'string' ? one.textContent === name : name.test(one.textContent ?? ''),
  ) ?? null;
const press = (name: string | RegExp): void => {
  const found = button(name);
  if (!found) throw new Error(`no button ${String(name)}`);
  fireEvent.click(found);
};
const heading = (): string => document.querySelector('h2')?.textContent ?? '';
const region = (name: string): HTMLElement | null =>
  document.querySelector(`[aria-label="${name}"]`);
const cook = (): Cook & { readonly standIn: StandIn } =>
  kept().cooks.find(({ id }) => id === 'live') as never;

async function openThePot(): Promise<void> {
  await until(() => heading() === 'Open the valve');
  press('Valve opened');
  await until(() => heading() === 'Open the lid');
  expect(screen.getByText(/Never force the lid/)).toBeTruthy();
  press('Lid off');
}

beforeEach(() => {
  jest.useFakeTimers();
  clock = fixedClock(Date.parse(START));
  keep({ ...SAMPLE, cooks: [hardChili()] });
  render(
    <PageClockContext value={clock}>
      <ClockContext value={clock}>
        <StoveScreen id="live" />
      </ClockContext>
    </PageClockContext>,
  );
});
afterEach(() => {
  cleanup();
  jest.useRealTimers();
});

it('a late pot with old beans is led to the table: a shorter hold taken, hard beans closed again', async () => {
  await pass();
  fireEvent.click(screen.getByRole('checkbox', { name: /venison/ }));
  press('Lid locked');
  await until(() => button('All of it is in'));
  expect(screen.getByText('In, or left out?')).toBeTruthy();
  press('All of it is in');

  // The heater is weak: the table moves, says so, and a shorter hold is proposed and taken.
  await until(() => heading() === 'Hold');
  await until(() => region('Proposed'));
  expect(region('Proposed')?.textContent).toMatch(/It is late.*On the table .* instead of/);
  expect(document.body.textContent).toMatch(/; planned \d\d:\d\d/);
  press(/^Hold \d+ min less$/);
  await until(() => region('Proposed') === null);

  // A lid under pressure does not open.
  await until(() => heading() === 'Open the valve');
  press('Mark what you see');
  await until(() => button('Lid off already'));
  press('Lid off already');
  expect(screen.getByText(/this lid does not open under pressure/)).toBeTruthy();
  await openThePot();

  // Tried at the opening: hard; the choices stand side by side, and one is taken.
  press('Try something');
  await until(() => button(/borlotti/));
  press(/borlotti/);
  await until(() => button('with bite'));
  press('with bite');
  await until(() => (region('Choices')?.querySelectorAll('button').length ?? 0) === 3);
  expect(within(region('Choices') as HTMLElement).getAllByText(/^On the table/)).toHaveLength(3);
  press(/^Close again/);
  await until(() => button('Lid locked'));
  press('Lid locked');
  await openThePot();
  await until(() => heading() === 'Simmer, open');
  press('Done');
  await until(() => button('Write it in the log'));

  // Every mark is there, and the beans came out right by the stand-in's own truth.
  const { marks, standIn } = cook();
  const kinds = new Set(marks.map((m) => m.kind));
  for (const kind of [
    'ticked',
    'lid-locked',
    'pin-up',
    'at-pressure',
    'temperature',
    'valve-opened',
    'pin-down',
    'lid-off',
    'tested',
    'changed',
    'step-done',
  ] as const)
    expect(kinds).toContain(kind);
  expect(marks.flatMap((m) => m.change ?? [])).toEqual(['hold', 'close-again']);
  expect(planNow(cook()).steps).toHaveLength(3);
  const { grades } = standInAt(cook(), standIn, secondsOf(cook(), marks.at(-1)?.at ?? START));
  expect(['tender and whole', 'creamy']).toContain(grades[BEANS]);
});
