/** @jest-environment jsdom */
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { assess } from '@/core/assess';
import { KITCHEN, POT, REFERENCE } from '@/core/testing/kitchen';
import { AXIS_LEFT, AXIS_RIGHT } from '../time/frame';
import { LivePlot } from './LivePlot';
import { minuteAt } from './path';
import { tracePlot } from './trace';

// Drawn in a browser, which knows how large it is.
jest.mock('./RichPlot', () => ({ RichPlot: () => <p>the chart</p> }));

const A = assess(REFERENCE, POT, KITCHEN);
const PLOT = tracePlot(A, null, {
  kitchen: KITCHEN,
  clock: (m) => `+${Math.round(m)}`,
  servedMin: null,
});
const WIDE = 500;

const at = (along: number): number => AXIS_LEFT + along * (WIDE - AXIS_LEFT - AXIS_RIGHT);

function shown(cursorMin: number | null = null) {
  const onCursor = jest.fn();
  const plot = (minute: number | null) => (
    <LivePlot inHand={null} settled={PLOT} cursorMin={minute} onCursor={onCursor} />
  );
  const { container, rerender } = render(plot(cursorMin));
  const place = container.firstElementChild as Element;
  place.getBoundingClientRect = () => ({ left: 0, width: WIDE }) as DOMRect;
  return { place, onCursor, move: (minute: number | null) => rerender(plot(minute)) };
}
// jsdom has no PointerEvent.
const point = (place: Element, type: 'move' | 'out', clientX = 0): boolean =>
  fireEvent(place, new MouseEvent(`pointer${type}`, { bubbles: true, clientX }));
const light = () => screen.queryByTestId('light-plot');

afterEach(cleanup);

test('the chart comes when somebody reads the plot, by pointer or by the cursor beneath it', async () => {
  const { place } = shown();
  expect(light()).toBeTruthy();
  point(place, 'move', at(0.5));
  expect(await screen.findByText('the chart')).toBeTruthy();
  expect(light()).toBeNull();
  cleanup();
  const { move } = shown();
  expect(light()).toBeTruthy();
  move(12);
  expect(await screen.findByText('the chart')).toBeTruthy();
  expect(light()).toBeNull();
  // It stays when the cursor goes.
  move(null);
  expect(light()).toBeNull();
});

test('the cursor is where the pointer is, over the clock and nowhere else', () => {
  const { place, onCursor } = shown();
  point(place, 'move', at(0.5));
  expect(Math.abs((onCursor.mock.lastCall as [number])[0] - PLOT.lastMin / 2)).toBeLessThan(1);
  point(place, 'move', at(1));
  expect(onCursor).toHaveBeenLastCalledWith(PLOT.minutes.at(-1));
  onCursor.mockClear();
  point(place, 'move', AXIS_LEFT / 2);
  point(place, 'move', at(1.02));
  expect(onCursor).not.toHaveBeenCalled();
  point(place, 'out');
  expect(onCursor).toHaveBeenLastCalledWith(null);
});

test('a share of the width is the nearest minute', () => {
  for (const [i, minute] of PLOT.minutes.entries())
    expect(PLOT.minutes[i]).toBe(minuteAt(PLOT, minute / PLOT.lastMin));
  expect(minuteAt(PLOT, -0.01)).toBeNull();
  expect(minuteAt(PLOT, Number.NaN)).toBeNull();
});
