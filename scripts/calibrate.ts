/**
 * Fits need, lateness and z of every food to the charts of times; writes src/core/doneness/needs.json and
 * the table of the fit in docs/models.md. Takes about half a minute.
 */
import { readFileSync, writeFileSync } from 'node:fs';
import { format } from 'oxfmt';
import { fitAll } from '../src/core/testing/fit/table';
import { fitTable, withFit } from './fitTable';

const MODELS = 'docs/models.md';

const foods = fitAll();
const entries = Object.fromEntries(foods.map(({ food, entry }) => [food, entry]));
writeFileSync('src/core/doneness/needs.json', `${JSON.stringify(entries, null, 2)}\n`);
const { code } = await format(MODELS, withFit(readFileSync(MODELS, 'utf8'), fitTable(foods)));
writeFileSync(MODELS, code);
console.log(`${foods.length} foods fitted`);
