import type { Answer, Args, Ask, Asking, CallName } from './calls';
import { sparedCores } from './cores';
import { togetherBy } from './together';
import { nextTurn } from './turn';

/** The workers' client; loaded when it is first needed, since a page whose answers are kept asks nothing. */
const client = () => import('./client');

/** Asks a worker. @throws what the call threw, or the reason of the signal that ended it */
export const ask: Ask = async <N extends CallName>(
  name: N,
  args: Readonly<Args<N>>,
  asking?: Asking<N>,
): Promise<Answer<N>> => (await client()).ask(name, args, asking);

/** Starts the models while the page is still opening what they are about. */
export function warmModels(): void {
  void client().then((loaded) => loaded.warmModels());
}

export { nextTurn };
export const { learnAway, taughtAway, drawAway, readFileAway } = togetherBy(
  ask,
  sparedCores,
  nextTurn,
);
