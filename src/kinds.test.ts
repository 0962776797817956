/**
 * Adds one more of each kind to a copy of the sources and lists where the compiler asks for its record: a new kind
 * is one name and its records, and nothing takes it for one of the others in silence.
 */
import { execFileSync } from 'node:child_process';
import { cpSync, mkdtempSync, readFileSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import path from 'node:path';

/** Each kind: the file that names its members, the text that a new name follows, and the name. */
const ADDED = {
  'kind of pot': ['core/vocabulary/pots.ts', "'electric', 'stovetop'", 'induction'],
  'place of jars': ['core/vocabulary/jarPlaces.ts', "'fridge', 'freezer'", 'cellar'],
  'kind of step': ['core/vocabulary/steps.ts', "  'cool',", 'smoke'],
  release: ['core/vocabulary/releases.ts', "readonly method: 'quick' }", 'valveless'],
  mishap: ['core/batch/schema/markKinds.ts', "  'overfilled',", 'lid-dropped'],
  fault: ['core/batch/schema/markKinds.ts', "'valve', 'ring', 'bottom'", 'handle'],
  'way to cool': ['core/vocabulary/coolings.ts', "  'keep-warm': 'hot',", 'snow'],
} as const;

const addition: Readonly<Partial<Record<keyof typeof ADDED, string>>> = {
  'kind of step': "\n  'smoke',",
  mishap: "\n  'lid-dropped',",
  release: " | { readonly method: 'valveless' }",
  'way to cool': "\n  snow: 'cools',",
};

/** Errors of the compiler once a member of each kind has been added, as "file: message". */
function demands(): readonly string[] {
  const copy = mkdtempSync(path.join(process.cwd(), '.kinds-'));
  try {
    for (const part of ['src', 'demo', 'types', 'next-env.d.ts', 'tsconfig.json'])
      cpSync(part, path.join(copy, part), { recursive: true });
    symlinkSync(path.resolve('node_modules'), path.join(copy, 'node_modules'));
    for (const [kind, [file, after, name]] of Object.entries(ADDED)) {
      const place = path.join(copy, 'src', file);
      const text = readFileSync(place, 'utf8');
      expect([kind, text.includes(after)]).toEqual([kind, true]);
      const more = addition[kind as keyof typeof ADDED] ?? `, '${name}'`;
      writeFileSync(
        place,
        text.replace(after, () => after + more),
      );
    }
    // A unit is its own record: one that lacks its words is asked for them.
    const units = path.join(copy, 'src/core/quantity/units.ts');
    const text = readFileSync(units, 'utf8');
    writeFileSync(
      units,
      text.replace(
        'export const UNIT = {',
        "export const UNIT = { jigger: { is: 'volume', si: 44 },",
      ),
    );
    execFileSync(process.execPath, ['node_modules/typescript-7/bin/tsc', '--noEmit', '-p', copy], {
      encoding: 'utf8',
    });
    return [];
  } catch (error) {
    const { stdout } = error as { stdout: string };
    return stdout
      .split('\n')
      .filter((line) => line.includes('error TS'))
      .map((line) => line.replace(/^.*?src\//, '').replace(/\(\d+,\d+\): error TS\d+/, ''));
  } finally {
    rmSync(copy, { recursive: true, force: true });
  }
}

/** The records that each new name is asked for, beside its own list. */
const ASKED = {
  induction: ['core/unknown/priors.ts', 'core/vocabulary/pots.ts'],
  cellar: ['core/vocabulary/jarPlaces.ts'],
  smoke: [
    'core/batch/schema/schema.ts',
    'core/heat/legs.ts',
    'core/vocabulary/doing.ts',
    'core/vocabulary/steps.ts',
  ],
  valveless: ['core/batch/schema/schema.ts', 'core/vocabulary/releases.ts'],
  'lid-dropped': ['core/live/mishaps.ts'],
  handle: ['core/cook/marks.ts', 'screens/stove/practice/debriefWords.ts'],
  snow: ['core/keep/ways.ts'],
  jigger: ['core/quantity/units.ts'],
} as const;

describe('one more of each kind', () => {
  it('is asked for by the compiler, record by record', () => {
    const found = demands();
    for (const [name, files] of Object.entries(ASKED)) {
      const own =
        name === 'jigger'
          ? found.filter((line) => line.includes("'volume'; readonly si: 44; }' is missing"))
          : found.filter((line) =>
              new RegExp(`^[^:]*: Property '"?${name}"?' is missing`).test(line),
            );
      const places = new Set(own.map((line) => line.slice(0, line.indexOf(':'))));
      expect([name, ...[...places].toSorted()]).toEqual([name, ...files]);
    }
  });
});
