import { measuredOf } from '@ironpan/core/batch';
import { groupBy } from '@ironpan/core/numerics';
import type { BatchRecord } from '@ironpan/core/records';
import { contextOf } from '@ironpan/core/steps';
import { db } from './db';

/** What measurements of a batch's jars said: strength, share of the mass, and body, × water; null: nobody measured it. */
export interface FiguresMeasured {
  readonly solids: number | null;
  readonly body: number | null;
}
/** The mean; null: of nothing. */
export const meanOf = (all: readonly number[]): number | null =>
  all.length === 0 ? null : all.reduce((a, b) => a + b, 0) / all.length;

/** Of each of these batches of which something was measured, the mean of what was told. */
export async function figuresMeasured(batches: readonly BatchRecord[]): Promise<ReadonlyMap<string, FiguresMeasured>> {
  const d = db();
  const byId = new Map(batches.map((b) => [b.id, b]));
  const jars = await d.jars
    .where('batch')
    .anyOf([...byId.keys()])
    .toArray();
  const looks = await d.jarEvents
    .where('jar')
    .anyOf(jars.map((j) => j.id))
    .filter((e) => e.is === 'looked' && e.look.measured !== undefined)
    .toArray();
  const byJar = groupBy(looks, (e) => e.jar);
  const told = jars.flatMap((jar) => {
    const batch = byId.get(jar.batch);
    if (!batch) return [];
    const ctx = contextOf({ kit: batch.kit, beliefs: batch.beliefs }, batch.recipe.materials);
    return (byJar.get(jar.id) ?? []).flatMap((e) =>
      e.is === 'looked' && e.look.measured
        ? [{ batch: jar.batch, of: measuredOf(e.look.measured, jar.stream, ctx) }]
        : [],
    );
  });
  return new Map(
    [...groupBy(told, (t) => t.batch)].map(([id, of]) => [
      id,
      {
        solids: meanOf(of.flatMap((t) => t.of.solids[0]?.told.x ?? [])),
        body: meanOf(of.flatMap((t) => t.of.body?.told.relative ?? [])),
      },
    ]),
  );
}
