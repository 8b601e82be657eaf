import { progressOf } from '@ironpan/core/batch';
import { matchReadings, readReadings } from '@ironpan/core/formats';
import type { ReadableBatch, ReadingFault } from '@ironpan/core/formats';
import { groupBy } from '@ironpan/core/numerics';
import { append, someBatches } from '../store/batches';
import { KitchenDb, db, setDatabase } from '../store/db';
import { newId } from '../store/ids';
import { answering } from './answering';
import type { Say } from './answering';
import { report } from '../report';

export interface ReadingsAsked {
  readonly database: string;
  readonly file: Blob;
  /** Null: it is only looked at. Else it is written, all of it or nothing, at this instant. */
  readonly writeAt: number | null;
}
export interface ReadingsTold {
  readonly come: number;
  readonly corrected: number;
  readonly same: number;
  readonly batches: number;
  readonly faults: readonly ReadingFault[];
}

answering((asked: ReadingsAsked, say) => take(asked, say));

async function take({ database, file, writeAt }: ReadingsAsked, say: Say): Promise<ReadingsTold> {
  setDatabase(new KitchenDb(database));
  const { lines, faults } = readReadings(await file.text());
  const known = await batchesOf(new Set(lines.map((l) => l.batch)));
  const m = matchReadings(lines, (n) => known.get(n) ?? null);
  const by = groupBy([...m.come], (c) => c.batch);
  const told: ReadingsTold = {
    come: m.come.filter((c) => !c.corrects).length,
    corrected: m.come.filter((c) => c.corrects).length,
    same: m.same,
    batches: by.size,
    faults: [...faults, ...m.faults],
  };
  if (writeAt === null || told.faults.length > 0) return told;
  const d = db();
  let done = 0;
  await d.transaction('rw', d.tables, async () => {
    for (const [batch, of] of by) {
      const happened = of.map((c) => ({ is: 'reading', reading: { ...c.reading, id: newId('reading') } }) as const);
      await append(batch, happened, writeAt);
      done += 1;
      say(done, by.size);
    }
  });
  return told;
}
/** The batches of these numbers. Two of one number (kitchens that came together): none, for it cannot be told which. */
async function batchesOf(numbers: ReadonlySet<string>): Promise<ReadonlyMap<string, ReadableBatch>> {
  const d = db();
  const rows = (await d.digests.toArray()).filter((r) => numbers.has(String(r.number)));
  const states = new Map(rows.map((r) => [r.batch, r.state]));
  const once = [...groupBy(rows, (r) => String(r.number)).values()].flatMap((of) => (of.length === 1 ? of : []));
  const all = await someBatches(once.map((r) => r.batch));
  return new Map(
    all.flatMap(({ batch, events, traces }) => {
      try {
        const { readings, recipe } = progressOf(batch, events, traces);
        const one = { id: batch.id, open: states.get(batch.id) === 'open', steps: recipe.steps, readings };
        return [[String(batch.number), one] as const];
      } catch (e) {
        // One that cannot be worked out takes no reading; its own page says why.
        report(`Working out ${batch.number} · ${batch.name}`, e);
        return [];
      }
    }),
  );
}
