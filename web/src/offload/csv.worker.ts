import { everyStep } from '@ironpan/core/batch';
import { batchesCsv, jarsCsv, readingsCsv } from '@ironpan/core/formats';
import { someBatches } from '../store/batches';
import { bookFound } from '../store/book';
import { KitchenDb, db, setDatabase } from '../store/db';
import { answering } from './answering';

/** What of the book is wanted as a table. */
export const CSV_TABLES = ['batches', 'jars', 'readings'] as const;
export type CsvTable = (typeof CSV_TABLES)[number];
export interface CsvAsked {
  readonly database: string;
  readonly table: CsvTable;
}
/** Logs read at once: a whole book of them would not fit beside its own text. */
const AT_ONCE = 200;

answering(async ({ database, table }: CsvAsked): Promise<Blob> => {
  setDatabase(new KitchenDb(database));
  const d = db();
  const text = async (): Promise<readonly string[]> => {
    if (table === 'batches') return [batchesCsv(await d.digests.orderBy('startedAt').toArray())];
    if (table === 'jars') {
      const numbers = new Map((await d.digests.toArray()).map((r) => [r.batch, r.number]));
      const fates = (await d.fates.toArray()).sort((a, b) => a.filledAt - b.filledAt);
      return [jarsCsv(fates, numbers)];
    }
    return readings();
  };
  return new Blob([...(await text())], { type: 'text/csv;charset=utf-8' });
});
/** Batch after batch, the heads once. */
async function readings(): Promise<readonly string[]> {
  const ids = await bookFound({ find: '', milk: null, which: 'all', of: null, order: 'oldest' });
  const out: string[] = [readingsCsv([])];
  for (let i = 0; i < ids.length; i += AT_ONCE) {
    const some = await someBatches(ids.slice(i, i + AT_ONCE));
    const of = some.map(({ batch, events }) => ({
      batch,
      steps: everyStep(batch.recipe, events),
      events: [...events].sort((a, b) => a.seq - b.seq),
    }));
    const lines = readingsCsv(of).split('\r\n').slice(1);
    if (lines.length > 0) out.push(`\r\n${lines.join('\r\n')}`);
  }
  return out;
}
