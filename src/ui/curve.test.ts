import { curvePath, minuteScale, temperatureScale } from './curve';

describe('small curves', () => {
  it('put time along and heat up', () => {
    expect(minuteScale(60, 120)(30)).toBe(60);
    const y = temperatureScale(100);
    expect(y(0)).toBe(100);
    expect(y(125)).toBe(0);
    expect(y(900)).toBe(0);
    expect(minuteScale(0, 120)(1)).toBe(120);
  });

  it('keep the ends and thin what is nearer than two pixels', () => {
    const xs = Array.from({ length: 1000 }, (_, i) => i / 10);
    const path = curvePath(xs, xs, minuteScale(99.9, 100), temperatureScale(50));
    expect(path.startsWith('M0,50')).toBe(true);
    expect(path.split('L').length).toBeLessThan(55);
    expect(path).toMatch(/L100,10$/);
    expect(
      curvePath(
        [],
        [],
        (v) => v,
        (v) => v,
      ),
    ).toBe('');
  });
});
