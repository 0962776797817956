/** @jest-environment jsdom */
import 'fake-indexeddb/auto';
import { cleanup, render, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { HOME, keep, kept } from '@/ui/testing/household';
import { KitchenScreen } from './KitchenScreen';

global.ResizeObserver = class {
  observe = (): void => undefined;
  unobserve = (): void => undefined;
  disconnect = (): void => undefined;
};

const user = userEvent.setup();

beforeEach(() => {
  keep();
  render(<KitchenScreen />);
});
afterEach(cleanup);

describe('the kitchen', () => {
  it('keeps altitude and room, and shows the boiling point that follows', async () => {
    await user.clear(screen.getByLabelText('Altitude, m'));
    await user.type(screen.getByLabelText('Altitude, m'), '2400');
    expect(screen.getByTestId('boils').textContent).toBe('Water boils at 92 °C here.');
    await user.clear(screen.getByLabelText('Room, °C'));
    await user.type(screen.getByLabelText('Room, °C'), '16,5');
    await user.click(screen.getByRole('button', { name: 'Keep' }));
    await waitFor(() =>
      expect(kept().kitchen).toEqual({ altitudeM: 2400, ambientC: 16.5, units: 'metric' }),
    );
  });

  it('keeps nothing that is wrong', async () => {
    await user.clear(screen.getByLabelText('Altitude, m'));
    await user.click(screen.getByRole('button', { name: 'Keep' }));
    expect((await screen.findByRole('alert')).textContent).toBe(
      'wanted: a number from -400 to 5000 m',
    );
    expect(kept().kitchen).toEqual(HOME.kitchen);
  });

  it('changes the units at once', async () => {
    await user.click(screen.getByRole('switch'));
    expect(kept().kitchen.units).toBe('us');
    expect(screen.getByTestId('pot-p1').textContent).toContain('6.0 qt, 8 5/8 in');
  });
});

describe('a US kitchen', () => {
  beforeEach(async () => {
    await user.click(screen.getByRole('switch'));
  });

  it('says and takes feet and Fahrenheit, and refuses in them', async () => {
    const altitude = await screen.findByLabelText('Altitude, ft');
    expect((altitude as HTMLInputElement).value).toBe('3773');
    expect((screen.getByLabelText('Room, °F') as HTMLInputElement).value).toBe('68');
    await user.clear(altitude);
    await user.type(altitude, '20000');
    await user.click(screen.getByRole('button', { name: 'Keep' }));
    expect((await screen.findByRole('alert')).textContent).toBe(
      'wanted: a number from -1312 to 16404 ft',
    );
    await user.clear(altitude);
    await user.type(altitude, '5280');
    expect(screen.getByTestId('boils').textContent).toBe('Water boils at 202 °F here.');
    await user.click(screen.getByRole('button', { name: 'Keep' }));
    await waitFor(() => expect(kept().kitchen.altitudeM).toBeCloseTo(1609.3, 1));
    // What nobody touched is kept to the last digit.
    expect(kept().kitchen.ambientC).toBe(HOME.kitchen.ambientC);
  });

  it('has pots in quarts, inches and psi, and leaves alone what was not touched', async () => {
    await user.click(within(screen.getByTestId('pot-p1')).getByRole('button', { name: 'Change' }));
    const sheet = await screen.findByRole('dialog');
    const capacity = within(sheet).getByLabelText('Capacity to the brim, qt');
    expect((capacity as HTMLInputElement).value).toBe('6.02');
    expect((within(sheet).getByLabelText('Inside, across, in') as HTMLInputElement).value).toBe(
      '8.66',
    );
    await user.clear(capacity);
    await user.type(capacity, '7 1/2');
    const [high] = within(sheet).getAllByLabelText('psi above the air');
    expect((high as HTMLInputElement).value).toBe('11.6');
    await user.click(within(sheet).getByRole('button', { name: 'Keep' }));
    await waitFor(() => expect(kept().pots[0]?.capacityL).toBeCloseTo(7.1, 2));
    expect(kept().pots[0]).toMatchObject({
      ...HOME.pots[0],
      capacityL: kept().pots[0]?.capacityL,
    });
  });

  it('keeps a setting to the last digit when another is taken away', async () => {
    await user.click(within(screen.getByTestId('pot-p1')).getByRole('button', { name: 'Change' }));
    const sheet = await screen.findByRole('dialog');
    await user.click(within(sheet).getAllByRole('button', { name: 'Remove' })[0] as HTMLElement);
    await user.click(within(sheet).getByRole('button', { name: 'Keep' }));
    await waitFor(() => expect(kept().pots[0]?.settings).toEqual([{ name: 'low', gaugeKPa: 40 }]));
  });
});

describe('pots', () => {
  it('are added with their lines and settings', async () => {
    await user.click(screen.getByRole('button', { name: 'Add a pot' }));
    const sheet = await screen.findByRole('dialog');
    await user.clear(within(sheet).getByLabelText('Name', { selector: '#name' }));
    await user.type(within(sheet).getByLabelText('Name', { selector: '#name' }), 'Small one');
    await user.clear(within(sheet).getByLabelText('Capacity to the brim, L'));
    await user.type(within(sheet).getByLabelText('Capacity to the brim, L'), '3,2');
    await user.selectOptions(within(sheet).getByLabelText('Kind'), 'stovetop');
    await user.click(within(sheet).getByRole('button', { name: 'Keep' }));
    await waitFor(() => expect(kept().pots).toHaveLength(3));
    expect(kept().pots[2]).toMatchObject({
      name: 'Small one',
      capacityL: 3.2,
      kind: 'stovetop',
      foamFill: 0.5,
    });
  });

  it('are refused with the reason beside the field', async () => {
    await user.click(within(screen.getByTestId('pot-p1')).getByRole('button', { name: 'Change' }));
    const sheet = await screen.findByRole('dialog');
    await user.clear(within(sheet).getByLabelText('Capacity to the brim, L'));
    await user.type(within(sheet).getByLabelText('Capacity to the brim, L'), 'large');
    await user.clear(within(sheet).getByLabelText('Foam line, of capacity'));
    await user.type(within(sheet).getByLabelText('Foam line, of capacity'), '0.9');
    await user.click(within(sheet).getByRole('button', { name: 'Keep' }));
    const told = (await within(sheet).findAllByRole('alert')).map((a) => a.textContent);
    expect(told).toEqual(['wanted: a number from 1 to 50 L', 'wanted: no more than the fill line']);
    expect(kept().pots).toEqual(HOME.pots);
  });

  it('can have settings added and taken away, but not the last', async () => {
    await user.click(within(screen.getByTestId('pot-p1')).getByRole('button', { name: 'Change' }));
    const sheet = await screen.findByRole('dialog');
    await user.click(within(sheet).getAllByRole('button', { name: 'Remove' })[1] as HTMLElement);
    expect(
      (within(sheet).getByRole('button', { name: 'Remove' }) as HTMLButtonElement).disabled,
    ).toBe(true);
    await user.click(within(sheet).getByRole('button', { name: 'Keep' }));
    await waitFor(() => expect(kept().pots[0]?.settings).toEqual([{ name: 'high', gaugeKPa: 80 }]));
  });

  it('go only when nothing is planned in them', async () => {
    const remove = (id: string): HTMLButtonElement =>
      within(screen.getByTestId(`pot-${id}`)).getByRole('button', { name: 'Remove' });
    expect(remove('p1').disabled).toBe(true);
    await user.click(remove('p2'));
    expect(kept().pots.map((p) => p.id)).toEqual(['p1']);
  });
});
