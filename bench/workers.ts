/** The page's draws by several workers, where a device has the cores. */
import { once } from 'node:events';
import { Worker } from 'node:worker_threads';
import { buildSync } from 'esbuild';
import type { Ask } from '../src/workers/calls';
import { togetherBy } from '../src/workers/together';

/** @param many workers that draws are parted among */
export function drawers(many: number) {
  const { outputFiles } = buildSync({
    entryPoints: ['bench/models.worker.ts'],
    bundle: true,
    write: false,
    platform: 'node',
    format: 'cjs',
  });
  const [script] = outputFiles;
  if (!script) throw new Error('no worker was made');
  const workers = Array.from({ length: many }, () => new Worker(script.text, { eval: true }));
  let asked = 0;
  const ask: Ask = async (name, args) => {
    const worker = workers[asked++ % many] as Worker;
    worker.postMessage([name, args]);
    const [answer] = (await once(worker, 'message')) as [never];
    return answer;
  };
  const { drawAway } = togetherBy(
    ask,
    () => many,
    () => Promise.resolve(),
  );
  return {
    drawAway,
    end: (): Promise<unknown> => Promise.all(workers.map((worker) => worker.terminate())),
  };
}
