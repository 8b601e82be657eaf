import type { Beliefs, Ledger, Stream } from '../kitchen';
import type { Figures } from './params';
import type { StepResult, Task } from './types';

/** A step of a folded plan. */
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
/** A stream as the step at `place` found it; undefined: no step before had made it, or one had used it up. */
export function streamBefore(o: Pick<Outcome, 'stages'>, place: number, name: string): Stream | undefined {
  for (let i = Math.min(place, o.stages.length) - 1; i >= 0; i -= 1) {
    const made = o.stages[i]?.writes.findLast(([n]) => n === name);
    if (made) return made[1] ?? undefined;
  }
  return undefined;
}
