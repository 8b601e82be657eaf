/** Coefficients of a linear model, and the 1 σ of each for an error of 1 σ = 1 in every row. */
export interface Fitted {
  readonly of: readonly number[];
  readonly sd: readonly number[];
}
/**
 * Ordinary least squares by the normal equations (Gauss–Jordan with pivots), for a handful of well-scaled columns.
 * @param rows one row of the model matrix each, all of one length
 * @param y what was seen, one for each row
 * @returns null where the rows do not tell all coefficients apart
 */
export function leastSquares(rows: readonly (readonly number[])[], y: readonly number[]): Fitted | null {
  const p = rows[0]?.length ?? 0;
  if (rows.length < p || p === 0) return null;
  const over = (f: (row: readonly number[], i: number) => number): number => rows.reduce((s, r, i) => s + f(r, i), 0);
  const each = Array.from({ length: p }, (_, j) => j);
  // [XᵀX | I | Xᵀy], until the left is I: then the inverse and the coefficients stand beside it.
  const m = each.map((j) => [
    ...each.map((k) => over((r) => (r[j] ?? 0) * (r[k] ?? 0))),
    ...each.map((k) => (j === k ? 1 : 0)),
    over((r, i) => (r[j] ?? 0) * (y[i] ?? 0)),
  ]);
  const cell = (i: number, j: number): number => m[i]?.[j] ?? 0;
  const size = Math.max(...each.map((j) => cell(j, j)));
  for (const j of each) {
    const best = each.slice(j).reduce((a, b) => (Math.abs(cell(b, j)) > Math.abs(cell(a, j)) ? b : a), j);
    if (Math.abs(cell(best, j)) <= 1e-9 * size) return null;
    [m[j], m[best]] = [m[best] ?? [], m[j] ?? []];
    const pivot = cell(j, j);
    m[j] = (m[j] ?? []).map((x) => x / pivot);
    for (const i of each) {
      const times = cell(i, j);
      if (i !== j && times !== 0) m[i] = (m[i] ?? []).map((x, k) => x - times * cell(j, k));
    }
  }
  return { of: each.map((j) => cell(j, 2 * p)), sd: each.map((j) => Math.sqrt(Math.max(0, cell(j, p + j)))) };
}
