/** Record of a simulation: the moments of the pot and of each item in it. */
import { at, centreC, surfaceC, type Body } from './body';
import type { Plate } from './plate';
import type { ItemTrace, Phase, Readying, Trace } from './types';

/** A moment of the pot. */
interface Moment {
  readonly seconds: number;
  readonly liquidC: number;
  readonly steamKg: number;
  readonly step: number;
  readonly phase: Phase;
  readonly gaugeKPa: number;
}

export class Recorder {
  readonly trace: Trace = { s: [], liquidC: [], gaugeKPa: [], step: [], phase: [], steamKg: [] };
  readonly items: Record<string, ItemTrace> = {};

  /** Water moved before the record begins, kg. */
  readonly #before = new Map<string, number>();

  /** @param movedKg water an item has taken up or given so far */
  constructor(
    itemIds: readonly string[],
    readonly movedKg: (id: string) => number,
  ) {
    for (const id of itemIds) {
      this.items[id] = { centreC: [], surfaceC: [], waterKg: [] };
      this.#before.set(id, movedKg(id));
    }
  }

  get isEmpty(): boolean {
    return this.trace.s.length === 0;
  }

  /** History of a food in other vessels before it goes in. */
  readied(id: string, readied: Readying): void {
    const item = this.items[id];
    if (item) this.items[id] = { ...item, readied };
  }

  add(moment: Moment, bodies: readonly Body[], plates: readonly Plate[]): void {
    const { trace } = this;
    trace.s.push(moment.seconds);
    trace.liquidC.push(moment.liquidC);
    trace.gaugeKPa.push(moment.gaugeKPa);
    trace.step.push(moment.step);
    trace.phase.push(moment.phase);
    trace.steamKg.push(moment.steamKg);
    const before = trace.s.length - 1;
    for (const body of bodies)
      this.#push(body, before, surfaceC(body, moment.liquidC), this.movedKg(body.id));
    // Juice that runs from it on its plate is not in the pot yet.
    for (const { body } of plates) this.#push(body, before, at(body.t, body.cells - 1), null);
  }

  /** @param movedKg null where nothing has moved since the sample before */
  #push(body: Body, before: number, surface: number, movedKg: number | null): void {
    const item = this.items[body.id];
    if (!item) return;
    this.#fill(body.id, item, before);
    item.centreC.push(centreC(body));
    item.surfaceC.push(surface);
    item.waterKg.push(movedKg ?? item.waterKg.at(-1) ?? 0);
  }

  close(): void {
    for (const [id, item] of Object.entries(this.items)) this.#fill(id, item, this.trace.s.length);
  }

  /** Brings an item's trace up to a length: nothing to read while it is out of the pot. */
  #fill(id: string, item: ItemTrace, length: number): void {
    if (item.centreC.length >= length) return;
    const moved = item.waterKg.at(-1) ?? this.#before.get(id) ?? 0;
    while (item.centreC.length < length) {
      item.centreC.push(Number.NaN);
      item.surfaceC.push(Number.NaN);
      item.waterKg.push(moved);
    }
  }
}
