import { unlearned } from '../../src/kitchen';
import { expect, test, describe } from '@jest/globals';
import { MEASURES, progressOf } from '../../src/batch';
import { asMade, COMPLAINTS, complaintsOf, leversOf, look, remedies } from '../../src/questions';
import type { BatchEvent, FrozenBatch } from '../../src/batch';
import type { Complaint, Remedy } from '../../src/questions';
import { METHODS, methodById, recipeOf } from '../../src/methods';
import { applyEdits } from '../../src/steps';
import type { Edit, Recipe } from '../../src/steps';
import { remedyText } from '../../src/words';
import { SEA } from '../batch/kitchen';

const set = (step: string, param: string, value: number | string): Edit => ({ do: 'set', step, param, value });
const school = (id: string, ...edits: readonly Edit[]): Recipe => {
  const m = methodById(id);
  if (!m) throw new Error(id);
  return applyEdits(recipeOf(m), edits);
};
/** Warm water, two and a half minutes, a heap of oats: slime by any account. */
const SLICK = school('oat-middle', set('grind', 'durationS', 150), set('grind', 'waterC', 34), {
  do: 'larder',
  index: 0,
  grams: 128,
});
const turns = (found: readonly Remedy[], label: string): { readonly from: number; readonly to: number } | undefined => {
  const r = found.find((x) => x.how.is === 'lever' && x.how.lever.label === label);
  return r?.how.is === 'lever' ? { from: r.how.lever.now, to: r.how.to } : undefined;
};

describe('a slimy oat milk', () => {
  const found = remedies(SLICK, unlearned(SEA), 'slimy');
  test('is mended by what cooks do: a shorter turn, colder water, the soak thrown away, a lighter hand (common practice)', () => {
    const time = turns(found, 'each load');
    const water = turns(found, 'water in at');
    expect(time?.to).toBeLessThan(time?.from ?? 0);
    expect(water?.to).toBeLessThan(water?.from ?? 0);
    expect(turns(found, 'how hard')?.to).toBeLessThan(2);
    expect(found.some((r) => r.how.is === 'rinse')).toBe(true);
  });
  test('what reaches the aim comes first; it is turned no further than it takes', () => {
    expect(found[0]?.reached).toBe(true);
    expect(found.map((r) => r.reached)).toEqual([...found.map((r) => r.reached)].sort((a, b) => Number(b) - Number(a)));
    const time = turns(remedies(SLICK, unlearned(SEA), 'tooThick'), 'each load');
    const at = (s: number) =>
      look(applyEdits(SLICK, [set('grind', 'durationS', s)]), unlearned(SEA))?.summary.main?.body?.relative;
    expect(at(time?.to ?? 0)).toBeLessThanOrEqual(COMPLAINTS.tooThick.aim * 1.01);
    expect(at((time?.to ?? 0) + 10)).toBeGreaterThan(COMPLAINTS.tooThick.aim);
  });
  test('found slimy by a finer tongue, it can still be better', () => {
    const fine = remedies(school('oat-middle'), unlearned(SEA), 'slimy');
    expect(fine[0]?.after).toBeLessThan(fine[0]?.before ?? 0);
  });
});

describe('every school, every complaint it can give rise to', () => {
  const all = METHODS.flatMap((m) => {
    const r = recipeOf(m);
    const before = look(r, unlearned(SEA));
    return before ? complaintsOf(before.summary).map((c) => [m.id, c, r, before] as const) : [];
  });
  test.each(all)(
    '%s, %s: each remedy folds to what it says, helps, and brings no danger',
    (_, c: Complaint, r, before) => {
      const { of, less } = COMPLAINTS[c];
      for (const x of remedies(r, unlearned(SEA), c)) {
        const after = look(applyEdits(r, x.edits), unlearned(SEA));
        const text = remedyText(x, leversOf(r));
        expect([text, after && MEASURES[of](after.summary)]).toEqual([text, x.after]);
        expect([text, less ? x.after < x.before : x.after > x.before]).toEqual([text, true]);
        expect(text).not.toMatch(/undefined|NaN/);
        const dangers = (l: typeof after) => l?.warnings.filter((w) => w.weight === 'danger').map((w) => w.check) ?? [];
        expect([text, dangers(after).filter((d) => !dangers(before).includes(d))]).toEqual([text, []]);
        expect(after?.summary.main?.body?.word === 'watery' && before.summary.main?.body?.word !== 'watery').toBe(
          false,
        );
      }
    },
  );
  test('soy is never called slimy, oat never beany', () => {
    expect(all.filter(([id, c]) => id.startsWith('soy') && c === 'slimy')).toEqual([]);
    expect(all.filter(([id, c]) => id.startsWith('oat') && c === 'beany')).toEqual([]);
  });
});

test('what was poured and timed stands in place of what was planned; a weighing does not', () => {
  const recipe = school('oat-middle');
  const batch = {
    id: 'b',
    name: 'b',
    recipe,
    kit: SEA,
    beliefs: {},
    promised: {},
    startedAt: 0,
  } as unknown as FrozenBatch;
  const read = (what: string, task: string, step: string, value: number, at: number): BatchEvent => ({
    id: `e${at}`,
    seq: at,
    batch: 'b',
    at,
    is: 'reading',
    reading: { id: `r${at}`, step, task, what, value, source: 'cook' } as never,
  });
  const events = [
    read('durationS', 'load1', 'grind', 190, 1000),
    read('waterG', 'load1', 'grind', 700, 1001),
    read('milkG', 'strain', 'strain', 600, 2000),
  ];
  const made = asMade(progressOf(batch, events), unlearned(SEA));
  const grind = made.steps.find((s) => s.id === 'grind');
  expect(grind?.params).toMatchObject({ durationS: 190, waterG: 700, waterC: 15 });
  expect(made.steps.find((s) => s.id === 'strain')).toEqual(recipe.steps.find((s) => s.id === 'strain'));
  const told = turns(remedies(made, unlearned(SEA), 'slimy'), 'each load');
  expect(told?.from).toBe(190);
});

test('a complaint is offered where the milk can give rise to it, and not a little below', () => {
  const base = look(school('oat-middle'), unlearned(SEA))?.summary;
  const main = base?.main;
  if (!base || !main?.body) throw new Error('no milk');
  const body = main.body;
  const can = (change: Partial<typeof main>): readonly Complaint[] =>
    complaintsOf({ ...base, main: { ...main, ...change } });
  const within = (c: Complaint, below: Partial<typeof main>, above: Partial<typeof main>) =>
    expect([c, can(below).includes(c), can(above).includes(c)]).toEqual([c, false, true]);
  within('slimy', { body: { ...body, glucan: 1.015 } }, { body: { ...body, glucan: 1.03 } });
  within('tooThick', { body: { ...body, relative: 1.25 } }, { body: { ...body, relative: 1.35 } });
  const hot = (relative: number) => ({ body: { ...body, later: body.later.map((x) => ({ ...x, relative })) } });
  within('thickensHot', hot(1.95), hot(2.05));
  within('gritty', { grit: 0.00045 }, { grit: 0.00055 });
  within('beany', { beany: 0.95 }, { beany: 1.05 });
  expect(can({})).toContain('watery');
});
