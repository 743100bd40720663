/**
 * Solves A·X = B for a tridiagonal A by Thomas' algorithm, in place of B's columns.
 *
 * @param diagonal n values; @param off n − 1 values, the same above and below (A symmetric)
 * @param columns right-hand sides of n values each, overwritten with the solutions
 */
export function solveTridiagonal(diagonal: Float64Array, off: Float64Array, columns: readonly Float64Array[]): void {
  const n = diagonal.length;
  const pivot = Float64Array.from(diagonal);
  for (let i = 1; i < n; i++) {
    const m = off[i - 1]! / pivot[i - 1]!;
    pivot[i]! -= m * off[i - 1]!;
    for (const c of columns) c[i]! -= m * c[i - 1]!;
  }
  for (const c of columns) {
    c[n - 1]! /= pivot[n - 1]!;
    for (let i = n - 2; i >= 0; i--) c[i] = (c[i]! - off[i]! * c[i + 1]!) / pivot[i]!;
  }
}

/** Solves a 3 × 3 system by Cramer's rule; rows of three; NaN when singular. */
export function solve3(m: readonly (readonly number[])[], v: readonly number[]): [number, number, number] {
  const [[a, b, c], [d, e, f], [g, h, i]] = m as [number[], number[], number[]] as [
    [number, number, number],
    [number, number, number],
    [number, number, number],
  ];
  const [p, q, r] = v as [number, number, number];
  const det = a * (e * i - f * h) - b * (d * i - f * g) + c * (d * h - e * g);
  return [
    (p * (e * i - f * h) - b * (q * i - f * r) + c * (q * h - e * r)) / det,
    (a * (q * i - f * r) - p * (d * i - f * g) + c * (d * r - q * g)) / det,
    (a * (e * r - q * h) - b * (d * r - q * g) + p * (d * h - e * g)) / det,
  ];
}
