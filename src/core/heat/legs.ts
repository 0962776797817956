/**
 * The legs of a step: in each one thing drives the pot until one thing ends it. A pressure step goes
 * to the boil, seals, comes to pressure, holds, waits with the valve shut and is released; any other has one or two.
 */
import { latentHeat, saturationTemperature } from '../water';
import { steamFlow } from '../release';
import { releaseOf, waitOf, type Letting, type Release } from '../vocabulary';
import { LEAST_S, NEAR_C, PATIENCE_S, SAME_S, type Cooking, type Over } from './cooking';
import type { Drive, HeatStep, LegName, Phase } from './types';

/** Gauge pressure at which the pin drops, kPa (brief: natural release ends below 3 kPa). */
const PIN_DROPS_KPA = 3;
/** Gauge pressure at which an open valve is quiet, kPa (assumed). */
const QUIET_KPA = 0.5;
/** A pan on saute is kept at this, C (assumed, 160 to 200). */
const PAN_C = 180;
/** Share of the power that boils water off what is browned, in portions, rather than warm it (assumed). */
const BROWNING_SHARE = 0.5;
/** From so far below the boiling point on, up to it, the pan boils juice off its pieces, C (assumed). */
const DRYING_C = 20;
/** Pieces in more liquid than this stew and do not brown, kg (assumed). */
const STEWING_KG = 0.15;
/** Power spent on steam in a gentle simmer, W (assumed: about 0.4 kg/h, near what still air takes). */
const SIMMER_W = 250;
/** Time after which a held pot changes slowly, s. */
const SETTLING_S = 300;
/** Heat loss with cold water over the lid, W/K (assumed). */
export const COLD_WATER_W_PER_K = 25;
/** Holding temperature of an electric pot on keep-warm, C (common practice, 70 to 75). */
export const KEEPS_WARM_C = 72;
/** Share of the time a pulsed release has its valve open, where the cook gives none (assumed). */
export const USUAL_DUTY = 0.3;
/** A pin that has not dropped by then never will, s. */
const DROPS_S = 6 * 3600;
/** Nor is a valve open, or a lid under the tap, for longer, s. */
const LETS_S = 3600;
const MOL_PER_PA_L = 1.2028e-4; // of gas, at a kelvin: 1e-3 / 8.314
const STEAM_KG_PER_MOL = 0.018015;
const KELVIN = 273.15;

interface Leg {
  readonly phase: Phase | 'as the step';
  /** Whether the lid holds pressure, so that there is some to read. */
  readonly sealed: boolean;
  readonly begin?: (c: Cooking) => void;
  readonly over: (c: Cooking) => Over;
  /** Lets a time step pass. */
  readonly pass: (c: Cooking) => void;
  /** Once it is over. */
  readonly end?: (c: Cooking) => void;
}

type Kind<K extends HeatStep['kind']> = Extract<HeatStep, { kind: K }>;

/** @throws RangeError where the step on its way is another */
function pressure({ step }: Cooking): Kind<'pressure'> {
  if (step.kind !== 'pressure') throw new RangeError(`a ${step.kind} step is not under pressure`);
  return step;
}

/** @throws RangeError where the step on its way is under pressure */
function plain({ step }: Cooking): Exclude<HeatStep, { kind: 'pressure' }> {
  if (step.kind === 'pressure') throw new RangeError('a pressure step has a hold, not minutes');
  return step;
}

/** How long the leg lasts: as long as planned, or up to the moment at which hands ended it, s. */
function lasts(c: Cooking, plannedS: number, endsS: number | undefined): number {
  return endsS === undefined ? plannedS : Math.max(0, endsS - c.place.beganS);
}

/** Of a step without pressure, s. */
function standS(c: Cooking): number {
  const { minutes, endsS, notOverS = 0 } = plain(c);
  return lasts(c, Math.max(60 * minutes, lasts(c, 0, notOverS)), endsS);
}
const holdS = (c: Cooking): number =>
  lasts(c, 60 * pressure(c).holdMin, pressure(c).hands?.holdEndsS);

const after = (c: Cooking, seconds: number): Over => (c.sinceS >= seconds - SAME_S ? 'leg' : null);

/** Keeps a temperature until a time has passed since the leg began. */
function keepUntil(
  c: Cooking,
  targetC: number,
  seconds: number,
  surplusW: number,
  lossWPerK: number,
): void {
  // Once the pieces have caught up little changes; the scheme is exact enough at long steps.
  const pacing = c.sinceS < SETTLING_S ? 1 : 3;
  const left = c.place.beganS + seconds - c.system.seconds;
  c.keep(targetC, Math.min(c.stepS * pacing, left), surplusW, lossWPerK);
}

const target = (c: Cooking): number => c.sealedAt(pressure(c).gaugeKPa);
const closed = (c: Cooking): Drive => ({
  powerW: c.fullW,
  lossWPerK: c.system.vessel.lossWPerK,
});

/** Time since the step began: what has been warm-up so far. */
function warmed(c: Cooking): void {
  c.note({ warmUpS: c.system.seconds - c.now.startS });
}

/** Shut, with losses: until the pin drops, or for a time. @param pacing steps in one; fast cooling wants short ones */
function coolShut(c: Cooking, limitS: number, lossWPerK: number, pacing = 3): void {
  const left = c.place.beganS + limitS - c.system.seconds;
  c.pass(Math.min(c.stepS * pacing, left), { powerW: 0, lossWPerK }, c.sealedAt(PIN_DROPS_KPA));
  c.sample('release', true);
}

const dropped = (c: Cooking): boolean => c.system.liquidC <= c.sealedAt(PIN_DROPS_KPA) + NEAR_C;

/** How long it stays shut: until the pin drops, for the wait, or until hands open the valve. */
function shutS(c: Cooking): number {
  const { release, hands } = pressure(c);
  const longestS = lasts(c, DROPS_S, hands?.downS);
  const opensS = hands?.valveS?.[0];
  if (opensS !== undefined) return Math.min(longestS, lasts(c, 0, opensS));
  if (releaseOf(release.method).lets === null) return longestS;
  return Math.min(longestS, Math.max(60 * waitOf(release), lasts(c, 0, hands?.shutUntilS ?? 0)));
}

/** Whether the pin was seen to drop by now. */
const seenDown = (c: Cooking): boolean =>
  c.system.seconds >= (pressure(c).hands?.downS ?? Infinity) - SAME_S;

/** Whether hands have closed the valve again, and until when, s from the start. */
function closedUntil(c: Cooking): number | null {
  const turns = pressure(c).hands?.valveS ?? [];
  const next = turns.findIndex((at) => at > c.system.seconds + SAME_S);
  const turned = next < 0 ? turns.length : next;
  return turned > 0 && turned % 2 === 0 ? (turns[turned] ?? Infinity) : null;
}

/** Up to the next turn of the valve, or the moment at which the pin was seen to drop, s. */
function untilTurned(c: Cooking, wholeS: number): number {
  const { valveS = [], downS = Infinity } = pressure(c).hands ?? {};
  const now = c.system.seconds + SAME_S;
  const next = [...valveS, downS].filter((at) => at > now);
  return Math.min(wholeS, ...next.map((at) => at - c.system.seconds));
}

interface Let {
  readonly over: (c: Cooking) => boolean;
  readonly pass: (c: Cooking, how: Release) => void;
}

/** The open valve, for a share of the time. */
function valve(share: (how: Release) => number): Let {
  const quiet = (c: Cooking): number =>
    saturationTemperature(c.system.air.pressurePa + QUIET_KPA * 1000);
  return {
    over: (c) => c.system.liquidC <= quiet(c) + NEAR_C,
    pass: (c, how) => {
      const { air, vessel } = c.system;
      const duty = share(how);
      const drive: Drive = {
        powerW: 0,
        lossWPerK: vessel.lossWPerK,
        steam: (t) => duty * steamFlow(t, air.pressurePa, c.lid.valve),
      };
      c.pass(untilTurned(c, Math.min(4, c.stepS)), drive, quiet(c));
      c.sample('release', true);
    },
  };
}

/** Driver of the pot while its steam is let out. */
const LETS: Readonly<Record<Letting, Let>> = {
  open: valve(() => 1),
  bursts: valve((how) => ('duty' in how ? how.duty : null) ?? USUAL_DUTY),
  'cold water': { over: dropped, pass: (c) => coolShut(c, LETS_S, COLD_WATER_W_PER_K, 1) },
};

/** Release as planned; a valve that hands opened without a plan is simply open. */
const lets = (c: Cooking): Let | null => {
  const { release, hands } = pressure(c);
  const how = releaseOf(release.method).lets ?? (hands?.valveS?.length ? 'open' : null);
  return how && LETS[how];
};

export const LEGS: Readonly<Record<LegName, Leg>> = {
  'to the boil': {
    phase: 'warm-up',
    sealed: false,
    over: (c) => c.heated(c.boilC),
    pass: (c) => c.heat(c.boilC, 'warm-up', false, closed(c)),
    end: warmed,
  },
  // Steam blows until the pin rises; what blows takes the air of the head space along, well mixed.
  seal: {
    phase: 'warm-up',
    sealed: false,
    begin: (c) => {
      const { system, lid, boilC, place } = c;
      const steamKg = (lid.sealS * c.fullW) / latentHeat(boilC);
      const gas = (MOL_PER_PA_L * system.air.pressurePa * system.headL) / (boilC + KELVIN);
      place.sealsAtKg = system.steamKg + steamKg;
      place.airPa = system.air.pressurePa * Math.exp(-steamKg / STEAM_KG_PER_MOL / gas);
    },
    over: (c) => {
      const { system, place } = c;
      if (system.steamKg >= place.sealsAtKg - 1e-6) return 'leg';
      if (system.isWet && c.sinceS <= PATIENCE_S) return null;
      if (!system.isWet && c.now.scorchedS === null) c.note({ scorchedS: system.seconds });
      return 'failed';
    },
    pass: (c) => {
      // Cold pieces draw on the power first; what they leave is steam.
      const leftJ = (c.place.sealsAtKg - c.system.steamKg) * latentHeat(c.boilC);
      const seconds = Math.max(LEAST_S, c.sinceS / 1000, leftJ / c.fullW);
      c.keepFor(c.boilC, Math.min(c.stepS, seconds), c.fullW, 'warm-up');
    },
    end: (c) => {
      warmed(c);
      c.note({ pinS: c.system.seconds });
    },
  },
  'to pressure': {
    phase: 'warm-up',
    sealed: true,
    over: (c) => c.heated(target(c)),
    pass: (c) => c.heat(target(c), 'warm-up', true, closed(c)),
    end: warmed,
  },
  // Until its own countdown begins.
  lag: {
    phase: 'warm-up',
    sealed: true,
    over: (c) => after(c, c.lid.lagS),
    pass: (c) => {
      keepUntil(c, target(c), c.lid.lagS, 0, c.system.vessel.lossWPerK);
      c.sample('warm-up', true);
    },
    end: (c) => {
      warmed(c);
      c.note({ reached: true, sealedKg: c.system.waterKg });
    },
  },
  hold: {
    phase: 'hold',
    sealed: true,
    over: (c) => after(c, holdS(c)),
    pass: (c) => {
      keepUntil(c, target(c), holdS(c), c.lid.rocksW, c.system.vessel.lossWPerK);
      c.sample('hold', true);
    },
    end: (c) => c.note({ holdS: c.sinceS }),
  },
  // Until the pin has dropped, or for the wait; what is left after it is let out.
  shut: {
    phase: 'release',
    sealed: true,
    begin: (c) => c.note({ releaseFromS: c.system.seconds, steamKg: c.system.steamKg }),
    over: (c) => {
      const limitS = shutS(c);
      return seenDown(c) || (limitS > 0 && dropped(c)) ? 'step' : after(c, limitS);
    },
    pass: (c) => coolShut(c, shutS(c), c.system.vessel.lossWPerK),
  },
  'let off': {
    phase: 'release',
    sealed: true,
    begin: (c) => {
      if (lets(c)) c.note({ valveOpensC: c.system.liquidC });
    },
    over: (c) => {
      if (seenDown(c)) return 'leg';
      if (closedUntil(c) !== null) return dropped(c) ? 'leg' : null;
      return (lets(c)?.over(c) ?? true) ? 'leg' : after(c, LETS_S);
    },
    pass: (c) => {
      const untilS = closedUntil(c);
      if (untilS === null) lets(c)?.pass(c, pressure(c).release);
      else {
        const restS = untilTurned(c, Math.min(DROPS_S, untilS - c.system.seconds));
        coolShut(c, c.sinceS + restS, c.system.vessel.lossWPerK);
      }
    },
  },
  stand: {
    phase: 'as the step',
    sealed: false,
    over: (c) => after(c, standS(c)),
    pass: (c) => {
      const { system } = c;
      const { kind, keepsWarm } = plain(c);
      const lidOn = kind === 'rest';
      const wholeS = standS(c);
      const left = c.place.beganS + wholeS - system.seconds;
      const length = Math.min(c.stepS * (wholeS > 3600 ? 4 : 1), left);
      const caught = lidOn && keepsWarm === true && system.liquidC >= KEEPS_WARM_C - NEAR_C;
      const drive = lidOn ? { powerW: 0, lossWPerK: system.vessel.lossWPerK } : c.open(0);
      if (caught && system.liquidC <= KEEPS_WARM_C + NEAR_C)
        c.pass(length, { ...drive, powerW: null, mostW: c.fullW });
      else c.pass(length, drive, caught ? KEEPS_WARM_C : null);
      c.openLid();
      c.sample(kind, false);
    },
  },
  // Juices boil off as they come, so that the pan stays at the boiling point while there is water and
  // gets hotter, up to its thermostat, when there is none.
  brown: {
    phase: 'saute',
    sealed: false,
    over: (c) => after(c, standS(c)),
    pass: (c) => {
      const { system } = c;
      const left = c.place.beganS + standS(c) - system.seconds;
      const whole = Math.min(c.stepS, left);
      const lossWPerK = c.openLoss(system.liquidC);
      c.openLid();
      if (system.liquidC >= PAN_C - NEAR_C) {
        c.keepFor(PAN_C, whole, 0, 'saute');
        return;
      }
      // Little by little: a pan that hovers about one temperature must not switch at every step.
      const near = (system.liquidC - (c.boilC - DRYING_C)) / DRYING_C;
      const watts =
        system.waterKg < STEWING_KG ? BROWNING_SHARE * c.fullW * Math.min(1, Math.max(0, near)) : 0;
      const latent = latentHeat(c.boilC);
      const seconds = c.span(whole);
      const dried = watts > 0 ? (system.dryOff((watts * seconds) / latent) * latent) / seconds : 0;
      c.advance(seconds, { powerW: c.fullW - dried, lossWPerK }, PAN_C);
      c.openLid();
      c.sample('saute', false);
    },
  },
  up: {
    phase: 'simmer',
    sealed: false,
    over: (c) => {
      const { endsS = Infinity } = plain(c);
      return c.system.seconds >= endsS - SAME_S ? 'leg' : c.heated(c.boilC);
    },
    pass: (c) => c.heat(c.boilC, 'simmer', false, c.open(c.fullW)),
    end: warmed,
  },
  simmer: {
    phase: 'simmer',
    sealed: false,
    over: (c) => after(c, standS(c)),
    pass: (c) => {
      keepUntil(c, c.boilC, standS(c), SIMMER_W, c.openLoss(c.boilC));
      c.sample('simmer', false);
    },
  },
};

const STAND: readonly LegName[] = ['stand'];

/** The legs of each kind of step, in order. */
export const LEGS_OF: Readonly<Record<HeatStep['kind'], readonly LegName[]>> = {
  pressure: ['to the boil', 'seal', 'to pressure', 'lag', 'hold', 'shut', 'let off'],
  prep: STAND,
  open: STAND,
  strain: STAND,
  cool: STAND,
  rest: STAND,
  saute: ['brown'],
  simmer: ['up', 'simmer'],
};

/** Entries of the trace during a leg of a step. */
export function phaseOf(leg: LegName, step: HeatStep): Phase {
  const { phase } = LEGS[leg];
  if (phase !== 'as the step') return phase;
  return step.kind === 'pressure' ? 'warm-up' : step.kind;
}
