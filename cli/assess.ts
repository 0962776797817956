/**
 * Assesses a batch of a bundle file: `npm run -s assess -- FILE [--batch ID] [--draws N] [--seed N]`.
 * Prints one JSON object; exit code 2 with the reasons on stderr for a bad file or a bad call.
 */
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { parseArgs } from 'node:util';
import { readBundle } from '../src/formats';
import { assessFile } from '../src/formats/assessed';

const USAGE = 'usage: npm run -s assess -- FILE [--batch ID] [--draws N] [--seed N]';

function fail(...lines: readonly string[]): never {
  for (const line of lines) console.error(line);
  process.exit(2);
}

function whole(name: string, text: string | undefined, otherwise: number): number {
  if (text === undefined) return otherwise;
  const value = Number(text);
  if (!Number.isInteger(value) || value < 0)
    fail(`--${name} wants a whole number from 0, not "${text}"`, USAGE);
  return value;
}

function main(): void {
  let call;
  try {
    call = parseArgs({
      allowPositionals: true,
      options: { batch: { type: 'string' }, draws: { type: 'string' }, seed: { type: 'string' } },
    });
  } catch (error) {
    fail(error instanceof Error ? error.message : String(error), USAGE);
  }
  const [file, ...more] = call.positionals;
  if (!file || more.length > 0) fail(USAGE);
  let text: string;
  try {
    // npm runs scripts in the project; resolve a file from the caller's folder.
    text = readFileSync(path.resolve(process.env['INIT_CWD'] ?? '.', file), 'utf8');
  } catch {
    fail(`cannot read ${file}`);
  }
  const done = assessFile(readBundle(text), {
    batch: call.values.batch,
    draws: whole('draws', call.values.draws, 100),
    seed: whole('seed', call.values.seed, 1),
  });
  if (!done.ok) fail(...done.reasons);
  process.stdout.write(`${JSON.stringify(done.output, null, 2)}\n`);
}

main();
