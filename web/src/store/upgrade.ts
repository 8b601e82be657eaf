import type { Transaction } from 'dexie';
import { endOfJar } from '@ironpan/core/batch';
import type { JarEvent } from '@ironpan/core/batch';
import { groupBy } from '@ironpan/core/numerics';
import { deepTo5, migrate, recipeTo2, undoTo2, undoTo3, VERSIONS } from '@ironpan/core/records';
import type { BatchRecord, FridgeRecord, KitRecord, Migration, PlanVersion } from '@ironpan/core/records';
import type { Recipe } from '@ironpan/core/steps';
import { learnedOf } from './learnedRows';
import type { DigestRow, UndoRow } from './rows';

/** Brings every stored row to the newest version, with the very functions that an import uses. */
export async function migrateRows(t: Transaction): Promise<void> {
  for (const [table, versions] of Object.entries(VERSIONS)) {
    // An early version has no such table yet.
    if (versions.migrations.length === 0 || !t.idbtrans.objectStoreNames.contains(table)) continue;
    await t
      .table<Record<string, unknown>>(table)
      .toCollection()
      .modify((row, ref) => {
        const moved = migrate(versions, row);
        if (moved.ok) ref.value = moved.row;
      });
  }
}
/** Undo steps hold recipes too; they have no version of their own. */
export async function migrateUndo(t: Transaction): Promise<void> {
  await t
    .table<UndoRow>('undo')
    .toCollection()
    .modify((u, ref) => {
      const bring = (v: PlanVersion): PlanVersion => ({ ...v, recipe: recipeTo2(v.recipe) as unknown as Recipe });
      ref.value = { ...u, past: u.past.map(bring), future: u.future.map(bring) };
    });
}
/** Version 3: logs by sequence, what stands on the shelf by index, and the fridge's own log begun with what the kit says. */
export async function upgradeTo3(t: Transaction): Promise<void> {
  await migrateRows(t);
  const logs = groupBy(await t.table<JarEvent>('jarEvents').toArray(), (e) => e.jar);
  const jars = (await t.table('jars').toCollection().primaryKeys()) as string[];
  const standing = jars.filter((jar) => endOfJar(logs.get(jar) ?? []) === null);
  await t.table('standing').bulkPut(standing.map((jar) => ({ jar })));
  const kit = (await t.table<KitRecord>('kit').get('kit')) ?? null;
  if (kit) await t.table<FridgeRecord>('fridge').put({ v: 1, id: 'fridge-1', at: kit.updatedAt, placeC: kit.fridgeC });
}
/** Version 4: lines of the book say what a batch taught. Those of before are folded anew, as after a new model. */
export async function upgradeTo4(t: Transaction): Promise<void> {
  await t.table('digests').toCollection().modify({ model: '', evidence: [] });
}
/** Version 5: plans, batches, logs, methods and what undo keeps speak the new language. */
export async function upgradeTo5(t: Transaction): Promise<void> {
  await migrateRows(t);
  await undoBy(t, undoTo2);
}
async function undoBy(t: Transaction, to: Migration): Promise<void> {
  await t
    .table<UndoRow>('undo')
    .toCollection()
    .modify((u, ref) => {
      ref.value = to(u) as unknown as UndoRow;
    });
}
/** Version 6: logs of jars tell looks, whiles elsewhere and when something was found. */
export const upgradeTo6 = (t: Transaction): Promise<void> => migrateRows(t);
/** Version 7: cooling says in what, with how much ice and beside what air. */
export async function upgradeTo7(t: Transaction): Promise<void> {
  await migrateRows(t);
  await undoBy(t, undoTo3);
  // What became of jars says from here on where they stood: it is read anew from the logs.
  await t.table('fates').clear();
}
/** Version 8: a look may have a photograph. */
export const upgradeTo8 = (t: Transaction): Promise<void> => migrateRows(t);
/** Version 9: a pause names its task, and instruments tell. */
export const upgradeTo9 = (t: Transaction): Promise<void> => migrateRows(t);
/** Version 10: a batch is changed against what goes wrong while it is made. */
export const upgradeTo10 = (t: Transaction): Promise<void> => migrateRows(t);
/** Version 13: lines of the book name their plan, and what was learned is kept batch by batch. */
export async function upgradeTo13(t: Transaction): Promise<void> {
  const plans = new Map<string, string>();
  await t.table<BatchRecord>('batches').each((b) => plans.set(b.id, b.plan));
  const lines: DigestRow[] = [];
  await t
    .table<DigestRow>('digests')
    .toCollection()
    .modify((row, ref) => {
      ref.value = { ...row, plan: plans.get(row.batch) ?? '' };
      lines.push(ref.value);
    });
  await t.table('learned').clear();
  await t.table('learned').bulkPut(learnedOf(lines));
}
/** Version 14: what became of a jar says which figure each word stood for; it is read anew from the logs. */
export async function upgradeTo14(t: Transaction): Promise<void> {
  await t.table('fates').clear();
}
/** Version 15: cooling says whether the lid is on, and foods follow the corrected laws; what follows from them is read anew. */
export async function upgradeTo15(t: Transaction): Promise<void> {
  await migrateRows(t);
  await undoBy(t, deepTo5);
  await t.table('fates').clear();
}
