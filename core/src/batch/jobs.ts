import { thingOf } from '../kitchen';
import type { Here, Kit, Stream, ThingKind } from '../kitchen';
import { contextOf, kindOf, mayWaitS, nameOf } from '../steps';
import type { Kind, Outcome, Recipe, Step, Task } from '../steps';

/** One piece of work of a plan: whose hands it takes and which things, after what, and how long it may be put off. */
export interface Job {
  readonly step: string;
  readonly task: string;
  readonly durationS: number;
  readonly hands: Task['hands'];
  /** Ids of the things it keeps from other work while it goes on. */
  readonly occupies: readonly string[];
  /** Places in this list of what must be done before. */
  readonly after: readonly number[];
  /** How long it may be put off once all before it is done, s; 0: it follows at once; null: as long as one likes. */
  readonly mayWaitS: number | null;
}

/** The work of a folded plan, in its order. What waits longest for a step is the stream that may wait least. */
export function jobsOf(recipe: Recipe, o: Outcome, here: Here): readonly Job[] {
  const ctx = contextOf(here, recipe.materials);
  const streams = new Map<string, Stream>();
  const madeBy = new Map<string, number>();
  const jobs: Job[] = [];
  const steps = new Map(recipe.steps.map((s) => [s.id, s]));
  for (const stage of o.stages) {
    const step = steps.get(stage.step);
    if (!step) continue;
    const after: number[] = [];
    let wait: number | null = null;
    for (const name of kindOf(step.kind).reads(step.params)) {
      const by = madeBy.get(name);
      if (by !== undefined && !after.includes(by)) after.push(by);
      const s = streams.get(name);
      const most = s ? mayWaitS(s, ctx) : null;
      if (most !== null) wait = Math.min(wait ?? Infinity, most);
    }
    const occupies = thingsOf(step, here.kit);
    let first = true;
    for (const { id: task, durationS, hands, atOnce } of stage.tasks) {
      const before = first ? after : [jobs.length - 1];
      const mayWait = atOnce === true ? 0 : wait;
      jobs.push({ step: step.id, task, durationS, hands, occupies, after: before, mayWaitS: mayWait });
      first = false;
    }
    // A step without work of its own passes on what it waited for.
    const last = first ? Math.max(-1, ...after) : jobs.length - 1;
    for (const [name, s] of stage.writes) {
      if (s === null) streams.delete(name);
      else streams.set(name, s);
      if (last >= 0) madeBy.set(name, last);
    }
  }
  return jobs;
}
/** The things of the kit that a step uses. */
export function thingsOf(step: Step, kit: Kit): readonly string[] {
  const idle = kindOf(step.kind).idle?.(step.params) ?? [];
  return thingParams(step.kind)
    .filter(([name]) => !idle.includes(name))
    .map(([name, thing]) => thingOf(kit, thing, nameOf(step, name)).id);
}
const named = new Map<Kind, readonly (readonly [string, ThingKind])[]>();
/** The parameters of a kind that name things, looked up once. */
function thingParams(kind: Kind): readonly (readonly [string, ThingKind])[] {
  let mine = named.get(kind);
  if (!mine) {
    mine = Object.entries(kindOf(kind).params).flatMap(([name, s]) =>
      s.type === 'thing' ? [[name, s.thing] as const] : [],
    );
    named.set(kind, mine);
  }
  return mine;
}

/**
 * When each job ends for one cook, seconds from the first: in the order of the plan, each as soon as what it waits for is
 * done, its things are free and, where it takes both hands, the cook's are.
 */
export function oneCookEnds(jobs: readonly Job[]): readonly number[] {
  const ends: number[] = [];
  const freeAt = new Map<string, number>();
  let handsAt = 0;
  for (const j of jobs) {
    let start = j.hands === 'busy' ? handsAt : 0;
    for (const before of j.after) start = Math.max(start, ends[before] ?? 0);
    for (const thing of j.occupies) start = Math.max(start, freeAt.get(thing) ?? 0);
    const end = start + j.durationS;
    ends.push(end);
    for (const thing of j.occupies) freeAt.set(thing, end);
    if (j.hands === 'busy') handsAt = end;
  }
  return ends;
}
