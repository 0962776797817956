/** Reading of the stove's big clock. */
import type { Stage, Standing } from '@/core/cook';

export interface ClockFace {
  /** "12:05", with a minus sign when time is over. */
  readonly text: string;
  readonly caption: string;
  readonly over: boolean;
}

function minutesSeconds(minutes: number): string {
  const seconds = Math.max(0, Math.round(minutes * 60));
  const rest = String(seconds % 60).padStart(2, '0');
  return `${Math.floor(seconds / 60)}:${rest}`;
}

/** Counts down what the clock or the plan knows, up what it does not. */
export function clockFace(stage: Stage, at: Standing): ClockFace {
  if (stage.kind === 'load' && stage.expectMin > 0 && at.leftMin >= 0)
    return { text: minutesSeconds(at.leftMin), caption: 'till it starts', over: false };
  if (stage.expectMin <= 0)
    return { text: minutesSeconds(at.elapsedMin), caption: 'so far', over: false };
  if (at.leftMin >= 0)
    return {
      text: minutesSeconds(at.leftMin),
      caption: stage.mark === null || stage.kind === 'hold' ? 'left' : 'left, as predicted',
      over: false,
    };
  return {
    text: `+${minutesSeconds(-at.leftMin)}`,
    caption: stage.kind === 'hold' ? 'over its time' : 'longer than predicted',
    over: true,
  };
}
