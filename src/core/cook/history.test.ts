import type { Cook, MarkKind } from '../batch/schema';
import { cookOf } from '../testing/cooks';
import { batchOf, item, pressure } from '../testing/kitchen';
import { markAt } from '../testing/marks';
import { historyOf, howWarmAsked, stoodOf } from './history';

const START = '2026-11-24T10:00:00.000Z';
const ms = (minute: number): number => Date.parse(START) + minute * 60_000;
const at = (minute: number): string => new Date(ms(minute)).toISOString();

const CHICKEN = batchOf(
  [item('w', 'water', 1.5, 'l'), item('c', 'chicken-thigh', 4, 'piece')],
  [pressure(15)],
);
const LENTILS = batchOf(
  [item('w', 'water', 1.5, 'l'), item('l', 'red-lentils', 200, 'g')],
  [pressure(6)],
);
type Given = readonly [kind: MarkKind, minute: number, value?: number, item?: string];
const cooked = (batch = CHICKEN, ...marks: readonly Given[]): Cook => {
  const cook = cookOf('c1', batch, START);
  return {
    ...cook,
    marks: [
      ...cook.marks,
      ...marks.map(([kind, minute, value, of]) =>
        markAt(kind, at(minute), {
          ...(value !== undefined && { value, step: null }),
          ...(of && { item: of }),
        }),
      ),
    ],
  };
};
const SERVED: readonly Given[] = [
  ['lid-locked', 5],
  ['at-pressure', 20],
  ['pin-down', 60],
  ['lid-off', 61],
];

describe('the history of a pot', () => {
  it('counts raw food from the moment it was ticked, and from the start where nothing was', () => {
    const late = cooked(CHICKEN, ['lid-locked', 180], ['at-pressure', 195]);
    expect(stoodOf(late, ms(200))).toMatchObject({ why: 'raw', presumed: true });
    const ticked = cooked(
      CHICKEN,
      ['ticked', 170, undefined, 'c'],
      ['lid-locked', 180],
      ['at-pressure', 195],
    );
    expect(stoodOf(ticked, ms(200)).lostMin).toBeNull();
  });

  it('counts no standing of what does not spoil raw', () => {
    const dry = cooked(LENTILS, ['lid-locked', 400], ['at-pressure', 412]);
    expect(stoodOf(dry, ms(415)).lostMin).toBeNull();
  });

  it('presumes nothing good of a pot that nobody looks at', () => {
    const cook = cooked(CHICKEN, ...SERVED);
    expect(howWarmAsked(cook, ms(100))).toBe(false);
    expect(howWarmAsked(cook, ms(200))).toBe(true);
    expect(stoodOf(cook, ms(600))).toMatchObject({ why: 'first-limb', presumed: true });
  });

  it('takes a hot reading for a pot that was held hot', () => {
    const cook = cooked(CHICKEN, ...SERVED, ['temperature', 400, 68]);
    expect(stoodOf(cook, ms(405)).lostMin).toBeNull();
    expect(howWarmAsked(cook, ms(405))).toBe(false);
  });

  it('reckons by Newton’s law when a cooler pot fell below 57 °C', () => {
    // From 95 to 40 °C in 3 h in a room of 20 °C it is at 57 °C after 99 min.
    const cook = cooked(CHICKEN, ...SERVED, ['temperature', 241, 40]);
    const { lostMin, warmMin } = stoodOf(cook, ms(242));
    expect(lostMin).toBeNull();
    expect(warmMin).toBeGreaterThan(75);
    expect(warmMin).toBeLessThan(90);
    const later = cooked(CHICKEN, ...SERVED, ['temperature', 421, 30]);
    expect(stoodOf(later, ms(422))).toMatchObject({ why: 'first-limb', presumed: false });
  });

  it('begins to count when the heat went off, where somebody says so', () => {
    const on = cooked(CHICKEN, ...SERVED, ['heat-off', 400], ['temperature', 430, 60]);
    expect(stoodOf(on, ms(431)).lostMin).toBeNull();
    expect(
      historyOf(on, ms(431))
        .spans.slice(1)
        .map(({ how }) => how),
    ).not.toContain('presumed');
  });

  it('goes on with the cooling, by its readings', () => {
    const cook = cooked(CHICKEN, ...SERVED);
    const cooling = { way: 'pans', litres: 1, startC: 90, at: at(70) };
    const cold = { ...cook, after: { cooling } };
    expect(stoodOf(cold, ms(1000)).lostMin).toBeNull();
    expect(howWarmAsked(cold, ms(1000))).toBe(false);
    const slow = {
      ...cook,
      after: { cooling: { ...cooling, readings: [{ at: at(300), celsius: 35 }] } },
    };
    expect(stoodOf(slow, ms(301))).toMatchObject({ why: 'first-limb', presumed: false });
    const base = { ...cook, after: { cooling: { ...cooling, way: 'pot-base' } } };
    expect(stoodOf(base, ms(500)).lostMin).not.toBeNull();
  });
});
