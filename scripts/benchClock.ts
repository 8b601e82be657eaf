import { performance } from 'node:perf_hooks';
import { fold } from '@ironpan/core/batch';
import { unlearned, USUAL_KIT } from '@ironpan/core/kitchen';
import { METHODS, recipeOf } from '@ironpan/core/methods';
import { seededRandom } from '@ironpan/core/numerics';
import { dayOf, Search, Timetabling } from '@ironpan/core/schedule';
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
const MOST = 3000;
function proof(p: Problem): { readonly ms: number; readonly proved: boolean; readonly firstMs: number } {
  const from = performance.now();
  const s = new Search(p);
  let firstMs = NaN;
  for (let n = 0; n < MOST && !s.run(50); n += 50)
    if (Number.isNaN(firstMs) && s.found.starts) firstMs = performance.now() - from;
  const ms = performance.now() - from;
  return { ms, proved: s.found.proved, firstMs: Number.isNaN(firstMs) ? ms : firstMs };
}

/** The clock: how long a proof takes by how many milks, the first answer, and beside the other engine on the same kitchens. */
export async function benchClock(say: (line: string) => void): Promise<void> {
  const highs = await loadHighs();
  const one = median(Array.from({ length: 9 }, (_, k) => proof(instance(k + 1, 1)).ms));
  for (const milks of [1, 2, 3, 5, 8]) {
    const all = Array.from({ length: 20 }, (_, k) => proof(instance(100 * milks + k, milks)));
    const proved = all.filter((x) => x.proved).length;
    const [ms, first] = [median(all.map((x) => x.ms)), median(all.map((x) => x.firstMs))];
    say(
      `${milks} milks: least late and soonest, median ${ms.toFixed(0)} ms (${(ms / one).toFixed(1)} × one milk), first answer ${first.toFixed(0)} ms, proved ${proved} of 20`,
    );
  }
  const p = instance(500, 5);
  const from = performance.now();
  const t = new Timetabling(p);
  while (!t.run(50).done);
  say(`five milks, with the freshest and the fewest visits: ${(performance.now() - from).toFixed(0)} ms`);
  const ratios = Array.from({ length: 20 }, (_, k) => {
    // Eyes are not in the other engine: what wants an eye wants hands in both.
    const q = instance(500 + k, 5);
    const hands: Problem = {
      ...q,
      blocks: q.blocks.map((b) => ({
        ...b,
        parts: b.parts.map((x) => (x.hands === 'near' ? { ...x, hands: 'busy' as const } : x)),
      })),
    };
    const ours = proof(hands);
    const start = performance.now();
    const theirs = highs.solve(asProgramme(hands), { time_limit: LIMIT_S });
    return { ratio: ours.ms / (performance.now() - start), ours: ours.proved, theirs: theirs.Status === 'Optimal' };
  });
  say(
    `five milks beside the other engine (at most ${LIMIT_S} s each): median ${median(ratios.map((r) => r.ratio)).toFixed(3)} × its time; proved ${ratios.filter((r) => r.ours).length} and ${ratios.filter((r) => r.theirs).length} of 20`,
  );
}
const LIMIT_S = 5;
