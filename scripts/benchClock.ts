import { performance } from 'node:perf_hooks';
import { fold } from '@ironpan/core/batch';
import { unlearned, USUAL_KIT } from '@ironpan/core/kitchen';
import { METHODS, recipeOf } from '@ironpan/core/methods';
import { seededRandom } from '@ironpan/core/numerics';
import { dayOf, freshProblem, Proof, Timetabling } from '@ironpan/core/schedule';
import type { Problem } from '@ironpan/core/schedule';
import loadHighs from 'highs';
import { asProgramme } from '../core/test/schedule/secondEngine';

const HOUR = 3_600_000;
const NOW = new Date(2026, 2, 14, 14).getTime();
const here = unlearned(USUAL_KIT);
/** So many milks over two days, each wanted at an hour of its own, in one kitchen with one cook who sleeps. */
function instance(seed: number, milks: number): Problem {
  const random = seededRandom(seed);
  const off = Array.from({ length: 6 }, (_, d) => ({
    from: new Date(2026, 2, 14 + d, 22, 30).getTime(),
    to: new Date(2026, 2, 15 + d, 6, 30).getTime(),
  }));
  const asked = Array.from({ length: milks }, (_, i) => {
    const m = METHODS[Math.floor(random() * METHODS.length)] ?? METHODS[0];
    if (!m) throw new Error('no method');
    const recipe = recipeOf(m);
    const byAt = NOW + (20 + Math.floor(28 * random())) * HOUR;
    return {
      ...{ id: `m${i}`, recipe, outcome: fold(recipe, here), here, byAt, notBeforeAt: null, fixed: {}, progress: null },
    };
  });
  return dayOf({ now: NOW, milks: asked, off, cooks: 1, spareS: 900 }).problem;
}
const median = (x: readonly number[]): number => x.toSorted((a, b) => a - b)[Math.floor(x.length / 2)] ?? NaN;
/** Nodes at most: what is not proved by then is counted as not proved. */
const MOST = 20_000;
/** The other engine is given so long for each half of a kitchen, s. */
const LIMIT_S = 5;
interface Proved {
  readonly ms: number;
  readonly proved: boolean;
  readonly firstMs: number;
  /** The freshest that is as little late, told backwards. */
  readonly fresh: Problem | null;
}
/** Both proofs: none is less late (or, of what is wanted as soon as can be, sooner), and none that is as little late fresher. */
function proof(p: Problem): Proved {
  const from = performance.now();
  const soonest = new Proof(p);
  let firstMs = NaN;
  while (soonest.found.nodes < MOST && !soonest.run(10))
    if (Number.isNaN(firstMs) && soonest.found.starts) firstMs = performance.now() - from;
  const { starts, proved } = soonest.found;
  if (Number.isNaN(firstMs)) firstMs = performance.now() - from;
  if (!starts) return { ms: performance.now() - from, proved, firstMs, fresh: null };
  const fresh = freshProblem(p, starts);
  const back = new Proof(fresh);
  while (back.found.nodes < MOST && !back.run(10));
  return { ms: performance.now() - from, proved: proved && back.found.proved, firstMs, fresh };
}

/** The clock: how long both proofs take by how many milks, the first answer, and beside the other engine on the same kitchens. */
export async function benchClock(say: (line: string) => void): Promise<void> {
  const highs = await loadHighs();
  // The first run warms the engine up.
  proof(instance(1, 1));
  const one = median(Array.from({ length: 20 }, (_, k) => proof(instance(100 + k, 1)).ms));
  for (const milks of [1, 2, 3, 5, 8]) {
    // Of eight each takes its time: a few say as much.
    const all = Array.from({ length: milks > 5 ? 5 : 20 }, (_, k) => proof(instance(100 * milks + k, milks)));
    const proved = all.filter((x) => x.proved).length;
    const [ms, first] = [median(all.map((x) => x.ms)), median(all.map((x) => x.firstMs))];
    say(
      `${milks} milks: least late and freshest, median ${ms.toFixed(0)} ms (${(ms / one).toFixed(1)} × one milk), longest ${Math.max(...all.map((x) => x.ms)).toFixed(0)} ms, first answer ${first.toFixed(0)} ms, proved ${proved} of ${all.length}`,
    );
  }
  const p = instance(500, 5);
  const from = performance.now();
  const t = new Timetabling(p);
  while (!t.run(50).done);
  say(`five milks, with the fewest visits: ${(performance.now() - from).toFixed(0)} ms`);
  const ratios = Array.from({ length: 20 }, (_, k) => {
    const q = instance(500 + k, 5);
    const ours = proof(q);
    const start = performance.now();
    const options = { time_limit: LIMIT_S, mip_rel_gap: 0 };
    const theirs = [q, ...(ours.fresh ? [ours.fresh] : [])].map((x) => highs.solve(asProgramme(x), options).Status);
    const ms = performance.now() - start;
    return { ratio: ours.ms / ms, ours: ours.proved, theirs: theirs.every((s) => s === 'Optimal') };
  });
  say(
    `five milks beside the other engine (at most ${LIMIT_S} s for each half): median ${median(ratios.map((r) => r.ratio)).toFixed(3)} × its time; proved ${ratios.filter((r) => r.ours).length} and ${ratios.filter((r) => r.theirs).length} of 20`,
  );
}
