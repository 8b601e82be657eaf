/** What an iterative search came to; it never throws for not converging. */
export interface RootOutcome {
  readonly x: number;
  readonly residual: number;
  readonly calls: number;
  readonly converged: boolean;
}

/**
 * Root of f on [low, high] by the Illinois false position (Dowell & Jarratt 1971), safe and derivative-free.
 * When f does not change sign the nearer end is returned with converged: false, so "unreachable" is an answer.
 */
export function findRoot(
  f: (x: number) => number,
  low: number,
  high: number,
  tolerance: number,
  most = 60,
): RootOutcome {
  let a = low;
  let b = high;
  let fa = f(a);
  let fb = f(b);
  let calls = 2;
  if (Math.abs(fa) <= tolerance) return { x: a, residual: fa, calls, converged: true };
  if (Math.abs(fb) <= tolerance) return { x: b, residual: fb, calls, converged: true };
  if (fa * fb > 0) {
    const [x, residual] = Math.abs(fa) < Math.abs(fb) ? [a, fa] : [b, fb];
    return { x, residual, calls, converged: false };
  }
  let side = 0;
  let x = a;
  let fx = fa;
  while (calls < most) {
    x = (fa * b - fb * a) / (fa - fb);
    fx = f(x);
    calls += 1;
    if (Math.abs(fx) <= tolerance) return { x, residual: fx, calls, converged: true };
    if (fx * fb > 0) {
      b = x;
      fb = fx;
      if (side === -1) fa /= 2;
      side = -1;
    } else {
      a = x;
      fa = fx;
      if (side === 1) fb /= 2;
      side = 1;
    }
  }
  return { x, residual: fx, calls, converged: false };
}
