import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import type { Bundle, Cook } from '../core/batch/schema';
import { learnFrom, LOOKED_AT, LOOKED_AT_OF_BATCH, teachers, type Teacher } from '../core/learn';
import { holdCook, lookAt, sameHeld, writeHeld } from './held';

const SAMPLE = JSON.parse(readFileSync('demo/harrow-fell.json', 'utf8')) as Bundle;
const COOKS = SAMPLE.cooks;
const [FIRST] = COOKS;
if (!FIRST) throw new Error('no cooks');

/** A value after a round trip through JSON, as a browser keeps it. */
const kept = (cook: Cook) => structuredClone(holdCook(cook));
const isRead = (cook: Cook, field: keyof Cook): boolean =>
  Object.getOwnPropertyDescriptor(cook, field)?.get === undefined;

describe('a cook that is held', () => {
  it('is the same when it is looked at: to the letter, in its order, and when it is copied', () => {
    for (const cook of COOKS) {
      expect(lookAt(kept(cook))).toEqual(cook);
      expect(JSON.stringify(lookAt(kept(cook)))).toBe(JSON.stringify(cook));
      expect({ ...lookAt(kept(cook)) }).toEqual(cook);
      expect(structuredClone(lookAt(kept(cook)))).toEqual(cook);
    }
  });

  it('is, whatever a newer version has put into it', () => {
    fc.assert(
      fc.property(fc.dictionary(fc.string(), fc.jsonValue()), (more) => {
        const cook = { ...more, ...FIRST };
        expect(JSON.stringify(lookAt(kept(cook)))).toBe(JSON.stringify(cook));
      }),
    );
  });

  it('has its parts read when they are looked at, and not before', () => {
    const cook = lookAt(kept(FIRST));
    expect([cook.startedAt, cook.endedAt, 'lesson' in cook]).toEqual([
      FIRST.startedAt,
      FIRST.endedAt,
      true,
    ]);
    expect(cook.batch.name).toBe(FIRST.batch.name);
    expect(isRead(cook, 'predicted') || isRead(cook, 'lesson')).toBe(false);
    const { predicted } = cook;
    expect(predicted.totalMin).toBe(FIRST.predicted.totalMin);
    expect(cook.predicted).toBe(predicted);
    expect(isRead(cook, 'predicted')).toBe(true);
    expect(isRead(cook, 'lesson')).toBe(false);
  });

  it('is held again as it was, and changed as any other', () => {
    const held = kept(FIRST);
    expect(sameHeld(holdCook(lookAt(held)), held)).toBe(true);
    const noted = { ...lookAt(held), note: 'after' };
    expect(sameHeld(holdCook(noted), held)).toBe(false);
    expect(lookAt(kept(noted))).toEqual({ ...FIRST, note: 'after' });
    const renamed = { ...FIRST, batch: { ...FIRST.batch, name: 'Another' } };
    expect(sameHeld(holdCook(renamed), held)).toBe(false);
    expect(lookAt(kept(renamed)).batch.name).toBe('Another');
    const { note: _, ...bare } = noted;
    expect(sameHeld(holdCook(bare), held)).toBe(FIRST.note === undefined);
  });

  it('is handed to learning as a text that teaches the same, and read for it by nobody', () => {
    const held = COOKS.map((cook) => lookAt(kept(cook)));
    const text = writeHeld(teachers(held), LOOKED_AT, LOOKED_AT_OF_BATCH);
    expect(held.some((cook) => isRead(cook, 'lesson') || isRead(cook, 'pot'))).toBe(false);
    const cooks = JSON.parse(text) as readonly Teacher[];
    expect(learnFrom({ ...SAMPLE, cooks })).toEqual(learnFrom(SAMPLE));
    expect(text.length).toBeLessThan(0.7 * JSON.stringify(COOKS).length);
  });
});
