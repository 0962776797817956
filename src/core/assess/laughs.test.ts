/** Calls that made a cook laugh, and what is said instead. */
import type { Batch } from '../batch/schema';
import { batchOf, item, KITCHEN, POT, pressure, SEA_LEVEL } from '../testing/kitchen';
import { assess } from '.';

const calls = (batch: Batch) => assess(batch, POT, KITCHEN, { curves: false }).findings;
const codes = (batch: Batch): readonly string[] => calls(batch).map(({ code }) => code);
const WATER = item('w', 'water', 1.4, 'l');

describe('what is not called any more', () => {
  it('lets onion and ginger stay in a stock for as long as its bones', () => {
    const stock = batchOf(
      [
        item('w', 'water', 2.2, 'l'),
        item('b', 'beef-knuckle', 1, 'kg'),
        item('o', 'onion', 1, 'piece', { cut: { shape: 'whole', mm: 70 } }),
        item('g', 'ginger', 30, 'g'),
      ],
      [pressure(180)],
      { kind: 'broth' },
    );
    expect(codes(stock)).not.toContain('over-extracted');
  });

  it('holds potatoes against the fill line, and beans against the foam line', () => {
    const foams = (food: string): boolean =>
      assess(batchOf([WATER, item('x', food, 700, 'g')], [pressure(8)]), POT, KITCHEN).fill.foams;
    expect([foams('potato'), foams('navy-beans')]).toEqual([false, true]);
  });

  it('stirs milk in and lays only on top what lies', () => {
    const milk = batchOf(
      [
        item('m', 'milk', 900, 'ml'),
        item('t', 'tomato-paste', 60, 'g'),
        item('p', 'potato', 500, 'g'),
      ],
      [pressure(6)],
    );
    const catches = calls(milk).find(({ title }) => title === 'It may burn on the bottom');
    expect(catches?.message).toContain('Lay tomato paste on top, unstirred');
    expect(catches?.message).toContain('stir milk well into the thin liquid');
    expect(catches?.message).not.toMatch(/milk on top/i);
  });

  it('warns of a thick dal that scorches, and says how much water it wants', () => {
    const dal = (litres: number): Batch =>
      batchOf([item('w', 'water', litres, 'l'), item('d', 'red-lentils', 300, 'g')], [pressure(8)]);
    const said = (litres: number) =>
      calls(dal(litres)).find(({ title }) => title === 'Red lentils may burn on the bottom');
    expect(said(1.4)).toBeUndefined();
    const [remedy] = said(0.55)?.remedies ?? [];
    expect(remedy).toMatchObject({ do: 'set-water' });
    expect(remedy?.do === 'set-water' && said(remedy.litres)).toBeUndefined();
  });
});

describe('a pot boiled dry', () => {
  it('says so, and has no strength', () => {
    const dry = batchOf(
      [item('w', 'water', 0.5, 'l'), item('f', 'chicken-feet', 500, 'g', { for: 'flavour' })],
      [{ id: 's1', kind: 'simmer', minutes: 240 }],
      { kind: 'broth' },
    );
    const { bones, findings } = assess(dry, POT, SEA_LEVEL, { curves: false });
    expect(findings.map(({ title }) => title)).toContain('It boils dry and scorches');
    expect(bones[0]).toMatchObject({ gPerL: 0, setsGPerL: 0 });
    expect(findings.map(({ code }) => code)).not.toContain('thin-set');
  });
});
