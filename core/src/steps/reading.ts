/** Who told it: the cook, the bench's own clock, an instrument, the ear; what was invented for the demo. */
export const SOURCES = ['cook', 'clock', 'probe', 'scale', 'ear', 'demo'] as const;
export type Source = (typeof SOURCES)[number];
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
  /** How far into its task it was measured, s, where that matters: several of them are kept. */
  readonly atS?: number;
  readonly source: Source;
}
/** What an instrument told, at even spaces of time from the beginning of a task. */
export interface Trace {
  readonly everyS: number;
  /** At least one. */
  readonly values: readonly number[];
}
