import type { Beliefs, Ledger, Stream } from '../kitchen';
import type { Figures } from './figures';
import type { StepResult, Task } from './types';

/** A figure that was weighed, timed or measured at a step. */
export interface Reading {
  readonly id: string;
  readonly step: string;
  readonly task?: string;
  readonly what: string;
  /** In the unit of the fold that the reading's spec names. */
  readonly value: number;
  /** 1 σ in the same unit, where the instrument tells it; absent: as such a reading usually has. */
  readonly sd?: number;
  /** The course it stands for, by the id of its first chunk; `value` is then where it ended. */
  readonly trace?: string;
  readonly source: 'cook' | 'clock' | 'probe' | 'demo';
}
/** What an instrument told, at even spaces of time from the beginning of a task. */
export interface Trace {
  readonly everyS: number;
  /** At least one. */
  readonly values: readonly number[];
}
export interface Stage {
  readonly step: string;
  /** Seconds since the batch began. */
  readonly startS: number;
  readonly endS: number;
  readonly tasks: readonly Task[];
  readonly figures: Figures;
  readonly writes: StepResult['writes'];
}
/** A coefficient of the kitchen solved from a reading; what no value inside its bounds explains is `leftOver`. */
export interface Fit {
  readonly coefficient: string;
  readonly value: number;
  /** 1 σ of its logarithm, from the spread of the reading; day-to-day scatter is not in it. */
  readonly sd: number;
  readonly step: string;
  readonly what: string;
  readonly leftOver: number;
}
/** All that a fold finds out. */
export interface Outcome {
  readonly stages: readonly Stage[];
  readonly ledger: Ledger;
  readonly products: Readonly<Record<string, Stream>>;
  readonly fits: readonly Fit[];
  readonly beliefs: Beliefs;
}
