import type { Draft, Stream } from '../../kitchen';
import { addGrams, scaleGrams, withGrams, COMPONENTS } from '../../materials';
import type { Component, Grams } from '../../materials';
import { interpolate } from '../../numerics';
import { ofMaterial } from './body';
import { byMaterial } from './byMaterial';
import type { Ctx } from '../types';

/** Components that leave more readily the warmer the water, for the materials of this stream. */
function warmComponents(s: Stream, ctx: Ctx): readonly Component[] {
  const found = new Set<Component>();
  for (const m of ctx.materials)
    if (s.madeFrom[m.id] !== undefined) for (const c of Object.keys(m.warmer)) found.add(c as Component);
  return found.size === 0 ? [] : COMPONENTS.filter((c) => found.has(c));
}
function shareAt(s: Stream, component: Component, c: number, ctx: Ctx): number {
  return byMaterial(s, ctx.materials, (m) => {
    const points = m.warmer[component];
    return points ? interpolate(points, c) : m.canLeave[component];
  });
}

/**
 * Warmer water draws more: what only leaves warm now leaves the opened cells, and the shut ones stand ready to give it.
 * In state form by the hottest water so far; colder water again changes nothing.
 */
export function warmRelease(d: Draft, c: number, ctx: Ctx): void {
  for (const component of warmComponents(d, ctx)) {
    const was = shareAt(d, component, d.releasedC, ctx);
    const now = shareAt(d, component, c, ctx);
    if (now <= was || was <= 0 || was >= 1) continue;
    const inOpened = Math.max(0, d.bound[component] - d.able[component] / was);
    const extra = (inOpened * (now - was)) / (1 - was);
    d.released = withGrams(d.released, { [component]: d.released[component] + extra });
    d.bound = withGrams(d.bound, { [component]: d.bound[component] - extra });
    d.able = withGrams(d.able, { [component]: Math.min(d.bound[component], (d.able[component] * now) / was) });
  }
  d.releasedC = Math.max(d.releasedC, c);
}

function least(bound: Grams, able: Grams, by: number): Grams {
  if (by === 1) return able;
  const out: Record<string, number> = {};
  for (const c of COMPONENTS) out[c] = Math.min(bound[c], able[c] * by);
  return addGrams(out as unknown as Grams, able, 0);
}

/** Opens cells of a draft up to a share of all: each frees its own water and what can leave it at this temperature. */
export function openTo(d: Draft, opened: number, c: number, ctx: Ctx): void {
  if (c > d.releasedC) warmRelease(d, c, ctx);
  // A kitchen's own figure for what leaves is applied once, at the first opening; all of a component at most.
  const able = d.openedShare === 0 ? least(d.bound, d.able, ofMaterial(d, 'leaving', ctx)) : d.able;
  const part = d.openedShare < 1 ? Math.max(0, (opened - d.openedShare) / (1 - d.openedShare)) : 0;
  d.openedShare = Math.max(opened, d.openedShare);
  d.freeWaterG += d.boundWaterG * part;
  d.boundWaterG *= 1 - part;
  d.gainedWaterG *= 1 - part;
  d.released = addGrams(d.released, able, part);
  d.bound = addGrams(d.bound, able, -part);
  d.able = scaleGrams(able, 1 - part);
}
