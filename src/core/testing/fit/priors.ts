/** Priors of z and need by published kinetics, before any row is read. */
import type { Family, Food } from '../../food';

/** z before any row was looked at, C: mean and standard deviation. */
export type Prior = readonly [number, number];
/**
 * Vegetables: 95 kJ/mol, 70 to 120 (pectin; from memory); beans 19 to 45 (Quast & da Silva 1977, kitchens);
 * rice 34 and 78 (Suzuki et al. 1976), whose water takes its time: wide; collagen a third of the time
 * at high (kitchens); proteins of fish set at 50 to 60 C,
 * ten times as fast in 10 to 20 C, and it dries out more slowly (from memory): between; of lean meat wide.
 */
const PRIORS: Readonly<Record<Family, Prior>> = {
  vegetable: [28, 5],
  aromatic: [28, 5],
  green: [28, 5],
  pulse: [38, 15],
  pasta: [60, 25],
  grain: [60, 25],
  tough: [30, 5],
  bone: [30, 5],
  gelatinous: [30, 5],
  lean: [40, 10],
  fish: [30, 8],
  shellfish: [30, 8],
  minced: [40, 10],
  ready: [33, 5],
};
/**
 * Need before any row was looked at, min: vegetables soften first order by 0.2 to 0.5 a minute at 100 C
 * (Huang & Bourne 1983, Rao & Lund 1986; from memory), and are tender with a fifth of it left.
 */
const NEED_PRIORS: Readonly<Partial<Record<Family, Prior>>> = { vegetable: [5, 0.35] };
/** A food unlike its kind is not held to it, logarithm. */
const UNLIKE = 2;

export function needPrior(family: Family, needMin: number): number {
  const [mean, sd] = NEED_PRIORS[family] ?? [needMin, 1];
  return -Math.min(UNLIKE, (Math.log(needMin / mean) / sd) ** 2 / 2);
}

/** Poultry is tender before its collagen has gone: wide. */
const POULTRY: Prior = [40, 12];
/** Kin share their z, C. */
const KIN_SD = 2;

/** Prior of a food's z. @param kinZ z of the food that it is like; missing for a food of the chart */
export function zPrior(
  { family, group }: { family: Family; group: Food['group'] },
  kinZ?: number,
): Prior {
  const own = group === 'poultry' ? POULTRY : PRIORS[family];
  // Fish sets by itself, whatever it is like.
  const alone = kinZ === undefined || family === 'fish' || family === 'shellfish';
  return alone ? own : [kinZ, KIN_SD];
}
