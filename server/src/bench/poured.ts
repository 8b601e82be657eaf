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
/** What is poured stands so long before it is taken off for what comes after, s. */
const STANDS_S = 10;
const EMPTY_S = 4;

/** What comes to lie on the scale at this task, one after the other; nothing: it is not used here. */
function weighedAt(t: TaskState, stage: Stage | undefined, p: Progress): readonly OnScale[] {
  const f = (name: keyof Stage['figures']): number => stage?.figures[name] ?? 0;
  const pours = (g: number): readonly OnScale[] => (g > 0 ? [{ g, how: 'pours' }] : []);
  const drips = (g: number): readonly OnScale[] => (g > 0 ? [{ g, how: 'drips' }] : []);
  switch (t.step.kind) {
    case 'sort': {
      const { of } = t.step.params;
      return pours(p.recipe.larder.reduce((g, l) => g + (l.into === of ? l.grams : 0), 0));
    }
    case 'soak':
      return t.task.id === 'cover' ? pours(t.step.params.waterG) : [];
    case 'drain':
      return pours(f('solidsG'));
    case 'grind':
      return t.status === 'waiting' ? pours(t.step.params.waterG / t.step.params.loads) : [];
    case 'blanch':
    case 'absorb':
      return t.task.id === 'heatUp' && t.status === 'waiting' ? pours(t.step.params.waterG) : [];
    case 'strain':
      return drips(f('milkG'));
    case 'wash':
      return [...pours(t.step.params.waterG), ...drips(f('milkG'))];
    case 'add':
    case 'pour':
      return pours(t.step.params.amountG);
    case 'jar':
      return pours(f('filledG'));
    default:
      return [];
  }
}
/** When what stands before the cook came up: when the last thing before it was done. */
const cameUpAt = (p: Progress, batch: FrozenBatch): number =>
  Math.max(batch.startedAt, ...p.tasks.flatMap((t) => (t.endedAt === null ? [] : [t.endedAt])));

/** What stands on the scale at an instant, g, the vessel tared: poured by a hand that strays, or run through a cloth. */
export function pouredNow(p: Progress, batch: FrozenBatch, seed: number, at: number): number {
  const t = p.current;
  if (!t) return 0;
  const place = p.tasks.indexOf(t);
  let s = (at - cameUpAt(p, batch)) / 1000 - REACHES_S;
  const all = weighedAt(t, p.outcome.stages[t.index], p);
  for (const [i, what] of all.entries()) {
    if (s <= 0) return 0;
    if (what.how === 'drips') return what.g * (1 - Math.exp(-s / DRIPS_TAU_S));
    const hand = 1 + HAND_SHARE * normal(seededRandom(seed + 977 * place + i));
    if (i === all.length - 1 || s < POURS_S + STANDS_S) return what.g * hand * Math.min(1, s / POURS_S);
    s -= POURS_S + STANDS_S + EMPTY_S;
  }
  return 0;
}
