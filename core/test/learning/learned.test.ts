import { describe, expect, test } from '@jest/globals';
import { fold } from '../../src/batch';
import { sampleBeliefs, taughtBy } from '../../src/questions';
import { COEFFICIENTS, unlearned, USUAL_KIT } from '../../src/kitchen';
import { beliefsFrom, evidenceOf, NOTHING_LEARNED, together } from '../../src/learning';
import type { Evidence, Learned } from '../../src/learning';
import { METHODS, recipeOf } from '../../src/methods';
import { seededRandom } from '../../src/numerics';
import type { Fit, Reading } from '../../src/steps';

const HOLD = 'hold:fine-bag';
const said = (ln: number, sd = 0.02, coefficient = HOLD): Evidence => ({ coefficient, ln, sd });
const learn = (all: readonly Evidence[], sign: 1 | -1 = 1, from: Omit<Learned, 'coefficient'> = NOTHING_LEARNED) =>
  all.reduce((had, e) => together(had, e, sign), from);
const belief = (all: readonly Evidence[]) => beliefsFrom([{ coefficient: HOLD, ...learn(all) }])[HOLD];
const sigma = COEFFICIENTS.hold.sd;
const day2 = (0.5 * sigma) ** 2;

describe('what a kitchen learns of a thing', () => {
  /**
   * Normal prior N(μ0, τ0²), one observation of known variance σ²: posterior precision 1/τ0² + 1/σ², mean their weighted
   * mean (Gelman et al., Bayesian Data Analysis, 3rd ed., eq. 2.9–2.10; from memory of the source). Prior mean 0, and the
   * observation's variance is the reading's with the day's.
   */
  test.each([
    [1, 0.3, 0.02],
    [4, -0.2, 0.1],
    [25, 0.15, 0.0],
  ])('%i batches that say %f: the conjugate normal update', (n, ln, sd) => {
    const b = belief(Array.from({ length: n }, () => said(ln, sd)));
    const tau0 = sigma * sigma - day2;
    const s2 = sd * sd + day2;
    const precision = 1 / tau0 + n / s2;
    expect(b?.mean).toBeCloseTo(Math.exp((n * ln) / s2 / precision), 12);
    expect(b?.sd).toBeCloseTo(Math.sqrt(1 / precision + day2), 12);
    expect(b?.n).toBe(n);
  });
  test('with nothing said there is no belief, and the usual spread holds', () => {
    expect(beliefsFrom([])).toEqual({});
    expect(beliefsFrom([{ coefficient: HOLD, ...NOTHING_LEARNED }])).toEqual({});
  });
  test('the spread falls with every batch, and never below what a day may bring', () => {
    const sds = [1, 2, 5, 20, 1000].map((n) => belief(Array.from({ length: n }, () => said(0.1)))?.sd ?? NaN);
    expect(sds).toEqual([...sds].sort((a, b) => b - a));
    expect(sds[0]).toBeLessThan(sigma);
    expect(sds[4]).toBeGreaterThan(0.5 * sigma);
  });
  test('taking a batch off leaves what the others said; the last taken off leaves nothing', () => {
    const [a, b] = [said(0.3, 0.01), said(-0.1, 0.2)];
    const both = learn([a, b]);
    const left = learn([b], -1, both);
    expect(left.weighted).toBeCloseTo(learn([a]).weighted, 10);
    expect(left.weight).toBeCloseTo(learn([a]).weight, 10);
    expect(learn([a], -1, left)).toEqual(NOTHING_LEARNED);
  });
  test('it stays within what the thing can be, and what is no coefficient is let be', () => {
    expect(belief(Array.from({ length: 50 }, () => said(9, 0)))?.mean).toBe(COEFFICIENTS.hold.high);
    expect(together(NOTHING_LEARNED, said(1, 0.1, 'wish:bag'), 1)).toEqual(NOTHING_LEARNED);
    expect(beliefsFrom([{ coefficient: 'wish:bag', n: 3, weight: 1, weighted: 1 }])).toEqual({});
  });
});

describe('what a batch says', () => {
  const fit = (coefficient: string, value: number, sd: number, leftOver = 0): Fit => ({
    coefficient,
    value,
    sd,
    leftOver,
    step: 's',
    what: 'w',
  });
  test('one evidence a coefficient: the mean of its logarithms; what no value explains is left out', () => {
    const e = evidenceOf([
      fit(HOLD, 2, 0.3),
      fit(HOLD, 0.5, 0.4),
      fit('hob:hob', 1.2, 0.1),
      fit('steam:pot', 4, 0.1, 30),
    ]);
    expect(e.map((x) => x.coefficient)).toEqual([HOLD, 'hob:hob']);
    expect(e[0]?.ln).toBeCloseTo(0, 12);
    expect(e[0]?.sd).toBeCloseTo(0.25, 12);
    expect(e[1]?.ln).toBeCloseTo(Math.log(1.2), 12);
  });
});

test('ten weighed batches of a bag that holds more: the next milk is foretold twice as well', () => {
  const soy = METHODS.find((m) => m.id === 'soy-no-soak') ?? METHODS[0];
  if (!soy) throw new Error('no school');
  const recipe = recipeOf(soy);
  const strain = recipe.steps.find((s) => s.kind === 'strain');
  if (!strain) throw new Error('no strain');
  const random = seededRandom(12);
  const milk = (beliefs: Parameters<typeof fold>[1]['beliefs']): number =>
    fold(recipe, { kit: USUAL_KIT, beliefs }).stages.find((s) => s.step === strain.id)?.figures.milkG ?? 0;
  let had: Omit<Learned, 'coefficient'> = NOTHING_LEARNED;
  const hidden = 1.5;
  for (let i = 0; i < 10; i += 1) {
    const day = Math.exp(0.5 * sigma * (random() + random() + random() - 1.5) * 2);
    const bag = { mean: hidden * day, n: 1, ...COEFFICIENTS.hold };
    const value = Math.round(milk({ [HOLD]: bag }));
    const weighed: Reading = { id: `r${i}`, step: strain.id, what: 'milkG', value, source: 'cook' };
    const o = fold(recipe, { ...unlearned(USUAL_KIT), readings: [weighed] });
    for (const e of evidenceOf(o.fits)) had = together(had, e, 1);
  }
  const truth = milk({ [HOLD]: { mean: hidden, n: 1, ...COEFFICIENTS.hold } });
  const before = Math.abs(milk({}) - truth);
  const after = Math.abs(milk(beliefsFrom([{ coefficient: HOLD, ...had }])) - truth);
  expect(before).toBeGreaterThan(5);
  expect(after).toBeLessThan(before / 2);
});
test('ranges are drawn about what was learned, as widely as it is known', () => {
  const bag = { mean: 2, sd: 0.001, n: 40, low: 0.4, high: 2.5 };
  const drawn = sampleBeliefs({ kit: USUAL_KIT, beliefs: { [HOLD]: bag } }, [], seededRandom(3));
  expect(drawn[HOLD]?.mean).toBeGreaterThan(1.98);
  expect(drawn[HOLD]?.mean).toBeLessThan(2.02);
});
test('only what is known of the things and foods of a plan stands behind it', () => {
  const soy = METHODS.find((m) => m.id === 'soy-no-soak');
  if (!soy) throw new Error('no school');
  const b = (n: number) => ({ mean: 1.1, sd: 0.1, n, low: 0.4, high: 2.5 });
  const behind = (beliefs: Parameters<typeof taughtBy>[1]['beliefs']) =>
    taughtBy(recipeOf(soy), { kit: USUAL_KIT, beliefs });
  expect(behind({})).toBe(0);
  expect(behind({ [HOLD]: b(4), 'opening:soybeans': b(6), 'hold:sieve': b(9), 'opening:rice': b(11) })).toBe(6);
});
