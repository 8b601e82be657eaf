import { methodById, recipeIn } from '@ironpan/core/methods';
import { planNameOf } from '@ironpan/core/words';
import { isUnstated, MATERIALS, materialById, milkCalled, ownMaterial } from '@ironpan/core/materials';
import type { OwnParts } from '@ironpan/core/materials';
import type { MaterialRecord, MethodRecord, PlanRecord } from '@ironpan/core/records';
import type { Recipe } from '@ironpan/core/steps';
import { db } from './db';
import { newId } from './ids';
import { readKit } from './kit';

/** The cook’s own foods. */
export const allMaterials = (): Promise<MaterialRecord[]> => db().materials.toArray();
/** The cook’s own schools. */
export const allMethods = (): Promise<MethodRecord[]> => db().methods.toArray();

/** A material of one's own, like a known one until something is changed. */
export async function addMaterial(like: string, name: string, at: number): Promise<string> {
  const of = materialById(MATERIALS, like);
  const id = newId('own');
  const { per100g, canLeave, cupG } = of;
  await db().materials.add({
    v: 2,
    id,
    like,
    material: ownMaterial(of, { id, name, per100g, canLeave, cupG }),
    updatedAt: at,
  });
  return id;
}
/** Changes parts of an own food. */
export function changeMaterial(id: string, parts: Partial<OwnParts>, at: number): Promise<void> {
  const d = db();
  return d.transaction('rw', d.materials, async () => {
    const now = await d.materials.get(id);
    if (!now) return;
    const { name, per100g, canLeave, cupG, pricePerKg, allergens } = now.material;
    const told = isUnstated(now.material) ? {} : { allergens };
    const all = { id, name, per100g, canLeave, cupG, pricePerKg, milk: milkCalled(now.material), ...told, ...parts };
    await d.materials.put({ ...now, material: ownMaterial(materialById(MATERIALS, now.like), all), updatedAt: at });
  });
}
/** Takes an own food away. */
export const deleteMaterial = (id: string): Promise<void> => db().materials.delete(id);
/** Puts it back. */
export const restoreMaterial = async (m: MaterialRecord): Promise<void> => {
  await db().materials.put(m);
};

/** A plan kept as a school of one's own, to begin others from. */
export async function keepAsSchool(plan: PlanRecord, at: number): Promise<string> {
  const id = newId('school');
  const base = plan.from?.method ?? null;
  const line = (base === null ? undefined : methodById(base)?.line) ?? '';
  await db().methods.add({ v: 4, id, name: plan.name, line, base, recipe: plan.recipe, updatedAt: at });
  return id;
}
/** Takes an own school away. */
export const deleteSchool = (id: string): Promise<void> => db().methods.delete(id);
/** Puts it back. */
export const restoreSchool = async (m: MethodRecord): Promise<void> => {
  await db().methods.put(m);
};

/** The recipe of a school, known or own, as it begins in this kitchen. */
export async function schoolRecipe(id: string): Promise<{ readonly name: string; readonly recipe: Recipe } | null> {
  const m = methodById(id);
  if (m) return { name: planNameOf(m), recipe: recipeIn(m, await readKit()) };
  const own = await db().methods.get(id);
  return own ? { name: own.name, recipe: own.recipe } : null;
}
