/** Which of several devices calls aloud. */
import { ALONE, isCaller, type MeetingState } from './state';

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
