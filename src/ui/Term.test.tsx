/** @jest-environment jsdom */
import { act, fireEvent, render, screen } from '@testing-library/react';
import { Term } from './Term';

const toggle = jest.fn();
const hide = jest.fn();
Object.assign(HTMLElement.prototype, { togglePopover: toggle, hidePopover: hide });

/** Lets what was loaded for an explanation arrive. */
const arrived = (): Promise<void> =>
  act(async () => {
    await import('@/words/meanings');
    await Promise.resolve();
  });

beforeEach(() => {
  toggle.mockClear();
});

it('explains a term that is touched', async () => {
  render(<Term id="bag" />);
  fireEvent.click(screen.getByRole('button'));
  await arrived();
  expect(toggle).toHaveBeenCalledWith(true);
});

it('shows nothing once the focus has gone on, so that it lies over nothing', async () => {
  render(<Term id="bag" />);
  const term = screen.getByRole('button');
  fireEvent.click(term);
  fireEvent.blur(term);
  await arrived();
  expect(toggle).not.toHaveBeenCalled();
});
