import { MOST_BATCH_NUMBER } from '@ironpan/core/records';
import { fold, jarsOf, lastSeq, nextSeq, MODEL, progressOf, promisedOf, summarise, unsaid } from '@ironpan/core/batch';
import type { Happening, Progress } from '@ironpan/core/batch';
import { groupBy } from '@ironpan/core/numerics';
import type { BatchRecord, EventRecord, JarRecord, PlanRecord, TraceRecord } from '@ironpan/core/records';
import { orderFaults } from '@ironpan/core/steps';
import type { Reading } from '@ironpan/core/steps';
import { db } from './db';
import type { KitchenDb } from './db';
import { dropJars, tablesOfJars } from './dropJars';
import { tracesFor } from './traces';
import { digestRow, keepDigests } from './digests';
import { keepFates } from './fates';
import { fateTables } from './wording';
import { repour } from './repour';
import { newId } from './ids';
import { frozenKit } from './kit';
import type { HereRecord } from './here';

export type { Happening } from '@ironpan/core/batch';
export interface BatchWithLog {
  readonly batch: BatchRecord;
  readonly events: readonly EventRecord[];
  /** What probes told of it. */
  readonly traces: readonly TraceRecord[];
}
async function withLogs(batches: readonly (BatchRecord | undefined)[]): Promise<BatchWithLog[]> {
  const there = batches.filter((b) => b !== undefined);
  const events = await db()
    .events.where('batch')
    .anyOf(there.map((b) => b.id))
    .toArray();
  const logs = groupBy(events, (e) => e.batch);
  return Promise.all(
    there.map(async (batch) => {
      const mine = logs.get(batch.id) ?? [];
      return { batch, events: mine, traces: await tracesFor(batch.id, mine) };
    }),
  );
}
/** What is on the bench: the batches that are neither finished nor abandoned, the newest first. */
export async function openBatches(): Promise<BatchWithLog[]> {
  const ids = await db().digests.where('state').equals('open').primaryKeys();
  const open = await withLogs(await db().batches.bulkGet(ids));
  return open.sort((a, b) => b.batch.startedAt - a.batch.startedAt || b.batch.number - a.batch.number);
}
/** These batches with their logs; those that are not here are left out. */
export const someBatches = async (ids: readonly string[]): Promise<BatchWithLog[]> =>
  withLogs(await db().batches.bulkGet([...ids]));
/** One batch with its log; null: not here. */
export async function oneBatch(id: string): Promise<BatchWithLog | null> {
  return (await withLogs([await db().batches.get(id)]))[0] ?? null;
}
/** The next number of a batch; past the highest one the lowest that is free, so that every batch can be exported. */
async function nextNumber(d: KitchenDb): Promise<number> {
  const last = (await d.batches.orderBy('number').last())?.number ?? 0;
  if (last < MOST_BATCH_NUMBER) return last + 1;
  const taken = new Set((await d.batches.orderBy('number').keys()) as number[]);
  let n = 1;
  while (taken.has(n)) n += 1;
  return n;
}
/** A press this soon after another on the same plan is the same press (a double click, or two windows), ms. */
const ONE_PRESS_MS = 3000;

/** Begins a plan: a frozen copy of all it needs, and what it promises. Pressed twice, it is one batch. */
export async function startBatch(plan: PlanRecord, here: HereRecord, at: number): Promise<string> {
  const kit = frozenKit(here.kit);
  // Folded here without the checks: they are for before the start, and need not be loaded with every page.
  if (orderFaults(plan.recipe).length > 0) throw new RangeError('the steps of this plan are out of order');
  const promised = promisedOf(summarise(plan.recipe, fold(plan.recipe, here), kit));
  const d = db();
  return d.transaction('rw', [d.batches, d.events, d.digests, d.learned, d.leftOut, d.plans], async () => {
    const recent = await d.batches
      .where('startedAt')
      .between(at - ONE_PRESS_MS, at + ONE_PRESS_MS)
      .toArray();
    for (const b of recent)
      if (b.plan === plan.id && (await d.events.where('batch').equals(b.id).count()) === 0) return b.id;
    const batch: BatchRecord = {
      v: 5,
      id: newId('batch'),
      number: await nextNumber(d),
      plan: plan.id,
      name: plan.name,
      recipe: plan.recipe,
      kit,
      beliefs: here.beliefs,
      model: MODEL,
      promised,
      startedAt: at,
    };
    await d.batches.add(batch);
    // A draft that is made is a plan.
    await d.plans
      .where('id')
      .equals(plan.id)
      .modify((p) => {
        delete (p as { draft?: true }).draft;
      });
    await keepDigests([digestRow(batch, [], progressOf(batch, []))]);
    return batch.id;
  });
}

/** The tables that a line of a batch's log reads and writes, for one transaction. */
export const tablesOfLog = (d: KitchenDb) => [
  ...[d.batches, d.events, d.digests, d.learned, d.traces, d.plans, d.fridge],
  ...[...tablesOfJars(d), ...fateTables(d)],
];
/**
 * Appends to a batch's log, and in the same transaction rewrites the jars that follow from it: a corrected reading
 * changes what is in them, the jars' own histories stay. `seen` is the last line the presser knew: what another press
 * has said since is not said twice. Resolves to the ids of the lines that were added.
 */
export function append(
  batchId: string,
  happened: readonly Happening[],
  at: number,
  seen?: number,
): Promise<readonly string[]> {
  const d = db();
  return d.transaction('rw', tablesOfLog(d), async () => {
    const batch = await d.batches.get(batchId);
    if (!batch) throw new GoneError('this batch');
    const had = await d.events.where('batch').equals(batchId).toArray();
    const rows = unsaid(had, seen ?? lastSeq(had), happened).map((h, i) => ({
      ...h,
      v: 7 as const,
      id: newId('event'),
      batch: batchId,
      at,
      seq: nextSeq(had, i),
    }));
    if (rows.length > 0) {
      await d.events.bulkAdd(rows);
      await settle(d, batch, [...had, ...rows]);
    }
    return rows.map((row) => row.id);
  });
}
/** What no longer is there: deleted in another window, or with the whole kitchen. */
export class GoneError extends Error {
  override readonly name = 'GoneError';
}

/** Inside a transaction: what follows from a batch's log, its line in the book and its jars, made to agree with it. */
export async function settle(d: KitchenDb, batch: BatchRecord, events: readonly EventRecord[]): Promise<void> {
  const p = progressOf(batch, events, await tracesFor(batch.id, events));
  await keepDigests([digestRow(batch, events, p)]);
  // Gone back to the bench: the jars stand as they are until it is finished anew.
  if (p.state === 'finished') await rewriteJars(d, batch, p);
}
async function rewriteJars(d: KitchenDb, batch: BatchRecord, p: Progress): Promise<void> {
  const jars = jarsOf(batch, p).map((j): JarRecord => ({ ...j, v: 5 }));
  // What was poured over is a jar of its own: it stays, and follows the jar that it came from.
  const before = await d.jars.where('batch').equals(batch.id).toArray();
  const had = before.filter((j) => j.from === null).map((j) => j.id);
  const gone = had.filter((k) => !jars.some((j) => j.id === k));
  await dropJars(d, gone);
  await d.jars.bulkPut(jars);
  await d.standing.bulkPut(jars.filter((j) => !had.includes(j.id)).map((j) => ({ jar: j.id })));
  const over = before.some((j) => j.from !== null) ? await repour(d, batch) : [];
  await keepFates([...gone, ...jars.map((j) => j.id), ...over]);
}
/** A reading as a line of the log. */
export const readingOf = (
  step: string,
  task: string,
  what: string,
  value: number,
  source: Reading['source'],
  atS?: number,
): Happening => ({
  is: 'reading',
  reading: { id: newId('reading'), step, task, what, value, source, ...(atS === undefined ? {} : { atS }) },
});
