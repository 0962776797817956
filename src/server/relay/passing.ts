/** Passing messages on: who listens in a room hears them, and what nobody hears waits for a while. */

/** A message as it came: the server can read none of it. */
export interface Message {
  /** The listener that sent it, who does not hear it again. */
  readonly from: string;
  readonly data: string;
}

export interface Passing {
  /**
   * Passes a message on.
   *
   * @returns how many others listen
   * @throws Refusal where too much waits already
   */
  readonly post: (room: string, message: Message) => Promise<number>;
  /**
   * Listens in a room; what waits there comes first.
   *
   * @param me its own name, under which it sends
   * @returns what ends it
   * @throws Refusal where too many listen
   */
  readonly listen: (
    room: string,
    me: string,
    hear: (message: Message) => void,
  ) => Promise<() => void>;
}
