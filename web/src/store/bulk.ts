import Dexie, { RangeSet } from 'dexie';
import type { ObservabilitySet } from 'dexie';

/**
 * Rows into tables that are empty, inside the open transaction, past the account that Dexie keeps of every row for those
 * who watch (measured: half as quick again). A row that cannot be written ends the transaction; who watches is told
 * afterwards, by `toldAll`, that anything may have changed.
 */
export class Pouring {
  private before: PromiseLike<unknown> = Promise.resolve();

  async into(table: string, rows: readonly object[]): Promise<void> {
    const t = Dexie.currentTransaction;
    const store = t.idbtrans.objectStore(table);
    for (const row of rows) store.put(row);
    // Waits for the part before this one: the disk is kept busy, nothing grows without end, and progress is true.
    const { before } = this;
    this.before = t.table(table).count();
    await before;
  }
  /** Until all of it is written. */
  async end(): Promise<void> {
    await this.before;
  }
}
/** Everyone who watches this kitchen, here and in other windows, reads again. */
export function toldAll(): void {
  const everything: ObservabilitySet = { all: new RangeSet(-Infinity, [[]] as never) };
  Dexie.on.storagemutated.fire(everything);
}
