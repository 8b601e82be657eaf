import { flowG } from '@ironpan/core/kitchen';
import type { Flow } from '@ironpan/core/kitchen';
import { kindOf } from '@ironpan/core/steps';
import type { Recipe, Station, Step } from '@ironpan/core/steps';

/** Less than this is not worth a ribbon of its own, g. */
export const LEAST_G = 20;
const ALL: readonly Station[] = ['soak', 'grind', 'strain', 'cook', 'jar'];

/** It parts one stream from another, joins two, brings one of its own or closes one into vessels. */
function always(s: Step): boolean {
  const kind = kindOf(s.kind);
  const reads = kind.reads(s.params);
  return kind.fills !== undefined || reads.length === 0 || new Set([...reads, ...kind.writes(s.params)]).size > 1;
}
/** Only what moves grams is drawn as a bar; resting, cooling and the like happen along a ribbon. */
export function moves(s: Step, flows: readonly Flow[]): boolean {
  return always(s) || flows.some((f) => flowG(f) >= LEAST_G);
}
/** Stations in the order in which this plan comes to them: a school that boils before it strains is drawn so. */
export function stationOrder(r: Recipe): readonly Station[] {
  const seen: Station[] = [];
  for (const s of r.steps) {
    const { station, along } = kindOf(s.kind);
    if (!along && !seen.includes(station)) seen.push(station);
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
    if (kindOf(s.kind).along && always(s)) return at;
    const own = stations.indexOf(kindOf(s.kind).station);
    at = Math.max(at, own);
    return own;
  });
}
