/** @jest-environment jsdom */
import { fireEvent, render, screen } from '@testing-library/react';
import { useArrival } from './useArrival';

function Stage({ name, pressed }: { readonly name: string; readonly pressed: boolean }) {
  const title = useArrival<HTMLHeadingElement>(name);
  return (
    <>
      <h2 ref={title} tabIndex={-1}>
        {name}
      </h2>
      {!pressed && <button type="button">Lid locked</button>}
    </>
  );
}

describe('what has come', () => {
  it('gets the focus where the button that had it is gone', () => {
    const { rerender } = render(<Stage name="Lock the lid" pressed={false} />);
    screen.getByRole('button').focus();
    rerender(<Stage name="Coming to pressure" pressed />);
    expect(document.activeElement).toBe(screen.getByRole('heading'));
  });

  it('leaves the focus alone where nothing had it', () => {
    const { rerender } = render(<Stage name="Lock the lid" pressed={false} />);
    rerender(<Stage name="Coming to pressure" pressed />);
    expect(document.activeElement).toBe(document.body);
  });

  it('leaves it where it is', () => {
    const { rerender } = render(<Stage name="Lock the lid" pressed={false} />);
    fireEvent.click(screen.getByRole('button'));
    screen.getByRole('button').focus();
    rerender(<Stage name="Coming to pressure" pressed={false} />);
    expect(document.activeElement).toBe(screen.getByRole('button'));
  });
});
