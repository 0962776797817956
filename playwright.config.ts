import { defineConfig } from '@playwright/test';
import { BROWSER } from './scripts/server.mjs';

/** The demo, and a started app without it. */
export const DEMO = 'http://localhost:3210';
export const BARE = 'http://localhost:3211';

export default defineConfig({
  testDir: 'e2e',
  outputDir: 'test-results/e2e',
  timeout: 60_000,
  // Two browsers, two servers and the workers share what cores there are.
  expect: { timeout: 15_000 },
  workers: 2,
  fullyParallel: true,
  forbidOnly: true,
  reporter: [['list'], ['json', { outputFile: 'test-results/report.json' }]],
  use: {
    baseURL: DEMO,
    viewport: { width: 1280, height: 800 },
    locale: 'en-GB',
    timezoneId: 'Europe/London',
    launchOptions: BROWSER,
  },
  webServer: [
    { command: 'npx next start --port 3210', url: DEMO, env: { RETORT_DEMO: '1' } },
    { command: 'npx next start --port 3211', url: BARE, env: { RETORT_DEMO: '0' } },
  ],
});
