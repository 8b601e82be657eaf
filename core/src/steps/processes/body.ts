import { multiplier, massG, solidsG, volumeMl } from '../../kitchen';
import type { CoefficientKind, Draft, Stream } from '../../kitchen';
import { FAT_KG_PER_M3, handlingOf, materialById, sumGrams, WATER_G_PER_ML, withGrams } from '../../materials';
import {
  CUT_THINS,
  ENZYME_DEAD_C,
  feltShare,
  FELT_FROM_UM,
  FREEZING_POINT_C,
  glucanCutPerMin,
  glucanPace,
  glucanPool,
  glucanThickening,
  GLUCAN_PER_MIN,
  HEAVIER,
  HELD_UP_FROM,
  MALTOSE_PER_STARCH,
  PASTY_FROM,
  proteinMlPerG,
  settlingMmPerH,
  starchCutPerMin,
  starchThickening,
  sugarThickening,
  swelling,
  waterMPaS,
  WATERY_BELOW,
} from '../../laws';
import { byMaterial } from './byMaterial';
import type { How, Mean } from './course';
import { wordAt } from './wording';
import type { Ctx } from '../types';

/** A coefficient of the first material in it, as a multiple of the usual. */
export function ofMaterial(s: Stream, kind: CoefficientKind, ctx: Ctx): number {
  for (const id in s.madeFrom) return multiplier(ctx.beliefs, kind, id);
  return 1;
}

/** β-glucan goes into the water towards its pool, fast in a running jug, slowly in a still soak. Changes the draft. */
export function dissolveGlucan(d: Draft, c: number, h: number, how: How, ctx: Ctx): void {
  const dissolved = d.released.solubleFibre;
  const left = d.bound.solubleFibre;
  const gone = d.glucanOf - dissolved - left;
  const short = glucanPool(c) * d.glucanOf - gone - dissolved;
  if (short <= 0 || left <= 0) return;
  const rate = GLUCAN_PER_MIN[how === 'blending' ? 'blending' : 'still'] * ofMaterial(d, 'dissolving', ctx);
  const more = Math.min(left, short * -Math.expm1((-rate * glucanPace(c) * h) / 60));
  d.released = withGrams(d.released, { solubleFibre: dissolved + more });
  d.bound = withGrams(d.bound, { solubleFibre: left - more });
}

/** Amylase turns starch in the liquid into maltose, which takes up water; glucanase cuts β-glucan; heat kills both. */
export function hydrolyse(d: Draft, mean: Mean, h: number, hottestC: number): void {
  if (hottestC >= ENZYME_DEAD_C) {
    d.amylase = 0;
    d.glucanase = 0;
    return;
  }
  if (d.freeWaterG <= 0) return;
  const litres = d.freeWaterG / WATER_G_PER_ML / 1000;
  const rate = mean((c) => starchCutPerMin(d.amylase / litres, c, d.peakWetC));
  // In a dry mash the water ends first: no more starch is cut than there is water to take up.
  const most = d.freeWaterG / (MALTOSE_PER_STARCH - 1);
  const cut = Math.min(most, d.released.starch * -Math.expm1((-rate * h) / 60));
  d.released = withGrams(d.released, {
    starch: d.released.starch - cut,
    sugars: d.released.sugars + cut * MALTOSE_PER_STARCH,
  });
  d.freeWaterG = Math.max(0, d.freeWaterG - cut * (MALTOSE_PER_STARCH - 1));
  d.hydrolysedG += cut;
  if (d.glucanase <= 0) return;
  const cutting = mean((c) => glucanCutPerMin(d.glucanase / litres, c));
  d.glucanCut = 1 - (1 - d.glucanCut) * Math.exp((-cutting * h) / 60);
}

/** Particles that are felt on the tongue, as a share of the mass, 0..1: hard ones are felt when they are finer. */
export function gritShareOf(s: Stream, ctx: Pick<Ctx, 'materials'>): number {
  const mass = massG(s);
  const fines = sumGrams(s.bound);
  if (mass <= 0 || fines <= 0) return 0;
  const hard = hardShare(s, ctx);
  const soft = hard < 1 ? (1 - hard) * feltShare(s.sizeUm, s.topUm) : 0;
  const early = hard > 0 ? hard * feltShare(s.sizeUm, s.topUm, FELT_FROM_UM.hard) : 0;
  return (fines * (soft + early)) / mass;
}
/** At least this share of the skins is still on: it is felt as an unskinned nut is. */
const IN_SKIN_FROM = 0.5;
/** How much of it is food whose particles are hard, 0..1. */
function hardShare(s: Stream, { materials }: Pick<Ctx, 'materials'>): number {
  return byMaterial(s, materials, (m) => {
    const { feltEarly } = handlingOf(m);
    if (feltEarly !== 'inSkin') return feltEarly === 'always' ? 1 : 0;
    return s.hullG > IN_SKIN_FROM * m.hullShare * sumGrams(s.bound) ? 1 : 0;
  });
}

const FAT_G_PER_ML = FAT_KG_PER_M3 / 1000;

export interface Body {
  /** Viscosity relative to water at the same temperature; null: it sets. */
  readonly relative: number | null;
  /** The parts: slippery β-glucan, swollen starch (null: sets), fat droplets and protein (null: sets), sugars. */
  readonly glucan: number;
  readonly starch: number | null;
  readonly dispersed: number | null;
  readonly sugar: number;
  readonly starchVolume: number;
  /** At the temperature asked for, mPa·s; null: it sets. */
  readonly mPaS: number | null;
}
/** How thick, and how slippery it is, from the least to the most. */
export const BODY_SCALE = ['watery', 'thin', 'likeMilk', 'creamy', 'thick', 'sets'] as const;
export type BodyWord = (typeof BODY_SCALE)[number];
/** The same for the slip. */
export const SLIP_SCALE = ['clean', 'silky', 'slippery', 'slimy'] as const;
export type SlipWord = (typeof SLIP_SCALE)[number];

/** Starch is looked up in the table of the material it came from, weighed by what each brought. */
function swellingOf(s: Stream, c: number, ctx: Ctx): number {
  let weight = 0;
  let sum = 0;
  for (const id in s.madeFrom) {
    const m = materialById(ctx.materials, id);
    if (!m.starchBody) continue;
    const w = (s.madeFrom[id] ?? 0) * m.per100g.starch;
    weight += w;
    sum += w * swelling(m.starchBody.swells, c);
  }
  return weight > 0 ? sum / weight : 0;
}

/** How much of its protein a bean brought, 0..1. */
function beanShare(s: Stream, ctx: Ctx): number {
  let all = 0;
  let beans = 0;
  for (const id in s.madeFrom) {
    const m = materialById(ctx.materials, id);
    const g = (s.madeFrom[id] ?? 0) * m.per100g.protein;
    all += g;
    if (m.inhibitorLabileShare !== null) beans += g;
  }
  return all > 0 ? beans / all : 0;
}

/** Has it ice in it? It cannot be poured, strained or judged for its thickness. */
export const isFrozen = (s: Stream): boolean => s.temperatureC < FREEZING_POINT_C;

/**
 * How thick the liquid of a milk or slurry is: β-glucan (Martin), swollen starch, fat droplets with protein (Krieger–Dougherty) and sugars, each
 * in every milk, multiplied. An estimate; null of what holds no free water or is frozen.
 * @param servedC temperature it is looked at, °C @param heatedC the hottest it will have been by then; default: so far
 */
export function bodyOf(s: Stream, servedC: number, ctx: Ctx, heatedC = s.peakWetC): Body | null {
  if (s.freeWaterG <= 0 || isFrozen(s)) return null;
  const water = s.freeWaterG / WATER_G_PER_ML;
  const slimy = s.released.solubleFibre;
  const glucan = slimy > 0 ? glucanThickening((slimy * s.squeezed) / water, 1 - s.glucanCut) : 1;
  const all = s.released.starch + s.hydrolysedG;
  const hottest = Math.min(100, Math.max(heatedC, s.peakWetC));
  let phi = 0;
  if (all > 0) {
    const q = swellingOf(s, hottest, ctx) * ofMaterial(s, 'swelling', ctx);
    phi = ((all * s.squeezed) / water) * q * (1 - CUT_THINS * (s.hydrolysedG / all));
  }
  const starch = starchThickening(phi);
  const protein = s.released.protein * proteinMlPerG(beanShare(s, ctx), hottest);
  const drops = (s.released.fat / FAT_G_PER_ML + protein) / Math.max(1e-9, volumeMl(s));
  const dispersed = starchThickening(drops);
  const sugar = sugarThickening(s.released.sugars / s.freeWaterG);
  const relative = starch === null || dispersed === null ? null : glucan * starch * dispersed * sugar;
  return {
    relative,
    glucan,
    starch,
    dispersed,
    sugar,
    starchVolume: phi,
    mPaS: relative === null ? null : relative * waterMPaS(servedC),
  };
}

/** One word for the body, watery first: too little in it is said before how it flows. */
export function bodyWord(b: Body, s: Stream, { beliefs }: Pick<Ctx, 'beliefs'>): BodyWord {
  const word = wordAt('thick', 'thin', b.relative ?? Infinity, beliefs);
  const little = massG(s) > 0 && solidsG(s) / massG(s) < WATERY_BELOW;
  return little && (word === 'thin' || word === 'likeMilk') ? 'watery' : word;
}
/** How slippery it feels, from the β-glucan part alone. */
export const slipWord = (b: Body, { beliefs }: Pick<Ctx, 'beliefs'>): SlipWord =>
  wordAt('slip', 'clean', b.glucan, beliefs);
/** Does its swollen starch make it pasty? */
export const isPasty = (b: Body): boolean => b.starch === null || b.starch > PASTY_FROM;

/** Starch granules settling in this milk, mm/h (10 µm, raw); null: nothing settles, or it is held up. */
export function settlesMmPerH(s: Stream, b: Body): number | null {
  const mass = massG(s);
  if (mass <= 0 || b.mPaS === null || b.starchVolume >= HELD_UP_FROM) return null;
  if (s.released.starch / mass < 0.002) return null;
  return settlingMmPerH(HEAVIER.starch, 10, b.mPaS, Math.min(0.6, b.starchVolume));
}
