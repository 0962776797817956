import { AGAIN_MS, drop, hear, raise, titleOf, useCallStore, type Call } from './calls';

const call = (id: string, at: number): Call => ({
  id,
  href: '/stove/c1',
  of: 'The soup',
  words: 'Open the valve',
  caution: null,
  voice: 0,
  at,
});
const ids = (): readonly string[] => useCallStore.getState().waiting.map(({ id }) => id);

beforeEach(() => useCallStore.setState({ waiting: [], heard: new Map(), heading: null }));

describe('calls', () => {
  it('wait until they are heard, each once', () => {
    raise(call('a', 0));
    raise(call('a', 10));
    raise(call('b', 10));
    expect(ids()).toEqual(['a', 'b']);
    hear(20);
    expect(ids()).toEqual([]);
  });

  it('come again where they were heard and not done', () => {
    raise(call('a', 0));
    hear(1000);
    raise(call('a', 1000 + AGAIN_MS - 1));
    expect(ids()).toEqual([]);
    raise(call('a', 1000 + AGAIN_MS));
    expect(ids()).toEqual(['a']);
  });

  it('go where they are due no more', () => {
    raise(call('a', 0));
    raise(call('b', 0));
    drop('a');
    expect(ids()).toEqual(['b']);
  });

  it('stand in the title before what the page says of itself', () => {
    expect(titleOf([], null)).toBe('Retort');
    expect(titleOf([], '12:05 Hold')).toBe('12:05 Hold');
    expect(titleOf([call('a', 0), call('b', 0)], '12:05 Hold')).toBe(
      '(2) Open the valve, The soup',
    );
  });
});
