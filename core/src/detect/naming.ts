import type { PhotoFrame } from '../batch';
import type { Layer } from '../steps';
import type { SeenLayers } from './layers';
import { distance } from './picture';
import type { Tone } from './picture';

/** Where a layer can be, from the top down. */
const PLACES = ['cream', 'clear', 'body', 'clear', 'sediment'] as const;
/** A colour is another by so many levels. */
const OTHER = 3;
/** Cream and sediment are thin, share of the fill. */
const THIN_KIND = 0.35;

/** What a photograph of a jar proposes: the fill without the air above it, and its layers. */
export interface ProposedLayers {
  readonly frame: PhotoFrame;
  readonly layers: readonly Layer[];
  /** So much of what was framed is air above the fill, share of its height. */
  readonly air: number;
}
/** Above the fill a jar shows at most two bands: the clear glass, and the part that a film of milk hangs on. */
const MOST_AIR = 2;

/**
 * What the layers seen in a photograph are: of all orders that can be, the one that fits best what each looks like
 * beside the tallest (cream is lighter, what is clear lets the dark or the yellow through, sediment is darker), how high
 * it is, and what was expected. Air is a band of its own above them: it shows what stands behind the jar, through glass
 * and perhaps a film of milk. The fill begins below it. A proposal: a photograph does not taste.
 */
export function proposedLayers(seen: SeenLayers, expected: readonly Layer[]): ProposedLayers {
  const ends = [0, ...seen.lines, 1];
  const shares = seen.tones.map((_, i) => (ends[i + 1] ?? 1) - (ends[i] ?? 0));
  const body = seen.tones[shares.indexOf(Math.max(...shares))] ?? ([0, 0, 0] as const);
  let best: { readonly air: number; readonly order: readonly number[] } = { air: 0, order: [2] };
  let most = -Infinity;
  for (let air = 0; air <= Math.min(MOST_AIR, shares.length - 1); air += 1) {
    const above = sum(shares.slice(0, air).map((_, i) => airScore(seen, i, body, expected)));
    for (const order of ordersOf(shares.length - air)) {
      const fits = sum(
        order.map((place, k) => fit(place, seen.tones[air + k] ?? body, body, shares[air + k] ?? 0, expected)),
      );
      if (above + fits > most) {
        most = above + fits;
        best = { air, order };
      }
    }
  }
  const air = ends[best.air] ?? 0;
  const { top, bottom } = seen.frame;
  return {
    frame: { ...seen.frame, top: top + air * (bottom - top) },
    layers: best.order.map((place, k) => ({
      kind: named(PLACES[place] ?? 'body', expected),
      share: (shares[best.air + k] ?? 1) / (1 - air),
    })),
    air,
  };
}
/** Thin and clear look alike in a photograph: it is called what was expected. */
const named = (kind: (typeof PLACES)[number], expected: readonly Layer[]): Layer['kind'] =>
  kind === 'clear' && expected.some((l) => l.kind === 'thin') ? 'thin' : kind;
/** Is such a layer expected? */
const isExpected = (kind: (typeof PLACES)[number], expected: readonly Layer[]): boolean =>
  expected.some((l) => l.kind === kind || (kind === 'clear' && l.kind === 'thin'));
const sum = (of: readonly number[]): number => of.reduce((a, b) => a + b, 0);
/** How well a band at the top is air: a mixture of what stands beside the jar, grey glass and a film of milk. */
function airScore(seen: SeenLayers, i: number, body: Tone, expected: readonly Layer[]): number {
  const c = seen.tones[i] ?? body;
  const { off, along } = mixtureOf(c, seen.beside[i] ?? [body, body], body);
  const prior = expected[0] && expected[0].kind !== 'body' ? -0.6 : 0.4;
  // As milky as the milk itself it is milk; off the way from air to milk it is something of another colour.
  if (off > OFF || along > ALMOST_MILK) return -2;
  return prior + 1.4 * (1 - off / OFF) + 0.8 * (1 - along / ALMOST_MILK);
}
/** So far from the way between air and milk a colour may lie, levels; and so near to milk it is milk, share of the way. */
const OFF = 16;
const ALMOST_MILK = 0.9;
/** The grey of a pane, and how much of it may lie over what is behind it. */
const PANE: Tone = [205, -5, 0];
const PANES = [0, 0.15, 0.3];
/** How far a colour lies off the way from air (seen through a pane) to milk, levels, and how far along it, 0..1. */
function mixtureOf(
  c: Tone,
  [left, right]: readonly [Tone, Tone],
  milk: Tone,
): { readonly off: number; readonly along: number } {
  let best = { off: Infinity, along: 1 };
  for (const air of [left, between(left, right, 0.5), right].flatMap((o) => PANES.map((k) => between(o, PANE, k)))) {
    const way: Tone = [milk[0] - air[0], milk[1] - air[1], milk[2] - air[2]];
    const n = way[0] ** 2 + way[1] ** 2 + way[2] ** 2;
    const dot = (c[0] - air[0]) * way[0] + (c[1] - air[1]) * way[1] + (c[2] - air[2]) * way[2];
    const along = n > 0 ? Math.min(1, Math.max(0, dot / n)) : 0;
    const off = distance(c, between(air, milk, along));
    if (off < best.off) best = { off, along };
  }
  return best;
}
const between = (a: Tone, b: Tone, k: number): Tone => [
  a[0] + k * (b[0] - a[0]),
  a[1] + k * (b[1] - a[1]),
  a[2] + k * (b[2] - a[2]),
];
/** Every choice of so many places from the top down; a clear does not follow a clear. */
function ordersOf(n: number, from = 0): readonly (readonly number[])[] {
  if (n === 0) return [[]];
  return PLACES.flatMap((_, p) => {
    if (p < from) return [];
    return ordersOf(n - 1, p + 1)
      .filter((rest) => !(p === 1 && rest[0] === 3))
      .map((rest) => [p, ...rest]);
  });
}
function fit(place: number, c: Tone, body: Tone, share: number, expected: readonly Layer[]): number {
  const kind = PLACES[place] ?? 'body';
  const lighter = c[0] - body[0];
  const yellower = c[2] - body[2];
  const prior = kind === 'body' ? 2 : isExpected(kind, expected) ? 0.6 : -0.4;
  const thin = share > THIN_KIND ? -1 : 0;
  switch (kind) {
    case 'cream':
      return prior + thin + (lighter > OTHER ? 1.2 : lighter < -OTHER ? -1.5 : 0);
    case 'clear':
      return prior + (lighter < -OTHER || yellower > OTHER ? 1 : lighter > OTHER ? -1.2 : 0);
    case 'sediment':
      return prior + (share > THIN_KIND ? -1 : 0.5) + (lighter < -OTHER ? 1 : -0.6);
    case 'body':
      return prior + (c === body ? 1 : -0.5);
  }
}
