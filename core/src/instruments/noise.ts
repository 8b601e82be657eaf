import { normal, seededRandom } from '../numerics';

/** How an instrument strays from what is so. */
export interface Straying {
  /** 1 σ of a single reading, in its unit. */
  readonly sd: number;
  /** How far off it is all along, 1 σ over the instruments of its kind, in its unit. */
  readonly biasSd: number;
  /** Of all whiles of so many s, this share brings nothing at all: a hand or a pot stood in between. */
  readonly outShare: number;
  readonly outS: number;
  /** Of single readings this share says that it does not know. */
  readonly unknownShare: number;
}
/** What an instrument makes of a true value at a moment: what it tells; null: it says that it does not know; silent: nothing comes. */
export type Told = number | null | 'silent';

/** Numbers that name one draw: the same in any order they are asked for, so that a stream can be taken up anywhere. */
function drawOf(seed: number, ...of: readonly number[]): () => number {
  let h = seed >>> 0;
  for (const x of of) h = Math.imul(h ^ (Math.round(x) & 0xffffffff), 0x9e3779b1) ^ (h >>> 15);
  return seededRandom(h);
}
const WHILES = 7;
const BIAS = 11;
/**
 * A true value as an instrument tells it at `atS`: a pure function of seed, place and moment. `place` keeps instruments of
 * one kitchen apart.
 */
export function strayed(truly: number, s: Straying, seed: number, place: number, atS: number): Told {
  const whole = Math.floor(atS / s.outS);
  if (drawOf(seed, place, WHILES, whole)() < s.outShare) return 'silent';
  const random = drawOf(seed, place, 0, atS * 1000);
  if (random() < s.unknownShare) return null;
  const bias = s.biasSd === 0 ? 0 : s.biasSd * normal(drawOf(seed, place, BIAS));
  return truly + bias + s.sd * normal(random);
}
