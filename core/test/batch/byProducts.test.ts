import { describe, expect, test } from '@jest/globals';
import { capOf, dryingOf, fold, jarNow, jarsOf, progressOf } from '../../src/batch';
import type { FilledJar, JarEvent } from '../../src/batch';
import { contents, massG, solidsG, unlearned } from '../../src/kitchen';
import { methodById, recipeOf } from '../../src/methods';
import { usesText } from '../../src/words';
import { SEA } from '../batch/kitchen';
import { sampleBatch, wholeRun } from '../records/sample';

const HOUR = 3_600_000;
const batch = sampleBatch();
const jars = jarsOf(batch, progressOf(batch, wholeRun(batch, 5)));
const pulp = jars.find((j) => j.product === 'pulp') as FilledJar;
const line = (seq: number, at: number, e: Record<string, unknown>): JarEvent =>
  ({ id: `x${seq}`, jar: pulp.id, seq, at, ...e }) as JarEvent;
const at = pulp.filledAt + HOUR;
const boiled = line(1, at, { is: 'boiled', forS: 20 * 60 });
const now = (events: readonly JarEvent[], t = at + HOUR) => jarNow(pulp, events, batch, [], t);

describe('pulp dried to flour', () => {
  test('its solids stay, its water goes; it is flour, and no rule of milk keeps it', () => {
    const wet = now([boiled]);
    const dry = now([boiled, line(2, at + 1000, { is: 'dried', ovenC: 90, layerCm: 1, flourG: null })]);
    expect(solidsG(dry.stream)).toBeCloseTo(solidsG(wet.stream), 6);
    expect(massG(dry.stream) / solidsG(dry.stream)).toBeLessThan(1.1);
    expect([wet.flour, dry.flour]).toEqual([false, true]);
    expect([wet.keep === null, dry.keep]).toEqual([false, null]);
  });
  test('weighed, it is as dry as that says', () => {
    const wet = now([boiled]);
    const g = solidsG(wet.stream) * 1.05;
    const dry = now([boiled, line(2, at + 1000, { is: 'dried', ovenC: 90, layerCm: 1, flourG: g })]);
    expect(massG(dry.stream)).toBeCloseTo(g, 6);
  });
  test('90–95 °C takes six to eight hours in a thin layer, 80 °C a night (common practice); thicker, longer', () => {
    const hours = (ovenC: number, layerCm = 1) => dryingOf(pulp.stream, { ovenC, layerCm }, batch).dryS / 3600;
    expect(hours(92)).toBeGreaterThan(5);
    expect(hours(92)).toBeLessThan(9);
    expect(hours(80)).toBeGreaterThan(hours(92));
    expect(hours(80)).toBeLessThan(12);
    expect(hours(92, 2)).toBeGreaterThan(1.8 * hours(92));
  });
});

test('a few grams over three bricks are three, and what is less than one is one', () => {
  const eachG = massG(pulp.stream) / 3.02;
  const frozen = (g: number) => line(2, at + 1000, { is: 'moved', place: 'freezer', placeC: -18, eachG: g });
  expect(now([boiled, frozen(eachG)]).bricks?.n).toBe(3);
  expect(now([boiled, frozen(eachG * 0.9)]).bricks?.n).toBe(4);
  expect(now([boiled, frozen(eachG * 30)]).bricks?.n).toBe(1);
});
test('frozen in bricks: how many are left follows from what is left', () => {
  const each = massG(pulp.stream) / 3;
  const frozen = line(2, at + 1000, { is: 'moved', place: 'freezer', placeC: -18, eachG: each });
  const s = now([boiled, frozen]);
  expect(s.bricks).toMatchObject({ n: 3 });
  const less = now([boiled, frozen, line(3, at + 2000, { is: 'poured', ml: s.leftMl / 3 })]);
  expect(less.bricks?.n).toBe(2);
  expect(now([boiled, frozen, line(3, at + 2000, { is: 'moved', place: 'fridge', placeC: null })]).bricks).toBeNull();
});

test('a lifted cap has the fat that the milk lost, and what stays is the rest', () => {
  const m = methodById('coconut-dried');
  const s = m && fold(recipeOf(m), unlearned(SEA)).products.milk;
  if (!m || !s) throw new Error('no milk');
  const made = { ...batch, recipe: recipeOf(m) };
  const cold = { ...s, temperatureC: 4 };
  const cap = capOf(cold, null, made);
  if (!cap) throw new Error('no cap');
  const jar: FilledJar = { ...pulp, product: 'milk', stream: cold };
  const rest = jarNow(
    jar,
    [line(1, jar.filledAt, { is: 'lifted', capG: null, into: 'c' })],
    made,
    [],
    jar.filledAt + 1,
  );
  expect(massG(cap) + massG(rest.stream)).toBeCloseTo(massG(cold), 4);
  expect(contents(cap).fat + contents(rest.stream).fat).toBeCloseTo(contents(cold).fat, 4);
  expect(contents(cap).fat / massG(cap)).toBeGreaterThan(3 * (contents(rest.stream).fat / massG(rest.stream)));
  expect(capOf({ ...s, temperatureC: 60 }, null, made)).toBeNull();
});

test('what a by-product will do is said; raw pulp of beans will do nothing before its boil', () => {
  expect(usesText('pulp', now([]), batch.recipe)).toMatch(/boil it first/);
  expect(usesText('pulp', now([boiled]), batch.recipe)).toMatch(/bread/);
  expect(usesText('cap', { done: true, flour: false }, batch.recipe)).toMatch(/cream/);
});

test('a skin that is kept is food of its own, and the milk is as if it had been thrown away', () => {
  const soy = recipeOf(methodById('soy-washed') as NonNullable<ReturnType<typeof methodById>>);
  const skimmed = (how: string) =>
    fold(
      {
        ...soy,
        steps: soy.steps.map((s) =>
          s.kind === 'skim' ? ({ ...s, params: { ...s.params, how, takeG: 30 } } as typeof s) : s,
        ),
      },
      unlearned(SEA),
    );
  const [kept, off] = [skimmed('keep'), skimmed('lift off')];
  expect(massG(kept.products.skin as NonNullable<typeof kept.products.skin>)).toBeCloseTo(30, 6);
  expect(off.products.skin).toBeUndefined();
  expect(massG(kept.products.milk as NonNullable<typeof kept.products.milk>)).toBeCloseTo(
    massG(off.products.milk as NonNullable<typeof off.products.milk>),
    6,
  );
});
