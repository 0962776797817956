/** The calls that there are, as types alone: nothing of the models comes with them. */
import type { Call, Tell } from './call';
import type { modelCalls } from './models';
import type { READING_CALLS } from './reading';

type Calls = ReturnType<typeof modelCalls> & typeof READING_CALLS;
export type CallName = keyof Calls;

type ArgsOf<C extends Call> = C extends (tell: never, ...args: infer A) => unknown ? A : never;
type PartOf<C extends Call> = C extends (tell: Tell<infer P>, ...args: never[]) => unknown
  ? P
  : never;

export type Args<N extends CallName> = ArgsOf<Calls[N]>;
export type Part<N extends CallName> = PartOf<Calls[N]>;
export type Answer<N extends CallName> = Awaited<ReturnType<Calls[N]>>;

/** How a call is asked. */
export interface Asking<N extends CallName> {
  /** Takes it back: its promise is rejected with the reason of the signal. */
  readonly signal?: AbortSignal | undefined;
  /** Called with each part of the answer on its way. */
  readonly onPart?: (part: Part<N>) => void;
}

/** Asks a worker. Its promise always settles: with the answer, with what the call throws, or with GivenUp. */
export type Ask = <N extends CallName>(
  name: N,
  args: Readonly<Args<N>>,
  asking?: Asking<N>,
) => Promise<Answer<N>>;
