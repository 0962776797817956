/** Instructions beside the pot: in another vessel, in the oven. It touches the pot only where something comes back. */
import type { Done } from '../../core/batch/schema';
import type { Food, FoodGroup } from '../../core/food';
import { HANDLING } from '../../core/vocabulary';
import { ADDS, BOILED_OFF, COMES_IN, OTHER_PAN, SERVES, THE_POT } from './recipeClauses';
import type { Clause } from './recipeSplit';
import { timesIn } from './recipeTimes';

/** Mixtures that are used up where other things are readied, and are no dish of their own. */
const SPENT: ReadonlySet<FoodGroup> = new Set(['liquid', 'fat', 'seasoning']);
/** The subject of the sentence before goes in, whatever else does: "stir through the stew". */
const INTO =
  /^\W*(?:(?:add|stir|fold|mix|tip|pour|scrape) )?(?:in)?to the (?:pot|cooker|stew|soup|broth|chili|beans)\b|^\W*(?:stir|fold|mix) through\b/i;
/** Words for a mixture that was readied together. */
const ALL_OF_IT = /\b(?:them|it|these|sauce|mixture|mix|roux|pur[ée]e|slurry|dressing)\b/i;

/** Actions of a clause away from the pot. */
export interface Away {
  /** Lines that come into the pot with it: they wait for the next step. */
  readonly comes: readonly number[];
  /** Lines that it serves in the bowls. */
  readonly served: readonly number[];
  /** How bones are readied. */
  readonly bones: 'roasted' | 'blanched' | null;
}

const WAYS: readonly (readonly [Done['how'], RegExp])[] = [
  ['toasted', /\btoast/i],
  ['charred', /\bchar(?:red)?\b|\bblacken/i],
  ['browned', /\bbrown\b|\bsear\b|\bfry\b|\bsaut[ée]|\bsweat\b|\bsoften\b|\bcolou?r\b|\bcrisp/i],
  ['parboiled', /\bparboil|\bblanch|\bboil\b|\bpar-?cook/i],
];
const IN: readonly (readonly [NonNullable<Done['in']>, RegExp])[] = [
  ['oven', /\boven\b|\broast|\bbaking (?:tray|sheet)|\broasting (?:tin|tray)/i],
  ['grill', /\bgrill\b|\bbroiler\b|\bgas flame\b/i],
  ['skillet', /\bskillet|\bfrying pan|\bdry pan|\bcomal\b/i],
  ['saucepan', /\bsauce ?pan\b|\bstockpot\b|\bpot on the stove\b/i],
  ['rice pot', /\brice (?:pot|cooker)\b/i],
  ['kettle', /\bkettle\b/i],
];

/** Handling of food in another vessel by a clause, with its minutes; null if nothing heats it. */
function wayIn(text: string, oven: boolean): Done | null {
  const how = oven ? 'roasted' : WAYS.find(([, words]) => words.test(text))?.[0];
  if (!how) return null;
  const vessel = IN.find(([, words]) => words.test(text))?.[0];
  const minutes = timesIn(text)[0]?.minutes;
  const usual = HANDLING[how].vessel;
  return {
    how,
    ...(vessel && vessel !== usual && { in: vessel }),
    ...(minutes !== undefined && minutes <= MOST_MIN && { minutes }),
  };
}

/** Longer heats no food before a soup, min. */
const MOST_MIN = 600;

export class Elsewhere {
  /** The vessel that the sentence is about, and what is in it. */
  private vessel: { readonly sentence: number; readonly lines: readonly number[] } | null = null;
  /** Lines that were readied together. */
  private readonly readied: (readonly number[])[] = [];
  /** How a line was heated elsewhere. */
  private readonly ways = new Map<number, Done>();

  /** @param isIn whether a line is in the pot, or waits for it */
  constructor(
    private readonly foods: readonly (Food | null)[],
    private readonly isIn: (line: number) => boolean,
  ) {}

  /** Whether it is used up where other things are readied. */
  private isSpent(line: number): boolean {
    return SPENT.has(this.foods[line]?.group ?? 'vegetable');
  }

  private waits(lines: readonly number[]): readonly number[] {
    return lines.filter((line) => !this.isIn(line));
  }

  /**
   * @param named lines that the clause names
   * @param lids how often the lid has been on
   * @returns null where the clause is about the pot
   */
  read({ text, sentence, whole }: Clause, named: readonly number[], lids: number): Away | null {
    const oven = /\b(?:roast|oven)\b/i.test(text) && !/\bpressure\b/i.test(text);
    const off = lids === 0 && BOILED_OFF.test(whole);
    const blanched =
      /\bblanch/i.test(text) || (off && named.some((i) => this.foods[i]?.group === 'bones'));
    const other = OTHER_PAN.test(text) || oven || blanched || off;
    if (other) this.vessel = { sentence, lines: [] };
    else if (this.vessel?.sentence !== sentence || THE_POT.test(text)) this.vessel = null;
    if (!this.vessel) return null;
    const bones = named.filter((i) => this.foods[i]?.group === 'bones');
    const hasBones = bones.length > 0 && (oven || blanched);
    const there = this.waits([...this.vessel.lines, ...named]);
    // Food readied there may come into the pot in the same breath.
    const comes = !other && COMES_IN.test(text);
    const served = !comes && lids > 0 && SERVES.test(text);
    if (!comes && !served && !oven && !blanched && there.length > 0) this.readied.push(there);
    const way = served ? null : wayIn(text, oven);
    if (way) for (const line of there) if (!this.isSpent(line)) this.ways.set(line, way);
    this.vessel = { sentence, lines: there };
    return {
      comes: comes ? there : hasBones ? this.waits(bones) : [],
      served: served ? there : [],
      bones: hasBones ? (oven ? 'roasted' : 'blanched') : null,
    };
  }

  /** A sentence that is read elsewhere readies what it names. */
  tell(named: readonly number[], text: string): void {
    this.readied.push(named);
    const way = wayIn(text, /\b(?:roast|oven)\b/i.test(text));
    if (way) for (const line of named) if (!this.isSpent(line)) this.ways.set(line, way);
  }

  /** Everything readied with it comes too: "add them", "stir in the egg mixture". */
  comesAlong(clause: string, put: readonly number[]): readonly number[] {
    const before = this.readied.at(-1) ?? [];
    const isOf = put.length === 0 || before.some((line) => put.includes(line));
    const all = INTO.test(clause) || (isOf && ADDS.test(clause) && ALL_OF_IT.test(clause));
    const last = all ? before : [];
    const along = this.readied
      .filter((lines) => lines.some((line) => put.includes(line) && !this.isSpent(line)))
      .flat();
    return this.waits([...new Set([...last, ...along])]).filter((line) => !put.includes(line));
  }

  /** How a line was heated in another vessel; undefined where it was not. */
  wayOf(line: number): Done | undefined {
    return this.ways.get(line);
  }

  /** Whether a line was readied elsewhere. */
  has(line: number): boolean {
    return this.readied.some((lines) => lines.includes(line));
  }

  /** Food that never came back is served beside. */
  beside(): readonly number[] {
    return this.readied.flat().filter((line) => !this.isSpent(line));
  }
}
