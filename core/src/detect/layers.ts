import type { PhotoFrame } from '../batch';
import { colourBetween } from './contrast';
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
  /** The colour of each layer from the top down; one more than lines. */
  readonly tones: readonly Tone[];
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
  const long = w.to - w.from;
  const from = (w.from - t.height / 2 - 0.06 * long) / Math.cos(w.tilt);
  const to = (w.to - t.height / 2 + 0.12 * long) / Math.cos(w.tilt);
  const profile = profileOf(t, w, from, to);
  const found = interfacesOf(profile);
  const ends = endsOf(profile, found, (w.to - t.height / 2) / Math.cos(w.tilt) - from);
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
  const top = (f.top * t.height - t.height / 2) / Math.cos(f.tilt);
  const bottom = (f.bottom * t.height - t.height / 2) / Math.cos(f.tilt);
  const long = bottom - top;
  const profile = profileOf(t, w, top - 0.05 * long, bottom + 0.05 * long);
  const at = { row: 0.05 * long };
  const seen = seenBetween(t, w, profile, interfacesOf(profile).whole, at.row, at.row + long);
  return { ...seen, frame: f };
}

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
  const y = (row: number): number => (t.height / 2 + (p.from + row) * Math.cos(w.tilt)) / t.height;
  const middle = ((y(top) + y(bottom)) / 2 - 0.5) * t.height;
  const side = (x: number): number => (x - middle * Math.tan(w.tilt)) / t.width;
  return {
    frame: { left: side(w.left), right: side(w.right), top: y(top), bottom: y(bottom), tilt: w.tilt },
    lines,
    tones,
  };
}
