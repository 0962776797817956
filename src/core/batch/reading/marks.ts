/** Fate of each word and number of a text: nothing that a cook says is dropped in silence. */

/** Fate of a word. Talk carries no fact; what is unused may carry one, and nothing was made of it. */
export type Fate =
  | 'amount'
  | 'food'
  | 'state'
  | 'cut'
  | 'place'
  | 'step'
  | 'time'
  | 'release'
  | 'condition'
  | 'vessel'
  | 'talk'
  | 'unused';

/** A word or a number of a text, from one character up to another, and what became of it. */
export interface Mark {
  readonly from: number;
  readonly to: number;
  readonly fate: Fate;
}

interface Token {
  readonly from: number;
  readonly to: number;
  readonly text: string;
}

const TOKEN = /\d+(?:[.,/]\d+)*|[¼-¾⅐-⅞]|[\p{L}\p{M}]+(?:['’]\p{L}+)*/gu;

/** Words and numbers of a text, in their order. */
export function tokensOf(text: string): readonly Token[] {
  return [...text.matchAll(TOKEN)].map((match) => ({
    from: match.index,
    to: match.index + match[0].length,
    text: match[0].toLowerCase(),
  }));
}

/** Whether a word is a number in figures. */
export const isFigure = (text: string): boolean => /[\d¼-¾⅐-⅞]/.test(text);

/** Words of grammar, which carry no fact anywhere. */
const GRAMMAR: ReadonlySet<string> = new Set(
  `a an the of and or with in into to for from on at as by it its them their this that these those is are be been
   your my our you i we each all both some any then so not but if very just also about around approx approximately
   roughly up more or less s t`.split(/\s+/),
);

/** Claims on the words of a text: who reads a word first has it. */
export class Claims {
  private readonly tokens: readonly Token[];
  private readonly fates: (Fate | undefined)[];

  constructor(
    private readonly text: string,
    private readonly talk: (word: string) => boolean = () => false,
  ) {
    this.tokens = tokensOf(text);
    this.fates = this.tokens.map(() => undefined);
  }

  /** Claims the free characters of a span. */
  span(from: number, to: number, fate: Fate): void {
    this.tokens.forEach((token, i) => {
      if (token.from >= from && token.to <= to) this.fates[i] ??= fate;
    });
  }

  /** Claims all that a pattern finds. @returns whether it found anything */
  all(pattern: RegExp, fate: Fate): boolean {
    const flags = pattern.flags.includes('g') ? pattern.flags : `${pattern.flags}g`;
    let found = false;
    for (const match of this.text.matchAll(new RegExp(pattern.source, flags))) {
      found = true;
      this.span(match.index, match.index + match[0].length, fate);
    }
    return found;
  }

  /** Claims words one by one. */
  words(isOne: (word: string) => boolean, fate: Fate): void {
    this.tokens.forEach(({ text }, i) => {
      if (this.fates[i] === undefined && !isFigure(text) && isOne(text)) this.fates[i] = fate;
    });
  }

  /** Claims all that is not in what was left over, which has the same words in the same order. */
  consumed(left: string, fate: Fate): void {
    const rest = tokensOf(left).map(({ text }) => text);
    for (let i = this.tokens.length - 1; i >= 0; i--)
      if (rest.at(-1) === this.tokens[i]?.text) rest.pop();
      else this.fates[i] ??= fate;
  }

  /** Every word with what became of it. A figure is never talk. */
  marks(): readonly Mark[] {
    return this.tokens.map(({ from, to, text }, i) => ({
      from,
      to,
      fate:
        this.fates[i] ??
        (!isFigure(text) && (GRAMMAR.has(text) || this.talk(text)) ? 'talk' : 'unused'),
    }));
  }
}

/**
 * Unused phrases of a text with the words around them, as written.
 *
 * @param only those with a figure in them
 */
export function unusedIn(
  text: string,
  marks: readonly Mark[],
  only?: 'figures',
): readonly string[] {
  // A phrase ends at a sign and where a word was used.
  const phrases: Mark[][] = [];
  let open = false;
  for (const mark of marks) {
    const last = phrases.at(-1)?.at(-1);
    const parted = last === undefined || /[,;()]/.test(text.slice(last.to, mark.from));
    const isLeft = mark.fate === 'unused' || mark.fate === 'talk';
    if (isLeft && open && !parted) phrases.at(-1)?.push(mark);
    else if (isLeft) phrases.push([mark]);
    open = isLeft;
  }
  const said = ({ from, to }: Mark): string => text.slice(from, to);
  return phrases
    .filter((all) => all.some(({ fate }) => fate === 'unused'))
    .filter((all) => !only || all.some((one) => one.fate === 'unused' && isFigure(said(one))))
    .map((all) => text.slice(all[0]?.from, all.at(-1)?.to));
}

const RANK: Readonly<Partial<Record<Fate, number>>> = { talk: 1, unused: 0 };

/** Marks of one text by several readers: a word is what the first of them took it for. */
export function joinMarks(all: readonly (readonly Mark[])[]): readonly Mark[] {
  const best = new Map<number, Mark>();
  for (const mark of all.flat()) {
    const before = best.get(mark.from);
    if (!before || (RANK[mark.fate] ?? 2) > (RANK[before.fate] ?? 2)) best.set(mark.from, mark);
  }
  return [...best.values()].sort((a, b) => a.from - b.from);
}
