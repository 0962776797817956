/** The kinds of pots: how each is heated, what it loses, and its words, in one record each. */

export const POT_KINDS = ['electric', 'stovetop'] as const;
export type PotKind = (typeof POT_KINDS)[number];

export interface PotKindDefinition {
  /** In a choice; the kitchen's own English may say it otherwise. */
  readonly chosen: string;
  /** Whether a hand turns its heat up, down and off. */
  readonly hasFlame: boolean;
  /** Whether it can be left on to keep food warm. */
  readonly keepsWarm: boolean;
  /** Whether its lid may be cooled under the tap. */
  readonly mayChillLid: boolean;
  /** Share of the power that arrives in the contents. */
  readonly efficiency: number;
  /** Loss with the lid on, W/K. @param capacityL to the brim */
  readonly lossWPerK: (capacityL: number) => number;
  /** Power spent on steam while its regulator rocks, W; 0 where it stays shut. */
  readonly rocksW: number;
  /** Pressures of its settings as most are sold, kPa above the air. */
  readonly settings: readonly { readonly name: string; readonly gaugeKPa: number }[];
  /** Question about its heat when it does not come to pressure. */
  readonly heatLook: string;
  /** Words of a plan for the moment at which it is at pressure, after the minutes. */
  readonly holds: string;
  /** Instructions for hands at each stage under pressure, on the Stove. */
  readonly acts: Readonly<Record<'load' | 'warm-up' | 'hold' | 'wait' | 'pin', string>>;
  /** Sign that it is at pressure. */
  readonly atPressure: string;
  /** Button that ends the hold; null where the pot ends it by itself. */
  readonly endsHold: string | null;
}

/** Efficiencies and losses are assumed; settings are those of most pots (common practice, no source). */
export const POTS = {
  electric: {
    chosen: 'electric',
    hasFlame: false,
    keepsWarm: true,
    mayChillLid: false,
    efficiency: 0.88,
    // 1.3 W/K at 5.7 L and 1.6 at 7.6 L: close to the two-thirds power of the volume.
    lossWPerK: (capacityL) => 1.3 * (capacityL / 5.7) ** (2 / 3),
    rocksW: 0,
    settings: [
      { name: 'high', gaugeKPa: 80 },
      { name: 'low', gaugeKPa: 40 },
    ],
    heatLook: 'The heat: does the display say that it heats, and is the inner pot seated?',
    holds: 'the pot keeps the time.',
    acts: {
      load: 'Everything listed goes in. Clean ring and valve, lid locked, valve shut, then start the pot.',
      'warm-up': 'Nothing to do. Stay near.',
      hold: 'Leave it shut. The pot holds it by itself.',
      wait: 'The pot is off and cools by itself; this is cooking time too.',
      pin: 'The pot off, valve shut: leave it alone.',
    },
    atPressure: 'First a plume of steam, then the pin rises, and the pot’s own countdown begins.',
    endsHold: null,
  },
  stovetop: {
    chosen: 'stovetop',
    hasFlame: true,
    keepsWarm: false,
    mayChillLid: true,
    efficiency: 0.6,
    lossWPerK: () => 3.5,
    rocksW: 100,
    settings: [
      { name: 'high', gaugeKPa: 95 },
      { name: 'low', gaugeKPa: 50 },
    ],
    heatLook: 'The heat: is the flame at its highest, and under the whole pot?',
    holds: 'turn the heat down until the regulator just rocks.',
    acts: {
      load: 'Everything listed goes in. Clean ring and valve, lid locked, then heat on high.',
      'warm-up': 'Stay near: the heat goes down when it is there.',
      hold: 'Leave it shut, on the lowest flame that keeps the regulator rocking. When the clock is down, heat off.',
      wait: 'Off the heat. It cools by itself; this is cooking time too.',
      pin: 'Off the heat, valve shut: leave it alone.',
    },
    atPressure:
      'First a plume of steam, then the pin rises and the regulator begins to rock: turn the heat down till it just rocks.',
    endsHold: 'Heat off',
  },
} as const satisfies Record<PotKind, PotKindDefinition>;

/** Properties of a kind of pot. */
export function potKindOf(kind: PotKind): PotKindDefinition {
  return POTS[kind];
}
