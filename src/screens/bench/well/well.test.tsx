/** @jest-environment jsdom */
import type { ComponentProps } from 'react';
import { cleanup, render, screen, within } from '@testing-library/react';
import { userEvent } from '@testing-library/user-event';
import { assess } from '@/core/assess';
import { KITCHEN, POT, REFERENCE } from '@/core/testing/kitchen';
import { AddLine } from './AddLine';
import { clockText } from '@/session/clockText';
import { Moment } from './Moment';
import { describe as inWords } from './moments';

const A = assess(REFERENCE, POT, KITCHEN);
const US = { ...KITCHEN, units: 'us' as const };
const user = userEvent.setup();

afterEach(cleanup);

function text(node: HTMLElement): string {
  return node.textContent ?? '';
}

describe('the add line', () => {
  const addLine = (more: Partial<ComponentProps<typeof AddLine>>) =>
    render(
      <AddLine
        units="metric"
        foods={[]}
        shelves={() => []}
        room={200}
        taskRoom={20}
        onMeant={jest.fn()}
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
      [],
    );
    expect((line as HTMLTextAreaElement).value).toBe('');
  });

  it('takes a step among the ingredients as a stage', async () => {
    const onAdd = jest.fn();
    addLine({ onAdd });
    const line = screen.getByLabelText('Put in');
    await user.click(line);
    await user.paste('1 l water\n8 min high pressure, quick release');
    expect(screen.getByText('a stage: 8 min high pressure, quick release')).toBeTruthy();
    await user.type(line, '{Enter}');
    expect(onAdd).toHaveBeenCalledWith(
      [expect.objectContaining({ food: 'water' })],
      [],
      [expect.objectContaining({ kind: 'pressure', holdMin: 8, release: { method: 'quick' } })],
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
    expect(onAdd).toHaveBeenCalledWith([], [{ words: 'rice apart', minutes: 18 }], []);
    // A task that finds no room stays in the field.
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
