import { execFileSync } from 'node:child_process';
import { join } from 'node:path';
import { performance } from 'node:perf_hooks';
import { climbAt, climbOf, fold, progressOf, promisedOf, summarise } from '@ironpan/core/batch';
import { comesOf, explain, plannedAs } from '@ironpan/core/comparing';
import { boilNext, NO_BOIL, NO_WEIGHT, STANDS_S, weighNext } from '@ironpan/core/detect';
import {
  encodeAir,
  encodePower,
  encodeTemperature,
  encodeWeight,
  fromHex,
  heard,
  toHex,
} from '@ironpan/core/instruments';
import { normal, seededRandom } from '@ironpan/core/numerics';
import { look, ranges, rankFor, solveFor, whatMoves } from '@ironpan/core/questions';
import type { Target } from '@ironpan/core/questions';
import { readPlan, writeOutcome, writePlan } from '@ironpan/core/formats';
import { USUAL_KIT, unlearned } from '@ironpan/core/kitchen';
import { METHODS, methodById, recipeOf } from '@ironpan/core/methods';
import { applyEdits, makeStep } from '@ironpan/core/steps';
import type { Recipe, Step } from '@ironpan/core/steps';
import { benchClock } from './benchClock';

/**
 * Built as the application is (npm run bench): run from source, every call between modules is slower by half.
 * Times are reported; what is judged is the ratio to one fixed loop in the same run, and counts of folds.
 */
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
const timeUs = (f: () => unknown, each: number): number => {
  const from = performance.now();
  for (let i = 0; i < each; i += 1) f();
  return ((performance.now() - from) * 1000) / each;
};
/** Warm, as it is in the middle of a drag: called this long before the first measured round, ms. */
const WARM_MS = 400;
/** Medians of things measured turn by turn, so that a machine which slows down slows them all. */
function mediansUs(fs: readonly (() => unknown)[], rounds = 61, each = 20): readonly number[] {
  for (const f of fs) for (const from = performance.now(); performance.now() - from < WARM_MS;) f();
  const times = fs.map((): number[] => []);
  for (let r = 0; r < rounds; r += 1) fs.forEach((f, i) => times[i]?.push(timeUs(f, each)));
  return times.map((t) => t.sort((a, b) => a - b)[Math.floor(t.length / 2)] ?? NaN);
}
const passes = (n: number): Recipe => ({
  ...washed,
  steps: washed.steps.flatMap((s): readonly Step[] =>
    s.kind === 'wash' ? Array.from({ length: n }, (_, i) => makeStep(`wash${i}`, 'wash', { waterG: 300 })) : [s],
  ),
});
const predict = (file: unknown): unknown => {
  const r = readPlan(file);
  const seen = r.ok ? look(r.plan.recipe, unlearned(r.plan.kit)) : null;
  return r.ok && seen ? writeOutcome(r.plan, seen) : null;
};
const fileOf = (id: string): unknown => writePlan({ name: id, method: id, recipe: school(id) });
const soyFile = fileOf('soy-washed');
const oatFile = fileOf('oat-middle');

const first = timeUs(() => fold(washed, unlearned(kit)), 100);
const rows: readonly (readonly [string, () => unknown])[] = [
  ['reference loop (100 exponentials)', reference],
  ['one fold, soy, fourteen steps', () => fold(washed, unlearned(kit))],
  ['one fold, oats, four steps', () => fold(oat, unlearned(kit))],
  ['fold, summary and checks (a change on the plan page), soy', () => look(washed, unlearned(kit))],
  ['fold, summary and checks, oats', () => look(oat, unlearned(kit))],
  ['predict, soy: plan file read, folded, checked and written', () => predict(soyFile)],
  ['predict, oats', () => predict(oatFile)],
];
const measured = mediansUs(rows.map(([, f]) => f));
const ref = measured[0] ?? NaN;
const say = (us: number, what: string): void =>
  console.log(`${us.toFixed(1).padStart(9)} µs  ${(us / ref).toFixed(1).padStart(7)} × reference  ${what}`);
rows.forEach(([what], i) => say(measured[i] ?? NaN, what));
say(first, 'one fold, soy, the first hundred, before the engine has warmed to it');

const counts = [1, 16, 31];
const [one = NaN, sixteen = NaN, more = NaN] = mediansUs(
  counts.map((n) => {
    const r = passes(n);
    return () => fold(r, unlearned(kit));
  }),
);
console.log(
  `16 passes against 1: ${(sixteen / one).toFixed(2)} × the time of ${(passes(16).steps.length / passes(1).steps.length).toFixed(2)} × the steps`,
);
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
  console.log(`backwards, ${what}: ${solveFor(school(id), unlearned(kit), target).folds} folds (60 at most)`);

const n = 2000;
const [sampled = NaN, bare = NaN] = mediansUs(
  [
    () => ranges(washed, unlearned(kit), 1, n),
    () => {
      for (let i = 0; i < n; i += 1) summarise(washed, fold(washed, unlearned(kit)), kit, 'main');
    },
  ],
  5,
  1,
);
console.log(`${n} Monte Carlo folds: ${(sampled / bare).toFixed(2)} × the time of ${n} bare folds (1.2 at most)`);

const all = METHODS.map((m) => ({ id: m.id, milk: m.milk, recipe: recipeOf(m) }));
const [ranked = NaN, moved = NaN] = mediansUs(
  [() => rankFor('cold', all, unlearned(kit), { hours: null, blender: true }), () => whatMoves(oat, unlearned(kit))],
  9,
  3,
);
console.log(
  `ranking ${all.length} schools: ${(ranked / 1000).toFixed(1)} ms, ${(ranked / ref).toFixed(0)} × reference`,
);
const six = applyEdits(washed, [
  { do: 'set', step: 'soak', param: 'durationS', value: 5 * 3600 },
  { do: 'set', step: 'grind', param: 'waterG', value: 1000 },
  { do: 'set', step: 'grind', param: 'durationS', value: 40 },
  { do: 'set', step: 'wash', param: 'waterG', value: 500 },
  { do: 'set', step: 'wash', param: 'workS', value: 30 },
  { do: 'set', step: 'boil', param: 'holdS', value: 1800 },
]);
const [was, is] = [plannedAs(washed, unlearned(kit)), plannedAs(six, unlearned(kit))];
const came = { from: comesOf(was), to: comesOf(is) };
const [why = NaN] = mediansUs([() => explain(was, is, came, 1)], 9, 3);
console.log(
  `why two batches differ, ${explain(was, is, came, 1).differences.length} differences: ${(why / 1000).toFixed(1)} ms (100 at most), ${(why / ref).toFixed(0)} × reference, in a worker`,
);
console.log(`every lever of an oat plan: ${(moved / 1000).toFixed(1)} ms, in a worker`);

/** Four hours of a bench: four instruments, four times a second, as frames; told by stretches of ten minutes. */
function fourHours(): readonly { readonly ms: number; readonly mb: number }[] {
  const random = seededRandom(1);
  let boil = NO_BOIL;
  let weigh = NO_WEIGHT;
  let at = 0;
  const out: { ms: number; mb: number }[] = [];
  for (let stretch = 0; stretch < 24; stretch += 1) {
    const from = performance.now();
    for (let i = 0; i < 4 * 600; i += 1) {
      const s = (at += 0.25);
      const c = Math.min(98, 20 + 0.1 * (s % 1200)) + 0.1 * normal(random);
      const frames = [encodeTemperature(c), encodeWeight(655 + random()), encodeAir(5), encodePower(400)] as const;
      const [probe, scale] = (['probe', 'scale', 'fridge', 'plug'] as const).map((from, k) => {
        const bytes = fromHex(toHex(frames[k] ?? frames[0]));
        const told = bytes.ok ? heard(from, bytes.value) : bytes;
        return told.ok ? told.value : NaN;
      });
      boil = boilNext(boil, { s, v: probe ?? NaN }, 98);
      weigh = weighNext(weigh, { s, v: scale ?? NaN }, STANDS_S.poured, 5);
    }
    out.push({ ms: performance.now() - from, mb: process.memoryUsage().heapUsed / 1e6 });
    sink += boil.recent.length + weigh.recent.length;
  }
  return out;
}
fourHours();
const hours = fourHours();
const [start, end] = [hours[0], hours.at(-1)];
if (start && end)
  console.log(
    `instruments, four hours at 4 Hz: the last ten minutes took ${(end.ms / start.ms).toFixed(2)} × the first (${(end.ms / 2400).toFixed(3)} ms a moment), heap ${(end.mb / start.mb).toFixed(2)} ×`,
  );
const at = {
  recipe: oat,
  kit,
  beliefs: {},
  startedAt: 0,
  id: 'b',
  name: '',
  promised: promisedOf(summarise(oat, fold(oat, unlearned(kit)), kit)),
};
const under = progressOf(at, []);
const jug = under.tasks.find((t) => t.step.kind === 'grind');
const climb = jug ? (climbOf(under, at, jug) ?? []) : [];
const [laid = NaN, read = NaN] = mediansUs(
  [() => jug && climbOf(under, at, jug), () => climbAt(climb, 'slime', 33)],
  9,
  5,
);
console.log(
  `the live jug: laid once in ${(laid / 1000).toFixed(1)} ms, read at each frame in ${read.toFixed(2)} µs (16 000 at most)`,
);

await benchClock((line) => console.log(line));

// In a process of its own, inside web, where the packages of the page are.
const built = execFileSync(process.execPath, ['--import', 'tsx', 'bundleSizes.ts'], {
  cwd: join(process.cwd(), 'web'),
  encoding: 'utf8',
});
const size = JSON.parse(built.trim().split('\n').at(-1) ?? '{}') as { readonly ours: number; readonly starter: number };
console.log(
  `first-load JavaScript: ${size.ours.toFixed(0)} kB gzip, ${(size.ours / size.starter).toFixed(2)} × a bare starter of ${size.starter.toFixed(0)} kB built in this run (1.6 at most)`,
);
if (!Number.isFinite(sink)) process.exitCode = 1;
