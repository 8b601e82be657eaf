import type { Recipe } from '@ironpan/core/steps';
import type { PlanRecord, WishRecord } from '@ironpan/core/records';
import { startBatch } from './batches';
import { db } from './db';
import { readHere } from './here';
import { newId } from './ids';

/** A milk on the clock, with its plan as it is now; null: the plan was deleted, and the clock goes by what it kept. */
export interface Wish extends WishRecord {
  readonly planNow: PlanRecord | null;
}
/** What is on the clock, in the order in which it was put there. What is made or given up is on it no more. */
export async function allWishes(): Promise<Wish[]> {
  const d = db();
  const rows = await d.wishes.orderBy('addedAt').toArray();
  const [plans, digests] = await Promise.all([
    d.plans.bulkGet(rows.map((w) => w.plan)),
    d.digests.bulkGet(rows.map((w) => w.batch ?? '')),
  ]);
  return rows.flatMap((w, i) => {
    const state = digests[i]?.state;
    if (w.batch !== null && state !== 'open') return [];
    const planNow = plans[i] ?? null;
    return [{ ...w, name: planNow?.name ?? w.name, recipe: planNow?.recipe ?? w.recipe, planNow }];
  });
}
/** Puts a plan on the clock; its id there. */
export async function addWish(plan: PlanRecord, byAt: number | null, at: number): Promise<string> {
  const id = newId('wish');
  const d = db();
  await d.transaction('rw', d.wishes, d.plans, async () => {
    // What is on the clock is no draft that may be swept up.
    if (plan.draft) {
      const { draft: _, ...kept } = plan;
      await d.plans.put(kept);
    }
    await d.wishes.add({
      ...{ v: 1, id, name: plan.name, plan: plan.id, recipe: plan.recipe, batch: null },
      ...{ byAt, notBeforeAt: null, ml: null, fixed: {}, addedAt: at, updatedAt: at },
    });
  });
  return id;
}
export type WishParts = Partial<Pick<WishRecord, 'byAt' | 'notBeforeAt' | 'ml' | 'fixed'>>;
export async function changeWish(id: string, parts: WishParts, at: number): Promise<void> {
  await db().wishes.update(id, { ...parts, updatedAt: at });
}
/** Puts a step where the cook wants it, or lets it go again. */
export async function fixStep(id: string, step: string, to: number | null, at: number): Promise<void> {
  const d = db();
  await d.transaction('rw', d.wishes, async () => {
    const w = await d.wishes.get(id);
    if (!w) return;
    const { [step]: _, ...others } = w.fixed;
    await d.wishes.put({ ...w, fixed: to === null ? others : { ...others, [step]: to }, updatedAt: at });
  });
}
/** Takes it off the clock; what was agreed on beside it is asked anew, for there is more room now. */
export async function removeWish(id: string): Promise<void> {
  const d = db();
  await d.transaction('rw', d.wishes, d.settings, async () => {
    await d.wishes.delete(id);
    await dropAgreed();
  });
}
export const restoreWish = async ({ planNow: _, ...row }: Wish): Promise<void> => {
  await db().wishes.put(row);
};
/** Begins it, as much as it is wanted of; a plan that was deleted comes back as the clock kept it. The batch's id. */
export async function beginWish(w: Wish, recipe: Recipe, at: number): Promise<string> {
  const d = db();
  const plan: PlanRecord = w.planNow ?? {
    ...{
      v: 4,
      id: w.plan,
      rev: 1,
      name: w.name,
      from: null,
      use: null,
      recipe: w.recipe,
      createdAt: at,
      updatedAt: at,
    },
  };
  if (!w.planNow) await d.plans.put(plan);
  const batch = await startBatch({ ...plan, recipe }, await readHere(), at);
  await d.wishes.update(w.id, { batch, updatedAt: at });
  return batch;
}

/** What was decided of all of it (hours, kit), and of each wish by its id. */
export interface Decided {
  readonly of: string;
  readonly each: Readonly<Record<string, string>>;
}
/** A timetable that was agreed on: when each block begins, and of which question it is the answer. */
export interface AgreedRow extends Pick<Decided, 'of'> {
  /** Absent: kept by an older window. */
  readonly each?: Decided['each'];
  readonly starts: Readonly<Record<string, number>>;
}
const AGREED = 'agreed';
export const readAgreed = async (): Promise<AgreedRow | null> =>
  ((await db().settings.get(AGREED))?.value as AgreedRow | undefined) ?? null;
export const keepAgreed = async (row: AgreedRow): Promise<void> => {
  await db().settings.put({ key: AGREED, value: row });
};
export const dropAgreed = (): Promise<void> => db().settings.delete(AGREED);
