/** @jest-environment jsdom */
import { Suspense } from 'react';
import { render, screen } from '@testing-library/react';
import { later } from './later';
import { lazyPart } from './lazyPart';

interface Named {
  readonly name: string;
}
const Greeting = ({ name }: Named) => <p>dear {name}</p>;

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

const NOT_LOADED = /could not be loaded. Your kitchen is safe/;

test('a part that could not be loaded says so in its place, and the page around it stays', async () => {
  const Later = later<Named>(() => Promise.reject(new Error('not on this device')));
  const { container } = render(<Later name="cook" />);
  expect(container.textContent).toBe('');
  expect(await screen.findByText(NOT_LOADED)).toBeTruthy();
});

test('a sheet that could not be loaded says so, another one opens', async () => {
  const Missing = lazyPart<Named>(() => Promise.reject(new Error('not on this device')));
  const There = lazyPart<Named>(() => Promise.resolve(Greeting));
  render(
    <>
      <p>the page</p>
      <Suspense>
        <Missing name="cook" />
        <There name="cook" />
      </Suspense>
    </>,
  );
  expect(await screen.findByText(NOT_LOADED)).toBeTruthy();
  expect(screen.getByRole('button', { name: 'Reload the page' })).toBeTruthy();
  expect(await screen.findByText('dear cook')).toBeTruthy();
  expect(screen.getByText('the page')).toBeTruthy();
});
