export { KINDS, kindOf, makeStep, numberOf, paramOf, withParams } from './registry';
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
// Limits that checks compare with; their one home is the law.
export { BOIL_AT_LEAST_S, COOLING_LIMITS, FROZEN_BELOW_C, TOUCHED_CAP_DAYS } from '../laws';
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
  layered,
  freezerFill,
  FROZEN_CAP_DAYS,
  PASTEURISED_MIN,
  WATERY_BELOW,
  BODY_FROM,
  SLIPPERY_FROM,
} from '../laws';
