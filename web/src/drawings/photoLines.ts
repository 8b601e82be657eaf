import type { PhotoFrame } from '@ironpan/core/batch';

interface Size {
  readonly width: number;
  readonly height: number;
}
/**
 * Where a point of what is in a jar stands on its photograph, pixels: `share` of the fill from the top, `u` across it
 * from −1 (left) to 1. A jar that leans takes its lines with it.
 */
export function pointOn(p: Size, f: PhotoFrame, share: number, u: number): readonly [number, number] {
  const tan = Math.tan(f.tilt);
  const y = (f.top + share * (f.bottom - f.top)) * p.height;
  const half = (u * (f.right - f.left) * p.width) / 2;
  return [axisAt(p, f, y) + half, y + half * tan];
}
/** The share of the fill at a point of the photograph; beyond the ends less than 0 or more than 1. */
export function shareAt(p: Size, f: PhotoFrame, x: number, y: number): number {
  const tan = Math.tan(f.tilt);
  // The line through the point is followed to the axis: twice is as near as a pixel.
  let mid = y;
  for (let k = 0; k < 3; k += 1) mid = y - (x - axisAt(p, f, mid)) * tan;
  return (mid / p.height - f.top) / (f.bottom - f.top);
}
const axisAt = (p: Size, f: PhotoFrame, y: number): number =>
  ((f.left + f.right) / 2) * p.width - (y - ((f.top + f.bottom) / 2) * p.height) * Math.tan(f.tilt);

/** The part of a photograph about a frame, pixels: a jar far off is shown near. Without a frame all of it. */
export function partAbout(p: Size, f: PhotoFrame | null): Size & { readonly x: number; readonly y: number } {
  if (!f) return { x: 0, y: 0, ...p };
  const corners = [pointOn(p, f, 0, -1), pointOn(p, f, 0, 1), pointOn(p, f, 1, -1), pointOn(p, f, 1, 1)];
  const span = (i: 0 | 1, most: number): readonly [number, number] => {
    const all = corners.map((c) => c[i]);
    const [low, high] = [Math.min(...all), Math.max(...all)];
    const room = ROOM * (high - low);
    return [Math.max(0, low - room), Math.min(most, high + room)];
  };
  const [x0, x1] = span(0, p.width);
  const [y0, y1] = span(1, p.height);
  return { x: x0, y: y0, width: x1 - x0, height: y1 - y0 };
}
/** So much about a jar is shown with it, share of its own size. */
const ROOM = 0.3;

/** A frame is at least so high and wide, shares. */
const LEAST = 0.05;
export type End = 'top' | 'bottom' | 'left' | 'right';
/** A frame with one of its ends elsewhere, as far as the picture and the other end let it. */
export function moveEnd(f: PhotoFrame, end: End, to: number): PhotoFrame {
  const low = end === 'bottom' ? f.top + LEAST : end === 'right' ? f.left + LEAST : 0;
  const high = end === 'top' ? f.bottom - LEAST : end === 'left' ? f.right - LEAST : 1;
  return { ...f, [end]: Math.min(high, Math.max(low, to)) };
}
/** Where nobody and nothing has shown the jar yet: the middle. */
export const MIDDLE: PhotoFrame = { left: 0.25, right: 0.75, top: 0.25, bottom: 0.9, tilt: 0 };
