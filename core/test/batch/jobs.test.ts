import { describe, expect, test } from '@jest/globals';
import { fold, jobsOf, oneCookEnds, summarise } from '../../src/batch';
import type { Job } from '../../src/batch';
import { unlearned } from '../../src/kitchen';
import { METHODS, recipeOf } from '../../src/methods';
import { contextOf, makeStep, mayWaitS } from '../../src/steps';
import type { Recipe } from '../../src/steps';
import { fromLarder } from '../../src/kitchen';
import { SOYBEANS } from '../../src/materials';
import { kitAt, plainSteps, SEA, soyRecipe } from './kitchen';

const oneCookS = (jobs: Parameters<typeof oneCookEnds>[0]): number => Math.max(...oneCookEnds(jobs));

const here = unlearned(SEA);
const jobs = (r: Recipe) => jobsOf(r, fold(r, here), here);
const soy = soyRecipe(200, [
  ...plainSteps(1000),
  makeStep('boil', 'boil'),
  makeStep('cool', 'cool'),
  makeStep('jar', 'jar'),
]);

describe('the work of a plan', () => {
  const all = jobs(soy);
  const at = (step: string, task: string): Job => {
    const j = all.find((x) => x.step === step && x.task === task);
    if (!j) throw new Error(`${step} ${task}`);
    return j;
  };
  test('names the things that it keeps from other work', () => {
    expect(at('soak', 'soak').occupies).toEqual(['bowl']);
    expect(at('grind', 'load1').occupies).toEqual(['jug']);
    expect(at('boil', 'hold').occupies).toEqual(['pot', 'hob']);
    expect(at('drain', 'drain').occupies).toEqual([]);
  });
  test('waits for what made its streams, and its own tasks for each other', () => {
    const before = (j: Job): readonly string[] => j.after.map((i) => `${all[i]?.step} ${all[i]?.task}`);
    expect(before(at('soak', 'cover'))).toEqual([]);
    expect(before(at('grind', 'load1'))).toEqual(['drain drain']);
    expect(before(at('boil', 'hold'))).toEqual(['boil heatUp']);
    expect(before(at('jar', 'jar'))).toEqual(['cool cool']);
  });
  test('a hold follows its boil at once; dry beans wait as long as one likes', () => {
    expect(at('boil', 'hold').mayWaitS).toBe(0);
    expect(at('soak', 'soak').mayWaitS).toBe(0);
    expect(at('soak', 'cover').mayWaitS).toBeNull();
  });
  /** USDA: two hours out of the cold, one above 32 °C. Ground raw milk was never in it. */
  test('ground milk may stand two hours in the room, one where it is hot', () => {
    expect(at('boil', 'heatUp').mayWaitS).toBeGreaterThan(7200 - 1800);
    expect(at('boil', 'heatUp').mayWaitS).toBeLessThanOrEqual(7200);
    const hot = unlearned({ ...SEA, roomC: 34 });
    const boil = jobsOf(soy, fold(soy, hot), hot).find((j) => j.step === 'boil');
    expect(boil?.mayWaitS).toBeLessThanOrEqual(3600);
    expect(boil?.mayWaitS).toBeGreaterThan(1800);
  });
  test('wet beans may stand as long as a soak may last, what they stood already counted', () => {
    const ctx = contextOf(unlearned({ ...SEA, roomC: 21 }), [SOYBEANS]);
    const wet = { ...fromLarder(SOYBEANS, 100, 21), gainedWaterG: 50, readyAtS: 5 * 3600 };
    // Twelve hours at 21 °C (common practice).
    expect(mayWaitS(wet, ctx)).toBeCloseTo(7 * 3600, -1);
    expect(mayWaitS({ ...wet, readyAtS: 60 * 3600 }, ctx)).toBe(0);
    expect(mayWaitS({ ...wet, gainedWaterG: 0 }, ctx)).toBeNull();
  });
});

describe('one cook', () => {
  const job = (
    durationS: number,
    hands: Job['hands'],
    after: readonly number[],
    occupies: readonly string[] = [],
  ): Job => ({
    step: 's',
    task: 't',
    mayWaitS: null,
    durationS,
    hands,
    after,
    occupies,
  });
  test('two things for both hands come one after the other; what only stands goes on beside', () => {
    expect(oneCookS([job(100, 'busy', []), job(50, 'busy', [])])).toBe(150);
    expect(oneCookS([job(100, 'free', []), job(50, 'busy', [])])).toBe(100);
    expect(oneCookS([job(100, 'near', []), job(50, 'busy', [])])).toBe(100);
    expect(oneCookS([job(100, 'free', []), job(50, 'busy', [0])])).toBe(150);
  });
  test('one pot holds one thing at a time', () => {
    expect(oneCookS([job(100, 'near', [], ['pot']), job(50, 'near', [], ['pot'])])).toBe(150);
    expect(oneCookS([job(100, 'near', [], ['pot']), job(50, 'near', [], ['big'])])).toBe(100);
  });
  test.each(METHODS.map((m) => [m.id, m] as const))(
    '%s: never less than the hands it takes, nor than its longest strand',
    (_, m) => {
      const r = recipeOf(m);
      const kit = kitAt(640);
      const o = fold(r, unlearned(kit));
      const s = summarise(r, o, kit);
      expect(s.elapsedS).toBeGreaterThanOrEqual(s.handsS - 1e-6);
      expect(s.elapsedS).toBeGreaterThanOrEqual(Math.max(...o.stages.map((x) => x.endS)) - 1e-6);
      expect(s.elapsedS).toBeLessThanOrEqual(
        o.stages.flatMap((x) => x.tasks).reduce((t, x) => t + x.durationS, 0) + 1e-6,
      );
    },
  );
});
