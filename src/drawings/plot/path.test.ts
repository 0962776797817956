import { alongOf, areaPath, bandPath, curvePath, downOf } from './path';
import { NO_TICKS, type Plot } from './plot';

function plotOf(minutes: readonly number[], top = 100): Plot {
  return {
    minutes,
    lastMin: minutes.at(-1) ?? 0,
    times: [],
    left: { ...NO_TICKS, top },
    right: null,
    parts: [],
    read: () => null,
  };
}

describe('places', () => {
  it('put time along and what is much up, never outside', () => {
    expect(alongOf(plotOf([0, 60]), 30)).toBe(0.5);
    expect(alongOf(plotOf([0]), 1)).toBe(1);
    expect([0, 25, 100, 900].map((v) => downOf(100, v))).toEqual([1, 0.75, 0, 0]);
  });
});

describe('paths', () => {
  const minutes = Array.from({ length: 5001 }, (_, i) => i / 50);

  it('keep the ends and thin what cannot be told apart', () => {
    const path = curvePath(plotOf(minutes), { side: 'left', values: minutes });
    expect(path.startsWith('M0,200')).toBe(true);
    expect(path.split('L').length).toBeLessThan(310);
    expect(path).toMatch(/L600,0$/);
    expect(curvePath(plotOf([]), { side: 'left', values: [] })).toBe('');
  });

  it('break where there is nothing, and keep what stands before and after', () => {
    const values = [10, 20, null, 0, 5];
    const path = curvePath(plotOf([0, 10, 10, 10, 20]), { side: 'left', values });
    expect(path).toBe('M0,180L300,160M300,200L600,190');
    const filled = areaPath(plotOf([0, 10, 10, 10, 20]), { side: 'left', values });
    expect(filled.match(/Z/g)).toHaveLength(2);
  });

  it('close a band over its two ends', () => {
    const values = [[10, 30] as const, [20, 40] as const];
    expect(bandPath(plotOf([0, 20]), { side: 'left', values })).toBe(
      'M0,140L600,120L600,160L0,180Z',
    );
  });

  it('refuse an axis that is not there', () => {
    expect(() => curvePath(plotOf([0, 1]), { side: 'right', values: [1, 2] })).toThrow(/no axis/);
  });
});
