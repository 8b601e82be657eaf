import { freshStepId } from '@ironpan/core/steps';
import type { Edit, Recipe, Step } from '@ironpan/core/steps';

/** One place earlier or later in the whole plan. */
export function moveBy(r: Recipe, id: string, by: -1 | 1): readonly Edit[] {
  const at = r.steps.findIndex((s) => s.id === id);
  return moveTo(r, id, at + by);
}
/** To the place `to` of the plan, counted as it will then be. */
export function moveTo(r: Recipe, id: string, to: number): readonly Edit[] {
  const others = r.steps.filter((s) => s.id !== id);
  if (to < 0 || to > others.length) return [];
  return [{ do: 'move', step: id, after: others[to - 1]?.id ?? null }];
}
/** The same step once more, right after itself. */
export const doubled = (r: Recipe, s: Step): readonly Edit[] => [
  { do: 'insert', after: s.id, step: { ...s, id: freshStepId(r, s.id.replace(/\d+$/, '')) } },
];
