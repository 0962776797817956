import { CHECKS, holds, type Check } from '.';

describe('held against something outside the project', () => {
  const found = new Map<string, readonly Check[]>();

  beforeAll(async () => {
    for (const group of CHECKS) found.set(group.name, await group.checks());
  }, 60_000);

  it.each(CHECKS.map((group) => group.name))('%s', (name) => {
    const missed = (found.get(name) ?? []).filter((check) => !holds(check));
    expect(missed).toEqual([]);
  });

  it('in sixty checks at the least, each with its source and told once', () => {
    const all = [...found.values()].flat();
    expect(all.length).toBeGreaterThanOrEqual(60);
    expect(all.filter((check) => check.source.length < 5)).toEqual([]);
    expect(new Set(all.map((c) => `${c.what} ${c.source}`)).size).toBe(all.length);
  });

  it('gives a reason wherever a range may be missed', () => {
    const ranges = [...found.values()].flat().filter((c) => typeof c.wanted !== 'number');
    expect(ranges.filter((c) => (c.within ?? 0) > 0 && !c.because)).toEqual([]);
  });
});
