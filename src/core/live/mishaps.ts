/**
 * Mishaps at a stove. Each is a change of what is true of the practice pot: of its foods, of its vessel for a
 * while, of its air or of its hands. What a screen shows of it are its signs.
 */
import { changed, enteringAt, foodOf, handlingAt, stepsOf } from '../batch/plan';
import type { FAULTS, Batch, Cook, Item, Kitchen, MISHAPS } from '../batch/schema';
import type { Spell } from '../heat';
import type { ItemUnknowns, Unknowns } from '../unknown';
import { known, SCRAPED, timelineOf } from '../cook';

const isScraped = (cook: Cook): boolean => timelineOf(cook).ticked.has(SCRAPED);

export type Mishap = (typeof MISHAPS)[number];
export type Fault = (typeof FAULTS)[number];

/** Pulses that lay for years, times what their kind needs (assumed). */
const OLD_NEED = 1.7;
/** Out of a home freezer, C. */
const FROZEN_C = -18;
/** Filled past the line, times what was planned (assumed). */
const OVERFILL = 1.35;
/** Somebody planned for the coast, or forgot the hill, m. */
const FORGOTTEN_M = 1200;
/** A valve that foam has got into lets go so much of what it would (assumed). */
const CLOGGED = 0.35;
/** Delay after the lid until the power fails, and how long it is out, s. */
const OUT_AFTER_S = 480;
const OUT_S = 600;
/** Delay after the lid until a pot with a stuck bottom switches itself off, s (assumed). */
export const STICKS_AFTER_S = 540;
/** A cook called away at the end of the hold is gone for so long, s. */
const AWAY_S = 600;

/** True state of a practice pot, as far as mishaps change it. */
export interface Truth {
  readonly batch: Batch;
  readonly kitchen: Kitchen;
  readonly unknowns: Unknowns;
  readonly spells: readonly Spell[];
}

/** Moment at which hands mended a fault, s from the start; Infinity where they have not. */
export function putRightS(
  cook: Pick<Cook, 'batch' | 'marks' | 'startedAt'>,
  fault: Fault,
  nowS: number,
): number {
  return timelineOf(cook, nowS).putRightS[fault] ?? Infinity;
}

interface At {
  readonly cook: Cook;
  /** The lid of the first step under pressure, s from the start; null while it is off. */
  readonly lidS: number | null;
  readonly nowS: number;
}

type Change = (truth: Truth, at: At) => Truth;

const spell =
  (of: (at: At, lidS: number) => Spell): Change =>
  (truth, at) =>
    at.lidS === null ? truth : { ...truth, spells: [...truth.spells, of(at, at.lidS)] };

const vents = (fault: Fault): Change =>
  spell(({ cook, nowS }, fromS) => ({
    fromS,
    untilS: putRightS(cook, fault, nowS),
    power: 1,
    vents: true,
  }));

/** Foods that a change is about, with what it makes of them. */
function items(
  truth: Truth,
  which: (batch: Batch) => readonly string[],
  change: (own: ItemUnknowns) => ItemUnknowns,
): Truth {
  const ids = new Set(which(truth.batch));
  return {
    ...truth,
    unknowns: {
      ...truth.unknowns,
      items: Object.fromEntries(
        Object.entries(truth.unknowns.items).map(([id, own]) => [
          id,
          ids.has(id) ? change(own) : own,
        ]),
      ),
    },
  };
}

const ofGroup =
  (groups: readonly string[]) =>
  (batch: Batch): readonly string[] =>
    batch.items.filter((item) => groups.includes(foodOf(item)?.group ?? '')).map(({ id }) => id);

const withUnknowns = (truth: Truth, change: Partial<Unknowns>): Truth => ({
  ...truth,
  unknowns: { ...truth.unknowns, ...change },
});

export interface MishapIs {
  /** Account of the mishap, told when the run is over. */
  readonly told: string;
  /** Signs that a cook would have seen. */
  readonly signs: string;
  readonly change: Change;
  /** Fault that hands can mend; missing where nothing can be done. */
  readonly fault?: Fault;
  /** Whether it can happen to a batch at all. */
  readonly mayBefall: (batch: Batch) => boolean;
}

const hasLid = (batch: Batch): boolean => stepsOf(batch).some((s) => s.kind === 'pressure');
const has =
  (groups: readonly string[]) =>
  (batch: Batch): boolean =>
    ofGroup(groups)(batch).length > 0;

/** Foods that go in after the first lid. */
function lateItems(batch: Batch): readonly string[] {
  const steps = stepsOf(batch);
  const lid = steps.findIndex((s) => s.kind === 'pressure');
  return steps
    .slice(lid + 1)
    .flatMap((step) =>
      handlingAt(batch, step.id).into.flatMap(({ item, back }) => (back ? [] : [item.id])),
    );
}

export const MISHAP: Readonly<Record<Mishap, MishapIs>> = {
  'valve-open': {
    told: 'The valve was left open.',
    signs: 'A steady plume from the valve, and no pin.',
    change: vents('valve'),
    fault: 'valve',
    mayBefall: hasLid,
  },
  ring: {
    told: 'The ring was not in its groove.',
    signs: 'Steam all around the lid, and no pin.',
    change: vents('ring'),
    fault: 'ring',
    mayBefall: hasLid,
  },
  bottom: {
    told: 'What was browned stuck to the bottom, and nobody had scraped it clean.',
    signs: 'The pot switches itself off before it is at pressure.',
    change: spell(({ cook, nowS }, lidS) => ({
      fromS: lidS + STICKS_AFTER_S,
      // A bottom scraped before the lid went on does not stick.
      untilS: isScraped(cook)
        ? lidS + STICKS_AFTER_S
        : Math.max(lidS + STICKS_AFTER_S, putRightS(cook, 'bottom', nowS)),
      power: 0,
      vents: false,
    })),
    fault: 'bottom',
    mayBefall: hasLid,
  },
  'old-beans': {
    told: 'The pulses were years old.',
    signs: 'Hard when they are tried, however right the time was.',
    change: (truth) =>
      items(truth, ofGroup(['pulse']), (own) => ({ ...own, need: own.need * OLD_NEED })),
    mayBefall: has(['pulse']),
  },
  frozen: {
    told: 'The meat was frozen inside.',
    signs: 'Long to pressure; cool and tough in the middle.',
    change: (truth) =>
      items(truth, ofGroup(['meat', 'poultry']), (own) => ({
        ...own,
        startC: own.startC + FROZEN_C - 5,
      })),
    mayBefall: has(['meat', 'poultry']),
  },
  foam: {
    told: 'Foam got into the valve.',
    signs: 'It spits when it is opened, and hardly lets go.',
    change: (truth) => withUnknowns(truth, { valve: truth.unknowns.valve * CLOGGED }),
    mayBefall: hasLid,
  },
  'power-lost': {
    told: 'The power was out for ten minutes.',
    signs: 'It stops heating, and comes back.',
    change: spell((_, lidS) => ({
      fromS: lidS + OUT_AFTER_S,
      untilS: lidS + OUT_AFTER_S + OUT_S,
      power: 0,
      vents: false,
    })),
    mayBefall: hasLid,
  },
  'called-away': {
    told: 'The cook was called away at the end of the hold.',
    signs: 'Nobody is at the stove.',
    change: (truth) => truth,
    mayBefall: hasLid,
  },
  altitude: {
    told: `It was cooked ${FORGOTTEN_M} m higher than it was planned.`,
    signs: 'It boils cooler, and everything takes longer.',
    change: (truth) => ({
      ...truth,
      kitchen: {
        ...truth.kitchen,
        altitudeM: Math.min(5000, truth.kitchen.altitudeM + FORGOTTEN_M),
      },
    }),
    mayBefall: hasLid,
  },
  'too-early': {
    told: 'What was to go in late went in with the rest.',
    signs: 'Nothing is left to put in at the opening.',
    change: (truth) => {
      const late = new Set(lateItems(truth.batch));
      const first = stepsOf(truth.batch).find((s) => s.kind === 'pressure')?.id ?? null;
      return {
        ...truth,
        batch: {
          ...truth.batch,
          items: truth.batch.items.map((item) =>
            late.has(item.id) ? changed<Item>(item, enteringAt(item, first)) : item,
          ),
        },
      };
    },
    mayBefall: (batch) => lateItems(batch).length > 0,
  },
  overfilled: {
    told: 'The pot was filled past the line.',
    signs: 'Long to pressure, and drops at the valve.',
    change: (truth) => withUnknowns(truth, { fill: truth.unknowns.fill * OVERFILL }),
    mayBefall: hasLid,
  },
};

/** True state after the mishaps. */
export function befallen(
  truth: Truth,
  cook: Cook,
  nowS: number,
  mishaps: readonly Mishap[] = cook.standIn?.mishaps ?? [],
): Truth {
  const first = stepsOf(cook.batch).find((s) => s.kind === 'pressure');
  const lid = timelineOf(cook).steps.find(({ id }) => id === first?.id)?.locked;
  const lidS = known(lid)?.s ?? null;
  return mishaps.reduce((now, mishap) => MISHAP[mishap].change(now, { cook, lidS, nowS }), truth);
}

/** How long the stove is unattended, s from the start; null if attended. @param overS the end of the hold */
export function awayUntilS(
  cook: Pick<Cook, 'standIn'>,
  overS: number | null,
  nowS: number,
): number | null {
  if (overS === null || !cook.standIn?.mishaps?.includes('called-away')) return null;
  return nowS >= overS && nowS < overS + AWAY_S ? overS + AWAY_S : null;
}
