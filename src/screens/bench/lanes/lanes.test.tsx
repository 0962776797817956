/** @jest-environment jsdom */
import { cleanup, fireEvent, render, screen, within } from '@testing-library/react';
import { userEvent } from '@testing-library/user-event';
import { assess, drawBatch, type Draws } from '@/core/assess';
import { KITCHEN, POT, REFERENCE } from '@/core/testing/kitchen';
import { Lanes } from './Lanes';
import { StepBar } from '@/drawings/steps';

const A = assess(REFERENCE, POT, KITCHEN);
const D = drawBatch(REFERENCE, POT, KITCHEN, { draws: 12, seed: 1 }) as Draws;
const user = userEvent.setup();

afterEach(cleanup);

function text(node: HTMLElement): string {
  return node.textContent ?? '';
}

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
        clock={(minute) => `minute ${Math.round(minute)}`}
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
    const leekLane = screen.getByRole('button', { name: 'Change leek' });
    expect(
      document.getElementById(leekLane.getAttribute('aria-describedby') ?? '')?.textContent,
    ).toMatch(/minute \d+ to minute \d+/);
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
    expect(text(screen.getByTestId('lane-bay-leaf'))).toContain('remove before serving');
    const leek = screen.getByRole('slider', { name: 'leek goes in' });
    expect(leek.getAttribute('aria-valuetext')).toBe('stage 2: simmer');
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
