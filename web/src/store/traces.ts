import type { EventRecord, TraceRecord } from '@ironpan/core/records';
import { db } from './db';

/** A batch's traces; most have none, and are not looked for. */
export async function tracesFor(batch: string, events: readonly EventRecord[]): Promise<TraceRecord[]> {
  const told = events.some((e) => e.is === 'reading' && e.reading.trace !== undefined);
  return told ? db().traces.where('batch').equals(batch).toArray() : [];
}
