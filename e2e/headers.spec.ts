import { expect, test } from './fixtures';

/** That no page wants more is seen in every test of the browser: what is refused stands in the console. */
test('every answer says what a page may do', async ({ request }) => {
  const nonces = new Set<string>();
  for (const address of ['/', '/bench/b1', '/bench/b3', '/stove', '/log', '/log/r1', '/kitchen']) {
    // The server lets go of a connection that was idle for a while, it may be at this very moment.
    const answer = await request.get(address, { maxRetries: 3 });
    const headers = answer.headers();
    const policy = headers['content-security-policy'] ?? '';
    expect(policy).toContain("frame-ancestors 'none'");
    expect(policy).not.toContain('unsafe-eval');
    expect(policy).toMatch(/script-src 'self' 'nonce-[^']+' 'strict-dynamic'(;|$)/);
    nonces.add(/nonce-([^']+)/.exec(policy)?.[1] ?? '');
    expect(headers['x-content-type-options']).toBe('nosniff');
    expect(headers['referrer-policy']).toBe('no-referrer');
    expect(headers['permissions-policy']).toContain('camera=()');
  }
  expect(nonces.size).toBe(7);
});

test('scripts of the page and of its workers have a policy of their own', async ({ request }) => {
  const html = await (await request.get('/bench/b1', { maxRetries: 3 })).text();
  const [script = ''] = /\/_next\/static\/chunks\/[^"]+\.js/.exec(html) ?? [];
  for (const address of [script, '/sw.js', '/manifest.webmanifest']) {
    const headers = (await request.get(address, { maxRetries: 3 })).headers();
    expect(headers['content-security-policy'] ?? '').toMatch(/script-src 'self'/);
    expect(headers['x-content-type-options']).toBe('nosniff');
  }
});
