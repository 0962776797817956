/** @jest-environment jsdom */
import { cleanup, render, screen, within } from '@testing-library/react';
import { userEvent } from '@testing-library/user-event';
import fc from 'fast-check';
import { assess } from '@/core/assess';
import type { ItemReport } from '@/core/model';
import type { Item } from '@/core/batch/schema';
import { gradeIndex, gradesOf, spanOf, wishOf } from '@/core/food';
import { KITCHEN, POT, REFERENCE } from '@/core/testing/kitchen';
import { asWished, outcomeWords, wantedSpan } from '@/drawings/lanes';
import { laneSpans } from '@/drawings/lanes/spans';
import { QuickEdit } from './QuickEdit';
import { WishBracket } from './WishBracket';
import { wishAt, wishByKey } from './wishEnds';

const A = assess(REFERENCE, POT, KITCHEN);
const END = A.time.endMin;
const user = userEvent.setup();
const report = (food: string, a = A): ItemReport => {
  const found = a.items.find((i) => i.food === food);
  if (!found) throw new Error(food);
  return found;
};
const source = (food: string): Item => {
  const found = REFERENCE.items.find((i) => i.food === food);
  if (!found) throw new Error(food);
  return found;
};
/** An item that has been through all its grades by equal parts of the time. */
function through(family: NonNullable<ItemReport['family']>, from: number, to: number): ItemReport {
  const words = gradesOf(family);
  const grades = words.map((grade, i) => ({ grade, fromMin: (i * END) / words.length }));
  const [last] = words.slice(-1);
  return {
    ...report('carrot'),
    family,
    grades,
    grade: last ?? null,
    enterMin: 0,
    leaveMin: END,
    wish: wishOf(family, { from, to }),
    doneMin: grades[from]?.fromMin ?? null,
    overMin: grades[to + 1]?.fromMin ?? null,
  };
}

afterEach(cleanup);

describe('the ends of a wish', () => {
  const any = fc
    .tuple(
      fc.constantFrom('vegetable', 'aromatic', 'pulse', 'pasta', 'grain', 'tough', 'fish'),
      fc.nat(9),
      fc.nat(9),
    )
    .map(([family, a, b]) => {
      const n = gradesOf(family).length;
      const [from = 0, to = 0] = [a % n, b % n].sort((x, y) => x - y);
      return through(family, from, to);
    });

  it('move a grade at a time, never past each other nor off the lane', () => {
    fc.assert(
      fc.property(any, fc.constantFrom('from', 'to'), fc.constantFrom(-1, 1), (x, end, by) => {
        const { family, wish } = x;
        if (!family || !wish) throw new Error('no wish');
        const next = wishByKey(x, end, by);
        if (!next) {
          const at = gradeIndex(family, wish[end]);
          const other = gradeIndex(family, wish[end === 'from' ? 'to' : 'from']);
          const edge = by < 0 ? 0 : gradesOf(family).length - 1;
          expect(at === edge || at === other).toBe(true);
          return;
        }
        const span = spanOf(family, next);
        expect(span).not.toBeNull();
        const moved = gradeIndex(family, next[end]);
        expect(moved - gradeIndex(family, wish[end])).toBe(by);
      }),
    );
  });

  it('dropped on a lane take the nearest change of grade', () => {
    const x = through('vegetable', 2, 3);
    const fifth = END / 5;
    expect(wishAt(x, 'from', 1.1 * fifth, END)).toEqual({ from: 'with bite', to: 'soft' });
    expect(wishAt(x, 'from', 0, END)).toEqual({ from: 'raw', to: 'soft' });
    // A start cannot be dropped beyond the end: it stops there.
    expect(wishAt(x, 'from', END, END)).toEqual({ from: 'soft', to: 'soft' });
    expect(wishAt(x, 'to', END, END)).toEqual({ from: 'tender', to: 'falling apart' });
    expect(wishAt(x, 'to', 0, END)).toEqual({ from: 'tender', to: 'tender' });
    // A move to the same place changes nothing.
    expect(wishAt(x, 'to', 4 * fifth, END)).toBeNull();
    expect(wishAt(report('water'), 'to', 10, END)).toBeNull();
  });
});

describe('a lane', () => {
  it('lies without gaps from entry to exit, in zones that follow the wish', () => {
    const x = through('pulse', 2, 3);
    const spans = laneSpans(x, END);
    expect(spans.map((s) => s.zone)).toEqual(['before', 'before', 'right', 'right', 'past']);
    spans.forEach((s, i) => {
      if (i > 0) expect(s.from).toBeCloseTo(spans[i - 1]?.to ?? -1, 9);
    });
    expect(spans[0]?.from).toBe(0);
    expect(spans.at(-1)?.to).toBe(1);
    const wanted = wantedSpan(x, END);
    expect(wanted?.from).toBeCloseTo(0.4, 9);
    expect(wanted?.to).toBeCloseTo(0.8, 9);
  });

  it('has nothing wanted where nothing is judged', () => {
    const x = through('pulse', 2, 3);
    expect(wantedSpan({ ...x, for: 'flavour' }, END)).toBeNull();
    expect(wantedSpan({ ...x, apart: true }, END)).toBeNull();
    expect(laneSpans({ ...x, for: 'flavour' }, END).map((s) => s.zone)).toEqual(['flavour']);
    expect(laneSpans({ ...x, apart: true }, END)).toEqual([]);
    expect(laneSpans(report('bay-leaf'), END)).toHaveLength(1);
  });

  it('shows a wish as soon as it is set, before the model has answered', () => {
    const carrot = report('carrot');
    const wished = { ...source('carrot'), wish: { from: 'with bite', to: 'with bite' } as const };
    expect(asWished(carrot, wished).wish).toEqual({ from: 'with bite', to: 'with bite' });
    expect(asWished(carrot, source('carrot'))).toBe(carrot);
    // Words of another family are no wish for this one.
    const stray = { ...source('carrot'), wish: { from: 'firm', to: 'firm' } as const };
    expect(asWished(carrot, stray)).toBe(carrot);
  });

  it('tells the odds only where they are open', () => {
    const x = { ...through('pulse', 2, 3), grade: 'creamy' as const, verdict: 'right' as const };
    expect(outcomeWords(x)).toBe('creamy');
    expect(outcomeWords(x, { under: 0, right: 0.97, over: 0.03 })).toBe('creamy');
    expect(outcomeWords(x, { under: 0.3, right: 0.7, over: 0 })).toBe('creamy, right 7 in 10');
    expect(outcomeWords({ ...x, verdict: 'over' }, { under: 0, right: 0, over: 1 })).toBe(
      'creamy, overdone',
    );
    expect(outcomeWords({ ...x, for: 'flavour', fishOut: true })).toBe('remove before serving');
    expect(outcomeWords({ ...x, for: 'flavour', fishOut: false })).toBe('dissolves');
    expect(outcomeWords({ ...x, for: 'flavour', fishOut: false, grade: null })).toBe(
      'for its taste',
    );
    expect(outcomeWords({ ...x, apart: true })).toBe('cooked separately');
  });
});

describe('the bracket', () => {
  it('is two sliders that say what is right in words, and move by key', async () => {
    const onWish = jest.fn();
    const x = through('vegetable', 2, 3);
    render(<WishBracket item={x} endMin={END} onWish={onWish} />);
    const from = screen.getByRole('slider', { name: 'carrot is done from' });
    const to = screen.getByRole('slider', { name: 'carrot is too much after' });
    expect(from.getAttribute('aria-valuetext')).toBe('tender');
    expect(to.getAttribute('aria-valuenow')).toBe('3');
    expect(to.getAttribute('aria-valuemax')).toBe('4');
    expect(from.style.left).toBe('40%');
    from.focus();
    await user.keyboard('{ArrowLeft}');
    expect(onWish).toHaveBeenLastCalledWith({ from: 'with bite', to: 'soft' });
    to.focus();
    await user.keyboard('{ArrowRight}');
    expect(onWish).toHaveBeenLastCalledWith({ from: 'tender', to: 'falling apart' });
    await user.keyboard('x');
    expect(onWish).toHaveBeenCalledTimes(2);
  });

  it('is not there for what is never judged', () => {
    const { container } = render(
      <WishBracket item={report('bay-leaf')} endMin={END} onWish={jest.fn()} />,
    );
    expect(container.textContent).toBe('');
    expect(screen.queryByRole('slider')).toBeNull();
  });
});

describe('what is wanted, chosen in two touches', () => {
  async function open(food: string, of: Item = source(food)) {
    const onQuick = jest.fn();
    render(
      <QuickEdit
        item={report(food)}
        source={of}
        kitchen={KITCHEN}
        words="900 g"
        onQuick={onQuick}
      />,
    );
    await user.click(screen.getByRole('button', { name: /^Wish, cut and temperature/ }));
    return onQuick;
  }

  it('offers the words of the family, and takes the wish away again', async () => {
    const onQuick = await open('lamb-neck');
    const wanted = screen.getByRole('group', { name: 'What you want of lamb neck' });
    const chips = within(wanted).getAllByRole('button');
    expect(chips.map((c) => c.textContent)).toEqual(
      expect.arrayContaining(['as usual', 'for flavour only']),
    );
    expect(
      within(wanted).getByRole('button', { name: 'as usual' }).getAttribute('aria-pressed'),
    ).toBe('true');
    await user.click(chips[0] as HTMLElement);
    const [, change] = onQuick.mock.calls[0] as [string, Partial<Item>];
    expect(change.for).toBe('eat');
    expect(spanOf('tough', change.wish ?? { from: '', to: '' })).not.toBeNull();
    await user.click(within(wanted).getByRole('button', { name: 'for flavour only' }));
    expect(onQuick).toHaveBeenLastCalledWith('i1', { for: 'flavour', wish: undefined });
    await user.click(within(wanted).getByRole('button', { name: 'as usual' }));
    expect(onQuick).toHaveBeenLastCalledWith('i1', { wish: undefined, for: undefined });
  });

  it('asks nothing of what has no grades', async () => {
    await open('bay-leaf');
    expect(screen.queryByRole('group', { name: /^What you want/ })).toBeNull();
  });
});
