/** @jest-environment jsdom */
import { cleanup, render, screen } from '@testing-library/react';
import { userEvent } from '@testing-library/user-event';
import { assess, callKey, drawBatch, type Draws, type Finding } from '@/core/assess';
import type { Advice, Offer } from '@/core/solve';
import type { Batch } from '@/core/batch/schema';
import { formatMinutes } from '@/core/quantity';
import { batchOf, item, KITCHEN, POT, pressure, REFERENCE } from '@/core/testing/kitchen';
import { Calls } from './Calls';
import { Figures } from './Figures';
import { ThreeAnswers } from './ThreeAnswers';

const A = assess(REFERENCE, POT, KITCHEN);
const D = drawBatch(REFERENCE, POT, KITCHEN, { draws: 12, seed: 1 }) as Draws;
const US = { ...KITCHEN, units: 'us' as const };
const user = userEvent.setup();

afterEach(cleanup);

function text(node: HTMLElement): string {
  return node.textContent ?? '';
}

describe('the three answers', () => {
  const shown = (
    draws: Draws | null,
    kitchen = KITCHEN,
    batch = REFERENCE,
    assessment = A,
  ): string => {
    render(<ThreeAnswers assessment={assessment} draws={draws} batch={batch} kitchen={kitchen} />);
    return text(screen.getByLabelText('Answers'));
  };

  it('say whether it fits, when it is ready and whether everything is right', () => {
    const said = shown(null);
    expect(said).toMatch(/Will it fit\?yes\d+ ml of room left below the foam line/);
    expect(said).toContain(`${formatMinutes(A.time.totalMin)}after you start`);
    expect(said).toContain('working out how sure that is');
    expect(said).toMatch(/Is everything right\?(yes|\d of \d)/);
  });

  it('give the usual range once it is drawn, and cups in a US kitchen', () => {
    const draws: Draws = { ...D, totalMin: { p10: 118.4, p50: 124, p90: 131.6 } };
    const said = shown(draws, US);
    expect(said).toContain('usually 118 to 132 min');
    expect(said).toMatch(/cups? of room left/);
  });

  it('count back from the meal, and say when it is too late for that', () => {
    const at = (hours: number): string => new Date(Date.now() + hours * 3_600_000).toISOString();
    expect(shown(null, KITCHEN, { ...REFERENCE, serveAt: at(5) })).toMatch(/Start at .*: it takes/);
    cleanup();
    expect(shown(null, KITCHEN, { ...REFERENCE, serveAt: at(1) })).toContain('Too late for that');
  });

  it('say no when it is over the line, and name the foods that come out wrong', () => {
    const full = batchOf([item('w', 'water', 4.5, 'l')], [pressure(5, { method: 'quick' })]);
    expect(shown(null, KITCHEN, full, assess(full, POT, KITCHEN))).toMatch(
      /Will it fit\?no.*over the fill line/,
    );
    cleanup();
    const short = batchOf(
      [item('w', 'water', 1.5, 'l'), item('n', 'lamb-neck', 900, 'g')],
      [pressure(6, { method: 'quick' })],
    );
    expect(shown(null, KITCHEN, short, assess(short, POT, KITCHEN))).toMatch(
      /0 of 1Lamb neck stays tough/,
    );
  });

  it('give no answer about an empty pot', () => {
    const empty = batchOf([]);
    render(
      <ThreeAnswers
        assessment={assess(empty, POT, KITCHEN)}
        draws={null}
        batch={empty}
        kitchen={KITCHEN}
      />,
    );
    expect(screen.queryByLabelText('Answers')).toBeNull();
    expect(screen.getByText(/Put something in the pot/)).toBeTruthy();
  });
});

describe('the figures behind them', () => {
  it('say how to release, what is left, how thick it is and whether the salt is right', () => {
    render(<Figures assessment={A} batch={REFERENCE} kitchen={KITCHEN} />);
    const said = text(screen.getByLabelText('Figures'));
    expect(said).toMatch(/Release\d+ min by itself/);
    expect(said).toMatch(/Broth left[\d.]+ L, \d+ ml a serving/);
    expect(said).toMatch(/Salt0\.\d %: needs \d+ g more/);
    expect(said).toMatch(/Thickness when served(thin|coats a spoon|thick|very thick)/);
  });

  it('explain their terms when one is touched', async () => {
    const shows = jest.fn();
    // The browser of the tests knows no popover.
    Object.assign(HTMLElement.prototype, { togglePopover: shows, hidePopover: jest.fn() });
    render(<Figures assessment={A} batch={REFERENCE} kitchen={KITCHEN} />);
    await user.click(screen.getByRole('button', { name: 'Release', hidden: true }));
    expect(await screen.findByText(/how soon the valve may be opened safely/)).toBeTruthy();
    expect(shows).toHaveBeenCalledWith(true);
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
    expect(screen.getByText('One change fixes 2')).toBeTruthy();
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
    expect(screen.getByText(/2 more/)).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'show all' }));
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
    expect(screen.getByText('No warnings: this plan is fine.')).toBeTruthy();
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
    expect(screen.getByText('Tip')).toBeTruthy();
    expect(screen.getAllByRole('button').map(text)).toEqual(['Warnings', 'dismiss', 'why']);
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
    await user.click(screen.getByRole('button', { name: /^Dismiss/ }));
    await user.type(screen.getByLabelText('Why you dismiss it'), 'eaten at once{Enter}');
    expect(batch.putBy).toEqual([{ code: 'noodles-drink', reason: 'eaten at once' }]);
    rerender(show());
    expect(screen.getByText(/1 dismissed/)).toBeTruthy();
    expect(screen.queryByTestId('call-noodles-drink')).toBeNull();
    await user.click(screen.getByRole('button', { name: /^Bring back/ }));
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
    expect(screen.queryByRole('button', { name: /^Dismiss/ })).toBeNull();
    expect(screen.getByTestId('call-noodles-drink')).toBeTruthy();
  });
});
