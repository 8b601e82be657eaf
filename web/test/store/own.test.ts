import { expect, test } from '@jest/globals';
import { look } from '@ironpan/core/questions';
import { USUAL_KIT, unlearned } from '@ironpan/core/kitchen';
import { materialById, MATERIALS } from '@ironpan/core/materials';
import { applyEdits } from '@ironpan/core/steps';
import {
  addMaterial,
  allMaterials,
  allMethods,
  changeMaterial,
  deleteMaterial,
  deleteSchool,
  keepAsSchool,
  restoreMaterial,
  restoreSchool,
  schoolRecipe,
} from '../../src/store/own';
import { onePlan, planFromMethod } from '../../src/store/plans';
import { importAll, readAll } from '../../src/store/transfer';
import { kitchenForEach } from '../setup';

kitchenForEach('own');
const T = 1_000_000;

test('a food of one’s own begins like a known one; what is changed is changed, all else stays', async () => {
  const id = await addMaterial('oats-rolled', 'Hill oats', T);
  const oats = materialById(MATERIALS, 'oats-rolled');
  await changeMaterial(id, { per100g: { ...oats.per100g, protein: 15 }, cupG: 90 }, T + 1);
  const [mine] = await allMaterials();
  expect(mine?.material).toMatchObject({
    id,
    name: 'Hill oats',
    cupG: 90,
    openingJPerG: oats.openingJPerG,
    source: 'own',
  });
  expect(mine?.material.per100g.protein).toBe(15);
  expect(mine?.material.warmer).toEqual(oats.warmer);
});
test('an extractability of one’s own holds at every temperature', async () => {
  const id = await addMaterial('oats-rolled', 'Coarse oats', T);
  const oats = materialById(MATERIALS, 'oats-rolled');
  await changeMaterial(id, { canLeave: { ...oats.canLeave, starch: 0.3 } }, T + 1);
  expect((await allMaterials())[0]?.material.warmer).toEqual({});
});
test('used in a plan it makes another milk; the plan keeps its own copy when the food is removed', async () => {
  const id = await addMaterial('oats-rolled', 'Lean oats', T);
  const oats = materialById(MATERIALS, 'oats-rolled');
  await changeMaterial(id, { per100g: { ...oats.per100g, starch: 20 } }, T + 1);
  const plan = await onePlan(await planFromMethod('oat-middle', T));
  const food = (await allMaterials())[0]?.material;
  if (!plan || !food) throw new Error('not there');
  const changed = applyEdits(plan.recipe, [{ do: 'food', index: 0, food, cooked: [] }]);
  const solids = (r: typeof changed): number => look(r, unlearned(USUAL_KIT))?.summary.main?.solids ?? NaN;
  expect(solids(changed)).toBeLessThan(solids(plan.recipe) * 0.8);
  await deleteMaterial(id);
  expect(await allMaterials()).toEqual([]);
  expect(changed.materials[0]?.name).toBe('Lean oats');
});
test('removing can be taken back', async () => {
  await addMaterial('almonds', 'Mine', T);
  const [row] = await allMaterials();
  if (!row) throw new Error('not there');
  await deleteMaterial(row.id);
  await restoreMaterial(row);
  expect(await allMaterials()).toEqual([row]);
});
test('a plan kept as a school starts new plans, knows what it grew from, and is removed and put back', async () => {
  const plan = await onePlan(await planFromMethod('rice-raw', T, 'cold'));
  if (!plan) throw new Error('not there');
  expect(plan.use).toBe('cold');
  const id = await keepAsSchool({ ...plan, name: 'Sunday rice' }, T + 1);
  const [school] = await allMethods();
  expect(school).toMatchObject({ id, name: 'Sunday rice', base: 'rice-raw' });
  const next = await onePlan(await planFromMethod(id, T + 2));
  expect(next).toMatchObject({ name: 'Sunday rice', recipe: plan.recipe, from: { method: id } });
  await deleteSchool(id);
  expect(await schoolRecipe(id)).toBeNull();
  await expect(planFromMethod(id, T + 3)).rejects.toThrow(/no method/);
  if (school) await restoreSchool(school);
  expect((await schoolRecipe(id))?.name).toBe('Sunday rice');
});
test('own foods and schools travel in the kitchen’s file', async () => {
  await addMaterial('almonds', 'Mine', T);
  const plan = await onePlan(await planFromMethod('almond-soaked', T));
  if (plan) await keepAsSchool(plan, T);
  const all = await readAll();
  expect([all.materials.length, all.methods.length]).toEqual([1, 1]);
  await importAll({ ...all, materials: [], methods: [] }, 'replace', []);
  expect([(await allMaterials()).length, (await allMethods()).length]).toEqual([0, 0]);
  await importAll(all, 'merge', []);
  expect(await readAll()).toEqual(all);
});
