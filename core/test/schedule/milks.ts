import { fold } from '../../src/batch';
import { unlearned } from '../../src/kitchen';
import type { Kit } from '../../src/kitchen';
import { METHODS, recipeOf } from '../../src/methods';
import { leavesOf, setUpBy, workOf } from '../../src/schedule';
import type { Leaves, Off, Problem } from '../../src/schedule';
import { SEA } from '../batch/kitchen';

const HOUR = 3600;
export interface Wanted {
  readonly school: string;
  readonly byS?: number;
}
/** Several schools in one kitchen, each wanted by an instant or as soon as can be. */
export function milksProblem(
  wanted: readonly Wanted[],
  {
    off = [],
    kit = SEA,
    cooks = 1,
    untilS = 96 * HOUR,
  }: { off?: readonly Off[]; kit?: Kit; cooks?: number; untilS?: number } = {},
): Problem {
  const here = unlearned(kit);
  const leaves = new Map<string, Leaves>();
  const all = wanted.map(({ school, byS }, i) => {
    const m = METHODS.find((x) => x.id === school);
    if (!m) throw new Error(school);
    const recipe = recipeOf(m);
    const milk = `m${i}`;
    const outcome = fold(recipe, here);
    leaves.set(milk, leavesOf(recipe, outcome));
    const work = workOf(milk, recipe, outcome, here);
    return { work, wish: { milk, last: work.last, byS: byS ?? null } };
  });
  return {
    blocks: all.flatMap((x) => x.work.blocks),
    links: all.flatMap((x) => x.work.links),
    uses: all.flatMap((x) => x.work.uses),
    wishes: all.map((x) => x.wish),
    ...{ off, cooks, untilS, setUpS: setUpBy((id) => kit.things.find((t) => t.id === id)?.is, leaves) },
  };
}
/** Asleep from 22:00 to 06:30, for so many nights; the first instant is midnight. */
export const nights = (n: number): readonly Off[] =>
  Array.from({ length: n + 1 }, (_, d) => ({ fromS: (24 * d - 2) * HOUR, toS: (24 * d + 6.5) * HOUR }));
