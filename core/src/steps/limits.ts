/**
 * What the rooms above may know of the laws: the limits that checks and words compare with, and the inverses that their
 * mends are reckoned by. Their one home is the law; this is the one door.
 */
export {
  BODY_FROM,
  approached,
  boilingC,
  boilingShare,
  BOIL_AT_LEAST_S,
  COLD_C,
  COOLING_LIMITS,
  dissolvingTimes,
  freezerFill,
  FROZEN_BELOW_C,
  FROZEN_CAP_DAYS,
  glucanPool,
  glucanVolume,
  gritThrough,
  HOT_JUG_C,
  layered,
  openingTimes,
  OUT_OF_COLD,
  passesBelowUm,
  PASTEURISED_MIN,
  serumShare,
  SLIPPERY_FROM,
  spoilagePace,
  standsUntilS,
  vesselKJPerK,
  TOUCHED_CAP_DAYS,
  TURNS_OVER,
  WATERY_BELOW,
} from '../laws';
