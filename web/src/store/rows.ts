import type { Digest, Fate } from '@ironpan/core/batch';
import type { Learned, Seen, Worded, Wording } from '@ironpan/core/learning';
import type { UndoRecord } from '@ironpan/core/records';
import type { WordScale } from '@ironpan/core/steps';

/** An undo row as it is stored: under its plan. */
export type UndoRow = Omit<UndoRecord, 'v' | 'id'> & { readonly plan: string };
/** What the book shows of a batch, kept beside it. Never exported: it follows from the batch and its log. */
export interface DigestRow extends Digest {
  readonly number: number;
  readonly name: string;
  readonly startedAt: number;
  readonly milk: string;
  readonly promisedMl: number;
  /** Of which plan; it may be gone. */
  readonly plan: string;
}
/** What batches said of a coefficient, the newest of them in their order, and what that taught; null: nothing that counts. */
export interface LearnedRow {
  readonly coefficient: string;
  readonly seen: readonly Seen[];
  readonly taught: Learned | null;
}
/** What became of a jar, whose milk it was, and by which method; null: of none, or its plan is gone. */
export interface FateRow extends Fate {
  readonly milk: string;
  readonly method: string | null;
}
/** How long a milk in a state may be trusted here, from its own jars: what the fold is told. */
export interface LastingRow {
  /** As the coefficient of the fold names it. */
  readonly id: string;
  /** A multiple of the usual low end, 1 or more; how many jars said so, and how many of them turned. */
  readonly mean: number;
  readonly jars: number;
  readonly turned: number;
}
/** A jar that nobody has finished, given or thrown away. */
export interface StandingRow {
  readonly jar: string;
}
export interface SettingRow {
  readonly key: string;
  readonly value: unknown;
}
/** What was said on a scale, the newest of it, and where its words begin by that; null: nothing of it counts. */
export interface WordingRow {
  readonly scale: WordScale;
  readonly said: readonly (Worded & { readonly jar: string })[];
  readonly wording: Wording | null;
}
