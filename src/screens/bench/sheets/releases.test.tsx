/** @jest-environment jsdom */
import { cleanup, render, screen, waitFor, within } from '@testing-library/react';
import { userEvent } from '@testing-library/user-event';
import type { Batch, Pot, Step } from '@/core/batch/schema';
import { batchOf, item, KITCHEN, POT, pressure, REFERENCE, STOVETOP } from '@/core/testing/kitchen';
import { ReleaseTable } from './ReleaseTable';
import { StepEditor } from './StepEditor';

const user = userEvent.setup();
afterEach(cleanup);

describe('the ways of letting it go', () => {
  async function rows(batch: Batch, pot: Pot = POT): Promise<readonly string[][]> {
    render(<ReleaseTable batch={batch} pot={pot} kitchen={KITCHEN} step="s1" />);
    const table = await screen.findByRole('table', { name: 'Ways to release the pressure' });
    return within(table)
      .getAllByRole('row')
      .slice(1)
      .map((row) => [...row.children].map((cell) => cell.textContent ?? ''));
  }
  const peas = (litres: number): Batch =>
    batchOf(
      [item('w', 'water', litres, 'l'), item('p', 'split-peas', 450, 'g')],
      [pressure(20, { method: 'quick' })],
    );

  it('stand in the order cooks choose from, with minutes that grow', async () => {
    const found = await rows(peas(2.4));
    expect(found.map(([way]) => way?.replace(/\d+/, 'n'))).toEqual([
      'at once',
      'in bursts',
      'wait n min',
      'let it drop',
    ]);
    const minutes = found.map(([, min]) => Number(min));
    expect([...minutes].sort((a, b) => a - b)).toEqual(minutes);
  });

  it('say how likely the valve spits, and that peas may froth however low', async () => {
    const full = await rows(peas(2.8));
    expect(full[0]?.[2]).toMatch(/^spits \d+ in 10$/);
    expect(full.at(-1)?.[2]).toBe('shut');
    cleanup();
    const low = await rows(peas(1));
    expect(low[0]?.[2]).toBe('may froth: wait');
    cleanup();
    const stock = batchOf(
      [item('w', 'water', 1.5, 'l'), item('b', 'beef-knuckle', 600, 'g')],
      [pressure(20, { method: 'quick' })],
    );
    expect((await rows(stock))[0]?.[2]).toBe('clear steam');
  });

  it('have cold water only where a hob cooker can go to the tap', async () => {
    expect((await rows(peas(2.4), STOVETOP)).map(([way]) => way)).toContain('cold water');
  });

  it('name a food once, with all that happens to it', async () => {
    const found = await rows({ ...REFERENCE, steps: [pressure(20, { method: 'quick' })] });
    const cost = found[0]?.[3] ?? '';
    expect(cost.match(/lamb neck/g)).toHaveLength(1);
    expect(cost).toContain('tightens');
  });
});

describe('a step’s own way of letting go', () => {
  const onSave = jest.fn();
  function open(step: Step, pot: Pot = POT): void {
    onSave.mockClear();
    render(
      <StepEditor
        step={step}
        batch={{ ...REFERENCE, steps: [step] }}
        pot={pot}
        kitchen={KITCHEN}
        removable
        onSave={onSave}
        onBatch={jest.fn()}
        onRemove={jest.fn()}
        onClose={jest.fn()}
      />,
    );
  }
  const keep = (): Promise<void> => user.click(screen.getByRole('button', { name: 'Keep' }));

  it('keeps a wait before bursts, and what a later version wrote there', async () => {
    open(pressure(20, { method: 'pulsed', duty: 0.4, afterMin: 3 }));
    const wait = screen.getByLabelText('Wait before it, minutes');
    expect((wait as HTMLInputElement).value).toBe('3');
    await user.clear(wait);
    await user.type(wait, '6');
    await keep();
    await waitFor(() => expect(onSave).toHaveBeenCalled());
    expect(onSave.mock.calls[0]).toEqual([
      expect.objectContaining({ release: { method: 'pulsed', duty: 0.4, afterMin: 6 } }),
    ]);
  });

  it('says that an electric pot is left on, and takes that back', async () => {
    const rest: Step = { id: 's1', kind: 'rest', minutes: 60 };
    open(rest);
    await user.click(screen.getByRole('checkbox', { name: /keeps it warm/ }));
    await keep();
    await waitFor(() => expect(onSave).toHaveBeenLastCalledWith({ ...rest, keepWarm: true }));
    cleanup();
    open({ ...rest, keepWarm: true });
    await user.click(screen.getByRole('checkbox', { name: /keeps it warm/ }));
    await keep();
    await waitFor(() => expect(onSave).toHaveBeenLastCalledWith(rest));
    cleanup();
    open(rest, STOVETOP);
    expect(screen.queryByRole('checkbox')).toBeNull();
  });
});
