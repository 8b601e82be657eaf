import type { Digest } from '@ironpan/core/batch';
import { endOfJar } from '@ironpan/core/batch';
import { groupBy } from '@ironpan/core/numerics';
import { TABLES } from '@ironpan/core/records';
import type { JarEventRecord, Kitchen, SettingsRecord, Table, UndoRecord } from '@ironpan/core/records';
import { settle } from './batches';
import { Pouring, toldAll } from './bulk';
import { fatesStale } from './fates';
import { learnAgain } from './learned';
import { db } from './db';
import type { KitchenDb } from './db';
import type { DigestRow, UndoRow } from './rows';
import { digestOfStored, keepDigests, labelOf } from './digests';
import { PREFERENCES, USUAL } from './kit';
import { fitWording } from './wording';
import type { Settings } from './kit';

type Row = Readonly<Record<string, unknown>> & { readonly id: string };
/** Rows read or written at once: enough to be quick, few enough to tell how far it is. */
const AT_ONCE = 2000;
/** Photographs are large: so few at once. */
const PHOTOS_AT_ONCE = 20;
const atOnce = (table: Table): number => (table === 'photos' ? PHOTOS_AT_ONCE : AT_ONCE);
/** Settings and undo steps are stored under other keys than a record's id; here they are turned into records and back. */
const STORED: Readonly<
  Partial<Record<Table, { readonly out: (row: never) => Row | null; readonly in: (r: never) => object }>>
> = {
  settings: {
    out: (row: { key: string; value: Settings }): Row | null =>
      row.key === PREFERENCES ? { v: 1, id: 'settings', ...USUAL, ...row.value } : null,
    in: ({ v: _, id: __, ...value }: SettingsRecord) => ({ key: PREFERENCES, value }),
  },
  undo: {
    out: ({ plan, ...row }: UndoRow): Row => ({ v: 4, id: plan, ...row }),
    in: ({ v: _, id, ...row }: UndoRecord): UndoRow => ({ plan: id, ...row }),
  },
};
const outOf = (table: Table, row: unknown): Row | null =>
  STORED[table] ? STORED[table].out(row as never) : (row as Row);
const into = (table: Table, r: Row): object => STORED[table]?.in(r as never) ?? r;
const keyOf = (table: Table, id: string): string => (table === 'settings' ? PREFERENCES : id);

/** Every row of the open kitchen, table by table, a few at a time and all as of one instant. */
export async function eachRow(
  take: (table: Table, rows: readonly Row[]) => void,
  onProgress: (share: number) => void = () => undefined,
): Promise<void> {
  const d = db();
  await d.transaction(
    'r',
    TABLES.map((t) => d.table(t)),
    async () => {
      const counts = await Promise.all(TABLES.map((t) => d.table(t).count()));
      const all = Math.max(
        1,
        counts.reduce((n, c) => n + c, 0),
      );
      let done = 0;
      for (const table of TABLES) {
        let last: string | null = null;
        for (;;) {
          const store = d.table<Record<string, unknown>, string>(table);
          const rows: Record<string, unknown>[] = await (
            last === null ? store.toCollection() : store.where(':id').above(last)
          )
            .limit(atOnce(table))
            .toArray();
          if (rows.length === 0) break;
          const key = store.schema.primKey.keyPath as string;
          last = String(rows.at(-1)?.[key]);
          take(
            table,
            rows.flatMap((r) => outOf(table, r) ?? []),
          );
          done += rows.length;
          onProgress(done / all);
        }
      }
    },
  );
}
/** Everything of the open kitchen at once. */
export async function readAll(): Promise<Kitchen> {
  const all = Object.fromEntries(TABLES.map((t) => [t, [] as Row[]])) as Record<Table, Row[]>;
  await eachRow((table, rows) => all[table].push(...rows));
  return all as unknown as Kitchen;
}

export type How = 'merge' | 'replace';
export interface Count {
  readonly table: Table;
  readonly added: number;
  readonly changed: number;
  readonly same: number;
  readonly removed: number;
}
const same = (a: unknown, b: unknown): boolean => JSON.stringify(sorted(a)) === JSON.stringify(sorted(b));
/** Keys in one order, so that two rows that say the same are the same. */
function sorted(x: unknown): unknown {
  if (typeof x !== 'object' || x === null) return x;
  if (Array.isArray(x)) return x.map(sorted);
  return Object.fromEntries(
    Object.entries(x)
      .sort(([a], [b]) => (a < b ? -1 : 1))
      .map(([k, v]) => [k, sorted(v)]),
  );
}
/** Of two different rows with one id the later counts; logs have no later, so a row that is here stays. */
const isLater = (theirs: Row, ours: Row): boolean => Number(theirs.updatedAt ?? 0) > Number(ours.updatedAt ?? 0);

async function oursOf(table: Table, rows: readonly Row[]): Promise<readonly (Row | null)[]> {
  const found = await db()
    .table<unknown, string>(table)
    .bulkGet(rows.map((r) => keyOf(table, r.id)));
  return found.map((r) => (r === undefined ? null : outOf(table, r)));
}
const parts = <T>(rows: readonly T[], most = AT_ONCE): readonly (readonly T[])[] =>
  Array.from({ length: Math.ceil(rows.length / most) }, (_, i) => rows.slice(i * most, (i + 1) * most));

/** What an import would do, before it is done. */
export async function importCounts(theirs: Kitchen, how: How): Promise<readonly Count[]> {
  const out: Count[] = [];
  for (const table of TABLES) {
    const n = { added: 0, changed: 0, same: 0 };
    for (const rows of parts(theirs[table] as unknown as readonly Row[], atOnce(table))) {
      const ours = await oursOf(table, rows);
      rows.forEach((r, i) => {
        const mine = ours[i] ?? null;
        if (mine === null) n.added += 1;
        else if (same(mine, r) || (how === 'merge' && !isLater(r, mine))) n.same += 1;
        else n.changed += 1;
      });
    }
    const have = await db().table(table).count();
    out.push({ table, ...n, removed: how === 'replace' ? Math.max(0, have - n.same - n.changed) : 0 });
  }
  return out;
}

/**
 * Writes a validated kitchen in one transaction: all of it, or nothing. Merging unites the logs, and what follows from a
 * log that grew (its line in the book, its jars) is folded anew in the same transaction.
 */
export async function importAll(
  theirs: Kitchen,
  how: How,
  digests: readonly Digest[],
  onProgress: (share: number) => void = () => undefined,
): Promise<void> {
  const d = db();
  const all = Math.max(
    1,
    TABLES.reduce((n, t) => n + theirs[t].length, 0),
  );
  let done = 0;
  await d.transaction('rw', d.tables, async () => {
    const came = new Set<string>();
    const grown = new Set<string>();
    if (how === 'replace')
      for (const t of [...TABLES, 'digests', 'learned', 'standing', 'fates', 'lasting', 'wording']) await clear(d, t);
    const pouring = new Pouring();
    const empty = new Set<Table>();
    for (const t of TABLES) if ((await d.table(t).count()) === 0) empty.add(t);
    for (const table of TABLES)
      for (const rows of parts(theirs[table] as unknown as readonly Row[], atOnce(table))) {
        // Into an empty table everything comes, and nothing need be looked for.
        const ours = empty.has(table) ? [] : await oursOf(table, rows);
        const come = rows.filter((r, i) => ours[i] == null || isLater(r, ours[i]));
        const put = come.map((r) => into(table, r));
        await (empty.has(table) ? pouring.into(table, put) : d.table(table).bulkPut(put));
        if (table === 'batches') for (const r of come) came.add(r.id);
        if (table === 'events') for (const r of come) grown.add(String(r.batch));
        done += rows.length;
        onProgress(done / all);
      }
    await pouring.end();
    const told = new Map(digests.map((x) => [x.batch, x]));
    const rows: DigestRow[] = [];
    for (const b of theirs.batches.filter((x) => came.has(x.id))) {
      const x = told.get(b.id);
      rows.push(x ? { ...x, ...labelOf(b) } : await digestOfStored(b));
    }
    await keepDigests(rows);
    await learnAgain(theirs.leftOut.map((o) => o.id));
    await fitWording();
    await stand(d, theirs, empty.has('jarEvents'));
    if (theirs.jars.length + theirs.jarEvents.length > 0) await fatesStale();
    for (const id of grown) {
      const batch = came.has(id) ? undefined : await d.batches.get(id);
      if (batch) await settle(d, batch, await d.events.where('batch').equals(id).toArray());
    }
  });
  toldAll();
}
/** The settings table also holds what is no preference (half-typed figures, when the demo was laid): that stays. */
async function clear(d: KitchenDb, table: string): Promise<void> {
  if (table === 'settings') await d.settings.delete(PREFERENCES);
  else await d.table(table).clear();
}
/** Jars that came, or whose logs grew, stand or do not stand as their whole logs now say. */
async function stand(d: KitchenDb, theirs: Kitchen, alone: boolean): Promise<void> {
  const ids = [...new Set([...theirs.jars.map((j) => j.id), ...theirs.jarEvents.map((e) => e.jar)])];
  const come = groupBy(theirs.jarEvents, (e) => e.jar);
  const whole = async (some: readonly string[]): Promise<Map<string, JarEventRecord[]>> => {
    const all = d.jarEvents.where('jar').anyOf([...some]);
    return groupBy(await all.toArray(), (e) => e.jar);
  };
  for (const some of parts(ids)) {
    // Where no log was here before, what came is the whole of it.
    const logs = alone ? come : await whole(some);
    const ended = new Set(some.filter((jar) => endOfJar(logs.get(jar) ?? []) !== null));
    await d.standing.bulkPut(some.filter((jar) => !ended.has(jar)).map((jar) => ({ jar })));
    await d.standing.bulkDelete([...ended]);
  }
}

/** Empties the open kitchen, in one transaction. */
export async function wipe(): Promise<void> {
  const d = db();
  await d.transaction('rw', d.tables, async () => {
    for (const t of d.tables) await t.clear();
  });
}
