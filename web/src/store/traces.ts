import type { EventRecord, TraceRecord } from '@ironpan/core/records';
import { db } from './db';

/** A batch's traces; most have none, and are not looked for. */
export async function tracesFor(batch: string, events: readonly EventRecord[]): Promise<TraceRecord[]> {
  const told = events.some((e) => e.is === 'reading' && e.reading.trace !== undefined);
  return told ? db().traces.where('batch').equals(batch).toArray() : [];
}
/** What a probe told so far of one task, in order. */
export async function courseSoFar(batch: string, step: string, task: string): Promise<TraceRecord[]> {
  const all = await db().traces.where('batch').equals(batch).toArray();
  return all
    .filter((t) => t.step === step && t.task === task && t.channel === 'temperatureC')
    .sort((a, b) => a.chunk - b.chunk);
}
/** Keeps one more piece of a course. */
export const keepChunk = async (row: TraceRecord): Promise<void> => {
  await db().traces.put(row);
};
/** A task that is begun anew begins its course anew. */
export const dropCourse = (rows: readonly TraceRecord[]): Promise<void> =>
  db().traces.bulkDelete(rows.map((r) => r.id));
