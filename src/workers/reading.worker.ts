/** Reading, away from the main thread. */
import { expose } from 'comlink';
import { served } from './call';
import { READING_CALLS } from './reading';

expose(served(READING_CALLS));
