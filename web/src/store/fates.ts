import { fateOfJar } from '@ironpan/core/batch';
import { groupBy } from '@ironpan/core/numerics';
import type { BatchRecord, JarRecord } from '@ironpan/core/records';
import { milkOf } from '@ironpan/core/words';
import { db } from './db';
import type { FateRow } from './rows';
import { fateTables, fitWording, reworded } from './wording';
import { report } from '../report';

/** Reckoned in one go; more would hold a frame back. */
const AT_ONCE = 10;

/**
 * Writes anew what became of these jars, and takes out those that are gone. It follows from the jars and their logs, is
 * never exported, and is reckoned again where it is missing. `fit`: where words begin is fitted to it at once.
 */
export async function keepFates(jarIds: readonly string[], fit = true): Promise<void> {
  const d = db();
  const before = (await d.fates.bulkGet([...jarIds])).filter((f) => f !== undefined);
  const jars = await d.jars.bulkGet([...jarIds]);
  const there = jars.filter((j) => j !== undefined);
  const gone = jarIds.filter((id) => !there.some((j) => j.id === id));
  const logs = groupBy(
    await d.jarEvents
      .where('jar')
      .anyOf(there.map((j) => j.id))
      .toArray(),
    (e) => e.jar,
  );
  const batches = new Map(
    (await d.batches.bulkGet([...new Set(there.map((j) => j.batch))])).flatMap((b) => (b ? [[b.id, b] as const] : [])),
  );
  const methods = await methodsOf([...batches.values()]);
  const fridge = await d.fridge.orderBy('at').toArray();
  const rows = there.flatMap((j): FateRow[] => {
    const batch = batches.get(j.batch);
    if (!batch) return [];
    const events = logs.get(j.id) ?? [];
    return [rowOf(j, batch, methods.get(batch.plan) ?? null, () => fateOfJar(j, events, batch, fridge), events.length)];
  });
  await d.fates.bulkPut(rows);
  await d.fates.bulkDelete(gone);
  await reworded(before, rows, fit);
}
/** A jar that cannot be reckoned says nothing of its milk; it is told on the shelf by itself. */
function rowOf(
  j: JarRecord,
  batch: BatchRecord,
  method: string | null,
  reckon: () => Omit<FateRow, 'milk' | 'method'>,
  lines: number,
): FateRow {
  const of = { milk: milkOf(batch.recipe), method };
  try {
    return { ...reckon(), ...of };
  } catch (e) {
    report(`Working out what became of a jar of ${batch.name}`, e);
    return {
      jar: j.id,
      batch: j.batch,
      product: j.product,
      filledAt: j.filledAt,
      filledMl: j.filledMl,
      hygiene: j.stream.hygiene,
      thing: null,
      budgetD: null,
      capDays: null,
      end: null,
      why: null,
      endedAt: null,
      said: {},
      signs: [],
      looks: 0,
      lasted: null,
      parts: null,
      worded: [],
      place: 'cold',
      lines,
      ...of,
    };
  }
}
async function methodsOf(batches: readonly BatchRecord[]): Promise<Map<string, string | null>> {
  const plans = await db().plans.bulkGet([...new Set(batches.map((b) => b.plan))]);
  return new Map(plans.flatMap((p) => (p ? [[p.id, p.from?.method ?? null] as const] : [])));
}

/** The note that fates may be wrong: a file came in, and what follows from its logs was not waited for. */
const STALE = 'fatesStale';
/** A fate that was read from so many lines is read again. */
const UNREAD = -1;
/** Says that fates may be wrong, these at any rate; inside a transaction that holds the settings, and the fates. */
export async function fatesStale(jars: readonly string[] = []): Promise<void> {
  const d = db();
  await d.settings.put({ key: STALE, value: true });
  if (jars.length > 0)
    await d.fates
      .where('jar')
      .anyOf([...jars])
      .modify({ lines: UNREAD });
}
export const areFatesStale = async (): Promise<boolean> => (await db().settings.get(STALE)) !== undefined;
/** Says that they are right again. */
export const fatesFresh = (): Promise<void> => db().settings.delete(STALE);

/**
 * Jars whose fate is missing, or was read from fewer lines than their log has, a few at a time. Each press keeps them by
 * itself: all are looked through only where a file came in, an older storage was brought along, or their number is wrong.
 */
export async function fatesMissing(breath: () => Promise<void>): Promise<void> {
  const d = db();
  if (!(await areFatesStale()) && (await d.fates.count()) === (await d.jars.count())) return;
  const lines = new Map<string, number>();
  for (const jar of (await d.jarEvents.orderBy('jar').keys()) as string[]) lines.set(jar, (lines.get(jar) ?? 0) + 1);
  const have = new Map<string, number>();
  await d.fates.each((f) => have.set(f.jar, f.lines));
  const all = await d.jars.toCollection().primaryKeys();
  const there = new Set(all);
  const wrong = [
    ...all.filter((id) => have.get(id) !== (lines.get(id) ?? 0)),
    ...[...have.keys()].filter((id) => !there.has(id)),
  ];
  for (let i = 0; i < wrong.length; i += AT_ONCE) {
    await breath();
    const some = wrong.slice(i, i + AT_ONCE);
    await d.transaction('rw', [d.jars, d.jarEvents, d.batches, d.plans, d.fridge, ...fateTables(d)], () =>
      keepFates(some, false),
    );
  }
  await d.transaction('rw', d.wording, d.leftOut, () => fitWording());
  await fatesFresh();
}
/** Tells of every change of what became of the jars, without reading them. */
export const countFates = (): Promise<number> => db().fates.count();
/** Every jar's fate. */
export const allFates = (): Promise<FateRow[]> => db().fates.toArray();
/** What was said of the jars of these batches. */
export const fatesOfBatches = (ids: readonly string[]): Promise<FateRow[]> =>
  db()
    .fates.where('batch')
    .anyOf([...ids])
    .toArray();
