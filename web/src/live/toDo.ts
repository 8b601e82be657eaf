import type { JarHappening } from '@ironpan/core/batch';
import type { Doing } from './doings';

/** One thing to do, and by when. */
export interface ToDo {
  readonly key: string;
  /** All that this line stands for: an answer to it is one to each of them. */
  readonly keys: readonly string[];
  readonly at: number;
  /** Stands before all that has an hour: somebody might drink it. It cannot be waved away. */
  readonly urgent: boolean;
  readonly text: string;
  readonly more: string;
  readonly jar?: string;
  readonly begin?: Doing;
  readonly to?: string;
  /** What "done" says of the jar; absent: it is done where it leads to. */
  readonly done?: { readonly say: JarHappening; readonly told: string };
  /** What "done" notes in the batch's log. */
  readonly note?: { readonly batch: string; readonly text: string };
  /** Another way out: freezing what will not be drunk. */
  readonly or?: { readonly text: string; readonly begin: Doing };
}
