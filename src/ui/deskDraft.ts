/** Text on the desk: kept on this device, so that it outlives a reload and the way to the desk. */
import { useMemo } from 'react';
import { keepNow, useKept } from './kept';

export interface Draft {
  readonly text: string;
  /** Its page; empty for none. */
  readonly link: string;
}

const KEY = 'retort-desk';
const EMPTY: Draft = { text: '', link: '' };

function draftIn(kept: string | null): Draft {
  try {
    const { text, link } = JSON.parse(kept ?? '{}') as Partial<Record<keyof Draft, unknown>>;
    return {
      text: typeof text === 'string' ? text : '',
      link: typeof link === 'string' ? link : '',
    };
  } catch {
    return EMPTY;
  }
}

/** Text on the desk, and a setter. */
export function useDraft(): readonly [Draft, (draft: Draft) => void] {
  const [kept, keep] = useKept(KEY);
  const draft = useMemo(() => draftIn(kept), [kept]);
  return [draft, (next) => keep(JSON.stringify(next))];
}

const LINK = /\bhttps?:\/\/[^\s"<>]+/i;

/** The link that a text is, or that it leads with; null for a text of its own. */
export function linkIn(text: string): string | null {
  const found = LINK.exec(text)?.[0];
  const rest = found ? text.replace(found, '').trim() : text;
  return found && rest.length < 200 && rest.split('\n').length < 4 ? found : null;
}

/** The way to the desk with a text in hand: it is laid there, or its link is followed. */
export function wayToDesk(text: string): string {
  const link = linkIn(text);
  if (link) return `/desk?url=${encodeURIComponent(link)}`;
  keepNow(KEY, JSON.stringify({ text, link: '' } satisfies Draft));
  return '/desk';
}
