/** @jest-environment jsdom */
import { setName } from '@/core/vocabulary';
import { cleanup, fireEvent, render, screen, waitFor, within } from '@testing-library/react';
import { userEvent } from '@testing-library/user-event';
import { assess } from '@/core/assess';
import { addExtraction, stepsOf, stretchesOf, withExtractions } from '@/core/batch/plan';
import { SETS, type Batch } from '@/core/batch/schema';
import { nextRun } from '@/core/solve';
import { batchOf, item, KITCHEN, POT, pressure } from '@/core/testing/kitchen';
import { Wobble } from '@/ui/Wobble';
import { AimSheet } from './AimSheet';
import { BrothPlan } from './BrothPlan';
import { runAt } from './runAt';
import { layersOf, stopsOf } from './rows';
import { advice, answers } from './words';

const ONE: Batch = batchOf(
  [item('b', 'veal-knuckle', 1.2, 'kg'), item('w', 'water', 2.8, 'l')],
  [pressure(90), { id: 'end', kind: 'strain' }],
  { kind: 'broth' },
);
const THREE = withExtractions(ONE, 3);
const A = assess(THREE, POT, KITCHEN);
const user = userEvent.setup();

afterEach(cleanup);

describe('runs in the plan', () => {
  it('stop each run at the end of its hold', () => {
    const stops = stopsOf(THREE, A);
    expect(stops.map((s) => s.label)).toEqual([1, 2, 3].map((n) => `End of broth ${n}`));
    expect(new Set(stops.map((s) => s.step)).size).toBe(3);
    stops.forEach((stop, i) => {
      expect(stop.atMin).toBeGreaterThan(A.bones[i]?.startMin ?? Infinity);
      expect(stop.atMin).toBeLessThan(A.bones[i]?.endMin ?? 0);
    });
  });

  it('know the run at a minute', () => {
    expect(runAt(A.bones, null)).toBe(0);
    expect(runAt(A.bones, 0)).toBe(0);
    A.bones.forEach((run, i) => {
      expect(runAt(A.bones, (run.startMin + run.endMin) / 2)).toBe(i);
    });
    expect(runAt([], 50)).toBe(0);
  });

  it('lie in the glass as they were poured, the first the darkest', () => {
    const layers = layersOf(A.bones);
    expect(layers.map((l) => l.run)).toEqual([1, 2, 3]);
    layers.forEach((layer, i) => {
      const below = layers[i - 1];
      expect(layer.from).toBeCloseTo(below ? below.from + below.high : 0, 9);
      if (below) expect(layer.depth).toBeLessThan(below.depth);
    });
    expect((layers.at(-1)?.from ?? 0) + (layers.at(-1)?.high ?? 0)).toBeLessThan(1);
  });
});

describe('what is said', () => {
  it('weighs ten minutes more against another run', () => {
    const one = assess(ONE, POT, KITCHEN);
    const said = advice(one, nextRun(ONE, POT, KITCHEN), 'metric');
    expect(said).toMatch(
      /^Ten minutes more of broth 1 would add \d+\.\d g; another broth would give \d+ g, /,
    );
    const long = { ...ONE, steps: [pressure(500), { id: 'end', kind: 'strain' as const }] };
    expect(advice(assess(long, POT, KITCHEN), null, 'metric')).toMatch(/^Broth 1 is past its best/);
    expect(advice(assess({ ...ONE, items: [] }, POT, KITCHEN), null, 'metric')).toBe('');
  });

  it('refuses poultry another run', () => {
    const bird = { ...ONE, items: [item('b', 'turkey-frame', 900, 'g'), ...ONE.items.slice(1)] };
    expect(nextRun(bird, POT, KITCHEN)?.refused).toContain('splinters');
    expect(advice(assess(bird, POT, KITCHEN), nextRun(bird, POT, KITCHEN), 'metric')).toContain(
      'No further broth: turkey frame would fall into splinters',
    );
  });

  it('answers in the kitchen’s units', () => {
    const thin = assess(withExtractions({ ...ONE, aim: { set: 'soft set' } }, 2), POT, KITCHEN);
    const said = new Map(answers(thin, 'metric'));
    expect(said.get('boiled down to soft jelly')).toMatch(/ L in .* min, \d\.\d kWh$/);
    expect(said.get('bones a litre of soft jelly')).toMatch(/g$/);
    expect(said.get('fat to skim')).toMatch(/^about /);
    expect(new Map(answers(thin, 'us')).get('boiled down to soft jelly')).toContain(' qt');
    expect(answers(assess({ ...ONE, kind: 'soup', items: [] }, POT, KITCHEN), 'metric')).toEqual(
      [],
    );
  });

  it('has a picture for every state, and none twice', () => {
    const drawn = SETS.map((set) => {
      const { container } = render(<Wobble set={set} />);
      return container.innerHTML;
    });
    expect(new Set(drawn).size).toBe(4);
  });
});

describe('the broths of a plan', () => {
  const onBatch = jest.fn();
  const onInHand = jest.fn();
  const show = (batch: Batch): void => {
    const assessment = assess(batch, POT, KITCHEN);
    render(
      <BrothPlan
        batch={batch}
        shown={batch}
        pot={POT}
        kitchen={KITCHEN}
        assessment={assessment}
        light={null}
        rich={null}
        cursorMin={null}
        onCursor={jest.fn()}
        onBatch={onBatch}
        onInHand={onInHand}
        lanes={<p>the lanes</p>}
      />,
    );
  };
  beforeEach(() => {
    onBatch.mockClear();
    onInHand.mockClear();
  });

  it('are a row a run, with the blend in a glass', async () => {
    show(THREE);
    expect(within(screen.getByRole('table')).getAllByRole('row')).toHaveLength(4);
    expect(screen.getByTestId('run-1').textContent).toContain(setName(A.bones[0]?.set ?? '?'));
    expect(screen.getByTestId('blend').textContent).toContain('all poured together');
    await waitFor(() =>
      expect(screen.getByTestId('advice').textContent).toContain('another broth'),
    );
    await user.click(screen.getByRole('tab', { name: 'Lanes' }));
    expect(screen.getByText('the lanes')).toBeTruthy();
  });

  it('are run again and left out', async () => {
    show(THREE);
    await user.click(screen.getByRole('button', { name: 'Use the bones again' }));
    expect(stretchesOf(onBatch.mock.calls[0]?.[0] as Batch)).toHaveLength(4);
    await user.click(screen.getByRole('button', { name: /Leave out broth 2/ }));
    expect(stretchesOf(onBatch.mock.calls[1]?.[0] as Batch)).toHaveLength(1);
  });

  it('stop where the keys say', () => {
    show(THREE);
    const stop = screen.getByRole('slider', { name: 'End of broth 2' });
    expect(stop.getAttribute('aria-valuetext')).toBe('1 h 30 min of hold');
    fireEvent.keyDown(stop, { key: 'PageDown' });
    const [moved, done] = onInHand.mock.calls[0] as [Batch, boolean];
    expect(done).toBe(true);
    expect(stepsOf(moved).flatMap((s) => (s.kind === 'pressure' ? [s.holdMin] : []))).toEqual([
      90, 85, 90,
    ]);
    fireEvent.keyDown(stop, { key: 'x' });
    expect(onInHand).toHaveBeenCalledTimes(1);
  });

  it('say so while the bones give nothing yet', () => {
    show({ ...ONE, steps: [{ id: 's1', kind: 'rest', minutes: 1 }] });
    expect(screen.getByText(/give no gelatine? in this plan yet/)).toBeTruthy();
  });
});

describe('how many runs', () => {
  const onTake = jest.fn();
  const onClose = jest.fn();
  const open = (batch: Batch, units: 'metric' | 'us' = 'metric'): void => {
    render(
      <AimSheet
        batch={batch}
        pot={POT}
        kitchen={{ ...KITCHEN, units }}
        onTake={onTake}
        onClose={onClose}
      />,
    );
  };
  beforeEach(() => {
    onTake.mockClear();
    onClose.mockClear();
  });

  it('plans by what is wanted, to take or to leave', async () => {
    open(ONE);
    await user.selectOptions(screen.getByLabelText('When cold, it'), 'trembles');
    await user.type(screen.getByLabelText('Broth wanted, L'), '5');
    await user.click(screen.getByRole('button', { name: 'Find it' }));
    const options = await screen.findByTestId('run-options');
    expect(within(options).getAllByRole('radio')).toHaveLength(2);
    expect(options.textContent).toContain('No more broths: veal knuckle, 2 broths at most');
    expect(options.textContent).toContain('misses:');
    await user.click(screen.getByRole('button', { name: 'Take it' }));
    const [taken] = onTake.mock.calls[0] as [Batch];
    expect(stretchesOf(taken)).toHaveLength(2);
    expect(taken.aim).toEqual({ set: 'trembles', litres: 5 });
    expect(onClose).toHaveBeenCalled();
  });

  it('says what is no number where it is typed, and plans nothing', async () => {
    open(ONE);
    await user.type(screen.getByLabelText('Hours you have'), 'all day');
    await user.click(screen.getByRole('button', { name: 'Find it' }));
    expect(
      await screen.findByText('Enter a number from 0.25 to 48 hours, or nothing'),
    ).toBeTruthy();
    await user.clear(screen.getByLabelText('Hours you have'));
    await user.type(screen.getByLabelText('Hours you have'), '99');
    expect(
      await screen.findByText('Enter a number from 0.25 to 48 hours, or nothing'),
    ).toBeTruthy();
    expect(screen.queryByTestId('run-options')).toBeNull();
  });

  it('remembers the aim, in quarts where the kitchen has cups', () => {
    open({ ...ONE, aim: { litres: 1.892706, set: 'soft set', openings: 1 } }, 'us');
    expect(screen.getByLabelText('Broth wanted, qt')).toHaveProperty('value', '2');
    expect(screen.getByLabelText('When cold, it')).toHaveProperty('value', 'soft set');
    expect(screen.getByLabelText('Pour off in between')).toHaveProperty('value', '1');
  });

  it('leaves the choice to the cook', async () => {
    open(addExtraction(ONE));
    await user.click(screen.getByRole('button', { name: 'Find it' }));
    const options = await screen.findByTestId('run-options');
    const [first] = within(options).getAllByRole('radio');
    if (!first) throw new Error('no plan');
    await user.click(first);
    await user.click(screen.getByRole('button', { name: 'Take it' }));
    expect(stretchesOf(onTake.mock.calls[0]?.[0] as Batch)).toHaveLength(1);
  });
});
