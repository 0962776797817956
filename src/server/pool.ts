/** Worker threads of the server, so that heavy work never blocks other calls. */
import { availableParallelism } from 'node:os';
import path from 'node:path';
import { Piscina } from 'piscina';
import { Refusal } from './answers';
import { LONGEST_WORK_MS, WORK_WAITING } from './bounds';
import { gate } from './gate';
import type { Work, Worked } from './work';

/** More threads are not worth their memory; one core is left to the calls. */
const THREADS = Math.max(1, Math.min(4, availableParallelism() - 1));
const MOST_MB = 512;
const RETRY_S = 5;

/** Calls in progress, and calls that wait for a thread. */
const ROOM = gate(THREADS, WORK_WAITING);

let pool: Piscina<Work, Worked> | null = null;

/** Started with the first call. */
function threads(): Piscina<Work, Worked> {
  pool ??= new Piscina<Work, Worked>({
    filename: process.env['RETORT_WORK'] ?? path.join(process.cwd(), 'build', 'work.mjs'),
    maxThreads: THREADS,
    minThreads: 1,
    resourceLimits: { maxOldGenerationSizeMb: MOST_MB },
  });
  return pool;
}

/** How much is worked out, and how much waits for a thread. */
export const workLoad = ROOM.load;

/** Ends the threads; for tests. */
export async function endPool(): Promise<void> {
  await pool?.destroy();
  pool = null;
}

/**
 * Does a piece of work in a thread.
 *
 * @throws Refusal with the reasons, 503 where too much waits or it takes too long
 */
export async function workOut(asked: Work): Promise<unknown> {
  const worked = await ROOM.run(async () => {
    const signal = AbortSignal.timeout(LONGEST_WORK_MS);
    try {
      return await threads().run(asked, { signal });
    } catch (error) {
      if (!signal.aborted) throw error;
      throw new Refusal(503, 'This takes too long here. Try again, or send less.', RETRY_S);
    }
  });
  if (!worked.ok) throw new Refusal(worked.status, worked.reasons);
  return worked.output;
}
