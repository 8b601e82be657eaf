export { fold, larderStreams } from './fold';
export type { Given } from './fold';
export { summarise, mainStream, kcalPer100Ml } from './summary';
export type { Summary, ProductSummary, BodySummary } from './summary';
export { jarredStreams } from './summary';
export { CLASSES, classesOf } from './classes';
export type { ClassResult, ClassMeasure } from './classes';
export type { Cost } from './cost';
export { ranges, sampleBeliefs } from './ranges';
export type { Range, RangeOf } from './ranges';
export { solveFor, fitLoads, freshWater, BODY_AIM } from './solve';
export { roundForKitchen, roundToCups, roundingEffect } from './rounding';
export type { RoundingEffect } from './rounding';
export type { Target, Solved, Stop } from './solve';
export { nextPass, bestSplit, passCount, MOST_PASSES } from './passes';
export type { NextPass, Split } from './passes';
export { MEASURES, SET } from './measures';
export type { Measure } from './measures';
export { leversOf, whatMoves, reachOf, leverEdits, summaryAt } from './levers';
export type { Lever, LeverOf, Moved } from './levers';
export { remedies, asMade, complaintsOf, COMPLAINTS } from './remedies';
export type { Remedy, Complaint } from './remedies';
export { leverMap, mapKey, valuesOf, tellingLevers } from './map';
export type { Ground, LeverMap, MapAsked } from './map';
export { USES, USE_IDS, rankFor } from './uses';
export type { Use, Ranked, AtHand, Candidate, Point } from './uses';
export { progressOf, ranForS, timerS, pausedSince, canSkip, soakingNow, holdingNow, stillRaw } from './progress';
export type { Progress, TaskState, SoakingNow, HoldingNow } from './progress';
export { jobsOf, oneCookS } from './jobs';
export type { Job } from './jobs';
export { taughtBy } from './taught';
export { jarsOf } from './jars';
export { jarNow } from './jarLife';
export type { JarNow } from './jarLife';
export { endOfJar, inOrder, lastSeq, latestInstant, standing, unsaid } from './log';
export type { Happening, JarHappening } from './log';
export { digestOf, measuredMl } from './digest';
export type { Digest } from './digest';
export { fateOf } from './shelf';
export { ABANDON_REASONS, CAME_BACK, JAR_PLACES, SKIP_REASONS, THROWN_REASONS } from './events';
export type {
  AbandonReason,
  BatchEvent,
  FrozenBatch,
  FilledJar,
  FridgeLine,
  JarEvent,
  JarPlace,
  Promised,
  SkipReason,
  ThrownReason,
  TraceChunk,
} from './events';
export { look } from './look';
export { promisedOf, MODEL } from './promised';
export type { Look } from './look';
export { gramsPerLitre } from './strength';
export { bestMove, WANT_LESS } from './bestMove';
export type { Move } from './bestMove';
