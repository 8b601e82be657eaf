import { performance } from 'node:perf_hooks';
import { fold, look, ranges, solveFor } from '@ironpan/core/batch';
import { readPlan, writeOutcome, writePlan } from '@ironpan/core/formats';
import { USUAL_KIT } from '@ironpan/core/kitchen';
import { METHODS, recipeOf } from '@ironpan/core/methods';
import { makeStep } from '@ironpan/core/steps';
import type { Recipe, Step } from '@ironpan/core/steps';

/** Times are reported; what is judged is the ratio to one fixed loop in the same run, and counts of folds. */
const kit = USUAL_KIT;
const school = METHODS.find((m) => m.id === 'soy-washed');
if (!school) throw new Error('no school');
const washed = recipeOf(school);

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
const file = writePlan({ name: school.name, method: school.id, recipe: washed });

const ref = medianUs(reference);
const rows: [string, number][] = [
  ['reference loop (100 exponentials)', ref],
  ['one fold', medianUs(() => fold(washed, { kit }))],
  ['fold, summary and checks (a change on the plan page)', medianUs(() => look(washed, kit))],
  [
    'predict: plan file read, folded, checked and written',
    medianUs(() => {
      const r = readPlan(file);
      const seen = r.ok ? look(r.plan.recipe, r.plan.kit) : null;
      return r.ok && seen ? writeOutcome(r.plan, seen) : null;
    }),
  ],
];
for (const [what, us] of rows)
  console.log(`${us.toFixed(1).padStart(9)} µs  ${(us / ref).toFixed(1).padStart(7)} × reference  ${what}`);

const one = medianUs(() => fold(passes(1), { kit }));
const sixteen = medianUs(() => fold(passes(16), { kit }));
console.log(
  `16 passes against 1: ${(sixteen / one).toFixed(2)} × the time of ${(passes(16).steps.length / passes(1).steps.length).toFixed(2)} × the steps`,
);

const solved = solveFor(washed, kit, {}, { litres: 2.4 });
console.log(`litres solved backwards in ${solved.folds} folds`);
const n = 500;
const sampled = medianUs(() => ranges(washed, kit, {}, 1, n), 3, 1);
const bare = medianUs(() => look(washed, kit), 3, n) * n;
console.log(`${n} sampled kitchens: ${(sampled / bare).toFixed(2)} × the time of ${n} bare looks`);
if (!Number.isFinite(sink)) process.exitCode = 1;
