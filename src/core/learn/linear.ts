/** Normal beliefs about a few terms of a linear model, in small dense matrices. */

/** Information form: precision and precision times mean. */
export interface Information {
  precision: number[][];
  shift: number[];
}

/** Independent terms, each with its mean and spread. */
export function independent(terms: readonly { mean: number; sd: number }[]): Information {
  return {
    precision: terms.map(({ sd }, i) => terms.map((_, j) => (i === j ? 1 / sd ** 2 : 0))),
    shift: terms.map(({ mean, sd }) => mean / sd ** 2),
  };
}

/** One group of observations that share a draw. */
export interface Group {
  rows: readonly { y: number; h: readonly number[]; variance: number }[];
  /** Of the draw that all of the group have in common. */
  common: number;
}

/**
 * Adds a group: its covariance is diagonal plus one constant, whose inverse is known in closed form.
 *
 * @source J. Sherman, W. J. Morrison (1950)
 */
export function addGroup(to: Information, { rows, common }: Group): void {
  const size = to.shift.length;
  let total = 0;
  let sumY = 0;
  const sumH = new Array<number>(size).fill(0);
  for (const { y, h, variance } of rows) {
    const weight = 1 / variance;
    total += weight;
    sumY += weight * y;
    for (let i = 0; i < size; i++) {
      const left = weight * (h[i] ?? 0);
      sumH[i] = (sumH[i] ?? 0) + left;
      to.shift[i] = (to.shift[i] ?? 0) + left * y;
      const row = to.precision[i] as number[];
      for (let j = 0; j < size; j++) row[j] = (row[j] ?? 0) + left * (h[j] ?? 0);
    }
  }
  const shared = common / (1 + common * total);
  for (let i = 0; i < size; i++) {
    to.shift[i] = (to.shift[i] ?? 0) - shared * (sumH[i] ?? 0) * sumY;
    const row = to.precision[i] as number[];
    for (let j = 0; j < size; j++)
      row[j] = (row[j] ?? 0) - shared * (sumH[i] ?? 0) * (sumH[j] ?? 0);
  }
}

/** Mean and covariance, by Cholesky's factors of the precision, and the logarithm of its determinant. */
export function solved({ precision, shift }: Information): {
  mean: number[];
  covariance: number[][];
  logDeterminant: number;
} {
  const size = shift.length;
  const low = precision.map((row) => row.map(() => 0));
  const at = (i: number, j: number): number => low[i]?.[j] ?? 0;
  for (let i = 0; i < size; i++)
    for (let j = 0; j <= i; j++) {
      let sum = precision[i]?.[j] ?? 0;
      for (let k = 0; k < j; k++) sum -= at(i, k) * at(j, k);
      (low[i] as number[])[j] = i === j ? Math.sqrt(sum) : sum / at(j, j);
    }
  const solve = (b: readonly number[]): number[] => {
    const x = [...b];
    for (let i = 0; i < size; i++) {
      for (let k = 0; k < i; k++) x[i] = (x[i] ?? 0) - at(i, k) * (x[k] ?? 0);
      x[i] = (x[i] ?? 0) / at(i, i);
    }
    for (let i = size - 1; i >= 0; i--) {
      for (let k = i + 1; k < size; k++) x[i] = (x[i] ?? 0) - at(k, i) * (x[k] ?? 0);
      x[i] = (x[i] ?? 0) / at(i, i);
    }
    return x;
  };
  return {
    mean: solve(shift),
    covariance: shift.map((_, i) => solve(shift.map((__, j) => (i === j ? 1 : 0)))),
    logDeterminant: shift.reduce((sum, _, i) => sum + 2 * Math.log(at(i, i)), 0),
  };
}
