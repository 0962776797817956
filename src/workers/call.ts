/** Types of a call to a worker, for its declaration and its answer. */

/** Hands over a part of an answer, or says how far it is. Every word of it says that the work goes on. */
export type Tell<P> = (part: P) => void;

/** A call: what it tells on the way, and its own arguments. */
export type Call = (tell: never, ...args: never[]) => unknown;

/** A function as a call that tells nothing on the way. */
export function silent<A extends readonly unknown[], R>(work: (...args: A) => R) {
  return (_tell: Tell<never>, ...args: A): R => work(...args);
}

/** Interface of a worker: a call by its name. */
export interface Served {
  readonly call: (
    name: string,
    args: readonly unknown[],
    tell: (part: unknown) => unknown,
  ) => Promise<unknown>;
}

/** Answers calls by name. @throws RangeError for a name that it does not know */
export function served(calls: Readonly<Record<string, Call>>): Served {
  return {
    call: async (name, args, tell) => {
      const found = calls[name] as
        | ((tell: Tell<unknown>, ...rest: readonly unknown[]) => unknown)
        | undefined;
      if (!found) throw new RangeError(`no call ${name}`);
      const told: unknown[] = [];
      const answer = await found((part) => void told.push(tell(part)), ...args);
      // Parts arrive by a channel of their own; all of them come before the answer.
      await Promise.all(told);
      return answer;
    },
  };
}
