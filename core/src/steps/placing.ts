import { isRead, kindOf, makeStep, nameOf, withParams } from './registry';
import { freshStepId } from './recipe';
import type { Recipe } from './recipe';
import type { Kind, Step } from './params';

/** The streams that are there after a step (null: before the first), those touched last first. */
export function streamsAfter(r: Recipe, after: string | null): readonly string[] {
  const there: string[] = [...new Set(r.larder.map((l) => l.into))];
  const touch = (n: string): void => {
    const i = there.indexOf(n);
    if (i >= 0) there.splice(i, 1);
    there.unshift(n);
  };
  const end = after === null ? 0 : r.steps.findIndex((s) => s.id === after) + 1;
  for (const s of r.steps.slice(0, end)) {
    const kind = kindOf(s.kind);
    for (const n of [...kind.writes(s.params)].reverse()) touch(n);
    for (const n of kind.usesUp?.(s.params) ?? []) if (there.includes(n)) there.splice(there.indexOf(n), 1);
  }
  return there;
}

/** A stream name that this plan does not have yet. */
function freshName(r: Recipe, base: string): string {
  const taken = new Set([...r.larder.map((l) => l.into), ...r.steps.flatMap((s) => kindOf(s.kind).writes(s.params))]);
  for (let n = 2; ; n += 1) if (!taken.has(`${base} ${n}`)) return `${base} ${n}`;
}

/**
 * A new step of a kind as it would stand after another (null: first): it takes what is there, its usual stream where that
 * is, else what was made last.
 */
export function stepAfter(r: Recipe, kind: Kind, after: string | null): Step {
  const there = streamsAfter(r, after);
  const [last] = there;
  let step: Step = makeStep(freshStepId(r, kind), kind);
  if (last === undefined) return step;
  const before = r.steps.find((s) => s.id === after);
  const joins = kindOf(kind).joins?.(step.params) ?? [];
  for (const [name, spec] of Object.entries(kindOf(kind).params)) {
    if (spec.type !== 'stream') continue;
    const usual = nameOf(step, name);
    if (isRead(step, name)) {
      // What is done along the way is done to what is at hand; the rest to its usual stream, if it is there.
      const atHand = kindOf(kind).along === true && kind !== 'pool' && before !== undefined;
      if (!there.includes(usual) || atHand) step = withParams(step, { [name]: last });
    } else if (joins.includes(usual)) step = withParams(step, { [name]: last });
  }
  return kind === 'strain' ? strainedAgain(r, step as Step<'strain'>) : step;
}
/** Milk that is strained again keeps its name, and what stays in the cloth has one of its own. */
function strainedAgain(r: Recipe, s: Step<'strain'>): Step {
  if (s.params.of === 'work') return s;
  return withParams(s, { into: s.params.of, pulp: freshName(r, 'pulp') });
}
