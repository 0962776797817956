import { expect, test } from './fixtures';

test('every answer says what a page may do, and no page wants more', async ({ page, request }) => {
  const refused: string[] = [];
  page.on('console', (message) => {
    if (/content security policy|permissions policy/i.test(message.text()))
      refused.push(message.text());
  });
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
    await page.goto(address);
    await expect(page.getByRole('navigation').first()).toBeVisible();
    await expect(page.locator('.animate-pulse')).toHaveCount(0);
  }
  expect(nonces.size).toBe(7);
  expect(refused).toEqual([]);
});
