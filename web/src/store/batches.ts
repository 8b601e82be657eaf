import { fold, jarsOf, MODEL, progressOf, promisedOf, summarise } from '@ironpan/core/batch';
import type { BatchEvent } from '@ironpan/core/batch';
import type { BatchRecord, EventRecord, KitRecord, PlanRecord } from '@ironpan/core/records';
import { orderFaults } from '@ironpan/core/steps';
import type { Reading } from '@ironpan/core/steps';
import { db } from './db';
import { newId } from './ids';
import { frozenKit } from './kit';

export interface BatchWithLog {
  readonly batch: BatchRecord;
  readonly events: readonly EventRecord[];
}
async function withLogs(batches: readonly BatchRecord[]): Promise<BatchWithLog[]> {
  const events = await db()
    .events.where('batch')
    .anyOf(batches.map((b) => b.id))
    .toArray();
  return batches.map((batch) => ({ batch, events: events.filter((e) => e.batch === batch.id) }));
}
export const allBatches = async (): Promise<BatchWithLog[]> =>
  withLogs(await db().batches.orderBy('startedAt').reverse().toArray());
/** Begins a plan: a frozen copy of all it needs, and what it promises. */
export async function startBatch(plan: PlanRecord, record: KitRecord, at: number): Promise<string> {
  const kit = frozenKit(record);
  // Folded here without the checks: they are for before the start, and need not be loaded with every page.
  if (orderFaults(plan.recipe).length > 0) throw new RangeError('the steps of this plan are out of order');
  const promised = promisedOf(summarise(plan.recipe, fold(plan.recipe, { kit }), kit));
  const d = db();
  const id = newId('batch');
  await d.transaction('rw', d.batches, async () => {
    const last = await d.batches.orderBy('number').last();
    await d.batches.add({
      v: 2,
      id,
      number: (last?.number ?? 0) + 1,
      plan: plan.id,
      name: plan.name,
      recipe: plan.recipe,
      kit,
      beliefs: {},
      model: MODEL,
      promised,
      startedAt: at,
    });
  });
  return id;
}

/** What happened, less what the log adds to it. */
export type Happening = BatchEvent extends infer E
  ? E extends BatchEvent
    ? Omit<E, 'id' | 'batch' | 'at'>
    : never
  : never;

/**
 * Appends to a batch's log, and in the same transaction rewrites the jars that follow from it: a corrected reading
 * changes what is in them, the jars' own histories stay.
 */
export function append(batchId: string, happened: readonly Happening[], at: number): Promise<void> {
  const d = db();
  return d.transaction('rw', d.batches, d.events, d.jars, d.jarEvents, async () => {
    const batch = await d.batches.get(batchId);
    if (!batch) return;
    // Within one press the order must hold, so later lines stand a millisecond later.
    const rows = happened.map((h, i) => ({ ...h, v: 1 as const, id: newId('event'), batch: batchId, at: at + i }));
    await d.events.bulkAdd(rows);
    const events = await d.events.where('batch').equals(batchId).toArray();
    const p = progressOf(batch, events);
    // Gone back to the bench: the jars stand as they are until it is finished anew.
    if (p.state !== 'finished') return;
    const jars = jarsOf(batch, p).map((j) => ({ ...j, v: 2 as const }));
    const had = await d.jars.where('batch').equals(batchId).primaryKeys();
    const gone = had.filter((k) => !jars.some((j) => j.id === k));
    await d.jars.bulkDelete(gone);
    await d.jarEvents.where('jar').anyOf(gone).delete();
    await d.jars.bulkPut(jars);
  });
}
export const readingOf = (
  step: string,
  task: string,
  what: string,
  value: number,
  source: Reading['source'],
): Happening => ({
  is: 'reading',
  reading: { id: newId('reading'), step, task, what, value, source },
});
