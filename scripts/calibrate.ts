/** Fits need, lateness and z of every food to the charts of times and writes src/core/doneness/needs.json. */
import { writeFileSync } from 'node:fs';
import { fitAll } from '../src/core/testing/fit/table';

const table = fitAll(({ food, entry, fitted, heldOut }) => {
  const off = (list: typeof fitted): string =>
    list.map((m) => `${m.how[0]}${m.doneMin.toFixed(1)}[${m.range.join('-')}]${m.off ? `${m.off > 0 ? '+' : ''}${m.off.toFixed(2)}` : ''}`).join(' ');
  console.log(
    `${food.padEnd(18)} z ${entry.z} need ${entry.needMin} late ${entry.lateMin}  ${off(fitted)}${heldOut.length > 0 ? `  held out ${off(heldOut)}` : ''}`,
  );
});
const entries = Object.fromEntries(table.map(({ food, entry }) => [food, entry]));
writeFileSync('src/core/doneness/needs.json', `${JSON.stringify(entries, null, 2)}\n`);
