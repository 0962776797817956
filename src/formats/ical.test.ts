import ICAL from 'ical.js';
import { assess } from '../core/assess';
import { batchOf, item, KITCHEN, POT, pressure, REFERENCE } from '../core/testing/kitchen';
import { movesOf } from '../core/timetable';
import { writeCalendar } from './ical';

const START = Date.parse('2026-11-24T16:25:00Z');
const A = assess(REFERENCE, POT, KITCHEN);
const MOVES = movesOf(REFERENCE, A, POT, 'metric');

function events(text: string) {
  const calendar = new ICAL.Component(ICAL.parse(text) as never);
  return calendar.getAllSubcomponents('vevent').map((part) => new ICAL.Event(part));
}

describe('the timetable as a calendar', () => {
  const text = writeCalendar(MOVES, {
    name: 'Lamb neck; barley, leek\nfor six',
    batch: 'b1',
    startMs: START,
    nowMs: START - 3600000,
  });

  // Published: RFC 5545, read by an independent parser.
  it('is read back by ical.js, move by move', () => {
    const found = events(text);
    expect(found.map((e) => e.summary)).toEqual(MOVES.map((m) => m.title));
    found.forEach((event, i) => {
      const move = MOVES[i];
      const minute = (event.startDate.toJSDate().getTime() - START) / 60000;
      expect(Math.abs(minute - (move?.minute ?? 0))).toBeLessThanOrEqual(0.5);
      expect(event.description).toBe(move?.detail);
      expect(event.component.getAllSubcomponents('valarm')).toHaveLength(
        move?.kind === 'wait' ? 0 : 1,
      );
    });
    expect(new Set(found.map((e) => e.uid)).size).toBe(MOVES.length);
  });

  it('is the same for the same plan', () => {
    const again = writeCalendar(MOVES, {
      name: 'Lamb neck; barley, leek\nfor six',
      batch: 'b1',
      startMs: START,
      nowMs: START - 3600000,
    });
    expect(again).toBe(text);
  });

  it('keeps lines within 75 octets and ends them as the standard wants', () => {
    expect(text).toContain('\r\n');
    for (const line of text.split('\r\n')) expect(Buffer.byteLength(line)).toBeLessThanOrEqual(75);
  });
});

describe('the moves of a cook', () => {
  it('stand in the order of the clock, from cutting to the table', () => {
    expect(MOVES[0]?.id).toBe('cut');
    expect(MOVES.at(-1)).toMatchObject({ id: 'serve', kind: 'serve' });
    expect(MOVES.at(-1)?.minute).toBeCloseTo(A.time.totalMin, 6);
    expect(MOVES.at(-1)?.detail).toContain('bay leaf');
    MOVES.forEach((move, i) =>
      expect(move.minute).toBeGreaterThanOrEqual(MOVES[i - 1]?.minute ?? -Infinity),
    );
    const leek = MOVES.find((m) => m.detail.includes('leek'));
    expect(leek?.minute).toBeCloseTo(A.time.steps[1]?.startMin ?? 0, 6);
  });

  it('tell every ingredient once, soaks the evening before, pans apart so that they end with it', () => {
    const batch = batchOf(
      [
        item('w', 'water', 1.5, 'l'),
        item('b', 'borlotti', 300, 'g', { soakedH: 8 }),
        item('n', 'ditalini', 150, 'g', { apart: true }),
        item('k', 'cavolo-nero', 150, 'g', { stays: [{ from: 's2' }] }),
      ],
      [
        pressure(10, { method: 'timed', afterMin: 6 }),
        { id: 's2', kind: 'simmer', minutes: 8 },
        { id: 's3', kind: 'rest', minutes: 10 },
      ],
    );
    const a = assess(batch, POT, KITCHEN);
    const moves = movesOf(batch, a, POT, 'metric');
    const told = moves.map((m) => m.detail).join(' | ');
    for (const name of ['water', 'ditalini', 'cavolo nero'])
      expect(told.split(`${name},`)).toHaveLength(2);
    expect(moves[0]).toMatchObject({ kind: 'before', title: 'Put to soak' });
    expect(moves[0]?.minute).toBeLessThan(-480);
    const pan = moves.find((m) => m.id === 'apart-n');
    expect((pan?.minute ?? 0) + (pan?.minutes ?? 0)).toBeLessThan(a.time.totalMin);
    const valve = moves.find((m) => m.id === 's1-valve');
    const step = a.time.steps[0];
    expect(valve?.minute).toBeCloseTo((step?.warmUpMin ?? 0) + 16, 1);
    expect(moves.some((m) => m.kind === 'wait' && m.detail.includes('free'))).toBe(true);
  });
});
