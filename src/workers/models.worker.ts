/** The models, away from the main thread. */
import { expose } from 'comlink';
import { served } from './call';
import { modelCalls } from './models';

expose(served(modelCalls()));
