/** @jest-environment jsdom */
import { cleanup, render, screen } from '@testing-library/react';
import { userEvent } from '@testing-library/user-event';
import { assess, callKey, drawBatch, type Draws, type Finding } from '@/core/assess';
import type { Advice, Offer } from '@/core/solve';
import type { Batch } from '@/core/batch/schema';
import { batchOf, item, KITCHEN, POT, pressure, REFERENCE } from '@/core/testing/kitchen';
import { Calls } from './Calls';
import { Readings } from './Readings';

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
