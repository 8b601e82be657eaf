import { clockParam, endsBoiledEnough, progressOf, ranForS, timerS } from '../batch';
import type { FrozenBatch, Progress, TaskState } from '../batch';
import { WATER } from '../steps';
import type { BodyWord, SlipWord } from '../steps';

/** One thing that went as it should, or did not, and what it came to. */
export type ReviewLine = { readonly good: boolean } &
  /** `addedG`: water that came in against a problem, g. */
  (
    | { readonly of: 'litres'; readonly ml: number; readonly promisedMl: number; readonly addedG: number }
    | { readonly of: 'strength'; readonly solids: number; readonly promised: number }
    | { readonly of: 'boiled' }
    | { readonly of: 'body'; readonly word: BodyWord; readonly planned: BodyWord }
    | { readonly of: 'slip'; readonly word: SlipWord; readonly planned: SlipWord; readonly overS: number }
    | { readonly of: 'keep'; readonly s: number; readonly promisedS: number }
    | { readonly of: 'timed'; readonly task: TaskState; readonly ranS: number; readonly plannedS: number }
    | { readonly of: 'stood'; readonly task: TaskState; readonly s: number }
  );
/** As promised within these: a share of the litres and of the time it keeps, and points of solids. */
const LITRES = 0.03;
const KEEP = 0.1;
const SOLIDS = 0.005;
/** A timed task ran as planned within so much of it, and no less than so many s. */
const TIMED = 0.15;
const TIMED_S = 10;
/** Between two steps of which the second could have been begun, longer than this is told, s. */
const STOOD_S = 30 * 60;

/** How a finished batch went: what was promised beside what came, and where its times strayed. What went wrong comes first. */
export function reviewOf(p: Progress, batch: FrozenBatch): readonly ReviewLine[] {
  const { main } = p.summary;
  if (!main) return [];
  const asPlanned = progressOf(batch, []);
  const planned = asPlanned.summary.main;
  const { promised } = batch;
  const timed = timedTasks(p, asPlanned);
  const ml = p.summary.jarredMl;
  const keepS = main.keep?.s ?? 0;
  const out: ReviewLine[] = [
    {
      ...{ of: 'litres', ml, promisedMl: promised.volumeMl, addedG: waterAddedG(p) },
      good: Math.abs(ml - promised.volumeMl) <= LITRES * promised.volumeMl,
    },
    {
      ...{ of: 'strength', solids: main.solids ?? 0, promised: promised.solids },
      good: Math.abs((main.solids ?? 0) - promised.solids) <= SOLIDS,
    },
    { of: 'keep', good: keepS >= (1 - KEEP) * promised.keepS, s: keepS, promisedS: promised.keepS },
  ];
  if (p.recipe.materials.some((m) => m.inhibitorLabileShare !== null))
    out.push({ of: 'boiled', good: endsBoiledEnough(p.recipe, p.outcome) });
  if (main.body && planned?.body) {
    const { word, slip } = main.body;
    out.push({ of: 'body', good: word === planned.body.word, word, planned: planned.body.word });
    if (slip !== 'clean' || planned.body.slip !== 'clean')
      out.push({
        ...{ of: 'slip', good: slip === planned.body.slip, word: slip, planned: planned.body.slip },
        overS: main.body.glucan > planned.body.glucan ? blendedOverS(timed) : 0,
      });
  }
  for (const t of timed)
    if (Math.abs(t.ranS - t.plannedS) > Math.max(TIMED_S, TIMED * t.plannedS))
      out.push({ of: 'timed', good: false, ...t });
  out.push(...stoodIn(p));
  return out.sort((a, b) => Number(a.good) - Number(b.good));
}
interface Timed {
  readonly task: TaskState;
  readonly ranS: number;
  readonly plannedS: number;
}
/** Every task whose length changes something: how long it ran, and how long it was planned. */
const timedTasks = (p: Progress, planned: Progress): readonly Timed[] =>
  p.tasks.flatMap((task) => {
    const was = planned.tasks.find((b) => b.step.id === task.step.id && b.task.id === task.task.id);
    const ranS = timedS(p, task);
    return was && ranS !== null ? [{ task, ranS, plannedS: timerS(was.task) }] : [];
  });
/** So much longer than planned the loads ran in the blender, all together, s. */
const blendedOverS = (timed: readonly Timed[]): number =>
  timed.reduce((s, t) => s + (t.task.step.kind === 'grind' ? Math.max(0, t.ranS - t.plannedS) : 0), 0);
/** Water that was stirred or poured in against a problem, g. */
function waterAddedG(p: Progress): number {
  let g = 0;
  for (const e of p.rescues.flatMap((r) => r.edits)) {
    if (e.do !== 'insert') continue;
    if (e.step.kind === 'add' && e.step.params.food === WATER) g += e.step.params.amountG;
    if (e.step.kind === 'pour' && e.step.params.liquid === WATER) g += e.step.params.amountG;
  }
  return g;
}
/** How long a task ran, as its clock counted it; null: its length changes nothing. */
function timedS(p: Progress, t: TaskState): number | null {
  const what = clockParam(t);
  if (what === null || t.status !== 'done') return null;
  return p.readings.find((r) => r.step === t.step.id && r.what === what)?.value ?? ranForS(t, 0);
}
/** Where something stood between two tasks that follow each other. */
function stoodIn(p: Progress): readonly ReviewLine[] {
  const done = p.tasks.filter((t) => t.endedAt !== null);
  return done.flatMap((t, i): ReviewLine[] => {
    const last = done[i - 1];
    const began = t.begunAt ?? (t.endedAt ?? 0) - t.task.durationS * 1000;
    const s = last?.endedAt === undefined || last.endedAt === null ? 0 : (began - last.endedAt) / 1000;
    return s > STOOD_S ? [{ of: 'stood', good: false, task: t, s }] : [];
  });
}
