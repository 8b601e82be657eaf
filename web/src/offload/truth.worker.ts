import { keptTill, measuredMl, progressOf } from '@ironpan/core/batch';
import type { KeptTill, Progress } from '@ironpan/core/batch';
import { PROMISED, promisedBy } from '@ironpan/core/comparing';
import type { Kept } from '@ironpan/core/comparing';
import { milkOf } from '@ironpan/core/words';
import { isPulp } from '@ironpan/core/kitchen';
import { groupBy } from '@ironpan/core/numerics';
import { db, KitchenDb, setDatabase } from '../store/db';
import { figuresMeasured } from '../store/measured';
import { newestFinished } from '../store/beside';
import type { BatchWithLog } from '../store/batches';
import { answering } from './answering';
import type { Say } from './answering';
import { report } from '../report';

export interface TruthAsked {
  readonly database: string;
  /** UTC ms: jars whose time is not up by then are not held against it. */
  readonly now: number;
}
export interface TruthTold {
  readonly kept: readonly Kept[];
  /** By milk: how true its time was. */
  readonly keeping: readonly (Readonly<Record<KeptTill, number>> & { readonly milk: string })[];
  /** Batches that were changed while they were made, or left something out: no promise was given of them. */
  readonly otherwise: number;
  /** Batches of which nothing was measured. */
  readonly unmeasured: number;
}

answering(({ database, now }: TruthAsked, say) => tell(database, now, say));

/** What was promised of the newest batches beside what the scale, the solids and the funnel then said. */
async function tell(database: string, now: number, say: Say): Promise<TruthTold> {
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
  return { kept, keeping: await keepingOf(batches, now), otherwise, unmeasured };
}
/** The jars of milk of these batches, held against the time that was said of them. */
async function keepingOf(batches: readonly BatchWithLog[], now: number): Promise<TruthTold['keeping']> {
  const d = db();
  const byId = new Map(batches.map((b) => [b.batch.id, b.batch]));
  const jars = await d.jars
    .where('batch')
    .anyOf([...byId.keys()])
    .toArray();
  const logs = groupBy(
    await d.jarEvents
      .where('jar')
      .anyOf(jars.map((j) => j.id))
      .toArray(),
    (e) => e.jar,
  );
  const fridge = await d.fridge.orderBy('at').toArray();
  const kept = jars.flatMap((jar) => {
    const batch = byId.get(jar.batch);
    if (!batch || isPulp(jar.stream)) return [];
    const till = keptTillOf(jar, logs.get(jar.id) ?? [], batch, fridge, now);
    return till === null ? [] : [{ milk: milkOf(batch.recipe), till }];
  });
  return [...groupBy(kept, (k) => k.milk)].map(([milk, all]) => {
    const count = (till: KeptTill): number => all.filter((k) => k.till === till).length;
    return { milk, fine: count('fine'), turned: count('turned'), unknown: count('unknown') };
  });
}
/** A jar that cannot be reckoned is told by its own page. */
function keptTillOf(...of: Parameters<typeof keptTill>): KeptTill | null {
  try {
    return keptTill(...of);
  } catch (e) {
    report('Working out a jar for the predictions', e);
    return null;
  }
}
function foldedOf(b: BatchWithLog): Progress | null {
  try {
    return progressOf(b.batch, b.events, b.traces);
  } catch (e) {
    report(`Working out ${b.batch.number} · ${b.batch.name}`, e);
    return null;
  }
}
/** A rescue, a step left out, what ran over: the plan that was promised was not made. */
const changed = (p: Progress): boolean =>
  p.rescues.length > 0 || p.skipped.length > 0 || p.readings.some((r) => r.what === 'lostG' && r.value > 0);
