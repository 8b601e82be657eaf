import { TRUE_BOIL_C } from '../steps';
import { levelOf, slopeOf, spanOf, withNext } from './samples';
import type { Sample } from './samples';

/**
 * unknown: too little was heard; warming; foam: it climbs, and is not the boil; boil; off: it boiled, and has fallen.
 */
export type BoilIs = 'unknown' | 'warming' | 'foam' | 'boil' | 'off';
/** What a probe in a pot has told so far. A pure step from one to the next: `boilNext`. */
export interface BoilWatch {
  readonly recent: readonly Sample[];
  readonly is: BoilIs;
  /** Since when it is so, s. */
  readonly sinceS: number;
  /** Where it stands, °C, and how it goes, K/s. */
  readonly c: number;
  readonly slope: number;
  /** The steepest rise so far, K/s: a plateau is flat beside that. */
  readonly steepest: number;
  /** Until the boil at this rise, s; null: it does not rise, or is there. */
  readonly leftS: number | null;
  /** When it was looked at last, s. */
  readonly lookedS: number;
  /** Since when the signs of another state are there, s; null: none. */
  readonly otherS: number | null;
}
export const NO_BOIL: BoilWatch = {
  recent: [],
  is: 'unknown',
  sinceS: 0,
  c: NaN,
  slope: 0,
  steepest: 0,
  leftS: null,
  lookedS: -Infinity,
  otherS: null,
};
/** Readings of so many s are looked at together; fewer, or over a shorter while, say nothing. */
const WINDOW_S = 24;
const LEAST_S = 10;
const LEAST = 5;
/** Between two looks, s. */
const LOOK_S = 0.9;
/** Where it stands is told by the last of them, s. */
const LEVEL_S = 8;
/** A rise below this share of the steepest is a plateau, and so is one below this, K/s. */
const FLAT_SHARE = 0.35;
const FLAT_K_PER_S = 0.012;
/** Foam climbs from here on, well below the boil (common practice), °C. */
export const FOAM_FROM_C = 78;
/** A state must hold so long before it is told, s: becoming the boil, and falling off it. */
const HOLDS_S = { boil: 6, off: 15 } as const;
/** Falling off the boil is told a little lower than coming to it, K: at the edge it would flicker. */
const EDGE_K = 0.7;

/** One more reading of the probe. `boilC`: the boiling point of this kitchen, °C. */
export function boilNext(w: BoilWatch, next: Sample, boilC: number): BoilWatch {
  const recent = withNext(w.recent, next, WINDOW_S);
  if (recent === w.recent) return w;
  // Four readings a second are kept; looked at they are once a second.
  if (recent.length < LEAST || spanOf(recent) < LEAST_S || next.s - w.lookedS < LOOK_S) return { ...w, recent };
  const c = levelOf(recent, LEVEL_S);
  const slope = slopeOf(recent);
  const steepest = Math.max(w.steepest, slope);
  const seen = seenAs(w, c, slope, steepest, boilC);
  const leftS = seen !== 'boil' && slope > FLAT_K_PER_S && c < boilC ? (boilC - c) / slope : null;
  const told = { recent, c, slope, steepest, leftS, lookedS: next.s };
  if (seen === w.is) return { ...w, ...told, otherS: null };
  const since = w.otherS ?? next.s;
  const holds = seen === 'boil' ? HOLDS_S.boil : seen === 'off' ? HOLDS_S.off : 0;
  if (next.s - since < holds) return { ...w, ...told, otherS: since };
  return { ...told, is: seen, sinceS: since, otherS: null };
}
function seenAs(w: BoilWatch, c: number, slope: number, steepest: number, boilC: number): BoilIs {
  const boiled = w.is === 'boil' || w.is === 'off';
  const near = c >= boilC - TRUE_BOIL_C - (w.is === 'boil' ? EDGE_K : 0);
  if (near && (w.is === 'boil' || slope < Math.max(FLAT_K_PER_S, FLAT_SHARE * steepest))) return 'boil';
  if (boiled && !near) return 'off';
  return c >= FOAM_FROM_C ? 'foam' : 'warming';
}
