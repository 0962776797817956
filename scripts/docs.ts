/** Writes docs/foods.md, docs/words.md and docs/safety.md, the table of checks in docs/models.md, and the counts in the readme. */
import { readFileSync, writeFileSync } from 'node:fs';
import { format } from 'oxfmt';
import { CHECKS, type Check } from '../src/core/testing/checks';
import { safetyPage } from '../src/formats/testing/safety/table';
import { checksTable, foodsPage, withChecks, withCounts, wordsPage } from './tables';

const MODELS = 'docs/models.md';
const FOODS = 'docs/foods.md';
const README = 'README.md';

async function write(path: string, text: string): Promise<void> {
  const { code } = await format(path, text);
  writeFileSync(path, code);
}

const groups: [string, readonly Check[]][] = [];
for (const group of CHECKS) groups.push([group.name, await group.checks()]);
await write(FOODS, foodsPage());
await write('docs/words.md', wordsPage());
await write('docs/safety.md', safetyPage());
await write(MODELS, withChecks(readFileSync(MODELS, 'utf8'), checksTable(groups)));
const count = groups.reduce((sum, [, checks]) => sum + checks.length, 0);
await write(README, withCounts(readFileSync(README, 'utf8'), count));
