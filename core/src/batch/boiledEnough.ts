import { isPulp, massG } from '../kitchen';
import type { Stream } from '../kitchen';
import { isBoiledEnough, kindOf } from '../steps';
import type { Outcome, Reading, Recipe } from '../steps';
import { fold, larderStreams } from './fold';
import { timerS } from './progress';
import { clockReading } from './underWay';
import { jarredStreams, mainStream } from './summary';
import type { Progress } from './progress';
import type { TaskState } from './taskState';

/** Less than this is a film on the spoon, g. */
const FILM_G = 0.5;
const isRawMilk = (s: Stream): boolean => !isPulp(s) && massG(s) > FILM_G && !isBoiledEnough(s);

/** The milks a batch ends with: every stream that it fills into a vessel and is no pulp; without jars, the main one. */
function finalMilks(recipe: Recipe, o: Outcome): readonly Stream[] {
  const jarred = jarredStreams(recipe, o);
  const names = jarred.length > 0 ? jarred : [mainStream(recipe, o) ?? ''];
  return names.flatMap((n) => o.products[n] ?? []).filter((s) => !isPulp(s));
}
/** Are all milks of this fold boiled enough to drink? True where no food in them has to boil. */
export const endsBoiledEnough = (recipe: Recipe, o: Outcome): boolean => !finalMilks(recipe, o).some(isRawMilk);

/** The streams that are in the kitchen now: the larder's, as every step that is over has changed them. */
function streamsNow(p: Progress): ReadonlyMap<string, Stream> {
  const streams = larderStreams(p.recipe, p.given.kit);
  p.recipe.steps.forEach((step, i) => {
    const mine = p.tasks.filter((t) => t.index === i);
    // A step without tasks goes in with the one before it, and is over when that one is.
    const over = mine.length > 0 ? mine : p.tasks.filter((t) => t.index < i).slice(-1);
    if (over.some((t) => t.status !== 'done')) return;
    for (const [name, made] of p.outcome.stages.find((s) => s.step === step.id)?.writes ?? []) {
      if (made === null) streams.delete(name);
      else streams.set(name, made);
    }
  });
  return streams;
}
/**
 * Is any of this batch, as it is now, food that must not be tasted before it boils (it holds trypsin inhibitor)? True until
 * every milk, slurry and bean that is in the kitchen, or in a jar of this batch, is boiled enough. Pulp has a caution of
 * its own, for it stays raw in most methods.
 */
export function isRawNow(p: Progress): boolean {
  if (!p.recipe.materials.some((m) => m.inhibitorLabileShare !== null)) return false;
  const ahead = new Set(
    p.tasks.filter((t) => t.status !== 'done').flatMap((t) => kindOf(t.step.kind).reads(t.step.params)),
  );
  const filled = new Set(jarredStreams(p.recipe, p.outcome));
  for (const [name, s] of streamsNow(p)) if ((ahead.has(name) || filled.has(name)) && isRawMilk(s)) return true;
  return p.tasks.every((t) => t.status === 'done') && !endsBoiledEnough(p.recipe, p.outcome);
}

/** What the cook is asked when a timer and the plan disagree; all in s. */
export interface EndQuestion {
  /** `safety`: with the time on the timer the milk is not safe, with the planned time it is. */
  readonly is: 'safety' | 'length';
  readonly ranS: number;
  readonly plannedS: number;
  /** How much longer it has to run to be safe, s; 0 for a question of length. */
  readonly moreS: number;
}
/**
 * Must the cook be asked how long a task really took, when it ends after `ranS`? null: no. A task that decides whether the
 * milk is safe is asked about whenever the timer falls short. Other tasks only where the timer is a minute and two fifths
 * away from the plan, and never where somebody stands at it and stops early.
 */
export function endQuestionOf(p: Progress, t: TaskState, ranS: number): EndQuestion | null {
  const plannedS = timerS(t.task);
  const what = clockReading(t);
  if (what === null) return null;
  if (ranS < plannedS && t.task.id === 'hold' && isSafeAfter(p, t, what, plannedS) && !isSafeAfter(p, t, what, ranS))
    return { is: 'safety', ranS, plannedS, moreS: plannedS - ranS };
  if (t.task.hands === 'busy' && ranS < plannedS) return null;
  return Math.abs(ranS - plannedS) > Math.max(60, 0.4 * plannedS) ? { is: 'length', ranS, plannedS, moreS: 0 } : null;
}
/** Are the milks of the batch safe if this hold lasts so long: boiled enough, and none of them left raw by it? */
function isSafeAfter(p: Progress, t: TaskState, what: string, value: number): boolean {
  const cut: Reading = { id: 'asked', step: t.step.id, task: t.task.id, what, value, source: 'clock' };
  const o = fold(p.recipe, { ...p.given, readings: [...p.readings, cut] });
  return endsBoiledEnough(p.recipe, o) && finalMilks(p.recipe, o).every((s) => s.hygiene !== 'raw');
}
