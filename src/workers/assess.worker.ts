/** The models, away from the main thread. */
import { expose } from 'comlink';
import { assess, drawBatch } from '../core/assess';

const api = { assess, drawBatch };

export type AssessApi = typeof api;

expose(api);
