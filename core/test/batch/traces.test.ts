import { describe, expect, test } from '@jest/globals';
import { fold, progressOf } from '../../src/batch';
import type { BatchEvent, TraceChunk } from '../../src/batch';
import { unlearned } from '../../src/kitchen';
import { makeStep } from '../../src/steps';
import type { Reading, Recipe, Step, Trace } from '../../src/steps';
import { sampleBatch } from '../records/sample';
import { kitAt, plainSteps, soyRecipe } from './kitchen';

const here = unlearned(kitAt(0));
const recipe: Recipe = soyRecipe(200, [...plainSteps(1000), makeStep('boil', 'boil')]);
const boil = recipe.steps.find((s): s is Step<'boil'> => s.kind === 'boil');
if (!boil) throw new Error('no boil');
const soak = recipe.steps.find((s): s is Step<'soak'> => s.kind === 'soak');
if (!soak) throw new Error('no soak');

const told = (step: string, what: string, trace: string): Reading => ({
  id: `${step}-${what}`,
  step,
  what,
  value: 0,
  trace,
  source: 'probe',
});
const foldWith = (readings: readonly Reading[], traces: Readonly<Record<string, Trace>>) =>
  fold(recipe, { ...here, readings, traces: new Map(Object.entries(traces)) });
const every = (everyS: number, s: number, c: (t: number) => number): Trace => ({
  everyS,
  values: Array.from({ length: Math.floor(s / everyS) + 1 }, (_, i) => c(i * everyS)),
});
const of = (o: ReturnType<typeof fold>, step: string) => o.stages.find((s) => s.step === step);
const holdS = boil.params.holdS;

describe('a probe in the pot', () => {
  const plain = fold(recipe, here);
  test('that tells what was reckoned changes nothing', () => {
    const flat = foldWith([told(boil.id, 'holdCourseC', 'h')], {
      h: every(1, holdS, () => of(plain, boil.id)?.figures.boilingC ?? NaN),
    });
    expect(of(flat, boil.id)?.figures.inhibitorLeft).toBeCloseTo(of(plain, boil.id)?.figures.inhibitorLeft ?? NaN, 6);
  });
  test('that never saw the boil: the hold is no boil, and nothing says it was', () => {
    const cold = foldWith([told(boil.id, 'holdCourseC', 'h')], { h: every(4, holdS, () => 86) });
    expect(of(cold, boil.id)?.figures.boiledS).toBeLessThan(30);
    expect(of(cold, boil.id)?.figures.inhibitorLeft ?? 0).toBeGreaterThan(
      (of(plain, boil.id)?.figures.inhibitorLeft ?? 1) * 2,
    );
  });
  test('half of the hold at the boil counts half of it', () => {
    const half = foldWith([told(boil.id, 'holdCourseC', 'h')], {
      h: every(2, holdS, (t) => (t < holdS / 2 ? 100 : 80)),
    });
    const all = of(plain, boil.id)?.figures.boiledS ?? 0;
    const got = of(half, boil.id)?.figures.boiledS ?? 0;
    expect(Math.abs(got - all + holdS / 2)).toBeLessThan(10);
  });
  test('a warm spell in the soak is drunk by: more than at the steady cold', () => {
    const short: Reading = { id: 'two hours', step: soak.id, what: 'durationS', value: 7200, source: 'clock' };
    const readings = [short, told(soak.id, 'courseC', 's')];
    const cold = foldWith(readings, { s: every(60, 7200, () => 6) });
    const warm = foldWith(readings, { s: every(60, 7200, (t) => (t < 3600 ? 30 : 6)) });
    const drunk = (o: ReturnType<typeof fold>) => of(o, soak.id)?.figures.drunkG ?? 0;
    expect(drunk(warm)).toBeGreaterThan(drunk(cold) * 1.05);
    expect(of(warm, soak.id)?.figures.endC).toBeCloseTo(6, 6);
  });
  test('noise of a tenth of a degree moves nothing that a cook would see', () => {
    const noisy = foldWith([told(boil.id, 'holdCourseC', 'h')], {
      h: every(0.25, holdS, (t) => 100 + 0.1 * Math.sin(t * 7)),
    });
    expect(of(noisy, boil.id)?.figures.inhibitorLeft).toBeCloseTo(of(plain, boil.id)?.figures.inhibitorLeft ?? NaN, 3);
  });
  test('a trace that is not at hand leaves the reckoning as it was', () => {
    expect(foldWith([told(boil.id, 'holdCourseC', 'gone')], {}).products).toEqual(plain.products);
  });
});

test('chunks are one course, in their order, by the id of the first; one without its beginning is none', () => {
  const batch = sampleBatch();
  const at = batch.recipe.steps.find((s) => s.kind === 'boil')?.id ?? '';
  const hold = batch.recipe.steps.find((s) => s.kind === 'boil')?.params.holdS ?? 0;
  const chunk = (n: number, c: number): TraceChunk => ({
    id: `t${n}`,
    batch: batch.id,
    step: at,
    task: 'hold',
    channel: 'temperatureC',
    chunk: n,
    everyS: 10,
    values: Array.from({ length: Math.ceil(hold / 20) }, () => c),
  });
  const line: BatchEvent = {
    id: 'e',
    seq: 1,
    batch: batch.id,
    at: batch.startedAt,
    is: 'reading',
    reading: { ...told(at, 'holdCourseC', 't0'), task: 'hold' },
  };
  const left = (chunks: readonly TraceChunk[]) =>
    progressOf(batch, [line], chunks).outcome.stages.find((s) => s.step === at)?.figures.boiledS ?? NaN;
  expect(left([chunk(1, 60), chunk(0, 60)])).toBeLessThan(left([]) / 2);
  expect(left([chunk(1, 60)])).toBe(left([]));
  expect(Math.abs(left([chunk(1, 60), chunk(0, 100)]) - left([chunk(1, 100), chunk(0, 60)]))).toBeLessThan(60);
});
