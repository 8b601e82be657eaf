import type { Kit } from '../kitchen';
import { boilingC, boilingShare, standsUntilS } from '../steps';
import type { Stage, Step } from '../steps';
import { MINUTE_S } from '../units';
import { celsius, duration, join } from './format';

/** Nobody mixes finer than this many parts. */
const MOST_PARTS = 5;
/** A bath is renewed when it has fallen by so much, K; of so much water, g (common practice). */
const FALLS_K = 3;
const BATH_G = 3000;
/** Warmer than the tap by this it must be made, K. */
const OVER_TAP_K = 15;

/** The two small numbers whose share comes nearest: 0.58 → 3 of boiling, 2 of cold. */
function partsOf(share: number): readonly [number, number] {
  let best: readonly [number, number] = [1, 1];
  let off = Infinity;
  for (let hot = 1; hot <= MOST_PARTS; hot += 1)
    for (let cold = 1; cold <= MOST_PARTS; cold += 1) {
      const d = Math.abs(hot / (hot + cold) - share);
      // Of two as near, the smaller numbers.
      if (d < off - 1e-9) [best, off] = [[hot, cold], d];
    }
  return best;
}
const parts = (n: number): string => `${n} ${n === 1 ? 'part' : 'parts'}`;

/**
 * How something is kept at a temperature with neither probe nor thermometer: a bath of boiling and cold water, and when it
 * wants renewing. null: a bath cannot be made of it, or it is no warmer than the tap.
 */
export function bathText(c: number, kit: Kit): string | null {
  const boil = boilingC(kit.altitudeM);
  const share = c < kit.tapC + OVER_TAP_K ? null : boilingShare(c, boil, kit.tapC);
  if (share === null) return null;
  const [hot, cold] = partsOf(share);
  const isC = (hot * boil + cold * kit.tapC) / (hot + cold);
  // The bowl has taken its share by the first time.
  const s = standsUntilS(BATH_G, isC - FALLS_K, isC, kit.roomC, 0);
  const renew =
    s === null || s < MINUTE_S ? '' : ` Renew it about every ${join(duration(Math.round(s / MINUTE_S) * MINUTE_S))}.`;
  return `Without a thermometer: ${parts(hot)} boiling to ${parts(cold)} of cold water is a bath of about ${join(celsius(Math.round(isC)))}; stand it in there.${renew}`;
}
/** The same for a task that keeps something warm, or brings it there; null: it needs none. */
export function keptByHand(step: Step, task: string, stage: Stage, kit: Kit): string | null {
  if (step.kind === 'enzyme') return bathText(step.params.atC, kit);
  if (step.kind !== 'heat') return null;
  if (task === 'hold') return bathText(step.params.toC, kit);
  const s = stage.figures.heatUpS ?? 0;
  return s < MINUTE_S
    ? null
    : `Without a thermometer: about ${join(duration(s))} on full heat, stirring. It steams, small beads sit at the wall, and nothing bubbles yet.`;
}
