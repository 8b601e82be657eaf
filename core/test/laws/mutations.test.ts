import { describe, expect, test } from '@jest/globals';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { failsWith } from './mutated';

/** One constant of each law: shifted by 5 %, a known answer must fail. [file, text as it stands, text shifted] */
const MUTATIONS = [
  ['hydration.ts', 'const SOAK_EA = 30_000', 'const SOAK_EA = 33_000'],
  ['hydration.ts', '12 * (31 / (t + 10)) ** 2', '12.6 * (31 / (t + 10)) ** 2'],
  ['comminution.ts', 'RITTINGER_PER_MM = 0.14', 'RITTINGER_PER_MM = 0.147'],
  ['comminution.ts', '0.25 : 0.15', '0.2625 : 0.1575'],
  ['boiling.ts', '1730.63 / (8.07131', '1734.9 / (8.07131'],
  ['boiling.ts', '2.25577e-5', '2.3686e-5'],
  ['boiling.ts', 'electric: 0.65', 'electric: 0.6825'],
  ['boiling.ts', 'gentle: 1.6', 'gentle: 1.68'],
  ['inactivation.ts', 'labileDMin: 10', 'labileDMin: 10.5'],
  ['inactivation.ts', 'stableDMin: 60', 'stableDMin: 63'],
  ['inactivation.ts', 'zC: 29', 'zC: 30.45'],
  ['inactivation.ts', '(c - 70)) / 7.5', '(c - 70)) / 7.1'],
  ['oxidation.ts', 'Math.LN10 / 2', 'Math.LN10 / 2.3'],
  ['oxidation.ts', '3 * Math.exp', '2.4 * Math.exp'],
  ['mixing.ts', 'capacity += kJPerK', 'capacity += 1.05 * kJPerK'],
  ['mixing.ts', 'meltKJPerKg: 334', 'meltKJPerKg: 350.7'],
  ['cooling.ts', 'tauS * Math.log(ratio)', '1.05 * tauS * Math.log(ratio)'],
  ['spoilage.ts', '+ 10) / 14', '+ 10.5) / 14'],
  ['leaching.ts', 'left * (heldG /', 'left * ((1.05 * heldG) /'],
  ['foam.ts', 'standS * Math.LN2) / 900', 'standS * Math.LN2) / 800'],
] as const;
/** And of those in cooling.test.ts. */
const COOLING_MUTATIONS = [
  ['cooling.ts', 'GLASS_IN_ICE = 100', 'GLASS_IN_ICE = 105'],
  ['cooling.ts', 'all / (capacityKJPerK + bathKJPerK)', 'all / (1.05 * capacityKJPerK + bathKJPerK)'],
  ['warmsFridge.ts', '(spareW * tau) / c2', '(1.05 * spareW * tau) / c2'],
  ['warmsFridge.ts', '(c1 * c2) / (c1 + c2) / ua', '(1.05 * c1 * c2) / (c1 + c2) / ua'],
] as const;
/** And of those in funnel.test.ts. */
const FUNNEL_MUTATIONS = [
  ['funnel.ts', '40: { mPaS: 6.15', '40: { mPaS: 6.46'],
  ['funnel.ts', 'waterMm2S / syrupS', '(1.05 * waterMm2S) / syrupS'],
] as const;
/** The same for the laws whose known answers stand in starch.test.ts. */
const STARCH_MUTATIONS = [
  ['thickening.ts', '0.25 + 0.0058', '0.2625 + 0.0058'],
  ['thickening.ts', 'GLUCAN_ML_PER_G = 650', 'GLUCAN_ML_PER_G = 682.5'],
  ['thickening.ts', 'PACKED = 0.64', 'PACKED = 0.672'],
  ['thickening.ts', '0.02414 *', '0.02535 *'],
  ['thickening.ts', 'GLUCAN_EA = 25_000', 'GLUCAN_EA = 26_250'],
  ['hydrolysis.ts', 'STARCH_PER_MIN = 0.05', 'STARCH_PER_MIN = 0.0525'],
  ['hydrolysis.ts', 'GLUCAN_CUT_PER_MIN = 0.08', 'GLUCAN_CUT_PER_MIN = 0.084'],
  ['hydrolysis.ts', 'MALTOSE_PER_STARCH = 1.056', 'MALTOSE_PER_STARCH = 1.109'],
  ['mixing.ts', 'meltKJPerKg: 334', 'meltKJPerKg: 350.7'],
  [
    'comminution.ts',
    "(1 - within('opened a run', perRun, 0, 1)) **",
    "(1 - 0.95 * within('opened a run', perRun, 0, 1)) **",
  ],
  ['settling.ts', 'starch: 500', 'starch: 525'],
  ['settling.ts', '** 4.65', '** 4.88'],
  ['settling.ts', '(fat - leftFat)) / (capFat', '(1.05 * fat - leftFat)) / (capFat'],
  ['drying.ts', 'OVEN_W_PER_M2K = 15', 'OVEN_W_PER_M2K = 15.75'],
  ['spoilage.ts', '0.0905', '0.0999'],
  ['sweetness.ts', '258.6 -', '271.5 -'],
] as const;
/** And of those in layering.test.ts. */
const LAYERING_MUTATIONS = [
  ['layering.ts', 'starch: 0.45', 'starch: 0.4725'],
  ['layering.ts', 'fines: 0.3', 'fines: 0.315'],
  ['layering.ts', 'cream: 0.6', 'cream: 0.63'],
  ['layering.ts', 'PARTED_BELOW = 0.1', 'PARTED_BELOW = 0.105'],
  ['layering.ts', 'Math.expm1(-within', 'Math.expm1(-1.05 * within'],
] as const;
/** And of those in corrected.test.ts. */
const CORRECTED_MUTATIONS = [
  ['openPot.ts', 'wall: 12', 'wall: 12.6'],
  ['openPot.ts', 'face: 5', 'face: 5.25'],
  ['openPot.ts', 'KETTLE_EFFICIENCY = 0.85', 'KETTLE_EFFICIENCY = 0.81'],
  ['comminution.ts', 'SOAKED_ENOUGH = 0.85', 'SOAKED_ENOUGH = 0.8925'],
  ['comminution.ts', 'DRY_IS_HARDER_BY = 2.5', 'DRY_IS_HARDER_BY = 2.625'],
  ['comminution.ts', 'hard: 25', 'hard: 26.25'],
  ['leaching.ts', 'from: 8, set: 84', 'from: 8.4, set: 84'],
  ['leaching.ts', 'sPerKg: 60', 'sPerKg: 63'],
  ['leaching.ts', 'power: 0.8', 'power: 0.84'],
] as const;
const CONTROL = ['foam.ts', 'foamFactor', 'foamFactor'] as const;
/** Each mutation is judged by the answers of its own file alone: running all would take five times as long. */
const ALL = {
  'knownAnswers.test.ts': MUTATIONS,
  'starch.test.ts': STARCH_MUTATIONS,
  'layering.test.ts': LAYERING_MUTATIONS,
  'funnel.test.ts': FUNNEL_MUTATIONS,
  'cooling.test.ts': COOLING_MUTATIONS,
  'corrected.test.ts': CORRECTED_MUTATIONS,
} as const;

describe.each(Object.entries(ALL))('%s', (answers, mutations) => {
  test('passes with the laws as they are', () => {
    const [file, from, to] = CONTROL;
    expect(failsWith(answers, file, from, to)).toBe(false);
  });
  test.each(mutations.map((m) => [...m]))('%s: a known answer fails with "%s" as "%s"', (file, from, to) => {
    const text = readFileSync(join(__dirname, '..', '..', 'src', 'laws', file), 'utf8');
    expect([from, text.includes(from)]).toEqual([from, true]);
    expect(failsWith(answers, file, from, to)).toBe(true);
  });
});
