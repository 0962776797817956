import fc from 'fast-check';
import type { Jar } from '../core/batch/schema';
import { keepsOf } from '../core/keep';
import { HOLDER_KINDS } from '../core/vocabulary';
import Papa from 'papaparse';
import { cookOf } from '../core/testing/cooks';
import { REFERENCE } from '../core/testing/kitchen';
import { cellText, plainCell } from './cells';
import { writeCooks } from './cooksCsv';
import { readJars, writeJars } from './jarsCsv';
import { labelAt, LABEL_SHEET_KEYS, LABEL_SHEETS } from './labels';

const KEEPS = keepsOf(undefined);
let made = 0;
const makeId = (): string => `made-${++made}`;

const jars = fc.uniqueArray(
  fc.record(
    {
      id: fc.stringMatching(/^[a-z0-9]{1,12}$/),
      name: fc.string({ minLength: 1, maxLength: 40 }).filter((s) => s.trim() === s && s !== ''),
      litres: fc.integer({ min: 1, max: 5000 }).map((n) => n / 1000),
      holder: fc.constantFrom(...HOLDER_KINDS),
      where: fc.constantFrom('fridge' as const, 'freezer' as const),
      kind: fc.constantFrom('soup' as const, 'stock' as const),
      madeAt: fc
        .integer({ min: 1_700_000_000, max: 1_900_000_000 })
        .map((s) => new Date(1000 * s).toISOString()),
      run: fc.integer({ min: 1, max: 5 }),
      gPerL: fc.integer({ min: 0, max: 600 }).map((n) => n / 10),
      saltPercent: fc.integer({ min: 0, max: 200 }).map((n) => n / 100),
    },
    { requiredKeys: ['id', 'name', 'litres', 'where', 'madeAt'] },
  ),
  { selector: (jar) => jar.id, maxLength: 12 },
);

describe('jars as a table', () => {
  it('come back as they went out', () => {
    fc.assert(
      fc.property(jars, (list: readonly Jar[]) => {
        const read = readJars(writeJars(list, KEEPS), makeId, new Set());
        expect(read.wrong.filter((w) => !w.startsWith('nothing'))).toEqual([]);
        // When it is to be used is written out, so that nobody has to reckon.
        expect(read.jars.map(({ useBy: _, ...jar }) => jar)).toEqual(list);
      }),
    );
  });

  it('come back whatever sign they begin with', () => {
    fc.assert(
      fc.property(fc.stringMatching(/^[=+\-@']{0,3}[a-z']{0,3}$/), (text) => {
        expect(cellText(plainCell(text))).toBe(text);
        expect(plainCell(text)).not.toMatch(/^[=+\-@]/);
      }),
      { numRuns: 500 },
    );
  });

  it('are text to a spreadsheet, whatever they are called', () => {
    const jar: Jar = {
      id: 'j',
      name: '=HYPERLINK("x")',
      litres: 0.5,
      madeAt: '2026-11-24T12:00:00.000Z',
      where: 'fridge',
    };
    const text = writeJars([jar], KEEPS);
    expect(text).toContain(`'=HYPERLINK`);
    expect(readJars(text, makeId, new Set()).jars[0]?.name).toBe(jar.name);
  });

  it('of other hands are read, and what is wrong is said by its line', () => {
    const text = [
      'Name;Litres;Made;Where;Jar',
      'Turkey stock;0,45;2026-11-20;Freezer;half-litre',
      ';0.5;2026-11-20;fridge;',
      'Fumet;many;2026-11-20;fridge;',
      'Fumet;0.5;last week;fridge;',
    ].join('\n');
    const read = readJars(text, makeId, new Set());
    expect(read.jars).toHaveLength(1);
    expect(read.jars[0]).toMatchObject({ name: 'Turkey stock', litres: 0.45, where: 'freezer' });
    expect(read.wrong.map((w) => w.slice(0, 6))).toEqual(['line 3', 'line 4', 'line 5']);
    expect(readJars('', makeId, new Set()).wrong).toHaveLength(1);
  });

  it('that are there already get an id of their own', () => {
    const text = 'id,name,litres,made\nj,Stock,0.5,2026-11-20\nj,Stock,0.5,2026-11-20';
    const ids = readJars(text, makeId, new Set(['j'])).jars.map((jar) => jar.id);
    expect(new Set(ids).size).toBe(2);
    expect(ids).not.toContain('j');
  });
});

describe('sheets of labels', () => {
  it('hold all their labels, none over another or over the edge', () => {
    for (const key of LABEL_SHEET_KEYS) {
      const sheet = LABEL_SHEETS[key];
      const last = labelAt(sheet, sheet.across * sheet.down - 1);
      expect(last.leftMm + sheet.labelMm[0]).toBeLessThanOrEqual(sheet.pageMm[0] + 0.01);
      expect(last.topMm + sheet.labelMm[1]).toBeLessThanOrEqual(sheet.pageMm[1] + 0.51);
      const [first, second, below] = [0, 1, sheet.across].map((i) => labelAt(sheet, i));
      expect((second?.leftMm ?? 0) - (first?.leftMm ?? 0)).toBeGreaterThanOrEqual(sheet.labelMm[0]);
      expect((below?.topMm ?? 0) - (first?.topMm ?? 0)).toBeGreaterThanOrEqual(
        sheet.labelMm[1] - 1e-9,
      );
    }
  });
});

describe('the log as a table', () => {
  it('has a line a cook, the oldest first, and no rehearsal', () => {
    const cook = cookOf('a', REFERENCE, '2026-11-24T16:00:00.000Z');
    const table = writeCooks([
      { ...cook, verdicts: { i1: 'under' }, note: '=SUM(A1) more, "tender"' },
      { ...cook, id: 'b', startedAt: '2026-11-20T16:00:00.000Z' },
      { ...cook, id: 'c', rehearsal: {} },
    ]);
    const { data } = Papa.parse<Record<string, string>>(table, { header: true });
    expect(data.map((row) => row['id'])).toEqual(['b', 'a']);
    expect(data[1]).toMatchObject({
      dish: 'Test batch',
      verdicts: 'lamb neck: under',
      note: `'=SUM(A1) more, "tender"`,
      happened_min: '',
    });
    expect(Number(data[1]?.['predicted_min'])).toBeCloseTo(cook.predicted.totalMin, 1);
  });
});
