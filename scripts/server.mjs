/** A built Retort with the sample kitchen, for scripts that look at it. */

/**
 * Features of Chromium that are switched off. The first two load pages of the browser itself behind the address bar,
 * once a context, and cost as much as half a Bench. The others repeat Playwright's own list, which this one replaces.
 */
const FEATURES = [
  'WebUIOmniboxPopup',
  'WebUIOmniboxAimPopup',
  'AimEnabled',
  'AvoidUnnecessaryBeforeUnloadCheckSync',
  'AvoidCorsURLLoaderRestartOnRedirect',
  'DestroyProfileOnBrowserClose',
  'HttpsFirstBalancedModeAutoEnable',
  'HttpsUpgrades',
  'LensOverlay',
  'MediaRouter',
  'NetworkTimeServiceQuerying',
  'OptimizationHints',
  'PaintHolding',
  'PreconnectToSearch',
  'ThirdPartyStoragePartitioning',
];

export const BROWSER = {
  executablePath: '/usr/bin/chromium',
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
    `--disable-features=${FEATURES}`,
  ],
};

/** Starts the server and waits until it answers. @returns its address and how to stop it */
export async function serve(spawn, next, port) {
  const home = `http://localhost:${port}`;
  const server = spawn(next, ['start', '--port', String(port)], {
    stdio: 'ignore',
    env: { ...process.env, RETORT_DEMO: '1' },
  });
  for (let i = 0; i < 100; i++) {
    const up = await fetch(home)
      .then((r) => r.ok)
      .catch(() => false);
    if (up) return { home, stop: () => server.kill() };
    await new Promise((resolve) => setTimeout(resolve, 200));
  }
  server.kill();
  throw new Error('the server did not start');
}
