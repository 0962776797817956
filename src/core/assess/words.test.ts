import type { Batch, Kitchen, Step } from '../batch/schema';
import { batchOf, item, KITCHEN, POT, pressure, REFERENCE } from '../testing/kitchen';
import { applyRemedy, assess, type Finding } from './';

const US: Kitchen = { ...KITCHEN, units: 'us' };
const QUICK = { method: 'quick' } as const;
const WATER = item('w', 'water', 1.5, 'l');
const BROWN: Step = { id: 's0', kind: 'saute', minutes: 10 };

/** Batches that between them raise every kind of call. */
const TROUBLED: readonly Batch[] = [
  batchOf([]),
  batchOf([item('w', 'water', 3.9, 'l'), item('c', 'carrot', 400, 'g')], [pressure(3)]),
  batchOf([item('w', 'water', 3, 'l'), item('p', 'split-peas', 600, 'g')], [pressure(8, QUICK)]),
  batchOf([item('w', 'water', 0.1, 'l'), item('l', 'lamb-neck', 500, 'g')]),
  batchOf([item('c', 'carrot', 500, 'g')], [pressure(5)]),
  batchOf(
    [
      item('c', 'chicken-thigh', 900, 'g'),
      item('t', 'tomato', 500, 'g'),
      item('o', 'onion', 2, 'piece'),
      item('m', 'mushrooms', 250, 'g'),
    ],
    [pressure(10)],
  ),
  batchOf(
    [item('l', 'lamb-neck', 900, 'g'), item('t', 'tomato', 1, 'piece')],
    [BROWN, pressure(30)],
  ),
  batchOf([item('w', 'water', 0.5, 'l'), item('r', 'pork-ribs', 1.2, 'kg')], [pressure(30)]),
  batchOf(
    [WATER, item('b', 'beef-stewing', 800, 'g', { cut: { shape: 'cube', mm: 60 } })],
    [pressure(25, QUICK)],
  ),
  batchOf([WATER, item('b', 'black-beans', 300, 'g', { old: true })], [pressure(15)]),
  batchOf([WATER, item('r', 'brown-rice', 200, 'g')], [pressure(80)]),
  batchOf([WATER, item('k', 'kidney-beans', 200, 'g')], [{ id: 's1', kind: 'simmer', minutes: 2 }]),
  batchOf(
    [
      item('w', 'water', 1, 'l', { startC: 90 }),
      item('c', 'chicken-breast', 900, 'g', { startC: -18, cut: { shape: 'cube', mm: 70 } }),
      item('m', 'minced-beef', 600, 'g', { cut: { shape: 'cube', mm: 70 } }),
    ],
    [{ id: 's1', kind: 'simmer', minutes: 1 }],
  ),
  batchOf([WATER, item('m', 'cream', 2, 'cup'), item('f', 'flour', 60, 'g')], [pressure(5)]),
  batchOf([WATER, item('p', 'tomato-paste', 0.5, 'cup'), item('s', 'salt', 3, 'tbsp')]),
  batchOf([WATER, item('d', 'ditalini', 200, 'g')], [pressure(4, QUICK)]),
  batchOf(
    [WATER, item('b', 'turkey-frame', 1, 'kg'), item('s', 'salt', 2, 'tsp')],
    [pressure(80)],
    {
      kind: 'stock',
    },
  ),
];

const found = (kitchen: Kitchen): readonly (readonly [Batch, Finding])[] =>
  TROUBLED.flatMap((batch) =>
    assess(batch, POT, kitchen).findings.map((finding) => [batch, finding] as const),
  );

describe('what the calls say', () => {
  it('raises every kind of call that a pot of this size can raise', () => {
    const codes = new Set(found(KITCHEN).map(([, f]) => f.code));
    for (const code of [
      'empty',
      'over-max-fill',
      'over-foam-line',
      'too-little-liquid',
      'dry-start',
      'not-covered',
      'spray-risk',
      'release-costs',
      'scorch-risk',
      'dairy-under-pressure',
      'undercooked',
      'overcooked',
      'noodles-drink',
      'poultry-not-safe',
      'meat-not-safe',
      'kidney-bean-toxin',
      'salty',
      'salt-at-end',
    ] as const)
      expect([code, codes.has(code)]).toEqual([code, true]);
  });

  it('is a sentence with a title and a reason', () => {
    for (const [, f] of found(KITCHEN)) {
      expect(f.title).toMatch(/^[A-Z]/);
      expect(f.message).toMatch(/^[A-Z0-9].*\.$/s);
      expect(f.why.length).toBeGreaterThan(20);
      expect(`${f.title} ${f.message} ${f.why}`).not.toMatch(/NaN|undefined|Infinity|null/);
      for (const value of Object.values(f.numbers)) expect(Number.isFinite(value)).toBe(true);
    }
  });

  it('speaks of cups, pounds and Fahrenheit to a kitchen that has them', () => {
    for (const [, f] of found(US)) {
      const said = `${f.message} ${f.remedies.map((r) => r.label).join(' ')}`.replace(
        /“[^”]*”/g,
        '',
      );
      expect(said).not.toMatch(/\d\s?(?:ml|L|kg|g|mm|°C)\b/);
    }
  });

  it('offers remedies that leave a batch which can be assessed', () => {
    for (const [batch, f] of found(KITCHEN)) {
      for (const remedy of f.remedies) {
        const after = applyRemedy(batch, remedy);
        expect(after).not.toEqual(batch);
        expect(assess(after, POT, KITCHEN, { curves: false }).time.totalMin).toBeGreaterThan(0);
        expect(remedy.label.length).toBeGreaterThan(4);
      }
    }
  });

  it('puts what must stop the cook before the rest', () => {
    const weight = { never: 0, stop: 1, warn: 2, note: 3 };
    for (const batch of [...TROUBLED, REFERENCE]) {
      const levels = assess(batch, POT, KITCHEN).findings.map((f) => weight[f.level]);
      expect(levels).toEqual([...levels].sort((a, b) => a - b));
    }
  });
});
