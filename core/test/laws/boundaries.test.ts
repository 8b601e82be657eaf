import { expect, test, describe } from '@jest/globals';
import {
  boilingC,
  dissolvingTimes,
  freezerFill,
  glucanThickening,
  glucanVolume,
  kneadedShare,
  layered,
  openingTimes,
  pelegHours,
  cooledC,
  coverWater,
  enzymeDeathPerMin,
  flavourPerMin,
  foamFactor,
  heatUpS,
  iceKg,
  inhibitorLeft,
  inhibitorPace,
  jugC,
  jugFillShare,
  labileLeft,
  latentKJPerKg,
  leftAfter,
  longestSoakH,
  mixedC,
  openedShare,
  passingShare,
  pasteurisingPace,
  pelegGain,
  pelegK1,
  pressurePa,
  rittingerUm,
  roundAreaM2,
  secondsTo,
  solidsLossPace,
  solidsLossShare,
  spoilagePace,
  stableLeft,
  steamGPerS,
  timeConstantS,
  underflow,
  vesselKJPerK,
} from '../../src/laws';

/** Each law at nothing, at its limits, and beyond them. */
describe('at nothing', () => {
  test.each<[string, number, number]>([
    ['no time soaks nothing', pelegGain(0, 0.7, 0), 0],
    ['what was drunk stays drunk', pelegGain(0.4, 0.7, 0), 0.4],
    ['no time loses nothing into the water', solidsLossShare(0), 0],
    ['no minutes leave all of the inhibitor', inhibitorLeft(0, 0.7), 1],
    ['of either phase', labileLeft(0) + stableLeft(0), 2],
    ['no energy opens nothing', openedShare(0, 0, 19), 0],
    ['and leaves the size', rittingerUm(5000, 0), 5000],
    ['a jug that does not run does not warm', jugC(20, 400, 4, 20, 0), 20],
    ['already hot needs no time', heatUpS(8, 100, 100, 1800, 0.65), 0],
    ['hotter still needs none either', heatUpS(8, 100, 90, 1800, 0.65), 0],
    ['no washes leave all', leftAfter(300, 300, []), 1],
    ['a wash with no water leaves all', leftAfter(300, 300, [0]), 1],
    ['nothing to cool needs no ice', iceKg(0, 5, 3, 5), 0],
    ['no time does not cool', cooledC(95, 20, 3600, 0), 95],
    ['where it is already it takes no time', secondsTo(20, 20, 4, 3600) ?? -1, 0],
    ['no foam, no more volume', foamFactor(0, 0), 1],
    ['no liquid, nothing kept', underflow(0, 50, 3.6, 1.1), 0],
    ['no insolubles, nothing kept', underflow(500, 0, 3.6, 1.1), 0],
    ['a vessel of no weight takes no heat', vesselKJPerK({ made: 'steel', massG: 0 }), 0],
  ])('%s', (_, got, want) => expect(got).toBeCloseTo(want, 9));
});

describe('at the limits', () => {
  test('full is full, however long', () => expect(pelegGain(0, 0.7, 1e12) * 0.7).toBeCloseTo(1, 6));
  test('the last of the loss is nine per cent', () => {
    expect(solidsLossShare(240)).toBeCloseTo(0.0875 + (0.09 - 0.0875) * ((240 - 230) / 10), 1);
    expect(solidsLossShare(1e6)).toBe(solidsLossShare(300));
  });
  test('all energy opens all', () => expect(openedShare(0, 1e4, 19)).toBeCloseTo(1, 9));
  test('the finest powder passes everything, the whole bean almost nothing', () => {
    expect(passingShare(100, 0.1)).toBeCloseTo(1, 6);
    expect(passingShare(100, 5000)).toBeLessThan(0.004);
  });
  test('a running jug settles where loss equals power', () =>
    expect(jugC(20, 400, 4, 20, 1e7)).toBeCloseTo(20 + 400 / 1.6, 6));
  test('never below what stands around', () => {
    expect(cooledC(95, 20, 3600, 1e9)).toBeCloseTo(20, 6);
    expect(secondsTo(95, 19, 20, 3600)).toBeNull();
  });
  test('warming up is cooling the other way: fridge milk on the counter', () => {
    const s = secondsTo(4, 12, 20, 3600) ?? 0;
    expect(cooledC(4, 20, 3600, s)).toBeCloseTo(12, 9);
  });
});

describe('in the right direction', () => {
  const rising = (f: (x: number) => number, xs: readonly number[]) =>
    xs.forEach((x, i) => i > 0 && expect(f(x)).toBeGreaterThan(f(xs[i - 1] as number)));
  const falling = (f: (x: number) => number, xs: readonly number[]) => rising((x) => -f(x), xs);
  test('warmer soaks quicker, loses more, spoils quicker', () => {
    falling((c) => pelegK1(0.7, c), [0, 10, 20, 40, 80, 100]);
    rising(solidsLossPace, [26, 40, 60, 100]);
    rising(spoilagePace, [-1, 0, 4, 10, 25, 37]);
    falling(longestSoakH, [0, 4, 15, 21, 30, 45]);
  });
  test('hotter kills quicker: inhibitor, germs, enzyme', () => {
    rising(inhibitorPace, [60, 80, 93, 100, 121]);
    rising(pasteurisingPace, [60, 70, 72, 85]);
    rising(enzymeDeathPerMin, [60, 80, 90, 100]);
  });
  test('flavour is made quickest at 40 °C', () => {
    rising(flavourPerMin, [0, 10, 20, 39.9]);
    falling(flavourPerMin, [40, 60, 80, 100]);
  });
  test('higher is thinner air and a cooler boil', () => {
    falling(pressurePa, [-400, 0, 640, 1500, 3000, 5000]);
    falling(boilingC, [-400, 0, 640, 1500, 3000, 5000]);
    falling(latentKJPerKg, [0, 50, 100]);
  });
  test('wider pots steam and cool more; more to heat takes longer', () => {
    rising((d) => steamGPerS('gentle', d), [10, 20, 30]);
    rising((v) => roundAreaM2(v, 22), [500, 1000, 3000]);
    falling((a) => timeConstantS(8, 12, a), [0.05, 0.1, 0.2]);
    rising((c) => heatUpS(c, 20, 100, 1800, 0.65), [1, 4, 8]);
    rising((cm) => coverWater(186, 243, 20, cm), [0, 1, 3]);
  });
  test('foam stands for a while and is gone', () => falling((s) => foamFactor(0.3, s), [0, 300, 900, 7200]));
  test('a jug that foams or is hot takes less', () => {
    expect(jugFillShare(0, 20)).toBe(1);
    falling((f) => jugFillShare(f, 20), [0, 0.05, 0.1, 0.2, 0.3]);
    expect(jugFillShare(0.3, 60.1)).toBeLessThan(jugFillShare(0.3, 60));
  });
  test('a mixture lies between its parts', () => {
    const t = mixedC([
      [4, 90],
      [1, 10],
      [0.5, 20],
    ]);
    expect(t).toBeGreaterThan(10);
    expect(t).toBeLessThan(90);
  });
});

describe('out of range: a RangeError that names the argument and its bounds', () => {
  test.each<[string, () => unknown, RegExp]>([
    ['altitude', () => boilingC(6000), /altitude is 6000; it must be -400 to 5000/],
    ['altitude, NaN', () => pressurePa(NaN), /altitude is NaN/],
    ['power', () => heatUpS(8, 20, 100, 0, 0.65), /power is 0/],
    ['efficiency', () => heatUpS(8, 20, 100, 1800, 1.4), /efficiency is 1.4/],
    ['energy', () => rittingerUm(5000, -1), /energy is -1/],
    ['pot diameter', () => steamGPerS('hard', 0), /pot diameter is 0/],
    ['diameter', () => roundAreaM2(1000, 0), /diameter is 0/],
    ['area', () => timeConstantS(8, 12, 0), /area is 0/],
    ['insoluble', () => underflow(100, -5, 3, 1), /insoluble is -5/],
    ['temperature', () => longestSoakH(80), /temperature is 80/],
    ['integral', () => pelegGain(0, 0.7, -1), /integral is -1/],
    ['bowl diameter', () => coverWater(100, 100, 0, 2), /bowl diameter is 0/],
    ['temperature of a soak', () => pelegK1(0.7, 200), /temperature is 200; it must be -40 to 150/],
    ['share of full uptake', () => pelegHours(0.7, 0.7, 0, 1), /share of full uptake is 1/],
    ['hours', () => solidsLossShare(-1), /hours is -1/],
    ['opened share', () => openedShare(1.2, 5, 19), /opened share is 1.2/],
    ['opening energy', () => openedShare(0, 5, 0), /opening energy is 0/],
    ['a share that would need for ever', () => openingTimes(0.5, 1), /share wanted is 1/],
    ['a share of nothing', () => dissolvingTimes(0, 0.5), /share is 0/],
    ['thickening', () => glucanVolume(0.5), /thickening is 0.5; it must be 1 to 300/],
    ['uncut', () => glucanThickening(0.01, 2), /uncut is 2/],
    ['opened a run', () => kneadedShare(0, 1.5, 300), /opened a run is 1.5/],
    ['layers', () => layered(500, 0), /layers is 0/],
    ['heat capacity', () => jugC(20, 400, 0, 20, 5), /heat capacity is 0/],
    ['nothing mixed', () => mixedC([]), /heat capacity of what is mixed is 0/],
    ['time constant', () => cooledC(90, 20, 0, 5), /time constant is 0/],
    ['time constant of a wait', () => secondsTo(90, 30, 20, -3), /time constant is -3/],
    ['liquid', () => underflow(-1, 5, 3, 1), /liquid is -1/],
    ['foam', () => foamFactor(-0.1, 0), /foam is -0.1/],
    ['water share', () => freezerFill(1.1, 1), /water share is 1.1/],
  ])('%s', (_, call, say) => {
    expect(call).toThrow(RangeError);
    expect(call).toThrow(say);
  });
});

describe('an inverse undoes its law', () => {
  test.each([
    [0, 0.3],
    [0, 0.9],
    [0.4, 0.95],
  ])('Peleg: from %f of full to %f', (from, to) => {
    const [k1, k2] = [0.7, 0.72];
    const hours = pelegHours(k1, k2, from, to);
    expect(pelegGain(from / k2, k2, hours / k1) * k2).toBeCloseTo(to, 9);
  });
  test('Peleg: what is there already needs no time', () => expect(pelegHours(0.7, 0.7, 0.95, 0.9)).toBe(0));
  /** 90 % of full uptake of soybeans at 20 °C with K1 0.70 h and K2 0.70: nine hours, 9·K1/K2. */
  test('Peleg: nine times K1/K2 to nine tenths', () => expect(pelegHours(0.7, 0.7, 0, 0.9)).toBeCloseTo(9, 9));
  test.each([1, 1.2, 3, 40])('Martin: thickened %f times', (times) => {
    const x = glucanVolume(times);
    expect(1 + x * Math.exp(0.4 * x)).toBeCloseTo(times, 7);
    expect(glucanThickening(x / 650, 1)).toBeCloseTo(times, 7);
  });
  test.each([
    [0.2, 0.85],
    [0.7, 0.5],
  ])('opening: from what opened %f to %f', (has, wants) => {
    const energy = 13;
    const opening = -energy / Math.log(1 - has);
    expect(openedShare(0, energy, opening)).toBeCloseTo(has, 9);
    expect(openedShare(0, energy * openingTimes(has, wants), opening)).toBeCloseTo(wants, 9);
    expect(dissolvingTimes(has, wants)).toBe(openingTimes(has, wants));
  });
});
