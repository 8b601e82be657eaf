import { describe, expect, test } from '@jest/globals';
import { clearAt, expectedApproach, fittedApproach, judgedClear } from '../../src/learning';
import { normal, seededRandom } from '../../src/numerics';
import { approached } from '../../src/steps';

const prior = expectedApproach([1, 6, 24, 72].map((hours) => ({ hours, share: approached(0.3, 0.1, hours) })));

test('what is expected as an approach goes through it: half of the end at the right hour', () => {
  expect(prior.finalShare).toBeCloseTo(0.3, 2);
  expect(clearAt(prior, Math.LN2 / prior.perH).share).toBeCloseTo(prior.finalShare / 2, 9);
  expect(prior.perH).toBeGreaterThan(0.05);
  expect(prior.perH).toBeLessThan(0.2);
});
test('a milk that is not expected to clear still has an approach, near none', () => {
  const none = expectedApproach([1, 6, 24, 72].map((hours) => ({ hours, share: 0 })));
  expect(clearAt(none, 72).share).toBeLessThan(0.02);
  expect(judgedClear({ hours: 24, share: 0.2 }, none)).toBe('more');
  expect(judgedClear({ hours: 24, share: 0.01 }, none)).toBe('normal');
});

describe('the looks of a milk', () => {
  test('none leave what was expected; one moves it part of the way; many decide', () => {
    expect(fittedApproach([], prior)).toEqual(prior);
    const truth = (hours: number) => ({ hours, share: approached(0.5, 0.25, hours) });
    const one = fittedApproach([truth(10)], prior);
    const many = fittedApproach([1, 2, 4, 8, 16, 30, 60].map(truth), prior);
    expect(one.finalShare).toBeGreaterThan(prior.finalShare);
    expect(many.finalShare).toBeCloseTo(0.5, 1);
    expect(many.perH / 0.25).toBeGreaterThan(0.85);
    expect(many.perH / 0.25).toBeLessThan(1.15);
    expect(many.sdFinal).toBeLessThan(one.sdFinal);
  });
  test('an answer known beforehand, read to two hundredths: inside the band four times in five', () => {
    const random = seededRandom(11);
    let inside = 0;
    const runs = 200;
    for (let i = 0; i < runs; i += 1) {
      const end = prior.finalShare * Math.exp(prior.sdFinal * normal(random));
      const rate = prior.perH * Math.exp(prior.sdRate * normal(random));
      const seen = [2, 6, 12, 26].map((hours) => ({
        hours,
        share: Math.max(0, approached(Math.min(1, end), rate, hours) + 0.02 * normal(random)),
      }));
      const b = clearAt(fittedApproach(seen, prior), 48);
      const truth = approached(Math.min(1, end), rate, 48);
      if (b.low <= truth && truth <= b.high) inside += 1;
    }
    expect(inside / runs).toBeGreaterThan(0.75);
  });
  test('normal for this milk, or more than usual', () => {
    const at = (share: number) => judgedClear({ hours: 24, share }, prior);
    expect(at(clearAt(prior, 24).share)).toBe('normal');
    expect(at(0.7)).toBe('more');
    expect(at(0.02)).toBe('less');
  });
});
