/** Jars as a table: out, and in again. */
import Papa from 'papaparse';
import { leftInJar } from '../core/batch/household';
import type { Jar, JarPlace } from '../core/batch/schema';
import { dueOf, type Keeps } from '../core/keep';
import { HOLDER_KINDS, type HolderKind, JAR_PLACES } from '../core/vocabulary';
import { cellText, plainCell } from './cells';

/** Columns, in order; a file may have them in any, and more. */
const COLUMNS = [
  'id',
  'name',
  'litres',
  'left_litres',
  'jar',
  'where',
  'kind',
  'made',
  'use_by',
  'run',
  'gelatine_g_per_l',
  'salt_percent',
  'thick',
] as const;
type Column = (typeof COLUMNS)[number];

const KINDS = ['soup', 'chili', 'stock', 'broth'] as const;

/** A table of jars, a line each. */
export function writeJars(jars: readonly Jar[], keeps: Keeps): string {
  const rows = jars.map((jar): Record<Column, string | number> => ({
    id: jar.id,
    name: plainCell(jar.name),
    litres: jar.litres,
    left_litres: Number(leftInJar(jar).toFixed(4)),
    jar: jar.holder ?? '',
    where: jar.where,
    kind: jar.kind ?? '',
    made: jar.madeAt,
    use_by: new Date(dueOf(jar, keeps)).toISOString(),
    run: jar.run ?? '',
    gelatine_g_per_l: jar.gPerL ?? '',
    salt_percent: jar.saltPercent ?? '',
    thick: jar.thick ? 'yes' : '',
  }));
  return Papa.unparse({
    fields: [...COLUMNS],
    data: rows.map((row) => COLUMNS.map((c) => row[c])),
  });
}

export interface JarsRead {
  readonly jars: readonly Jar[];
  /** Faults of a table, by line. */
  readonly wrong: readonly string[];
}

/** More lines are no larder. */
const MOST_LINES = 5000;
const number = (text: string | undefined): number | undefined => {
  const value = Number((text ?? '').trim().replace(',', '.'));
  return text === undefined || text.trim() === '' || !Number.isFinite(value) ? undefined : value;
};
const oneOf = <T extends string>(all: readonly T[], text: string | undefined): T | undefined =>
  all.find((one) => one === text?.trim());

function jarOf(row: Readonly<Partial<Record<string, string>>>, id: string): Jar | string {
  const name = cellText((row['name'] ?? '').trim());
  const litres = number(row['left_litres']) ?? number(row['litres']);
  const made = Date.parse(row['made'] ?? '');
  if (name === '') return 'a name is missing';
  if (name.length > 200) return 'a name of no more than 200 letters is wanted';
  if (litres === undefined || litres < 0.001 || litres > 50)
    return 'litres from 0.001 to 50 are wanted';
  if (Number.isNaN(made)) return 'the day it was made is missing, such as 2026-11-24';
  const dueAt = Date.parse(row['use_by'] ?? '');
  const run = number(row['run']);
  const gPerL = number(row['gelatine_g_per_l']);
  const salt = number(row['salt_percent']);
  const holder = oneOf<HolderKind>(HOLDER_KINDS, row['jar']);
  const kind = oneOf(KINDS, row['kind']);
  return {
    id,
    name,
    litres,
    ...(holder && { holder }),
    ...(kind && { kind }),
    madeAt: new Date(made).toISOString(),
    where: oneOf<JarPlace>(JAR_PLACES, row['where']?.toLowerCase()) ?? 'fridge',
    ...(!Number.isNaN(dueAt) && { useBy: new Date(dueAt).toISOString() }),
    ...(run !== undefined && run >= 1 && run <= 60 && { run }),
    ...(gPerL !== undefined && gPerL >= 0 && gPerL <= 1000 && { gPerL }),
    ...(salt !== undefined && salt >= 0 && salt <= 40 && { saltPercent: salt }),
    ...(/^(yes|true|1)$/i.test(row['thick'] ?? '') && { thick: true }),
  };
}

/**
 * Reads a table of jars.
 *
 * @param makeId for lines without an id, or with an id in use
 * @param taken ids that are there
 */
export function readJars(text: string, makeId: () => string, taken: ReadonlySet<string>): JarsRead {
  const { data } = Papa.parse<Record<string, string>>(text, {
    header: true,
    skipEmptyLines: 'greedy',
    preview: MOST_LINES,
    transformHeader: (header) => header.trim().toLowerCase().replace(/\s+/g, '_'),
  });
  const used = new Set(taken);
  const jars: Jar[] = [];
  const wrong: string[] = [];
  data.forEach((row, i) => {
    const own = (row['id'] ?? '').trim();
    const id = own !== '' && own.length <= 200 && !used.has(own) ? own : makeId();
    const jar = jarOf(row, id);
    if (typeof jar === 'string') wrong.push(`line ${i + 2}: ${jar}`);
    else {
      used.add(id);
      jars.push(jar);
    }
  });
  if (data.length === 0)
    wrong.push('nothing in it: a first line with the names of the columns, then a jar a line');
  return { jars, wrong };
}
