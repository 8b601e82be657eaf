/** What a search for a least value came to; it never throws for not converging. */
export interface MinimumOutcome {
  readonly x: readonly number[];
  readonly value: number;
  readonly calls: number;
  readonly converged: boolean;
}

/**
 * Least value of f about `start` by the simplex of Nelder & Mead (1965), for a handful of unknowns and no derivatives.
 * @param step first edge of the simplex in each direction
 */
export function minimise(
  f: (x: readonly number[]) => number,
  start: readonly number[],
  step: number,
  tolerance = 1e-10,
  most = 2000,
): MinimumOutcome {
  const n = start.length;
  let calls = 0;
  const at = (x: readonly number[]): Corner => {
    calls += 1;
    const v = f(x);
    return { x, v: Number.isNaN(v) ? Infinity : v };
  };
  let s: Corner[] = [at(start), ...start.map((_, i) => at(start.map((x, j) => (i === j ? x + step : x))))];
  while (calls < most) {
    s.sort((a, b) => a.v - b.v);
    const best = s[0] as Corner;
    const worst = s[n] as Corner;
    const wide = Math.max(...best.x.map((x, j) => Math.max(...s.map((c) => Math.abs((c.x[j] as number) - x)))));
    if (Math.abs(worst.v - best.v) <= tolerance * (1 + Math.abs(best.v)) && wide < 1e-6)
      return { x: best.x, value: best.v, calls, converged: true };
    const middle = start.map((_, j) => s.slice(0, n).reduce((a, c) => a + (c.x[j] as number), 0) / n);
    const towards = (t: number): Corner => at(middle.map((m, j) => m + t * ((worst.x[j] as number) - m)));
    const reflected = towards(-1);
    if (reflected.v < best.v) {
      const further = towards(-2);
      s[n] = further.v < reflected.v ? further : reflected;
    } else if (reflected.v < (s[n - 1] as Corner).v) s[n] = reflected;
    else {
      const nearer = towards(reflected.v < worst.v ? -0.5 : 0.5);
      if (nearer.v < Math.min(worst.v, reflected.v)) s[n] = nearer;
      else s = s.map((c, i) => (i === 0 ? c : at(c.x.map((x, j) => ((best.x[j] as number) + x) / 2))));
    }
  }
  const [best] = s.sort((a, b) => a.v - b.v) as [Corner, ...Corner[]];
  return { x: best.x, value: best.v, calls, converged: false };
}
interface Corner {
  readonly x: readonly number[];
  readonly v: number;
}

/** Second derivatives of f at a point by central differences of `h` in each direction. */
export function hessian(
  f: (x: readonly number[]) => number,
  x: readonly number[],
  h: number,
): readonly (readonly number[])[] {
  const at = (i: number, di: number, j: number, dj: number): number =>
    f(x.map((v, k) => v + (k === i ? di : 0) + (k === j ? dj : 0)));
  return x.map((_, i) =>
    x.map((__, j) => (at(i, h, j, h) - at(i, h, j, -h) - at(i, -h, j, h) + at(i, -h, j, -h)) / (4 * h * h)),
  );
}
