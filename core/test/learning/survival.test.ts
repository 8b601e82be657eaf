import { describe, expect, test } from '@jest/globals';
import { kaplanMeier, trustedDays, weibullBand, weibullFit, weibullLoss, weibullShare } from '../../src/learning';
import type { Lasted } from '../../src/learning';
import { seededRandom } from '../../src/numerics';

/** Freireich et al. 1963, the 6-MP arm: weeks in remission; + is right-censored. */
const FREIREICH = [
  6,
  6,
  6,
  '6+',
  7,
  '9+',
  10,
  '10+',
  '11+',
  13,
  16,
  '17+',
  '19+',
  '20+',
  22,
  23,
  '25+',
  '32+',
  '32+',
  '34+',
  '35+',
];
const arm: readonly Lasted[] = FREIREICH.map((x) =>
  typeof x === 'number' ? { fineD: x, turnedD: x } : { fineD: parseFloat(x), turnedD: null },
);
/** Twelve jars of ours: last fine, found turned (null: drunk in time), days. */
const OURS: readonly Lasted[] = (
  [
    [2.1, null],
    [3.0, 3.9],
    [3.4, 4.1],
    [2.8, null],
    [1.9, null],
    [4.0, 4.8],
    [3.5, null],
    [2.5, 3.6],
    [3.1, null],
    [2.2, null],
    [4.4, 5.2],
    [3.9, 4.5],
  ] as const
).map(([fineD, turnedD]) => ({ fineD, turnedD }));

describe('Kaplan & Meier', () => {
  test.each([
    [6, 0.857],
    [7, 0.807],
    [10, 0.753],
    [13, 0.69],
    [16, 0.627],
    [22, 0.538],
    [23, 0.448],
  ])('Freireich et al. 1963, 6-MP: S(%d) = %d (models §9)', (d, share) => {
    expect(kaplanMeier(arm).find((s) => s.d === d)?.share).toBeCloseTo(share, 3);
  });
  test('its 80 % band and who is at risk, beside R’s survival 3.5-3 (survfit, conf.type "log-log", conf.int .8)', () => {
    const at = (d: number) => kaplanMeier(arm).find((s) => s.d === d);
    expect(at(6)?.low).toBeCloseTo(0.7237598, 6);
    expect(at(6)?.high).toBeCloseTo(0.9291356, 6);
    expect(at(16)?.low).toBeCloseTo(0.4638014, 6);
    expect(at(23)?.low).toBeCloseTo(0.2735144, 6);
    expect(at(23)?.high).toBeCloseTo(0.6084495, 6);
    expect([at(6)?.atRisk, at(10)?.atRisk, at(23)?.atRisk]).toEqual([21, 15, 6]);
  });
  test('jars that were drunk in time do not pull it down, jars that turned do', () => {
    const turned = { fineD: 3, turnedD: 4 };
    const alone = kaplanMeier([turned, turned]).at(-1)?.share;
    const among = kaplanMeier([turned, turned, ...Array.from({ length: 8 }, () => ({ fineD: 5, turnedD: null }))]);
    expect(alone).toBe(0);
    expect(among.at(-1)?.share).toBeCloseTo(0.8, 9);
    expect(kaplanMeier([{ fineD: 2, turnedD: null }]).map((s) => s.share)).toEqual([1]);
    expect(kaplanMeier([])).toEqual([{ d: 0, share: 1, low: 1, high: 1, atRisk: 0 }]);
  });
});

describe('Weibull', () => {
  test('k 2, λ 5: S(4) = .52729 (models §7)', () => {
    expect(weibullShare(2, 5, 4)).toBeCloseTo(0.52729, 5);
    expect(weibullShare(2, 5, 0)).toBe(1);
  });
  test('right-censored: Freireich’s arm beside R’s survival 3.5-3 (survreg): shape 1.353735, scale 33.765151', () => {
    const f = weibullFit(arm);
    expect(f?.k).toBeCloseTo(1.353735, 4);
    expect(f?.lambda).toBeCloseTo(33.765151, 2);
    expect(f?.logLikelihood).toBeCloseTo(-41.658678, 4);
    // survreg tells the variance of ln λ and of ln(1/k).
    expect(f?.cov[2]).toBeCloseTo(0.074730568, 4);
    expect(f?.cov[0]).toBeCloseTo(0.077505382, 4);
    expect(f?.cov[1]).toBeCloseTo(-0.033058106, 4);
  });
  test('interval- and right-censored: twelve jars beside survreg: shape 9.893949, scale 4.210097', () => {
    const f = weibullFit(OURS);
    expect(f?.k).toBeCloseTo(9.893949, 2);
    expect(f?.lambda).toBeCloseTo(4.210097, 4);
    expect(f?.logLikelihood).toBeCloseTo(-6.784547, 5);
  });
  test('the likelihood by hand: one turned between 3 and 4, one fine at 2', () => {
    const s = (d: number) => Math.exp(-((d / 5) ** 2));
    expect(
      weibullLoss(
        [
          { fineD: 3, turnedD: 4 },
          { fineD: 2, turnedD: null },
        ],
        2,
        5,
      ),
    ).toBeCloseTo(-Math.log(s(3) - s(4)) - Math.log(s(2)), 9);
  });
  test('seven jars of which one turned cannot say; nor can jars of which none did', () => {
    const fine = Array.from({ length: 6 }, () => ({ fineD: 3, turnedD: null }));
    expect(weibullFit([...fine, { fineD: 2, turnedD: 3 }])).toBeNull();
    expect(weibullFit([...fine, ...fine, ...fine])).toBeNull();
  });
  test('from kitchens drawn at random, a known truth lies in the band about as often as it says', () => {
    const random = seededRandom(5);
    let inside = 0;
    const runs = 200;
    for (let r = 0; r < runs; r += 1) {
      const jars = Array.from({ length: 40 }, (): Lasted => {
        const turns = 5 * (-Math.log(1 - random())) ** (1 / 4);
        const drunk = 2 + 4 * random();
        const look = Math.floor(turns / 0.5) * 0.5;
        return drunk < turns ? { fineD: drunk, turnedD: null } : { fineD: look, turnedD: look + 0.5 };
      });
      const f = weibullFit(jars);
      const b = f ? weibullBand(f, 4) : null;
      if (b && b.low <= weibullShare(4, 5, 4) && weibullShare(4, 5, 4) <= b.high) inside += 1;
    }
    expect(inside / runs).toBeGreaterThan(0.72);
    expect(inside / runs).toBeLessThan(0.88);
  });
  test('more jars that did well let it be trusted longer; never as long as the middle of the curve would', () => {
    const few = weibullFit(OURS);
    const many = weibullFit([...OURS, ...OURS, ...OURS]);
    if (!few || !many) throw new Error('no fit');
    expect(trustedDays(many)).toBeGreaterThan(trustedDays(few));
    expect(weibullShare(many.k, many.lambda, trustedDays(many))).toBeGreaterThan(0.9);
    expect(weibullBand(many, trustedDays(many)).low).toBeCloseTo(0.9, 6);
  });
});
