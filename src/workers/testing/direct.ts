/** Stands in for the workers where there are none: the same calls, on the same thread. */
import { served } from '../call';
import type { Ask } from '../calls';
import { modelCalls } from '../models';
import { READING_CALLS } from '../reading';
import { togetherBy } from '../together';

/** Few worlds and few draws: a test waits for them on its own thread. */
const WORLDS = 12;
const DRAWS = 24;

const { call } = served({ ...modelCalls(WORLDS), ...READING_CALLS });

export const ask: Ask = async (name, args, { signal, onPart } = {}) => {
  await Promise.resolve();
  signal?.throwIfAborted();
  return (await call(name, args, (part) => onPart?.(part as never))) as never;
};

export const warmModels = (): void => undefined;
export const nextTurn = (): Promise<void> => Promise.resolve();
const together = togetherBy(ask, () => 2, nextTurn);
export const { learnAway, taughtAway, readFileAway } = together;

export const drawAway: typeof together.drawAway = (batch, pot, kitchen, draws, onDraw, signal) =>
  together.drawAway(batch, pot, kitchen, Math.min(draws, DRAWS), onDraw, signal);
