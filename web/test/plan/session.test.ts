import { expect, test } from '@jest/globals';
import type { PlanRecord } from '@ironpan/core/records';
import { MATERIALS } from '@ironpan/core/materials';
import { applyEdits, exchangeFood } from '@ironpan/core/steps';
import { PlanSession } from '../../src/plan/session';
import { allPlans, kept as keptPlan, deletePlan, onePlan, planFromMethod } from '../../src/store/plans';
import { shownNotes } from '../../src/ui/toast';
import { kitchenForEach } from '../setup';

const open = kitchenForEach('session');
const T = 1_000_000;
const wait = (ms: number) => new Promise((r) => setTimeout(r, ms));
const gramsOf = (p: PlanRecord | null | undefined): number | undefined => p?.recipe.larder[0]?.grams;
const set = (grams: number) => [{ do: 'larder' as const, index: 0, grams }];

async function opened(): Promise<{ id: string; session: PlanSession }> {
  const id = await planFromMethod('soy-no-soak', T);
  const session = new PlanSession();
  session.receive(await onePlan(id));
  return { id, session };
}

test('the screen is ahead at once, the storage follows', async () => {
  const { id, session } = await opened();
  let told = 0;
  session.subscribe(() => (told += 1));
  session.edit(set(321), 'larder.0');
  expect(gramsOf(session.snapshot())).toBe(321);
  expect(told).toBe(1);
  await wait(50);
  expect(gramsOf(await onePlan(id))).toBe(321);
});
test('a drag of two hundred moves is written as it goes, few times, and ends where the hand ended', async () => {
  const { id, session } = await opened();
  for (let i = 1; i <= 200; i += 1) {
    session.edit(set(100 + i), 'larder.0');
    if (i % 20 === 0) await wait(5);
  }
  expect(gramsOf(session.snapshot())).toBe(300);
  await wait(400);
  const stored = await onePlan(id);
  expect(gramsOf(stored)).toBe(300);
  expect(stored?.rev).toBeLessThan(30);
});
test('two fields in quick turns: neither is lost', async () => {
  const { id, session } = await opened();
  session.edit(set(111), 'larder.0');
  session.edit([{ do: 'set', step: 'grind', param: 'waterG', value: 999 }], 'grind.waterG');
  session.rename('Both');
  await wait(400);
  const p = await onePlan(id);
  const grind = p?.recipe.steps.find((s) => s.id === 'grind')?.params as { waterG?: number } | undefined;
  expect([gramsOf(p), grind?.waterG, p?.name]).toEqual([111, 999, 'Both']);
});
test('its own writes coming back change nothing; another window’s do', async () => {
  const { id, session } = await opened();
  session.edit(set(222), 'larder.0');
  await wait(50);
  const before = session.snapshot();
  session.receive(await onePlan(id));
  expect(session.snapshot()).toBe(before);
  const p = await onePlan(id);
  if (!p) throw new Error('gone');
  const theirs = { ...p, rev: p.rev + 1, name: 'Theirs' };
  await open().plans.put(theirs);
  session.receive(theirs);
  expect(session.snapshot()?.name).toBe('Theirs');
});
test('both windows at the same moment: both versions are kept, and the cook is told', async () => {
  const { id, session } = await opened();
  const p = await onePlan(id);
  if (!p) throw new Error('gone');
  const theirs = applyEdits(p.recipe, set(666));
  await open().plans.put({ ...keptPlan(p), rev: p.rev + 1, name: 'Quicker', recipe: theirs });
  session.edit(set(777), 'larder.0');
  session.edit([{ do: 'set', step: 'grind', param: 'waterG', value: 888 }], 'grind.waterG');
  await wait(400);
  const all = await allPlans();
  expect(all).toHaveLength(2);
  const kept = all.find((x) => x.id !== id);
  const grind = kept?.recipe.steps.find((s) => s.id === 'grind')?.params as { waterG?: number } | undefined;
  expect([gramsOf(kept), grind?.waterG]).toEqual([777, 888]);
  expect(all.find((x) => x.id === id)?.name).toBe('Quicker');
  expect(shownNotes().at(-1)?.text).toContain('Your version is kept');
});
test('another window changed another field: both are in the plan, and so is what is typed meanwhile', async () => {
  const { id, session } = await opened();
  const p = await onePlan(id);
  if (!p) throw new Error('gone');
  await open().plans.put({ ...p, rev: p.rev + 1, name: 'Quicker' });
  session.edit(set(777), 'larder.0');
  session.edit([{ do: 'set', step: 'grind', param: 'waterG', value: 888 }], 'grind.waterG');
  await wait(400);
  const [only, more] = await allPlans();
  const grind = only?.recipe.steps.find((s) => s.id === 'grind')?.params as { waterG?: number } | undefined;
  expect([more, only?.name, gramsOf(only), grind?.waterG]).toEqual([undefined, 'Quicker', 777, 888]);
  expect(session.snapshot()?.name).toBe('Quicker');
  expect(shownNotes().at(-1)?.text).toContain('Both changes are in it');
});
test('a change that cannot be kept stands on the screen, is told, and is kept when it is tried again', async () => {
  const { id, session } = await opened();
  const full = (): never => {
    throw new DOMException('full', 'QuotaExceededError');
  };
  open().plans.hook('updating', full);
  session.edit(set(777), 'larder.0');
  await wait(100);
  expect(session.unsaved()).toMatch(/Not saved: this change. The disk is full/);
  expect([gramsOf(session.snapshot()), gramsOf(await onePlan(id))]).toEqual([777, 150]);
  open().plans.hook('updating').unsubscribe(full);
  session.again();
  await wait(100);
  expect([session.unsaved(), gramsOf(await onePlan(id))]).toEqual([null, 777]);
});
test('back and forward wait for what is still being written', async () => {
  const { id, session } = await opened();
  session.edit(set(500), 'larder.0');
  await session.step('back');
  expect(gramsOf(session.snapshot())).toBe(150);
  await session.step('forward');
  expect(gramsOf(session.snapshot())).toBe(500);
  session.edit(set(600), 'larder.0');
  await wait(50);
  expect(gramsOf(await onePlan(id))).toBe(600);
});
test('a plan deleted in another window is told', async () => {
  const { id, session } = await opened();
  await deletePlan(id);
  session.edit(set(1), 'larder.0');
  await wait(50);
  expect(shownNotes().at(-1)?.text).toContain('was deleted in another window');
});
test('another food names the plan after its milk; amounts that pass each other do not, and undo brings the name back', async () => {
  const { id, session } = await opened();
  const was = session.snapshot();
  const oats = MATERIALS.find((m) => m.id === 'oats-rolled');
  if (!was || !oats) throw new Error('no plan');
  session.edit([{ do: 'take', line: { into: 'work', material: oats.id, grams: 1 }, foods: [oats] }], 'take');
  session.edit([{ do: 'larder', index: 1, grams: 900 }], 'larder.1');
  expect(session.snapshot()?.name).toBe(was.name);
  await wait(400);
  session.edit([{ do: 'leave', index: 1 }], 'leave');
  session.edit(exchangeFood(was.recipe, 0, oats), 'food.0');
  expect(session.snapshot()?.name).toBe('Oat milk');
  await wait(400);
  expect((await onePlan(id))?.name).toBe('Oat milk');
  await session.step('back');
  expect(session.snapshot()?.name).toBe(was.name);
});
