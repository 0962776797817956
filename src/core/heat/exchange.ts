/**
 * Water that foods take up (pulses, grains, noodles) or give back (meat, mushrooms, onion,
 * tomato, greens) while they cook.
 *
 * First order in the cook value of the food's mean: nine tenths are done when the mean has had
 * `doneMin` minutes at 100 C (assumed). Mass is conserved: what one gains another loses, and the
 * water takes its heat along.
 */
import { WATER_HEAT } from '../water';
import { isFreezing, type Body } from './body';
import type { WaterState } from './state';
import type { Exchange } from './types';

/** Share of a heap that lies on the bottom of a pot without liquid (assumed). */
const ON_THE_BOTTOM = 0.3;
/** Heat is moved along once this share of a body's mass has changed sides. */
const PORTION = 0.004;
/** A drink of more than this share of the liquid's heat capacity is much. */
const MUCH = 0.3;
const COLD_C = 35;
/** Shells read for the mean rate. */
const READ = [2, 5, 8, 11] as const;

/** A body's water on the move. */
interface Moving {
  readonly what: Exchange;
  readonly body: Body;
  readonly weights: readonly number[];
  /** Minutes at 100 C that the mean has had. */
  value: number;
  /** kg moved so far: above zero taken up, below zero given. */
  moved: number;
  /** Part of it whose heat has not moved yet, kg. */
  pending: number;
  /** What would move in the present step if there is water enough, kg. */
  wants: number;
}

function moving(body: Body, what: Exchange): Moving {
  const total = body.capacity.reduce((sum, c) => sum + c, 0);
  let from = 0;
  const weights = READ.map((i) => {
    let sum = 0;
    for (; from <= i; from++) sum += body.capacity[from] ?? 0;
    return sum / total;
  });
  return { what, body, weights, value: 0, moved: 0, pending: 0, wants: 0 };
}

function rateAt(celsius: number, z: number): number {
  return Math.exp(((celsius - 100) * Math.LN10) / z);
}

/** Mean cooking rate over a body, beside 100 C. */
function meanRate({ body, weights, what }: Moving): number {
  let sum = 0;
  for (let i = 0; i < READ.length; i++) {
    const t = body.t[READ[i] as number] as number;
    if (t > COLD_C) sum += (weights[i] as number) * rateAt(t, what.z);
  }
  return sum;
}

/**
 * Lets a time pass.
 *
 * @param bottomC temperature of a pot bottom without liquid, C; null in a wet pot
 * @returns kg that would move if there is water enough: above zero taken up, below zero given
 */
function wanted(m: Moving, seconds: number, bottomC: number | null): number {
  let rate = meanRate(m);
  // On a dry bottom the lowest pieces cook first and give first.
  if (bottomC !== null && m.what.kg < 0 && bottomC > COLD_C)
    rate = Math.max(rate, ON_THE_BOTTOM * rateAt(Math.min(100, bottomC), m.what.z));
  m.value += (rate * seconds) / 60;
  const done = 1 - Math.exp((-Math.LN10 * m.value) / m.what.doneMin);
  const kg = m.what.kg * done - m.moved;
  if (m.what.kg >= 0) return kg;
  // Juice of what is still frozen is ice; what browning took off early is not given twice.
  return isFreezing(m.body) ? 0 : Math.min(0, kg);
}

/**
 * Moves the heat of water that has changed sides.
 *
 * @param liquid heat capacity of liquid and pot, J/K, and its temperature, C
 * @param leastKg less than this waits
 * @returns change of the liquid's heat capacity, J/K, and its new temperature, C
 */
function carryHeat(
  m: Moving,
  liquid: Liquid,
  leastKg: number,
): { readonly capacity: number; readonly celsius: number } | null {
  const { body } = m;
  if (isFreezing(body)) return null;
  if (m.pending === 0 || Math.abs(m.pending) < leastKg) return null;
  const heat = WATER_HEAT * Math.abs(m.pending);
  const { capacity, t, cells } = body;
  let total = 0;
  let stored = 0;
  for (let i = 0; i < cells; i++) {
    total += capacity[i] as number;
    stored += (capacity[i] as number) * (t[i] as number);
  }
  const taken = m.pending > 0;
  m.pending = 0;
  body.work.substep = 0;
  if (taken) {
    const share = heat / total;
    for (let i = 0; i < cells; i++) {
      t[i] = ((t[i] as number) + share * liquid.celsius) / (1 + share);
      capacity[i] = (capacity[i] as number) * (1 + share);
    }
    return { capacity: -heat, celsius: liquid.celsius };
  }
  for (let i = 0; i < cells; i++) capacity[i] = (capacity[i] as number) * (1 - heat / total);
  const mean = stored / total;
  return {
    capacity: heat,
    celsius: (liquid.capacity * liquid.celsius + heat * mean) / (liquid.capacity + heat),
  };
}

/** Liquid and pot as the water finds them. */
export interface Liquid {
  /** J/K */
  readonly capacity: number;
  readonly celsius: number;
}

/** The water of everything in a pot that is on its way in or out. */
export class Waters {
  /** @param fineness of the portions in which heat is moved along: 1 as usual, less is finer */
  constructor(readonly fineness: number) {}

  readonly #moving = new Map<string, Moving>();
  /** What foods had moved that are no longer there, kg. */
  readonly #gone = new Map<string, number>();

  put(body: Body, what: Exchange): void {
    if (what.kg !== 0) this.#moving.set(body.id, moving(body, what));
  }

  /** A food is taken out; what it moved stays. */
  take(id: string): void {
    const m = this.#moving.get(id);
    if (!m) return;
    this.#gone.set(id, m.moved);
    this.#moving.delete(id);
  }

  /** All of it as plain data. */
  state(): readonly WaterState[] {
    const gone = [...this.#gone].map(([id, moved]) => ({ id, value: 0, moved, pending: 0 }));
    const here = [...this.#moving].map(([id, { value, moved, pending }]) => ({
      id,
      value,
      moved,
      pending,
    }));
    return [...gone, ...here];
  }

  /** Goes on from there; `put` has put what is in the pot. */
  resume(waters: readonly WaterState[]): void {
    for (const { id, value, moved, pending } of waters) {
      const m = this.#moving.get(id);
      if (m) Object.assign(m, { value, moved, pending });
      else this.#gone.set(id, moved);
    }
  }

  /** Taken up (above zero) or given (below) so far, kg. */
  moved(id: string): number {
    return this.#moving.get(id)?.moved ?? this.#gone.get(id) ?? 0;
  }

  /** Of what is in the pot; kept until something goes in or out. */
  #inside: readonly Moving[] | null = null;

  /** Something has gone in or out. */
  changed(): void {
    this.#inside = null;
  }

  #in(bodies: readonly Body[]): readonly Moving[] {
    this.#inside ??= bodies.flatMap((body) => this.#moving.get(body.id) ?? []);
    return this.#inside;
  }

  /**
   * Lets a time pass.
   *
   * @param bottomC temperature of a pot bottom without liquid, C; null in a wet pot
   * @param waterKg free water, kg
   * @returns free water after it, kg
   */
  pass(bodies: readonly Body[], seconds: number, bottomC: number | null, waterKg: number): number {
    if (this.#moving.size === 0) return waterKg;
    let free = waterKg;
    let demandKg = 0;
    const inside = this.#in(bodies);
    for (const m of inside) {
      m.wants = wanted(m, seconds, bottomC);
      if (m.wants > 0) demandKg += m.wants;
      else {
        m.moved += m.wants;
        m.pending += m.wants;
        free -= m.wants;
      }
    }
    if (demandKg === 0) return free;
    // Grains cannot drink more than there is.
    const share = Math.min(1, Math.max(0, free) / demandKg);
    for (const m of inside) {
      if (m.wants <= 0) continue;
      m.moved += m.wants * share;
      m.pending += m.wants * share;
    }
    return share < 1 ? 0 : free - demandKg;
  }

  /**
   * Takes juice off the surfaces of the foods that have some left.
   *
   * @param kg at the most
   * @returns kg taken, now free
   */
  dryOff(bodies: readonly Body[], kg: number): number {
    const juicy = this.#in(bodies).filter((m) => m.what.kg < 0 && m.moved > m.what.kg);
    const left = juicy.reduce((sum, m) => sum + m.moved - m.what.kg, 0);
    const share = left > 0 ? Math.min(1, kg / left) : 0;
    for (const m of juicy) {
      const off = (m.moved - m.what.kg) * share;
      m.moved -= off;
      m.pending -= off;
    }
    return left * share;
  }

  /**
   * Moves the heat of the water that has changed sides.
   *
   * @param all whether even the smallest portion is moved
   * @returns the liquid after it
   */
  carry(liquid: Liquid, all: boolean): Liquid {
    let now = liquid;
    const move = (m: Moving, whole: boolean): void => {
      const leastKg = whole ? 0 : PORTION * this.fineness * m.body.massKg;
      const change = carryHeat(m, now, leastKg);
      if (change) now = { capacity: now.capacity + change.capacity, celsius: change.celsius };
    };
    for (const m of this.#moving.values()) {
      // What is drunk may have been given a moment ago: its heat comes over before it goes.
      if (m.pending > 0 && WATER_HEAT * m.pending > MUCH * now.capacity)
        for (const giver of this.#moving.values()) if (giver.pending < 0) move(giver, true);
      move(m, all);
    }
    return now;
  }
}
