import { digestOf, MODEL, progressOf } from '@ironpan/core/batch';
import type { Progress } from '@ironpan/core/batch';
import type { BatchRecord, EventRecord, TraceRecord } from '@ironpan/core/records';
import { milkOf } from '@ironpan/core/words';
import { db } from './db';
import { relearn } from './learned';
import type { DigestRow } from './rows';
import { tracesFor } from './traces';
import { report } from '../report';

/** Folded in one go while a page is being opened; more would hold the first frame back. */
const AT_ONCE = 200;

/** A batch’s line of the book from a fold that is at hand. */
export const digestRow = (batch: BatchRecord, events: readonly EventRecord[], p: Progress): DigestRow => ({
  ...digestOf(batch, events, p),
  ...labelOf(batch),
});
/** What the book says of a batch that no fold is needed for. */
export const labelOf = (batch: BatchRecord) => ({
  number: batch.number,
  name: batch.name,
  startedAt: batch.startedAt,
  milk: milkOf(batch.recipe),
  promisedMl: batch.promised.volumeMl,
  plan: batch.plan,
});

/**
 * Writes lines of the book, and takes others out; what the kitchen learned follows in the same transaction: what their
 * batches said before is taken off, what they say now is added, and no other batch is read.
 */
export function keepDigests(rows: readonly DigestRow[], gone: readonly string[] = []): Promise<void> {
  const d = db();
  return d.transaction('rw', d.digests, d.learned, d.leftOut, async () => {
    const before = await d.digests.bulkGet([...rows.map((r) => r.batch), ...gone]);
    await relearn(
      before.filter((r) => r !== undefined),
      rows,
    );
    await d.digests.bulkPut([...rows]);
    await d.digests.bulkDelete([...gone]);
  });
}
/** A batch that cannot be folded is shown by name, as open, so that its own page can say what is wrong with it. */
export function digestNow(
  batch: BatchRecord,
  events: readonly EventRecord[],
  traces: readonly TraceRecord[] = [],
): DigestRow {
  try {
    return digestRow(batch, events, progressOf(batch, events, traces));
  } catch (e) {
    report(`Working out ${batch.number} · ${batch.name}`, e);
    const nothing = {
      jarredMl: null,
      solids: null,
      measuredMl: null,
      safe: null,
      evidence: [],
      seq: 0,
      lines: events.length,
      broken: true as const,
    };
    return { batch: batch.id, model: MODEL, state: 'open', ...nothing, ...labelOf(batch) };
  }
}
/** The same, folded from the storage. */
export async function digestOfStored(batch: BatchRecord): Promise<DigestRow> {
  const events = await db().events.where('batch').equals(batch.id).toArray();
  return digestNow(batch, events, await tracesFor(batch.id, events));
}
async function fresh(ids: readonly string[]): Promise<DigestRow[]> {
  const d = db();
  const out: DigestRow[] = [];
  for (const batch of await d.batches.bulkGet([...ids])) if (batch) out.push(await digestOfStored(batch));
  return out;
}

/** Folded and written in one transaction: a press in between would be overwritten by what was folded before it. */
function refold(ids: readonly string[]): Promise<void> {
  const d = db();
  return d.transaction('rw', [d.batches, d.events, d.traces, d.digests, d.learned, d.leftOut], async () =>
    keepDigests(await fresh(ids)),
  );
}

/**
 * Batches that have none yet (an older storage, a fault) get theirs; awaited before any page asks what is open. Both are
 * written in one transaction, so that their numbers tell: keys are read only where these differ.
 */
export async function digestMissing(): Promise<void> {
  const d = db();
  if ((await d.batches.count()) === (await d.digests.count())) return;
  const have = new Set(await d.digests.toCollection().primaryKeys());
  const all = new Set(await d.batches.toCollection().primaryKeys());
  await keepDigests(
    [],
    [...have].filter((id) => !all.has(id)),
  );
  const lacking = [...all].filter((id) => !have.has(id));
  for (let i = 0; i < lacking.length; i += AT_ONCE) await refold(lacking.slice(i, i + AT_ONCE));
}
/** Figures of another model are folded anew, a few at a time, while nothing else is asked for. */
export async function digestStale(breath: () => Promise<void>): Promise<void> {
  const d = db();
  // A range on either side reads the stale rows alone; “not equal” walks the others too.
  const stale = [
    ...(await d.digests.where('model').below(MODEL).primaryKeys()),
    ...(await d.digests.where('model').above(MODEL).primaryKeys()),
  ];
  for (let i = 0; i < stale.length; i += 10) {
    await breath();
    await refold(stale.slice(i, i + 10));
  }
}
/** Never trusted blindly: a digest of another model or of fewer lines than the log has is folded again. */
export async function trusted(rows: readonly DigestRow[]): Promise<DigestRow[]> {
  const d = db();
  const wrong: string[] = [];
  await Promise.all(
    rows.map(async (r) => {
      const lines = await d.events.where('batch').equals(r.batch).count();
      if (r.model !== MODEL || r.lines !== lines) wrong.push(r.batch);
    }),
  );
  if (wrong.length === 0) return [...rows];
  const anew = new Map((await fresh(wrong)).map((r) => [r.batch, r]));
  return rows.map((r) => anew.get(r.batch) ?? r);
}
