/** @jest-environment jsdom */
import { Component, type ReactNode } from 'react';
import { render, screen } from '@testing-library/react';
import { later } from './later';

interface Named {
  readonly name: string;
}
const Greeting = ({ name }: Named) => <p>dear {name}</p>;

class Boundary extends Component<{ readonly children: ReactNode }, { readonly said: string }> {
  override state = { said: '' };
  static getDerivedStateFromError(error: Error): { readonly said: string } {
    return { said: error.message };
  }
  override render(): ReactNode {
    return this.state.said || this.props.children;
  }
}

test('what stands meanwhile gives way to the part, with the same props, and it is loaded once', async () => {
  const load = jest.fn(() => Promise.resolve(Greeting));
  const Later = later(load, ({ name }: Named) => <p>soon {name}</p>);
  const { rerender } = render(<Later name="cook" />);
  expect(screen.getByText('soon cook')).toBeTruthy();
  expect(await screen.findByText('dear cook')).toBeTruthy();
  rerender(<Later key="another" name="guest" />);
  // Here already: nothing stands in its place a second time.
  expect(screen.queryByText('soon guest')).toBeNull();
  expect(screen.getByText('dear guest')).toBeTruthy();
  expect(load).toHaveBeenCalledTimes(1);
});

test('what is loaded early is there from the first', async () => {
  const load = jest.fn(() => Promise.resolve(Greeting));
  const Early = later(load, ({ name }: Named) => <p>soon {name}</p>, true);
  expect(load).toHaveBeenCalledTimes(1);
  await load.mock.results[0]?.value;
  await Promise.resolve();
  await Promise.resolve();
  render(<Early name="cook" />);
  expect(screen.getByText('dear cook')).toBeTruthy();
  expect(load).toHaveBeenCalledTimes(1);
});

test('nothing stands where nothing is given, and what could not be loaded is thrown', async () => {
  const quiet = jest.spyOn(console, 'error').mockImplementation(() => undefined);
  const Later = later<Named>(() => Promise.reject(new Error('not on this device')));
  const { container } = render(
    <Boundary>
      <Later name="cook" />
    </Boundary>,
  );
  expect(container.textContent).toBe('');
  expect(await screen.findByText('not on this device')).toBeTruthy();
  quiet.mockRestore();
});
