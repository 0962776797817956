/** The models in a thread of Node, as a worker of the page has them. */
import { parentPort } from 'node:worker_threads';
import { served } from '../src/workers/call';
import { modelCalls } from '../src/workers/models';

const { call } = served(modelCalls());
parentPort?.on('message', ([name, args]: [string, readonly unknown[]]) => {
  void call(name, args, () => undefined).then((answer) => parentPort?.postMessage(answer));
});
