import { within } from './domain';

/** Von Rittinger's constant, 1/mm per J/g (estimate; 600 W·0.7 for 90 s on 1 kg brings 5 mm to about 182 µm). */
const RITTINGER_PER_MM = 0.14;
/** Share of the drawn power that reaches the slurry, and the drawn share of the rated power (estimates; learned). */
export const POWER_TO_SLURRY = 0.85;
export const DRAWN_OF_RATED = 0.6;
/** Heat a running jug loses to the room, W/K (estimate). */
const JUG_LOSS_W_PER_K = 1.6;

/** Characteristic size after absorbing `energyJPerG` of energy, µm: 1/x' = 1/x0 + kE (von Rittinger 1867). 0 J/g → x0. */
export function rittingerUm(sizeUm: number, energyJPerG: number): number {
  return 1 / (1 / sizeUm + (RITTINGER_PER_MM / 1000) * within('energy', energyJPerG, 0, Infinity));
}

/** Opened share after more energy, in state form: 1 − (1 − ρ0)·exp(−E/E0), 0..1 (estimate of E0 by material). */
export function openedShare(before: number, energyJPerG: number, openingJPerG: number): number {
  return 1 - (1 - before) * Math.exp(-energyJPerG / openingJPerG);
}

/** Temperature of a running jug after `s` seconds, °C, before the boil stops it: power in, 1.6 W/K out to the room. */
export function jugC(startC: number, powerW: number, capacityKJPerK: number, roomC: number, s: number): number {
  const settle = roomC + powerW / JUG_LOSS_W_PER_K;
  return settle + (startC - settle) * Math.exp((-JUG_LOSS_W_PER_K * s) / (capacityKJPerK * 1000));
}

/** Mass share coarser than x of a Rosin–Rammler distribution with n = 1: exp(−x/x') (Rosin & Rammler 1933). */
export function coarserThan(xUm: number, characteristicUm: number): number {
  return Math.exp(-xUm / characteristicUm);
}

/** Openings above this work as a bare sieve, stirred; below it as cloth or bag with a cake on it (µm). */
const SIEVE_FROM_UM = 450;
/** Share of particles that pass a mesh: finer than β·mesh, β .15 with a cake, .25 for a bare sieve (estimate). */
export function passingShare(meshUm: number, characteristicUm: number): number {
  const beta = meshUm >= SIEVE_FROM_UM ? 0.25 : 0.15;
  return 1 - coarserThan(beta * meshUm, characteristicUm);
}

/** Working volume of a jug as a share of its rated volume: 0.67 foaming, 0.5 when hot; the smaller (common practice). */
export function jugFillShare(foams: boolean, c: number): number {
  return Math.min(foams ? 0.67 : 1, c > 60 ? 0.5 : 1);
}
