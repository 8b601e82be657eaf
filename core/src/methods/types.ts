import type { LarderLine, Step } from '../steps';

/** One way of making one milk, as practised: a plan with its reasons. */
export interface Method {
  readonly id: string;
  readonly milk: string;
  readonly name: string;
  readonly line: string;
  readonly reasons: readonly string[];
  readonly cues: readonly string[];
  readonly cautions: readonly string[];
  /** How far the strength may stray before the outcome changes character, as a share. */
  readonly tolerance: number;
  readonly edition: number;
  readonly materials: readonly string[];
  readonly larder: readonly LarderLine[];
  readonly steps: readonly Step[];
}
