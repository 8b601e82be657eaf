import { massG, volumeMl } from '../../kitchen';
import type { Stream } from '../../kitchen';
import { FAT_KG_PER_M3, materialById, particlesOf, STARCH_G_PER_ML, sumGrams } from '../../materials';
import type { Material } from '../../materials';
import {
  CLEAR_BELOW,
  finesBySize,
  HEAVIER,
  HELD_UP_FROM,
  layersAfter,
  PACKS_TO,
  settlingMmPerH,
  standingPace,
} from '../../laws';
import type { Layer, Swarm } from '../../laws';
import { HOUR_S } from '../../units';
import { bodyOf, ofMaterial } from './body';
import type { Ctx } from '../types';

/** Insoluble fines, dry, g/ml: most of them fibre and protein (Choi & Okos 1986, 20 °C). */
const FINES_G_PER_ML = 1.31;
const FAT_G_PER_ML = FAT_KG_PER_M3 / 1000;
/** Particles crowd no closer than this, volume share: beyond it nothing could move at all. */
const CROWDED = 0.6;
/** Less than this of the volume is not seen to part, volume share. */
const LEAST = 1e-5;
const REFERENCE_C = 20;

interface Part {
  readonly um: number;
  readonly deltaKgM3: number;
  readonly phi: number;
  readonly packs: number;
  readonly soft: boolean;
}

/** Foods of a milk with the share that each brought of something it holds. */
function brought(s: Stream, ctx: Ctx, of: (m: Material) => number): readonly (readonly [Material, number])[] {
  const all = Object.keys(s.madeFrom).map((id) => {
    const m = materialById(ctx.materials, id);
    return [m, (s.madeFrom[id] ?? 0) * of(m)] as const;
  });
  const sum = all.reduce((x, [, g]) => x + g, 0);
  return sum > 0 ? all.map(([m, g]) => [m, g / sum] as const) : [];
}

/** Fragments of cooked grain as crowded as this hold each other up, volume share: no sediment to the eye (models §7). */
const FRAGMENTS_HOLD_FROM = 0.3;
/** Starch by what it is: raw granules, granules swollen where they were, or fragments of grain that was cooked whole. */
function starchParts(s: Stream, ctx: Ctx, swollenPhi: number, ml: number): readonly Part[] {
  const dryPhi = s.released.starch / STARCH_G_PER_ML / ml;
  if (dryPhi <= 0) return [];
  const times = Math.max(1, swollenPhi / dryPhi);
  return brought(s, ctx, (m) => m.per100g.starch).flatMap(([m, share]): Part[] => {
    const body = m.starchBody;
    const of = { packs: PACKS_TO.starch };
    if (body && body.gelledC > 0) {
      const delta = HEAVIER.starch / (times * STARCH_G_PER_ML);
      return finesBySize(s.sizeUm, s.topUm).map(([um, x]) => ({
        ...of,
        um,
        deltaKgM3: delta,
        phi: share * x * swollenPhi,
        soft: swollenPhi >= FRAGMENTS_HOLD_FROM,
      }));
    }
    const swollen = body !== null && s.peakWetC > body.gelC[0];
    const um = particlesOf(m).granuleUm;
    return swollen
      ? [
          {
            ...of,
            um: um * Math.cbrt(times),
            deltaKgM3: HEAVIER.starch / (times * STARCH_G_PER_ML),
            phi: share * swollenPhi,
            soft: true,
          },
        ]
      : [{ ...of, um, deltaKgM3: HEAVIER.starch, phi: share * dryPhi, soft: false }];
  });
}
/** Fat that rises by itself, by the droplet of its food. */
function fatParts(s: Stream, ctx: Ctx, ml: number): readonly Part[] {
  const phi = s.released.fat / FAT_G_PER_ML / ml;
  return brought(s, ctx, (m) => m.per100g.fat * m.canLeave.fat).flatMap(([m, share]): Part[] => {
    const { dropletUm } = particlesOf(m);
    return dropletUm === null
      ? []
      : [{ um: dropletUm, deltaKgM3: HEAVIER.fat, phi: phi * share, packs: PACKS_TO.cream, soft: false }];
  });
}
function fineParts(s: Stream, ml: number): readonly Part[] {
  const phi = sumGrams(s.bound) / FINES_G_PER_ML / ml;
  return finesBySize(s.sizeUm, s.topUm).map(([um, share]) => ({
    um,
    deltaKgM3: HEAVIER.grit,
    phi: phi * share,
    packs: PACKS_TO.fines,
    soft: false,
  }));
}

/**
 * What moves in a standing milk, at 20 °C: starch, fines and fat, each by size, hindered by all together. Nothing moves in
 * one that has set. An estimate; `settling` and `packing` of its first food move it.
 */
export function swarmsOf(s: Stream, ctx: Ctx): readonly Swarm[] {
  const ml = volumeMl(s);
  const body = massG(s) > 0 ? bodyOf(s, REFERENCE_C, ctx) : null;
  if (!body || body.mPaS === null || body.starchVolume >= HELD_UP_FROM) return [];
  const mPaS = body.mPaS;
  const parts = [...starchParts(s, ctx, body.starchVolume, ml), ...fineParts(s, ml), ...fatParts(s, ctx, ml)].filter(
    (p) => p.phi >= LEAST,
  );
  const crowd = Math.min(
    CROWDED,
    parts.reduce((x, p) => x + p.phi, 0),
  );
  const pace = ofMaterial(s, 'settling', ctx);
  const loose = ofMaterial(s, 'packing', ctx);
  return parts.map((p) => ({
    mmPerH: pace * settlingMmPerH(p.deltaKgM3, p.um, mPaS, crowd),
    phi: p.phi,
    packs: Math.max(p.phi, p.packs / loose),
    soft: p.soft,
  }));
}
/** The layers of a fill of `heightMm` after it stood `stillS` (seconds of water at 20 °C); from the top down, shares Σ 1. */
export const layersOf = (s: Stream, heightMm: number, ctx: Ctx, stillS = s.stillS): readonly Layer[] =>
  layersAfter(swarmsOf(s, ctx), heightMm, stillS / HOUR_S, isCloudy(s));
/** Does the liquid carry so much protein and fat that it stays cloudy when its particles are gone? */
const isCloudy = (s: Stream): boolean => s.released.protein + s.released.fat >= CLEAR_BELOW * massG(s);
/** How long `forS` in a place of `c` °C counts, s of water at 20 °C. */
export const stillAt = (c: number, forS: number): number => standingPace(c) * forS;

/** Jars are compared by hours at this temperature, °C. */
const COLD_C = 4;
/** As many hours in the cold as that counts: what stood warm has parted further. */
export const coldHours = (stillS: number): number => stillS / standingPace(COLD_C) / HOUR_S;

/** How full a jar is filled (common practice). */
export const JAR_FILL = 0.9;
/** A kitchen jar is this much higher than wide inside (common practice). */
const HIGH_FOR_WIDE = 1.6;
/** Height of `ml` in an upright jar that holds `vesselMl`, mm: a cylinder as kitchen jars usually are (an estimate). */
export function fillHeightMm(ml: number, vesselMl: number): number {
  const whole = HIGH_FOR_WIDE * Math.cbrt((4 * Math.max(1, vesselMl)) / (Math.PI * HIGH_FOR_WIDE)) * 10;
  return Math.max(1, (whole * ml) / Math.max(1, vesselMl));
}
