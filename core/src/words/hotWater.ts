import { thingOf } from '../kitchen';

import type { Kit } from '../kitchen';
import { boilingC, boilingShare, kindOf, numberOf, standsUntilS, vesselKJPerK, WATER } from '../steps';
import type { Step } from '../steps';
import { MINUTE_S } from '../units';
import { celsius, duration, grams, join } from './format';

/** Water this much warmer than the tap is hot: its temperature must be made, K. */
const HOT_OVER_TAP_K = 20;
/** So near to the boil it is the kettle's own, K. */
const BOILING_WITHIN_K = 3;
/** Longer than this nobody waits for a kettle, s. */
const WAITS_AT_MOST_S = 45 * MINUTE_S;
/** Mixed by the five grams: a kitchen scale and a moving kettle are no finer. */
const STEP_G = 5;

/**
 * How so much hot water is had without a thermometer: straight from the kettle, mixed of boiling and cold, or left
 * standing in the bowl. Null: it is not hot, or there is none of it. `waterG` is that of one of the loads.
 */
export function hotWaterText(waterG: number, c: number, kit: Kit, loads = 1): string | null {
  if (waterG <= 0 || c < kit.tapC + HOT_OVER_TAP_K) return null;
  const boil = boilingC(kit.altitudeM);
  if (c >= boil - BOILING_WITHIN_K) return `${join(celsius(c))}: straight from the kettle.`;
  const share = boilingShare(c, boil, kit.tapC);
  if (share === null) return null;
  const boiling = Math.round((waterG * share) / STEP_G) * STEP_G;
  const mixed = `${join(grams(boiling))} boiling and ${join(grams(waterG - boiling))} from the tap`;
  const stands = standsText(waterG, c, kit);
  const waits = stands === null ? '' : `; or boil all of it and ${stands}`;
  return `${join(celsius(c))} without a thermometer${loads > 1 ? ', for each load' : ''}: ${mixed}${waits}.`;
}

/** Water that must have boiled is not thinned with water that has not: it stands until it is cool enough. */
function boiledText(waterG: number, c: number, kit: Kit): string | null {
  if (waterG <= 0 || c < kit.tapC + HOT_OVER_TAP_K) return null;
  const boil = boilingC(kit.altitudeM);
  if (c >= boil - BOILING_WITHIN_K) return `${join(celsius(c))}: straight from the kettle.`;
  const waits = standsText(waterG, c, kit);
  return waits === null ? null : `${join(celsius(c))} without a thermometer: boil it and ${waits}.`;
}
/** “let it stand open in “Bowl” for about 12 min”; null: too short to be timed, or too long to be waited for. */
function standsText(waterG: number, c: number, kit: Kit): string | null {
  const bowl = thingOf(kit, 'bowl', kit.use.bowl);
  const s = standsUntilS(waterG, c, boilingC(kit.altitudeM), kit.roomC, vesselKJPerK(bowl));
  // Told in whole minutes; a first minute is gone before anything is measured.
  return s !== null && s >= MINUTE_S && s <= WAITS_AT_MOST_S
    ? `let it stand open in “${bowl.name}” for about ${join(duration(Math.round(s / MINUTE_S) * MINUTE_S))}`
    : null;
}

/** The same for the water of a step, one load of it; null: it takes none that is hot. */
export function hotWaterOf(step: Step, kit: Kit): string | null {
  const { params } = kindOf(step.kind);
  if (step.kind === 'pour')
    return step.params.liquid !== WATER
      ? null
      : step.params.boiled
        ? boiledText(step.params.amountG, step.params.atC, kit)
        : hotWaterText(step.params.amountG, step.params.atC, kit);
  if (!('waterG' in params) || !('waterC' in params)) return null;
  const loads = 'loads' in params ? numberOf(step, 'loads') : 1;
  return hotWaterText(numberOf(step, 'waterG') / Math.max(1, loads), numberOf(step, 'waterC'), kit, loads);
}
