import type { FilledJar, FridgeLine, FrozenBatch, JarEvent } from './events';
import { isUnmixed, until, whenFine } from './fates';
import { jarNow } from './jarLife';
import { endOfJar } from './log';

/** The time that was said of a jar, held against it: fine when it was up, turned before it was, or nobody can say. */
export type KeptTill = 'fine' | 'turned' | 'unknown';
/** Instants of a jar, ms: last known to be fine (null: nothing said so), found gone off, and its use-by by the law. */
export interface JarTimes {
  readonly fineAt: number | null;
  readonly turnedAt: number | null;
  readonly useBy: number | null;
}
/** The instants of a jar as they stand at `at`; the use-by is the one of its label, whatever a check found. */
export function jarTimes(
  jar: FilledJar,
  events: readonly JarEvent[],
  batch: FrozenBatch,
  fridge: readonly FridgeLine[],
  at: number,
): JarTimes {
  const { fineAt, turnedAt } = whenFine(jar, events);
  return {
    fineAt: fineAt > jar.filledAt ? fineAt : null,
    turnedAt,
    useBy: jarNow(jar, until(withoutChecks(events), at), batch, fridge, at).useBy,
  };
}
/** A check that finds it gone off leaves a jar no time, and is what its time is held against. */
const withoutChecks = (events: readonly JarEvent[]): readonly JarEvent[] => events.filter((e) => e.is !== 'looked');

/**
 * By the jar's own account, with what was believed when its batch was begun: the very time its label and the shelf said.
 * Null: its time is not up yet, nothing was said of it, it was frozen, or two milks stand in it.
 */
export function keptTill(
  jar: FilledJar,
  events: readonly JarEvent[],
  batch: FrozenBatch,
  fridge: readonly FridgeLine[],
  now: number,
): KeptTill | null {
  if (!isUnmixed(jar, events)) return null;
  const unchecked = withoutChecks(events);
  const leftS = (t: number): number | null => jarNow(jar, until(unchecked, t), batch, fridge, t).keep?.s ?? null;
  const { fineAt, turnedAt } = whenFine(jar, events);
  const left = leftS(fineAt);
  if (left === null) return null;
  if (left <= 0) return 'fine';
  if (turnedAt !== null) return (leftS(turnedAt) ?? 0) > 0 ? 'turned' : 'unknown';
  return endOfJar(events) === null && (leftS(now) ?? 0) > 0 ? null : 'unknown';
}
