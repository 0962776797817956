/** A cook on the practice pot in a test: its time is moved by hand, look by look, and the page follows. */
import { act, cleanup, fireEvent, render } from '@testing-library/react';
import { fixedClock, type FixedClock } from '@/session/clock';
import { ClockContext, PageClockContext } from '@/ui/clock';
import { StoveScreen } from '../StoveScreen';

/** The practice pot is looked at so often, ms of the wall's. */
const LOOK_MS = 400;
/** No cook of a test takes longer, in looks. */
const MOST = 600;

/** By its text alone: a look for roles takes longer than all that is cooked. */
export function button(name: string | RegExp): HTMLElement | null {
  const is = (text: string): boolean =>
    typeof name === 'string' ? text === name : name.test(text);
  return [...document.querySelectorAll('button')].find((one) => is(one.textContent ?? '')) ?? null;
}

/** @throws where there is no such button */
export function press(name: string | RegExp): void {
  const found = button(name);
  if (!found) throw new Error(`no button ${String(name)}`);
  fireEvent.click(found);
}

/** A part of the page by its name; null where it is not there. */
export const region = (name: string): HTMLElement | null =>
  document.querySelector(`[aria-label="${name}"]`);

/**
 * Stands at the stove. Jest's timers must be fake.
 *
 * @param stepMs of the cook's time between two looks
 */
export function atTheStove(id: string, startedAt: string, stepMs: number) {
  const clock: FixedClock = fixedClock(Date.parse(startedAt));
  const open = () =>
    render(
      <PageClockContext value={clock}>
        <ClockContext value={clock}>
          <StoveScreen id={id} />
        </ClockContext>
      </PageClockContext>,
    );
  open();
  /** Time passes: the practice pot is looked at, and what it says is drawn. */
  const pass = (): Promise<void> =>
    act(async () => {
      clock.moveTo(clock.now() + stepMs);
      await jest.advanceTimersByTimeAsync(LOOK_MS);
    });
  /** @throws where it never comes */
  const until = async (found: () => unknown): Promise<void> => {
    for (let n = 0; n < MOST; n++) {
      if (found()) return;
      await pass();
    }
    throw new Error(`it never came: ${document.body.textContent?.slice(0, 400) ?? ''}`);
  };
  /** The page is closed for so many minutes. */
  const away = (minutes: number): void => {
    cleanup();
    clock.moveTo(clock.now() + minutes * 60_000);
    open();
  };
  return { pass, until, away };
}
