import { highestOf, kindOf } from '../steps';
import type { Reading } from '../steps';
import type { FrozenBatch } from './events';
import { fold } from './fold';
import { ranForS } from './progress';
import type { Progress } from './progress';
import { summarise } from './summary';
import type { ProductSummary } from './summary';

/** What stands soaking has drunk by now: the same fold, the running soak cut at the present second. */
export function soakingNow(p: Progress, batch: FrozenBatch, now: number): SoakingNow | null {
  const t = p.current;
  if (t?.step.kind !== 'soak' || t.task.id !== 'soak' || t.status !== 'running' || t.begunAt === null) return null;
  const elapsed = Math.min(highestOf('soak', 'durationS'), (now - t.begunAt) / 1000);
  const cut: Reading = { id: 'now', step: t.step.id, what: 'durationS', value: elapsed, source: 'clock' };
  const given = { kit: batch.kit, beliefs: batch.beliefs, readings: [...p.readings, cut], untilStep: t.index + 1 };
  const figures = fold(p.recipe, given).stages.at(-1)?.figures;
  return figures
    ? {
        elapsedS: elapsed,
        plannedS: t.task.durationS,
        uptakeShare: figures.uptakeShare ?? 0,
        drunkG: figures.drunkG ?? 0,
        longestS: figures.longestS ?? 0,
        aroundC: figures.aroundC ?? 0,
      }
    : null;
}
/** What is left of the inhibitor after the hold so far; null when nothing is being held at the boil. */
export function holdingNow(p: Progress, batch: FrozenBatch, now: number, pausedAt: number | null): HoldingNow | null {
  const t = p.current;
  if (t?.step.kind !== 'boil' || t.task.id !== 'hold' || t.status !== 'running') return null;
  const cut: Reading = { id: 'now', step: t.step.id, what: 'holdS', value: ranForS(t, pausedAt, now), source: 'clock' };
  const given = { kit: batch.kit, beliefs: batch.beliefs, readings: [...p.readings, cut], untilStep: t.index + 1 };
  const f = fold(p.recipe, given).stages.at(-1)?.figures;
  return f?.inhibitorLeft === undefined
    ? null
    : { left: f.inhibitorLeft, goal: f.inhibitorGoal ?? 0, neededS: f.neededHoldS ?? 0 };
}
/** What the milk would be if the jug stopped now; null when none is turning. */
export function grindingNow(
  p: Progress,
  batch: FrozenBatch,
  now: number,
  pausedAt: number | null,
): ProductSummary | null {
  const t = p.current;
  if (t?.step.kind !== 'grind' || t.status !== 'running') return null;
  const what = Object.entries(kindOf('grind').readings).find(([, r]) => r.byClock && r.task === t.task.id)?.[0];
  if (what === undefined) return null;
  const ran = Math.min(highestOf('grind', 'durationS'), ranForS(t, pausedAt, now));
  const cut: Reading = { id: 'now', step: t.step.id, task: t.task.id, what, value: ran, source: 'clock' };
  const given = { kit: batch.kit, beliefs: batch.beliefs, readings: [...p.readings, cut] };
  return summarise(p.recipe, fold(p.recipe, given), batch.kit, 'main').main;
}
export interface HoldingNow {
  readonly left: number;
  readonly goal: number;
  readonly neededS: number;
}
export interface SoakingNow {
  readonly elapsedS: number;
  readonly plannedS: number;
  readonly uptakeShare: number;
  readonly drunkG: number;
  readonly longestS: number;
  readonly aroundC: number;
}
/** Raw legume (it has trypsin inhibitor) that has not had its hold at the boil: nothing of it is to be tasted. */
export function stillRaw(p: Progress): boolean {
  if (!p.recipe.materials.some((m) => m.inhibitorLabileShare !== null)) return false;
  return !p.tasks.some((t) => t.step.kind === 'boil' && t.task.id === 'hold' && t.status === 'done');
}
