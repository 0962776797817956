/** @jest-environment jsdom */
import { markAt } from '@/core/testing/marks';
import { cleanup, render } from '@testing-library/react';
import { assess, type Draws } from '@/core/assess';
import { withExtractions } from '@/core/batch/plan';
import type { Batch } from '@/core/batch/schema';
import { cookOf } from '@/core/testing/cooks';
import { batchOf, item, KITCHEN, POT, pressure, REFERENCE } from '@/core/testing/kitchen';
import { LightPlot } from './LightPlot';
import { Miniature } from './Miniature';
import type { Curve, Plot, PlotPart } from './plot';
import { gramSide, runOffPlot } from './runOffs';
import { cookPlot } from './lived';
import { tracePlot } from './trace';

const A = assess(REFERENCE, POT, KITCHEN);
const TOTAL = A.time.totalMin;
const NONE = { p10: 0, p50: 0, p90: 0 };
const CLOCK = { kitchen: KITCHEN, clock: (m: number) => `+${Math.round(m)}`, servedMin: null };

function curve(plot: Plot, look: PlotPart['look']): Curve {
  const found = plot.parts.find((p) => p.look === look);
  if (!found || !('values' in found) || found.kind === 'band') throw new RangeError(look);
  return found;
}

afterEach(cleanup);

describe('the Trace', () => {
  const plot = tracePlot(A, null, CLOCK);

  it('is thinned but keeps its ends and turns', () => {
    expect(plot.minutes.length).toBeLessThan(300);
    expect(plot.minutes[0]).toBe(0);
    expect(plot.lastMin).toBeCloseTo(TOTAL, 6);
    const phases = new Set(plot.minutes.map((_, i) => plot.read(i)?.note.toLowerCase()));
    expect(phases).toEqual(new Set(A.series.phase));
  });

  it('takes its band from the draws', () => {
    const draws: Draws = {
      draws: 12,
      grades: {},
      risks: { dry: {}, never: {}, unsafe: {} },
      totalMin: { p10: 1, p50: 2, p90: 3 },
      steps: [],
      fill: { worstL: NONE, releaseL: NONE, finishedBrothL: NONE, fits: 1 },
      verdicts: {},
      band: { minute: [0, 100], p10: [10, 20], p90: [20, 40] },
    };
    const { parts, minutes } = tracePlot(A, draws, CLOCK);
    const band = parts.find((p) => p.kind === 'band');
    const at = minutes.findIndex((m) => m > 40);
    expect(band?.values[at]?.[0]).toBeCloseTo(10 + (minutes[at] ?? 0) / 10, 6);
    expect(band?.values[at]?.[1]).toBeCloseTo(20 + (minutes[at] ?? 0) / 5, 6);
    // Nothing is known past the last of the draws.
    expect(band?.values.at(-1)).toBeNull();
  });

  it('is read with its pressure while there is any', () => {
    expect(plot.read(0)).toEqual({
      title: expect.stringMatching(/^\+0 · \d+ °C$/),
      note: 'Warm-up',
    });
    const held = plot.minutes.findIndex((_, i) => plot.read(i)?.note === 'Hold');
    expect(plot.read(held)?.title).toMatch(/°C · \d+ kPa$/);
    expect(plot.read(1e6)).toBeNull();
  });
});

const BROTH: Batch = withExtractions(
  batchOf(
    [item('b', 'veal-knuckle', 1.2, 'kg'), item('w', 'water', 2.8, 'l')],
    [pressure(90), { id: 'end', kind: 'strain' }],
    { kind: 'broth' },
  ),
  3,
);

describe('broths', () => {
  const B = assess(BROTH, POT, KITCHEN);
  const plot = runOffPlot(B, CLOCK);
  const given = curve(plot, 'given').values;
  const sets = curve(plot, 'sets').values;

  it('break where broth is poured off, and begin again near nothing', () => {
    const hills = given
      .join(' ')
      .split('  ')
      .filter((hill) => hill.trim().includes(' '));
    expect(hills).toHaveLength(3);
    hills.forEach((hill, i) => {
      const grams = hill.trim().split(' ').map(Number);
      expect(grams[0]).toBeLessThan(1);
      expect(grams).toEqual([...grams].sort((a, b) => a - b));
      // The last point of a run is what the run gives.
      expect(grams.at(-1)).toBeCloseTo(B.bones[i]?.gelatineG ?? 0, 3);
    });
    sets.forEach((g, i) => expect(g ?? 0).toBeLessThanOrEqual((given[i] ?? 0) + 1e-9));
    expect(plot.read(given.indexOf(null))).toBeNull();
    expect(plot.read(5)?.note).toMatch(/^of .* given$/);
  });

  it('are few enough to draw, and fit their axis', () => {
    expect(plot.minutes.length).toBeLessThan(230);
    expect(plot.left.top).toBeGreaterThanOrEqual(Math.max(...B.series.gelatineG));
    for (const units of ['metric', 'us'] as const) {
      const { top, ticks } = gramSide(B.series, units);
      expect(ticks.at(-1)?.value).toBeCloseTo(top, 6);
      expect(ticks.length).toBeGreaterThan(2);
    }
    expect(gramSide(B.series, 'us').ticks.at(-1)?.text).toMatch(/ oz$/);
  });
});

describe('what was predicted of a cook', () => {
  const cook = {
    ...cookOf('c', REFERENCE, '2026-11-24T17:00:00.000Z'),
    marks: [
      markAt('lid-locked', '2026-11-24T17:04:00.000Z'),
      markAt('at-pressure', '2026-11-24T17:30:00.000Z'),
      markAt('step-done', '2026-11-24T19:00:00.000Z', { step: 's2' }),
    ],
  };
  const predicted = { minute: [0, 50, 100], liquidC: [20, 120, 95], boilC: 96 };

  it('begins as the lid was locked, with what was marked over it', () => {
    const plot = cookPlot(cook, predicted, 12);
    expect(plot.minutes).toEqual([4, 54, 104]);
    const moments = plot.parts.flatMap((p) => (p.kind === 'moment' ? [[p.text, p.minute]] : []));
    expect(moments).toEqual([
      ['', 12],
      ['lid', 4],
      ['pressure', 30],
    ]);
    expect(cookPlot(cook, predicted, null).parts).toHaveLength(plot.parts.length - 1);
  });
});

describe('the light drawing', () => {
  it('draws every part, and says its axes', () => {
    const plot = tracePlot(A, null, CLOCK);
    const { container } = render(<LightPlot plot={plot} />);
    const paths = container.querySelectorAll('path');
    expect(paths).toHaveLength(plot.parts.length + plot.left.ticks.length);
    for (const path of paths) expect(path.getAttribute('d')).not.toBe('');
    expect(container.textContent).toContain('120°');
    expect(container.textContent).toContain('80\u00a0kPa');
    expect(container.textContent).toContain('+0');
  });

  it('names what happened beneath where there are no axes', () => {
    const cook = {
      ...cookOf('c', REFERENCE, '2026-11-24T17:00:00.000Z'),
      marks: [markAt('lid-locked', '2026-11-24T17:04:00.000Z')],
    };
    const plot = cookPlot(cook, { minute: [0, 50], liquidC: [20, 120], boilC: 96 }, null);
    expect(render(<LightPlot plot={plot} bare />).container.textContent).toBe('lid');
  });

  it('is small in a row, with how full the pot is', () => {
    const { container, rerender } = render(
      <Miniature assessment={A} capacityL={POT.capacityL} maxFill={POT.maxFill} />,
    );
    expect(container.querySelectorAll('svg')).toHaveLength(2);
    expect(container.querySelector('rect')?.getAttribute('fill')).toBe('var(--color-broth)');
    const over = { ...A, fill: { ...A.fill, worstL: A.fill.lineL + 1 } };
    rerender(<Miniature assessment={over} capacityL={POT.capacityL} maxFill={POT.maxFill} />);
    expect(container.querySelector('rect')?.getAttribute('fill')).toBe('var(--color-rust)');
  });
});
