export { STEP_KINDS, KINDS, kindOf, makeStep } from './registry';
export { keepBy, isDone, keepingOf } from './keep';
export type { KeepBy } from './keep';
export type { Recipe, LarderLine, Edit } from './recipe';
export { applyEdits, orderFaults } from './recipe';
export type { OrderFault } from './recipe';
export { contextOf } from './context';
export type {
  Params,
  Kind,
  Step,
  Station,
  ParamSpec,
  NumberSpec,
  Task,
  Figures,
  Ctx,
  Effect,
  ReadingSpec,
  StepKind,
  StepResult,
} from './types';
