export {
  pelegK1,
  pelegGain,
  pelegHours,
  longestSoakH,
  solidsLossPace,
  solidsLossShare,
  LOSS_MAKEUP,
  coverWater,
} from './hydration';
export {
  mixedC,
  vesselKJPerK,
  PLASTIC_JUG_KJ_PER_KL,
  withIce,
  ICE,
  WATER_KJ_PER_KGK,
  boilingShare,
  standsUntilS,
} from './mixing';
export {
  rittingerJPerG,
  rittingerUm,
  openedShare,
  openingTimes,
  jugC,
  passingShare,
  passesBelowUm,
  finerThan,
  layered,
  kneadedShare,
  KNEAD_RUN_S,
  feltShare,
  FELT_FROM_UM,
  toughness,
  finesBySize,
  gritThrough,
  HOT_JUG_C,
  jugFillShare,
  POWER_TO_SLURRY,
  DRAWN_OF_RATED,
} from './comminution';
export {
  underflow,
  heldByThickness,
  strainSPerKg,
  leftAfter,
  leftAfterWashes,
  heatedPace,
  HANDS,
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
export {
  timeConstantS,
  cooledC,
  secondsTo,
  roundAreaM2,
  iceKg,
  iceBath,
  throughWall,
  COOLING_W_PER_M2K,
  COOLING_LIMITS,
  outOfColdS,
  MADE_COLD_S,
  TRAY_KG_PER_M2,
} from './cooling';
export type { CoolingPlace, CoolingWay } from './cooling';
export { evaporationWPerM2, wetCooling, WETNESS } from './evaporating';
export { FRIDGE, inFridge } from './warmsFridge';
export { funnelFrom, perSecond, SYRUPS, syrupMm2S, throughIn } from './funnel';
export {
  FREEZER_C,
  spoilagePace,
  SPENDING_BELOW_C,
  spentAfterHeating,
  MADE_CAP_DAYS,
  TOUCHED_CAP_DAYS,
  COLD_C,
  FROZEN_CAP_DAYS,
  FROZEN_BELOW_C,
  freezerFill,
} from './spoilage';
export { foamFactor, POT_FULL, TURNS_OVER } from './foam';
export {
  glucanPool,
  glucanPace,
  GLUCAN_PER_MIN,
  glucanThickening,
  glucanVolume,
  dissolvingTimes,
  starchThickening,
  swelling,
  waterMPaS,
  SQUEEZED,
  SETS_FROM,
  BODY_FROM,
  SLIPPERY_FROM,
  PASTY_FROM,
  WATERY_BELOW,
  proteinMlPerG,
  sugarThickening,
} from './thickening';
export {
  starchCutPerMin,
  glucanCutPerMin,
  starchOpen,
  ENZYME_DEAD_C,
  MALT_DOSE_G,
  MALTOSE_PER_STARCH,
  CUT_THINS,
} from './hydrolysis';
export { platoToGravity } from './sweetness';
export { dryingS, ovenWetBulbC, PULP_MOISTURE, OVEN_W_PER_M2K } from './drying';
export { CAP, settlingMmPerH, standingPace, capG, HEAVIER, HELD_UP_FROM } from './settling';
export { approached, CLEAR_BELOW, layersAfter, PACKS_TO, serumShare } from './layering';
export type { Layer, LayerKind, Swarm } from './layering';
export { FREEZING_POINT_C, frozenC, frozenSeconds, iceShare } from './freezing';
export type { FreezingBody } from './freezing';
export { hobSteamGPerS, kettleKJ, LIDDED_STEAM, potCourse, potFaces, potLossW } from './openPot';
export type { PotCourse, PotFaces, PotPlacement } from './openPot';
