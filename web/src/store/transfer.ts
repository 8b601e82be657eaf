import type { Kitchen, Table } from '@ironpan/core/records';
import { db } from './db';

/** Everything of the open kitchen, for one file. */
export async function readAll(): Promise<Kitchen> {
  const d = db();
  return d.transaction(
    'r',
    [d.kit, d.plans, d.batches, d.events, d.jars, d.jarEvents, d.materials, d.methods],
    async () => ({
      kit: await d.kit.toArray(),
      plans: await d.plans.toArray(),
      batches: await d.batches.toArray(),
      events: await d.events.toArray(),
      jars: await d.jars.toArray(),
      jarEvents: await d.jarEvents.toArray(),
      materials: await d.materials.toArray(),
      methods: await d.methods.toArray(),
    }),
  );
}

export type How = 'merge' | 'replace';
export interface Count {
  readonly table: Table;
  readonly added: number;
  readonly changed: number;
  readonly same: number;
  readonly removed: number;
}
type Row = Readonly<Record<string, unknown>> & { readonly id: string };
const TABLES: readonly Table[] = ['kit', 'plans', 'batches', 'events', 'jars', 'jarEvents', 'materials', 'methods'];
const same = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b);
/** Of two different rows with one id the later counts; logs have no later, so a row that is here stays. */
const isLater = (theirs: Row, ours: Row): boolean => Number(theirs.updatedAt ?? 0) > Number(ours.updatedAt ?? 0);

/** What an import would do, before it is done. */
export function importCounts(ours: Kitchen, theirs: Kitchen, how: How): readonly Count[] {
  return TABLES.map((table) => {
    const have = new Map((ours[table] as readonly Row[]).map((r) => [r.id, r]));
    const come = theirs[table] as readonly Row[];
    let added = 0;
    let changed = 0;
    let unchanged = 0;
    for (const r of come) {
      const mine = have.get(r.id);
      if (!mine) added += 1;
      else if (same(mine, r) || (how === 'merge' && !isLater(r, mine))) unchanged += 1;
      else changed += 1;
    }
    const ids = new Set(come.map((r) => r.id));
    const removed = how === 'replace' ? [...have.keys()].filter((id) => !ids.has(id)).length : 0;
    return { table, added, changed, same: unchanged, removed };
  });
}

/** Writes a validated kitchen in one transaction: all of it, or nothing. */
export async function importAll(theirs: Kitchen, how: How): Promise<void> {
  const d = db();
  const tables = [d.kit, d.plans, d.batches, d.events, d.jars, d.jarEvents, d.materials, d.methods, d.undo];
  await d.transaction('rw', tables, async () => {
    for (const table of TABLES) {
      const store = d.table<Row, string>(table);
      const rows = theirs[table] as unknown as Row[];
      if (how === 'replace') {
        await store.clear();
        await store.bulkPut(rows);
        continue;
      }
      const mine = new Map(
        (await store.bulkGet(rows.map((r) => r.id))).flatMap((r) => (r ? [[r.id, r] as const] : [])),
      );
      await store.bulkPut(rows.filter((r) => !mine.has(r.id) || isLater(r, mine.get(r.id) as Row)));
    }
    if (how === 'replace') await d.undo.clear();
  });
}

/** Empties the open kitchen, in one transaction. */
export async function wipe(): Promise<void> {
  const d = db();
  await d.transaction('rw', d.tables, async () => {
    for (const t of d.tables) await t.clear();
  });
}
