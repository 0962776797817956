/** Liquid whose amount is a mark on the pot: “water to the max line”, “stock to cover”, “just over the bones”. */
import type { UpTo } from '../schema/types';

const WORDS: readonly (readonly [UpTo, RegExp])[] = [
  [
    'line',
    /\b(?:up |filled )?to (?:the |your |its )?(?:pot['’]?s )?(?:(?:max(?:imum)?|fill|full|foam|half|2\/3|⅔|two[- ]thirds) ?)*(?:line|mark|max(?:imum)?)\b/i,
  ],
  [
    'over',
    /\b(?:enough )?to (?:just |barely )?cover(?: [a-z]+){0,4} (?:by|with) [^,;.]*|\b(?:to )?(?:just|a little|barely|come) over (?:the|your) [a-z]+\b|\b(?:just |a little )?(?:above|over) (?:the|your) (?:bones?|carcass(?:es)?|frames?|meat|beans|birds?)\b/i,
  ],
  [
    'cover',
    /\b(?:enough )?(?:to|until|till) (?:just |barely )?(?:cover(?:ed)?|level with)(?: (?:it|them|all|everything|(?:the|your) (?:bones?|carcass(?:es)?|frames?|meat|beans|birds?|vegetables|chicken|turkey)))?\b/i,
  ],
];

export interface Mark {
  readonly upTo: UpTo;
  /** The line without the words of the mark. */
  readonly rest: string;
}

/** The mark that a line fills up to; null for none. */
export function markIn(text: string): Mark | null {
  for (const [upTo, words] of WORDS) {
    const found = words.exec(text);
    if (!found) continue;
    const rest = text
      .replace(found[0], ' ')
      .replace(/^\W*(?:fill|top up|top)(?: it| the pot)?(?: up)? with\b/i, '')
      .replace(/\benough\b/i, '')
      .replace(/\s{2,}/g, ' ')
      .replace(/[\s,;]+$/, '')
      .trim();
    return { upTo, rest };
  }
  return null;
}

/** Tied up, or left whole to be lifted out. */
const BAGGED =
  /\b(?:tied (?:up |together )?in\b|in (?:a|an|one) (?:\w+ )?(?:bag|sachet|cloth|infuser|muslin|cheesecloth)\b|(?:spice|herb|muslin) (?:bag|sachet)|bouquet garni)/i;

export function isBagged(text: string): boolean {
  return BAGGED.test(text);
}
