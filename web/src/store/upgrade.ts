import type { Transaction } from 'dexie';
import { migrate, VERSIONS } from '@ironpan/core/records';

/** Brings every stored row to the newest version, with the very functions that an import uses. */
export async function migrateRows(t: Transaction): Promise<void> {
  for (const [table, versions] of Object.entries(VERSIONS)) {
    if (versions.migrations.length === 0) continue;
    await t
      .table<Record<string, unknown>>(table)
      .toCollection()
      .modify((row, ref) => {
        const moved = migrate(versions, row);
        if (moved.ok) ref.value = moved.row;
      });
  }
}
