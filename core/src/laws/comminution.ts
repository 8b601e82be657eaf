import { integral, interpolate } from '../numerics';
import { firstOrderTimes, within } from './domain';

/** Von Rittinger's constant, 1/mm per J/g (estimate; 600 W·0.7 for 90 s on 1 kg brings 5 mm to about 182 µm). */
const RITTINGER_PER_MM = 0.14;
/** Share of the drawn power that reaches the slurry, and the drawn share of the rated power (estimates; learned). */
export const POWER_TO_SLURRY = 0.85;
/** Share of its rated power that a jug draws, 0..1 (estimate; learned). */
export const DRAWN_OF_RATED = 0.6;
/** Heat a running jug loses to the room, W/K (estimate). */
const JUG_LOSS_W_PER_K = 1.6;

/**
 * Characteristic size after absorbing `energyJPerG` of energy, µm: 1/x' = 1/x0 + g·k·E (von Rittinger 1867). 0 J/g → x0.
 * @param grindability how readily it breaks beside a soaked bean, 0..1 (models §3; estimate): fresh coconut .35
 */
export function rittingerUm(sizeUm: number, energyJPerG: number, grindability = 1): number {
  const k = (RITTINGER_PER_MM / 1000) * within('grindability', grindability, 0, 10);
  return 1 / (1 / sizeUm + k * within('energy', energyJPerG, 0, Infinity));
}

/** The inverse: J/g that bring pieces of `sizeUm` to `toUm`, 0 < toUm ≤ sizeUm. */
export function rittingerJPerG(sizeUm: number, toUm: number, grindability = 1): number {
  const k = (RITTINGER_PER_MM / 1000) * within('grindability', grindability, 1e-6, 10);
  return (1 / within('size wanted', toUm, 1e-6, sizeUm) - 1 / sizeUm) / k;
}

/** Opened share after more energy, in state form: 1 − (1 − ρ0)·exp(−E/E0), 0..1 (estimate of E0 by material). */
export function openedShare(before: number, energyJPerG: number, openingJPerG: number): number {
  const more = within('energy', energyJPerG, 0, Infinity) / within('opening energy', openingJPerG, 1e-9, Infinity);
  return 1 - (1 - within('opened share', before, 0, 1)) * Math.exp(-more);
}
/** The inverse from shut pieces: how many times as much energy opens `wants` of them as opened `has`; 0 < has < 1. */
export const openingTimes = (has: number, wants: number): number => firstOrderTimes(has, wants);

/** Pieces that have drunk this share of what they can hold grind as soaked ones do (models §3; estimate). */
const SOAKED_ENOUGH = 0.85;
/** How many times as hard as soaked ones quite dry pieces are, less one (estimate). */
const DRY_IS_HARDER_BY = 2.5;
/**
 * How many times as much energy hard pieces take to open and to break as soaked ones do, 1..3.5: a bean, almond, tiger nut
 * or raw grain (Pan & Tangratanavalee 2003: three to five times; estimate).
 * @param uptakeShare what they have drunk of what they can hold, ≥ 0: 0 → 3.5, .5 → 2.03, .85 and more → 1
 */
export const toughness = (uptakeShare: number): number =>
  1 + (DRY_IS_HARDER_BY * Math.max(0, SOAKED_ENOUGH - within('uptake', uptakeShare, 0, Infinity))) / SOAKED_ENOUGH;

/** Temperature of a running jug after `s` seconds, °C, before the boil stops it: power in, 1.6 W/K out to the room. */
export function jugC(startC: number, powerW: number, capacityKJPerK: number, roomC: number, s: number): number {
  const settle = roomC + powerW / JUG_LOSS_W_PER_K;
  return (
    settle +
    (startC - settle) *
      Math.exp((-JUG_LOSS_W_PER_K * s) / (within('heat capacity', capacityKJPerK, 1e-9, Infinity) * 1000))
  );
}

/** Mass share coarser than x of a Rosin–Rammler distribution with n = 1: exp(−x/x') (Rosin & Rammler 1933). */
export function coarserThan(xUm: number, characteristicUm: number): number {
  return Math.exp(-xUm / characteristicUm);
}

/** Mass share finer than x of a distribution that a mesh has cut at `topUm`. */
export function finerThan(xUm: number, characteristicUm: number, topUm: number): number {
  if (xUm >= topUm || characteristicUm <= 0) return 1;
  return (1 - coarserThan(xUm, characteristicUm)) / (1 - coarserThan(topUm, characteristicUm));
}
/** One opening for layers of the same cloth, µm: opening/√layers (estimate: four layers of 500 µm work as 250). */
export const layered = (openingUm: number, layers: number): number =>
  openingUm / Math.sqrt(within('layers', layers, 1, 100));

/** Openings above this work as a bare sieve, stirred; below it as cloth or bag with a cake on it (µm). */
const SIEVE_FROM_UM = 450;
/** Size below which an insoluble particle passes, µm: β·mesh, β .15 with a cake, .25 for a bare sieve (estimate). */
export const passesBelowUm = (meshUm: number): number => (meshUm >= SIEVE_FROM_UM ? 0.25 : 0.15) * meshUm;
/** Share of particles that pass a mesh. x' 250 µm: bag 100 µm 5.8 %, jelly bag 300 16.5 %, bare sieve 500 39 %. */
export function passingShare(meshUm: number, characteristicUm: number): number {
  return 1 - coarserThan(passesBelowUm(meshUm), characteristicUm);
}

/**
 * Smaller particles are not felt on the tongue, µm: soft ones, and hard ones such as raw grain, bran or tiger nut
 * (Tyle 1993, Acta Psychologica 84:111, from memory: hard ones from about 25 µm, soft ones from 80; estimates).
 */
export const FELT_FROM_UM = { soft: 40, hard: 25 } as const;
/** Good to half a thousandth of the share (tried against eighty). */
const PANELS = 6;
/**
 * Share of all particles that comes through a mesh and is felt on the tongue, 0..1. A mesh does not cut sharply: a
 * particle of size x passes it with 1/(1 + (x/x_c)⁴) (estimate), so that a few coarse ones come through every cloth.
 * x' 182 µm: fine bag .1 % (hard pieces .46 %), four layers of cheesecloth 3 %; 250 µm: bare sieve 600 31 %, coffee
 * filter none.
 * @param topUm size below which it passes, x_c of the finest mesh it went through, µm; very large: no mesh
 * @param fromUm size from which it is felt, µm, > 0
 */
export function gritThrough(characteristicUm: number, topUm: number, fromUm: number = FELT_FROM_UM.soft): number {
  if (characteristicUm <= 0) return 0;
  // Beyond that size in u = from/x, 0..1: the share at x, by Rosin & Rammler, times what the mesh lets through of that size.
  const felt = integral((u) => {
    const x = fromUm / u;
    const beside = (x / topUm) * (x / topUm);
    return ((coarserThan(x, characteristicUm) / characteristicUm) * x) / u / (1 + beside * beside);
  }, PANELS);
  return Math.min(1 - coarserThan(topUm, characteristicUm), felt);
}
/** Of what came through that mesh, the share that is felt, 0..1. */
export function feltShare(characteristicUm: number, topUm: number, fromUm: number = FELT_FROM_UM.soft): number {
  const passed = characteristicUm > 0 ? 1 - coarserThan(topUm, characteristicUm) : 0;
  return passed > 0 ? gritThrough(characteristicUm, topUm, fromUm) / passed : 0;
}

/** Sizes at which the fines of a milk are taken, µm, each standing for the span between its neighbours’ geometric means. */
const FINE_UM = [2, 4, 8, 12, 18, 27, 40, 60, 90, 135, 200, 300, 450] as const;
/**
 * What came through a mesh, by size: [µm, share of it], Σ 1. Rosin & Rammler’s distribution with the soft cut of
 * {@link gritThrough}. Nothing ground (0 µm): none.
 */
export function finesBySize(characteristicUm: number, topUm: number): readonly (readonly [number, number])[] {
  if (characteristicUm <= 0) return [];
  const weights = FINE_UM.map((x, i) => {
    const low = i === 0 ? 0 : Math.sqrt(x * (FINE_UM[i - 1] as number));
    const high = Math.sqrt(x * (FINE_UM[i + 1] ?? x * 2));
    const beside = (x / topUm) ** 4;
    return (coarserThan(low, characteristicUm) - coarserThan(high, characteristicUm)) / (1 + beside);
  });
  const all = weights.reduce((a, b) => a + b, 0);
  return FINE_UM.map((x, i) => [x, all > 0 ? (weights[i] as number) / all : 0] as const);
}

/** A jug that is warmer than this lifts its lid, °C (common practice). */
export const HOT_JUG_C = 60;
/**
 * Working volume of a jug as a share of its rated volume: rated/(1 + F) for the foam F of what is in it, 0.67 for what
 * foams as soy does (F .3 and more); 0.5 when hot; the smaller (common practice).
 */
export function jugFillShare(foamShare: number, c: number): number {
  return Math.min(interpolate(FILL_BY_FOAM, within('foam', foamShare, 0, Infinity)), c > HOT_JUG_C ? 0.5 : 1);
}
const FILL_BY_FOAM = [
  [0, 1],
  [0.1, 1 / 1.1],
  [0.3, 0.67],
] as const;

/** Kneading for this long counts as one run, s; two runs open what the second leaves of the first (common practice). */
export const KNEAD_RUN_S = 300;
/** Opened share after kneading by hand, in state form: each run opens `perRun` of what is still shut. */
export function kneadedShare(before: number, perRun: number, s: number): number {
  const shut = 1 - within('opened share', before, 0, 1);
  return 1 - shut * (1 - within('opened a run', perRun, 0, 1)) ** (within('time', s, 0, Infinity) / KNEAD_RUN_S);
}
