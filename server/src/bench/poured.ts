import type { FrozenBatch, Progress, TaskState } from '@ironpan/core/batch';
import { normal, seededRandom } from '@ironpan/core/numerics';
import type { Stage } from '@ironpan/core/steps';

/** From the step coming up until something is on the scale, s; then poured within so many, or run through a cloth. */
const REACHES_S = 3;
const POURS_S = 12;
const DRIPS_TAU_S = 25;
/** How far a hand strays from what it means to pour, as a share, 1 σ (common practice). */
const HAND_SHARE = 0.008;

interface OnScale {
  readonly g: number;
  readonly how: 'pours' | 'drips';
}
/** What would come to lie on the scale at this task, g; null: nothing is weighed here. */
function weighedAt(t: TaskState, stage: Stage | undefined, p: Progress): OnScale | null {
  const f = (name: keyof Stage['figures']): number => stage?.figures[name] ?? 0;
  const pours = (g: number): OnScale | null => (g > 0 ? { g, how: 'pours' } : null);
  switch (t.step.kind) {
    case 'sort':
      return pours(
        p.recipe.larder
          .filter((l) => 'of' in t.step.params && l.into === t.step.params.of)
          .reduce((g, l) => g + l.grams, 0),
      );
    case 'soak':
      return t.task.id === 'cover' ? pours(t.step.params.waterG) : null;
    case 'drain':
      return pours(f('solidsG'));
    case 'grind':
      return t.status === 'waiting' ? pours(t.step.params.waterG / t.step.params.loads) : null;
    case 'blanch':
    case 'absorb':
      return t.task.id === 'heatUp' && t.status === 'waiting' ? pours(t.step.params.waterG) : null;
    case 'strain':
    case 'wash':
      return f('milkG') > 0 ? { g: f('milkG'), how: 'drips' } : null;
    case 'add':
    case 'pour':
      return pours(t.step.params.amountG);
    case 'jar':
      return pours(f('filledG'));
    default:
      return null;
  }
}
/** When what stands before the cook came up: when the last thing before it was done. */
const cameUpAt = (p: Progress, batch: FrozenBatch): number =>
  Math.max(batch.startedAt, ...p.tasks.flatMap((t) => (t.endedAt === null ? [] : [t.endedAt])));

/** What stands on the scale at an instant, g, the vessel tared: poured by a hand that strays, or run through a cloth. */
export function pouredNow(p: Progress, batch: FrozenBatch, seed: number, at: number): number {
  const t = p.current;
  if (!t) return 0;
  const what = weighedAt(t, p.outcome.stages[t.index], p);
  const s = (at - cameUpAt(p, batch)) / 1000 - REACHES_S;
  if (!what || s <= 0) return 0;
  const place = p.tasks.indexOf(t);
  const hand = 1 + HAND_SHARE * normal(seededRandom(seed + 977 * place));
  return what.how === 'drips' ? what.g * (1 - Math.exp(-s / DRIPS_TAU_S)) : what.g * hand * Math.min(1, s / POURS_S);
}
