export { highestOf, KINDS, kindOf, makeStep, numberOf, paramOf, withParams } from './registry';
export type { ParamValue } from './registry';
export { keepBy, isDone, keepingOf, pulpBoilS } from './keep';
export type { KeepBy } from './keep';
export type { Recipe, LarderLine, Edit } from './recipe';
export { applyEdits, orderFaults, stepsBefore } from './recipe';
export type { OrderFault } from './recipe';
export { mergePlans } from './merge';
export type { Merged } from './merge';
export { mayWaitS } from './waiting';
export { readingSd } from './spread';
export { contextOf, boilsAtC } from './context';
export { rest } from './rest';
export type { Reading, Stage, Fit, Outcome, Trace } from './outcome';
export type {
  Params,
  Kind,
  Step,
  Station,
  ParamSpec,
  NumberSpec,
  Task,
  Ctx,
  Effect,
  ReadingSpec,
  StepKind,
  StepResult,
} from './types';
export { FIGURES, KIND_FIGURES } from './figures';
export type { FigureName, FigureOf, Figures } from './figures';
export { bodyOf, bodyWord, slipWord, isPasty, gritShareOf, settlesMmPerH } from './body';
export type { Body, BodyWord, SlipWord } from './body';
export type { EnzymeKind } from './types';
export {
  BODY_FROM,
  BOIL_AT_LEAST_S,
  COLD_C,
  COOLING_LIMITS,
  dissolvingTimes,
  freezerFill,
  FROZEN_BELOW_C,
  FROZEN_CAP_DAYS,
  glucanPool,
  glucanVolume,
  layered,
  openingTimes,
  OUT_OF_COLD,
  PASTEURISED_MIN,
  SLIPPERY_FROM,
  TOUCHED_CAP_DAYS,
  WATERY_BELOW,
} from './limits';
