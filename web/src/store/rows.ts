import type { Digest } from '@ironpan/core/batch';
import type { UndoRecord } from '@ironpan/core/records';

/** An undo row as it is stored: under its plan. */
export type UndoRow = Omit<UndoRecord, 'v' | 'id'> & { readonly plan: string };
/** What the book shows of a batch, kept beside it. Never exported: it follows from the batch and its log. */
export interface DigestRow extends Digest {
  readonly number: number;
  readonly name: string;
  readonly startedAt: number;
  readonly milk: string;
  readonly promisedMl: number;
}
/** A jar that nobody has finished, given or thrown away. */
export interface StandingRow {
  readonly jar: string;
}
export interface SettingRow {
  readonly key: string;
  readonly value: unknown;
}
