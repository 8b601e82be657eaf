import { execFileSync } from 'node:child_process';
import { performance } from 'node:perf_hooks';
import { fileURLToPath } from 'node:url';
import { fold, look, ranges, rankFor, solveFor, summarise, whatMoves } from '@ironpan/core/batch';
import type { Target } from '@ironpan/core/batch';
import { readPlan, writeOutcome, writePlan } from '@ironpan/core/formats';
import { USUAL_KIT } from '@ironpan/core/kitchen';
import { METHODS, methodById, recipeOf } from '@ironpan/core/methods';
import { makeStep } from '@ironpan/core/steps';
import type { Recipe, Step } from '@ironpan/core/steps';

/** Times are reported; what is judged is the ratio to one fixed loop in the same run, and counts of folds. */
const kit = USUAL_KIT;
const school = (id: string): Recipe => {
  const m = methodById(id);
  if (!m) throw new Error(id);
  return recipeOf(m);
};
const washed = school('soy-washed');
const oat = school('oat-middle');

let sink = 0;
/** A hundred exponentials: about what a step of a fold computes. */
function reference(): void {
  for (let i = 0; i < 100; i += 1) sink += Math.exp(-i / 50);
}
function medianUs(f: () => unknown, rounds = 41, each = 40): number {
  for (let i = 0; i < each * 4; i += 1) f();
  const times = Array.from({ length: rounds }, () => {
    const t = performance.now();
    for (let i = 0; i < each; i += 1) f();
    return ((performance.now() - t) * 1000) / each;
  });
  return times.sort((a, b) => a - b)[Math.floor(rounds / 2)] ?? NaN;
}
const passes = (n: number): Recipe => ({
  ...washed,
  steps: washed.steps.flatMap((s): readonly Step[] =>
    s.kind === 'wash' ? Array.from({ length: n }, (_, i) => makeStep(`wash${i}`, 'wash', { waterG: 300 })) : [s],
  ),
});
const predict = (file: unknown): unknown => {
  const r = readPlan(file);
  const seen = r.ok ? look(r.plan.recipe, r.plan.kit) : null;
  return r.ok && seen ? writeOutcome(r.plan, seen) : null;
};
const fileOf = (id: string): unknown => writePlan({ name: id, method: id, recipe: school(id) });
const soyFile = fileOf('soy-washed');
const oatFile = fileOf('oat-middle');

const ref = medianUs(reference);
const rows: [string, number][] = [
  ['reference loop (100 exponentials)', ref],
  ['one fold, soy, fourteen steps', medianUs(() => fold(washed, { kit }))],
  ['one fold, oats, four steps', medianUs(() => fold(oat, { kit }))],
  ['fold, summary and checks (a change on the plan page), soy', medianUs(() => look(washed, kit))],
  ['fold, summary and checks, oats', medianUs(() => look(oat, kit))],
  ['predict, soy: plan file read, folded, checked and written', medianUs(() => predict(soyFile))],
  ['predict, oats', medianUs(() => predict(oatFile))],
];
for (const [what, us] of rows)
  console.log(`${us.toFixed(1).padStart(9)} µs  ${(us / ref).toFixed(1).padStart(7)} × reference  ${what}`);

const one = medianUs(() => fold(passes(1), { kit }));
const sixteen = medianUs(() => fold(passes(16), { kit }));
console.log(
  `16 passes against 1: ${(sixteen / one).toFixed(2)} × the time of ${(passes(16).steps.length / passes(1).steps.length).toFixed(2)} × the steps`,
);

const more = medianUs(() => fold(passes(31), { kit }));
console.log(
  `fifteen passes more: ${((more - sixteen) / (sixteen - one)).toFixed(2)} × what the fifteen before cost (1: linear)`,
);

const targets: readonly (readonly [string, string, Target])[] = [
  ['litres', 'soy-washed', { litres: 2.4 }],
  ['solids', 'soy-washed', { solids: 0.08 }],
  ['protein', 'soy-washed', { protein: 0.03 }],
  ['fat', 'coconut-one-blend', { fat: 0.1 }],
  ['a body', 'oat-middle', { body: 'likeMilk' }],
  ['a class', 'coconut-one-blend', { classId: 'coconut-milk' }],
];
for (const [what, id, target] of targets)
  console.log(`backwards, ${what}: ${solveFor(school(id), kit, {}, target).folds} folds (60 at most)`);

const n = 2000;
const sampled = medianUs(() => ranges(washed, kit, {}, 1, n), 1, 1);
const bare = medianUs(() => summarise(washed, fold(washed, { kit }), kit, 'main'), 1, n) * n;
console.log(`${n} Monte Carlo folds: ${(sampled / bare).toFixed(2)} × the time of ${n} bare folds (1.2 at most)`);

const all = METHODS.map((m) => ({ id: m.id, milk: m.milk, recipe: recipeOf(m) }));
const ranked = medianUs(() => rankFor('cold', all, kit, { hours: null, blender: true }), 5, 3);
console.log(
  `ranking ${all.length} schools: ${(ranked / 1000).toFixed(1)} ms, ${(ranked / ref).toFixed(0)} × reference`,
);
const moved = medianUs(() => whatMoves(oat, kit, {}), 5, 3);
console.log(`every lever of an oat plan: ${(moved / 1000).toFixed(1)} ms, in a worker`);

// In a process of its own, inside web, where the packages of the page are.
const built = execFileSync(process.execPath, ['--import', 'tsx', 'bundleSizes.ts'], {
  cwd: fileURLToPath(new URL('../web/', import.meta.url)),
  encoding: 'utf8',
});
const size = JSON.parse(built.trim().split('\n').at(-1) ?? '{}') as { readonly ours: number; readonly starter: number };
console.log(
  `first-load JavaScript: ${size.ours.toFixed(0)} kB gzip, ${(size.ours / size.starter).toFixed(2)} × a bare starter of ${size.starter.toFixed(0)} kB built in this run (1.6 at most)`,
);
if (!Number.isFinite(sink)) process.exitCode = 1;
