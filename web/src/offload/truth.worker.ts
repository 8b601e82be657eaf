import { measuredMl, measuredOf, progressOf } from '@ironpan/core/batch';
import type { Progress } from '@ironpan/core/batch';
import { PROMISED, promisedBy } from '@ironpan/core/comparing';
import type { Kept } from '@ironpan/core/comparing';
import { groupBy } from '@ironpan/core/numerics';
import { contextOf } from '@ironpan/core/steps';
import { milkOf } from '@ironpan/core/words';
import { KitchenDb, db, setDatabase } from '../store/db';
import { newestFinished } from '../store/beside';
import type { BatchWithLog } from '../store/batches';
import { answering } from './answering';
import type { Say } from './answering';

export interface TruthAsked {
  readonly database: string;
}
export interface TruthTold {
  readonly kept: readonly Kept[];
  /** Batches that were changed while they were made, or left something out: no promise was given of them. */
  readonly otherwise: number;
  /** Batches of which nothing was measured. */
  readonly unmeasured: number;
}

answering(({ database }: TruthAsked, say) => tell(database, say));

/** What was promised of the newest batches beside what the scale and the solids' tests then said. */
async function tell(database: string, say: Say): Promise<TruthTold> {
  setDatabase(new KitchenDb(database));
  const batches = await newestFinished();
  const solids = await solidsSeen(batches.map((b) => b.batch.id));
  const kept: Kept[] = [];
  let [otherwise, unmeasured] = [0, 0];
  batches.forEach((b, i) => {
    say(i + 1, batches.length);
    const p = foldedOf(b);
    if (!p) return;
    const came = { volumeMl: measuredMl(p), solids: solids.get(b.batch.id)?.(p) ?? null };
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
  return { kept, otherwise, unmeasured };
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

/** Of batches whose milk was dried or weighed for its solids: what that said, once the batch is folded. */
async function solidsSeen(ids: readonly string[]): Promise<ReadonlyMap<string, (p: Progress) => number | null>> {
  const d = db();
  const jars = await d.jars.where('batch').anyOf(ids).toArray();
  const events = await d.jarEvents
    .where('jar')
    .anyOf(jars.map((j) => j.id))
    .filter((e) => e.is === 'looked' && e.look.measured !== undefined)
    .toArray();
  const looks = groupBy(events, (e) => e.jar);
  const out = new Map<string, (p: Progress) => number | null>();
  for (const j of jars) {
    const measured = (looks.get(j.id) ?? []).flatMap((e) => (e.is === 'looked' && e.look.measured) || []);
    const one = measured[0];
    if (!one) continue;
    out.set(j.batch, (p) => {
      const ctx = contextOf({ kit: p.given.kit, beliefs: p.given.beliefs }, p.recipe.materials);
      return measuredOf(one, j.stream, ctx).solids[0]?.told.x ?? null;
    });
  }
  return out;
}
