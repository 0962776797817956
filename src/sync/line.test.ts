/** @jest-environment node */
/** Messages between devices: sealed, heard once, and only from holders of the key. */
import fc from 'fast-check';
import { linkOf, newCode, newId, readCode } from './code';
import { openLine, type Ears, type Line } from './line';
import { messageIn, replicasOf, tellingOf, type Message } from './messages';
import { seal, unseal } from './seal';

/** The relay, as far as a line knows of it: whoever listens hears what others post. */
class Relay {
  static listening: Relay[] = [];
  static posted: string[] = [];
  onopen: (() => void) | null = null;
  onerror: (() => void) | null = null;
  onmessage: ((event: { data: string }) => void) | null = null;
  constructor(readonly url: string) {
    Relay.listening.push(this);
    setImmediate(() => this.onopen?.());
  }
  addEventListener(): void {
    // The relay of these tests never dies.
  }
  close(): void {
    Relay.listening = Relay.listening.filter((one) => one !== this);
  }
  static pass(data: string, but = ''): number {
    const others = Relay.listening.filter(({ url }) => !but || !url.endsWith(but));
    for (const one of others) one.onmessage?.({ data });
    return others.length;
  }
}

const post = jest.fn((_: string, { body }: { body: string }) => {
  const { from, data } = JSON.parse(body) as { from: string; data: string };
  Relay.posted.push(data);
  return Promise.resolve({
    ok: true,
    json: () => Promise.resolve({ heard: Relay.pass(data, from) }),
  });
});
Object.assign(global, { EventSource: Relay, fetch: post });

const lines: Line[] = [];

function device(code = newCode(), id = newId()) {
  const heard: Message[] = [];
  let unread = 0;
  let told = (): void => undefined;
  const ears: Ears = {
    open: () => undefined,
    lost: () => undefined,
    hear: (message) => {
      heard.push(message);
      told();
    },
    unread: () => {
      unread++;
      told();
    },
  };
  const line: Line = openLine(code, { id, name: id }, ears);
  lines.push(line);
  const until = async (holds: () => boolean): Promise<void> => {
    while (!holds())
      await new Promise<void>((done) => {
        told = done;
      });
  };
  return { line, heard, until, unread: () => unread };
}

afterEach(() => {
  for (const line of lines.splice(0)) line.end();
});
beforeEach(() => {
  Relay.listening = [];
  Relay.posted = [];
});

describe('a code', () => {
  it('comes back from its link, and from no part of it', () => {
    const code = newCode();
    const link = linkOf(code, 'https://retort.home');
    expect(readCode(link)).toEqual(code);
    fc.assert(
      fc.property(fc.nat(link.length - 1), (end) => {
        expect(readCode(link.slice(0, end))).toBeNull();
      }),
    );
    expect(readCode('')).toBeNull();
  });
});

describe('a sealed message', () => {
  it('is opened by its key in its room, and by nothing else', async () => {
    const code = newCode();
    const value = { is: 'touched', of: ['anything', 1, null] };
    const sealed = await seal(code, value);
    expect(await unseal(code, sealed)).toEqual({ value });
    expect(sealed).not.toContain('touched');
    expect(await unseal({ ...code, secret: newCode().secret }, sealed)).toBeNull();
    expect(await unseal({ ...code, room: newCode().room }, sealed)).toBeNull();
    expect(await seal(code, value)).not.toBe(sealed);
  });

  it('is refused with any one of its bits changed', async () => {
    const code = newCode();
    const sealed = await seal(code, { is: 'touched' });
    await fc.assert(
      fc.asyncProperty(
        fc.nat(sealed.length - 2),
        fc.constantFrom('A', 'b', '9'),
        async (at, letter) => {
          fc.pre(sealed[at] !== letter);
          expect(
            await unseal(code, sealed.slice(0, at) + letter + sealed.slice(at + 1)),
          ).toBeNull();
        },
      ),
    );
    expect(await unseal(code, '')).toBeNull();
    expect(await unseal(code, '%%%')).toBeNull();
  });
});

describe('a line', () => {
  it('carries what is said to the others of the household, in order', async () => {
    const code = newCode();
    const [a, b] = [device(code), device(code)];
    await Promise.all([1, 2, 3].map((n) => a.line.say({ is: 'wholes', to: 'b', of: [], rest: n })));
    await b.until(() => b.heard.length === 3);
    expect(b.heard.map((m) => m.is === 'wholes' && m.rest)).toEqual([1, 2, 3]);
    expect(a.heard).toEqual([]);
  });

  it('drops a message that comes twice, and tells of it', async () => {
    const code = newCode();
    const [a, b] = [device(code), device(code)];
    await a.line.say({ is: 'touched' });
    await b.until(() => b.heard.length === 1);
    Relay.pass(Relay.posted[0] as string);
    await b.until(() => b.unread() === 1);
    expect(b.heard).toHaveLength(1);
  });

  it('drops what another household says, and what is changed on the way', async () => {
    const code = newCode();
    const b = device(code);
    Relay.pass(await seal(newCode(), { is: 'touched' }));
    const good = await seal(code, { is: 'touched', id: 'x', from: { id: 'a', name: 'a' } });
    Relay.pass(good.slice(0, 40) + (good[40] === 'A' ? 'B' : 'A') + good.slice(41));
    await b.until(() => b.unread() === 2);
    Relay.pass(good);
    await b.until(() => b.heard.length === 1);
  });

  it('does not hear another tab of its own device', async () => {
    const code = newCode();
    const id = newId();
    const [a, b, c] = [device(code, id), device(code, id), device(code)];
    await a.line.say({ is: 'touched' });
    await c.until(() => c.heard.length === 1);
    expect(b.heard).toEqual([]);
  });

  it('says that a message did not get through', async () => {
    const a = device();
    post.mockRejectedValueOnce(new Error('no network'));
    expect(await a.line.say({ is: 'touched' })).toBeNull();
    expect(await a.line.say({ is: 'touched' })).toBe(0);
  });
});

describe('a message', () => {
  const from = { id: 'a', name: 'Desk' };
  it.each([
    [{ is: 'hello', all: '', back: false }],
    [{ is: 'change', of: [{ key: 'batches/b1', leaves: [['.name', 'x', '']], taken: [] }] }],
    [{ is: 'wants', to: 'b', keys: null }],
    [{ is: 'wholes', to: 'b', of: [{ key: 'kitchen/', record: {} }], rest: 0 }],
  ])('is taken as it is: %j', (words) => {
    expect(messageIn({ ...words, id: 'm', from })).toMatchObject(words);
  });

  it.each([
    [null],
    [{ is: 'hello', all: 1, back: false }],
    [{ is: 'change', of: [{ key: '__proto__/x', leaves: [], taken: [] }] }],
    [
      {
        is: 'change',
        of: [{ key: 'batches/b1', leaves: [['.name', 'x', 'tomorrow']], taken: [] }],
      },
    ],
    [{ is: 'change', of: [{ key: 'batches/b1', leaves: [], taken: [['', { stamp: 1 }]] }] }],
    [{ is: 'wholes', to: 'b', of: [{ key: 'batches/b1', record: 7 }], rest: 0 }],
    [{ is: 'constructor' }],
  ])('is none: %j', (words) => {
    expect(messageIn(words && { ...words, id: 'm', from })).toBeNull();
  });

  it('tells of a change what it was', () => {
    const change = replicasOf([
      {
        key: 'batches/b1',
        leaves: [['.name', 'x', '0000000rs0000-a']],
        taken: [['.note', { stamp: '0000000rs0000-a', seen: {} }]],
      },
    ]);
    expect(replicasOf(tellingOf(change))).toEqual(change);
  });
});
