import { normal, seededRandom } from '../../src/numerics';

/**
 * Photographs of jars, drawn: a jar before a wall on a table, with rim and lid, milk in layers, round glass that shades to
 * its sides, a label with writing, reflections, a camera held askew and a little from above, a blurred and noisy sensor.
 * What was drawn is known, so that what is found in it can be held against it.
 */
// Looked up once: in a test's own world each look at a global costs more than what it does.
const { abs, cos, exp, floor, max, sin, sqrt } = Math;
type Rgb = readonly [number, number, number];
export interface Drawn {
  readonly width: number;
  readonly height: number;
  readonly data: Uint8ClampedArray;
  /** Where layers meet, share of the fill from the top, ascending. */
  readonly lines: readonly number[];
  /** Top and bottom of what is in it, at the jar's middle, share of the picture's height; and how askew, radians. */
  readonly top: number;
  readonly bottom: number;
  readonly tilt: number;
  /** The jar's sides at that middle, share of the width. */
  readonly left: number;
  readonly right: number;
  readonly kinds: readonly LayerKind[];
}
type LayerKind = 'cream' | 'clear' | 'body' | 'sediment';
const MIXES: readonly (readonly LayerKind[])[] = [
  ['body'],
  ['cream', 'body'],
  ['clear', 'body'],
  ['body', 'sediment'],
  ['cream', 'body', 'sediment'],
  ['clear', 'body', 'sediment'],
  ['cream', 'body', 'clear'],
  ['cream', 'body', 'clear', 'sediment'],
];
const mix = (a: Rgb, b: Rgb, t: number): Rgb => [
  a[0] + (b[0] - a[0]) * t,
  a[1] + (b[1] - a[1]) * t,
  a[2] + (b[2] - a[2]) * t,
];
const sigmoid = (x: number): number => 1 / (1 + exp(-x));

/** What may be asked of a picture: its layers, and how much of a wet film of milk hangs on the glass above the fill, 0..1. */
interface Asked {
  readonly kinds?: readonly LayerKind[];
  readonly film?: number;
}
/** The picture of this seed; the same every time. */
export function renderedJar(seed: number, asked: Asked = {}): Drawn {
  const r = seededRandom(seed * 7919 + 13);
  const between = (a: number, b: number): number => a + (b - a) * r();
  const height = Math.round(between(280, 480));
  const width = Math.round(height * between(0.62, 0.85));
  const drawn: readonly LayerKind[] = MIXES[floor(r() * MIXES.length)] ?? ['body'];
  const kinds = asked.kinds ?? drawn;
  // The room: a wall with light falling from one side, a table, a few things out of focus.
  const dark = r() < 0.5;
  const wall: Rgb = dark
    ? [between(40, 110), between(40, 105), between(40, 100)]
    : [between(130, 215), between(130, 210), between(120, 205)];
  const table: Rgb = [between(60, 190), between(50, 160), between(40, 140)];
  const fall = [between(-0.25, 0.25), between(-0.2, 0.2)] as const;
  const things = Array.from({ length: floor(r() * 3) }, () => ({
    x: between(0, 1),
    y: between(0, 0.7),
    w: between(0.06, 0.25),
    h: between(0.06, 0.3),
    colour: [between(40, 220), between(40, 210), between(40, 200)] as Rgb,
  }));
  // The jar.
  const jarH = between(0.5, 0.84) * height;
  const jarW = Math.min(0.72 * width, jarH / between(1.25, 2.5));
  const cx = width * between(0.42, 0.58);
  const jarBottom = height * between(0.86, 0.95);
  const jarTop = jarBottom - jarH;
  const tableY = jarBottom - between(0.03, 0.2) * jarH;
  const lid = r() < 0.6 ? jarH * between(0.06, 0.12) : 0;
  const lidColour: Rgb = [between(60, 220), between(60, 200), between(50, 180)];
  const top = jarTop + lid + jarH * between(0.05, 0.25);
  const bottom = jarBottom - jarH * between(0.015, 0.035);
  const fill = bottom - top;
  const tilt = between(-0.1, 0.1);
  const sag = between(0, 0.025) * jarH;
  // What is in it.
  const body: Rgb = mix([228, 220, 200], [205, 188, 158], r());
  const bright = between(0.8, 1.06);
  const seen = mix(wall, [205, 190, 120], between(0.45, 0.75));
  const colours: Record<LayerKind, Rgb> = {
    body,
    cream: mix(body, [255, 250, 232], between(0.45, 0.8)),
    clear: mix(body, seen, between(0.4, 0.8)),
    sediment: mix(body, [120, 95, 60], between(0.22, 0.55)),
  };
  const share = (k: LayerKind): number => (k === 'body' ? 0 : k === 'clear' ? between(0.06, 0.45) : between(0.06, 0.2));
  const shares = kinds.map(share);
  shares[kinds.indexOf('body')] = 1 - shares.reduce((a, b) => a + b, 0);
  const lines = shares.slice(0, -1).map((_, i) => shares.slice(0, i + 1).reduce((a, b) => a + b, 0));
  const soft = lines.map(() => between(0.002, 0.01) * fill);
  // What lies over it.
  const label =
    r() < 0.5
      ? { x: between(-0.25, 0.25), w: between(0.4, 0.72), y: between(0.15, 0.6), h: between(0.15, 0.32) }
      : null;
  const paper: Rgb =
    r() < 0.6
      ? [between(215, 250), between(210, 245), between(195, 235)]
      : [between(30, 200), between(30, 160), between(30, 160)];
  const glares = Array.from({ length: floor(r() * 3) }, () => ({
    u: between(-0.85, 0.85),
    w: between(0.03, 0.09),
    a: between(0.25, 0.95),
    from: between(-0.1, 0.3),
    to: between(0.6, 1.1),
  }));
  const side = between(-0.12, 0.12);
  const edge = between(0.2, 0.45);
  const noise = between(1.5, 6);

  const colourAt = (px: number, py: number): Rgb => {
    // The camera is askew: what it sees at a point stands, in the room, turned back about the jar's middle.
    const ox = px - cx;
    const oy = py - (jarBottom - jarH / 2);
    const x = cx + ox * cos(tilt) + oy * sin(tilt);
    const y = jarBottom - jarH / 2 - ox * sin(tilt) + oy * cos(tilt);
    let c: Rgb = y < tableY ? wall : table;
    if (y < tableY)
      for (const t of things)
        c = mix(
          c,
          t.colour,
          sigmoid((0.5 * t.w - abs(x / width - t.x)) * 60) * sigmoid((0.5 * t.h - abs(y / height - t.y)) * 60),
        );
    const light = 1 + fall[0] * (x / width - 0.5) + fall[1] * (y / height - 0.5);
    const u = (x - cx) / (jarW / 2);
    const corner = max(0, (y - (jarBottom - 0.08 * jarW)) / (0.08 * jarW));
    const reach = 1 - 0.16 * (1 - sqrt(max(0, 1 - corner * corner)));
    const inside = abs(u) < reach && y > jarTop && y < jarBottom;
    if (!inside) return [c[0] * light, c[1] * light, c[2] * light];
    const round = 1 - edge * abs(u) ** 3 + side * u;
    const yy = y - sag * sqrt(max(0, 1 - u * u));
    if (yy < jarTop + lid) c = mix(lidColour, [255, 255, 255], 0.12 * sin((yy - jarTop) * 0.9));
    else if (yy < top) {
      c = mix(c, [210, 215, 215], 0.18 + 0.3 * abs(u) ** 4);
      // What ran back leaves a film that thins towards the rim.
      if (asked.film !== undefined) c = mix(c, body, asked.film * ((yy - jarTop - lid) / (top - jarTop - lid)));
    } else if (yy > bottom || abs(u) > 0.965) c = mix(c, [190, 200, 200], 0.45);
    else {
      const at = (yy - top) / fill;
      c = body;
      kinds.forEach((k, i) => {
        c =
          i === 0 ? colours[k] : mix(c, colours[k], sigmoid(((at - (lines[i - 1] ?? 0)) * fill) / (soft[i - 1] ?? 1)));
      });
      c = [c[0] * bright, c[1] * bright, c[2] * bright];
    }
    if (label && abs(u - label.x) < label.w && yy > top + label.y * fill && yy < top + (label.y + label.h) * fill) {
      const row = ((yy - top) / fill - label.y) / label.h;
      const ink = row > 0.2 && row < 0.85 && (row * 9) % 2 < 0.8 && sin(u * 90 + floor(row * 4.5) * 2) > -0.3;
      c = ink ? mix(paper, [40, 40, 50], 0.75) : paper;
    }
    c = [c[0] * round * light, c[1] * round * light, c[2] * round * light];
    const down = (y - jarTop) / jarH;
    for (const g of glares)
      if (down > g.from && down < g.to) c = mix(c, [255, 255, 255], g.a * exp(-(((u - g.u) / g.w) ** 2)));
    return c;
  };
  const grains = Array.from({ length: 4099 }, () => normal(r) * noise);
  let g = 0;
  const grain = (): number => grains[(g = (g + 1) % grains.length)] ?? 0;
  const data = new Uint8ClampedArray(width * height * 4);
  for (let y = 0; y < height; y += 1)
    for (let x = 0; x < width; x += 1) {
      // Between two places: edges are as soft as a lens makes them.
      const c = mix(colourAt(x - 0.3, y - 0.3), colourAt(x + 0.3, y + 0.3), 0.5);
      const n = grain();
      const k = 4 * (y * width + x);
      data[k] = c[0] + n + 0.4 * grain();
      data[k + 1] = c[1] + n;
      data[k + 2] = c[2] + n + 0.4 * grain();
      data[k + 3] = 255;
    }
  // Points of the room, at the jar's middle, as the askew camera sees them.
  const mid = jarBottom - jarH / 2;
  const down = (y: number): number => (mid + (y + sag - mid) * cos(tilt)) / height;
  const axis = cx - ((top + bottom) / 2 + sag - mid) * sin(tilt);
  const half = ((jarW / 2) * 0.965) / cos(tilt);
  const where = { left: (axis - half) / width, right: (axis + half) / width };
  return { width, height, data, lines, top: down(top), bottom: down(bottom), tilt, ...where, kinds };
}
