import { NOTHING_LEFT_OUT } from '@ironpan/core/learning';
import type { LeftOut } from '@ironpan/core/learning';
import { db } from './db';
import { learnedRow, saidBy } from './learnedRows';
import type { DigestRow, LearnedRow } from './rows';

/**
 * Inside a transaction: what these lines of the book say comes in place of what their batches said before. A coefficient of
 * which nobody speaks any more goes; no other batch is read.
 */
export async function relearn(before: readonly DigestRow[], lines: readonly DigestRow[]): Promise<void> {
  const d = db();
  const come = saidBy(lines);
  const ids = [...new Set([...saidBy(before).keys(), ...come.keys()])];
  if (ids.length === 0) return;
  const gone = new Set(before.map((l) => l.batch));
  for (const l of lines) gone.add(l.batch);
  const [had, leftOut] = [await d.learned.bulkGet(ids), await d.leftOut.bulkGet(ids)];
  const rows = ids.map((id, i) => {
    const stays = had[i]?.seen.filter((s) => !gone.has(s.batch)) ?? [];
    return learnedRow(id, [...stays, ...(come.get(id) ?? [])], leftOut[i] ?? NOTHING_LEFT_OUT);
  });
  await d.learned.bulkPut(rows.filter((r) => r.seen.length > 0));
  await d.learned.bulkDelete(rows.filter((r) => r.seen.length === 0).map((r) => r.coefficient));
}
/** Inside a transaction: what is left out changed, here or by an import. */
export async function learnAgain(ids: readonly string[]): Promise<void> {
  const d = db();
  const [had, leftOut] = [await d.learned.bulkGet([...ids]), await d.leftOut.bulkGet([...ids])];
  await d.learned.bulkPut(
    had.flatMap((r, i) => (r ? [learnedRow(r.coefficient, r.seen, leftOut[i] ?? NOTHING_LEFT_OUT)] : [])),
  );
}

/** All that was learned, and what of it is left out. */
export interface LearnedNow extends LearnedRow {
  readonly leftOut: LeftOut;
}
export async function readLearned(): Promise<readonly LearnedNow[]> {
  const d = db();
  const [rows, out] = await Promise.all([d.learned.toArray(), d.leftOut.toArray()]);
  const by = new Map(out.map((o) => [o.id, o]));
  return rows.map((r) => ({ ...r, leftOut: by.get(r.coefficient) ?? NOTHING_LEFT_OUT }));
}
/** Changes what is left out of a coefficient, and learns it anew. */
export function leaveOut(id: string, change: (o: LeftOut) => LeftOut, at: number): Promise<void> {
  const d = db();
  return d.transaction('rw', d.learned, d.leftOut, async () => {
    const { batches, beforeAt } = change((await d.leftOut.get(id)) ?? NOTHING_LEFT_OUT);
    if (batches.length === 0 && beforeAt === null) await d.leftOut.delete(id);
    else await d.leftOut.put({ v: 1, id, batches, beforeAt, updatedAt: at });
    await learnAgain([id]);
  });
}
/** How many lines of the book an older Ironpan folded, and still have to be folded anew. */
export async function countStale(model: string): Promise<number> {
  const { digests } = db();
  return (await digests.count()) - (await digests.where('model').equals(model).count());
}
