import { BONES_CHECKS } from './bones';
import { DONENESS, FILL, FINISH, RELEASE } from './cook';
import { FOODS_GROUP } from './foods';
import { HEAT } from './heat';
import { KEEP } from './keep';
import { PIECES } from './pieces';
import { WATER } from './water';
import type { CheckGroup } from './check';

/** Everything that is held against something outside the project. */
export const CHECKS: readonly CheckGroup[] = [
  WATER,
  FOODS_GROUP,
  FILL,
  HEAT,
  RELEASE,
  DONENESS,
  PIECES,
  BONES_CHECKS,
  FINISH,
  KEEP,
];

export { holds, type Check, type CheckGroup } from './check';
