import { massG, merge, portion, waterStream } from '../../kitchen';
import type { Stream } from '../../kitchen';

const GLASS_G = 100;
/** By the spoon, and no more than as much again. */
const BY_G = 5;
/** The least water, g, with which a hundred grams of a milk are as they should be; all of it where even that is not enough; null: it needs none. */
export function inHundred(s: Stream, ok: (thinned: Stream) => boolean): number | null {
  const glass = portion(s, Math.min(1, GLASS_G / Math.max(1e-9, massG(s))));
  const part = massG(glass) / GLASS_G;
  for (let g = 0; g <= GLASS_G; g += BY_G)
    if (ok(merge(glass, waterStream(g * part, s.temperatureC, true)))) return g === 0 ? null : g;
  return GLASS_G;
}
