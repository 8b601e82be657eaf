import { contents, massG } from '../../kitchen';
import type { Stream } from '../../kitchen';
import type { Material } from '../../materials';

/** Coconut this rich splits when it boils, share of fat (common practice: the first pressing). */
const SPLITS_FROM = 0.15;
/** Share of fat, 0..1; 0 of nothing. */
export const fatShare = (s: Stream | undefined): number => (s && massG(s) > 0 ? contents(s).fat / massG(s) : 0);
/** Would it part into cream and water at the boil? Only milks whose fat sets in the cold do: coconut. */
export const splitsAtBoil = (s: Stream | undefined, foods: readonly Material[]): boolean =>
  foods.some((m) => m.capBelowC !== null && (s?.madeFrom[m.id] ?? 0) > 0) && fatShare(s) > SPLITS_FROM;
