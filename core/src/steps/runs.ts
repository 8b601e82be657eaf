import { kindOf } from './registry';
import type { Recipe } from './recipe';
import type { Station, Step } from './params';

/** Neighbouring steps that are done in one room of the kitchen. */
export interface Run {
  readonly station: Station;
  readonly steps: readonly Step[];
}

/**
 * The runs of a plan, in its own order: one that strains, cooks and strains again has three. What happens along the way
 * (an add, a pour) has no room of its own: it stays where its room is being used, or belongs to what comes next where
 * that is its room or takes what it made, else to what goes on.
 */
export function runsOf(r: Recipe): readonly Run[] {
  const runs: { station: Station; steps: Step[] }[] = [];
  let waiting: Step[] = [];
  r.steps.forEach((s, i) => {
    const kind = kindOf(s.kind);
    const last = runs.at(-1);
    if (kind.along) {
      const next = r.steps.slice(i + 1).find((x) => !kindOf(x.kind).along);
      const stays =
        last !== undefined && waiting.length === 0 && (last.station === kind.station || !next || !belongs(s, next));
      if (stays) last.steps.push(s);
      else waiting.push(s);
      return;
    }
    if (last?.station === kind.station) last.steps.push(...waiting, s);
    else runs.push({ station: kind.station, steps: [...waiting, s] });
    waiting = [];
  });
  const last = runs.at(-1);
  if (last) last.steps.push(...waiting);
  else if (waiting[0]) runs.push({ station: kindOf(waiting[0].kind).station, steps: waiting });
  return runs;
}
function belongs(s: Step, next: Step): boolean {
  const [mine, its] = [kindOf(s.kind), kindOf(next.kind)];
  return mine.station === its.station || its.reads(next.params).some((n) => mine.writes(s.params).includes(n));
}
/** Which run each step is in, by its place in the plan. */
export function runIndex(runs: readonly Run[]): readonly number[] {
  return runs.flatMap((run, i) => run.steps.map(() => i));
}
