/** The log as a table, a cook a line: what was predicted, what happened, how it came out. */
import Papa from 'papaparse';
import { foodOf } from '../core/batch/plan';
import type { Cook } from '../core/batch/schema';
import { realTotalMin } from '../core/cook';
import { plainCell } from './cells';

const COLUMNS = [
  'id',
  'dish',
  'kind',
  'pot',
  'started',
  'predicted_min',
  'band_low_min',
  'band_high_min',
  'happened_min',
  'verdicts',
  'yield_litres',
  'salt_added_g',
  'next_hold_min',
  'next_water_ml',
  'note',
] as const;
type Column = (typeof COLUMNS)[number];

const round = (value: number | null | undefined): number | '' =>
  value === null || value === undefined ? '' : Number(value.toFixed(1));

function rowOf(cook: Cook): Readonly<Record<Column, string | number>> {
  const { predicted, verdicts, yields = [], nextTime = {}, after } = cook;
  const named = Object.entries(verdicts).map(([id, verdict]) => {
    const item = cook.batch.items.find((one) => one.id === id);
    return `${item ? (foodOf(item)?.name ?? item.food) : id}: ${verdict}`;
  });
  const salt = (after?.added ?? [])
    .filter((one) => one.what === 'salt')
    .reduce((sum, one) => sum + one.grams, 0);
  return {
    id: cook.id,
    dish: plainCell(cook.batch.name),
    kind: cook.batch.kind ?? '',
    pot: plainCell(cook.pot.name),
    started: cook.startedAt,
    predicted_min: round(predicted.totalMin),
    band_low_min: round(predicted.band?.p10),
    band_high_min: round(predicted.band?.p90),
    happened_min: round(realTotalMin(cook)),
    verdicts: plainCell(named.join('; ')),
    yield_litres: yields.length > 0 ? round(yields.reduce((s, y) => s + (y.litres ?? 0), 0)) : '',
    salt_added_g: salt > 0 ? round(salt) : '',
    next_hold_min: round(nextTime.holdMin),
    next_water_ml: round(nextTime.waterMl),
    note: plainCell(cook.note ?? ''),
  };
}

/** A table of cooks without practice runs, the oldest first. */
export function writeCooks(cooks: readonly Cook[]): string {
  const rows = cooks
    .filter((cook) => !cook.rehearsal)
    .toSorted((a, b) => a.startedAt.localeCompare(b.startedAt))
    .map(rowOf);
  return Papa.unparse({
    fields: [...COLUMNS],
    data: rows.map((row) => COLUMNS.map((column) => row[column])),
  });
}
