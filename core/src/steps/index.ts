export { highestOf, KINDS, kindOf, makeStep, numberOf, paramOf, withParams } from './registry';
export type { ParamValue } from './registry';
export { keepBy, isDone, keepingOf, pulpBoilS } from './processes/keeping';
export type { KeepBy } from './processes/keeping';
export type { Recipe, LarderLine, Edit } from './recipe';
export { applyEdits, orderFaults, stepsBefore } from './recipe';
export type { OrderFault } from './recipe';
export { mergePlans } from './merge';
export type { Merged } from './merge';
export { mayWaitS } from './processes/waiting';
export { readingSd } from './spread';
export { contextOf, boilsAtC } from './context';
export { rest } from './processes/rest';
export type { Stage, Fit, Outcome } from './outcome';
export type { Reading, Trace } from './reading';
export type { Task, Ctx, Effect, ReadingSpec, StepKind, StepResult } from './types';
export type { Params, Kind, Step, Station, ParamSpec, NumberSpec, FigureOf, Figures, EnzymeKind } from './params';
export { FIGURES } from './figures';
export { KIND_FIGURES } from './params';
export type { FigureName } from './figures';
export { bodyOf, bodyWord, slipWord, isPasty, gritShareOf, settlesMmPerH } from './processes/body';
export type { Body, BodyWord, SlipWord } from './processes/body';
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
  GRIT_FROM_UM,
  layered,
  openingTimes,
  OUT_OF_COLD,
  passesBelowUm,
  PASTEURISED_MIN,
  SLIPPERY_FROM,
  TOUCHED_CAP_DAYS,
  WATERY_BELOW,
} from './limits';
