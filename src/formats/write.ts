/**
 * The bundle file: everything a household keeps, as JSON. What is written is canonical (fields
 * in the order of the schema, then unknown ones by name; records by id), so that the same
 * household always gives the same bytes.
 */
import type { Bundle } from '../core/batch/schema';

const FIELDS: readonly string[] = [
  'format',
  'version',
  'kitchen',
  'pots',
  'batches',
  'cooks',
  'jars',
  'foods',
  'id',
  'name',
  'kind',
  'food',
  'own',
  'like',
  'pieceG',
  'cooked',
  'foams',
  'amount',
  'value',
  'unit',
  'size',
  'canG',
  'altitudeM',
  'ambientC',
  'units',
  'capacityL',
  'innerDiameterCm',
  'maxFill',
  'foamFill',
  'minLiquidL',
  'powerW',
  'efficiency',
  'lossWPerK',
  'settings',
  'gaugeKPa',
  'potId',
  'pot',
  'servings',
  'serveAt',
  'fromCook',
  'items',
  'steps',
  'cut',
  'shape',
  'mm',
  'startC',
  'soakedH',
  'old',
  'apart',
  'stays',
  'from',
  'to',
  'done',
  'how',
  'in',
  'ovenC',
  'ladleMl',
  'bag',
  'upTo',
  'setting',
  'holdMin',
  'minutes',
  'sideMin',
  'deglazeMl',
  'release',
  'method',
  'afterMin',
  'duty',
  'keep',
  'batch',
  'startedAt',
  'endedAt',
  'model',
  'predicted',
  'trace',
  'minute',
  'liquidC',
  'boilC',
  'band',
  'chances',
  'marks',
  'step',
  'at',
  'verdicts',
  'yields',
  'broth',
  'litres',
  'set',
  'note',
  'bones',
  'aim',
  'hours',
  'openings',
  'habits',
  'noodles',
  'salt',
  'vinegar',
  'putBy',
  'code',
  'item',
  'reason',
  'nextTime',
  'waterMl',
];

const ORDER: ReadonlyMap<string, number> = new Map(FIELDS.map((field, i) => [field, i]));

function byField(a: string, b: string): number {
  const i = ORDER.get(a) ?? FIELDS.length;
  const j = ORDER.get(b) ?? FIELDS.length;
  if (i !== j) return i - j;
  return a < b ? -1 : a > b ? 1 : 0;
}

/** A value with its fields in the order of the file, at every depth. */
export function canonical(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(canonical);
  if (typeof value !== 'object' || value === null) return value;
  const source = value as Record<string, unknown>;
  return Object.fromEntries(
    Object.keys(source)
      .sort(byField)
      .filter((key) => source[key] !== undefined)
      .map((key) => [key, canonical(source[key])]),
  );
}

function byId<T extends { readonly id: string }>(records: readonly T[]): readonly T[] {
  return [...records].sort((a, b) => (a.id < b.id ? -1 : a.id > b.id ? 1 : 0));
}

/** A list of numbers as `JSON.stringify` sets it, one a line; no text of a file holds a bare line break. */
const NUMBERS = /\[\n\s+((?:-?\d[\d.eE+-]*,?\s+)+)\]/g;

/** Curves on one line each: a third of the file, and a file that can be read. */
function onOneLine(_: string, numbers: string): string {
  return `[${numbers.trim().replace(/\s+/g, ' ')}]`;
}

const INDENT = 2;

function jsonOf(value: unknown, depth: number): string {
  const text = JSON.stringify(canonical(value), null, INDENT).replace(NUMBERS, onOneLine);
  return depth === 0 ? text : text.replaceAll('\n', `\n${' '.repeat(INDENT * depth)}`);
}

/** The text of a bundle, record by record. */
function* partsOf(bundle: Bundle): Generator<string> {
  const sorted: Readonly<Record<string, unknown>> = {
    ...bundle,
    pots: byId(bundle.pots),
    batches: byId(bundle.batches),
    cooks: byId(bundle.cooks),
    foods: byId(bundle.foods),
    jars: byId(bundle.jars),
    bag: byId(bundle.bag),
  };
  const fields = Object.keys(sorted)
    .sort(byField)
    .filter((key) => sorted[key] !== undefined);
  yield '{\n';
  for (const [i, key] of fields.entries()) {
    const value = sorted[key];
    const end = i < fields.length - 1 ? ',\n' : '\n';
    if (!Array.isArray(value) || value.length === 0) {
      yield `  ${JSON.stringify(key)}: ${jsonOf(value, 1)}${end}`;
      continue;
    }
    yield `  ${JSON.stringify(key)}: [\n`;
    for (const [n, record] of value.entries())
      yield `    ${jsonOf(record, 2)}${n < value.length - 1 ? ',' : ''}\n`;
    yield `  ]${end}`;
  }
  yield '}\n';
}

/** Writes a bundle as text. The same bundle gives the same bytes, whatever its order was. */
export function writeBundle(bundle: Bundle): string {
  return [...partsOf(bundle)].join('');
}

/** Work is laid down after so long, for the page to draw and answer, ms. */
const TURN_MS = 12;

/** The same, a little at a time, so that nothing else waits for it. */
export async function writeBundleInTurns(bundle: Bundle): Promise<string> {
  const parts: string[] = [];
  let began = performance.now();
  for (const part of partsOf(bundle)) {
    parts.push(part);
    if (performance.now() - began < TURN_MS) continue;
    await new Promise((done) => setTimeout(done));
    began = performance.now();
  }
  return parts.join('');
}
