import { describe, expect, test } from '@jest/globals';
import { fold } from '../../src/batch';
import { sampleBeliefs, taughtBy } from '../../src/questions';
import { COEFFICIENTS, unlearned, USUAL_KIT } from '../../src/kitchen';
import { beliefsFrom, evidenceOf, learn } from '../../src/learning';
import type { Learned, LeftOut, Seen } from '../../src/learning';
import { METHODS, recipeOf } from '../../src/methods';
import { seededRandom } from '../../src/numerics';
import type { Fit, Reading } from '../../src/steps';

const HOLD = 'hold:fine-bag';
const said = (ln: number, sd = 0.02): Pick<Seen, 'ln' | 'sd'> => ({ ln, sd });
const seen = (all: readonly Pick<Seen, 'ln' | 'sd'>[]): readonly Seen[] =>
  all.map((s, i) => ({ ...s, batch: `b${i}`, at: 1000 + i }));
const learned = (all: readonly Pick<Seen, 'ln' | 'sd'>[], leftOut?: LeftOut, id = HOLD): Learned | null =>
  learn(id, seen(all), leftOut);
const belief = (all: readonly Pick<Seen, 'ln' | 'sd'>[], leftOut?: LeftOut) => {
  const l = learned(all, leftOut);
  return beliefsFrom(l ? [l] : [])[HOLD];
};
const sigma = COEFFICIENTS.hold.sd;
const day2 = (0.5 * sigma) ** 2;

describe('what a kitchen learns of a thing', () => {
  /**
   * Normal prior N(μ0, τ0²), one observation of known variance σ²: posterior precision 1/τ0² + 1/σ², mean their weighted
   * mean (Gelman et al., Bayesian Data Analysis, 3rd ed., eq. 2.9–2.10; from memory of the source). Prior mean 0, and the
   * observation's variance is the reading's with the day's. From the fourth on, how widely they lie counts too.
   */
  test.each([
    [1, 0.3, 0.02],
    [2, -0.2, 0.1],
    [3, 0.15, 0.0],
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
    expect(learned([])).toBeNull();
  });
  test('the spread falls with every batch, and never below what even a steady day may bring', () => {
    const sds = [1, 2, 5, 20, 1000].map((n) => belief(Array.from({ length: n }, () => said(0.1)))?.sd ?? NaN);
    expect(sds).toEqual([...sds].sort((a, b) => b - a));
    expect(sds[0]).toBeLessThan(sigma);
    expect(sds[4]).toBeGreaterThan(0.75 * 0.5 * sigma);
  });
  test('what is left out was never said; all before an instant too, and later batches still count', () => {
    const all = [said(0.3, 0.01), said(-0.1, 0.2), said(0.1)];
    expect(belief(all, { batches: ['b0'], beforeAt: null })).toEqual(belief(all.slice(1)));
    expect(belief(all, { batches: [], beforeAt: 1002 })).toEqual(belief(all.slice(2)));
    expect(belief(all, { batches: ['b2'], beforeAt: 1002 })).toBeUndefined();
  });
  test('it stays within what the thing can be, and what is no coefficient is let be', () => {
    expect(belief(Array.from({ length: 50 }, () => said(9, 0)))?.mean).toBe(COEFFICIENTS.hold.high);
    expect(learned([said(1)], undefined, 'wish:bag')).toBeNull();
    expect(beliefsFrom([{ coefficient: 'wish:bag', n: 3, mean: 2, sd: 0.1, odd: [], changed: null }])).toEqual({});
  });
  test('one odd reading among seven moves it less than a tenth of what it says, and is named', () => {
    const six = [0.02, -0.05, 0.08, 0.01, -0.03, 0.06].map((ln) => said(ln));
    const without = belief(six)?.mean ?? NaN;
    const all = learned([...six.slice(0, 3), said(0.9), ...six.slice(3)]);
    expect(all?.odd).toEqual(['b3']);
    expect(Math.abs(Math.log((all?.mean ?? NaN) / without))).toBeLessThan(0.02);
    expect(all?.changed).toBeNull();
    // Of two nobody can say which is the odd one.
    expect(learned([said(0), said(0.9)])?.odd).toEqual([]);
  });
  test('a bag that clogs: from where it changed on, the new level counts, and the old one no more', () => {
    const random = seededRandom(5);
    const day = (): number => 0.5 * sigma * (random() + random() + random() - 1.5);
    const before = Array.from({ length: 8 }, () => said(day()));
    const after = Array.from({ length: 6 }, () => said(0.45 + day()));
    const l = learned([...before, ...after]);
    expect(l?.changed?.batch).toBe('b8');
    expect(l?.n).toBe(6);
    expect(l?.changed?.from).toBeCloseTo(1, 0);
    expect(Math.log(l?.mean ?? NaN)).toBeGreaterThan(0.3);
  });
  test('only the newest two hundred are looked at', () => {
    const all = Array.from({ length: 500 }, (_, i) => said(i < 300 ? -0.5 : 0.2));
    expect(learned(all)?.n).toBe(200);
    expect(learned(all)?.changed).toBeNull();
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
  const had: Seen[] = [];
  const hidden = 1.5;
  for (let i = 0; i < 10; i += 1) {
    const day = Math.exp(0.5 * sigma * (random() + random() + random() - 1.5) * 2);
    const bag = { mean: hidden * day, n: 1, ...COEFFICIENTS.hold };
    const value = Math.round(milk({ [HOLD]: bag }));
    const weighed: Reading = { id: `r${i}`, step: strain.id, what: 'milkG', value, source: 'cook' };
    const o = fold(recipe, { ...unlearned(USUAL_KIT), readings: [weighed] });
    for (const e of evidenceOf(o.fits)) if (e.coefficient === HOLD) had.push({ ...e, batch: `b${i}`, at: i });
  }
  const truth = milk({ [HOLD]: { mean: hidden, n: 1, ...COEFFICIENTS.hold } });
  const before = Math.abs(milk({}) - truth);
  const l = learn(HOLD, had);
  const after = Math.abs(milk(beliefsFrom(l ? [l] : [])) - truth);
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
