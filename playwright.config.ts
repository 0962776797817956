import { defineConfig } from '@playwright/test';
import { BROWSER } from './scripts/server.mjs';

/** The demo, and a started app without it. */
export const DEMO = 'http://localhost:3210';
export const BARE = 'http://localhost:3211';
/** The test site of made-up recipes. */
export const PAGES = 'http://127.0.0.1:3212';

export default defineConfig({
  testDir: 'e2e',
  outputDir: 'test-results/e2e',
  // A minute was too short for a whole cook, looked at by axe at every stage, on a machine of half the speed.
  timeout: 120_000,
  // Browsers, servers and workers share what cores there are; of a cook on the practice pot most is waiting.
  expect: { timeout: 30_000 },
  workers: 2,
  fullyParallel: true,
  forbidOnly: true,
  // A whole evening against a real clock can be upset by the machine; what needed a second run is named at the end.
  retries: 1,
  reporter: [['list'], ['json', { outputFile: 'test-results/report.json' }]],
  use: {
    baseURL: DEMO,
    viewport: { width: 1280, height: 800 },
    locale: 'en-GB',
    timezoneId: 'Europe/London',
    // A page is the build's own at every load; what is kept on the device has tests of its own.
    serviceWorkers: 'block',
    // What moves without end is drawn sixty times a second by the cores that the page waits for.
    contextOptions: { reducedMotion: 'reduce' },
    launchOptions: BROWSER,
  },
  webServer: [
    { command: 'node scripts/pages.mjs 3212', url: PAGES },
    {
      command: 'npx next start --port 3210',
      url: DEMO,
      env: { RETORT_DEMO: '1', RETORT_ALLOW_PAGES: new URL(PAGES).host },
    },
    { command: 'npx next start --port 3211', url: BARE, env: { RETORT_DEMO: '0' } },
  ],
});
