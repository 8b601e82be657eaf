import { progressOf } from '@ironpan/core/batch';
import { groupBy } from '@ironpan/core/numerics';
import { yearBatch } from '@ironpan/core/questions';
import type { YearBatch } from '@ironpan/core/questions';
import { milkOf } from '@ironpan/core/words';
import { someBatches } from '../store/batches';
import { KitchenDb, db, setDatabase } from '../store/db';
import { fridgeLog } from '../store/jars';
import { answering } from './answering';
import type { Say } from './answering';
import { report } from '../report';

export interface YearAsked {
  readonly database: string;
  /** From this instant until before that one, ms. */
  readonly from: number;
  readonly to: number;
}
/** Logs read at once. */
const AT_ONCE = 100;

answering((asked: YearAsked, say) => tell(asked, say));

/** Every batch that was begun in that time and is over, each folded from its own log. */
async function tell({ database, from, to }: YearAsked, say: Say): Promise<readonly YearBatch[]> {
  setDatabase(new KitchenDb(database));
  const d = db();
  const lines = await d.digests.where('startedAt').between(from, to, true, false).toArray();
  const ids = lines.filter((r) => r.state !== 'open').map((r) => r.batch);
  const fridge = await fridgeLog();
  const out: YearBatch[] = [];
  for (let i = 0; i < ids.length; i += AT_ONCE) {
    const some = ids.slice(i, i + AT_ONCE);
    const [batches, jars] = await Promise.all([someBatches(some), d.jars.where('batch').anyOf(some).toArray()]);
    const events = groupBy(
      await d.jarEvents
        .where('jar')
        .anyOf(jars.map((j) => j.id))
        .toArray(),
      (e) => e.jar,
    );
    const mine = groupBy(jars, (j) => j.batch);
    batches.forEach((b, k) => {
      say(i + k, ids.length);
      const of = (mine.get(b.batch.id) ?? []).map((jar) => ({ jar, events: events.get(jar.id) ?? [] }));
      try {
        const progress = progressOf(b.batch, b.events, b.traces);
        out.push(yearBatch({ ...b, progress, milk: milkOf(b.batch.recipe), jars: of }, fridge));
      } catch (e) {
        // One that cannot be folded is shown as broken by its own page and in the log, and counts nothing.
        report(`Working out ${b.batch.number} · ${b.batch.name}`, e);
      }
    });
  }
  return out;
}
