import type { Step, Task } from '../steps';

/** One task of a batch, and how far it has come by the log. */
export interface TaskState {
  readonly step: Step;
  /** Index of the step in the recipe that is being made (steps left out are not in it). */
  readonly index: number;
  readonly task: Task;
  readonly status: 'waiting' | 'running' | 'done';
  readonly begunAt: number | null;
  readonly endedAt: number | null;
  /** Since when it is held; null: it is not. */
  readonly pausedAt: number | null;
  /** When it was stirred last; null: nobody said so. */
  readonly stirredAt: number | null;
}
