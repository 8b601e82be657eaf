export { asRead, fold, larderStreams, loadsOf } from './fold';
export type { Given } from './fold';
export { summarise, mainStream, kcalPer100Ml } from './summary';
export type { Depth, Summary, ProductSummary, BodySummary } from './summary';
export { jarredStreams } from './summary';
export { CLASSES, classesOf } from './classes';
export type { ClassResult, ClassMeasure } from './classes';
export type { Cost } from './cost';
export { MEASURES, SET } from './measures';
export type { Measure } from './measures';
export { progressOf, ranForS, timerS, canSkip } from './progress';
export { runsByItself } from './atHand';
export { readableAt, recordedOf } from './readable';
export type { Readable } from './readable';
export {
  clockParam,
  clockReading,
  coolingByProbe,
  coolsInS,
  ifStoppedNow,
  probeIn,
  soakingNow,
  holdingNow,
  warmNowC,
} from './underWay';
export { endQuestionOf, endsBoiledEnough, isRawNow } from './boiledEnough';
export type { EndQuestion } from './boiledEnough';
export type { FilledInto, Progress, Rescue } from './progress';
export { everyStep } from './edited';
export type { TaskState } from './taskState';
export type { SoakingNow, HoldingNow } from './underWay';
export { measuredStages } from './asMeasured';
export { foamedOver, foamedReading, RUNS_OVER_C } from './mishaps';
export { climbAt, climbOf, climbReaches } from './climb';
export type { ClimbPoint } from './climb';
export { jobsOf, oneCookEnds, thingsOf } from './jobs';
export type { Job } from './jobs';
export { jarsOf } from './jars';
export { capOf, dryingOf, jarNow, knowing, layersAhead } from './jarLife';
export { linesOf, paceMeanC, warmSpells } from './fridgeLog';
export type { HourLine, WarmSpell } from './fridgeLog';
export { freezesUpToMl, pouredOver, splitInto, tubMl } from './vessels';
export type { Chosen, Split } from './vessels';
export type { Ice } from './ice';
export type { JarNow, Lifted, SeenLook } from './jarLife';
export { expectedParting, fateOfJar, isPulpFate } from './fates';
export type { Fate } from './fates';
export { jarTimes, keptTill } from './keptTill';
export type { JarTimes, KeptTill } from './keptTill';
export type { OutCost, Spending } from './account';
export { lineAt } from './whereabouts';
export type { Out } from './whereabouts';
export { layersFault, LIKED, LOOK_SCALES, saysFine, saysNothing, saysTurned, SIGNS } from './looks';
export { measuredOf } from './looks';
export type { Expected, Liked, Look, Measured, MeasuredTold, Scale, Sign } from './looks';
export type { Photo, PhotoFrame, PhotoSeen } from './looks';
export { endOfJar, inOrder, lastSeq, latestInstant, MOST_SEQ, nextSeq, standing, unsaid } from './log';
export type { Happening, JarHappening } from './log';
export { digestOf, measuredMl, lastMilkWeight } from './digest';
export type { Digest } from './digest';
export { fateOf } from './shelf';
export {
  ABANDON_REASONS,
  CAME_BACK,
  JAR_PLACES,
  MAKING_TROUBLES,
  MILK_TROUBLES,
  OUT_PLACES,
  SKIP_REASONS,
  THROWN_REASONS,
} from './events';
export type {
  AbandonReason,
  BatchEvent,
  Filling,
  FrozenBatch,
  FilledJar,
  FridgeLine,
  JarEvent,
  JarPlace,
  OutPlace,
  Promised,
  RescueEdit,
  SkipReason,
  ThrownReason,
  TraceChunk,
  Trouble,
} from './events';
export { promisedOf, MODEL } from './promised';
export { gramsPerLitre } from './strength';
