import type { PlanRecord } from '@ironpan/core/records';
import { someBatches } from './batches';
import type { BatchWithLog } from './batches';
import { db } from './db';
import type { DigestRow } from './rows';

/** So many stand side by side, and no more. */
export const MOST_BESIDE = 4;
const PLAN = 'plan.';
/** How an address names a plan among batches. */
export const besidePlan = (id: string): string => `${PLAN}${id}`;
/** The address of batches and plans side by side. */
export const besideOf = (ids: readonly string[]): string =>
  `/book/beside?${new URLSearchParams(ids.map((id) => ['of', id])).toString()}`;

/** A batch or a plan that is to stand beside others; null: it is not here (any more). */
export type BesideRow =
  | { readonly id: string; readonly is: 'batch'; readonly of: BatchWithLog }
  | { readonly id: string; readonly is: 'plan'; readonly of: PlanRecord }
  | { readonly id: string; readonly is: 'gone' };

/** What these addresses name, in their order. */
export async function besideRows(ids: readonly string[]): Promise<BesideRow[]> {
  const batches = await someBatches(ids.filter((id) => !id.startsWith(PLAN)));
  const plans = await db().plans.bulkGet(ids.flatMap((id) => (id.startsWith(PLAN) ? [id.slice(PLAN.length)] : [])));
  return ids.map((id): BesideRow => {
    const batch = batches.find((b) => b.batch.id === id);
    if (batch) return { id, is: 'batch', of: batch };
    const plan = plans.find((p) => p && besidePlan(p.id) === id);
    return plan ? { id, is: 'plan', of: plan } : { id, is: 'gone' };
  });
}

/** Batches of one milk that a comparison may look at, the newest first: more say nothing new, and each is folded. */
const MOST_OF_A_MILK = 80;
export async function batchesOfMilk(milk: string): Promise<BatchWithLog[]> {
  return newest(await db().digests.where('milk').equals(milk).toArray(), MOST_OF_A_MILK);
}
function newest(rows: readonly DigestRow[], most: number): Promise<BatchWithLog[]> {
  const ids = rows
    .filter((r) => r.state === 'finished')
    .sort((a, b) => b.startedAt - a.startedAt)
    .slice(0, most)
    .map((r) => r.batch);
  return someBatches(ids);
}
/** Promises older than so many batches say little of those of today, and each is drawn in hundreds of kitchens again. */
const MOST_PROMISES = 60;
/** The newest finished batches of every milk. */
export const newestFinished = async (): Promise<BatchWithLog[]> =>
  newest(await db().digests.where('state').equals('finished').toArray(), MOST_PROMISES);
