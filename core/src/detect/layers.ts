import type { PhotoFrame } from '../batch';
import { backgroundBetween, colourBetween } from './contrast';
import { interfacesOf } from './interfaces';
import type { Interface } from './interfaces';
import { endsOf } from './ends';
import { Tones } from './picture';
import type { Picture, Tone } from './picture';
import { profileOf } from './profile';
import type { Profile } from './profile';
import { wallsOf } from './walls';
import type { Walls } from './walls';

/** What a photograph of a jar shows: where what is in it stands, and the lines between its layers. */
export interface SeenLayers {
  readonly frame: PhotoFrame;
  /** Lines between layers, shares of the fill from the top, ascending. */
  readonly lines: readonly number[];
  /** The colour of each layer from the top down, one more than lines; and of what stands left and right of the jar there. */
  readonly tones: readonly Tone[];
  readonly beside: readonly (readonly [Tone, Tone])[];
}
/** Pictures are looked at no larger than this: a line is found to a three hundredth of its height. */
const ROWS = 360;

/**
 * Finds the jar in a photograph, what is in it and the lines between its layers.
 * @returns null: no jar is found, or nothing in it; then somebody must show where it is, see `layersWithin`.
 */
export function layersOfPicture(p: Picture): SeenLayers | null {
  const t = new Tones(p, ROWS);
  const w = wallsOf(t);
  if (!w) return null;
  const [head, foot] = [alongAxis(t, w.tilt, w.from), alongAxis(t, w.tilt, w.to)];
  const long = foot - head;
  const profile = profileOf(t, w, head - ABOVE * long, foot + BELOW * long);
  const found = interfacesOf(profile);
  const ends = endsOf(profile, found, foot - profile.from);
  if (!ends) return null;
  return seenBetween(t, w, profile, found.whole, ends.top, ends.bottom);
}
/** The same where the frame is shown by hand. */
export function layersWithin(p: Picture, f: PhotoFrame): SeenLayers {
  const t = new Tones(p, ROWS);
  const mid = ((f.left + f.right) / 2) * t.width;
  const middle = ((f.top + f.bottom) / 2 - 0.5) * t.height;
  // The frame's sides are at the middle of the jar; walls are kept at the middle of the picture.
  const shift = middle * Math.tan(f.tilt);
  const half = ((f.right - f.left) / 2) * t.width;
  const w: Walls = { left: mid + shift - half, right: mid + shift + half, tilt: f.tilt, from: 0, to: t.height };
  const [top, bottom] = [alongAxis(t, f.tilt, f.top * t.height), alongAxis(t, f.tilt, f.bottom * t.height)];
  const room = ABOUT * (bottom - top);
  const profile = profileOf(t, w, top - room, bottom + room);
  const seen = seenBetween(t, w, profile, interfacesOf(profile).whole, room, room + bottom - top);
  return { ...seen, frame: f };
}
/** A row of the picture, as pixels along the jar's axis from the picture's middle. */
const alongAxis = (t: Tones, tilt: number, row: number): number => (row - t.height / 2) / Math.cos(tilt);
/** So much is looked at above and below where walls are seen, share of their length: below they are lost first. */
const ABOVE = 0.06;
const BELOW = 0.12;
/** And about a frame that was shown, share of its height. */
const ABOUT = 0.05;

/** Layers thinner than this are none, share of the fill. */
const THIN = 0.042;
/** Cream, clear, body, clear, sediment: no jar has more. */
const MOST_LINES = 4;
function seenBetween(
  t: Tones,
  w: Walls,
  p: Profile,
  found: readonly Interface[],
  top: number,
  bottom: number,
): SeenLayers {
  const share = (row: number): number => (row - top) / (bottom - top);
  const kept: Interface[] = [];
  for (const l of [...found].sort((a, b) => b.step - a.step)) {
    const x = share(l.row);
    if (kept.length < MOST_LINES && x > THIN && x < 1 - THIN && kept.every((k) => Math.abs(share(k.row) - x) > THIN))
      kept.push(l);
  }
  const lines = kept.map((l) => share(l.row)).sort((a, b) => a - b);
  const rows = [top, ...lines.map((x) => top + x * (bottom - top)), bottom];
  const tones = rows.slice(0, -1).map((r, i) => {
    const [a, b] = [r, rows[i + 1] ?? bottom];
    return colourBetween(p, a + 0.2 * (b - a), b - 0.2 * (b - a));
  });
  const beside = rows.slice(0, -1).map((r, i) => backgroundBetween(p, r, rows[i + 1] ?? bottom));
  const y = (row: number): number => (t.height / 2 + (p.from + row) * Math.cos(w.tilt)) / t.height;
  const middle = ((y(top) + y(bottom)) / 2 - 0.5) * t.height;
  const side = (x: number): number => (x - middle * Math.tan(w.tilt)) / t.width;
  return {
    frame: { left: side(w.left), right: side(w.right), top: y(top), bottom: y(bottom), tilt: w.tilt },
    lines,
    tones,
    beside,
  };
}
