/** @jest-environment jsdom */
import 'fake-indexeddb/auto';
import { follow } from '@/core/keep';
import { POT } from '@/core/testing/kitchen';
import { coolingDue } from './CoolingCalls';

const AT = '2026-11-24T18:00:00.000Z';
const told = (way: string, litres = 3) =>
  follow(
    { way, litres, thick: true, startC: 95, at: AT },
    POT,
    { pans: 3, iceKg: 10, jars: [{ kind: 'litre', count: 6 }] },
    { ambientC: 20, altitudeM: 0, fridgeC: 4 },
  );

/** Calls minute by minute, each once. */
function called(way: string, litres?: number): readonly string[] {
  const found = told(way, litres);
  const ids = Array.from({ length: 900 }, (_, minute) => coolingDue(found, minute)?.id ?? null);
  return [...new Set(ids.filter((id) => id !== null))];
}

describe('what cools calls', () => {
  it('to be stirred in its ice, and then into the fridge', () => {
    const ids = called('ice', 5);
    expect(ids[0]).toBe('stir 1');
    expect(ids.at(-1)).toBe('fridge');
    expect(ids).not.toContain('lost');
  });

  it('into the fridge when it no longer steams, from shallow pans', () => {
    expect(called('pans')).toEqual(['fridge']);
  });

  it('when it has stood out too long', () => {
    expect(called('pot-base', 5)).toEqual(['lost']);
  });

  it('half an hour and no longer: nobody sees what is done in the kitchen', () => {
    const found = told('pans');
    const minutes = Array.from({ length: 900 }, (_, minute) => minute).filter(
      (minute) => coolingDue(found, minute)?.id === 'fridge',
    );
    expect(minutes.length).toBe(30);
  });
});
