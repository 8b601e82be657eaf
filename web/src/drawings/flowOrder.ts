import { flowG } from '@ironpan/core/kitchen';
import type { Flow } from '@ironpan/core/kitchen';
import { kindOf } from '@ironpan/core/steps';
import type { Recipe, Station, Step } from '@ironpan/core/steps';

/** Less than this is not worth a ribbon of its own, g. */
export const LEAST_G = 20;
const ALL: readonly Station[] = ['soak', 'grind', 'strain', 'cook', 'jar'];

/** Only what moves grams is drawn as a bar; resting, cooling and the like happen along a ribbon. */
export function moves(s: Step, flows: readonly Flow[]): boolean {
  return (
    s.kind === 'strain' ||
    s.kind === 'wash' ||
    s.kind === 'pool' ||
    s.kind === 'holdBack' ||
    s.kind === 'jar' ||
    flows.some((f) => flowG(f) >= LEAST_G)
  );
}
/** Stations in the order in which this plan comes to them: a school that boils before it strains is drawn so. */
export function stationOrder(r: Recipe): readonly Station[] {
  const seen: Station[] = [];
  for (const s of r.steps) {
    const st = kindOf(s.kind).station;
    const along = s.kind === 'cool' || s.kind === 'skim' || s.kind === 'finish' || s.kind === 'keep';
    if (!along && !seen.includes(st)) seen.push(st);
  }
  const rest = ALL.filter((s) => !seen.includes(s));
  return [...seen.filter((s) => s !== 'jar'), ...rest.filter((s) => s !== 'jar'), 'jar'];
}
