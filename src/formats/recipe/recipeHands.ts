/**
 * Moves of hands with a food that is in the pot already: set aside on a plate, pulled, picked, cut or blended
 * there, and put back with a later step; the bottom scraped clean; browning by the side.
 */
import type { Done } from '../../core/batch/schema';
import { parseAmount, volumeMl } from '../../core/quantity';
import { HALF_CUP_ML } from '../../core/vocabulary';
import { ASIDE } from './recipeClauses';
import type { Food } from '../../core/food';
import type { Pot } from './recipePot';

/** It comes out, and nobody says whereto. */
const TAKES_OUT =
  /\b(?:take|lift|fish|scoop|pull) (?:it |them |the [\w -]{2,40}?)?out\b|^\W*(?:and )?remove\b/i;
const RETURNS =
  /\b(?:return|back (?:in|into|to))\b|\bback\b\W*$|\bstir (?:it |them )?(?:back )?(?:in|through)\b/i;
const PULLS = /\bshred|\bpull (?:it|them|the [\w ]{2,30}?) (?:apart|into|to)\b|\bflake\b/i;
const PICKS =
  /\bpick\b[^.]*\b(?:meat|bones?)\b|\b(?:take|strip|pull|cut) (?:all )?(?:the |its )?meat off\b|\bdiscard (?:the )?(?:skin and )?bones\b/i;
const BLENDS = /\b(?:blend|pur[ée]e|whizz|blitz|liquidi[sz]e)\b/i;
/** Only a part of it: what is left stays whole, and the plan knows it as one thing. */
const A_PART =
  /\b(?:half|some|a third|a quarter|a few|part) (?:of )?\b|\ba (?:cup|ladle\w*|mug) of the (?!broth|stock|liquid|soup)/i;
const CUTS = /\b(?:cut|chop|slice|dice)\b/i;

const WITH_LIQUID =
  /\bwith (?:about )?(.{1,24}?) (?:of )?(?:the )?(?:hot |cooking )?(?:broth|stock|liquid|soup|water)\b/i;

const DEGLAZES = /\bdeglaz|\bscrap(?:e|ing)\b[^.]*\b(?:up|bottom|brown|bits|clean)\b/i;

/** Millilitres that a clause names; null for none. */
function mlIn(words: string): number | null {
  const said =
    /((?:\d+(?:[.,/]\d+)?|half an?|a|an|one|two|[½¼¾⅓⅔])\s*(?:ml|l|dl|cl|cups?|tbsp|tablespoons?))\b/i.exec(
      words,
    )?.[1];
  if (!said) return null;
  const { amount } = parseAmount(`${said} water`);
  const ml = amount && volumeMl(amount);
  // Nobody pours to the millilitre: half a cup is 120.
  return ml ? Math.max(5, Math.round(ml / 10) * 10) : null;
}

/** How a clause changes what is out of the pot; null where it does not. */
function changeIn(clause: string): Done | null {
  if (PICKS.test(clause)) return { how: 'picked' };
  if (PULLS.test(clause)) return { how: 'pulled' };
  if (BLENDS.test(clause) && !A_PART.test(clause)) {
    const liquid = WITH_LIQUID.exec(clause)?.[1];
    return { how: 'blended', ...(liquid && { ladleMl: mlIn(liquid) ?? HALF_CUP_ML }) };
  }
  return CUTS.test(clause) ? { how: 'cut' } : null;
}

export class Hands {
  /** Lines that a hand held last. */
  #held: readonly number[] = [];
  /** Handling of a line before it goes in. */
  readonly #before = new Map<number, Done>();

  /** @param foods of the ingredient lines; null where a line named none */
  constructor(
    private readonly pot: Pot,
    private readonly foods: readonly (Food | null)[],
  ) {}

  /** Whether a line is something that can be lifted out. */
  private isPiece(line: number): boolean {
    const food = this.foods[line];
    return food != null && (food.shape !== null || food.fishOut === true);
  }

  /** Of a bird whose meat is shredded the bones stay out. */
  private ofFood(line: number, change: Done): Done {
    const isPicked = change.how === 'pulled' && this.foods[line]?.picked !== undefined;
    return isPicked ? { how: 'picked' } : change;
  }

  /**
   * @param named lines that the clause names
   * @param before lines that the clause before named
   */
  read(clause: string, named: readonly number[], before: readonly number[]): void {
    this.#scrape(clause);
    const inPot = (all: readonly number[]): readonly number[] =>
      all.filter((line) => this.isPiece(line) && this.pot.stepOf(line) !== null);
    const own = inPot(named);
    const lines = own.length > 0 ? own : this.#held.length > 0 ? this.#held : inPot(before);
    if (this.#isOut(clause)) {
      this.#held = lines;
      this.pot.lift(lines);
      if (!A_PART.test(clause)) this.pot.leave(lines.filter((line) => this.#mayStayOut(line)));
    }
    const change = changeIn(clause);
    // A food not in yet is changed before it goes in: cheese blended with a ladle of broth.
    const fresh = named.filter(
      (line) => !this.pot.isIn(line) && this.foods[line]?.group !== 'liquid',
    );
    if (change?.how === 'blended' && own.length === 0)
      for (const line of fresh) this.#before.set(line, change);
    // A cut alone is made beforehand, unless the food has been lifted out.
    const held = change?.how === 'cut' ? lines.filter((line) => this.#held.includes(line)) : lines;
    if (change && held.length > 0 && this.pot.lids > 0) {
      this.#held = held;
      for (const line of held) this.pot.change([line], this.ofFood(line, change));
    }
    if (RETURNS.test(clause)) {
      this.pot.comesBack(lines);
      this.#held = [];
    }
  }

  #isOut(clause: string): boolean {
    return ASIDE.test(clause) || (this.pot.lids > 0 && TAKES_OUT.test(clause));
  }

  /** "Fry the sausages for 8 minutes and set aside": out again once the step of the clause is over. */
  after(clause: string, put: readonly number[]): void {
    if (this.#isOut(clause)) this.pot.lift(put.filter((line) => this.isPiece(line)));
  }

  /** Handling of a line before it went in; undefined for nothing. */
  wayOf(line: number): Done | undefined {
    return this.#before.get(line);
  }

  /** It is out for good where nobody says that it comes back; meat comes back somehow. */
  #mayStayOut(line: number): boolean {
    const group = this.foods[line]?.group;
    return group !== 'meat' && group !== 'poultry' && group !== 'fish';
  }

  /** "Deglaze with half a cup of the stock": of the browning before. */
  #scrape(clause: string): void {
    if (DEGLAZES.test(clause)) this.pot.scrape(mlIn(clause) ?? HALF_CUP_ML);
  }
}
