import { contents, massG, solidsG, volumeMl, waterG } from '../../kitchen';
import type { Beliefs, Stream } from '../../kitchen';
import { density, WATER_G_PER_ML } from '../../materials';
import { funnelFrom, perSecond, syrupMm2S, throughIn, waterMPaS } from '../../laws';
import type { BodyWord } from './body';
import { wordAt } from './wording';

/** How a funnel was calibrated: seconds of each run with water and with a sugar syrup of so many per cent, near 20 °C. */
export interface Calibration {
  readonly waterS: readonly number[];
  readonly syrupS: readonly number[];
  readonly syrup: 20 | 40;
}
/** Runs of one milk, s, and how warm it was, °C. */
export interface FunnelRuns {
  readonly runsS: readonly number[];
  readonly c: number;
  readonly cal: Calibration;
}
export interface FunnelTold {
  readonly meanS: number;
  readonly mm2S: number;
  /** Dynamic viscosity and its 1 σ, mPa·s. */
  readonly mPaS: number;
  readonly sd: number;
  /** In times water's at the same temperature, with its 1 σ. */
  readonly relative: number;
  readonly relativeSd: number;
  readonly word: Exclude<BodyWord, 'watery'>;
}
/** A hand on a stopwatch, 1 σ of one run, s (common practice). */
const HAND_S = 0.2;
/** Calibrated and measured at this temperature, °C; a degree beside it is told by the range. */
const CAL_C = 20;
/** What a few degrees beside 20 °C do to a calibration, as a share of the viscosity, 1 σ (estimate). */
const CAL_SHARE = 0.04;

const meanOf = (x: readonly number[]): number => x.reduce((a, b) => a + b, 0) / x.length;
/** 1 σ of the mean of some runs: as they scatter, never less than the hand. */
function sdOfMean(x: readonly number[]): number {
  const m = meanOf(x);
  const scatter = x.length > 1 ? Math.sqrt(x.reduce((a, b) => a + (b - m) ** 2, 0) / (x.length - 1)) : 0;
  return Math.max(HAND_S, scatter) / Math.sqrt(x.length);
}
/** The funnel as it was calibrated. A syrup no slower than water: RangeError. */
const funnelOf = (cal: Calibration, waterS: number, syrupS: number) =>
  funnelFrom(waterS, syrupS, waterMPaS(CAL_C) / WATER_G_PER_ML, syrupMm2S(cal.syrup));

/** The least by which syrup must be slower than water, for a funnel that can tell milk from water at all, s. */
const TELLS_FROM_S = 2;
/** What is wrong with a calibration; null: it tells. */
export function calibrationFault(cal: Calibration): 'none' | 'syrupNotSlower' | 'tooWide' | null {
  if (cal.waterS.length === 0 || cal.syrupS.length === 0) return 'none';
  const more = meanOf(cal.syrupS) - meanOf(cal.waterS);
  if (more <= 0) return 'syrupNotSlower';
  return more < TELLS_FROM_S ? 'tooWide' : null;
}

/**
 * What runs through a calibrated funnel say of a milk of `gPerMl`; null: faster than water, which no milk is. The spread
 * is that of the runs and of both calibrations, each through dν/dt or by trying it.
 */
export function funnelTells({ runsS, c, cal }: FunnelRuns, gPerMl: number, beliefs: Beliefs = {}): FunnelTold | null {
  if (runsS.length === 0 || calibrationFault(cal) === 'none' || calibrationFault(cal) === 'syrupNotSlower') return null;
  const s = meanOf(runsS);
  const [w, y] = [meanOf(cal.waterS), meanOf(cal.syrupS)];
  if (s < w - 2 * sdOfMean(runsS)) return null;
  const f = funnelOf(cal, w, y);
  const mm2S = throughIn(f, s);
  const moved = (dw: number, dy: number): number =>
    throughIn(funnelOf(cal, w + dw, Math.max(w + dw + 0.1, y + dy)), s) - mm2S;
  const sds = [
    perSecond(f, s) * sdOfMean(runsS),
    moved(sdOfMean(cal.waterS), 0),
    moved(0, sdOfMean(cal.syrupS)),
    CAL_SHARE * mm2S,
  ];
  const sd = Math.hypot(...sds) * gPerMl;
  const mPaS = Math.max(0, mm2S * gPerMl);
  const water = waterMPaS(c);
  const relative = mPaS / water;
  return {
    meanS: s,
    mm2S,
    mPaS,
    sd,
    relative,
    relativeSd: sd / water,
    word: wordAt('thick', 'thin', relative, beliefs),
  };
}
/** A share with its 1 σ. */
export interface Share {
  readonly x: number;
  readonly sd: number;
}
/** A spoonful dried in the oven: the empty dish, with the milk, and dry; g. */
export interface Dried {
  readonly emptyG: number;
  readonly wetG: number;
  readonly dryG: number;
}
/** A measure filled to the brim: empty, with water, with the milk; g. */
export interface FullMeasure {
  readonly emptyG: number;
  readonly waterG: number;
  readonly milkG: number;
}
/** A scale that shows tenths, and one that shows grams: half a step and a little, 1 σ, g. */
const SCALE_SD = { tenths: 0.06, grams: 0.4 } as const;
const scaleSd = (...g: readonly number[]): number => (g.every(Number.isInteger) ? SCALE_SD.grams : SCALE_SD.tenths);

/** What is left of a spoonful that was dried; null: the weights cannot be. */
export function driedSolids({ emptyG, wetG, dryG }: Dried): Share | null {
  const milk = wetG - emptyG;
  const dry = dryG - emptyG;
  if (!(milk > 0) || dry < 0 || dryG > wetG) return null;
  const x = dry / milk;
  const sd = scaleSd(emptyG, wetG, dryG);
  // Of the dry weight, of the wet one, and of the dish, which is in both.
  return { x, sd: (sd / milk) * Math.sqrt(1 + x * x + (1 - x) ** 2) };
}
/** The least by which the solids must be heavier than water for a weighed measure to tell of them, of 1/density. */
const TELLS_FROM = 0.05;
/**
 * Dry matter from the weight of a full measure: water and solids add by volume, the solids as heavy as those of this
 * milk; null: the weights cannot be, or its fat is as light as its other solids are heavy.
 */
export function weighedSolids({ emptyG, waterG: full, milkG }: FullMeasure, s: Stream): Share | null {
  const water = full - emptyG;
  const milk = milkG - emptyG;
  const dry = solidsG(s);
  if (!(water > 0) || !(milk > 0) || dry <= 0) return null;
  const perMl = (milk / water) * WATER_G_PER_ML;
  const light = 1 / WATER_G_PER_ML - 1 / density(0, contents(s));
  if (Math.abs(light) < TELLS_FROM) return null;
  const x = (1 / WATER_G_PER_ML - 1 / perMl) / light;
  const sd = (scaleSd(emptyG, full, milkG) * Math.SQRT2) / water / WATER_G_PER_ML / Math.abs(light);
  return x < -3 * sd || x > 1 ? null : { x: Math.max(0, x), sd };
}
/** g in a ml of it, and its dry matter, 0..1. */
export const gPerMlOf = (s: Stream): number => (volumeMl(s) > 0 ? massG(s) / volumeMl(s) : WATER_G_PER_ML);
export const solidsOf = (s: Stream): number => (massG(s) > 0 ? 1 - waterG(s) / massG(s) : 0);
