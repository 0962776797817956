/** Other devices: who is here, which one calls aloud, who was away for long. */
import {
  ALONE,
  backAgain,
  callerOf,
  isCaller,
  mayCompare,
  namesGone,
  namesHere,
  parted,
  type MeetingState,
} from './state';

const state = (touchedMs: number, others: readonly number[]): MeetingState => ({
  ...ALONE,
  touchedMs,
  present: Object.fromEntries(
    others.map((at, i) => [`d${i}`, { name: `Device ${i}`, heardMs: 0, touchedMs: at }]),
  ),
});

describe('the device that calls aloud', () => {
  it.each([
    ['alone', 0, [], true],
    ['touched last', 5, [4, 1], true],
    ['touched before another', 3, [4, 1], false],
    // Rather two that call than none.
    ['touched by nobody, as all others', 0, [0], true],
  ] as const)('is one that is %s: %d, others %j', (_, touchedMs, others, is) => {
    expect(isCaller(state(touchedMs, others))).toBe(is);
  });
});

describe('the names of the other devices', () => {
  it('are listed as in a sentence, and are empty when this one is alone', () => {
    expect(namesHere(state(0, []))).toBe('');
    expect(namesHere(state(0, [1, 2, 3]))).toBe('Device 0, Device 1 and Device 2');
  });

  it('include the caller, unless this device calls', () => {
    expect(callerOf(state(3, [1, 4, 2]))).toBe('Device 1');
    expect(callerOf(state(5, [1, 4, 2]))).toBe('');
  });
});

describe('a device out of reach', () => {
  it('is named where it was here since a time, until it is back', () => {
    const here = { ...state(0, [1, 2]), touchedMs: 9 };
    const after = { ...here, ...parted(here, (id) => id === 'd1') };
    expect([namesHere(after), namesGone(after, 0), namesGone(after, 1)]).toEqual([
      'Device 0',
      'Device 1',
      '',
    ]);
  });
});

describe('a device that comes back', () => {
  const met = '2026-03-01T12:00:00.000Z';
  const after = (days: number): number => Date.parse(met) + days * 86_400_000;

  it.each([
    [89, null],
    [91, 'Phone was away for over 90 days. Anything deleted in that time may have come back.'],
  ])('after %d days is told: %s', (days, notice) => {
    expect(backAgain({ id: 'p', name: 'Phone', met }, after(days))).toBe(notice);
  });
});

describe('comparisons with a device in a row', () => {
  it('go on at once while they are few, and slowly but for ever when they are many', () => {
    expect(mayCompare({ times: 7, at: 1000 }, 1000)).toBe(true);
    expect(mayCompare({ times: 8, at: 1000 }, 15_999)).toBe(false);
    expect(mayCompare({ times: 8, at: 1000 }, 16_000)).toBe(true);
    expect(mayCompare({ times: 500, at: 1000 }, 16_000)).toBe(true);
  });
});
