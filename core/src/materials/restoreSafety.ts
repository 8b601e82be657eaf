import { MATERIALS } from './materials';
import { likeOf } from './own';
import type { Keeps, Material } from './types';

type State = 'raw' | 'heated' | 'boiled';
const STATES: readonly State[] = ['raw', 'heated', 'boiled'];

/**
 * A food that came in with a file, with safety data that can be trusted. A known food has its own, whatever the file says: how
 * long it keeps, whether it must boil, its allergens. An own food keeps no longer than the known food it is like, and has to
 * boil where that one has to.
 */
export function restoreSafety(m: Material): Material {
  const known = MATERIALS.find((x) => x.id === m.id);
  if (known) {
    const { keeps, inhibitorLabileShare, allergens, milk } = known;
    return { ...m, keeps, inhibitorLabileShare, allergens, milk };
  }
  const like = likeOf(m);
  const inhibitorLabileShare = m.inhibitorLabileShare ?? like.inhibitorLabileShare;
  return {
    ...m,
    inhibitorLabileShare,
    keeps: Object.fromEntries(STATES.map((s) => [s, shorter(m.keeps[s], like.keeps[s])])) as Record<State, Keeps>,
  };
}
const shorter = (a: Keeps, b: Keeps): Keeps => ({
  days: Math.min(a.days, b.days),
  capDays: Math.min(a.capDays, b.capDays),
});
