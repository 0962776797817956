/** @jest-environment jsdom */
import 'fake-indexeddb/auto';
import { readFileSync } from 'node:fs';
import { act, cleanup, fireEvent, render, screen, within } from '@testing-library/react';
import type { Bundle, Cook } from '@/core/batch/schema';
import { DRILLS } from '@/core/live';
import { cookOf } from '@/core/testing/cooks';
import { fixedClock, type FixedClock } from '@/session/clock';
import { ClockContext, PageClockContext } from '@/ui/clock';
import { HOME, keep, kept } from '@/ui/testing/household';
import { StoveScreen } from './StoveScreen';

jest.mock('next/navigation', () => ({ useRouter: () => ({ push: jest.fn() }) }));
jest.mock('@/workers', () => jest.requireActual('@/workers/testing/direct'));

const SAMPLE = JSON.parse(readFileSync('demo/harrow-fell.json', 'utf8')) as Bundle;
const START = '2026-11-24T16:00:00.000Z';
/** The stand-in is looked at so often, ms of the wall's; a look is two minutes of the cook. */
const LOOK_MS = 400;
const STEP_MS = 120_000;
/** No drill takes longer, in looks. */
const MOST = 600;

let clock: FixedClock;

/** Time passes: the cook's, the stand-in is looked at, and what it says is drawn. */
async function pass(looks = 1): Promise<void> {
  for (let i = 0; i < looks; i++)
    await act(async () => {
      clock.moveTo(clock.now() + STEP_MS);
      await jest.advanceTimersByTimeAsync(LOOK_MS);
    });
}

async function until(found: () => boolean): Promise<void> {
  for (let n = 0; n < MOST; n++) {
    if (found()) return;
    await pass();
  }
  throw new Error('it never came');
}

/** By its text alone: a look for roles takes longer than all that is cooked. */
const button = (name: string): HTMLElement | null =>
  [...document.querySelectorAll('button')].find((one) => one.textContent === name) ?? null;
const cook = (): Cook => kept().cooks[0] as Cook;
const face = (): string => screen.getByTestId('face').textContent ?? '';

/** The drill on the shortest dish that has what it takes, its lid locked. */
async function begin(name: string): Promise<void> {
  const drill = DRILLS.find((one) => one.name === name);
  const batchId = name === 'Out of the butcher’s bag' ? 'b7' : 'b5';
  const batch = SAMPLE.batches.find(({ id }) => id === batchId);
  if (!drill || !batch) throw new RangeError(name);
  const { seed, mishaps, power } = drill;
  const started = cookOf('r1', batch, START);
  const standIn = { seed, mishaps, ...(power !== undefined && { power }), times: 1 };
  keep({
    ...HOME,
    cooks: [
      {
        ...started,
        rehearsal: { drill: name },
        standIn: { ...standIn, wallAt: START, cookAt: START },
      },
    ],
  });
  render(
    <PageClockContext value={clock}>
      <ClockContext value={clock}>
        <StoveScreen id="r1" />
      </ClockContext>
    </PageClockContext>,
  );
  await pass();
  fireEvent.click(button('Lid locked') as HTMLElement);
}

/** Hands that do what is due, whatever went wrong, until it is over. */
async function toTheTable(): Promise<void> {
  const due = (): HTMLElement | null => {
    const late = screen.queryByTestId('clock')?.textContent?.startsWith('+') ?? false;
    const hands = ['Valve opened', 'Pin down', 'Lid off'].map(button).find((b) => b !== null);
    return hands ?? (late ? button('Done') : null);
  };
  await until(() => {
    const next = due();
    if (next) fireEvent.click(next);
    return button('Look back on it') !== null;
  });
  fireEvent.click(button('Look back on it') as HTMLElement);
  await until(() => document.querySelector('[aria-label="What it came down to"]') !== null);
}

async function putRight(what: string): Promise<void> {
  fireEvent.click(button('Mark what you see') as HTMLElement);
  await pass();
  fireEvent.click(within(screen.getByRole('dialog')).getByRole('button', { name: what }));
}

beforeEach(() => {
  jest.useFakeTimers();
  clock = fixedClock(Date.parse(START));
});
afterEach(() => {
  cleanup();
  jest.useRealTimers();
});

const PUT_RIGHT: Partial<Record<string, readonly [sign: RegExp, fault: string]>> = {
  'Everything clean': [/steam from the valve/, 'The valve was open: shut now'],
  'Somebody else washed up': [/all around the lid/, 'Lid off, ring seated, locked anew'],
  'A good colour': [/at rest/, 'Lid off, bottom scraped clean, locked anew'],
};

describe('a drill at the stove', () => {
  it.each(DRILLS.map(({ name }) => name))('comes to its end: %s', async (name) => {
    await begin(name);
    const right = PUT_RIGHT[name];
    if (right) {
      await until(() => right[0].test(face()));
      await putRight(right[1]);
    }
    await toTheTable();
    const choices = screen.getByRole('region', { name: 'Choices' });
    expect(within(choices).getAllByRole('listitem').length).toBeGreaterThan(0);
    expect(cook().endedAt).toBeDefined();
  });

  it('names who waited where it is played badly', async () => {
    await begin('Everything clean');
    await until(() => /steam from the valve/.test(face()));
    // Another thing is put right, and it boils away.
    await putRight('Lid off, ring seated, locked anew');
    await until(() => screen.queryByText(/It may be scorching/) !== null);
    fireEvent.click(button('End the rehearsal') as HTMLElement);
    const region = '[aria-label="What it came down to"]';
    await until(() => document.querySelector(region) !== null);
    const words = document.querySelector(region)?.textContent ?? '';
    expect(words).toMatch(/Steam came from the open valve.*put it right at once/);
    expect(words).toMatch(/It cost: .*scorched/);
  });

  it('lets a cook who is called away press nothing, and says until when', async () => {
    await begin('A neighbour with news');
    const away = /You are called away: back at \d\d:\d\d/;
    await until(() => away.test(document.body.textContent ?? ''));
    expect(face()).toContain('pin up');
    const marks = cook().marks.filter((m) => !m.heard).length;
    fireEvent.click(button('Valve opened early') as HTMLElement);
    expect(screen.getByRole('alert').textContent).toMatch(away);
    expect(cook().marks.filter((m) => !m.heard)).toHaveLength(marks);
    // Back at the stove it goes on to its end.
    await toTheTable();
    expect(screen.getByRole('region', { name: 'What was true' }).textContent).toContain(
      'called away',
    );
  });
});
