import { describe, expect, test } from '@jest/globals';
import { fold } from '../../src/batch';
import { evolve, unlearned } from '../../src/kitchen';
import type { Stream } from '../../src/kitchen';
import { methodById, recipeOf } from '../../src/methods';
import { seededRandom } from '../../src/numerics';
import { calibrationFault, driedSolids, funnelTells, gPerMlOf, solidsOf, weighedSolids } from '../../src/steps';
import type { Calibration } from '../../src/steps';
import { calibrationText, funnelText, measuredText } from '../../src/words';
import { SEA } from '../batch/kitchen';

const CAL: Calibration = { waterS: [22.4, 22.5, 22.3], syrupS: [28, 28.1, 27.9], syrup: 40 };
function milk(id: string): Stream {
  const m = methodById(id);
  const s = m && fold(recipeOf(m), unlearned(SEA)).products.milk;
  if (!s) throw new Error(id);
  return s;
}
const soy = milk('soy-washed');

describe('a funnel', () => {
  test('water is water: one times itself, within its own spread, and thin', () => {
    const w = funnelTells({ runsS: CAL.waterS, c: 20, cal: CAL }, 0.9982);
    expect(Math.abs((w?.relative ?? 0) - 1)).toBeLessThan(0.01);
    expect(w?.word).toBe('thin');
  });
  test('its syrup comes back as what it was made of', () => {
    const y = funnelTells({ runsS: CAL.syrupS, c: 20, cal: CAL }, 1.176);
    expect(y?.mPaS).toBeCloseTo(6.15, 1);
    expect(y?.word).toBe('creamy');
  });
  test('slower is thicker; three runs tell better than one; runs that scatter tell less', () => {
    const at = (runsS: readonly number[]) => funnelTells({ runsS, c: 20, cal: CAL }, 1.01);
    expect(at([24.5])?.mPaS).toBeLessThan(at([26])?.mPaS ?? 0);
    expect(at([24.5, 24.5, 24.5])?.sd).toBeLessThan(at([24.5])?.sd ?? 0);
    expect(at([23.5, 24.5, 25.5])?.sd).toBeGreaterThan(at([24.5, 24.5, 24.5])?.sd ?? Infinity);
  });
  test('faster than water is out of range; without a syrup it tells nothing', () => {
    expect(funnelTells({ runsS: [20, 20.1, 19.9], c: 20, cal: CAL }, 1.01)).toBeNull();
    expect(funnelTells({ runsS: [24], c: 20, cal: { ...CAL, syrupS: [] } }, 1.01)).toBeNull();
    expect(
      [CAL, { ...CAL, syrupS: [] }, { ...CAL, syrupS: [20] }, { ...CAL, syrupS: [23.5] }].map(calibrationFault),
    ).toEqual([null, 'none', 'syrupNotSlower', 'tooWide']);
    expect(calibrationText('tooWide')).toMatch(/narrower stem/);
  });
  test('its range holds: of 300 cooks with a shaking hand, seven in ten have the truth within one σ', () => {
    const random = seededRandom(5);
    const normal = () => Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
    // The ISO cup, a milk of 2.5 mm²/s: t from .443·t − 200/t = ν.
    const seconds = (nu: number) => (nu + Math.sqrt(nu * nu + 4 * 0.443 * 200)) / (2 * 0.443);
    const runs = (nu: number) => [1, 2, 3].map(() => seconds(nu) + 0.2 * normal());
    let inside = 0;
    for (let i = 0; i < 300; i += 1) {
      const cal: Calibration = { waterS: runs(1.0034), syrupS: runs(6.15 / 1.176), syrup: 40 };
      const t = funnelTells({ runsS: runs(2.5), c: 20, cal }, 1);
      if (t && Math.abs(t.mPaS - 2.5) <= t.sd) inside += 1;
    }
    expect(inside / 300).toBeGreaterThan(0.6);
    expect(inside / 300).toBeLessThan(0.9);
  });
});

describe('strength', () => {
  test('a spoonful dried: 15 g of milk that leave 1 g are 6.7 %, ± by the scale', () => {
    const tenths = driedSolids({ emptyG: 40.2, wetG: 55.2, dryG: 41.2 });
    expect(tenths?.x).toBeCloseTo(1 / 15, 9);
    const grams = driedSolids({ emptyG: 40, wetG: 55, dryG: 41 });
    expect(grams?.sd).toBeGreaterThan(4 * (tenths?.sd ?? Infinity));
    expect(driedSolids({ emptyG: 40, wetG: 55, dryG: 39 })).toBeNull();
    expect(driedSolids({ emptyG: 40, wetG: 41, dryG: 45 })).toBeNull();
  });
  test('a full measure of milk weighs what its density says, and so tells its strength again', () => {
    const water = 500;
    const milkG = (water / 0.9982) * gPerMlOf(soy);
    const told = weighedSolids({ emptyG: 100.1, waterG: 100.1 + water, milkG: 100.1 + milkG }, soy);
    expect(Math.abs((told?.x ?? 0) - solidsOf(soy))).toBeLessThan(0.001);
    expect(told?.sd).toBeLessThan(0.002);
    // Half a litre on a scale that shows grams tells it to a good third of a per cent, no better.
    expect(weighedSolids({ emptyG: 100, waterG: 600, milkG: 606 }, soy)?.sd).toBeGreaterThan(0.003);
  });
  test('where fat is as light as the rest is heavy, its weight says nothing, and that is said', () => {
    const fatty = evolve(soy, { released: { ...soy.released, protein: 4, sugars: 2, starch: 0, fat: 75 } });
    expect(weighedSolids({ emptyG: 100, waterG: 600, milkG: 601 }, fatty)).toBeNull();
    expect(weighedSolids({ emptyG: 600, waterG: 100, milkG: 700 }, soy)).toBeNull();
  });
});

test('in words: the figure, its range, and what was expected beside it', () => {
  const told = funnelTells({ runsS: [24.5, 24.6, 24.4], c: 20, cal: CAL }, 1.01);
  if (!told) throw new Error('nothing');
  expect(funnelText(told)).toMatch(/^24\.5 s: \d\.\d mm²\/s, \d\.\d ± \d\.\d mPa·s, \d\.\d ± \d\.\d times water: /);
  const lines = measuredText({
    body: { told, expected: 2 },
    solids: [
      { by: 'dried', told: { x: 0.05, sd: 0.002 }, expected: 0.07 },
      { by: 'full', told: { x: 0.07, sd: 0.01 }, expected: 0.07 },
    ],
  });
  expect(lines.map((l) => l[2])).toEqual([
    'expected: 2.0 times water',
    expect.stringMatching(/^expected: 7/),
    expect.stringMatching(/^as expected: 7/),
  ]);
});
