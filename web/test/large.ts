import { endOfJar } from '@ironpan/core/batch';
import { groupBy } from '@ironpan/core/numerics';
import { largeKitchen } from '../src/demo/large';
import { db } from '../src/store/db';
import { digestNow } from '../src/store/digests';

/** Lays a large kitchen down in the open one, with what follows from it. */
export async function layLarge(batches: number, at: number, seed = 7): Promise<void> {
  const large = largeKitchen(batches, seed, at);
  const d = db();
  const ended = new Set<string>();
  for (const m of large.made)
    for (const [jar, log] of groupBy(m.jarEvents, (e) => e.jar)) if (endOfJar(log)) ended.add(jar);
  await d.transaction('rw', d.tables, async () => {
    await d.kit.put(large.kit);
    await d.plans.bulkPut([...large.plans]);
    for (const m of large.made) {
      await d.batches.put(m.batch);
      await d.events.bulkPut([...m.events]);
      await d.jars.bulkPut([...m.jars]);
      await d.jarEvents.bulkPut([...m.jarEvents]);
      await d.digests.put(digestNow(m.batch, m.events));
      await d.standing.bulkPut(m.jars.filter((j) => !ended.has(j.id)).map((j) => ({ jar: j.id })));
    }
    await d.traces.bulkPut([...large.traces]);
  });
}
