import Dexie from 'dexie';
import type { Table } from 'dexie';
import type {
  BatchRecord,
  CupboardRecord,
  EventRecord,
  FridgeRecord,
  JarEventRecord,
  JarRecord,
  KitRecord,
  LeftOutRecord,
  MaterialRecord,
  MethodRecord,
  HoursRecord,
  PhotoRecord,
  PlanRecord,
  RhythmRecord,
  TastingRecord,
  TraceRecord,
  TrialRecord,
  WishRecord,
} from '@ironpan/core/records';
import type { DigestRow, FateRow, LastingRow, LearnedRow, SettingRow, StandingRow, UndoRow, WordingRow } from './rows';
import { realm } from './realm';
import type { Realm } from './realm';

/** One kitchen’s storage: its tables, and how older shapes are brought along. */
export class KitchenDb extends Dexie {
  kit!: Table<KitRecord, string>;
  plans!: Table<PlanRecord, string>;
  batches!: Table<BatchRecord, string>;
  events!: Table<EventRecord, string>;
  jars!: Table<JarRecord, string>;
  jarEvents!: Table<JarEventRecord, string>;
  materials!: Table<MaterialRecord, string>;
  methods!: Table<MethodRecord, string>;
  undo!: Table<UndoRow, string>;
  settings!: Table<SettingRow, string>;
  fridge!: Table<FridgeRecord, string>;
  traces!: Table<TraceRecord, string>;
  photos!: Table<PhotoRecord, string>;
  wishes!: Table<WishRecord, string>;
  hours!: Table<HoursRecord, string>;
  rhythms!: Table<RhythmRecord, string>;
  cupboard!: Table<CupboardRecord, string>;
  leftOut!: Table<LeftOutRecord, string>;
  trials!: Table<TrialRecord, string>;
  tastings!: Table<TastingRecord, string>;
  digests!: Table<DigestRow, string>;
  learned!: Table<LearnedRow, string>;
  standing!: Table<StandingRow, string>;
  fates!: Table<FateRow, string>;
  lasting!: Table<LastingRow, string>;
  wording!: Table<WordingRow, string>;

  /** @param upgrades how older shapes are brought along; not needed where the storage is known to be of this one. */
  constructor(name: string, upgrades?: Upgrades) {
    super(name);
    this.version(1).stores({
      kit: 'id',
      plans: 'id, updatedAt',
      batches: 'id, number, startedAt',
      events: 'id, batch, at',
      jars: 'id, batch',
      jarEvents: 'id, jar',
      undo: 'plan',
      settings: 'key',
    });
    // The rows are brought along by the same functions that an import uses, all at once in the newest version.
    this.version(2)
      .stores({ materials: 'id', methods: 'id' })
      .upgrade((t) => known(upgrades).migrateUndo(t));
    this.version(3)
      .stores({
        events: 'id, batch',
        jars: 'id, batch, filledAt',
        fridge: 'id, at',
        traces: 'id, batch',
        digests: 'batch, state, startedAt, model',
        standing: 'jar',
      })
      .upgrade((t) => known(upgrades).upgradeTo3(t));
    // Lines of the book say from here on what a batch taught; each is folded anew for it, a few at a time.
    this.version(4)
      .stores({ learned: 'coefficient' })
      .upgrade((t) => known(upgrades).upgradeTo4(t));
    // A plan’s language: the words of recipes and of logs changed, no table did.
    this.version(5).upgrade((t) => known(upgrades).upgradeTo5(t));
    // What happens to a jar has more words, and what became of it is kept beside it for lists; it follows from the logs.
    this.version(6)
      .stores({ fates: 'jar, batch, milk', lasting: 'id' })
      .upgrade((t) => known(upgrades).upgradeTo6(t));
    // Cooling has more to say, in every recipe that is kept.
    this.version(7).upgrade((t) => known(upgrades).upgradeTo7(t));
    // Photographs, each by itself, so that no list ever reads one.
    this.version(8)
      .stores({ photos: 'id, jar' })
      .upgrade((t) => known(upgrades).upgradeTo8(t));
    // A pause says of which task it is.
    this.version(9).upgrade((t) => known(upgrades).upgradeTo9(t));
    // Rescues are lines of the log.
    this.version(10).upgrade((t) => known(upgrades).upgradeTo10(t));
    // What is on the clock, and when somebody is there.
    this.version(11).stores({ wishes: 'id, addedAt', hours: 'id' });
    // What is made again and again, and what is in the cupboard for it.
    this.version(12).stores({
      rhythms: 'id, addedAt',
      cupboard: 'id',
      // The milks of the book are told without reading it.
      digests: 'batch, state, startedAt, model, milk',
    });
    // What each batch said of a thing is kept in its order, so that a change shows; some of it may be left out.
    this.version(13)
      .stores({ leftOut: 'id', digests: 'batch, state, startedAt, model, milk, plan' })
      .upgrade((t) => known(upgrades).upgradeTo13(t));
    // Questions put to the kitchen, cups tasted blind, and where this kitchen's words begin; jars say what each word stood for.
    this.version(14)
      .stores({ trials: 'id, updatedAt', tastings: 'id, updatedAt', wording: 'scale' })
      .upgrade((t) => known(upgrades).upgradeTo14(t));
    // Corrected laws: cooling says whether the lid is on, stored foods follow, and layers may be thin.
    this.version(DATABASE_VERSION).upgrade((t) => known(upgrades).upgradeTo15(t));
  }
}
/** The newest shape of the storage this build knows; a later one is refused unopened. */
export const DATABASE_VERSION = 15;

/** The name of a kitchen’s database. */
export const databaseName = (r: Realm): string => `ironpan-${r}`;
let open: KitchenDb | undefined;
/** The open kitchen. */
export function db(): KitchenDb {
  open ??= new KitchenDb(databaseName(realm()));
  return open;
}
/** For workers and tests: another kitchen, or none. */
export function setDatabase(d: KitchenDb | undefined): void {
  open = d;
}

/** The storage was written by a newer build than this one: it is not opened, so that nothing of it is lost. */
export class NewerStorageError extends Error {
  override readonly name = 'NewerStorageError';
}
/** Why the storage closed under the page: a newer build needs it, or it was deleted. */
export type Closed = 'newer' | 'deleted';

/**
 * Opens the kitchen. `onBlocked`: an older window still holds it; it opens by itself once that window is closed.
 * `onClosed`: another window takes it to a newer shape, or deletes it; this one lets go at once.
 */
export async function openDatabase(onBlocked: () => void, onClosed: (why: Closed) => void): Promise<void> {
  const name = databaseName(realm());
  const stored = await storedVersion(name);
  if (stored !== null && stored > DATABASE_VERSION) throw new NewerStorageError(`version ${stored} of the storage`);
  // Loaded only for an older storage, so that no page waits for it; nothing is touched when it cannot be had.
  if (stored !== DATABASE_VERSION && stored !== 0) setDatabase(new KitchenDb(name, await import('./upgrade')));
  const d = db();
  d.on('blocked', onBlocked);
  let letGo = false;
  d.on('versionchange', (e) => {
    letGo = true;
    d.close({ disableAutoOpen: true });
    onClosed(e.newVersion === null ? 'deleted' : 'newer');
  });
  d.on('close', () => {
    if (!letGo) onClosed('deleted');
  });
  await d.open();
}
/** Dexie counts versions in tenths. */
const TENTHS = 10;
/** The version of the storage of this name; 0: there is none; null: this browser does not tell, it shows when opened. */
async function storedVersion(name: string): Promise<number | null> {
  if (typeof indexedDB.databases !== 'function') return null;
  const found = (await indexedDB.databases()).find((x) => x.name === name);
  return Math.floor((found?.version ?? 0) / TENTHS);
}
/** How a storage of an older shape becomes one of this. */
export type Upgrades = Pick<
  typeof import('./upgrade'),
  | 'migrateUndo'
  | 'upgradeTo3'
  | 'upgradeTo4'
  | 'upgradeTo5'
  | 'upgradeTo6'
  | 'upgradeTo7'
  | 'upgradeTo8'
  | 'upgradeTo9'
  | 'upgradeTo10'
  | 'upgradeTo13'
  | 'upgradeTo14'
  | 'upgradeTo15'
>;
function known(upgrades: Upgrades | undefined): Upgrades {
  if (!upgrades) throw new Error('this storage is of an older shape: open Ironpan in a window first');
  return upgrades;
}
