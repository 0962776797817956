import {
  degreeTicks,
  pressureTicks,
  tickText,
  clockTicks,
  timeTicks,
  type AxisTick,
} from './ticks';
import { sampleAt, thinned } from './sample';

describe('marks of the axes', () => {
  it('stand on round minutes inside the cook', () => {
    expect(timeTicks(125, null)).toEqual([0, 20, 40, 60, 80, 100, 120]);
    expect(timeTicks(125, 125)).toEqual([5, 25, 45, 65, 85, 105, 125]);
    // A cooling goes on after the table.
    expect(timeTicks(125, 90)).toEqual([10, 30, 50, 70, 90, 110]);
    for (const total of [1, 17, 48, 360, 1200]) {
      const ticks = timeTicks(total, null);
      expect(ticks.length).toBeGreaterThanOrEqual(2);
      expect(ticks.length).toBeLessThanOrEqual(8);
      expect(ticks.at(-1)).toBeLessThanOrEqual(total);
    }
  });

  it("are in the kitchen's degrees, and the topmost pressure says its unit", () => {
    const texts = (ticks: readonly AxisTick[]) => ticks.map((tick) => tick.text);
    expect(texts(degreeTicks('metric'))).toEqual(['20°', '60°', '100°', '120°']);
    expect(texts(degreeTicks('us'))).toEqual(['70°', '140°', '200°', '250°']);
    expect(texts(pressureTicks('kPa'))).toEqual(['0', '40', '80\u00a0kPa']);
    expect(texts(pressureTicks('bar'))).toEqual(['0', '0.4', '0.8\u00a0bar']);
    expect(texts(pressureTicks('psi'))).toEqual(['0', '6', '12\u00a0psi']);
    // They stand where they say: 250 °F is 121.1 °C, 12 psi is 82.7 kPa.
    expect(degreeTicks('us').at(-1)?.value).toBeCloseTo(121.1, 1);
    expect(pressureTicks('psi').at(-1)?.value).toBeCloseTo(82.7, 1);
    const ticks = degreeTicks('us');
    expect(ticks.map((tick) => tickText(ticks, tick.value))).toEqual(texts(ticks));
  });
});

describe('samples', () => {
  const minute = [0, 1, 2, 3, 10, 20];

  it('are found under the cursor', () => {
    expect(sampleAt({ minute }, -5)).toBe(0);
    expect(sampleAt({ minute }, 1e9)).toBe(5);
    expect(sampleAt({ minute }, 3)).toBe(3);
    expect(sampleAt({ minute }, 9.9)).toBe(3);
  });

  it('are thinned to what can be told apart, and what is kept is kept', () => {
    expect(thinned(minute, 0.1, () => false)).toEqual([0, 2, 4, 5]);
    expect(thinned(minute, 0.1, (i) => i === 1)).toEqual([0, 1, 3, 4, 5]);
    expect(thinned([], 0.1, () => false)).toEqual([]);
  });
});

describe('the words along a cook', () => {
  it('say minutes once, at the last', () => {
    const texts = clockTicks(80, null, (minute) => (minute < 0.5 ? 'start' : `${minute} min`)).map(
      ({ text }) => text,
    );
    expect(texts).toEqual(['start', '15', '30', '45', '60', '75\u00a0min']);
  });

  it('are times of day where it is known when it is served', () => {
    const texts = clockTicks(60, 60, (minute) => `17:${minute}`).map(({ text }) => text);
    expect(texts.every((text) => text.startsWith('17:'))).toBe(true);
  });
});
