import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import type { Locator, Page } from '@playwright/test';
import type { Bundle, Cook } from '../../src/core';
import { lookAt } from '../../src/formats/held';
import { accessible, bringIn, expect } from '../fixtures';

const SAMPLE = JSON.parse(readFileSync('demo/harrow-fell.json', 'utf8')) as Bundle;
export const BEANS = 'i2';
/** The stand-in at its fastest takes a minute of the wall for four hours. */
export const SLOW = { timeout: 90_000 };

/** Runs the core, which a browser test cannot load. */
export function core<T>(args: readonly string[], input = ''): T {
  const out = execFileSync('node_modules/.bin/tsx', ['e2e/tools/standInCook.ts', ...args], {
    input,
  });
  return JSON.parse(out.toString()) as T;
}

/** The chili on a stand-in with a weak heater and old beans, as it starts. */
export function hardChili(at: string, times: number): Cook {
  return {
    ...core<Cook>(['start', 'b7', at]),
    standIn: { seed: 5, power: 0.88, needs: { [BEANS]: 1.6 }, times, wallAt: at, cookAt: at },
  };
}

/** Brings a cook in that is on the stove, and goes to it. */
export async function putOn(page: Page, cook: Cook): Promise<void> {
  await page.goto('/');
  await bringIn(page, 'live.json', JSON.stringify({ ...SAMPLE, cooks: [...SAMPLE.cooks, cook] }));
  await page.getByRole('button', { name: 'Merge it' }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
}

/** The cook as the browser keeps it: a record of its own, as it was changed just now. */
export async function kept(page: Page): Promise<Cook> {
  const held = await page.evaluate(
    () =>
      new Promise<never>((done) => {
        const request = indexedDB.open('retort');
        request.onsuccess = () => {
          const get = request.result.transaction('cooks').objectStore('cooks').get('live');
          get.onsuccess = () => {
            request.result.close();
            done(get.result as never);
          };
        };
      }),
  );
  return lookAt(held);
}

export const heading = (page: Page, name: string): Locator =>
  page.getByRole('heading', { name, exact: true });

/** Hands at the Stove, by mouse or by touch. */
export function handsAt(page: Page, by: 'mouse' | 'touch') {
  const hit = (what: Locator): Promise<void> => (by === 'touch' ? what.tap() : what.click());
  const press = (name: string): Promise<void> =>
    hit(page.getByRole('button', { name, exact: true }));
  const speed = (times: number): Promise<void> => press(`${times}×`);
  return {
    page,
    hit,
    press,
    speed,

    async lockTheLid(): Promise<void> {
      await expect(page.getByText(/On the stove: Borlotti and venison chili/)).toBeVisible();
      await hit(page.getByRole('link', { name: /to the clock/ }));
      await expect(page).toHaveURL(/\/stove\/live/);
      await hit(page.getByRole('checkbox', { name: /venison/ }));
      await press('Lid locked');
      await expect(page.getByText('In, or left out?')).toBeVisible();
      await press('All of it is in');
      await expect(heading(page, 'Coming to pressure')).toBeVisible();
    },

    /** The heater is weak: the table moves, says so, and a shorter hold is proposed and taken. */
    async takeTheProposal(): Promise<void> {
      await expect(heading(page, 'Hold')).toBeVisible(SLOW);
      await expect(page.getByText(/; planned \d\d:\d\d/)).toBeVisible();
      await speed(10);
      const proposed = page.getByRole('region', { name: 'Proposed' });
      await expect(proposed).toContainText(/It is late.*On the table .* instead of/, SLOW);
      await accessible(page);
      await hit(proposed.getByRole('button', { name: /^Hold 2 min less$/ }));
      await expect(proposed).toHaveCount(0);
      await speed(240);
    },

    async openThePot(): Promise<void> {
      await expect(heading(page, 'Open the valve')).toBeVisible(SLOW);
      await speed(10);
      await press('Valve opened');
      await expect(page.getByTestId('face')).toContainText('letting off steam');
      await expect(heading(page, 'Open the lid')).toBeVisible(SLOW);
      await expect(page.getByText(/Never force the lid/)).toBeVisible();
      await press('Lid off');
    },

    /** Tried at the opening: hard; the choices stand side by side, and one is taken. */
    async tryTheBeans(): Promise<void> {
      await press('Try something');
      await hit(page.getByRole('dialog').getByRole('button', { name: /borlotti/ }));
      await hit(page.getByRole('dialog').getByRole('button', { name: 'with bite' }));
      const choices = page.getByRole('region', { name: 'Choices' });
      await expect(choices.getByRole('button')).toHaveCount(3, SLOW);
      await expect(choices.getByText(/^On the table/)).toHaveCount(3);
      await accessible(page);
      await hit(choices.getByRole('button', { name: /^Close again/ }));
      await press('Lid locked');
      await speed(240);
    },

    async finish(): Promise<void> {
      await expect(heading(page, 'Simmer, open')).toBeVisible();
      await press('Done');
      await expect(heading(page, 'To the table')).toBeVisible();
      await press('Write it in the log');
      await expect(page).toHaveURL(/\/log\/live/);
    },

    /** Every mark is there, and the beans came out right by the stand-in's own truth. */
    async holds(): Promise<void> {
      const cook = await kept(page);
      const kinds = new Set(cook.marks.map((m) => m.kind));
      for (const kind of [
        'ticked',
        'lid-locked',
        'pin-up',
        'at-pressure',
        'temperature',
        'valve-opened',
        'pin-down',
        'lid-off',
        'tested',
        'changed',
        'step-done',
        'done',
      ] as const)
        expect(kinds).toContain(kind);
      expect(cook.marks.flatMap((m) => m.change ?? [])).toEqual(['hold', 'close-again']);
      const grades = core<Record<string, string>>(['grades'], JSON.stringify(cook));
      expect(['tender and whole', 'creamy']).toContain(grades[BEANS]);
    },
  };
}
