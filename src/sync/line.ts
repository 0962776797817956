/** The line to the household's other devices, through the relay of the server that this page came from. */
import type { Code } from './code';
import { newId } from './code';
import { messageIn, type Message, type Words } from './messages';
import { seal, unseal } from './seal';
import { openStream } from './stream';

export interface Line {
  /** Says something. @returns how many listeners there are besides; null where it did not get through */
  readonly say: (words: Words) => Promise<number | null>;
  readonly end: () => void;
}

export interface Ears {
  /** The line stands, at first or again: what was said meanwhile was not heard. */
  readonly open: () => void;
  /** The line is down; it is tried again. */
  readonly lost: () => void;
  readonly hear: (message: Message) => Promise<void> | void;
  /** Something was heard that no device of this household said, or said so; or that was said before. */
  readonly unread: () => void;
}

/** Messages that are known again, where one comes twice. */
const REMEMBERED = 2000;

/** Opens the line. @param me this device */
export function openLine(code: Code, me: Message['from'], ears: Ears): Line {
  const listener = newId();
  const address = `/api/v1/relay/${code.room}`;
  const heard = new Set<string>();
  // One after another, as they were said.
  let hearing = Promise.resolve();
  let sealing: Promise<unknown> = Promise.resolve();
  let saying: Promise<unknown> = Promise.resolve();
  const end = openStream(`${address}?me=${listener}`, {
    open: ears.open,
    lost: ears.lost,
    data: (data) => {
      hearing = hearing.then(async () => {
        const opened = await unseal(code, data);
        const message = opened && messageIn(opened.value);
        if (!message || heard.has(message.id)) return ears.unread();
        heard.add(message.id);
        const [first] = heard;
        if (heard.size > REMEMBERED && first !== undefined) heard.delete(first);
        // Another tab of this device.
        if (message.from.id !== me.id) await ears.hear(message);
      });
    },
  });
  const post = async (sealed: Promise<string>): Promise<number | null> => {
    try {
      const response = await fetch(address, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ from: listener, data: await sealed }),
      });
      const { heard: count } = (await response.json()) as { readonly heard?: number };
      return response.ok && typeof count === 'number' ? count : null;
    } catch {
      // Whoever hears the next greeting is told what this one missed.
      return null;
    }
  };
  return {
    say: (words) => {
      // The next message is sealed while this one is on its way.
      const before = sealing;
      const sealed = before.then(() => seal(code, { ...words, id: newId(), from: me }));
      sealing = sealed.catch(() => undefined);
      const said = saying.then(() => post(sealed));
      saying = said;
      return said;
    },
    end,
  };
}
