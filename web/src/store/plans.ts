import { cutName } from '@ironpan/core/units';
import { MOST_UNDO } from '@ironpan/core/records';
import type { PlanRecord, PlanVersion } from '@ironpan/core/records';
import { methodById } from '@ironpan/core/methods';
import { mergePlans } from '@ironpan/core/steps';
import type { Recipe } from '@ironpan/core/steps';
import { db } from './db';
import { newId } from './ids';
import { schoolRecipe } from './own';

/** Edits of one field within this time are one step back, ms. */
const ONE_GESTURE = 1200;

/** Every plan but the drafts, the last changed first. */
export const allPlans = async (): Promise<PlanRecord[]> =>
  (await db().plans.orderBy('updatedAt').reverse().toArray()).filter((p) => !p.draft);
/** So many batches back it counts which plan was made. */
const LATELY = 60;
/** The same, those first that were lately made the most; of as many, the last made. */
export async function plansMadeMost(): Promise<PlanRecord[]> {
  const lately = await db().digests.orderBy('startedAt').reverse().limit(LATELY).toArray();
  const made = new Map<string, number>();
  for (const b of lately) made.set(b.plan, (made.get(b.plan) ?? 0) + 1);
  const last = [...made.keys()];
  const rank = (p: PlanRecord): number => -(made.get(p.id) ?? 0) + last.indexOf(p.id) / LATELY;
  return (await allPlans()).sort((a, b) => rank(a) - rank(b));
}
/** A draft that nobody came back to in this time is swept up, ms: another window may still have a younger one open. */
const DRAFT_LIVES = 24 * 3_600_000;
/** The same plan, kept. */
export function kept(p: PlanRecord): PlanRecord {
  const { draft: _, ...plan } = p;
  return plan;
}
/** One plan; null: not here. */
export const onePlan = async (id: string): Promise<PlanRecord | null> => (await db().plans.get(id)) ?? null;

/** A new plan; its id. */
export async function addPlan(
  name: string,
  from: PlanRecord['from'],
  recipe: Recipe,
  at: number,
  use: string | null = null,
): Promise<string> {
  const id = newId('plan');
  await db().plans.add({ v: 5, id, rev: 1, name, from, use, recipe, createdAt: at, updatedAt: at });
  return id;
}
/**
 * A draft from a method, known or the cook's own, named by milk and way; it becomes a plan once it is changed, named or
 * started. Older drafts that never did are swept up. A method that is not there: RangeError.
 */
export async function planFromMethod(id: string, at: number, use: string | null = null): Promise<string> {
  const school = await schoolRecipe(id);
  if (!school) throw new RangeError(`no method ${id}`);
  const edition = methodById(id)?.edition ?? 1;
  const d = db();
  return d.transaction('rw', d.plans, d.undo, async () => {
    const old = await d.plans.filter((p) => p.draft === true && p.createdAt < at - DRAFT_LIVES).primaryKeys();
    await d.plans.bulkDelete(old);
    await d.undo.bulkDelete(old);
    const plan = await addPlan(school.name, { method: id, edition }, school.recipe, at, use);
    await d.plans.update(plan, { draft: true });
    return plan;
  });
}

export interface PlanEdit {
  readonly id: string;
  /** The revision the edit was made on, and the plan as it then was. */
  readonly rev: number;
  readonly base: PlanVersion;
  readonly name: string;
  readonly recipe: Recipe;
  /** Which field was changed. */
  readonly touched: string;
}
export type Saved =
  | { readonly is: 'saved'; readonly rev: number }
  /** Another window had changed something else: both changes are in it. */
  | { readonly is: 'merged'; readonly plan: PlanRecord }
  | { readonly is: 'keptApart'; readonly id: string; readonly name: string }
  | { readonly is: 'gone' };

/**
 * Writes an edit at once. Made on an older revision (another window was quicker), edits of different fields come
 * together; of the same field both are kept, this one as a plan of its own, and the cook is told.
 */
export function savePlan(e: PlanEdit, at: number): Promise<Saved> {
  const d = db();
  return d.transaction('rw', d.plans, d.undo, async (): Promise<Saved> => {
    const now = await d.plans.get(e.id);
    if (!now) return { is: 'gone' };
    let to: PlanVersion = { name: e.name, recipe: e.recipe };
    if (now.rev !== e.rev) {
      const merged = mergePlans(e.base, now, to);
      if (merged.conflict) {
        const name = cutName(`${e.name} (from the other window)`);
        const id = newId('plan');
        await d.plans.add({ ...kept(now), id, rev: 1, name, recipe: e.recipe, createdAt: at, updatedAt: at });
        return { is: 'keptApart', id, name };
      }
      to = merged.plan;
    }
    const undo = await d.undo.get(e.id);
    const sameGesture = undo?.touched === e.touched && at - undo.at < ONE_GESTURE;
    const before: PlanVersion = { name: now.name, recipe: now.recipe };
    const past = sameGesture ? undo.past : [...(undo?.past ?? []), before].slice(-MOST_UNDO);
    await d.undo.put({ plan: e.id, past, future: [], touched: e.touched, at });
    const plan = { ...kept(now), rev: now.rev + 1, name: to.name, recipe: to.recipe, updatedAt: at };
    await d.plans.put(plan);
    return now.rev === e.rev ? { is: 'saved', rev: plan.rev } : { is: 'merged', plan };
  });
}

export interface UndoState {
  readonly back: boolean;
  readonly forward: boolean;
}
/** Whether there is a step back, and one forward. */
export async function undoState(id: string): Promise<UndoState> {
  const u = await db().undo.get(id);
  return { back: (u?.past.length ?? 0) > 0, forward: (u?.future.length ?? 0) > 0 };
}
/** One step back or forward; the plan as it then stands, or null when there is nowhere to go. */
export function stepPlan(id: string, way: 'back' | 'forward', at: number): Promise<PlanRecord | null> {
  const d = db();
  return d.transaction('rw', d.plans, d.undo, async () => {
    const now = await d.plans.get(id);
    const u = await d.undo.get(id);
    const to = way === 'back' ? u?.past.at(-1) : u?.future.at(-1);
    if (!now || !u || !to) return null;
    const here: PlanVersion = { name: now.name, recipe: now.recipe };
    const past = way === 'back' ? u.past.slice(0, -1) : [...u.past, here];
    const future = way === 'back' ? [...u.future, here] : u.future.slice(0, -1);
    const next = { ...now, ...to, rev: now.rev + 1, updatedAt: at };
    await d.undo.put({ plan: id, past, future, touched: '', at });
    await d.plans.put(next);
    return next;
  });
}
/** Takes a plan away, with its steps back. */
export async function deletePlan(id: string): Promise<void> {
  const d = db();
  await d.transaction('rw', d.plans, d.undo, async () => {
    await d.plans.delete(id);
    await d.undo.delete(id);
  });
}
/** Puts a deleted plan back as it was. */
export async function restorePlan(p: PlanRecord): Promise<void> {
  await db().plans.put(p);
}
