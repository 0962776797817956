/** @jest-environment jsdom */
import 'fake-indexeddb/auto';
import { cleanup, fireEvent, render, screen, within } from '@testing-library/react';
import type { Bundle, Cook, Jar } from '@/core/batch/schema';
import { addDays, keepsOf } from '@/core/keep';
import { cookOf } from '@/core/testing/cooks';
import { REFERENCE } from '@/core/testing/kitchen';
import { jarShape, shelfPx } from '@/drawings/shelf/geometry';
import { fixedClock } from '@/session/clock';
import { ClockContext } from '@/ui/clock';
import { keep, kept, HOME } from '@/ui/testing/household';
import { HOLDER_KINDS } from '@/core/vocabulary';
import { contentWords, keepsWords, noteWords } from './larderWords';
import { LarderScreen } from './LarderScreen';

const NOON = new Date(2026, 10, 24, 12).getTime();
const iso = (ms: number): string => new Date(ms).toISOString();
const KEEPS = keepsOf(undefined);

const jar = (id: string, more: Partial<Jar> = {}): Jar => ({
  id,
  name: 'Turkey stock',
  litres: 0.45,
  holder: 'half-litre',
  kind: 'stock',
  gPerL: 9,
  saltPercent: 0,
  madeAt: iso(NOON),
  where: 'fridge',
  ...more,
});

describe('words of the Larder', () => {
  it('say how long a jar keeps, and press when it is time', () => {
    const words = (days: number, more: Partial<Jar> = {}) =>
      keepsWords(jar('a', { madeAt: iso(addDays(NOON, -days)), ...more }), KEEPS, NOON);
    expect(words(0)).toEqual({ text: '3 days', presses: false, past: false });
    expect(words(2)).toEqual({ text: '1 day', presses: true, past: false });
    expect(words(3)).toEqual({ text: 'today', presses: true, past: false });
    expect(words(4)).toEqual({ text: '1 day past', presses: true, past: true });
    expect(words(0, { where: 'freezer' }).text).toBe('3 months');
    expect(words(60, { where: 'freezer' }).text).toBe('4 weeks');
  });

  it('say what is in it, a set only of what may set', () => {
    expect(contentWords(jar('a'), 'metric')).toBe('450 ml, wobbly, unsalted');
    const soup = jar('a', { kind: 'soup', thick: true, saltPercent: 0.72 });
    expect(contentWords(soup, 'us')).toBe('2 cups, thick, 0.7 % salt');
  });

  it('say each note of a day', () => {
    const said = noteWords(
      { kind: 'thaw', name: 'Fumet', litres: 0.5, jar: 'j', hours: 11.2, forDay: NOON },
      'metric',
    );
    expect(said).toMatchObject({ text: 'thaw tonight: Fumet, loose in 11 h', sign: '❄' });
    expect(noteWords({ kind: 'runs-out' }, 'metric').text).toBe('shelf empty: cook stock');
  });
});

describe('jars as they are drawn', () => {
  it('are to scale: a litre is twice as much as half of one, and full is full', () => {
    const volume = (kind: 'litre' | 'half-litre'): number => {
      const { width, height, lidHeight } = jarShape(kind, 1);
      return width * width * (height - lidHeight);
    };
    expect(volume('litre') / volume('half-litre')).toBeCloseTo(2, 6);
    for (const kind of HOLDER_KINDS) {
      const empty = jarShape(kind, 0);
      const full = jarShape(kind, 9);
      expect(empty.surface).toBeCloseTo(empty.height, 6);
      expect(full.surface).toBeCloseTo(full.lidHeight, 6);
      expect(shelfPx([kind])).toBeGreaterThanOrEqual(full.height);
    }
  });
});

describe('the Larder', () => {
  const open = (household: Partial<Bundle>): void => {
    keep({ ...HOME, ...household });
    render(
      <ClockContext value={fixedClock(NOON)}>
        <LarderScreen />
      </ClockContext>,
    );
  };
  afterEach(cleanup);

  it('is empty in words, and says where jars come from', () => {
    open({});
    expect(screen.getByText('Nothing is kept yet.', { exact: false })).toBeTruthy();
    expect(screen.getByText(/Fill jars from a cook/)).toBeTruthy();
    expect(screen.getByText(/Bones that are picked clean/)).toBeTruthy();
  });

  it('uses, gives and takes off the shelf, each to be undone', async () => {
    open({ jars: [jar('a'), jar('b'), jar('c', { where: 'freezer' })] });
    const fridge = screen.getByRole('region', { name: 'Fridge' });
    expect(within(fridge).getAllByRole('button')).toHaveLength(2);
    fireEvent.click(within(fridge).getAllByRole('button')[0] as HTMLElement);
    fireEvent.click(await screen.findByRole('button', { name: 'Given away' }));
    expect(kept().jars.find((j) => j.id === 'a')?.gone?.[0]).toMatchObject({
      how: 'given',
      litres: 0.45,
    });
    expect(within(fridge).getAllByRole('button')).toHaveLength(1);
  });

  it('cools what a cook left, takes a reading, and ends it', async () => {
    const cook: Cook = {
      ...cookOf('r1', REFERENCE, iso(NOON - 3_600_000)),
      endedAt: iso(NOON),
      after: { cooling: { way: 'pans', litres: 2, startC: 90, at: iso(NOON) } },
    };
    open({ cooks: [cook] });
    expect((await screen.findByTestId('judgement')).textContent).toContain('Cold in time');
    fireEvent.change(screen.getByLabelText(/Its middle reads/), { target: { value: 'warm' } });
    expect(screen.getByRole('alert').textContent).toContain('Enter a temperature');
    fireEvent.change(screen.getByLabelText(/Its middle reads/), { target: { value: '41,5' } });
    fireEvent.click(screen.getByRole('button', { name: 'Read just now' }));
    expect(kept().cooks[0]?.after?.cooling?.readings).toEqual([{ at: iso(NOON), celsius: 41.5 }]);
    fireEvent.click(screen.getByRole('button', { name: 'Thrown out' }));
    expect(kept().cooks[0]?.after).toMatchObject({ wasteL: 2, cooling: { thrown: true } });
    expect(screen.queryByTestId('judgement')).toBeNull();
  });
});
