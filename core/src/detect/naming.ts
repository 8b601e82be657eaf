import type { Layer } from '../steps';
import type { SeenLayers } from './layers';
import type { Tone } from './picture';

/** Where a layer can be, from the top down. */
const PLACES = ['cream', 'clear', 'body', 'clear', 'sediment'] as const;
/** A colour is another by so many levels. */
const OTHER = 3;
/** Cream and sediment are thin, share of the fill. */
const THIN_KIND = 0.35;

/**
 * What the layers seen in a photograph are: of all orders that can be, the one that fits best what each looks like
 * beside the tallest (cream is lighter, what is clear lets the dark or the yellow through, sediment is darker), how high it is, and
 * what was expected. A proposal: a photograph does not taste.
 */
export function namedLayers(seen: SeenLayers, expected: readonly Layer[]): readonly Layer[] {
  const ends = [0, ...seen.lines, 1];
  const shares = seen.tones.map((_, i) => (ends[i + 1] ?? 1) - (ends[i] ?? 0));
  const body = seen.tones[shares.indexOf(Math.max(...shares))] ?? ([0, 0, 0] as const);
  let best: readonly number[] = [2];
  let most = -Infinity;
  for (const order of ordersOf(shares.length)) {
    const fits = order.reduce(
      (sum, place, i) => sum + fit(place, seen.tones[i] ?? body, body, shares[i] ?? 0, expected),
      0,
    );
    if (fits > most) {
      most = fits;
      best = order;
    }
  }
  return best.map((place, i) => ({ kind: PLACES[place] ?? 'body', share: shares[i] ?? 1 }));
}
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
  const prior = kind === 'body' ? 2 : expected.some((l) => l.kind === kind) ? 0.6 : -0.4;
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
