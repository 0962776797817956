/** @jest-environment jsdom */
import type { ComponentProps } from 'react';
import { cleanup, fireEvent, render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { assess, callKey, drawBatch, type Draws, type Finding } from '@/core/assess';
import type { Advice, Offer } from '@/core/solve';
import { stepsOf } from '@/core/batch/plan';
import type { Batch, Item, Step } from '@/core/batch/schema';
import { batchOf, item, KITCHEN, POT, pressure, REFERENCE } from '@/core/testing/kitchen';
import { AddLine } from './AddLine';
import { AddStep } from './AddStep';
import { Calls } from './Calls';
import { clockText } from '@/session/clockText';
import { HelpSheet } from './HelpSheet';
import { ItemEditor } from './ItemEditor';
import { Lanes } from './Lanes';
import { Moment } from './Moment';
import { Readings } from './Readings';
import { ScaleSheet } from './ScaleSheet';
import { SchoolsSheet } from './SchoolsSheet';
import { SHORTCUTS, useShortcuts } from './shortcuts';
import { SolveSheet } from './SolveSheet';
import { StepBar } from '@/drawings/steps';
import { StepEditor } from './StepEditor';
import { TimetableSheet } from './TimetableSheet';
import { describe as inWords } from './moments';

jest.mock('@/workers', () => jest.requireActual('../../ui/testing/assessor'));

global.ResizeObserver = class {
  observe = (): void => undefined;
  unobserve = (): void => undefined;
  disconnect = (): void => undefined;
};

const A = assess(REFERENCE, POT, KITCHEN);
const D = drawBatch(REFERENCE, POT, KITCHEN, { draws: 12, seed: 1 }) as Draws;
const US = { ...KITCHEN, units: 'us' as const };
const user = userEvent.setup();

afterEach(cleanup);

function text(node: HTMLElement): string {
  return node.textContent ?? '';
}

describe('readings', () => {
  it('say whether it fits, when it is done, how the valve is opened and what broth is left', () => {
    render(<Readings assessment={A} draws={null} batch={REFERENCE} kitchen={KITCHEN} />);
    const readings = text(screen.getByLabelText('Readings'));
    expect(readings).toContain('yes');
    expect(readings).toContain('to the foam line');
    expect(readings).toContain(`${Math.round(A.time.totalMin)}min`);
    expect(readings).toContain('working out the range');
    expect(readings).toContain('by itself');
    expect(readings).toContain('a bowl');
    expect(readings).toMatch(/Salt0\.\d%\d+ g left to add/);
  });

  it('give the range once it is drawn, and cups where the kitchen has cups', () => {
    const draws: Draws = { ...D, totalMin: { p10: 118.4, p50: 124, p90: 131.6 } };
    render(<Readings assessment={A} draws={draws} batch={REFERENCE} kitchen={US} />);
    const readings = text(screen.getByLabelText('Readings'));
    expect(readings).toContain('118 to 132, 8 in 10');
    expect(readings).toContain('cups');
  });

  it('say no when it is over the line', () => {
    const full = batchOf([item('w', 'water', 4.5, 'l')], [pressure(5, { method: 'quick' })]);
    render(
      <Readings
        assessment={assess(full, POT, KITCHEN)}
        draws={null}
        batch={full}
        kitchen={KITCHEN}
      />,
    );
    expect(screen.getByText('no')).toBeTruthy();
    expect(screen.getByText(/over the fill line/)).toBeTruthy();
    expect(screen.getByText('min, at once')).toBeTruthy();
  });
});

describe('calls', () => {
  const finding: Finding = {
    code: 'over-foam-line',
    level: 'stop',
    title: 'Over the foam line',
    message: 'It stands at 3.2 L.',
    why: 'Full pots spray.',
    numbers: { levelL: 3.2 },
    remedies: [{ do: 'set-water', litres: 1.5, label: 'Use 1.5 L of water' }],
  };
  const offer: Offer = {
    remedy: { do: 'set-water', litres: 1.5, label: 'Use 1.5 L of water' },
    mends: [callKey(finding)],
    totalMin: 60,
    makes: [],
    outcome: '60 min to the table',
  };
  const advice: Advice = { first: null, offers: { [callKey(finding)]: [offer] } };

  it('hand over the remedy and tell the reason when asked', async () => {
    const onRemedy = jest.fn();
    render(
      <Calls
        batch={REFERENCE}
        findings={[finding]}
        advice={advice}
        units="metric"
        onRemedy={onRemedy}
        onChange={jest.fn()}
      />,
    );
    expect(screen.queryByText('Full pots spray.')).toBeNull();
    await user.click(screen.getByRole('button', { name: 'why' }));
    expect(screen.getByText('Full pots spray.')).toBeTruthy();
    expect(text(screen.getByText('it stands at').parentElement as HTMLElement)).toBe(
      'it stands at3.2 L',
    );
    await user.click(
      screen.getByRole('button', { name: /^Use 1.5 L of water ?60 min to the table$/ }),
    );
    expect(onRemedy).toHaveBeenCalledWith(offer.remedy);
  });

  it('offer what mends several once, before them all', () => {
    render(
      <Calls
        batch={REFERENCE}
        findings={[finding, { ...finding, code: 'salty', level: 'warn' }]}
        advice={{ ...advice, first: { ...offer, mends: ['a', 'b'] } }}
        units="metric"
        onRemedy={jest.fn()}
        onChange={jest.fn()}
      />,
    );
    expect(screen.getByText('One change mends 2')).toBeTruthy();
    expect(screen.getAllByRole('button', { name: /Use 1.5 L of water/ })).toHaveLength(1);
  });

  it('are no more than a cook would want to hear, until all are asked for', async () => {
    const many = ['i1', 'i2', 'i3', 'i4', 'i5', 'i6'].map((item): Finding => ({
      ...finding,
      level: 'note',
      item,
      title: `Note on ${item}`,
    }));
    render(
      <Calls
        batch={REFERENCE}
        findings={many}
        advice={null}
        units="metric"
        onRemedy={jest.fn()}
        onChange={jest.fn()}
      />,
    );
    expect(screen.getAllByText(/^Note on/)).toHaveLength(4);
    expect(screen.getByText(/2 lesser ones/)).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'hear all' }));
    expect(screen.getAllByText(/^Note on/)).toHaveLength(6);
  });

  it('say so when nothing stands against it', () => {
    render(
      <Calls
        batch={REFERENCE}
        findings={[]}
        advice={null}
        units="metric"
        onRemedy={jest.fn()}
        onChange={jest.fn()}
      />,
    );
    expect(screen.getByText('Nothing stands against it.')).toBeTruthy();
  });

  it('offer no button without a remedy, and name the weight in words', () => {
    render(
      <Calls
        batch={REFERENCE}
        findings={[{ ...finding, level: 'note' }]}
        advice={null}
        units="metric"
        onRemedy={jest.fn()}
        onChange={jest.fn()}
      />,
    );
    expect(screen.getByText('Note')).toBeTruthy();
    expect(screen.getAllByRole('button').map(text)).toEqual(['put by', 'why']);
  });
});

describe('putting a call by', () => {
  const drink = A.findings.find((f) => f.code === 'noodles-drink') as Finding;

  it('keeps the reason, and takes it up again', async () => {
    let batch: Batch = REFERENCE;
    const onChange = jest.fn((next: Batch) => {
      batch = next;
    });
    const show = () => (
      <Calls
        batch={batch}
        findings={[drink]}
        advice={null}
        units="metric"
        onRemedy={jest.fn()}
        onChange={onChange}
      />
    );
    const { rerender } = render(show());
    await user.click(screen.getByRole('button', { name: /^Put by/ }));
    await user.type(screen.getByLabelText('Why it may be so'), 'eaten at once{Enter}');
    expect(batch.putBy).toEqual([{ code: 'noodles-drink', reason: 'eaten at once' }]);
    rerender(show());
    expect(screen.getByText(/1 put by/)).toBeTruthy();
    expect(screen.queryByTestId('call-noodles-drink')).toBeNull();
    await user.click(screen.getByRole('button', { name: /^Take up again/ }));
    expect(batch.putBy).toEqual([]);
  });

  it('is not offered where something would go wrong', () => {
    render(
      <Calls
        batch={{ ...REFERENCE, putBy: [{ code: 'noodles-drink', reason: 'no' }] }}
        findings={[{ ...drink, level: 'stop' }]}
        advice={null}
        units="metric"
        onRemedy={jest.fn()}
        onChange={jest.fn()}
      />,
    );
    expect(screen.queryByRole('button', { name: /^Put by/ })).toBeNull();
    expect(screen.getByTestId('call-noodles-drink')).toBeTruthy();
  });
});

describe('the add line', () => {
  const addLine = (more: Partial<ComponentProps<typeof AddLine>>) =>
    render(
      <AddLine
        units="metric"
        foods={[]}
        shelves={() => []}
        room={200}
        taskRoom={20}
        onAdd={jest.fn()}
        {...more}
      />,
    );

  it('shows what it understood and hands it over on Enter', async () => {
    const onAdd = jest.fn();
    addLine({ onAdd });
    const line = screen.getByLabelText('Put in');
    await user.type(line, '2 leeks, 15 mm rings');
    expect(screen.getByText('leek · 2 · 178 g · slice 15 mm')).toBeTruthy();
    await user.type(line, '{Enter}');
    expect(onAdd).toHaveBeenCalledWith(
      [expect.objectContaining({ food: 'leek', cut: { shape: 'slice', mm: 15 } })],
      [],
    );
    expect((line as HTMLTextAreaElement).value).toBe('');
  });

  it('says when it is not sure', async () => {
    addLine({ units: 'us' });
    await user.type(screen.getByLabelText('Put in'), '2-4 carrots');
    expect(screen.getByText(/not sure: between 2 and 4, read as 3/)).toBeTruthy();
  });

  it('offers the nearest foods and takes the one chosen, with the amount that was said', async () => {
    const onAdd = jest.fn();
    addLine({ onAdd });
    await user.type(screen.getByLabelText('Put in'), '2 kg wild pheasant fillet strips');
    const offered = within(screen.getByRole('alert')).getAllByRole('button');
    expect(offered.length).toBeGreaterThan(0);
    const [first] = offered;
    if (!first) throw new Error('nothing offered');
    await user.click(first);
    await user.click(screen.getByRole('button', { name: 'Add' }));
    expect(onAdd).toHaveBeenCalledWith(
      [expect.objectContaining({ amount: { value: 2, unit: 'kg' } })],
      [],
    );
  });

  it('takes what is done beside the pot, and no more of it than a batch holds', async () => {
    const onAdd = jest.fn();
    addLine({ room: 0, taskRoom: 1, onAdd });
    const line = screen.getByLabelText('Put in');
    await user.type(line, 'rice apart, 18 min');
    expect(screen.getByText('alongside · rice apart · 18 min, ready at the table')).toBeTruthy();
    await user.type(line, '{Shift>}{Enter}{/Shift}bread in the oven, 9 min at 200 C');
    expect(screen.getByText(/20 things are done alongside at the most: 1 of these/)).toBeTruthy();
    await user.type(line, '{Enter}');
    expect(onAdd).toHaveBeenCalledWith([], [{ words: 'rice apart', minutes: 18 }]);
    // What has no room stays.
    expect((line as HTMLTextAreaElement).value).toBe('bread in the oven, 9 min at 200 C');
  });

  it('adds nothing that it did not understand', async () => {
    const onAdd = jest.fn();
    addLine({ onAdd });
    await user.type(screen.getByLabelText('Put in'), 'xyzzy{Enter}');
    expect(onAdd).not.toHaveBeenCalled();
    expect((screen.getByLabelText('Put in') as HTMLTextAreaElement).value).toBe('xyzzy');
  });
});

describe('lanes', () => {
  it('show a button for every ingredient, liquids apart', async () => {
    const onEdit = jest.fn();
    const onDoor = jest.fn();
    const onQuick = jest.fn();
    render(
      <Lanes
        assessment={A}
        draws={D}
        batch={REFERENCE}
        kitchen={KITCHEN}
        cursorMin={12}
        onTask={jest.fn()}
        onEdit={onEdit}
        onDoor={onDoor}
        onQuick={onQuick}
      />,
    );
    expect(
      within(screen.getByRole('list', { name: 'Ingredients' })).getAllByRole('button', {
        name: /^Change/,
      }),
    ).toHaveLength(6);
    await user.click(screen.getByRole('button', { name: /^Wish, cut and temperature of leek/ }));
    await user.click(await screen.findByRole('switch', { name: 'leek, frozen' }));
    expect(onQuick).toHaveBeenLastCalledWith('i5', { startC: -18 });
    const cut = screen.getByRole('slider', { name: 'Cut of leek' });
    for (const value of ['18', '22']) fireEvent.change(cut, { target: { value } });
    expect(onQuick).toHaveBeenCalledTimes(1);
    fireEvent.pointerUp(cut);
    expect(onQuick).toHaveBeenLastCalledWith('i5', { cut: { shape: 'slice', mm: 22 } });
    const start = screen.getByRole('slider', { name: 'Start temperature of leek' });
    fireEvent.change(start, { target: { value: '60' } });
    fireEvent.keyUp(start);
    expect(onQuick).toHaveBeenLastCalledWith('i5', { startC: 60 });
    await user.keyboard('{Escape}');
    await user.click(screen.getByRole('button', { name: 'Change leek' }));
    expect(onEdit).toHaveBeenCalledWith('i5');
    await user.click(screen.getByRole('button', { name: 'water, 1.4 L' }));
    expect(onEdit).toHaveBeenLastCalledWith('i8');
    expect(text(screen.getByTestId('lane-bay-leaf'))).toContain('fish out');
    const leek = screen.getByRole('slider', { name: 'leek goes in' });
    expect(leek.getAttribute('aria-valuetext')).toBe('after, into the simmer');
    leek.focus();
    await user.keyboard('{ArrowLeft}');
    expect(onDoor).toHaveBeenCalledWith('i5', expect.objectContaining({ kind: 'step', id: 's1' }));
    await user.keyboard('{ArrowRight}');
    expect(onDoor).toHaveBeenLastCalledWith('i5', expect.objectContaining({ kind: 'apart' }));
  });
});

describe('the step bar', () => {
  it('names every phase with its minutes and opens its step', async () => {
    const onEdit = jest.fn();
    const onAdd = jest.fn();
    const onStep = jest.fn();
    render(
      <StepBar
        batch={REFERENCE}
        assessment={A}
        onEdit={onEdit}
        onAdd={onAdd}
        onStep={onStep}
        onOrder={jest.fn()}
      />,
    );
    screen.getByRole('button', { name: 'hold 60 min, change' }).focus();
    await user.keyboard('{Enter}');
    expect(onEdit).toHaveBeenCalledWith('s1');
    screen.getByRole('button', { name: 'simmer 15 min, change' }).focus();
    await user.keyboard('{Enter}');
    expect(onEdit).toHaveBeenLastCalledWith('s2');
    await user.click(screen.getByRole('button', { name: 'Add a step' }));
    expect(onAdd).toHaveBeenCalled();
    screen.getByRole('slider', { name: 'End of the hold' }).focus();
    await user.keyboard('{ArrowRight}');
    expect(onStep).toHaveBeenLastCalledWith(expect.objectContaining({ holdMin: 61 }), true);
    await user.keyboard('{PageDown}');
    expect(onStep).toHaveBeenLastCalledWith(expect.objectContaining({ holdMin: 55 }), true);
    const valve = screen.getByRole('slider', { name: 'Valve opens' });
    expect(valve.getAttribute('aria-valuetext')).toBe('by itself');
    valve.focus();
    await user.keyboard('{ArrowLeft}');
    expect(onStep).toHaveBeenLastCalledWith(
      expect.objectContaining({ release: expect.objectContaining({ method: 'timed' }) as unknown }),
      true,
    );
  });
});

describe('the moment', () => {
  it('reads the pot out at the cursor', () => {
    const at = A.series.phase.lastIndexOf('hold');
    const { rerender } = render(
      <Moment assessment={A} sample={at} kitchen={KITCHEN} clock={clockText(undefined, 1)} />,
    );
    expect(text(screen.getByTestId('moment'))).toContain('hold');
    expect(text(screen.getByTestId('moment'))).toContain('115 °C');
    expect(text(screen.getByTestId('moment'))).toContain('80 kPa');
    rerender(<Moment assessment={A} sample={null} kitchen={US} clock={clockText(undefined, 1)} />);
    expect(text(screen.getByTestId('moment'))).toContain('As it starts');
    expect(text(screen.getByTestId('moment'))).toMatch(/°F.*psi.* qt$/);
  });

  it('has words for who cannot see the Well', () => {
    expect(inWords(A, POT, KITCHEN)).toMatch(
      /Big enamel holds 5\.7 L\. Lid on .* The foam line counts, at 2\.9 L\. Fullest in the open pot: 3\.0 L\./,
    );
  });
});

describe('changing an ingredient', () => {
  function open(of: Item, batch: Batch = REFERENCE) {
    const onSave = jest.fn();
    const onRemove = jest.fn();
    const onClose = jest.fn();
    render(
      <ItemEditor
        batch={batch}
        item={of}
        kitchen={KITCHEN}
        onBatch={jest.fn()}
        onSave={onSave}
        onRemove={onRemove}
        onClose={onClose}
      />,
    );
    return { onSave, onRemove, onClose };
  }
  const lamb = REFERENCE.items[0] as Item;
  const submit = (): Promise<void> => user.click(screen.getByRole('button', { name: 'Keep' }));

  it('keeps what was changed and leaves the rest', async () => {
    const { onSave, onClose } = open(lamb);
    await user.clear(screen.getByLabelText('Amount'));
    await user.type(screen.getByLabelText('Amount'), '2');
    await user.selectOptions(screen.getByLabelText('Unit'), 'lb');
    await user.selectOptions(screen.getByLabelText('Goes in'), 'own');
    await user.type(screen.getByLabelText('Temperature, °C'), '12');
    await user.selectOptions(screen.getByLabelText('Out'), 's2');
    await submit();
    expect(onSave).toHaveBeenCalledWith(
      expect.objectContaining({
        amount: { value: 2, unit: 'lb' },
        startC: 12,
        cut: { shape: 'cube', mm: 40 },
        enters: 's1',
        leaves: 's2',
      }),
    );
    expect(onClose).toHaveBeenCalled();
  });

  it('says beside the field what is wanted and keeps nothing', async () => {
    const { onSave } = open(lamb);
    await user.clear(screen.getByLabelText('Amount'));
    await user.clear(screen.getByLabelText('Size, mm'));
    await submit();
    const told = (await screen.findAllByRole('alert')).map(text);
    expect(told).toContain('wanted: a number above 0');
    expect(told).toContain('wanted: a number from 0.2 to 300 mm');
    expect(onSave).not.toHaveBeenCalled();
  });

  it('refuses a measure the food does not have', async () => {
    const { onSave } = open(REFERENCE.items[7] as Item);
    expect(screen.queryByLabelText('Cut')).toBeNull();
    await user.selectOptions(screen.getByLabelText('Unit'), 'piece');
    await submit();
    expect(text(await screen.findByRole('alert'))).toContain('water has no usual piece');
    expect(onSave).not.toHaveBeenCalled();
  });

  it('asks a pulse how long it was soaked', async () => {
    const beans = item('b', 'borlotti', 300, 'g');
    const { onSave } = open(beans, batchOf([beans]));
    await user.type(screen.getByLabelText('Soaked, hours'), '8');
    await submit();
    expect(onSave).toHaveBeenCalledWith(expect.objectContaining({ soakedH: 8 }));
  });

  it('takes an old bean, and a pan of its own', async () => {
    const beans = item('b', 'borlotti', 300, 'g');
    const { onSave } = open(beans, batchOf([beans]));
    await user.selectOptions(screen.getByLabelText('Age'), 'old');
    await user.selectOptions(screen.getByLabelText('In'), 'apart, joined in the bowl');
    await submit();
    expect(onSave).toHaveBeenCalledWith(
      expect.objectContaining({ old: true, apart: true, enters: null }),
    );
  });

  it('leaves it out when told', async () => {
    const { onRemove, onClose } = open(lamb);
    await user.click(screen.getByRole('button', { name: 'Leave it out' }));
    expect(onRemove).toHaveBeenCalled();
    expect(onClose).toHaveBeenCalled();
  });
});

describe('changing a step', () => {
  const onBatch = jest.fn();
  function open(step: Step, pot = POT) {
    const onSave = jest.fn();
    render(
      <StepEditor
        step={step}
        batch={{ ...REFERENCE, steps: [step] }}
        pot={pot}
        kitchen={KITCHEN}
        removable={false}
        onSave={onSave}
        onBatch={onBatch}
        onRemove={jest.fn()}
        onClose={jest.fn()}
      />,
    );
    return onSave;
  }
  const submit = (): Promise<void> => user.click(screen.getByRole('button', { name: 'Keep' }));

  it('opens the pot half-way through a hold', async () => {
    open(pressure(40));
    await user.click(screen.getByRole('button', { name: 'Open the pot half-way' }));
    const [split] = onBatch.mock.calls.at(-1) as [Batch];
    expect(stepsOf(split).map((s) => (s.kind === 'pressure' ? s.holdMin : s.kind))).toEqual([
      20,
      'open',
      20,
    ]);
  });

  it('shows what each release costs', async () => {
    open(pressure(40));
    const table = await screen.findByRole('table', { name: 'The ways of letting it go' });
    const rows = within(table).getAllByRole('row').slice(1).map(text);
    expect(rows[0]).toMatch(/^at once\d+/);
    expect(rows.find((r) => r.startsWith('at once'))).toMatch(/lamb neck (?:\w[^;]*, )?tightens/);
    expect(rows.at(-1)).toMatch(/^let it drop\d+shut/);
    expect(rows.some((r) => r.startsWith('cold water'))).toBe(false);
  });

  it('says what a straining keeps, or leaves it to the usual, and loses nothing else', async () => {
    // A field of a later version.
    const strain = { id: 's1', kind: 'strain', minutes: 5, cloth: 'muslin' } as Step;
    const onSave = open({ ...strain, keep: 'broth' } as Step);
    await user.selectOptions(screen.getByLabelText('Stays in the pot'), 'bones');
    await submit();
    expect(onSave).toHaveBeenLastCalledWith({ ...strain, keep: 'bones' });
    await user.selectOptions(screen.getByLabelText('Stays in the pot'), 'usual');
    await submit();
    expect(onSave).toHaveBeenLastCalledWith(strain);
  });

  it('sets hold, setting and a timed release', async () => {
    const onSave = open(pressure(20));
    await user.clear(screen.getByLabelText('Hold, minutes'));
    await user.type(screen.getByLabelText('Hold, minutes'), '33');
    await user.selectOptions(screen.getByLabelText('Setting'), 'low');
    await user.selectOptions(screen.getByLabelText('Release'), 'timed');
    await user.clear(screen.getByLabelText('Wait before opening, minutes'));
    await user.type(screen.getByLabelText('Wait before opening, minutes'), '8');
    await submit();
    expect(onSave).toHaveBeenCalledWith({
      id: 's1',
      kind: 'pressure',
      setting: 'low',
      holdMin: 33,
      release: { method: 'timed', afterMin: 8 },
    });
  });

  it('offers cold water to stovetop cookers only', () => {
    open(pressure(20));
    expect(screen.queryByRole('option', { name: /cold water/ })).toBeNull();
    cleanup();
    open(pressure(20), { ...POT, kind: 'stovetop' });
    expect(screen.getByRole('option', { name: /cold water/ })).toBeTruthy();
  });

  it('refuses minutes that are none', async () => {
    const onSave = open({ id: 's2', kind: 'simmer', minutes: 5 });
    await user.clear(screen.getByLabelText('Minutes'));
    await user.type(screen.getByLabelText('Minutes'), '900');
    await submit();
    expect(text(await screen.findByRole('alert'))).toBe('wanted: minutes, 0 to 600');
    expect(onSave).not.toHaveBeenCalled();
  });

  it('adds a step where it is wanted', async () => {
    const onAdd = jest.fn();
    render(<AddStep batch={REFERENCE} onAdd={onAdd} onClose={jest.fn()} />);
    await user.selectOptions(screen.getByLabelText('What'), 'saute');
    await user.selectOptions(screen.getByLabelText('When'), '');
    await user.click(screen.getByRole('button', { name: 'Add it' }));
    const [added] = onAdd.mock.calls[0] as [Batch];
    expect(stepsOf(added).map((s) => s.kind)).toEqual(['saute', 'pressure', 'simmer']);
    expect(new Set(stepsOf(added).map((s) => s.id)).size).toBe(3);
  });
});

describe('finding the order', () => {
  it('shows the proposal beside the plan, to take or to leave', async () => {
    const onTake = jest.fn();
    const onClose = jest.fn();
    render(
      <SolveSheet
        batch={REFERENCE}
        pot={POT}
        kitchen={KITCHEN}
        assessment={A}
        onTake={onTake}
        onClose={onClose}
      />,
    );
    await user.type(screen.getByLabelText('Ready within, minutes'), '2');
    expect(screen.getByText('wanted: minutes, 5 to 1440')).toBeTruthy();
    await user.clear(screen.getByLabelText('Ready within, minutes'));
    await user.selectOptions(screen.getByLabelText('Release'), 'natural');
    await user.click(screen.getByRole('button', { name: 'Look for one' }));
    const proposal = await screen.findByTestId('proposal');
    expect(text(proposal)).toContain('to the table2 h 5 min');
    expect(text(proposal)).toContain('natural release');
    await user.click(screen.getByRole('button', { name: 'Take it' }));
    const [taken] = onTake.mock.calls[0] as [Batch];
    expect(assess(taken, POT, KITCHEN).items.every((i) => i.verdict === 'right')).toBe(true);
    expect(onClose).toHaveBeenCalled();
  });

  it('says what cannot be met', async () => {
    render(
      <SolveSheet
        batch={REFERENCE}
        pot={POT}
        kitchen={KITCHEN}
        assessment={A}
        onTake={jest.fn()}
        onClose={jest.fn()}
      />,
    );
    await user.type(screen.getByLabelText('Ready within, minutes'), '30');
    await user.click(screen.getByRole('button', { name: 'Look for one' }));
    expect(text(await screen.findByRole('status'))).toContain('later than wished');
  });
});

describe('by the clock', () => {
  it('tells every move, in clock time once there is a serving time', async () => {
    const { rerender } = render(
      <TimetableSheet
        kitchen={KITCHEN}
        batch={REFERENCE}
        pot={POT}
        assessment={A}
        onClose={jest.fn()}
      />,
    );
    const list = await screen.findByRole('list', { name: 'Timetable' });
    expect(text(list)).toContain('Fill the pot, lid on');
    const save = screen.getByRole('button', { name: 'Into a calendar' });
    expect((save as HTMLButtonElement).disabled).toBe(true);
    rerender(
      <TimetableSheet
        kitchen={KITCHEN}
        pot={POT}
        batch={{ ...REFERENCE, serveAt: '2026-11-24T18:30:00' }}
        assessment={A}
        onClose={jest.fn()}
      />,
    );
    expect(text(screen.getByRole('list', { name: 'Timetable' }))).toContain('18:30On the table');
    expect((save as HTMLButtonElement).disabled).toBe(false);
  });
});

describe('scaling', () => {
  it('shows what a way changes before it is taken', async () => {
    const onTake = jest.fn();
    render(
      <ScaleSheet
        batch={REFERENCE}
        pots={[POT]}
        kitchen={KITCHEN}
        assessment={A}
        onTake={onTake}
        onClose={jest.fn()}
      />,
    );
    await user.click(screen.getByRole('button', { name: 'One bowl more' }));
    await user.click(screen.getByRole('button', { name: 'One bowl more' }));
    expect(text(screen.getByTestId('bowls'))).toBe('8 bowls');
    expect(await screen.findByText(/over by/)).toBeTruthy();
    await user.click(screen.getByRole('radio', { name: 'in two batches' }));
    await user.click(screen.getByRole('button', { name: 'Take it' }));
    const [taken] = onTake.mock.calls[0] as [readonly Batch[]];
    expect(taken.map((b) => b.servings)).toEqual([3, 3]);
  });
});

describe('how we do it', () => {
  it('does a choice, and remembers it as the habit', async () => {
    const onChange = jest.fn();
    const onHabit = jest.fn();
    render(
      <SchoolsSheet
        batch={REFERENCE}
        kitchen={{ ...KITCHEN, habits: { release: 'quick' } }}
        onChange={onChange}
        onHabit={onHabit}
        onClose={jest.fn()}
      />,
    );
    expect(screen.getByText('our habit')).toBeTruthy();
    await user.click(screen.getByRole('radio', { name: /^quick/ }));
    expect(stepsOf((onChange.mock.calls[0] as [Batch])[0])[0]).toMatchObject({
      release: { method: 'quick' },
    });
    await user.click(screen.getByRole('checkbox', { name: 'Release: remember as our habit' }));
    expect(onHabit).toHaveBeenCalledWith('release', 'natural');
  });
});

describe('keys', () => {
  function Listener({ open }: { readonly open: (what: string) => void }) {
    useShortcuts(open, true);
    return <input aria-label="typing" />;
  }

  it('open what they say, but not while typing', async () => {
    const open = jest.fn();
    render(<Listener open={open} />);
    await user.keyboard('f?x');
    expect(open.mock.calls).toEqual([['solve'], ['help']]);
    await user.type(screen.getByLabelText('typing'), 'fs');
    expect(open).toHaveBeenCalledTimes(2);
  });

  it('are all told in the list of keys', async () => {
    render(<HelpSheet onClose={jest.fn()} />);
    const sheet = await screen.findByRole('dialog');
    for (const { does } of SHORTCUTS) expect(text(sheet)).toContain(does);
  });
});
