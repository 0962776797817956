import { readFileSync } from 'node:fs';
import { CHECKS, type Check } from '../src/core/testing/checks';
import { checksTable, foodsPage, withChecks } from './tables';

/** The cells of a page's tables, whatever their padding. */
function cells(page: string): readonly string[] {
  return page
    .split('\n')
    .filter((line) => line.startsWith('|') && !/^\|[\s|:-]+\|$/.test(line))
    .map((line) => line.replace(/\s*\|\s*/g, '|').replace(/\\([_*<~])/g, '$1'));
}

describe('the tables of the documentation', () => {
  it('show the foods as they are', () => {
    expect(cells(readFileSync('docs/foods.md', 'utf8'))).toEqual(cells(foodsPage()));
  });

  it('show the checks as they come out', async () => {
    const groups: [string, readonly Check[]][] = [];
    for (const group of CHECKS) groups.push([group.name, await group.checks()]);
    const page = readFileSync('docs/models.md', 'utf8');
    const table = checksTable(groups);
    expect(cells(page.slice(page.indexOf('<!-- checks')))).toEqual(cells(table));
    expect(cells(table).length).toBeGreaterThan(60);
  }, 60_000);

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
