/** @jest-environment jsdom */
import 'fake-indexeddb/auto';
import { readFileSync } from 'node:fs';
import { cleanup, fireEvent, screen, within } from '@testing-library/react';
import type { Bundle, Cook } from '@/core/batch/schema';
import { DRILLS } from '@/core/live';
import { cookOf } from '@/core/testing/cooks';
import { HOME, keep, kept } from '@/ui/testing/household';
import { atTheStove, button, press, region } from '../testing/atTheStove';

const SAMPLE = JSON.parse(readFileSync('demo/harrow-fell.json', 'utf8')) as Bundle;
const START = '2026-11-24T16:00:00.000Z';
/** Minutes of the cook between two looks at the page: four. */
const STEP_MS = 240_000;

let stove: ReturnType<typeof atTheStove>;

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
  stove = atTheStove('r1', START, STEP_MS);
  await stove.pass();
  press('Lid locked');
}

/** Hands that do what is due, whatever went wrong, until it is over and looked back on. */
async function toTheTable(): Promise<void> {
  const due = (): HTMLElement | null => {
    const late = screen.queryByTestId('clock')?.textContent?.startsWith('+') ?? false;
    const hands = ['Valve opened', 'Pin down', 'Lid off'].map(button).find((b) => b !== null);
    return hands ?? (late ? button('Done') : null);
  };
  await stove.until(() => {
    const next = due();
    if (next) fireEvent.click(next);
    return button('Look back at it') !== null;
  });
  press('Look back at it');
  await stove.until(() => region('What it came down to'));
  const choices = screen.getByRole('region', { name: 'Choices' });
  expect(within(choices).getAllByRole('listitem').length).toBeGreaterThan(0);
  expect(cook().endedAt).toBeDefined();
}

async function putRight(what: string): Promise<void> {
  press('Something happened');
  await stove.pass();
  fireEvent.click(within(screen.getByRole('dialog')).getByRole('button', { name: what }));
}

beforeEach(() => {
  jest.useFakeTimers();
});
afterEach(() => {
  cleanup();
  jest.useRealTimers();
});

const CLEAN = 'Everything clean';
const NEIGHBOUR = 'A neighbour with news';
/** Sign of each fault, its remedy, and its explanation at the end. */
const PUT_RIGHT: Partial<Record<string, readonly [sign: RegExp, fault: string, told: string]>> = {
  [CLEAN]: [/steam from the valve/, 'The valve was open: shut now', 'The valve was left open.'],
  'Somebody else washed up': [
    /all around the lid/,
    'Lid off, ring seated, locked anew',
    'The ring was not in its groove.',
  ],
  'A good colour': [
    /at rest/,
    'Lid off, bottom scraped clean, locked anew',
    'nobody had scraped it clean.',
  ],
};

describe('a drill at the stove', () => {
  const others = DRILLS.map(({ name }) => name).filter((name) => name !== NEIGHBOUR);
  it.each(others)('comes to its end, and met well is told so: %s', async (name) => {
    await begin(name);
    const right = PUT_RIGHT[name];
    if (right) {
      await stove.until(() => right[0].test(face()));
      await putRight(right[1]);
    }
    await toTheTable();
    if (right) expect(region('What was true')?.textContent).toContain(right[2]);
    if (name === CLEAN)
      expect(region('What it came down to')?.textContent).not.toContain('open valve');
  });

  it('names who waited where it is played badly', async () => {
    await begin(CLEAN);
    await stove.until(() => /steam from the valve/.test(face()));
    // Another thing is put right, and it boils away.
    await putRight('Lid off, ring seated, locked anew');
    await stove.until(() => screen.queryByText(/It may be scorching/) !== null);
    press('End the practice run');
    await stove.until(() => region('What it came down to'));
    const words = region('What it came down to')?.textContent ?? '';
    expect(words).toMatch(/Steam came from the open valve.*put it right at once/);
    expect(words).toMatch(/It cost: .*scorched/);
  });

  it('lets a cook who is called away press nothing, and says until when', async () => {
    await begin(NEIGHBOUR);
    const away = /You are called away: back at \d\d:\d\d/;
    await stove.until(() => away.test(document.body.textContent ?? ''));
    expect(face()).toContain('pin up');
    const marks = cook().marks.filter((m) => !m.heard).length;
    press('Valve opened early');
    expect(screen.getByRole('alert').textContent).toMatch(away);
    expect(cook().marks.filter((m) => !m.heard)).toHaveLength(marks);
    // Back at the stove it goes on to its end.
    await toTheTable();
    expect(screen.getByRole('region', { name: 'What was true' }).textContent).toContain(
      'called away',
    );
  });
});
