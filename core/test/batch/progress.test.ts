import { expect, test, describe } from '@jest/globals';
import { canSkip, fold, jarNow, jarsOf, progressOf, ranForS, soakingNow } from '../../src/batch';
import { solveFor, ranges, look } from '../../src/questions';
import type { BatchEvent, JarEvent, TaskState } from '../../src/batch';
import { massG, unlearned } from '../../src/kitchen';
import { METHODS, recipeOf } from '../../src/methods';
import { applyEdits, makeStep } from '../../src/steps';
import { changeText } from '../../src/words';
import { sampleBatch, wholeRun } from '../records/sample';
import { missingG, broughtG, kitAt, SEA, soyRecipe } from './kitchen';

const MIN = 60_000;
const DAY = 86_400_000;
const batch = sampleBatch();
const reading = (what: string, step: string, value: number, at = batch.startedAt + MIN): BatchEvent => ({
  id: `r-${what}-${value}`,
  seq: 1000,
  batch: batch.id,
  at,
  is: 'reading',
  reading: { id: `r-${what}-${value}`, step, what, value, source: 'cook' },
});
const milkOf = (events: readonly BatchEvent[]) => progressOf(batch, events).summary.main;

describe('where a batch is', () => {
  test('nothing has happened: the first task waits', () => {
    const p = progressOf(batch, []);
    expect([p.state, p.current?.step.id, p.current?.status]).toEqual(['open', 'sort', 'waiting']);
  });
  test('the log alone says it: half way, and finished', () => {
    const run = wholeRun(batch);
    const half = progressOf(batch, run.slice(0, 7));
    expect(half.tasks.filter((t) => t.status === 'done')).toHaveLength(3);
    expect(half.current?.status).toBe('running');
    expect(progressOf(batch, run).state).toBe('finished');
  });
  test('the order in which the log is read does not matter', () => {
    const run = wholeRun(batch);
    expect(progressOf(batch, [...run].reverse()).summary).toEqual(progressOf(batch, run).summary);
  });
  test('elapsed time is the difference of two instants, a pause left out', () => {
    const at = batch.startedAt;
    const base = { batch: batch.id, step: 'sort', task: 'sort' };
    const events: BatchEvent[] = [
      { ...base, id: '1', seq: 1, at, is: 'begun' },
      { id: '2', seq: 2, batch: batch.id, at: at + 2 * MIN, is: 'paused' },
    ];
    const paused = progressOf(batch, events);
    expect(ranForS(paused.current as never, at + 60 * MIN)).toBe(120);
    const on: BatchEvent[] = [...events, { id: '3', seq: 3, batch: batch.id, at: at + 12 * MIN, is: 'resumed' }];
    const p = progressOf(batch, on);
    expect(p.current?.pausedAt).toBeNull();
    expect(ranForS(p.current as never, at + 13 * MIN)).toBe(180);
  });
  test('going back opens the step and all that comes of it, and withdraws their readings', () => {
    const run = [...wholeRun(batch), reading('waterG', 'grind', 1000), reading('milkG', 'strain', 1000)];
    const back: BatchEvent = {
      id: 'z',
      seq: 2000,
      batch: batch.id,
      at: batch.startedAt + DAY,
      is: 'back',
      step: 'strain',
    };
    const p = progressOf(batch, [...run, back]);
    expect([p.state, p.current?.step.id, p.readings.map((r) => r.what)]).toEqual(['open', 'strain', ['waterG']]);
  });
  test('a step left out is left out of the fold; one that others need cannot be', () => {
    const skip: BatchEvent = {
      ...{ id: 's', seq: 1, batch: batch.id, at: 1, is: 'skipped', step: 'skim' },
      ...{ why: 'other', text: 'no skin' },
    };
    const p = progressOf(batch, [skip]);
    expect(p.tasks.some((t) => t.step.id === 'skim')).toBe(false);
    expect(p.skipped).toEqual([{ step: 'skim', why: 'other', text: 'no skin' }]);
    expect([canSkip(batch.recipe, 'skim'), canSkip(batch.recipe, 'strain')]).toEqual([true, false]);
  });
  test('abandoned stays abandoned, and keeps its log', () => {
    const p = progressOf(batch, [
      { id: 'a', seq: 1, batch: batch.id, at: 5, is: 'abandoned', why: 'other', text: 'burnt' },
    ]);
    expect([p.state, p.endedAt]).toEqual(['abandoned', 5]);
  });
});

describe('readings', () => {
  test('what was poured replaces the plan', () => {
    expect(milkOf([reading('waterG', 'grind', 1400)])?.massG).toBeGreaterThan((milkOf([])?.massG ?? 0) + 150);
  });
  test('a weighed milk is met exactly, the bag learns, and mass still balances', () => {
    const now = progressOf(batch, []).outcome.stages.find((s) => s.step === 'strain')?.figures.milkG ?? 0;
    for (const weighed of [now - 60, now + 40, now - 600]) {
      const o = progressOf(batch, [reading('milkG', 'strain', weighed)]).outcome;
      const milk = o.stages.find((s) => s.step === 'strain')?.writes.find(([n]) => n === 'milk')?.[1];
      expect(milk ? massG(milk) : 0).toBeCloseTo(weighed, 4);
      expect(Math.abs(missingG(o))).toBeLessThan(1e-6 * broughtG(o));
    }
  });
  test('less milk from the same pulp means the bag holds more; beyond its bounds the rest is unaccounted for', () => {
    const o = progressOf(batch, [reading('milkG', 'strain', 900)]).outcome;
    expect(o.fits[0]?.value).toBeGreaterThan(1);
    const far = progressOf(batch, [reading('milkG', 'strain', 300)]).outcome;
    expect(far.fits[0]?.leftOver).toBeLessThan(-100);
    expect(far.ledger.some((f) => 'outside' in f.to && f.to.outside === 'unaccounted')).toBe(true);
  });
  test('a fit holds for later steps: a hob found weak', () => {
    const slow = progressOf(batch, [reading('heatUpS', 'boil', 1200)]);
    expect(slow.outcome.stages.find((s) => s.step === 'boil')?.figures.heatUpS).toBeCloseTo(1200, 3);
    expect(slow.outcome.fits[0]?.coefficient).toBe('hob:hob');
    expect(slow.outcome.fits[0]?.value).toBeLessThan(1);
  });
  test('the longer hold is said in a sentence; nothing noticeable is said so', () => {
    const before = progressOf(batch, []).summary;
    const after = progressOf(batch, [reading('holdS', 'boil', 2700)]).summary;
    expect(changeText(before, after)).toMatch(/milk comes to .* instead of .*inhibitor left/);
    expect(changeText(before, before)).toBe('Noted: as planned, nothing changes.');
  });
  test('waiting between two steps is folded as rest: warm milk spends its keeping', () => {
    const quick = progressOf(batch, wholeRun(batch, 1)).summary.main?.keep?.s ?? 0;
    const run = wholeRun(batch, 1);
    const from = run.findIndex((e) => 'step' in e && e.step === 'jar');
    const late = run.map((e, i) => (i >= from ? { ...e, at: e.at + 8 * 3600_000 } : e));
    expect(progressOf(batch, late).summary.main?.keep?.s ?? 0).toBeLessThan(quick - 6 * 3600);
  });
});

describe('things that soak', () => {
  const soaked = { ...batch, recipe: soyRecipe(200, [makeStep('soak', 'soak', { waterG: 1400, durationS: 36_000 })]) };
  const of = { batch: batch.id, step: 'soak' };
  const events: BatchEvent[] = [
    { ...of, task: 'cover', id: '1', seq: 1, at: 0, is: 'begun' },
    { ...of, task: 'cover', id: '2', seq: 2, at: 60_000, is: 'ended', by: 'cook' },
    { ...of, task: 'soak', id: '3', seq: 3, at: 60_000, is: 'begun' },
  ];
  test('uptake by now is the same fold, cut at this second', () => {
    const p = progressOf(soaked, events);
    const t = p.tasks.find((x) => x.task.id === 'soak') as TaskState;
    const at = (h: number) => soakingNow(p, t, 60_000 + h * 3600_000)?.uptakeShare ?? 0;
    expect(at(0)).toBe(0);
    expect(at(2)).toBeLessThan(at(6));
    const whole = fold(soaked.recipe, unlearned(SEA)).stages[0]?.figures.uptakeShare ?? 0;
    expect(at(10)).toBeCloseTo(whole, 9);
  });
});

describe('jars', () => {
  const run = wholeRun(batch, 5);
  const p = progressOf(batch, run);
  const jars = jarsOf(batch, p);
  const milk = jars.find((j) => j.product === 'milk');
  const pulp = jars.find((j) => j.product === 'pulp');
  const ev = (e: Omit<JarEvent, 'id' | 'jar' | 'seq'> & { is: string }): JarEvent =>
    ({ id: `x${e.at}`, seq: e.at, jar: 'x', ...e }) as JarEvent;
  if (!milk || !pulp) throw new Error('no jars');
  test('hold what the fold made, and have the same ids when a reading is corrected', () => {
    const ml = jars.filter((j) => j.product === 'milk').reduce((a, j) => a + j.filledMl, 0);
    expect(ml).toBeCloseTo(p.summary.main?.volumeMl ?? 0, 6);
    const again = jarsOf(batch, progressOf(batch, [...run, reading('filledG', 'jar', 700, run.at(-1)?.at)]));
    expect(again.map((j) => j.id)).toEqual(jars.map((j) => j.id));
    expect(massG(again[0]?.stream as never)).toBeCloseTo(700, 6);
  });
  test('frozen in portions, each box is one of its own, of the size it has', () => {
    const boxes = {
      ...SEA,
      things: [...SEA.things, { id: 'box', is: 'jar' as const, name: 'Box', ml: 400, glass: false }],
    };
    const steps = batch.recipe.steps.flatMap((s) =>
      s.kind === 'jar' ? [makeStep('ice', 'freeze', { box: 'box', fill: 0.8 })] : [s],
    );
    const frozen = { ...batch, kit: boxes, recipe: { ...batch.recipe, steps } };
    const q = progressOf(frozen, wholeRun(frozen));
    const got = jarsOf(frozen, q).filter((j) => j.product === 'milk');
    const ml = q.summary.main?.volumeMl ?? NaN;
    expect(got).toHaveLength(Math.ceil(ml / 320));
    for (const j of got) expect([j.vesselMl, j.filledMl <= 320 + 1e-6]).toEqual([400, true]);
    expect(got.reduce((sum, j) => sum + j.filledMl, 0)).toBeCloseTo(ml, 6);
  });
  test('time left falls with the clock and never exceeds the cap', () => {
    const at = (h: number) => jarNow(milk, [], batch, [], milk.filledAt + h * 3600_000).keep?.s ?? 0;
    expect(at(0)).toBeLessThanOrEqual(4 * 86_400);
    expect(at(0) - at(24)).toBeGreaterThan(20 * 3600);
    expect(at(24 * 10)).toBe(0);
  });
  test('a warmer fridge leaves less', () => {
    const warm = jarNow(milk, [], batch, [{ at: 0, placeC: 9 }], milk.filledAt).keep?.s ?? 0;
    expect(warm).toBeLessThan(0.7 * (jarNow(milk, [], batch, [], milk.filledAt).keep?.s ?? 0));
  });
  test('pouring leaves the rest; thrown and finished end it', () => {
    const some = jarNow(
      milk,
      [ev({ at: milk.filledAt + 1, is: 'poured', ml: 100 } as never)],
      batch,
      [],
      milk.filledAt + 2,
    );
    expect(some.leftMl).toBeCloseTo(milk.filledMl - 100, 6);
    const thrown = jarNow(
      milk,
      [ev({ at: milk.filledAt + 1, is: 'thrown', why: 'turned', text: '', lastFineAt: null } as never)],
      batch,
      [],
      milk.filledAt + 2,
    );
    expect([thrown.over, thrown.why, thrown.leftMl]).toEqual(['thrown', 'turned', 0]);
  });
  test('raw pulp is raw until it is boiled; then it keeps as boiled, and no longer than the cap', () => {
    const raw = jarNow(pulp, [], batch, [], pulp.filledAt + MIN);
    const done = jarNow(
      pulp,
      [ev({ at: pulp.filledAt + MIN, is: 'boiled', forS: 1200 } as never)],
      batch,
      [],
      pulp.filledAt + 2 * MIN,
    );
    expect([raw.done, done.done, done.hygiene]).toEqual([false, true, 'boiled']);
    expect(done.keep?.s ?? 0).toBeGreaterThan(raw.keep?.s ?? 0);
    expect(done.keep?.s ?? 1e9).toBeLessThanOrEqual(4 * 86_400);
  });
});

describe('solving backwards', () => {
  const r = recipeOf(METHODS[4] as (typeof METHODS)[number]);
  test.each([0.7, 2, 3.2])('%d litres are met within 60 folds', (litres) => {
    const s = solveFor(r, unlearned(SEA), { litres });
    expect(s.reached).toBe(true);
    expect(s.folds).toBeLessThanOrEqual(60);
    expect((look(applyEdits(r, s.edits), unlearned(SEA))?.summary.main?.volumeMl ?? 0) / 1000).toBeCloseTo(litres, 2);
  });
  test('solids are met by the fresh water', () => {
    const s = solveFor(r, unlearned(SEA), { solids: 0.08 });
    expect(look(applyEdits(r, s.edits), unlearned(SEA))?.summary.main?.solids).toBeCloseTo(0.08, 4);
  });
  test('the unreachable says so, with the nearest', () => {
    const s = solveFor(r, unlearned(SEA), { solids: 0.9 });
    expect(s.reached).toBe(false);
    expect(s.value).toBeLessThan(0.9);
  });
});

test('ranges hold the middle, and the same seed gives the same', () => {
  const r = recipeOf(METHODS[0] as (typeof METHODS)[number]);
  const a = ranges(r, unlearned(kitAt(640)), 5, 200);
  const mid = look(r, unlearned(kitAt(640)))?.summary.main;
  expect(a).toEqual(ranges(r, unlearned(kitAt(640)), 5, 200));
  expect(a.volumeMl.low).toBeLessThan(mid?.volumeMl ?? 0);
  expect(a.volumeMl.high).toBeGreaterThan(mid?.volumeMl ?? 0);
});
test('two extracts strained side by side keep one cook busy twice: the clock counts both', () => {
  const parts = Array.from({ length: 4 }, (_, i) =>
    makeStep(`part${i}`, 'part', { of: 'milk', parts: [{ name: `m${i}`, share: 0.2 }] }),
  );
  const jars = parts.map((_, i) => makeStep(`jar${i}`, 'jar', { of: `m${i}` }));
  const r = { ...batch.recipe, steps: [...batch.recipe.steps.filter((s) => s.kind !== 'soak'), ...parts, ...jars] };
  const s = look(r, unlearned(SEA))?.summary;
  expect(s?.elapsedS).toBeGreaterThanOrEqual(s?.handsS ?? NaN);
});
