import fc from 'fast-check';
import { graduations, levelY, placePieces, spread, wellFrame } from './geometry';

const POT = { capacityL: 5.7, innerDiameterCm: 22 };
const FRAME = wellFrame(POT, 320);

describe('the Well', () => {
  it('is to scale: depth and width have the pot’s own ratio', () => {
    const depthCm = 5700 / ((Math.PI / 4) * 22 ** 2);
    const ratio = (FRAME.bottom - FRAME.top) / (FRAME.right - FRAME.left);
    expect(ratio).toBeCloseTo(depthCm / 22, 6);
  });

  it('puts the brim at the top and nothing at the bottom', () => {
    expect(levelY(FRAME, 5.7)).toBeCloseTo(FRAME.top, 6);
    expect(levelY(FRAME, 0)).toBe(FRAME.bottom);
    expect(levelY(FRAME, 99)).toBe(FRAME.top - 6);
  });

  it('has graduations in the kitchen’s units, inside the pot', () => {
    const labels = (units: 'metric' | 'us') =>
      graduations(FRAME, 5.7, units)
        .map((g) => g.label)
        .filter(Boolean);
    expect(labels('metric')).toEqual(['1 L', '2 L', '3 L', '4 L', '5 L']);
    expect(labels('us')).toEqual(['1 qt', '2 qt', '3 qt', '4 qt', '5 qt', '6 qt']);
    for (const g of graduations(FRAME, 5.7, 'us')) expect(g.y).toBeGreaterThan(FRAME.top);
  });

  it('keeps labels apart and above the foot', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 20, max: 180 }), { maxLength: 6 }), (ys) => {
        const placed = spread(
          ys.map((y, i) => ({ key: String(i), y })),
          13,
          190,
        );
        for (let i = 1; i < placed.length; i++)
          expect((placed[i]?.y ?? 0) - (placed[i - 1]?.y ?? 0)).toBeGreaterThanOrEqual(13 - 1e-9);
        for (const label of placed) expect(label.y).toBeLessThanOrEqual(190);
      }),
    );
  });

  it('lays pieces inside the walls and under the heap, larger ones first', () => {
    const items = [
      { volumeL: 0.9, piece: { n: 3, mm: 46 }, group: 'meat' as const },
      { volumeL: 0.1, piece: { n: 3, mm: 4 }, group: 'grain' as const },
      { volumeL: 2, piece: null, group: 'liquid' as const },
    ];
    const heap = 60;
    const pieces = placePieces(items, FRAME, heap);
    expect(pieces.length).toBeGreaterThan(4);
    expect(pieces.length).toBeLessThan(200);
    for (const p of pieces) {
      expect(p.x).toBeGreaterThan(FRAME.left);
      expect(p.x).toBeLessThan(FRAME.right);
      expect(p.y).toBeLessThanOrEqual(FRAME.bottom);
      expect(p.y).toBeGreaterThanOrEqual(FRAME.bottom - heap - 2);
    }
    expect(pieces[0]?.group).toBe('meat');
    expect(placePieces([], FRAME, heap)).toEqual([]);
  });
});
