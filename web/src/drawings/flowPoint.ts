import { flowG, massG, solidsG } from '@ironpan/core/kitchen';
import type { Recipe } from '@ironpan/core/steps';
import { celsius, grams, join, percent, streamName } from '@ironpan/core/words';
import type { FlowLayout, Ribbon } from './flowTypes';

/** How near a pointer must come to a ribbon thinner than itself, px. */
const NEAR = 4;

/** Where the upper edge of a ribbon runs at `x`: the same bump curve as it is drawn with (a cubic, level at both ends). */
export function edgeAt(r: Ribbon, x: number): number {
  if (r.x1 <= r.x0) return r.y0;
  let low = 0;
  let high = 1;
  for (let i = 0; i < 24; i += 1) {
    const t = (low + high) / 2;
    // Both inner points of the cubic stand halfway between its ends.
    const at = 3 * (1 - t) * t * 0.5 + t ** 3;
    if (at < (x - r.x0) / (r.x1 - r.x0)) low = t;
    else high = t;
  }
  const t = (low + high) / 2;
  return r.y0 + (r.y1 - r.y0) * (3 * t * t - 2 * t ** 3);
}

/** The ribbon under a point, the one drawn last first; null: none is near. */
export function ribbonAt(layout: FlowLayout, x: number, y: number): Ribbon | null {
  let near: { readonly r: Ribbon; readonly by: number } | null = null;
  for (const r of layout.ribbons) {
    if (x < r.x0 || x > r.x1) continue;
    const top = edgeAt(r, x);
    const by = y < top ? top - y : y > top + r.h ? y - top - r.h : 0;
    if (by <= NEAR && (near === null || by <= near.by)) near = { r, by };
  }
  return near?.r ?? null;
}

/** What a ribbon carries: its name and grams, and what is to be known of it. */
export function pointText(r: Ribbon, recipe: Recipe): readonly [string, string] {
  const c = r.carries;
  if ('flow' in c) return [`${c.name} ${join(grams(flowG(c.flow)))}`, join(celsius(c.flow.temperatureC))];
  const g = massG(c.s);
  const name = `${streamName(c.stream, recipe)} ${join(grams(g))}`;
  const solids = g > 0 ? `${join(percent(solidsG(c.s) / g))} solids, ` : '';
  return [name, `${solids}${join(celsius(c.s.temperatureC))}`];
}
