import { describe, expect, test } from '@jest/globals';
import { fold, progressOf } from '../../src/batch';
import type { BatchEvent } from '../../src/batch';
import { coefficientId, COEFFICIENTS, unlearned } from '../../src/kitchen';
import type { Beliefs, Kit } from '../../src/kitchen';
import { methodById, recipeIn } from '../../src/methods';
import { applyEdits, coldAtLast, coldInTime, contextOf, coolingNow, coolingWays, streamBefore } from '../../src/steps';
import type { CoolingTried, Params, Reading, Recipe, Step } from '../../src/steps';
import { SEA } from '../batch/kitchen';
import { sampleBatch } from '../records/sample';

const HOUR = 3600;
/** A soy milk, boiled and hot in its pot, so many times the school's own amount. */
function hot(by: number, more: Partial<Params['cool']> = {}, kit: Kit = SEA): { recipe: Recipe; step: Step<'cool'> } {
  const m = methodById('soy-washed');
  if (!m) throw new Error('soy');
  const scaled = applyEdits(recipeIn(m, kit), [{ do: 'scale', by }]);
  const steps = scaled.steps.map((s) => (s.kind === 'cool' ? { ...s, params: { ...s.params, ...more } } : s));
  const step = steps.find((s) => s.kind === 'cool');
  if (step?.kind !== 'cool') throw new Error('no cool');
  return { recipe: { ...scaled, steps }, step };
}
function cooled(by: number, more: Partial<Params['cool']> = {}, beliefs: Beliefs = {}) {
  const { recipe, step } = hot(by, more);
  const o = fold(recipe, { kit: SEA, beliefs });
  const i = recipe.steps.indexOf(step);
  return { f: o.stages[i]?.figures ?? {}, o, recipe, step };
}
const way = (all: readonly CoolingTried[], how: string, vessel = 'pot'): CoolingTried => {
  const found = all.find((w) => w.how === how && w.vessel === vessel);
  if (!found) throw new Error(`${how} ${vessel}`);
  return found;
};
function ways(by: number, kit: Kit = SEA) {
  const { recipe, step } = hot(by, {}, kit);
  return coolingWays(recipe, fold(recipe, unlearned(kit)), unlearned(kit), step);
}

describe('what every kitchen knows of cooling (common practice)', () => {
  const two = ways(1);
  test('a pot left on the counter is too slow, in ice water it takes minutes, in running water under an hour', () => {
    expect(way(two, 'counter').inTime).toBe(false);
    expect(way(two, 'iceBath').takesS).toBeLessThan(30 * 60);
    expect(way(two, 'waterIce').takesS).toBeLessThan(HOUR);
    expect(way(two, 'waterIce').inTime).toBe(true);
    expect(way(two, 'waterIce').iceG).toBeLessThan(0.5 * way(two, 'iceBath').iceG);
  });
  test('small jars cool faster than litre jars, and an open pot faster than litre jars: it steams; at the window faster still', () => {
    const small = { ...SEA, things: SEA.things.map((t) => (t.is === 'jar' ? { ...t, ml: 250 } : t)) };
    expect(way(ways(1, small), 'counter', 'jars').takesS).toBeLessThan(0.8 * way(two, 'counter', 'jars').takesS);
    expect(way(two, 'counter').takesS).toBeLessThan(0.9 * way(two, 'counter', 'jars').takesS);
    expect(way(two, 'window').way.to21S).toBeLessThan(way(two, 'counter').way.to21S ?? Infinity);
  });
  test('on a tray a finger deep milk is cool within half an hour, and some of it is gone as steam', () => {
    expect(way(two, 'tray').takesS).toBeLessThan(40 * 60);
    expect(cooled(1, { how: 'tray', toC: 25 }).f.steamG).toBeGreaterThan(10);
  });
  test('a stockpot of fifteen litres put hot into the fridge is not cold after a night', () => {
    const big = { ...SEA, things: SEA.things.map((t) => (t.is === 'pot' ? { ...t, ml: 20_000, diameterCm: 30 } : t)) };
    const w = way(ways(8, big), 'fridge');
    expect(w.inTime).toBe(false);
    expect(w.way.to5S ?? Infinity).toBeGreaterThan(12 * HOUR);
    expect(w.fridge?.peakC).toBeGreaterThan(10);
  });
  test('hot glass in cold water is told, plastic is not; nor is glass in the fridge', () => {
    const plastic = { ...SEA, things: SEA.things.map((t) => (t.is === 'jar' ? { ...t, glass: false } : t)) };
    expect([way(two, 'water', 'jars').hotGlass, way(two, 'fridge', 'jars').hotGlass]).toEqual([true, false]);
    expect(way(ways(1, plastic), 'water', 'jars').hotGlass).toBe(false);
  });
});

describe('so much ice', () => {
  test('as much as it takes is enough; a third of it ends warm, and the more the colder', () => {
    const need = cooled(1, { how: 'iceBath', toC: 8 }).f.iceG ?? NaN;
    expect(cooled(1, { how: 'iceBath', toC: 8, iceG: need * 1.01 }).f.never).toBeUndefined();
    const less = [0.2, 0.4, 0.6].map((x) => cooled(1, { how: 'iceBath', toC: 8, iceG: need * x }).f);
    for (const f of less) expect([f.never, (f.iceGoneC ?? 0) > 8]).toEqual([1, true]);
    expect(less[0]?.iceGoneC).toBeGreaterThan(less[2]?.iceGoneC ?? Infinity);
  });
  test('cooled in two goes, with ice first to half way, is no colder than in one', () => {
    const one = cooled(1, { how: 'waterIce', toC: 8 });
    expect(one.o.products.milk?.temperatureC).toBeCloseTo(8, 2);
    expect(one.f.stirS).toBeLessThan(one.f.coolS ?? 0);
  });
});

describe('the two stages', () => {
  test('the whole way agrees with what the fold counts, to a fiftieth', () => {
    const { o, f, recipe, step } = cooled(1, { how: 'water', toC: 20 });
    const s = streamBefore(o, recipe.steps.indexOf(step), 'milk');
    if (!s) throw new Error('no milk');
    const w = coldAtLast(s, step.params, contextOf(unlearned(SEA), recipe.materials));
    expect((w.to21S ?? 0) / (f.above21S ?? NaN)).toBeCloseTo(1, 1);
    expect(Math.abs((w.to21S ?? 0) / (f.above21S ?? NaN) - 1)).toBeLessThan(0.02);
    expect(w.points.every(([, c], i) => i === 0 || c <= (w.points[i - 1]?.[1] ?? 0) + 1e-9)).toBe(true);
  });
  test('its limits: two hours and six (FDA Food Code 3-501.14); a warm fridge is not the fault of the way', () => {
    expect(coldInTime({ to21S: 7200, to5S: 21_600 }, 4)).toBe(true);
    expect(coldInTime({ to21S: 7201, to5S: 21_600 }, 4)).toBe(false);
    expect(coldInTime({ to21S: 7200, to5S: 21_601 }, 4)).toBe(false);
    expect(coldInTime({ to21S: 7200, to5S: null }, 6)).toBe(true);
    expect(coldInTime({ to21S: null, to5S: null }, 6)).toBe(false);
  });
  test('a way that is pressed is what the plan then is', () => {
    const { recipe, step } = hot(1, { how: 'iceBath', iceG: 300 });
    const o = fold(recipe, unlearned(SEA));
    for (const w of coolingWays(recipe, o, unlearned(SEA), step)) {
      const then = applyEdits(recipe, w.edits);
      const now = then.steps.find((s) => s.id === step.id);
      if (now?.kind !== 'cool') throw new Error('no cool');
      expect([now.params.how, now.params.vessel]).toEqual([w.how, w.vessel]);
      const again = coolingNow(then, fold(then, unlearned(SEA)), unlearned(SEA), now);
      if (!w.own) expect(again?.to21S).toBeCloseTo(w.way.to21S ?? NaN, 6);
    }
  });
});

describe('measured while it cools', () => {
  const slow = 0.6;
  const id = coefficientId('cooling', 'waterIce');
  const truth = cooled(1, {}, { [id]: { mean: slow, n: 1, ...COEFFICIENTS.cooling } });
  const curve = (by: Beliefs) => {
    const { recipe, step, o } = truth;
    return coolingNow(recipe, o, { kit: SEA, beliefs: by }, step)?.points ?? [];
  };
  const at = (points: readonly (readonly [number, number])[], s: number): number => {
    const i = points.findIndex(([t]) => t >= s);
    const [t1, c1] = points[i] ?? [0, NaN];
    const [t0, c0] = points[i - 1] ?? [t1, c1];
    return t1 > t0 ? c0 + ((s - t0) / (t1 - t0)) * (c1 - c0) : c1;
  };
  const told = curve({ [id]: { mean: slow, n: 1, ...COEFFICIENTS.cooling } });
  const reading = (atS: number, value: number): Reading => ({
    ...{ id: `r${atS}`, step: truth.step.id, task: 'cool', what: 'nowC', source: 'cook' as const },
    value,
    atS,
  });
  const readings = [120, 300, 540].map((s) => reading(s, at(told, s)));
  test('three readings of a bath that is slower than usual find how much slower, and how long it really takes', () => {
    const o = fold(truth.recipe, { ...unlearned(SEA), readings });
    const i = truth.recipe.steps.indexOf(truth.step);
    expect(o.fits.find((f) => f.coefficient === id)?.value).toBeCloseTo(slow, 2);
    const usual = fold(truth.recipe, unlearned(SEA)).stages[i]?.figures.coolS ?? NaN;
    expect(o.stages[i]?.figures.coolS).toBeCloseTo(truth.f.coolS ?? NaN, -1);
    expect(truth.f.coolS).toBeGreaterThan(1.3 * usual);
  });
  test('more readings tell it better; one that is a little off is outvoted', () => {
    const sd = (r: readonly Reading[]) =>
      fold(truth.recipe, { ...unlearned(SEA), readings: r }).fits.find((f) => f.coefficient === id)?.sd ?? NaN;
    expect(sd(readings)).toBeLessThan(sd(readings.slice(1, 2)));
    const off = [...readings.slice(0, 2), reading(540, at(told, 540) + 3)];
    const found = fold(truth.recipe, { ...unlearned(SEA), readings: off }).fits.find((f) => f.coefficient === id);
    expect(Math.abs((found?.value ?? NaN) - slow)).toBeLessThan(0.08);
  });
  test('each is kept with its moment; told again for the same moment it counts anew', () => {
    const batch = sampleBatch();
    const step = batch.recipe.steps.find((s) => s.kind === 'cool');
    if (!step) throw new Error('no cool');
    const line = (seq: number, atS: number, value: number): BatchEvent => ({
      ...{ id: `l${seq}`, batch: batch.id, seq, at: batch.startedAt + seq, is: 'reading' },
      reading: { id: `q${seq}`, step: step.id, task: 'cool', what: 'nowC', value, atS, source: 'cook' },
    });
    const p = progressOf(batch, [line(1, 60, 80), line(2, 120, 70), line(3, 60, 82)]);
    expect(p.readings.map((r) => [r.atS, r.value])).toEqual([
      [60, 82],
      [120, 70],
    ]);
  });
});
