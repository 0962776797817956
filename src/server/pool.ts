/** The threads of the server: what is worked out there never stands in the way of other calls. */
import { availableParallelism } from 'node:os';
import path from 'node:path';
import { Piscina } from 'piscina';
import { Refusal } from './answers';
import { LONGEST_WORK_MS, WORK_WAITING } from './bounds';
import type { Work, Worked } from './work';

/** More threads are not worth their memory. */
const MOST_THREADS = 4;
const MOST_MB = 512;

let pool: Piscina<Work, Worked> | null = null;

/** Started with the first call. */
function threads(): Piscina<Work, Worked> {
  pool ??= new Piscina<Work, Worked>({
    filename: process.env['RETORT_WORK'] ?? path.join(process.cwd(), 'build', 'work.mjs'),
    maxThreads: Math.max(1, Math.min(MOST_THREADS, availableParallelism() - 1)),
    minThreads: 1,
    maxQueue: WORK_WAITING,
    resourceLimits: { maxOldGenerationSizeMb: MOST_MB },
  });
  return pool;
}

/** How many threads there are, and how much waits for them; null where none was started yet. */
export function poolLoad(): { readonly threads: number; readonly waiting: number } | null {
  return pool && { threads: pool.threads.length, waiting: pool.queueSize };
}

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
  const signal = AbortSignal.timeout(LONGEST_WORK_MS);
  let worked: Worked;
  try {
    worked = await threads().run(asked, { signal });
  } catch (error) {
    const busy = error instanceof Error && /queue/i.test(error.message);
    if (busy || signal.aborted)
      throw new Refusal(503, 'There is too much to do just now. Try again in a moment.', 5);
    throw error;
  }
  if (!worked.ok) throw new Refusal(worked.status, worked.reasons);
  return worked.output;
}
