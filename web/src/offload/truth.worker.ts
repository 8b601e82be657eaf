import { measuredMl, progressOf } from '@ironpan/core/batch';
import type { Progress } from '@ironpan/core/batch';
import { keepTruthOf, PROMISED, promisedBy } from '@ironpan/core/comparing';
import type { Kept, KeepTruth, Watched } from '@ironpan/core/comparing';
import { milkOf } from '@ironpan/core/words';
import { groupBy } from '@ironpan/core/numerics';
import { db, KitchenDb, setDatabase } from '../store/db';
import { figuresMeasured } from '../store/measured';
import { newestFinished } from '../store/beside';
import type { BatchWithLog } from '../store/batches';
import { answering } from './answering';
import type { Say } from './answering';

export interface TruthAsked {
  readonly database: string;
}
export interface TruthTold {
  readonly kept: readonly Kept[];
  /** By milk: how true its time was. */
  readonly keeping: readonly (KeepTruth & { readonly milk: string })[];
  /** Batches that were changed while they were made, or left something out: no promise was given of them. */
  readonly otherwise: number;
  /** Batches of which nothing was measured. */
  readonly unmeasured: number;
}

answering(({ database }: TruthAsked, say) => tell(database, say));

/** What was promised of the newest batches beside what the scale, the solids and the funnel then said. */
async function tell(database: string, say: Say): Promise<TruthTold> {
  setDatabase(new KitchenDb(database));
  const batches = await newestFinished();
  const seen = await figuresMeasured(batches.map((b) => b.batch));
  const kept: Kept[] = [];
  let [otherwise, unmeasured] = [0, 0];
  batches.forEach((b, i) => {
    say(i + 1, batches.length);
    const p = foldedOf(b);
    if (!p) return;
    const came = { volumeMl: measuredMl(p), ...(seen.get(b.batch.id) ?? { solids: null, body: null }) };
    if (PROMISED.every((m) => came[m] === null)) unmeasured += 1;
    else if (changed(p)) otherwise += 1;
    else {
      const promised = promisedBy(b.batch);
      for (const of of PROMISED) {
        const is = came[of];
        const common = { batch: b.batch.id, at: b.batch.startedAt, milk: milkOf(b.batch.recipe), of };
        if (is !== null && promised[of].value > 0) kept.push({ ...promised[of], ...common, came: is });
      }
    }
  });
  return { kept, keeping: await keepingOf(batches), otherwise, unmeasured };
}
/** What became of the jars of milk of these batches, held against the time that was said of them. */
async function keepingOf(batches: readonly BatchWithLog[]): Promise<TruthTold['keeping']> {
  const begun = new Map(batches.map((b) => [b.batch.id, b.batch.beliefs]));
  const fates = await db()
    .fates.where('batch')
    .anyOf([...begun.keys()])
    .filter((f) => f.product !== 'pulp')
    .toArray();
  const watched = fates.flatMap((f): (Watched & { readonly milk: string })[] => {
    const { thing, budgetD, capDays, lasted, milk } = f;
    if (thing === null || budgetD === null || capDays === null || lasted === null) return [];
    return [{ thing, budgetD, capDays, lasted, milk, beliefs: begun.get(f.batch) ?? {} }];
  });
  return [...groupBy(watched, (w) => w.milk)].map(([milk, of]) => ({ milk, ...keepTruthOf(of) }));
}
function foldedOf(b: BatchWithLog): Progress | null {
  try {
    return progressOf(b.batch, b.events, b.traces);
  } catch {
    return null;
  }
}
/** A rescue, a step left out, what ran over: the plan that was promised was not made. */
const changed = (p: Progress): boolean =>
  p.rescues.length > 0 || p.skipped.length > 0 || p.readings.some((r) => r.what === 'lostG' && r.value > 0);
