/** One voice: no banned word, no term with two names, no name without an explanation. */
import { inEnglish, termName, TERMS, type Term, type TermId } from '.';
import { MEANINGS } from './meanings';
import { interfaceTexts } from './testing/texts';

const IDS = Object.keys(TERMS) as readonly TermId[];
const all: readonly (Term & { readonly id: TermId })[] = IDS.map((id) => ({ id, ...TERMS[id] }));

/** Turns that nobody speaks, and names that were replaced (docs/words.md). */
const BANNED: readonly RegExp[] = [
  /\bforetold\b(?! ?[,:;=}])/,
  /\bto be believed\b/,
  /\bput by\b/i,
  /\bas it goes\b/,
  /\bis said to\b/,
  /\ball of it\b/,
  /\b8 (?:times )?in 10\b(?! should)/,
  /\bby its cooks\b/,
  /\bfood of the table\b/,
  /\bstand-in\b/i,
  /\bMark what you see\b/,
  /\bLeave it as it is\b/,
  /\bTry something\b/,
  /\bFind the order\b/,
  /\bBy the clock\b/,
  /\bHow we do it\b/,
  /\bRun-offs?\b/,
  /\bRun again\b/,
  /\bfish(?:ed)? (?:it )?out\b/i,
  /\bTo the table\b/,
  /\bIts heat\b/,
  /\bthe (?:copper|cobalt) bracket\b/i,
  /^(?:Copper|Grey|Ink|Cobalt): /,
  /\bstand(?:s)? against\b/,
  /\bdrink(?:s|ing)? (?:on|the broth)\b/,
  /\bmelts in\b/,
];

describe('the interface', () => {
  const texts = interfaceTexts();

  it('is read whole', () => {
    expect(texts.length).toBeGreaterThan(2500);
    expect(texts.some(({ text }) => text === 'Plan a batch')).toBe(true);
  });

  it.each(BANNED.map((banned) => [String(banned), banned] as const))(
    'never says %s',
    (_, banned) => {
      expect(texts.filter(({ text }) => banned.test(text))).toEqual([]);
    },
  );
});

describe('the terms', () => {
  it.each(IDS)('explain %s in a sentence that ends', (id) => {
    expect(MEANINGS[id]).toMatch(/^[A-Z].{19,}[.?]$/s);
    expect(MEANINGS[id].length).toBeLessThan(200);
  });

  it('have one name each, in both Englishes', () => {
    for (const english of ['us', 'uk'] as const) {
      const names = IDS.map((id) => termName(id, english).toLowerCase());
      expect(names.filter((name, i) => names.indexOf(name) !== i)).toEqual([
        // A batch and the page of all batches differ by one letter only in the plural.
      ]);
    }
  });

  it('never take a name that another one had before', () => {
    const names = new Set(all.map(({ us }) => us));
    const taken = all.flatMap(({ before = [] }) => before).filter((old) => names.has(old));
    expect(taken).toEqual([]);
  });

  it('are explained in each English without a word of the other', () => {
    for (const id of IDS) {
      expect(inEnglish(MEANINGS[id], 'uk')).toBe(inEnglish(inEnglish(MEANINGS[id], 'us'), 'uk'));
    }
  });
});

describe('the two Englishes', () => {
  it.each([
    ['minced beef', 'ground beef'],
    ['Minced turkey', 'Ground turkey'],
    ['sweetcorn', 'corn'],
    ['fresh coriander', 'cilantro'],
    ['spring onions', 'green onions'],
    ['aubergine', 'eggplant'],
    ['a hob pot', 'a stovetop pot'],
    ['for flavour only', 'for flavor only'],
    ['gelatine', 'gelatin'],
    ['20 g a litre', '20 g a liter'],
    ['broad beans', 'fava beans'],
    ['cornflour', 'cornstarch'],
    ['under the grill', 'under the broiler'],
  ])('say “%s” and “%s”', (uk, us) => {
    expect(inEnglish(uk, 'us')).toBe(us);
    expect(inEnglish(us, 'uk')).toBe(uk);
  });

  it.each(['corn cob', 'corn oil', 'ground cumin', 'coriander seed', 'gelatinous rice', 'a hobby'])(
    'leave “%s” alone',
    (text) => {
      expect([inEnglish(text, 'us'), inEnglish(text, 'uk')]).toEqual([text, text]);
    },
  );

  it('turn a text once: a second time changes nothing', () => {
    for (const { text } of interfaceTexts().slice(0, 400))
      for (const english of ['us', 'uk'] as const) {
        const once = inEnglish(text, english);
        expect(inEnglish(once, english)).toBe(once);
      }
  });
});
