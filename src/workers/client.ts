/** The main thread's end of the workers: which worker a call goes to, and what it is called. */
import type { Batch, Cook } from '../core/batch/schema';
import { sparedCores } from './cores';
import type { Answer, Args, Ask, Asking, CallName } from './calls';
import { started, watched, type Asked, type Watched } from './watched';

const models = (): Worker =>
  new Worker(new URL('./models.worker.ts', import.meta.url), { type: 'module' });
const reading = (): Worker =>
  new Worker(new URL('./reading.worker.ts', import.meta.url), { type: 'module' });

interface Pool {
  readonly make: () => Worker;
  /** A cancelled call ends its worker. */
  readonly endsAborted?: boolean;
  readonly size?: () => number;
}

/** Workers, parted so that nobody waits for what takes long. */
const POOLS = {
  /** Calls that the Bench waits for. */
  bench: { make: models },
  draws: { make: models, endsAborted: true, size: sparedCores },
  search: { make: models, endsAborted: true },
  /** Predictions at the stove, and lessons. */
  stove: { make: models },
  /** The practice pot: it is looked at all the time. */
  device: { make: models },
  larder: { make: models },
  reader: { make: reading },
} as const satisfies Record<string, Pool>;

type PoolName = keyof typeof POOLS;

interface Route<N extends CallName> {
  readonly pool: PoolName;
  /** Name of the computation, in words. */
  readonly what: string | ((...args: Readonly<Args<N>>) => string);
}

const ofBatch = ({ name }: Batch): string => name;
const ofCook = ({ batch }: Cook): string => batch.name;

const ROUTES: { readonly [N in CallName]: Route<N> } = {
  assess: { pool: 'bench', what: ofBatch },
  compareReleases: { pool: 'bench', what: ofBatch },
  nextRun: { pool: 'bench', what: ofBatch },
  learn: { pool: 'bench', what: 'What your cooks taught' },
  draw: { pool: 'draws', what: ofBatch },
  sumDraws: { pool: 'draws', what: ofBatch },
  judge: { pool: 'draws', what: ofBatch },
  solve: { pool: 'search', what: ofBatch },
  fitted: { pool: 'search', what: ofBatch },
  timed: { pool: 'search', what: ofBatch },
  planRunOffs: { pool: 'search', what: ofBatch },
  believe: { pool: 'stove', what: ofCook },
  propose: { pool: 'stove', what: ofCook },
  choices: { pool: 'stove', what: ofCook },
  weigh: { pool: 'stove', what: ofCook },
  leaving: { pool: 'stove', what: ofCook },
  tableDoor: { pool: 'stove', what: ofCook },
  lesson: { pool: 'stove', what: ofCook },
  taught: { pool: 'stove', what: ofCook },
  debrief: { pool: 'stove', what: ofCook },
  standIn: { pool: 'device', what: 'The practice pot' },
  coolWays: { pool: 'larder', what: 'Cooling' },
  followCooling: { pool: 'larder', what: 'Cooling' },
  daysAhead: { pool: 'larder', what: 'The next days' },
  readLines: { pool: 'reader', what: 'This list' },
  readRecipe: { pool: 'reader', what: 'This recipe' },
  readFile: { pool: 'reader', what: 'This file' },
};

const pools = new Map<PoolName, readonly Watched[]>();

function poolOf(name: PoolName): readonly Watched[] {
  const before = pools.get(name);
  if (before) return before;
  const { make, endsAborted = false, size = () => 1 }: Pool = POOLS[name];
  const made = Array.from({ length: size() }, () => watched(() => started(make()), endsAborted));
  pools.set(name, made);
  return made;
}

/** The worker of a pool that has the least to do. */
function idlest(workers: readonly Watched[]): Watched {
  return workers.reduce((a, b) => (b.load() < a.load() ? b : a));
}

export const ask: Ask = <N extends CallName>(
  name: N,
  args: Readonly<Args<N>>,
  { signal, onPart }: Asking<N> = {},
): Promise<Answer<N>> => {
  const { pool, what }: Route<N> = ROUTES[name];
  const asked: Asked = {
    name,
    args,
    what: typeof what === 'string' ? what : what(...args),
    signal,
    onPart: onPart as Asked['onPart'],
  };
  return idlest(poolOf(pool)).ask(asked) as Promise<Answer<N>>;
};

/** Starts the models while the page is still opening what they are about. */
export function warmModels(): void {
  idlest(poolOf('bench')).warm();
}
