/** Writes docs/foods.md and the table of checks in docs/models.md. */
import { readFileSync, writeFileSync } from 'node:fs';
import { format, resolveConfig } from 'prettier';
import { CHECKS, type Check } from '../src/core/testing/checks';
import { checksTable, foodsPage, withChecks } from './tables';

const MODELS = 'docs/models.md';
const FOODS = 'docs/foods.md';

async function write(path: string, text: string): Promise<void> {
  const options = await resolveConfig(path);
  writeFileSync(path, await format(text, { ...options, filepath: path }));
}

const groups: [string, readonly Check[]][] = [];
for (const group of CHECKS) groups.push([group.name, await group.checks()]);
await write(FOODS, foodsPage());
await write(MODELS, withChecks(readFileSync(MODELS, 'utf8'), checksTable(groups)));
