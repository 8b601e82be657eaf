import { instantOf } from '@ironpan/core/schedule';
import type { Recipe } from '@ironpan/core/steps';
import type { PlanRecord, WishRecord } from '@ironpan/core/records';
import { startBatch } from './batches';
import { db } from './db';
import { readHere } from './here';
import { newId } from './ids';
import { allRhythms, leaveOut, timeId, timeIn } from './rhythms';
import type { RhythmNow } from './rhythms';

/** A milk on the clock, with its plan as it is now; null: the plan was deleted, and the clock goes by what it kept. */
export interface Wish extends WishRecord {
  readonly planNow: PlanRecord | null;
  /** It has a record of its own; a time of a rhythm that was never touched has none. */
  readonly kept: boolean;
}
const rowOf = ({ planNow: _, kept: __, ...row }: Wish): WishRecord => row;
/** Times of a rhythm are on the clock from so long before they are wanted, ms: what is made longest takes two days. */
export const NEAR_MS = 3 * 24 * 3_600_000;
/**
 * What is on the clock: what was put there, in that order, and the next times of what is made again and again. What is made
 * or given up is on it no more.
 * @param at now, ms
 * @param aheadMs how far the times of rhythms are followed
 */
export async function allWishes(at: number, aheadMs = NEAR_MS): Promise<Wish[]> {
  const d = db();
  const rows = await d.wishes.orderBy('addedAt').toArray();
  const [plans, digests, rhythms] = await Promise.all([
    d.plans.bulkGet(rows.map((w) => w.plan)),
    d.digests.bulkGet(rows.map((w) => w.batch ?? '')),
    allRhythms(),
  ]);
  const own = rows.flatMap((w, i) => {
    const state = digests[i]?.state;
    if (w.batch !== null && state !== 'open') return [];
    const planNow = plans[i] ?? null;
    return [{ ...w, name: planNow?.name ?? w.name, recipe: planNow?.recipe ?? w.recipe, planNow, kept: true }];
  });
  const again = await timesBetween(rhythms, at, at + aheadMs, new Set(rows.map((w) => w.id)));
  return [...own, ...again.toSorted((a, b) => (a.byAt ?? 0) - (b.byAt ?? 0))];
}
/** A time of a rhythm as something wanted. */
function wishAt(r: RhythmNow, stamp: string): Wish {
  const byAt = instantOf(stamp);
  return {
    ...{ v: 2, id: timeId(r.id, stamp), name: r.name, plan: r.plan, recipe: r.recipe, batch: null, byAt },
    ...{
      notBeforeAt: null,
      ml: r.ml,
      fixed: {},
      addedAt: byAt,
      updatedAt: r.updatedAt,
      planNow: r.planNow,
      kept: false,
    },
  };
}
/** The times of all rhythms between two instants, but for those whose own record tells of them. */
async function timesBetween(
  all: readonly RhythmNow[],
  from: number,
  to: number,
  own: ReadonlySet<string>,
): Promise<readonly Wish[]> {
  if (all.length === 0) return [];
  // What counts the times of a rule is loaded with the first rhythm, and not with every page.
  const { timesOf } = await import('./rhythmTimes');
  return all.flatMap((r) => timesOf(r, from, to).map((s) => wishAt(r, s))).filter((w) => !own.has(w.id));
}
/** Its record; a time of a rhythm that was never touched has none yet, and gets it with the first change. */
async function recordOf(id: string): Promise<WishRecord | undefined> {
  const kept = await db().wishes.get(id);
  const time = kept ? null : timeIn(id);
  const rhythm = time && (await allRhythms()).find((r) => r.id === time.rhythm);
  if (!time || !rhythm) return kept;
  return rowOf(wishAt(rhythm, time.stamp));
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
      ...{ v: 2, id, name: plan.name, plan: plan.id, recipe: plan.recipe, batch: null },
      ...{ byAt, notBeforeAt: null, ml: null, fixed: {}, addedAt: at, updatedAt: at },
    });
  });
  return id;
}
export type WishParts = Partial<Pick<WishRecord, 'byAt' | 'notBeforeAt' | 'ml' | 'fixed'>>;
export async function changeWish(id: string, parts: WishParts, at: number): Promise<void> {
  const d = db();
  await d.transaction('rw', d.wishes, d.rhythms, d.plans, async () => {
    const w = await recordOf(id);
    if (w) await d.wishes.put({ ...w, ...parts, updatedAt: at });
  });
}
/** Puts a step where the cook wants it, or lets it go again. */
export async function fixStep(id: string, step: string, to: number | null, at: number): Promise<void> {
  const d = db();
  await d.transaction('rw', d.wishes, d.rhythms, d.plans, async () => {
    const w = await recordOf(id);
    if (!w) return;
    const { [step]: _, ...others } = w.fixed;
    await d.wishes.put({ ...w, fixed: to === null ? others : { ...others, [step]: to }, updatedAt: at });
  });
}
/** Takes it off the clock, this one time of a rhythm alone; what was agreed on beside it is asked anew, for there is more room now. */
export async function removeWish(id: string, at: number): Promise<void> {
  const d = db();
  await d.transaction('rw', d.wishes, d.rhythms, d.settings, async () => {
    await d.wishes.delete(id);
    await leaveOut(id, true, at);
    await dropAgreed();
  });
}
export async function restoreWish(w: Wish, at: number): Promise<void> {
  const d = db();
  await d.transaction('rw', d.wishes, d.rhythms, async () => {
    if (w.kept) await d.wishes.put(rowOf(w));
    await leaveOut(w.id, false, at);
  });
}
/** Begins it, as much as it is wanted of; a plan that was deleted comes back as the clock kept it. The batch's id. */
export async function beginWish(w: Wish, recipe: Recipe, at: number): Promise<string> {
  const d = db();
  const here = await readHere();
  const plan: PlanRecord = w.planNow ?? {
    ...{
      v: 5,
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
  // All or nothing: a batch begun without its wish would be planned, and begun, again.
  return d.transaction('rw', [d.plans, d.batches, d.events, d.digests, d.learned, d.leftOut, d.wishes], async () => {
    if (!w.planNow) await d.plans.put(plan);
    const batch = await startBatch({ ...plan, recipe }, here, at);
    await d.wishes.put({ ...rowOf(w), batch, updatedAt: at });
    return batch;
  });
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
