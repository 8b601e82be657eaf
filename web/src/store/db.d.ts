import Dexie from 'dexie';
import type { Table } from 'dexie';
import type { Digest } from '@ironpan/core/batch';
import type {
  BatchRecord,
  EventRecord,
  FridgeRecord,
  JarEventRecord,
  JarRecord,
  KitRecord,
  MaterialRecord,
  MethodRecord,
  PlanRecord,
  TraceRecord,
  UndoRecord,
} from '@ironpan/core/records';
import type { Realm } from './realm';
/** An undo row as it is stored: under its plan. */
export type UndoRow = Omit<UndoRecord, 'v' | 'id'> & {
  readonly plan: string;
};
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
export declare class KitchenDb extends Dexie {
  kit: Table<KitRecord, string>;
  plans: Table<PlanRecord, string>;
  batches: Table<BatchRecord, string>;
  events: Table<EventRecord, string>;
  jars: Table<JarRecord, string>;
  jarEvents: Table<JarEventRecord, string>;
  materials: Table<MaterialRecord, string>;
  methods: Table<MethodRecord, string>;
  undo: Table<UndoRow, string>;
  settings: Table<SettingRow, string>;
  fridge: Table<FridgeRecord, string>;
  traces: Table<TraceRecord, string>;
  digests: Table<DigestRow, string>;
  standing: Table<StandingRow, string>;
  constructor(name: string);
}
/** The newest shape of the storage this build knows; a later one is refused unopened. */
export declare const DATABASE_VERSION = 3;
export declare const databaseName: (r: Realm) => string;
/** The open kitchen. */
export declare function db(): KitchenDb;
/** For workers and tests: another kitchen, or none. */
export declare function setDatabase(d: KitchenDb | undefined): void;
/** The storage was written by a newer build than this one: it is not opened, so that nothing of it is lost. */
export declare class NewerStorageError extends Error {
  readonly name = 'NewerStorageError';
}
/** Why the storage closed under the page: a newer build needs it, or it was deleted. */
export type Closed = 'newer' | 'deleted';
/**
 * Opens the kitchen. `onBlocked`: an older window still holds it; it opens by itself once that window is closed.
 * `onClosed`: another window takes it to a newer shape, or deletes it; this one lets go at once.
 */
export declare function openDatabase(onBlocked: () => void, onClosed: (why: Closed) => void): Promise<void>;
