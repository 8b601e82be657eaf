import { endOfJar, jarNow, lastSeq, nextSeq, unsaid } from '@ironpan/core/batch';
import type { JarHappening } from '@ironpan/core/batch';
import { groupBy } from '@ironpan/core/numerics';
import type { BatchRecord, FridgeRecord, JarEventRecord, JarRecord } from '@ironpan/core/records';
import { GoneError } from './batches';
import { db } from './db';
import { keepFates } from './fates';
import { fateTables } from './wording';
import { newId } from './ids';

export interface JarLog {
  readonly jar: JarRecord;
  readonly events: readonly JarEventRecord[];
}
export interface JarWithLog extends JarLog {
  readonly batch: BatchRecord;
}
async function withEvents(jars: readonly (JarRecord | undefined)[]): Promise<JarLog[]> {
  const there = jars.filter((j) => j !== undefined);
  const events = await db()
    .jarEvents.where('jar')
    .anyOf(there.map((j) => j.id))
    .toArray();
  const logs = groupBy(events, (e) => e.jar);
  return there.map((jar) => ({ jar, events: logs.get(jar.id) ?? [] }));
}
/** Every jar that still stands somewhere, with its batch and its own log. */
export async function standingJars(): Promise<JarWithLog[]> {
  const d = db();
  const jars = await withEvents(await d.jars.bulkGet(await d.standing.toCollection().primaryKeys()));
  const ids = [...new Set(jars.map((j) => j.jar.batch))];
  const batches = new Map((await d.batches.bulkGet(ids)).flatMap((b) => (b ? [[b.id, b] as const] : [])));
  return jars.flatMap((j) => {
    const batch = batches.get(j.jar.batch);
    return batch ? [{ ...j, batch }] : [];
  });
}
/** The jars that were filled since an instant, whatever became of them. */
export const jarsFilledSince = async (at: number): Promise<JarLog[]> =>
  withEvents(await db().jars.where('filledAt').above(at).toArray());
/** The jars of one batch, whatever became of them. */
export const jarsOfBatch = async (batch: string): Promise<JarLog[]> =>
  withEvents(await db().jars.where('batch').equals(batch).toArray());
/** One jar, whatever became of it; null: this kitchen has none of that name. */
export const oneJar = async (id: string): Promise<JarLog | null> =>
  (await withEvents([await db().jars.get(id)]))[0] ?? null;
/** The fridge’s own log, oldest first. */
export const fridgeLog = (): Promise<FridgeRecord[]> => db().fridge.orderBy('at').toArray();

export interface Said {
  /** The lines that were written; none: another press had said the same already. */
  readonly ids: readonly string[];
  /** Of what was to be poured, what there was, ml; null: it was no pour. */
  readonly pouredMl: number | null;
  /** Nothing is left in it. */
  readonly empty: boolean;
}
/** A pour that leaves less than this is the last one, ml. */
export const DREGS_ML = 0.5;

/**
 * Writes down what happened to a jar, all of it or nothing. A pour never takes more than the jar holds at that moment,
 * whoever poured from it meanwhile; the last of it finishes the jar. `seen` is the last line the presser knew.
 */
export function appendToJar(
  jarId: string,
  happened: JarHappening | readonly JarHappening[],
  at: number,
  seen?: number,
): Promise<Said> {
  const d = db();
  const all: readonly JarHappening[] = 'is' in happened ? [happened] : happened;
  return d.transaction(
    'rw',
    [d.jars, d.jarEvents, d.standing, d.batches, d.plans, d.fridge, ...fateTables(d)],
    async (): Promise<Said> => {
      const jar = await d.jars.get(jarId);
      const batch = jar ? await d.batches.get(jar.batch) : undefined;
      if (!jar || !batch) throw new GoneError('this jar');
      const log: JarEventRecord[] = await d.jarEvents.where('jar').equals(jarId).toArray();
      let said: Said = { ids: [], pouredMl: null, empty: endOfJar(log) !== null };
      for (const h of unsaid(log, seen ?? lastSeq(log), all)) {
        let say = h;
        let pouredMl: number | null = null;
        if (h.is === 'poured') {
          if (endOfJar(log)) return { ...said, pouredMl: 0 };
          const left = jarNow(jar, log, batch, await fridgeLog(), at).leftMl;
          pouredMl = Math.min(h.ml, left);
          say = pouredMl >= left - DREGS_ML ? { is: 'finished' } : h;
        }
        const row = { ...say, v: 6 as const, id: newId('jarevent'), jar: jarId, at, seq: nextSeq(log) };
        await d.jarEvents.add(row);
        log.push(row);
        said = { ...said, ids: [...said.ids, row.id], pouredMl: said.pouredMl ?? pouredMl };
      }
      const empty = endOfJar(log) !== null;
      if (empty) await d.standing.delete(jarId);
      else await d.standing.put({ jar: jarId });
      await keepFates([jarId]);
      return { ...said, empty };
    },
  );
}
/** Takes lines of a jar's log back; the lines stay, and so does that they were taken back. */
export const takeBack = (jarId: string, ids: readonly string[], at: number): Promise<Said> =>
  appendToJar(
    jarId,
    ids.map((of) => ({ is: 'undone', of })),
    at,
  );
