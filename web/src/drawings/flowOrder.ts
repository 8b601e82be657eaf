import { flowG } from '@ironpan/core/kitchen';
import type { Flow } from '@ironpan/core/kitchen';
import { kindOf } from '@ironpan/core/steps';
import type { Kind, Recipe, Station, Step } from '@ironpan/core/steps';

/** Less than this is not worth a ribbon of its own, g. */
export const LEAST_G = 20;
const ALL: readonly Station[] = ['soak', 'grind', 'strain', 'cook', 'jar'];
/** These happen along a ribbon, wherever it is: they give no station its place. */
const ALONG: readonly Kind[] = ['cool', 'skim', 'finish', 'keep', 'pool', 'holdBack', 'split'];
const ALWAYS: readonly Kind[] = ['strain', 'wash', 'pool', 'holdBack', 'jar', 'split', 'lift', 'freeze'];

/** Only what moves grams is drawn as a bar; resting, cooling and the like happen along a ribbon. */
export function moves(s: Step, flows: readonly Flow[]): boolean {
  return ALWAYS.includes(s.kind) || flows.some((f) => flowG(f) >= LEAST_G);
}
/** Stations in the order in which this plan comes to them: a school that boils before it strains is drawn so. */
export function stationOrder(r: Recipe): readonly Station[] {
  const seen: Station[] = [];
  for (const s of r.steps) {
    const st = kindOf(s.kind).station;
    if (!ALONG.includes(s.kind) && !seen.includes(st)) seen.push(st);
  }
  // A station where nothing is done keeps its usual place.
  const order: Station[] = seen.filter((s) => s !== 'jar');
  for (const [i, s] of ALL.entries()) {
    if (s === 'jar' || order.includes(s)) continue;
    const before = ALL.slice(0, i).findLast((b) => order.includes(b));
    order.splice(before === undefined ? 0 : order.indexOf(before) + 1, 0, s);
  }
  return [...order, 'jar'];
}
/** The column a step is drawn in: its station's, or for what happens along the way that of the step before it. */
export function columnsOf(r: Recipe, stations: readonly Station[]): readonly number[] {
  let at = 0;
  return r.steps.map((s) => {
    if (s.kind === 'pool' || s.kind === 'holdBack' || s.kind === 'split') return at;
    const own = stations.indexOf(kindOf(s.kind).station);
    at = Math.max(at, own);
    return own;
  });
}
