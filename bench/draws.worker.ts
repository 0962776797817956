/** Draws parts of the reference batch, as a worker of the page does. */
import { parentPort } from 'node:worker_threads';
import { drawPart } from '../src/core';
import { KITCHEN, POT, REFERENCE } from '../src/core/testing/kitchen';

parentPort?.on('message', (part: { readonly from: number; readonly to: number }) => {
  parentPort?.postMessage(drawPart(REFERENCE, POT, KITCHEN, { seed: 1, ...part }));
});
