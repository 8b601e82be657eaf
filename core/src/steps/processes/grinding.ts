import { capacityOf, draftOf, massG, merge, multiplier, portion, volumeMl, waterStream } from '../../kitchen';
import type { Stream, ThingOf } from '../../kitchen';
import { handlingOf, MATERIALS, sumGrams, withGrams } from '../../materials';
import type { Material } from '../../materials';
import {
  DRAWN_OF_RATED,
  foamFactor,
  GROUND_HOT,
  HEATED_FAT,
  HEATED_PROTEIN,
  ICE,
  jugC,
  jugFillShare,
  latentKJPerKg,
  mixedC,
  openedShare,
  PLASTIC_JUG_KJ_PER_KL,
  POWER_TO_SLURRY,
  rittingerJPerG,
  rittingerUm,
  toughness,
  TURNS_OVER,
  withIce,
} from '../../laws';
import { interpolate } from '../../numerics';
import type { FigureOf, Params } from '../params';
import type { Ctx } from '../types';
import { advance } from './advance';
import { ofMaterial } from './body';
import { byMaterial } from './byMaterial';
import { ramp } from './course';
import { openTo } from './release';
import { isHardDry, uptakeOfShut } from './uptake';

/** One load stands for all: each is the same share, ground for the same time in a jug that starts at room temperature. */
export function inJug(before: Stream, p: Readonly<Params['grind']>, jug: ThingOf<'jug'>, ctx: Ctx) {
  const power = jug.watts * DRAWN_OF_RATED * POWER_TO_SLURRY * multiplier(ctx.beliefs, 'power', jug.id);
  const vessel = (PLASTIC_JUG_KJ_PER_KL * jug.ratedMl) / 1000;
  const poured = p.waterG > 0 ? merge(before, waterStream(p.waterG, p.waterC)) : before;
  const warm = capacityOf(poured) / p.loads;
  const mixed = mixedC([
    [warm, poured.temperatureC],
    [vessel, ctx.kit.roomC],
  ]);
  const iced = p.iceG > 0 ? withIce(warm + vessel, mixed, p.iceG / p.loads) : { c: mixed, leftG: 0 };
  const startC = iced.c;
  // The jug takes its heat before the flakes can feel the kettle: the hottest they were is the mixture, not the water.
  const full = p.iceG > 0 ? merge(poured, waterStream(p.iceG, 0)) : draftOf(poured);
  full.temperatureC = startC;
  // Blended with water again, pulp is a slurry for the strainer.
  if (full.role === 'pulp' && p.waterG + p.iceG > 0) full.role = 'food';
  full.peakWetC = Math.max(before.peakWetC, startC);
  const load = capacityOf(full) / p.loads;
  // Ice that is left takes the motor's heat before anything warms.
  const allMelted = power > 0 ? (iced.leftG * ICE.meltKJPerKg) / power : Infinity;
  const melts = power > 0 ? Math.min(p.durationS, allMelted) : 0;
  const wouldC = jugC(startC, power, load + vessel, ctx.kit.roomC, p.durationS - melts);
  const endC = Math.min(Math.max(startC, ctx.boilC), wouldC);
  const surplusKJ = Math.max(0, wouldC - endC) * (load + vessel) * p.loads;
  const steamG = Math.min(full.freeWaterG, (surplusKJ / latentKJPerKg(ctx.boilC)) * 1000);
  const energy = massG(full) > 0 ? (power * p.durationS) / (massG(full) / p.loads) : 0;
  const opened = ground(full, energy, startC, ctx);
  const stream = advance(opened, ramp(startC, endC, p.durationS), ctx, 'blending');
  const off = Math.min(steamG, stream.freeWaterG);
  stream.freeWaterG -= off;
  // Filled in by the caller: copying an object of so many figures was a sixth of a fold (measured).
  const figures: GrindFigures = {
    startC,
    endC,
    energyJPerG: energy,
    sizeUm: stream.sizeUm,
    openedShare: stream.openedShare,
    powerW: power,
    iceLeftG: Math.max(0, iced.leftG - (melts * power) / ICE.meltKJPerKg) * p.loads,
    gelFromC: byMaterial(stream, ctx.materials, (m) => m.starchBody?.gelC[0] ?? 0),
    glucanShare: stream.glucanOf > 0 ? stream.released.solubleFibre / stream.glucanOf : 0,
    solidsPerL: full.freeWaterG > 0 ? (1000 * sumGrams(full.bound)) / full.freeWaterG : 0,
  };
  const courseC = (s: number): number =>
    Math.min(
      Math.max(startC, ctx.boilC),
      jugC(startC, power, load + vessel, ctx.kit.roomC, Math.max(0, s - allMelted)),
    );
  return { stream, startC, steamG: off, figures, courseC };
}
/**
 * Loads that ran for different times, each an equal share, poured together after. What is said of the jug is their mean;
 * of the stuff, what it is once they are together.
 */
export function oneByOne(
  before: Stream,
  p: Readonly<Params['grind']>,
  each: readonly number[],
  jug: ThingOf<'jug'>,
  ctx: Ctx,
): ReturnType<typeof inJug> {
  const n = each.length;
  const share = { ...p, loads: 1, waterG: p.waterG / n, iceG: p.iceG / n };
  const runs = each.map((durationS) => inJug(portion(before, 1 / n), { ...share, durationS }, jug, ctx));
  const stream = runs.map((r) => r.stream).reduce((a, b) => merge(a, b));
  const mean = (name: FigureOf<'grind'>): number => runs.reduce((sum, r) => sum + (r.figures[name] ?? 0), 0) / n;
  const figures: GrindFigures = {
    ...runs[0]?.figures,
    startC: mean('startC'),
    endC: stream.temperatureC,
    energyJPerG: mean('energyJPerG'),
    sizeUm: stream.sizeUm,
    openedShare: stream.openedShare,
    iceLeftG: mean('iceLeftG') * n,
    glucanShare: stream.glucanOf > 0 ? stream.released.solubleFibre / stream.glucanOf : 0,
  };
  // Each load starts from the same jug: one course holds for all.
  const courseC = runs[0]?.courseC ?? (() => stream.temperatureC);
  return { stream, startC: mean('startC'), steamG: runs.reduce((g, r) => g + r.steamG, 0), figures, courseC };
}
type GrindFigures = { -readonly [F in FigureOf<'grind'>]?: number };

/** J/g that bring its pieces to a size; finer already: 0. */
export function sizedBy(s: Stream, toUm: number, ctx: Ctx): number {
  const breaks = grindabilityOfPieces(s, ctx);
  return s.sizeUm > toUm && breaks > 0 ? rittingerJPerG(s.sizeUm, toUm, breaks) : 0;
}

/** Grinding opens cells by the energy each gram absorbs, and makes the pieces smaller. */
export function ground(s: Stream, energyJPerG: number, jugStartC: number, ctx: Ctx): Stream {
  if (energyJPerG <= 0) return s;
  const times = toughnessOf(s, ctx);
  const e0 =
    byMaterial(s, ctx.materials, (m) => m.openingJPerG * (handlingOf(m).hardDry ? times : 1)) *
    ofMaterial(s, 'opening', ctx);
  if (e0 <= 0) return s;
  const breaks = grindabilityOfPieces(s, ctx);
  const d = draftOf(s);
  if (s.openedShare === 0) d.able = afterHeat(s, jugStartC);
  openTo(d, openedShare(s.openedShare, energyJPerG, e0), jugStartC, ctx);
  d.sizeUm = rittingerUm(s.sizeUm, energyJPerG, breaks);
  return d;
}

/** How many times as much energy its hard pieces take as soaked ones do. */
const toughnessOf = (s: Stream, ctx: Ctx): number => toughness(uptakeOfShut(s, ctx));
/** How readily its pieces break beside a soaked bean. */
function grindabilityOfPieces(s: Stream, ctx: Ctx): number {
  const times = toughnessOf(s, ctx);
  return byMaterial(s, ctx.materials, (m) => grindabilityOf(m) / (handlingOf(m).hardDry ? times : 1));
}

/** Plans hold copies of their foods: one that was kept before this was known breaks as its food does today. */
const usual = new Map(MATERIALS.map((m) => [m.id, m.grindability ?? 1]));
const grindabilityOf = (m: Material): number => m.grindability ?? usual.get(m.id) ?? 1;

/** Beans heated before or in the grind give less protein and fat; the strongest of the two counts. */
function afterHeat(s: Stream, jugStartC: number) {
  if (s.inhibitor.of <= 0) return s.able;
  const hot = jugStartC >= GROUND_HOT.fromC ? GROUND_HOT.factor : 1;
  return withGrams(s.able, {
    protein: s.able.protein * Math.min(hot, interpolate(HEATED_PROTEIN, s.preheatMin)),
    fat: s.able.fat * Math.min(hot, interpolate(HEATED_FAT, s.preheatMin)),
  });
}

/** How it fits the jug. */
export function fitsJug(
  f: GrindFigures,
  full: Stream,
  jug: ThingOf<'jug'>,
  loads: number,
  startC: number,
  ctx: Ctx,
): void {
  const foam = byMaterial(full, ctx.materials, (m) => m.foamShare);
  const holdsMl = jug.ratedMl * jugFillShare(foam, startC);
  const ml = volumeMl(full);
  const pieces = full.boundWaterG + sumGrams(full.bound);
  f.loadMl = ml / loads;
  f.loadFoamMl = (ml / loads) * foamFactor(foam, 0);
  f.jugHoldsMl = holdsMl;
  f.jugRatedMl = jug.ratedMl;
  f.loadsNeeded = Math.max(1, Math.ceil(ml / holdsMl - 1e-9));
  f.waterToPieces = pieces > 0 ? full.freeWaterG / pieces : 99;
  f.waterWantedG = Math.max(0, TURNS_OVER * pieces - full.freeWaterG);
  f.foams = foam > 0 ? 1 : 0;
  f.sealed = jug.lid === 'sealed' ? 1 : 0;
  if (isHardDry(full, ctx) && full.openedShare < 1) f.uptakeShare = Math.min(1, uptakeOfShut(full, ctx));
}
