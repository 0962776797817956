import { ask, sparedCores } from './client';
import { togetherBy } from './together';
import { nextTurn } from './turn';

export { ask, warmModels } from './client';
export { nextTurn };
export const { learnAway, taughtAway, drawAway, readFileAway } = togetherBy(
  ask,
  sparedCores,
  nextTurn,
);
