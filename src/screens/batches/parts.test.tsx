/** @jest-environment jsdom */
import 'fake-indexeddb/auto';
import { cleanup, render, screen, waitFor, within } from '@testing-library/react';
import { userEvent } from '@testing-library/user-event';
import { REFERENCE } from '@/core/testing/kitchen';
import { writeBundle } from '@/formats';
import { backups, start } from '@/store';
import { HOME, keep, kept } from '@/ui/testing/household';
import { begin } from '@/ui/testing/navigation';
import { BatchesScreen } from './BatchesScreen';

class Silence {
  onmessage: (() => void) | null = null;
  postMessage = (): void => undefined;
}
global.BroadcastChannel = Silence as unknown as typeof BroadcastChannel;
global.structuredClone ??= (value: unknown) => JSON.parse(JSON.stringify(value)) as never;
const user = userEvent.setup();

beforeAll(() => start(null, () => '2026-11-24T10:00:00.000Z'));
beforeEach(() => {
  keep(HOME);
  render(<BatchesScreen />);
});
afterEach(() => {
  cleanup();
  begin();
});

async function openImport(name: string, text: string): Promise<HTMLElement> {
  await user.click(await screen.findByRole('button', { name: 'Files' }));
  await user.click(await screen.findByRole('menuitem', { name: 'Bring in a file' }));
  const sheet = await screen.findByRole('dialog');
  const file = new File([text], name, { type: 'application/json' });
  file.text = () => Promise.resolve(text);
  await user.upload(within(sheet).getByLabelText('A Retort file (.json)'), file);
  return sheet;
}

describe('the start page', () => {
  it('shows each batch with what stands against it', async () => {
    const row = screen.getByRole('link', { name: /Test batch/ });
    expect(row.getAttribute('href')).toBe('/bench/b1');
    await waitFor(() => expect(row.textContent).toMatch(/warning|ready to cook/));
    expect(row.textContent).toContain('Big enamel');
    expect(row.textContent).toContain('2 h');
  });

  it('leads to the desk, where a batch is planned', () => {
    expect(screen.getByRole('link', { name: 'Plan a batch' }).getAttribute('href')).toBe('/desk');
  });
});

describe('bringing a file in', () => {
  const other = { ...REFERENCE, id: 'b2', name: 'Brought along' };

  it('shows what will change, keeps a backup, and merges', async () => {
    const sheet = await openImport(
      'friend.json',
      writeBundle({ ...HOME, batches: [other], kitchen: { ...HOME.kitchen, altitudeM: 0 } }),
    );
    expect((await within(sheet).findByRole('list', { name: 'What will change' })).textContent).toBe(
      'added batch: Brought along, 6 servings',
    );
    await user.click(within(sheet).getByRole('button', { name: 'Merge it' }));
    await waitFor(() =>
      expect(kept().batches.map((b) => b.name)).toEqual(['Test batch', 'Brought along']),
    );
    expect(kept().kitchen.altitudeM).toBe(1150);
    expect((await backups())[0]?.why).toBe('before bringing in friend.json');
  });

  it('replaces everything when that is chosen', async () => {
    const sheet = await openImport('all.json', writeBundle({ ...HOME, batches: [other] }));
    await user.click(await within(sheet).findByRole('tab', { name: 'Replace' }));
    const changes = within(sheet).getByRole('list', { name: 'What will change' }).textContent ?? '';
    expect(changes).toContain('removed batch: Test batch');
    await user.click(within(sheet).getByRole('button', { name: 'Replace everything' }));
    await waitFor(() => expect(kept().batches.map((b) => b.name)).toEqual(['Brought along']));
  });

  it('says so when nothing would change', async () => {
    const sheet = await openImport('same.json', writeBundle(HOME));
    expect(await within(sheet).findByText(/Nothing would change/)).toBeTruthy();
  });

  it('refuses a wrong file with its reasons', async () => {
    const before = kept();
    const sheet = await openImport('bad.json', '{"format":"retort","version":1,"pots":[]}');
    const alert = await within(sheet).findByRole('alert');
    expect(alert.textContent).toContain('bad.json was not taken; nothing has changed.');
    expect(alert.textContent).toContain('pots: found [], wanted at least one pot');
    expect(
      (within(sheet).getByRole('button', { name: 'Merge it' }) as HTMLButtonElement).disabled,
    ).toBe(true);
    expect(kept()).toBe(before);
  });
});
