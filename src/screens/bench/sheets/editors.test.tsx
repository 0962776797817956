/** @jest-environment jsdom */
import { cleanup, render, screen, within } from '@testing-library/react';
import { userEvent } from '@testing-library/user-event';
import { stepsOf } from '@/core/batch/plan';
import type { Batch, Item, Step } from '@/core/batch/schema';
import { batchOf, item, KITCHEN, POT, pressure, REFERENCE } from '@/core/testing/kitchen';
import { AddStep } from './AddStep';
import { ItemEditor } from './ItemEditor';
import { StepEditor } from './StepEditor';

const user = userEvent.setup();

afterEach(cleanup);

function text(node: HTMLElement): string {
  return node.textContent ?? '';
}

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
        stays: [{ from: 's1', to: 's2' }],
      }),
    );
    expect(onClose).toHaveBeenCalled();
  });

  it('sets it aside and puts it back, pulled, and takes that back', async () => {
    const steps: readonly Step[] = [
      pressure(30),
      { id: 's2', kind: 'open', minutes: 5 },
      { id: 's3', kind: 'simmer', minutes: 10 },
    ];
    const { onSave } = open(lamb, batchOf(REFERENCE.items, steps));
    expect(screen.queryByLabelText('Back in')).toBeNull();
    await user.click(screen.getByRole('button', { name: 'Set it aside and put it back later' }));
    await user.selectOptions(screen.getByLabelText('In between'), 'pulled into shreds');
    await submit();
    expect(onSave).toHaveBeenLastCalledWith(
      expect.objectContaining({
        stays: [
          { from: 's1', to: 's2' },
          { from: 's3', done: [{ how: 'pulled' }] },
        ],
      }),
    );
    await user.click(screen.getByRole('button', { name: 'It does not come back' }));
    await submit();
    expect(onSave).toHaveBeenLastCalledWith(expect.objectContaining({ stays: [{ from: 's1' }] }));
  });

  it('browns it in another pan first, for the minutes that are said', async () => {
    const { onSave } = open(lamb);
    await user.selectOptions(screen.getByLabelText('Before it goes in'), 'browned in a skillet');
    await user.type(screen.getByLabelText('For, minutes'), 'long');
    await submit();
    expect((await screen.findAllByRole('alert')).map(text)).toContain(
      'Enter a number from 0 to 600 min, or nothing',
    );
    expect(onSave).not.toHaveBeenCalled();
    await user.clear(screen.getByLabelText('For, minutes'));
    await user.type(screen.getByLabelText('For, minutes'), '12');
    await submit();
    expect(onSave).toHaveBeenLastCalledWith(
      expect.objectContaining({
        stays: [{ from: 's1', done: [{ how: 'browned', minutes: 12 }] }],
      }),
    );
  });

  it('fills water up to a mark, until an amount is typed', async () => {
    const water = item('i8', 'water', 1.4, 'l', { upTo: 'line' });
    const { onSave } = open(water);
    await user.selectOptions(screen.getByLabelText('Fill'), 'to cover what is in');
    await submit();
    expect(onSave).toHaveBeenLastCalledWith(expect.objectContaining({ upTo: 'cover' }));
    await user.selectOptions(screen.getByLabelText('Fill'), 'to the line');
    await user.clear(screen.getByLabelText('Amount'));
    await user.type(screen.getByLabelText('Amount'), '2');
    await submit();
    expect(onSave).toHaveBeenLastCalledWith(
      expect.objectContaining({ amount: { value: 2, unit: 'l' }, upTo: undefined }),
    );
  });

  it('says beside the field what is wanted and keeps nothing', async () => {
    const { onSave } = open(lamb);
    await user.clear(screen.getByLabelText('Amount'));
    await user.clear(screen.getByLabelText('Size, mm'));
    await submit();
    const told = (await screen.findAllByRole('alert')).map(text);
    expect(told).toContain('Enter a number above 0');
    expect(told).toContain('Enter a number from 0.2 to 300 mm');
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
    await user.selectOptions(screen.getByLabelText('In'), 'cooked separately, added when served');
    await submit();
    expect(onSave).toHaveBeenCalledWith(expect.objectContaining({ old: true, apart: true }));
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
    const table = await screen.findByRole('table', { name: 'Ways to release the pressure' });
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

  it('browns by the side and scrapes with some of the liquid, or as before', async () => {
    const brown: Step = { id: 's1', kind: 'saute', minutes: 8 };
    const onSave = open(brown);
    await user.type(screen.getByLabelText('A side, minutes'), '3,5');
    await user.type(screen.getByLabelText('Scrape it with, ml'), 'some');
    await submit();
    expect((await screen.findAllByRole('alert')).map(text)).toEqual([
      'Enter a number from 1 to 5000 ml, or nothing',
    ]);
    await user.clear(screen.getByLabelText('Scrape it with, ml'));
    await user.type(screen.getByLabelText('Scrape it with, ml'), '150');
    await submit();
    expect(onSave).toHaveBeenLastCalledWith({ ...brown, sideMin: 3.5, deglazeMl: 150 });
    await user.clear(screen.getByLabelText('A side, minutes'));
    await user.clear(screen.getByLabelText('Scrape it with, ml'));
    await submit();
    expect(onSave).toHaveBeenLastCalledWith(brown);
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
    await user.type(screen.getByLabelText('Minutes'), '3000');
    await submit();
    expect(text(await screen.findByRole('alert'))).toBe('Enter a number from 0 to 2880 min');
    expect(onSave).not.toHaveBeenCalled();
  });

  it('takes a rest as long as a file may have', async () => {
    const onSave = open({ id: 's2', kind: 'rest', minutes: 5 });
    await user.clear(screen.getByLabelText('Minutes'));
    await user.type(screen.getByLabelText('Minutes'), '720');
    await submit();
    expect(onSave).toHaveBeenCalledWith({ id: 's2', kind: 'rest', minutes: 720 });
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
