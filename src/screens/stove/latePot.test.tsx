/** @jest-environment jsdom */
import 'fake-indexeddb/auto';
import { readFileSync } from 'node:fs';
import { cleanup, fireEvent, screen, within } from '@testing-library/react';
import type { Bundle, Cook } from '@/core/batch/schema';
import { planNow, secondsOf } from '@/core/cook';
import { standInAt, type StandIn } from '@/core/live';
import { startedIn } from '@/core/testing/season';
import { keep, kept } from '@/ui/testing/household';
import { atTheStove, button, press, region } from './testing/atTheStove';

const SAMPLE = JSON.parse(readFileSync('demo/harrow-fell.json', 'utf8')) as Bundle;
const START = '2026-11-24T16:00:00.000Z';
const BEANS = 'i2';
/** Time of the cook between two looks at the page. */
const STEP_MS = 40_000;

/** The chili on a practice pot with a weak heater and old beans, its table and chances predicted. */
function hardChili(): Cook & { readonly standIn: StandIn } {
  return {
    ...startedIn(SAMPLE, 'b7', 'live', START),
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

let stove: ReturnType<typeof atTheStove>;
const until = (found: () => unknown): Promise<void> => stove.until(found);
const heading = (): string => document.querySelector('h2')?.textContent ?? '';
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
  keep({ ...SAMPLE, cooks: [hardChili()] });
  stove = atTheStove('live', START, STEP_MS);
});
afterEach(() => {
  cleanup();
  jest.useRealTimers();
});

it('a late pot with old beans is led to the table: a shorter hold taken, hard beans closed again', async () => {
  await stove.pass();
  fireEvent.click(screen.getByRole('checkbox', { name: /venison/ }));
  press('Lid locked');
  await until(() => button('Everything is in'));
  expect(screen.getByText('In, or left out?')).toBeTruthy();
  press('Everything is in');

  // The heater is weak: the table moves, says so, and a shorter hold is proposed and taken.
  await until(() => heading() === 'Hold');
  await until(() => region('Proposed'));
  expect(region('Proposed')?.textContent).toMatch(/It is late.*Ready at .* instead of/);
  expect(document.body.textContent).toMatch(/; planned \d\d:\d\d/);
  press(/^Hold \d+ min less$/);
  await until(() => region('Proposed') === null);

  // A lid under pressure does not open.
  await until(() => heading() === 'Open the valve');
  press('Something happened');
  await until(() => button('Lid off already'));
  press('Lid off already');
  expect(screen.getByText(/this lid does not open under pressure/)).toBeTruthy();
  await openThePot();

  // Tried at the opening: hard; the choices stand side by side, and one is taken.
  press('Taste: is it done?');
  await until(() => button(/borlotti/));
  press(/borlotti/);
  await until(() => button('with bite'));
  press('with bite');
  await until(() => (region('Choices')?.querySelectorAll('button').length ?? 0) === 3);
  expect(within(region('Choices') as HTMLElement).getAllByText(/^Ready at/)).toHaveLength(3);
  press(/^Close again/);
  await until(() => button('Lid locked'));
  press('Lid locked');
  await openThePot();
  await until(() => heading() === 'Simmer without the lid');
  press('Done');
  await until(() => button('Write it in the log'));

  // Every mark is there, and the beans came out right by the practice pot's own truth.
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

it('a pot goes on with the page closed for 20 min, and is as warm as twenty minutes make it', async () => {
  await stove.pass();
  fireEvent.click(screen.getByRole('checkbox', { name: /venison/ }));
  press('Lid locked');
  await until(() => button('Everything is in'));
  press('Everything is in');
  await until(() => heading() === 'Coming to pressure');
  stove.away(20);
  await until(() => screen.queryByTestId('face')?.textContent?.includes('heating'));
  expect(heading()).toBe('Coming to pressure');
  await until(() => heading() === 'Hold');
  await openThePot();
  const kinds = cook().marks.map((m) => m.kind);
  expect(kinds).toEqual(
    expect.arrayContaining(['lid-locked', 'pin-up', 'at-pressure', 'valve-opened', 'lid-off']),
  );
});
