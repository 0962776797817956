/** @jest-environment jsdom */
import { cleanup, render, screen } from '@testing-library/react';
import { userEvent } from '@testing-library/user-event';
import { assess } from '@/core/assess';
import { stepsOf } from '@/core/batch/plan';
import type { Batch } from '@/core/batch/schema';
import { KITCHEN, POT, REFERENCE } from '@/core/testing/kitchen';
import { HelpSheet } from './HelpSheet';
import { ScaleSheet } from './ScaleSheet';
import { SchoolsSheet } from './SchoolsSheet';
import { SHORTCUTS, useShortcuts } from './shortcuts';
import { SolveSheet } from './SolveSheet';
import { TimetableSheet } from './TimetableSheet';

const A = assess(REFERENCE, POT, KITCHEN);
const user = userEvent.setup();

afterEach(cleanup);

function text(node: HTMLElement): string {
  return node.textContent ?? '';
}

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
    expect(screen.getByText('Enter minutes, 5 to 1440')).toBeTruthy();
    await user.clear(screen.getByLabelText('Ready within, minutes'));
    await user.selectOptions(screen.getByLabelText('Release'), 'natural');
    await user.click(screen.getByRole('button', { name: 'Find a timing' }));
    const proposal = await screen.findByTestId('proposal');
    expect(text(proposal)).toContain('total time2 h 5 min');
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
    await user.click(screen.getByRole('button', { name: 'Find a timing' }));
    expect(text(await screen.findByRole('status'))).toContain('later than wished');
  });
});

describe('timetable', () => {
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
    expect(text(list)).toContain('Fill the pot, lock the lid');
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
    expect(text(screen.getByRole('list', { name: 'Timetable' }))).toContain('18:30Ready at');
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
    await user.click(screen.getByRole('button', { name: 'One serving more' }));
    await user.click(screen.getByRole('button', { name: 'One serving more' }));
    expect(text(screen.getByTestId('bowls'))).toBe('8 servings');
    expect(await screen.findByText(/over by/)).toBeTruthy();
    await user.click(screen.getByRole('radio', { name: 'in two batches' }));
    await user.click(screen.getByRole('button', { name: 'Take it' }));
    const [taken] = onTake.mock.calls[0] as [readonly Batch[]];
    expect(taken.map((b) => b.servings)).toEqual([3, 3]);
  });
});

describe('our habits', () => {
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
