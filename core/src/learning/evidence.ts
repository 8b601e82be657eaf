import type { Fit } from '../steps';

/** What one batch says of one coefficient: the logarithm of its multiple of the usual value, and the 1 σ of that. */
export interface Evidence {
  readonly coefficient: string;
  readonly ln: number;
  readonly sd: number;
}
/**
 * A batch's fits as evidence: one a coefficient, the mean of them where a bag was pressed more than once. A reading that
 * no value inside the bounds explains (something was spilt, or mistyped) says nothing of the thing and is left out.
 */
export function evidenceOf(fits: readonly Fit[]): readonly Evidence[] {
  const by = new Map<string, { ln: number; variance: number; n: number }>();
  for (const f of fits) {
    if (f.leftOver !== 0) continue;
    const e = by.get(f.coefficient) ?? { ln: 0, variance: 0, n: 0 };
    by.set(f.coefficient, { ln: e.ln + Math.log(f.value), variance: e.variance + f.sd * f.sd, n: e.n + 1 });
  }
  return [...by].map(([coefficient, e]) => ({ coefficient, ln: e.ln / e.n, sd: Math.sqrt(e.variance) / e.n }));
}
