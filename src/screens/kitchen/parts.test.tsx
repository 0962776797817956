/** @jest-environment jsdom */
import 'fake-indexeddb/auto';
import { act, cleanup, render, screen, waitFor, within } from '@testing-library/react';
import { userEvent } from '@testing-library/user-event';
import { change } from '@/store';
import { HOME, keep, kept } from '@/ui/testing/household';
import { KitchenScreen } from './KitchenScreen';

const user = userEvent.setup();

beforeEach(() => {
  keep();
  render(<KitchenScreen />);
});
afterEach(cleanup);

async function openKitchen(): Promise<HTMLElement> {
  await user.click(screen.getAllByRole('button', { name: 'Change' })[0] as HTMLElement);
  return screen.findByRole('dialog');
}

async function retype(sheet: HTMLElement, label: string, text: string): Promise<void> {
  await user.clear(within(sheet).getByLabelText(label));
  await user.type(within(sheet).getByLabelText(label), text);
}

const keepIt = (sheet: HTMLElement): Promise<void> =>
  user.click(within(sheet).getByRole('button', { name: 'Keep' }));

describe('the kitchen', () => {
  it('keeps altitude and room, and shows the boiling point that follows', async () => {
    const sheet = await openKitchen();
    await retype(sheet, 'Altitude, m', '2400');
    await retype(sheet, 'Room, °C', '16,5');
    await keepIt(sheet);
    await waitFor(() =>
      expect(kept().kitchen).toEqual({ altitudeM: 2400, ambientC: 16.5, units: 'metric' }),
    );
    expect(screen.getByTestId('boils').textContent).toBe('Water boils at 92 °C here.');
  });

  it('keeps nothing that is wrong', async () => {
    const sheet = await openKitchen();
    await user.clear(within(sheet).getByLabelText('Altitude, m'));
    await keepIt(sheet);
    expect((await within(sheet).findByRole('alert')).textContent).toBe(
      'Enter a number from -400 to 5000 m',
    );
    expect(kept().kitchen).toEqual(HOME.kitchen);
  });

  it('says what stands in its fields in the units that are chosen, and keeps all at once', async () => {
    const sheet = await openKitchen();
    await user.selectOptions(within(sheet).getByLabelText('Units'), 'us');
    const field = (label: string) =>
      (within(sheet).getByLabelText(label) as HTMLInputElement).value;
    expect([field('Altitude, ft'), field('Room, °F')]).toEqual(['3773', '68']);
    expect(within(sheet).queryByLabelText('Pressure in')).toBeNull();
    expect(kept().kitchen.units).toBe('metric');
    await keepIt(sheet);
    // An untouched value is kept to the last digit.
    await waitFor(() => expect(kept().kitchen).toEqual({ ...HOME.kitchen, units: 'us' }));
    expect(screen.getByTestId('pot-p1').textContent).toContain('6.0 qt, 8 5/8 in');
  });

  it('reads pressure in bar where that is chosen, its pots too', async () => {
    const sheet = await openKitchen();
    await user.selectOptions(within(sheet).getByLabelText('Pressure in'), 'bar');
    await keepIt(sheet);
    await waitFor(() => expect(kept().kitchen.pressureIn).toBe('bar'));
    expect(screen.getByTestId('pot-p1').textContent).toContain('high is 0.80 bar');
    await user.click(within(screen.getByTestId('pot-p1')).getByRole('button', { name: 'Change' }));
    const pot = await screen.findByRole('dialog');
    const [high] = within(pot).getAllByLabelText('bar above the air');
    expect((high as HTMLInputElement).value).toBe('0.8');
    await user.clear(high as HTMLElement);
    await user.type(high as HTMLElement, '0.9');
    await keepIt(pot);
    await waitFor(() => expect(kept().pots[0]?.settings[0]?.gaugeKPa).toBeCloseTo(90, 9));
  });
});

describe('foods of the kitchen', () => {
  const open = async (): Promise<HTMLElement> => {
    await user.click(screen.getByRole('button', { name: 'Add' }));
    return screen.findByRole('dialog');
  };

  it('are made in one sentence, changed, and taken away', async () => {
    const sheet = await open();
    await user.type(within(sheet).getByLabelText('Name'), 'Ocas');
    await user.type(within(sheet).getByLabelText('It cooks'), 'like potato, 60 g a piece');
    await user.click(within(sheet).getByRole('button', { name: '+ foams' }));
    await keepIt(sheet);
    const oca = { id: 'oca', name: 'Ocas', like: 'potato', pieceG: 60, foams: true };
    await waitFor(() => expect(kept().foods).toEqual([oca]));
    const row = screen.getByTestId('food-oca');
    expect(row.textContent).toContain('like potato, 60 g a piece, foams');
    await user.click(within(row).getByRole('button', { name: 'Change Ocas' }));
    const again = await screen.findByRole('dialog');
    await retype(again, 'Name', 'Red ocas');
    await keepIt(again);
    await waitFor(() => expect(kept().foods).toEqual([{ ...oca, name: 'Red ocas' }]));
    await user.click(screen.getByRole('button', { name: 'Remove Red ocas' }));
    expect(kept().foods).toEqual([]);
  });

  it('are refused beside the field while they are like nothing', async () => {
    const sheet = await open();
    await keepIt(sheet);
    expect(
      within(sheet)
        .getAllByRole('alert')
        .map((a) => a.textContent),
    ).toEqual(['Enter a name, 1 to 200 characters', 'Enter a known food that it cooks like']);
    await user.type(within(sheet).getByLabelText('Name'), 'Moonrock');
    await user.type(within(sheet).getByLabelText('It cooks'), 'like moonrock');
    expect(within(sheet).getByRole('alert').textContent).toContain('moonrock');
    expect(kept().foods).toEqual([]);
  });
});

describe('a US kitchen', () => {
  beforeEach(async () => {
    act(() => change((h) => ({ ...h, kitchen: { ...h.kitchen, units: 'us' } })));
    await screen.findByText(/3,773 ft/);
  });

  it('says and takes feet and Fahrenheit, and refuses in them', async () => {
    const sheet = await openKitchen();
    await retype(sheet, 'Altitude, ft', '20000');
    await keepIt(sheet);
    expect((await within(sheet).findByRole('alert')).textContent).toBe(
      'Enter a number from -1312 to 16404 ft',
    );
    await retype(sheet, 'Altitude, ft', '5280');
    await keepIt(sheet);
    await waitFor(() => expect(kept().kitchen.altitudeM).toBeCloseTo(1609.3, 1));
    expect(screen.getByTestId('boils').textContent).toBe('Water boils at 202 °F here.');
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
  it('are picked from the row, with their lines set on the drawing', async () => {
    await user.click(screen.getByRole('button', { name: 'Add a pot' }));
    await user.click(await screen.findByRole('button', { name: /^7.6 L electric/ }));
    const sheet = await screen.findByRole('dialog', { name: '7.6 L electric' });
    const field = (label: string) =>
      (within(sheet).getByLabelText(label) as HTMLInputElement).value;
    expect([field('Fill line, of the pot'), field('Foam line, of the pot')]).toEqual([
      '2/3',
      '1/2',
    ]);
    act(() => within(sheet).getByRole('slider', { name: 'Foam line' }).focus());
    await user.keyboard('{ArrowDown}{ArrowDown}{ArrowDown}{ArrowDown}');
    expect(field('Foam line, of the pot')).toBe('1/3');
    // A field that the cook cannot fill is left empty, and shows its default.
    await user.clear(within(sheet).getByLabelText('Power, W'));
    expect(within(sheet).getByText('empty: 1200')).toBeTruthy();
    await user.click(within(sheet).getByRole('button', { name: 'Keep' }));
    await waitFor(() => expect(kept().pots).toHaveLength(3));
    expect(kept().pots[2]).toMatchObject({ capacityL: 7.6, maxFill: 2 / 3, powerW: 1200 });
    expect(kept().pots[2]?.foamFill).toBeCloseTo(1 / 3, 9);
    expect(kept().pots[2]).not.toHaveProperty('lossWPerK');
  });

  it('are added with another size and kind', async () => {
    await user.click(screen.getByRole('button', { name: 'Add a pot' }));
    await user.click(await screen.findByRole('button', { name: /^2.8 L electric/ }));
    const sheet = await screen.findByRole('dialog', { name: '2.8 L electric' });
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
    await user.clear(within(sheet).getByLabelText('Foam line, of the pot'));
    await user.type(within(sheet).getByLabelText('Foam line, of the pot'), '0.9');
    await user.click(within(sheet).getByRole('button', { name: 'Keep' }));
    const told = (await within(sheet).findAllByRole('alert')).map((a) => a.textContent);
    expect(told).toEqual(['Enter a number from 1 to 50 L', 'Enter no more than the fill line']);
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
