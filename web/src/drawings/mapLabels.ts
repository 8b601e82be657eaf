/** A piece of the drawing, in its pixels. */
export interface Box {
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
}
export type Spot = readonly [x: number, y: number];

/** Where along a line a name is tried: its middle first, then outwards. */
const TRIED = [0.5, 0.62, 0.38, 0.75, 0.25, 0.88, 0.12] as const;
const LETTER = 8.2;
const HIGH = 14;

/** The place `text` takes, its baseline at `y`. Widths are of the bold face, on the safe side. */
export function textBox(text: string, x: number, y: number, anchor: 'start' | 'middle' | 'end'): Box {
  const w = LETTER * text.length;
  const left = anchor === 'start' ? x : anchor === 'end' ? x - w : x - w / 2;
  return { left, right: left + w, top: y - HIGH, bottom: y + 4 };
}

const clash = (a: Box, b: Box): boolean => a.left < b.right && b.left < a.right && a.top < b.bottom && b.top < a.bottom;

/**
 * A spot for each name along its line, within `frame` and clear of what is written there already and of each other; where
 * no spot is clear, the middle. A line without points: null.
 */
export function namesAlong(
  lines: readonly { readonly name: string; readonly points: readonly Spot[] }[],
  frame: Box,
  written: readonly Box[],
): readonly (Spot | null)[] {
  const taken = [...written];
  return lines.map(({ name, points }) => {
    if (points.length === 0) return null;
    const half = (LETTER * name.length) / 2;
    const spots = TRIED.map((t) => points[Math.floor(t * points.length)] ?? ([0, 0] as const)).map(([x, y]): Spot => [
      Math.min(frame.right - half - 4, Math.max(frame.left + half + 4, x)),
      Math.min(frame.bottom - 8, Math.max(frame.top + HIGH + 2, y)),
    ]);
    const box = ([x, y]: Spot): Box => textBox(name, x, y, 'middle');
    const spot = spots.find((s) => !taken.some((b) => clash(box(s), b))) ?? spots[0];
    if (!spot) return null;
    taken.push(box(spot));
    return spot;
  });
}
