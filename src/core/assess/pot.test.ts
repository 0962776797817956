import { cleared, codes, finding, run } from '../testing/findings';
import { batchOf, item, KITCHEN, POT, pressure, REFERENCE } from '../testing/kitchen';
import type { Batch, Release } from '../batch/schema';
import { runModel } from '../model';
import { assess, compareReleases } from './';

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
  it('is taken for raw juicy foods, and is a caution once they are browned', () => {
    const dry = codes(batchOf(raw, [pressure(10)]));
    expect(dry).toContain('dry-start');
    expect(dry).not.toContain('too-little-liquid');
    const browned = batchOf(raw, [{ id: 's0', kind: 'saute', minutes: 10 }, pressure(10)]);
    expect(finding(browned, 'dry-start').level).toBe('warn');
    cleared(browned, 'dry-start');
  });

  it('never says that it does not come to pressure where the heat model says it does', () => {
    for (const grams of [200, 500, 900, 1400]) {
      const batch = batchOf(
        raw.map((i) => ({
          ...i,
          amount: { value: (grams * i.amount.value) / 900, unit: i.amount.unit },
        })),
        [pressure(10)],
      );
      const { findings, release } = run(batch);
      const stops = findings.filter((f) => f.code === 'too-little-liquid');
      expect([grams, stops.length]).toEqual([grams, release.length === 0 ? 1 : 0]);
    }
  });

  it('heats what stands above the juice by steam as soon as there is steam', () => {
    const { heat } = runModel(batchOf(raw, [pressure(10)]), POT, KITCHEN);
    const sealed = heat.trace.gaugeKPa.findIndex((kpa) => kpa > 1);
    const steaming = heat.trace.liquidC.findIndex((c) => c > 95);
    expect(heat.items['c']?.surfaceC[sealed]).toBeGreaterThan(85);
    // Before there is steam, only what lies in the juice gets warm.
    const half = Math.floor(steaming / 2);
    expect(heat.items['c']?.surfaceC[half]).toBeLessThan((heat.trace.liquidC[half] ?? 0) - 20);
  });

  it('scorches, and more water helps', () => {
    const carrots = batchOf([item('c', 'carrot', 500, 'g')], [pressure(5)]);
    expect(finding(carrots, 'too-little-liquid').level).toBe('stop');
    cleared(carrots, 'too-little-liquid');
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
    expect(foamy.worst?.when).toBe('at the valve');
    expect(foamy.worst?.levelL).toBeGreaterThan(foamy.swollenL);
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
    expect(options.map((o) => o.release.method)).toEqual(['quick', 'pulsed', 'timed', 'natural']);
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

  describe('and the chance of liquid at the valve', () => {
    const peas = (litres: number, release: Release = QUICK) =>
      batchOf(
        [item('w', 'water', litres, 'l'), item('p', 'split-peas', 500, 'g')],
        [pressure(10, release)],
      );
    const at = (batch: Batch) => run(batch).release[0];

    it('is told in bursts as for an open valve, but for the foam that falls back', () => {
      const bursts = at(peas(2.6, { method: 'pulsed', duty: 0.1 }));
      const open = at(peas(2.6));
      expect(bursts?.swollenFraction).toBeGreaterThan(0.85 * (open?.swollenFraction ?? 9));
      expect(bursts?.sprayChance).toBeLessThan(open?.sprayChance ?? 0);
      expect(bursts?.sprayChance).toBeGreaterThan(0);
      const narrow = at(peas(2.6, { method: 'pulsed', duty: 0.05 }));
      expect(narrow?.sprayChance).toBe(bursts?.sprayChance);
    });

    it('counts the vapour that cold water on the lid makes', () => {
      const hob = { ...POT, kind: 'stovetop' as const };
      const [cold] = assess(peas(2.6, { method: 'coldwater' }), hob, KITCHEN).release;
      const level = (cold?.swollenFraction ?? 0) * POT.capacityL;
      expect(level).toBeGreaterThan(run(peas(2.6)).fill.hottestL * 1.1);
    });

    it('is never called safe at once above the line, nor above half for starchy foam', () => {
      for (const litres of [1, 2, 2.5, 3, 3.4]) {
        const batch = peas(litres);
        const { fill, findings } = run(batch);
        if (fill.worstL <= fill.lineL) continue;
        expect(at(batch)?.waitMin).not.toBe(0);
        expect(at(batch)?.bursts).toBe(false);
        expect(findings.map((f) => f.code)).toContain('spray-risk');
      }
      const wide = { ...POT, foamFill: 0.66 };
      const over = assess(peas(2.9), wide, KITCHEN);
      expect(over.fill.worstL).toBeLessThan(over.fill.lineL);
      expect(over.release[0]?.waitMin).not.toBe(0);
      expect(over.findings.map((f) => f.code)).toContain('spray-risk');
    });

    it('grows with the level, and falls with the wait', () => {
      const chance = (litres: number, release?: Release): number =>
        at(peas(litres, release))?.sprayChance ?? -1;
      expect(chance(3)).toBeGreaterThan(chance(2.6));
      expect(chance(2.6)).toBeGreaterThan(chance(1.4));
      expect(chance(3, { method: 'timed', afterMin: 20 })).toBeLessThan(chance(3));
      expect(chance(3, { method: 'natural' })).toBe(0);
    });

    it('advises what keeps it small, in the order in which cooks choose', () => {
      // Split peas froth whatever the level, by the manuals of pots.
      expect(at(peas(1))?.advice).toMatch(/^Wait 1\d min, then open the valve slowly/);
      const stock = batchOf([WATER, item('b', 'beef-knuckle', 800, 'g')], [pressure(10, QUICK)]);
      expect(at(stock)?.advice).toBe('The valve can be opened right away, standing back.');
      const full = at(peas(3));
      expect(full?.advice).toMatch(/^(?:Wait \d+ min|Let the pin drop)/);
      const wait = full?.waitMin;
      if (!wait) throw new Error('no wait');
      expect(at(peas(3, { method: 'timed', afterMin: wait }))?.sprayChance).toBeLessThan(0.03);
    });
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
    const hock = (to: string | null) =>
      run(
        batchOf(
          [WATER, item('h', 'ham-hock', 1, 'piece', to ? { stays: [{ to }] } : {})],
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
