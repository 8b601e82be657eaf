import type { Progress, TaskState } from '../batch';
import { ranForS, timerS } from '../batch';
import type { Here } from '../kitchen';
import type { Outcome, Recipe } from '../steps';
import { leavesOf, setUpBy, workOf } from './plan';
import type { MilkWork } from './plan';
import { lengthOf } from './types';
import type { Block, Link, Problem, Use, Wish } from './types';

/** One milk on the clock: a plan that is folded, or a batch that is being made. Instants in ms. */
export interface MilkAsked {
  readonly id: string;
  readonly recipe: Recipe;
  readonly outcome: Outcome;
  readonly here: Here;
  /** Wanted by; null: as soon as can be. */
  readonly byAt: number | null;
  readonly notBeforeAt: number | null;
  /** Steps that were put somewhere by hand, by their id. */
  readonly fixed: Readonly<Record<string, number>>;
  /** It has been begun: what was done stands, what runs goes on. */
  readonly progress: Progress | null;
  /** What has soaked may wait in the fridge, whatever its plan says. */
  readonly fridge?: boolean;
}
export interface DayAsked {
  readonly now: number;
  readonly milks: readonly MilkAsked[];
  /** Nobody works: asleep, or out of the house. Instants in ms. */
  readonly off: readonly { readonly from: number; readonly to: number }[];
  readonly cooks: number;
  /** Each is aimed at so long before it is wanted, s: what slips then is not missed at once. */
  readonly spareS: number;
}
/** A problem in seconds, and the instant at which it begins. */
export interface Day {
  readonly problem: Problem;
  readonly originMs: number;
}
/** Timetables are told in whole minutes, and are made of them. */
const MINUTE_S = 60;
/** Looked at beyond what is wanted and all the work there is: three nights, s. */
const BEYOND_S = 3 * 24 * 3600;
/** Part of a block that is begun and not finished: what is left of it is a block of its own. */
export const REST_OF = '+';

/** What is asked of a kitchen as one problem: plans and batches as blocks of whole minutes, wishes, nights, washing up. */
export function dayOf(asked: DayAsked): Day {
  const begun = asked.milks.flatMap((m) => m.progress?.tasks.flatMap((t) => t.begunAt ?? t.endedAt ?? []) ?? []);
  const originMs = Math.floor(Math.min(asked.now, ...begun) / 60_000) * 60_000;
  const s = (ms: number): number => Math.ceil((ms - originMs) / 60_000) * MINUTE_S;
  const nowS = s(asked.now);
  const works = asked.milks.map((m) => {
    const work = inMinutes(workOf(m.id, m.recipe, m.outcome, m.here, m.fridge));
    return { m, work: m.progress ? underWay(work, m.progress, asked.now, s) : work };
  });
  const blocks = works.flatMap(({ m, work }) =>
    work.blocks.map((b): Block => {
      const by = m.fixed[stepOf(b.id)];
      const free = { ...b, notBeforeS: Math.max(nowS, m.notBeforeAt === null ? 0 : s(m.notBeforeAt)) };
      if (b.fixedS !== null) return b;
      // What was put where it can no longer be stands free again.
      return by !== undefined && s(by) >= nowS ? { ...free, fixedS: s(by) } : free;
    }),
  );
  const byS = asked.milks.flatMap((m) => (m.byAt === null ? [] : [s(m.byAt)]));
  const work = blocks.reduce((sum, b) => sum + lengthOf(b), 0);
  // A batch has the kit of the day on which it was begun.
  const things = new Map(asked.milks.flatMap((m) => m.here.kit.things.map((t) => [t.id, t.is] as const)));
  const leaves = new Map(works.map(({ m }) => [m.id, leavesOf(m.recipe, m.outcome)] as const));
  return {
    originMs,
    problem: {
      blocks,
      links: works.flatMap((w) => w.work.links),
      uses: apart(
        works.flatMap((w) => w.work.uses),
        new Set(blocks.filter((b) => b.begun).map((b) => b.id)),
      ),
      wishes: works.map(({ m, work: w }): Wish => {
        const of = { milk: m.id, last: w.last };
        if (m.byAt === null) return { ...of, byS: null };
        const missedS = Math.floor((m.byAt - originMs) / 60_000) * MINUTE_S;
        return { ...of, byS: missedS - asked.spareS, missedS };
      }),
      off: asked.off.map((o) => ({ fromS: Math.floor((o.from - originMs) / 1000), toS: s(o.to) })),
      cooks: asked.cooks,
      setUpS: setUpBy((id) => things.get(id), leaves),
      untilS: Math.max(nowS, ...byS) + work + BEYOND_S,
    },
  };
}
/** Two milks that already stand in one thing stand, in truth, in two: only the first keeps it from others. */
function apart(uses: readonly Use[], begun: ReadonlySet<string>): readonly Use[] {
  const held = new Map<string, string>();
  return uses.filter((u) => {
    if (!begun.has(u.from)) return true;
    const by = held.get(u.thing) ?? u.milk;
    held.set(u.thing, by);
    return by === u.milk;
  });
}
/** The step of a block, whatever milk it is of. */
export const stepOf = (block: string): string => {
  const step = block.slice(block.indexOf('/') + 1);
  return step.endsWith(REST_OF) ? step.slice(0, -REST_OF.length) : step;
};
export const milkIn = (block: string): string => block.slice(0, block.indexOf('/'));

/** Each block ends on a whole minute; what may wait, waits whole minutes. */
function inMinutes(w: MilkWork): MilkWork {
  const blocks = w.blocks.map((b): Block => {
    const more = (MINUTE_S - (lengthOf(b) % MINUTE_S)) % MINUTE_S;
    const last = b.parts.at(-1);
    return more === 0 || !last
      ? b
      : { ...b, parts: [...b.parts.slice(0, -1), { ...last, durationS: last.durationS + more }] };
  });
  const links = w.links.map((l) => ({
    ...l,
    mostS: l.mostS === null ? null : Math.floor(l.mostS / MINUTE_S) * MINUTE_S,
  }));
  return { ...w, blocks, links };
}

/**
 * A batch as it stands: what is done stands where it was, what runs stands where it began and takes nobody’s hands anew,
 * what is left of a step is a block of its own. A wait that is over already binds nobody any more.
 */
function underWay(w: MilkWork, p: Progress, now: number, s: (ms: number) => number): MilkWork {
  const blocks: Block[] = [];
  const links: Link[] = [];
  const isOver = new Map<string, number>();
  const rest = new Map<string, string>();
  for (const b of w.blocks) {
    const tasks = p.tasks.filter((t) => t.step.id === stepOf(b.id));
    const first = Math.min(...tasks.map((t) => t.begunAt ?? t.endedAt ?? Infinity));
    if (!Number.isFinite(first)) {
      blocks.push(b);
      continue;
    }
    const left = tasks.flatMap((t) => leftOf(t, now));
    const over = Math.max(...tasks.map((t) => t.endedAt ?? first));
    const stands = left.length > 0 ? s(now) : s(over);
    blocks.push({
      ...b,
      parts: [{ durationS: Math.max(0, stands - s(first)), hands: 'free' }],
      fixedS: s(first),
      begun: true,
    });
    if (left.length === 0) isOver.set(b.id, stands);
    else {
      const id = `${b.id}${REST_OF}`;
      rest.set(b.id, id);
      const more = (MINUTE_S - (left.reduce((x, y) => x + y.durationS, 0) % MINUTE_S)) % MINUTE_S;
      const parts = left.map((x, i) => (i === left.length - 1 ? { ...x, durationS: x.durationS + more } : x));
      // What runs goes on from now by itself; what its step still has to do waits for hands.
      const runs = tasks.some((t) => t.status === 'running' && t.pausedAt === null);
      const goes = runs ? { fixedS: stands, begun: true as const } : { fixedS: null };
      blocks.push({ id, milk: b.milk, parts, notBeforeS: 0, ...goes });
      links.push({ from: b.id, to: id, leastS: 0, mostS: null });
    }
  }
  const has = new Set(blocks.filter((b) => b.fixedS !== null).map((b) => b.id));
  for (const l of w.links) {
    const from = rest.get(l.from) ?? l.from;
    if (has.has(from) && has.has(l.to)) continue;
    const over = isOver.get(l.from);
    const overdue = over !== undefined && l.mostS !== null && s(now) > over + l.mostS;
    links.push({ ...l, from, mostS: overdue ? null : l.mostS });
  }
  const uses = w.uses.flatMap((u): Use[] => {
    // What it stood in and has left is free; what two batches truly share is not for a timetable to forbid.
    if (isOver.has(u.to)) return [];
    return [{ ...u, from: has.has(u.from) ? (rest.get(u.from) ?? u.to) : u.from, to: rest.get(u.to) ?? u.to }];
  });
  return { blocks, links, uses, last: rest.get(w.last) ?? w.last };
}
/** What is still to be done of a task; none: it is over. What runs asks for nobody who is not there. */
function leftOf(t: TaskState, now: number): Block['parts'] {
  if (t.status === 'done') return [];
  if (t.status === 'waiting') return [{ durationS: Math.ceil(t.task.durationS), hands: t.task.hands }];
  return [{ durationS: Math.max(0, Math.ceil(timerS(t.task) - ranForS(t, now))), hands: 'free' }];
}
