import { findRoot, GAUSS3 } from '../numerics';
import { latentKJPerKg } from './boiling';
import { within } from './domain';
import { evaporationWPerM2, WETNESS } from './evaporating';

/** Heat that an open pot passes on to the air, W/m²K: through its metal, and from the open face (models §5; estimates). */
const OPEN_POT_W_PER_M2K = { wall: 12, face: 5 } as const;

/** The faces of a pot through which heat goes, m²: those that only pass on heat, and the open liquid. */
export interface PotFaces {
  readonly wallM2: number;
  readonly openM2: number;
}
/** onHob: open, its bottom on the hob; open: open, on the counter; lidded: on the hob under its lid. */
export type PotPlacement = 'onHob' | 'open' | 'lidded';
/** Faces of a round pot holding so much: 2 l across 22 cm: side .0364 m², face .0380. */
export function potFaces(ml: number, diameterCm: number, stands: PotPlacement): PotFaces {
  const d = within('pot diameter', diameterCm, 1, 200) / 100;
  const round = (Math.PI * d * d) / 4;
  const side = (4 * within('volume', ml, 0, Infinity) * 1e-6) / d;
  if (stands === 'lidded') return { wallM2: side + round, openM2: 0 };
  return { wallM2: stands === 'open' ? side + round : side, openM2: round };
}

export interface PotLoss {
  /** All of it, and what of it is by evaporating, W. */
  readonly allW: number;
  readonly vapourW: number;
}
/**
 * Heat that a pot of liquid at `c` loses in a room, W: 12·walls + 5·face by the air, and what evaporates from the face
 * (Bowen 1926; nothing at or below room temperature). An estimate: tables of open hot-water tanks give 4 to 5 for the face.
 */
export function potLossW({ wallM2, openM2 }: PotFaces, c: number, roomC: number): PotLoss {
  const { wall, face } = OPEN_POT_W_PER_M2K;
  const vapourW = c > roomC && openM2 > 0 ? openM2 * evaporationWPerM2(c, roomC, face, WETNESS.liquid) : 0;
  return { allW: (wall * wallM2 + face * openM2) * (c - roomC) + vapourW, vapourW };
}

export interface PotCourse {
  /** Temperatures on the way, °C, and when each is reached, s. */
  readonly c: readonly number[];
  readonly s: readonly number[];
  /** Water gone by the end of it, g. */
  readonly vapourG: number;
  /** It never gets to the temperature wanted: loss and heat are equal here, °C; null: it gets there. */
  readonly stallsC: number | null;
}
/** A span is this much at most, K; towards an end that it hardly reaches the spans halve, down to the least. */
const SPAN_K = 10;
const LEAST_SPAN_K = 0.5;
/**
 * A pot on its way from one temperature to another, warmer or cooler: C·dT/dt = heat − loss (models §5, §7). 2 kg of
 * 3.95 kJ/kgK and a pot of .6 kJ/K, 22 cm, 20 → 100 °C in a 20 °C room: 1 170 W reach the pot, 647 s and 26 g gone; with
 * 160 W it stalls at 78 °C. The same off the hob, 95 → 60 °C: 29 min and 85 g.
 * @param kJPerK heat capacity of milk and pot, > 0 @param heatW what reaches the pot, W, ≥ 0
 */
export function potCourse(
  kJPerK: number,
  fromC: number,
  toC: number,
  heatW: number,
  faces: PotFaces,
  roomC: number,
): PotCourse {
  within('heat capacity', kJPerK, 1e-9, Infinity);
  within('heat', heatW, 0, 100_000);
  const gain = (c: number): number => heatW - potLossW(faces, c, roomC).allW;
  const reached = toC === fromC || gain(toC) * (toC - fromC) > 0;
  const stallsC = reached ? null : stallOf(gain, fromC, toC, roomC);
  const endC = stallsC === null ? toC : nearing(stallsC, fromC);
  const c = temperatures(fromC, endC, Math.abs(gain(endC)) < 0.3 * Math.abs(gain(fromC)));
  const s = [0];
  let vapourG = 0;
  for (let i = 1; i < c.length; i += 1) {
    const from = c[i - 1] as number;
    const h = (c[i] as number) - from;
    let took = 0;
    for (const [x, weight] of POINTS) {
      const at = from + x * h;
      const loss = potLossW(faces, at, roomC);
      const each = (weight * h * kJPerK * 1000) / (heatW - loss.allW);
      took += each;
      vapourG += (loss.vapourW * each) / latentKJPerKg(at);
    }
    s.push((s[i - 1] as number) + took);
  }
  return { c, s, vapourG, stallsC };
}
/** Gauss’ three points of a span, 0..1, with their weights. */
const POINTS = [
  [0.5 - GAUSS3 / 2, 5 / 18],
  [0.5, 8 / 18],
  [0.5 + GAUSS3 / 2, 5 / 18],
] as const;
/** Where loss and heat are equal, °C: between where it is, where it should get, and what the room alone would make of it. */
function stallOf(gain: (c: number) => number, fromC: number, toC: number, roomC: number): number {
  const low = Math.min(fromC, toC, roomC);
  const high = Math.max(fromC, toC, roomC);
  return findRoot(gain, low, high, 1e-6, 60).x;
}
/** As near as it comes within hours. */
const nearing = (stallsC: number, fromC: number): number =>
  Math.abs(stallsC - fromC) <= LEAST_SPAN_K ? fromC : stallsC + LEAST_SPAN_K * Math.sign(fromC - stallsC);
/** The temperatures between which it is integrated: even spans, halved towards the end where it slows down. */
function temperatures(fromC: number, endC: number, slows: boolean): readonly number[] {
  const n = Math.max(1, Math.ceil(Math.abs(endC - fromC) / SPAN_K));
  const each = (endC - fromC) / n;
  const c = Array.from({ length: n }, (_, i) => fromC + i * each);
  if (slows) for (let left = each / 2; Math.abs(left) > LEAST_SPAN_K; left /= 2) c.push(endC - left);
  return endC === fromC ? [fromC] : [...c, endC];
}

/** Under a lid a boil gives off this share of what it does open, 0..1 (models §5; estimate). */
export const LIDDED_STEAM = 0.15;
/** Steam that a hob can keep up from a boiling pot, g/s: what is left of its heat after the walls. Never below 0. */
export function hobSteamGPerS(heatW: number, faces: PotFaces, boilC: number, roomC: number): number {
  const walls = OPEN_POT_W_PER_M2K.wall * faces.wallM2 * (boilC - roomC);
  return Math.max(0, heatW - walls) / latentKJPerKg(boilC);
}
/** Share of its power that a kettle gives to the water, 0..1 (models §5; estimate). */
const KETTLE_EFFICIENCY = 0.85;
/** Energy of a kettle for water that is poured warmer than the tap gives it, kJ. 800 g, 15 → 80 °C: 256 (71 Wh). */
export const kettleKJ = (grams: number, tapC: number, pouredC: number): number =>
  (Math.max(0, pouredC - tapC) * grams * 4.19) / 1000 / KETTLE_EFFICIENCY;
