/**
 * Cooks on the stand-in, for browser tests, which cannot load the core themselves. `start BATCH ISO` prints
 * a cook of the sample kitchen as it starts; `grades` reads a cook and prints what its foods came to.
 */
import { readFileSync } from 'node:fs';
import { assess } from '../../src/core/assess';
import { potOf, type Bundle, type Cook } from '../../src/core/batch';
import { standInAt } from '../../src/core/live';
import { startCook } from '../../src/core/timetable';

const [command, id = '', at = ''] = process.argv.slice(2);

function start(): Cook {
  const sample = JSON.parse(readFileSync('demo/harrow-fell.json', 'utf8')) as Bundle;
  const batch = sample.batches.find((b) => b.id === id);
  if (!batch) throw new RangeError(`no batch ${id}`);
  const pot = potOf(batch, sample.pots);
  const { kitchen } = sample;
  const assessment = assess(batch, pot, kitchen);
  return startCook({ id: 'live', batch, pot, kitchen, assessment, draws: null, at });
}

function grades(): object {
  const cook = JSON.parse(readFileSync(0, 'utf8')) as Cook;
  if (!cook.standIn || !cook.endedAt) throw new RangeError('not cooked to the end on a stand-in');
  const end = (Date.parse(cook.endedAt) - Date.parse(cook.startedAt)) / 1000;
  return standInAt(cook, cook.standIn, end).grades;
}

process.stdout.write(JSON.stringify(command === 'start' ? start() : grades()));
