import { hessian, minimise, Z80 } from '../numerics';

/**
 * What became of one jar, in days at 4 °C: it was fine at `fineD`; null `turnedD`: that is all that is known (drunk in
 * time, thrown away to be safe, still standing: right-censored); else it turned between the two (interval-censored).
 */
export interface Lasted {
  readonly fineD: number;
  readonly turnedD: number | null;
}
/** A step of a survival curve: from `d` on, this share is still fine, within the band; how many were at risk there. */
export interface KmStep {
  readonly d: number;
  readonly share: number;
  readonly low: number;
  readonly high: number;
  readonly atRisk: number;
}

/**
 * Kaplan & Meier (1958). A jar that turned counts at the middle of its interval; one that was drunk in time leaves when it
 * was last fine, after those that turned there. The band is Greenwood’s (1926) on log(−log), two-sided 80 %.
 */
export function kaplanMeier(jars: readonly Lasted[]): readonly KmStep[] {
  const told = jars
    .map((j) => ({ d: j.turnedD === null ? j.fineD : (j.fineD + j.turnedD) / 2, turned: j.turnedD !== null }))
    .sort((a, b) => a.d - b.d);
  const out: KmStep[] = [{ d: 0, share: 1, low: 1, high: 1, atRisk: jars.length }];
  let share = 1;
  let sum = 0;
  for (let i = 0; i < told.length;) {
    const d = (told[i] as (typeof told)[number]).d;
    const atRisk = told.length - i;
    let turned = 0;
    for (; told[i]?.d === d; i += 1) if (told[i]?.turned) turned += 1;
    if (turned === 0) continue;
    share *= 1 - turned / atRisk;
    if (atRisk > turned) sum += turned / (atRisk * (atRisk - turned));
    out.push({ d, share, ...band(share, sum), atRisk });
  }
  return out;
}
function band(share: number, sum: number): { readonly low: number; readonly high: number } {
  if (share <= 0 || share >= 1) return { low: share, high: share };
  const log = Math.log(-Math.log(share));
  const se = Math.sqrt(sum) / Math.abs(Math.log(share));
  return { low: Math.exp(-Math.exp(log + Z80 * se)), high: Math.exp(-Math.exp(log - Z80 * se)) };
}

/** Weibull’s survival: S(d) = exp(−(d/λ)^k). k 2, λ 5: S(4) = .52729. */
export const weibullShare = (k: number, lambda: number, d: number): number =>
  Math.exp(-((Math.max(0, d) / lambda) ** k));

export interface WeibullFit {
  /** Shape, scale (days at 4 °C), and the covariance of their logarithms. */
  readonly k: number;
  readonly lambda: number;
  readonly cov: readonly [number, number, number];
  readonly logLikelihood: number;
}
/** A turned jar whose interval is shorter than this counts as an instant, days. */
const INSTANT_D = 1e-9;

/** −log L of models §7: Π[S(fine) − S(turned)]·ΠS(fine), the density where the two are one instant. */
export function weibullLoss(jars: readonly Lasted[], k: number, lambda: number): number {
  let loss = 0;
  for (const j of jars) {
    const a = (Math.max(0, j.fineD) / lambda) ** k;
    if (j.turnedD === null) loss += a;
    else if (j.turnedD - j.fineD < INSTANT_D)
      loss -= Math.log(k / lambda) + (k - 1) * Math.log(Math.max(1e-12, j.turnedD) / lambda) - a;
    else loss += a - Math.log(-Math.expm1(a - (j.turnedD / lambda) ** k));
  }
  return loss;
}

/** Fewer than so many that turned, or so many jars in all, say nothing of how long milk lasts here (common practice of statistics: no fit on two points). */
export const ENOUGH = { turned: 3, jars: 8 } as const;

/** The Weibull that makes what was seen most likely; null: too few have turned to say. */
export function weibullFit(jars: readonly Lasted[]): WeibullFit | null {
  const turned = jars.filter((j) => j.turnedD !== null);
  if (turned.length < ENOUGH.turned || jars.length < ENOUGH.jars) return null;
  const mean = turned.reduce((x, j) => x + (j.fineD + (j.turnedD ?? 0)) / 2, 0) / turned.length;
  const f = ([lnK = 0, lnL = 0]: readonly number[]): number => weibullLoss(jars, Math.exp(lnK), Math.exp(lnL));
  const found = minimise(f, [Math.log(2), Math.log(Math.max(0.1, 1.3 * mean))], 0.3);
  const [lnK = 0, lnL = 0] = found.x;
  // All turned within one instant, or nothing to tell the two apart: no shape can be fitted.
  if (!found.converged || Math.abs(lnK) > 4 || Math.abs(lnL) > 12) return null;
  const [[kk = 0, kl = 0] = [], [, ll = 0] = []] = hessian(f, found.x, 1e-4);
  const det = kk * ll - kl * kl;
  if (!(det > 0)) return null;
  return { k: Math.exp(lnK), lambda: Math.exp(lnL), cov: [ll / det, -kl / det, kk / det], logLikelihood: -found.value };
}
/** The share still fine at `d` with its two-sided 80 % band, by the delta method on log(−log S). */
export function weibullBand(
  f: WeibullFit,
  d: number,
): { readonly share: number; readonly low: number; readonly high: number } {
  const share = weibullShare(f.k, f.lambda, d);
  if (d <= 0) return { share: 1, low: 1, high: 1 };
  const u = Math.log(d / f.lambda);
  // g = k·(ln d − ln λ): by ln k it is g itself, by ln λ it is −k.
  const [a, b, c] = f.cov;
  const g = f.k * u;
  const se = Math.sqrt(Math.max(0, g * g * a - 2 * g * f.k * b + f.k * f.k * c));
  return { share, low: Math.exp(-Math.exp(g + Z80 * se)), high: Math.exp(-Math.exp(g - Z80 * se)) };
}

/** So many jars in ten should still be fine when the usual time ends: the lower edge of the band decides, not its middle. */
const STILL_FINE = 0.9;
/** Days at 4 °C up to which this kitchen’s jars may be trusted, before it is held between the low end and the cap. */
export function trustedDays(f: WeibullFit): number {
  let low = 0;
  let high = f.lambda * 2;
  for (let i = 0; i < 60; i += 1) {
    const mid = (low + high) / 2;
    if (weibullBand(f, mid).low >= STILL_FINE) low = mid;
    else high = mid;
  }
  return low;
}
