import { isPulp } from '../../kitchen';
import type { Stream } from '../../kitchen';
import type { Progress } from '../../batch';
import { kindOf, streamBefore } from '../../steps';
import type { Step } from '../../steps';

/** What the cook has in hand now: a stream that is there and that steps still to come work on. */
export interface InHand {
  readonly stream: string;
  readonly now: Stream;
  /** A step that comes in now stands behind this one; null: it is the first. */
  readonly after: string | null;
  /** What is still to be done with it, in order. */
  readonly ahead: readonly Step[];
}

const touches = (s: Step): readonly string[] => {
  const kind = kindOf(s.kind);
  return [...kind.reads(s.params), ...(kind.joins?.(s.params) ?? [])];
};
/** Whether each step was begun; what goes in together with the one before has no task of its own. */
function begunSteps(p: Progress): readonly boolean[] {
  const out: boolean[] = [];
  p.recipe.steps.forEach((_, i) => {
    const mine = p.tasks.filter((t) => t.index === i);
    out.push(mine.length === 0 ? i > 0 && (out[i - 1] ?? false) : mine.some((t) => t.status !== 'waiting'));
  });
  return out;
}
/** Streams that are there now, and the last step that worked on each. */
function thereNow(p: Progress, begun: readonly boolean[]): ReadonlyMap<string, number> {
  const there = new Map<string, number>(p.recipe.larder.map((l) => [l.into, -1]));
  p.recipe.steps.forEach((s, i) => {
    if (!begun[i]) return;
    const kind = kindOf(s.kind);
    for (const n of [...kind.writes(s.params), ...touches(s)]) there.set(n, i);
    for (const n of kind.usesUp?.(s.params) ?? []) there.delete(n);
  });
  return there;
}

/** Is it there now, whether or not anything more is done with it? */
export const isThere = (p: Progress, stream: string): boolean => thereNow(p, begunSteps(p)).has(stream);
/** One stream as it is in hand; null: it is not there, or nothing more is done with it. */
function handOf(p: Progress, stream: string): InHand | null {
  const begun = begunSteps(p);
  const last = thereNow(p, begun).get(stream);
  if (last === undefined) return null;
  const { steps } = p.recipe;
  const next = steps.findIndex((s, i) => i > last && !begun[i] && touches(s).includes(stream));
  const now = next < 0 ? undefined : streamBefore(p.outcome, next, stream);
  if (!now) return null;
  const ahead = steps.filter((s, i) => i >= next && !begun[i] && touches(s).includes(stream));
  return { stream, now, after: steps[next - 1]?.id ?? null, ahead };
}

/**
 * The milk, or what is to become it: what goes into the first jar if that is there, else what the next step works on that
 * is no pulp, of those that are `wanted`. null: everything is in its jars.
 */
export function inHand(p: Progress, wanted: (s: Stream) => boolean = () => true): InHand | null {
  const begun = begunSteps(p);
  const waiting = p.recipe.steps.filter((_, i) => !begun[i]).flatMap(touches);
  for (const name of [p.summary.main?.stream ?? '', ...waiting]) {
    const hand = handOf(p, name);
    if (hand && !isPulp(hand.now) && hand.stream !== 'heldBack' && wanted(hand.now)) return hand;
  }
  return null;
}
/** It is open and liquid: slurry or milk, no longer pieces. */
export const isOpen = (h: InHand | null): h is InHand => h !== null && h.now.openedShare > 0;
