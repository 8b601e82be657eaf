export {
  pelegK1,
  pelegGain,
  longestSoakH,
  solidsLossPace,
  solidsLossShare,
  LOSS_MAKEUP,
  coverWater,
} from './hydration';
export { mixedC, vesselKJPerK, PLASTIC_JUG_KJ_PER_KL } from './mixing';
export {
  rittingerUm,
  openedShare,
  jugC,
  passingShare,
  jugFillShare,
  POWER_TO_SLURRY,
  DRAWN_OF_RATED,
} from './comminution';
export {
  underflow,
  leftAfter,
  heatedPace,
  HELD_PER_G,
  HEATED_PROTEIN,
  HEATED_FAT,
  GROUND_HOT,
  FILM_G,
} from './leaching';
export type { Hand } from './leaching';
export { pressurePa, boilingC, heatUpS, steamGPerS, latentKJPerKg, TRUE_BOIL_C, HOB_EFFICIENCY } from './boiling';
export type { Vigour } from './boiling';
export {
  inhibitorPace,
  labileLeft,
  stableLeft,
  inhibitorLeft,
  pasteurisingPace,
  INHIBITOR,
  INHIBITOR_GOAL,
  BOIL_AT_LEAST_S,
  HOT_THROUGH_S,
  PASTEURISED_MIN,
} from './inactivation';
export { enzymeDeathPerMin, flavourPerMin, FLAVOUR_OFF_PER_MIN } from './oxidation';
export { timeConstantS, cooledC, secondsTo, roundAreaM2, iceKg, COOLING_W_PER_M2K, COOLING_LIMITS } from './cooling';
export type { CoolingPlace } from './cooling';
export { spoilagePace, SPENDING_BELOW_C, TOUCHED_CAP_DAYS, COLD_C } from './spoilage';
export { foamFactor, POT_FULL, TURNS_OVER } from './foam';
