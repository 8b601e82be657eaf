import Dexie from 'dexie';
import type { Table } from 'dexie';
import type { Recipe } from '@ironpan/core/steps';
import type {
  BatchRecord,
  EventRecord,
  JarEventRecord,
  JarRecord,
  KitRecord,
  MaterialRecord,
  MethodRecord,
  PlanRecord,
} from '@ironpan/core/records';
import { recipeTo2 } from '@ironpan/core/records';
import { migrateRows } from './upgrade';
import { realm } from './realm';
import type { Realm } from './realm';

export interface Version {
  readonly name: string;
  readonly recipe: Recipe;
}
/** What undo goes back to and redo forward to, kept with the plan so that a reload loses nothing. */
export interface UndoRow {
  readonly plan: string;
  readonly past: readonly Version[];
  readonly future: readonly Version[];
  /** What the last edit changed, and when: edits of one field in a row are one step back. */
  readonly touched: string;
  readonly at: number;
}
export interface SettingRow {
  readonly key: string;
  readonly value: unknown;
}

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

  constructor(name: string) {
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
    // The rows are brought along by the same functions that an import uses.
    this.version(2)
      .stores({ materials: 'id', methods: 'id' })
      .upgrade(async (t) => {
        await migrateRows(t);
        await t
          .table<UndoRow>('undo')
          .toCollection()
          .modify((u, ref) => {
            const bring = (v: Version): Version => ({ ...v, recipe: recipeTo2(v.recipe) as unknown as Recipe });
            ref.value = { ...u, past: u.past.map(bring), future: u.future.map(bring) };
          });
      });
  }
}

export const databaseName = (r: Realm): string => `ironpan-${r}`;
let open: KitchenDb | undefined;
/** The open kitchen. */
export function db(): KitchenDb {
  open ??= new KitchenDb(databaseName(realm()));
  return open;
}
/** For tests: another kitchen, or none. */
export function setDatabase(d: KitchenDb | undefined): void {
  open = d;
}
