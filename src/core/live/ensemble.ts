/**
 * An ensemble brought to agree with what was seen: the ensemble smoother with perturbed observations
 * (Evensen and van Leeuwen 2000). Worlds are rows of standard normal numbers.
 */
import { solveSmall, type Chance } from '../unknown';

/** A correlation within chance of none is taken for none: standard errors. */
const CHANCE_SE = 2;

const mean = (values: readonly number[]): number =>
  values.reduce((sum, v) => sum + v, 0) / values.length;

function centred(rows: readonly (readonly number[])[]): number[][] {
  const width = rows[0]?.length ?? 0;
  const means = Array.from({ length: width }, (_, j) => mean(rows.map((r) => r[j] as number)));
  return rows.map((r) => r.map((v, j) => v - (means[j] as number)));
}

/**
 * Brings worlds to agree with what was seen.
 *
 * @param worlds one row a world, each a standard normal number before anything was seen
 * @param shown what each world shows, a column an observation
 * @param wanted what was seen, a row a world where worlds differ in it
 * @param sd of each observation
 * @returns the worlds moved, in the same order
 */
export function agree(
  worlds: readonly (readonly number[])[],
  shown: readonly (readonly number[])[],
  wanted: readonly (readonly number[])[],
  sd: readonly number[],
  chance: Chance,
): readonly (readonly number[])[] {
  const n = worlds.length;
  const m = sd.length;
  if (m === 0 || n < 3) return worlds;
  const z = centred(worlds);
  const g = centred(shown);
  const spread = (rows: readonly (readonly number[])[], j: number): number =>
    Math.sqrt(rows.reduce((sum, r) => sum + (r[j] as number) ** 2, 0) / (n - 1));
  const covariance = (a: number[][], i: number, b: number[][], j: number): number =>
    a.reduce((sum, row, k) => sum + (row[i] as number) * ((b[k] as number[])[j] as number), 0) /
    (n - 1);
  const cdd = Array.from({ length: m }, (_, i) =>
    Array.from(
      { length: m },
      (__, j) => covariance(g, i, g, j) + (i === j ? (sd[i] as number) ** 2 : 0),
    ),
  );
  const innovations = shown.map((row, k) =>
    row.map(
      (v, j) => ((wanted[k] as number[])[j] as number) + (sd[j] as number) * chance.normal() - v,
    ),
  );
  // Cdd x = innovation, for every world at once.
  const solved = solveSmall(
    cdd,
    Array.from({ length: m }, (_, j) => innovations.map((row) => row[j] as number)),
  );
  const width = z[0]?.length ?? 0;
  const least = CHANCE_SE / Math.sqrt(n);
  const gSpread = Array.from({ length: m }, (_, j) => spread(g, j));
  const gain = Array.from({ length: width }, (_, i) => {
    const zSpread = spread(z, i);
    return Array.from({ length: m }, (__, j) => {
      const c = covariance(z, i, g, j);
      const scale = zSpread * (gSpread[j] as number);
      return scale > 0 && Math.abs(c) / scale > least ? c : 0;
    });
  });
  return worlds.map((row, k) =>
    row.map(
      (v, i) =>
        v +
        (gain[i] as number[]).reduce(
          (sum, c, j) => sum + c * ((solved[j] as number[])[k] as number),
          0,
        ),
    ),
  );
}
