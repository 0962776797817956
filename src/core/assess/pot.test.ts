import { cleared, codes, finding, run } from '../testing/findings';
import { batchOf, item, KITCHEN, POT, pressure, REFERENCE } from '../testing/kitchen';
import { compareReleases } from '.';

const WATER = item('w', 'water', 1.5, 'l');
const QUICK = { method: 'quick' } as const;

describe('a lid on little or no water', () => {
  const raw = [
    item('c', 'chicken-thigh', 900, 'g'),
    item('t', 'tomato', 400, 'g'),
    item('o', 'onion', 2, 'piece', { cut: { shape: 'slice', mm: 8 } }),
    item('m', 'mushrooms', 250, 'g'),
  ];

  // Common practice: raw poultry, tomato, onion and mushroom need no water; browned they do.
  it('is taken for raw juicy foods, and not once they are browned', () => {
    const dry = codes(batchOf(raw, [pressure(10)]));
    expect(dry).toContain('dry-start');
    expect(dry).not.toContain('too-little-liquid');
    const browned = batchOf(raw, [{ id: 's0', kind: 'saute', minutes: 10 }, pressure(10)]);
    expect(codes(browned)).toContain('too-little-liquid');
    cleared(browned, 'too-little-liquid');
  });

  it('scorches, and more water helps', () => {
    const carrots = batchOf([item('c', 'carrot', 500, 'g')], [pressure(5)]);
    expect(finding(carrots, 'scorch-risk').level).toBe('stop');
    cleared(carrots, 'scorch-risk');
  });

  it('knows the fullest moment', () => {
    const { worst } = run(REFERENCE).fill;
    expect(worst).toMatchObject({ when: 'open', step: 's2' });
    const foamy = run(
      batchOf(
        [item('w', 'water', 2.4, 'l'), item('p', 'split-peas', 500, 'g')],
        [pressure(10, QUICK)],
      ),
    ).fill;
    expect(foamy.worst.when).toBe('at the valve');
    expect(foamy.worst.levelL).toBeGreaterThan(foamy.swollenL);
  });

  it('conserves what is in the pot at every moment', () => {
    const { series, fill } = run(
      batchOf([WATER, item('b', 'pearl-barley', 200, 'g')], [pressure(20)]),
    );
    const full = Math.max(...series.liquidL);
    expect(full).toBeLessThan(fill.hottestL * 1.001);
    expect(Math.min(...series.liquidL)).toBeGreaterThan(fill.lidOnL * 0.97);
  });
});

describe('releases side by side', () => {
  const stew = batchOf(
    [
      item('w', 'water', 2, 'l'),
      item('b', 'beef-stewing', 700, 'g', { cut: { shape: 'cube', mm: 40 } }),
      item('n', 'black-beans', 200, 'g', { soakedH: 8 }),
    ],
    [pressure(25)],
  );
  const options = compareReleases(stew, POT, KITCHEN, 's1');
  const way = (method: string) => {
    const found = options.find((o) => o.release.method === method);
    if (!found) throw new Error(method);
    return found;
  };

  it('offer the pot’s own ways', () => {
    expect(options.map((o) => o.release.method)).toEqual(['natural', 'timed', 'quick', 'pulsed']);
    const stove = { ...POT, kind: 'stovetop' as const };
    expect(compareReleases(stew, stove, KITCHEN, 's1').at(-1)?.release.method).toBe('coldwater');
    expect(compareReleases(stew, { ...POT, powerW: 200, lossWPerK: 4 }, KITCHEN, 's1')).toEqual([]);
  });

  it('trade time against steam and texture', () => {
    expect(way('quick').minutes).toBeLessThan(way('timed').minutes);
    expect(way('timed').minutes).toBeLessThan(way('natural').minutes);
    expect(way('natural').steamG).toBeLessThan(way('quick').steamG);
    const meat = (method: string) => way(method).textures.find((t) => t.item === 'b');
    expect(meat('quick')?.cost).toContain('tightens');
    expect(meat('quick')?.flashPercent).toBeGreaterThan(meat('natural')?.flashPercent ?? 9);
    expect(meat('natural')?.carryOverMin).toBeGreaterThan(meat('quick')?.carryOverMin ?? 99);
    expect(way('quick').textures.find((t) => t.item === 'n')?.cost).toBe('skins burst');
  });

  it('open the valve no wider than is safe', () => {
    const foamy = batchOf(
      [item('w', 'water', 3.1, 'l'), item('p', 'split-peas', 600, 'g')],
      [pressure(10, QUICK)],
    );
    const [release] = run(foamy).release;
    expect(release?.duty ?? 0).toBeLessThan(1);
    const pulsed = compareReleases(foamy, POT, KITCHEN, 's1').find(
      (o) => o.release.method === 'pulsed',
    );
    if (release?.duty) expect(pulsed?.safe).toBe(true);
    else expect(pulsed?.safe).toBe(false);
  });

  it('are mentioned when meat pays for haste', () => {
    const hasty = { ...stew, steps: [pressure(30, QUICK)] };
    expect(finding(hasty, 'release-costs').level).toBe('note');
    cleared(hasty, 'release-costs');
  });
});

describe('finishing', () => {
  it('says what salt is left to add, and adding it is enough', () => {
    const soup = batchOf([WATER, item('c', 'carrot', 500, 'g'), item('s', 'salt', 0.5, 'tsp')]);
    const { saltToAddG } = run(soup).finish;
    const salted = batchOf([...soup.items, item('m', 'salt', saltToAddG, 'g')]);
    expect(run(salted).salt.percent).toBeCloseTo(0.75, 2);
    expect(codes(soup)).toContain('salt-at-end');
    expect(codes(salted)).not.toContain('salt-at-end');
  });

  it('thins what is too salty, and warns of a stock with salt in it', () => {
    const salty = batchOf([WATER, item('c', 'carrot', 500, 'g'), item('s', 'salt', 28, 'g')]);
    cleared(salty, 'salty');
    const stock = batchOf(
      [WATER, item('b', 'veal-knuckle', 800, 'g'), item('s', 'salt', 1, 'tsp')],
      [pressure(90)],
      { kind: 'stock' },
    );
    expect(finding(stock, 'salt-at-end').message).toContain('half');
  });

  it('lets a smoked hock salt the pot, and takes part of it out with it', () => {
    const hock = (leaves: string | null) =>
      run(
        batchOf(
          [WATER, item('h', 'ham-hock', 1, 'piece', { leaves })],
          [pressure(50), { id: 's2', kind: 'simmer', minutes: 5 }],
        ),
      ).salt.grams;
    expect(hock('s2')).toBeLessThan(hock(null));
    expect(hock('s2')).toBeGreaterThan(0.5 * hock(null));
  });

  it('keeps thickeners out of the pressure', () => {
    cleared(batchOf([WATER, item('f', 'flour', 40, 'g')]), 'scorch-risk');
  });

  it('strains bones out and has their gelatine', () => {
    const broth = batchOf(
      [WATER, item('k', 'veal-knuckle', 1, 'kg'), item('c', 'carrot', 200, 'g')],
      [pressure(120), { id: 's2', kind: 'strain', minutes: 5 }],
      { kind: 'broth' },
    );
    const a = run(broth);
    const [first] = a.bones;
    expect(a.bones).toHaveLength(1);
    expect(first?.share).toBeGreaterThan(0.4);
    expect(first?.share).toBeLessThan(1);
    const perLitre = (first?.gelatineG ?? 0) / a.fill.finishedBrothL;
    expect((first?.gPerL ?? 0) / perLitre).toBeGreaterThan(0.85);
    expect((first?.gPerL ?? 9) / perLitre).toBeLessThan(1.15);
    expect(a.items.find((i) => i.id === 'k')?.leaveMin).toBeLessThan(a.time.totalMin);
    expect(run({ ...broth, kind: 'soup' }).items.find((i) => i.id === 'c')?.leaveMin).toBeCloseTo(
      a.time.totalMin,
      0,
    );
  });

  it('leaves what is cooked apart out of the pot', () => {
    const noodles = (apart: boolean) =>
      run(
        batchOf(
          [WATER, item('d', 'ditalini', 200, 'g', { ...(apart && { apart }) })],
          [pressure(30)],
        ),
      );
    expect(noodles(true).items[1]).toMatchObject({ verdict: 'right', apart: true });
    expect(noodles(false).items[1]?.verdict).toBe('over');
    expect(noodles(true).fill.lidOnL).toBeLessThan(noodles(false).fill.lidOnL);
  });

  it('gives old beans longer', () => {
    const beans = (old: boolean) =>
      run(batchOf([WATER, item('b', 'black-beans', 200, 'g', { old })], [pressure(25)])).items[1];
    expect(beans(false)?.verdict).toBe('right');
    expect(beans(true)?.verdict).toBe('under');
  });
});
