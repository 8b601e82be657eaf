import { afterEach, beforeEach } from '@jest/globals';
import { layDemo } from '../src/demo/lay';
import { oneBatch } from '../src/store/batches';
import type { BatchWithLog } from '../src/store/batches';
import { db, KitchenDb, setDatabase } from '../src/store/db';
import type { JarWithLog } from '../src/store/jars';

let count = 0;
/** A new, empty kitchen for each test. */
export function kitchenForEach(name = 'test'): () => KitchenDb {
  let d: KitchenDb;
  beforeEach(async () => {
    count += 1;
    d = new KitchenDb(`${name}-${count}-demo`);
    await d.open();
    setDatabase(d);
  });
  afterEach(() => {
    d.close();
    setDatabase(undefined);
  });
  return () => d;
}

/** The rows of the demo by the instant it was laid for: it is folded once a file, and copied for each test. */
const demos = new Map<number, readonly (readonly [string, readonly unknown[]])[]>();
/** Lays the demo in the open kitchen, as `layDemo` does. */
export async function copyDemo(at: number): Promise<void> {
  const d = db();
  const had = demos.get(at);
  if (had) {
    await d.transaction('rw', d.tables, async () => {
      for (const [table, rows] of had) await d.table(table).bulkAdd(rows as unknown[]);
    });
    return;
  }
  await layDemo(at);
  demos.set(at, await Promise.all(d.tables.map(async (t) => [t.name, await t.toArray()] as const)));
}

/** Everything of the open kitchen, for tests to look at: no page ever reads so much. */
export async function allBatches(): Promise<BatchWithLog[]> {
  const ids = await db().batches.orderBy('startedAt').reverse().primaryKeys();
  return (await Promise.all(ids.map(oneBatch))).filter((b) => b !== null);
}
export async function allJars(): Promise<JarWithLog[]> {
  const d = db();
  const jars = await d.jars.toArray();
  return Promise.all(
    jars.map(async (jar) => {
      const batch = await d.batches.get(jar.batch);
      if (!batch) throw new Error(`no batch of ${jar.id}`);
      return { jar, batch, events: await d.jarEvents.where('jar').equals(jar.id).toArray() };
    }),
  );
}
