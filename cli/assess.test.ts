import { execFileSync, spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { buildSync } from 'esbuild';

const DEMO = 'demo/harrow-fell.json';

/** Bundled into one file: reading the sources at every call would take most of the time. */
const CLI = path.join(mkdtempSync(path.join(tmpdir(), 'retort-cli-')), 'assess.mjs');
beforeAll(() => {
  buildSync({
    entryPoints: ['cli/assess.ts'],
    bundle: true,
    platform: 'node',
    format: 'esm',
    outfile: CLI,
    // Serves the parts that modules load by name.
    banner: {
      js: "import{createRequire}from'node:module';const require=createRequire(import.meta.url);",
    },
  });
});
afterAll(() => rmSync(path.dirname(CLI), { recursive: true, force: true }));

function call(...args: string[]) {
  const done = spawnSync('node', [CLI, ...args], {
    encoding: 'utf8',
    env: { ...process.env, INIT_CWD: process.cwd() },
  });
  return { code: done.status, out: done.stdout, err: done.stderr };
}

describe('assess on the command line', () => {
  it('prints one object with every field of the contract', () => {
    const text = execFileSync(
      'node',
      ['--import', 'tsx', 'cli/assess.ts', DEMO, '--batch', 'b4', '--draws', '20', '--seed', '3'],
      { encoding: 'utf8' },
    );
    const a = JSON.parse(text) as Record<string, Record<string, unknown> & unknown[]>;
    expect(Object.keys(a)).toEqual([
      'batch',
      'pot',
      'setpointC',
      'fill',
      'time',
      'items',
      'release',
      'bones',
      'salt',
      'findings',
    ]);
    expect(Object.keys(a['fill'] ?? {})).toEqual([
      'maxL',
      'foamL',
      'lidOnL',
      'hottestL',
      'swollenL',
      'releaseL',
      'finishedBrothL',
      'waterToLineL',
      'scaleToFit',
    ]);
    expect(Object.keys(a['items']?.[0] ?? {})).toEqual([
      'id',
      'food',
      'massG',
      'centreC',
      'cookValueCentreMin',
      'cookValueSurfaceMin',
      'needMin',
      'limitMin',
      'verdict',
      'grade',
      'wish',
      'for',
    ]);
    expect(Object.keys(a['release']?.[0] ?? {})).toEqual([
      'step',
      'method',
      'minutes',
      'steamG',
      'swollenFraction',
      'sprayChance',
      'advice',
    ]);
    expect(Object.keys(a['findings']?.[0] ?? {})).toEqual(['code', 'level', 'message', 'numbers']);
    const total = a['time']?.['totalMin'] as { p10: number; p50: number; p90: number };
    expect(total.p10).toBeLessThan(total.p50);
    expect(total.p50).toBeLessThan(total.p90);
    expect(a['time']?.['band']).toEqual({ timesInTen: 8, draws: 20 });
  });

  it('says that there is no band when nothing is drawn', () => {
    const a = JSON.parse(call(DEMO, '--draws', '0').out) as { time: Record<string, unknown> };
    expect(a.time['band']).toBeNull();
    expect(a.time['totalMin']).toEqual({ p10: null, p50: expect.any(Number), p90: null });
  });

  it('tells the runs of a stock’s bones, the same for the same draws', () => {
    const stock = (): string => call(DEMO, '--batch', 'b3', '--draws', '12', '--seed', '5').out;
    const text = stock();
    const a = JSON.parse(text) as { bones: readonly Record<string, unknown>[]; salt: unknown };
    expect(a.bones).toHaveLength(3);
    for (const b of a.bones)
      expect(Object.keys(b)).toEqual(['run', 'gelatineG', 'gPerL', 'share', 'set']);
    expect(a.bones.map((b) => b['set'])).toEqual(['soft set', 'pourable', 'pourable']);
    expect(a.salt).toEqual({ grams: 0, percent: 0 });
    expect(stock()).toBe(text);
  });

  it('takes a batch of foods and amounts alone, by the names a cook would use', () => {
    const file = path.join(mkdtempSync(path.join(tmpdir(), 'retort-')), 'bare.json');
    writeFileSync(
      file,
      JSON.stringify({
        format: 'retort',
        version: 1,
        pots: [{ capacityL: 5.7 }],
        batches: [
          {
            items: [
              { food: 'veal knuckle', amount: { value: 800, unit: 'g' } },
              { food: 'noodles', amount: { value: 150, unit: 'g' } },
              { food: 'water', amount: { value: 1.5, unit: 'l' } },
            ],
          },
        ],
      }),
    );
    const a = JSON.parse(call(file, '--draws', '0').out) as {
      items: readonly { food: string }[];
      time: { steps: readonly { kind: string }[] };
      findings: readonly { code: string }[];
    };
    expect(a.items.map((i) => i.food)).toEqual(['veal-knuckle', 'egg-noodles', 'water']);
    expect(a.time.steps.map((s) => s.kind)).toEqual(['pressure']);
    expect(a.findings.map((f) => f.code)).toContain('noodles-drink');
  });

  it('refuses a bad file with code 2, reasons on stderr and nothing on stdout', () => {
    const file = path.join(mkdtempSync(path.join(tmpdir(), 'retort-')), 'bad.json');
    writeFileSync(
      file,
      JSON.stringify({
        format: 'retort',
        version: 1,
        pots: [{ capacityL: -3 }],
        batches: [{ items: [{ food: 'xyzzy' }] }],
      }),
    );
    const bad = call(file);
    expect(bad.code).toBe(2);
    expect(bad.out).toBe('');
    expect(bad.err).toContain('pots[0].capacityL: found -3, wanted a number from 1 to 50 L');
    expect(bad.err).toContain('batches[0].items[0].amount: found nothing, wanted an amount');
  });

  it('refuses a bad call', () => {
    expect(call().code).toBe(2);
    expect(call('nowhere.json').err).toContain('cannot read nowhere.json');
    expect(call(DEMO, '--batch', 'zz').err).toContain('wanted one of b1, b2');
    expect(call(DEMO, '--draws', 'many').err).toContain('whole number');
  });
});
