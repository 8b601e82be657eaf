import { capOf, jarNow, pouredOver } from '@ironpan/core/batch';
import { volumeMl } from '@ironpan/core/kitchen';
import type { BatchRecord } from '@ironpan/core/records';
import type { KitchenDb } from './db';

/**
 * Jars that were poured over from those of a batch, made to agree with what a corrected reading has made of these: each
 * is again the part of its jar that it was, at that moment.
 */
export async function repour(d: KitchenDb, batch: BatchRecord): Promise<readonly string[]> {
  const jars = await d.jars.where('batch').equals(batch.id).toArray();
  const over = jars.filter((j) => j.from !== null).sort((a, b) => a.filledAt - b.filledAt);
  const fridge = await d.fridge.orderBy('at').toArray();
  for (const j of over) {
    const parent = j.from === null ? undefined : await d.jars.get(j.from);
    if (!parent) continue;
    const log = await d.jarEvents.where('jar').equals(parent.id).toArray();
    const line = log.find((e) => (e.is === 'decanted' || e.is === 'lifted') && e.into === j.id);
    if (line?.is !== 'decanted' && line?.is !== 'lifted') continue;
    const before = log.filter((e) => e.seq < line.seq);
    const now = jarNow(parent, before, batch, fridge, line.at);
    const stream =
      line.is === 'lifted'
        ? (capOf(now.stream, line.capG, batch) ?? j.stream)
        : pouredOver(now.stream, line.ml, j.stream.hygiene !== 'touched' || now.hygiene === 'touched');
    await d.jars.put({ ...j, stream, filledMl: volumeMl(stream) });
  }
  return over.map((j) => j.id);
}
