import { hessian, minimise, Z80 } from '../numerics';
import { approached } from '../steps';

/** How much of a jar had gone clear after it stood so long, h. */
export interface SeenClear {
  readonly hours: number;
  readonly share: number;
}
/** An exponential approach: the share in the end and the rate an hour, with 1 σ of the share's logit and of the rate's logarithm. */
export interface Approach {
  readonly finalShare: number;
  readonly perH: number;
  readonly sdFinal: number;
  readonly sdRate: number;
  /** The layer is watery and not clear: its edge is no line, so a cook who marks less of it saw nothing unusual. */
  readonly blurred?: true;
}
/** A line on a jar is read to this share of the height, 1 σ (estimate). */
const READ_SD = 0.02;
/** What is expected is known no better than this, 1 σ (estimates): about as the spreads of packing and settling. */
const EXPECTED_SD = { final: 0.5, rate: 0.5 } as const;
const logit = (x: number): number => Math.log(x / (1 - x));
const ofLogit = (a: number): number => 1 / (1 + Math.exp(-a));
const LEAST_SHARE = 0.01;
const MOST_SHARE = 0.99;
const LEAST_RATE = 1e-3;

/** The approach that goes through what is expected: its share in the end, and the rate by which half of it is reached. */
export function expectedApproach(expected: readonly SeenClear[]): Approach {
  const end = expected.reduce((x, e) => Math.max(x, e.share), LEAST_SHARE);
  const half = expected.find((e) => e.share >= end / 2);
  const before = expected.findLast((e) => e.share < end / 2 && e.hours < (half?.hours ?? 0));
  let at = half?.hours ?? 24;
  if (half && before && half.share > before.share)
    at = before.hours + ((end / 2 - before.share) / (half.share - before.share)) * (half.hours - before.hours);
  return {
    finalShare: Math.min(MOST_SHARE, end),
    perH: Math.max(LEAST_RATE, Math.LN2 / Math.max(0.05, at)),
    sdFinal: EXPECTED_SD.final,
    sdRate: EXPECTED_SD.rate,
  };
}

/**
 * The looks of one milk as an exponential approach, with what was expected as the prior: one look moves it a little, five
 * decide. Maximum a posteriori; the spreads from the curvature there. No looks: what was expected.
 */
export function fittedApproach(seen: readonly SeenClear[], prior: Approach): Approach {
  if (seen.length === 0) return prior;
  const at = [logit(prior.finalShare), Math.log(prior.perH)] as const;
  const f = ([a = 0, lnR = 0]: readonly number[]): number => {
    const share = ofLogit(a);
    const rate = Math.exp(Math.min(10, lnR));
    const miss = seen.reduce((x, s) => x + ((approached(share, rate, s.hours) - s.share) / READ_SD) ** 2, 0);
    return 0.5 * (miss + ((a - at[0]) / prior.sdFinal) ** 2 + ((lnR - at[1]) / prior.sdRate) ** 2);
  };
  const { x } = minimise(f, at, 0.2);
  const [a = 0, lnR = 0] = x;
  const [[ss = 0, sr = 0] = [], [, rr = 0] = []] = hessian(f, x, 1e-3);
  const det = ss * rr - sr * sr;
  const sd = (v: number, most: number): number => (det > 0 && v > 0 ? Math.min(most, Math.sqrt(v / det)) : most);
  return {
    finalShare: Math.min(MOST_SHARE, Math.max(LEAST_SHARE / 10, ofLogit(a))),
    perH: Math.exp(lnR),
    sdFinal: sd(rr, prior.sdFinal),
    sdRate: sd(ss, prior.sdRate),
  };
}

/** The share in the end, so many σ from its middle. */
const finalAt = (a: Approach, z: number): number => ofLogit(logit(a.finalShare) + z * a.sdFinal);
/** The share in the end with its 80 % range, and the hours after which half of it is there, with theirs. */
export function approachRanges(a: Approach): Readonly<Record<'final' | 'halfH', readonly [number, number, number]>> {
  const half = (z: number): number => Math.LN2 / (a.perH * Math.exp(z * a.sdRate));
  return { final: [finalAt(a, -Z80), a.finalShare, finalAt(a, Z80)], halfH: [half(Z80), half(0), half(-Z80)] };
}
/** The share expected after so long, with its 80 % band. */
export function clearAt(
  a: Approach,
  hours: number,
): { readonly share: number; readonly low: number; readonly high: number } {
  const of = (zS: number, zR: number): number => approached(finalAt(a, zS), a.perH * Math.exp(zR * a.sdRate), hours);
  const share = of(0, 0);
  const edge = (z: number): number => Math.hypot(of(z, 0) - share, of(0, z) - share, READ_SD);
  return { share, low: Math.max(0, share - edge(-Z80)), high: Math.min(1, share + edge(Z80)) };
}
/** Whether a milk has separated as much as expected. */
export function judgedClear(seen: SeenClear, expected: Approach): 'normal' | 'more' | 'less' {
  const e = clearAt(expected, seen.hours);
  if (seen.share > e.high) return 'more';
  return seen.share < e.low && !expected.blurred ? 'less' : 'normal';
}
