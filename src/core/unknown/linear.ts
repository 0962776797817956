/** Small matrices, as rows: enough for what is learned of a pot. */

/** Solves a small system by elimination with pivots. @param a n by n, overwritten @param b n by m, overwritten */
export function solveSmall(a: number[][], b: number[][]): number[][] {
  const n = a.length;
  for (let k = 0; k < n; k++) {
    let pivot = k;
    for (let i = k + 1; i < n; i++)
      if (Math.abs(a[i]?.[k] ?? 0) > Math.abs(a[pivot]?.[k] ?? 0)) pivot = i;
    [a[k], a[pivot]] = [a[pivot] as number[], a[k] as number[]];
    [b[k], b[pivot]] = [b[pivot] as number[], b[k] as number[]];
    const row = a[k] as number[];
    const right = b[k] as number[];
    for (let i = 0; i < n; i++) {
      if (i === k) continue;
      const other = a[i] as number[];
      const factor = (other[k] as number) / (row[k] as number);
      if (factor === 0) continue;
      for (let j = k; j < n; j++) other[j] = (other[j] as number) - factor * (row[j] as number);
      const otherRight = b[i] as number[];
      right.forEach((v, j) => (otherRight[j] = (otherRight[j] as number) - factor * v));
    }
  }
  return b.map((row, i) => row.map((v) => v / ((a[i] as number[])[i] as number)));
}

/** The inverse of a small matrix that has one; it is not overwritten. */
export function inverseOf(a: readonly (readonly number[])[]): number[][] {
  return solveSmall(
    a.map((row) => [...row]),
    a.map((_, i) => a.map((__, j) => (i === j ? 1 : 0))),
  );
}

/**
 * The lower triangle whose square is a covariance (Cholesky), row after row: 1, 2, 3, ... numbers.
 *
 * @param c symmetric; a direction in which nothing spreads may have a variance of 0
 * @example rootOf([[4, 2], [2, 5]]) // [2, 1, 2]
 */
export function rootOf(c: readonly (readonly number[])[]): readonly number[] {
  const l: number[][] = [];
  for (const [i, row] of c.entries()) {
    const own: number[] = [];
    for (let j = 0; j <= i; j++) {
      const other = j === i ? own : (l[j] as number[]);
      let left = row[j] as number;
      for (let k = 0; k < j; k++) left -= (own[k] as number) * (other[k] as number);
      if (j === i) own.push(Math.sqrt(Math.max(0, left)));
      else own.push((other[j] as number) > 0 ? left / (other[j] as number) : 0);
    }
    l.push(own);
  }
  return l.flat();
}

/** A root as `rootOf` gives it, times a column of as many numbers as it has rows. */
export function rootTimes(root: readonly number[], column: readonly number[]): readonly number[] {
  return column.map((_, i) => {
    const begins = (i * (i + 1)) / 2;
    let sum = 0;
    for (let k = 0; k <= i; k++) sum += (root[begins + k] as number) * (column[k] as number);
    return sum;
  });
}
