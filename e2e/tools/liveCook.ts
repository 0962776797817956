import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import type { Locator, Page } from '@playwright/test';
import type { Bundle, Cook } from '../../src/core';
import { lookAt } from '../../src/formats/held';
import { bringIn, expect } from '../fixtures';

const SAMPLE = JSON.parse(readFileSync('demo/harrow-fell.json', 'utf8')) as Bundle;
const BEANS = 'i2';
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

/** Goes to the cook that was brought in, ticks what is in and locks the lid. @returns its page */
export async function lockTheLid(page: Page): Promise<string> {
  await expect(page.getByText(/On the stove: Borlotti and venison chili/)).toBeVisible();
  await page.getByRole('link', { name: /to the clock/ }).tap();
  await expect(page).toHaveURL(/\/stove\/live/);
  await page.getByRole('checkbox', { name: /venison/ }).tap();
  await page.getByRole('button', { name: 'Lid locked', exact: true }).tap();
  await expect(page.getByText('In, or left out?')).toBeVisible();
  await page.getByRole('button', { name: 'All of it is in', exact: true }).tap();
  await expect(heading(page, 'Coming to pressure')).toBeVisible();
  return page.url();
}
