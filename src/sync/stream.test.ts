/** @jest-environment jsdom */
/** A stream of events that is opened again when it is dead, whatever the browser says of it. */
import { openStream } from './stream';

/** A browser's stream, as far as it is used here. */
class Source {
  static all: Source[] = [];
  onopen: (() => void) | null = null;
  onerror: (() => void) | null = null;
  onmessage: ((event: { data: string }) => void) | null = null;
  readyState = 0;
  still: (() => void) | null = null;
  constructor(readonly url: string) {
    Source.all.push(this);
  }
  addEventListener(_: 'still', alive: () => void): void {
    this.still = alive;
  }
  close(): void {
    this.readyState = 2;
  }
}
Object.assign(global, { EventSource: Source });

function opened() {
  Source.all = [];
  const events = { open: jest.fn(), lost: jest.fn(), data: jest.fn() };
  const end = openStream('/room', events);
  return { events, end, last: () => Source.all.at(-1) as Source };
}

beforeEach(() => {
  jest.useFakeTimers();
});
afterEach(() => {
  jest.useRealTimers();
});

describe('a stream', () => {
  it('stays while the server says that it is there, and hands on what comes', () => {
    const { events, last, end } = opened();
    last().onopen?.();
    for (let i = 0; i < 10; i++) {
      jest.advanceTimersByTime(15_000);
      last().still?.();
    }
    last().onmessage?.({ data: 'abc' });
    expect(Source.all).toHaveLength(1);
    expect(events.open).toHaveBeenCalledTimes(1);
    expect(events.data).toHaveBeenCalledWith('abc');
    expect(events.lost).not.toHaveBeenCalled();
    end();
  });

  it('is opened again after a silence of 40 s', () => {
    const { events, last, end } = opened();
    const first = last();
    first.onopen?.();
    jest.advanceTimersByTime(39_000);
    expect(Source.all).toHaveLength(1);
    jest.advanceTimersByTime(2000);
    expect(Source.all).toHaveLength(2);
    expect(first.readyState).toBe(2);
    expect(events.lost).toHaveBeenCalledTimes(1);
    end();
  });

  it('is opened again soon where the browser gave up, and not where it tries by itself', () => {
    const { last, end } = opened();
    last().onerror?.();
    jest.advanceTimersByTime(6000);
    expect(Source.all).toHaveLength(1);
    last().readyState = 2;
    last().onerror?.();
    jest.advanceTimersByTime(6000);
    expect(Source.all).toHaveLength(2);
    end();
  });

  it('is opened again at once when the device is back in its network', () => {
    const { events, last, end } = opened();
    last().onopen?.();
    dispatchEvent(new Event('offline'));
    expect(events.lost).toHaveBeenCalledTimes(1);
    dispatchEvent(new Event('online'));
    expect(Source.all).toHaveLength(2);
    end();
  });

  it('is over when it is ended', () => {
    const { last, end } = opened();
    end();
    expect(last().readyState).toBe(2);
    dispatchEvent(new Event('online'));
    jest.advanceTimersByTime(100_000);
    expect(Source.all).toHaveLength(1);
  });
});
