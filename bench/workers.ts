/** Draws by several workers, where a device has the cores. */
import { once } from 'node:events';
import { Worker } from 'node:worker_threads';
import { buildSync } from 'esbuild';
import { sumDraws, type DrawnPart, type Draws } from '../src/core';
import { REFERENCE } from '../src/core/testing/kitchen';

/** @param many workers, each with a part of the draws */
export function drawers(many: number) {
  const { outputFiles } = buildSync({
    entryPoints: ['bench/draws.worker.ts'],
    bundle: true,
    write: false,
    platform: 'node',
    format: 'cjs',
  });
  const [script] = outputFiles;
  if (!script) throw new Error('no worker was made');
  const workers = Array.from({ length: many }, () => new Worker(script.text, { eval: true }));
  return {
    draw: async (draws: number): Promise<Draws | null> => {
      const parts = workers.map(async (worker, i): Promise<DrawnPart> => {
        const from = Math.floor((i * draws) / many);
        worker.postMessage({ from, to: Math.floor(((i + 1) * draws) / many) });
        const [part] = (await once(worker, 'message')) as [DrawnPart];
        return part;
      });
      return sumDraws(REFERENCE, await Promise.all(parts));
    },
    end: (): Promise<unknown> => Promise.all(workers.map((worker) => worker.terminate())),
  };
}
