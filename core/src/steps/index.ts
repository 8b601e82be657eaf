export { highestOf, KINDS, isRead, kindOf, makeStep, nameOf, numberOf, paramOf, withParams } from './registry';
export type { ParamValue } from './registry';
export { keepBy, pulpBoilS, thawsInS } from './processes/keeping';
export { isBoiledEnough, isFlour, isSpoiled, keepingOf, keepingThings, heldDays } from './processes/keepingLimits';
export { neededHoldS } from './processes/cooking';
export type { KeepBy } from './processes/keeping';
export { fatShare, splitsAtBoil } from './processes/splitting';
export { treatmentOf, TREATMENTS, wasBoiled } from './processes/treatment';
export type { Treatment } from './processes/treatment';
export type { Recipe, LarderLine, Edit } from './recipe';
export { exchangeFood } from './otherFood';
export { applyEdits, foodLines, foodsOf, freshStepId, freshWaterOf, orderFaults, stepsBefore } from './recipe';
export type { OrderFault } from './recipe';
export { WATER, WATER_G_PER_ML } from '../materials';
export { runIndex, runsOf } from './runs';
export type { Run } from './runs';
export { stepAfter, streamsAfter } from './placing';
export { mergePlans } from './merge';
export type { Merged } from './merge';
export { isShut, mayWaitS } from './processes/waiting';
export { readingSd } from './spread';
export { contextOf, boilsAtC } from './context';
export { rest } from './processes/rest';
export { placeC as placeOf } from './processes/standing';
export { coldAtLast, coldInTime } from './processes/coldAtLast';
export type { ColdAtLast } from './processes/coldAtLast';
export { coolingNow, coolingWays, endsInJar, furtherC } from './coolingWays';
export type { CoolingTried } from './coolingWays';
export { streamBefore } from './outcome';
export type { Stage, Fit, Outcome } from './outcome';
export { SOURCES } from './reading';
export type { Reading, Source, Trace } from './reading';
export type { Task, Ctx, Effect, ReadingSpec, StepKind, StepResult } from './types';
export type {
  Params,
  Kind,
  Step,
  Station,
  ParamSpec,
  NumberSpec,
  FigureOf,
  Figures,
  EnzymeKind,
  Part,
  Place,
} from './params';
export { FIGURES } from './figures';
export { KIND_FIGURES, MOST_PARTS, STREAM_NAME } from './params';
export type { FigureName } from './figures';
export { bodyOf, bodyWord, isFrozen, slipWord, isPasty, gritShareOf, settlesMmPerH } from './processes/body';
export { BODY_SCALE, SLIP_SCALE } from './processes/body';
export type { Body, BodyWord, SlipWord } from './processes/body';
export { coldHours, fillHeightMm, JAR_FILL, layersOf, stillAt, swarmsOf } from './processes/separating';
export { BEANY_SCALE, beanyWord, GRIT_SCALE, gritWord, sugarShareOf, SWEET_SCALE, sweetWord } from './processes/sensed';
export { NOT_TASTED, NOTHING_AT, SWEET_FROM, wordFrom, WORDS_FROM, wordsFrom, wordThing } from './processes/wording';
export type { BoundWord, WordScale } from './processes/wording';
export type { BeanyWord, GritWord, SweetWord } from './processes/sensed';
export { calibrationFault, driedSolids, funnelTells, gPerMlOf, solidsOf, weighedSolids } from './processes/measured';
export type { Calibration, Dried, FullMeasure, FunnelRuns, FunnelTold, Share } from './processes/measured';
export { capSetsBelowC } from './processes/capping';
export type { Layer, LayerKind } from '../laws';
export { MALT_DOSE_G } from '../laws';
export * from './limits';
