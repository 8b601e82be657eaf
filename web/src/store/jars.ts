import type { BatchRecord, JarEventRecord, JarRecord } from '@ironpan/core/records';
import type { JarEvent } from '@ironpan/core/batch';
import { db } from './db';
import { newId } from './ids';

export interface JarWithLog {
  readonly jar: JarRecord;
  readonly batch: BatchRecord;
  readonly events: readonly JarEventRecord[];
}
/** Every jar with its batch and its own log. */
export async function allJars(): Promise<JarWithLog[]> {
  const d = db();
  const [jars, events, batches] = await Promise.all([d.jars.toArray(), d.jarEvents.toArray(), d.batches.toArray()]);
  const byId = new Map(batches.map((b) => [b.id, b]));
  return jars.flatMap((jar) => {
    const batch = byId.get(jar.batch);
    return batch ? [{ jar, batch, events: events.filter((e) => e.jar === jar.id) }] : [];
  });
}
type JarHappening = JarEvent extends infer E ? (E extends JarEvent ? Omit<E, 'id' | 'jar' | 'at'> : never) : never;
export async function appendToJar(jar: string, h: JarHappening, at: number): Promise<string> {
  const id = newId('jarevent');
  await db().jarEvents.add({ ...h, v: 1, id, jar, at });
  return id;
}
/** Takes back the last thing that was said of a jar. */
export async function takeBack(eventId: string): Promise<void> {
  await db().jarEvents.delete(eventId);
}
