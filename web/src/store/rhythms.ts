import { instantOf } from '@ironpan/core/schedule';
import type { PlanRecord, RhythmRecord } from '@ironpan/core/records';
import { db } from './db';
import { newId } from './ids';

/** A rhythm with its plan as it is now; null: the plan was deleted, and the rhythm goes by what it kept. */
export interface RhythmNow extends RhythmRecord {
  readonly planNow: PlanRecord | null;
}
/** All of them, in the order in which they were begun. */
export async function allRhythms(): Promise<RhythmNow[]> {
  const d = db();
  const rows = await d.rhythms.orderBy('addedAt').toArray();
  const plans = await d.plans.bulkGet(rows.map((r) => r.plan));
  return rows.map((r, i) => {
    const planNow = plans[i] ?? null;
    return { ...r, name: planNow?.name ?? r.name, recipe: planNow?.recipe ?? r.recipe, planNow };
  });
}
/** Makes a plan again and again, from a first time on; its id. */
export async function addRhythm(plan: PlanRecord, rule: string, first: string, at: number): Promise<string> {
  const id = newId('rhythm');
  const d = db();
  await d.transaction('rw', d.rhythms, d.plans, async () => {
    if (plan.draft) {
      const { draft: _, ...kept } = plan;
      await d.plans.put(kept);
    }
    await d.rhythms.add({
      ...{ v: 2, id, name: plan.name, plan: plan.id, recipe: plan.recipe, rule, first, without: [], ml: null },
      ...{ addedAt: at, updatedAt: at },
    });
  });
  return id;
}
export type RhythmParts = Partial<Pick<RhythmRecord, 'rule' | 'first' | 'ml'>>;
export async function changeRhythm(id: string, parts: RhythmParts, at: number): Promise<void> {
  await db().rhythms.update(id, { ...parts, updatedAt: at });
}
export const removeRhythm = (id: string): Promise<void> => db().rhythms.delete(id);
export const restoreRhythm = async ({ planNow: _, ...row }: RhythmNow): Promise<void> => {
  await db().rhythms.put(row);
};

/** One time of a rhythm, as the clock calls it. */
export const timeId = (rhythm: string, stamp: string): string => `${rhythm}:${stamp}`;
/** null: it is no time of a rhythm. */
export function timeIn(id: string): { readonly rhythm: string; readonly stamp: string } | null {
  const m = /^(.+):(\d{4}-\d\d-\d\dT\d\d:\d\d)$/.exec(id);
  return m?.[1] && m[2] ? { rhythm: m[1], stamp: m[2] } : null;
}
/** Leaves out a time of a rhythm, or takes it in again. */
export async function leaveOut(id: string, out: boolean, at: number): Promise<void> {
  const time = timeIn(id);
  const d = db();
  if (!time) return;
  await d.transaction('rw', d.rhythms, async () => {
    const r = await d.rhythms.get(time.rhythm);
    if (!r) return;
    const others = r.without.filter((s) => s !== time.stamp);
    // What is long past needs no mention any more.
    const recent = others.filter((s) => instantOf(s) > at - MONTH_MS);
    await d.rhythms.put({ ...r, without: out ? [...recent, time.stamp] : others, updatedAt: at });
  });
}
const MONTH_MS = 31 * 24 * 3_600_000;
