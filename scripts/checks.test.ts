import { readFileSync } from 'node:fs';
import { CHECKS, holds, type Check } from '../src/core/testing/checks';
import { CASES } from '../src/formats/testing/safety/cases';
import { safetyPage } from '../src/formats/testing/safety/table';
import { checksTable, foodsPage, withChecks, withCounts } from './tables';

/** The cells of a page's tables, whatever their padding. */
function cells(page: string): readonly string[] {
  return page
    .split('\n')
    .filter((line) => line.startsWith('|') && !/^\|[\s|:-]+\|$/.test(line))
    .map((line) => line.replace(/\s*\|\s*/g, '|').replace(/\\([_*<~])/g, '$1'));
}

const found = new Map<string, readonly Check[]>();

beforeAll(async () => {
  for (const group of CHECKS) found.set(group.name, await group.checks());
}, 120_000);

describe('held against something outside the project', () => {
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

describe('the tables of the documentation', () => {
  it('show the foods as they are', () => {
    expect(cells(readFileSync('docs/foods.md', 'utf8'))).toEqual(cells(foodsPage()));
  });

  it('show the written cases of food safety', () => {
    const page = safetyPage();
    expect(cells(readFileSync('docs/safety.md', 'utf8'))).toEqual(cells(page));
    expect(CASES.length).toBeGreaterThanOrEqual(120);
    expect(new Set(CASES.map(({ says }) => says)).size).toBe(CASES.length);
  });

  it('show the checks as they come out', () => {
    const page = readFileSync('docs/models.md', 'utf8');
    const table = checksTable([...found]);
    expect(cells(page.slice(page.indexOf('<!-- checks')))).toEqual(cells(table));
  });

  it('count in the readme what there is', () => {
    const page = readFileSync('README.md', 'utf8');
    expect(page).toBe(withCounts(page, [...found.values()].flat().length));
    expect(() => withCounts('no sentence', 1)).toThrow('no place');
  });

  it('refuse to be made of checks that do not hold', () => {
    const wrong: Check = {
      what: 'two and two',
      source: 'arithmetic',
      mark: 'on paper',
      unit: '',
      wanted: 4,
      ours: 5,
    };
    expect(() => checksTable([['sums', [wrong]]])).toThrow('two and two');
    expect(() => withChecks('no markers', 'x')).toThrow('no place');
  });
});
