/**
 * Thermometer readings narrow how fast it really cools: one factor on the way that heat finds out, with its
 * prior, by least squares over the model's own curves.
 */
import { coolDown, type Cooling, type CoolingCurve, type Surroundings } from './cool';
import { at, type Reading } from '../guard';

/** How well heat finds its way out: within a third either way, two times in three (assumed). */
const PRIOR_SD = 0.3;
/** Of a kitchen thermometer, and where in the pot it is held, C. */
const READING_SD = 2;
const FACTORS = 13;
const WIDEST = 3;

export interface Narrowed {
  readonly factor: number;
  readonly curve: CoolingCurve;
  /** 8 times in 10 it lies between these. */
  readonly slow: CoolingCurve;
  readonly fast: CoolingCurve;
}

const logs = Array.from(
  { length: FACTORS },
  (_, i) => PRIOR_SD * WIDEST * ((2 * i) / (FACTORS - 1) - 1),
);

/** Posterior of a cooling after some readings; the prior without any. */
export function narrowed(
  cooling: Cooling,
  surroundings: Surroundings,
  readings: readonly Reading[],
): Narrowed {
  const weigh = (log: number): number => {
    if (readings.length === 0) return -0.5 * (log / PRIOR_SD) ** 2;
    const curve = coolDown(cooling, surroundings, Math.exp(log));
    const miss = readings.reduce(
      (sum, r) => sum + ((at(curve, r.minute) - r.celsius) / READING_SD) ** 2,
      0,
    );
    return -0.5 * ((log / PRIOR_SD) ** 2 + miss);
  };
  const weights = logs.map(weigh);
  const most = Math.max(...weights);
  const shares = weights.map((w) => Math.exp(w - most));
  const sum = shares.reduce((a, b) => a + b);
  const mean = logs.reduce((m, log, i) => m + (log * (shares[i] ?? 0)) / sum, 0);
  const spread = Math.sqrt(
    logs.reduce((v, log, i) => v + ((log - mean) ** 2 * (shares[i] ?? 0)) / sum, 0),
  );
  const from = (log: number): CoolingCurve => coolDown(cooling, surroundings, Math.exp(log));
  const wide = 1.28 * Math.max(spread, PRIOR_SD / FACTORS);
  return {
    factor: Math.exp(mean),
    curve: from(mean),
    slow: from(mean - wide),
    fast: from(mean + wide),
  };
}
