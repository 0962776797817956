import { clearOf } from './clear';
import { NO_TICKS, type Plot } from './plot';

/** A plot of 100 min and one curve, its axis from 0 to 100. */
function plotOf(value: (minute: number) => number): Plot {
  const minutes = Array.from({ length: 101 }, (_, minute) => minute);
  return {
    minutes,
    lastMin: 100,
    times: [],
    left: { ...NO_TICKS, top: 100 },
    right: null,
    parts: [{ kind: 'curve', look: 'liquid', side: 'left', values: minutes.map(value) }],
    read: () => null,
  };
}
const LEVEL = { side: 'left', value: 60, text: 'boils here' } as const;

describe('the words of a level', () => {
  it('stand at the left where no curve comes near', () => {
    expect(
      clearOf(
        plotOf(() => 20),
        LEVEL,
      ),
    ).toEqual({ from: 0.01, under: false });
  });

  it('make way for a curve that crosses there', () => {
    const crossed = plotOf((minute) => (minute < 30 ? 63 : 20));
    expect(clearOf(crossed, LEVEL).from).toBeGreaterThanOrEqual(0.29);
    expect(clearOf(crossed, LEVEL).under).toBe(false);
  });

  it('stand under their line where a curve runs along over it', () => {
    expect(
      clearOf(
        plotOf(() => 63),
        LEVEL,
      ),
    ).toEqual({ from: 0.01, under: true });
  });

  it('stay at the left where there is no place', () => {
    const busy = plotOf((minute) => (minute % 2 === 0 ? 64 : 56));
    expect(clearOf(busy, LEVEL)).toEqual({ from: 0.01, under: false });
  });
});
