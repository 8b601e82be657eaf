import { fold, progressOf } from '../../src/batch';
import type { BatchEvent, FrozenBatch, Happening, Progress } from '../../src/batch';
import { explain, wentAs } from '../../src/comparing';
import type { Explained, Explanation, Made } from '../../src/comparing';
import type { Beliefs } from '../../src/kitchen';
import { COEFFICIENTS } from '../../src/kitchen';
import { applyEdits, kindOf } from '../../src/steps';
import type { Edit } from '../../src/steps';
import { batchOf } from '../batch/promised';

export interface Brew {
  /** What was done otherwise than planned, and written down. */
  readonly done?: readonly Edit[];
  /** What was done otherwise and nobody wrote down. */
  readonly hidden?: readonly Edit[];
  /** How many times the usual things did what they do: nobody knows it but by what is weighed. */
  readonly truly?: Readonly<Record<string, number>>;
  /** What was weighed, as `step.reading`; all that was done otherwise is read too. */
  readonly weighed?: readonly string[];
  /** Before these steps it stood so many hours. */
  readonly stood?: Readonly<Record<string, number>>;
  readonly spilt?: Readonly<Record<string, number>>;
  /** Planned otherwise than the school from the beginning. */
  readonly planned?: readonly Edit[];
}
export interface Brewed {
  readonly batch: FrozenBatch;
  readonly progress: Progress;
  readonly made: Made;
}
export const trulyOf = (all: Readonly<Record<string, number>>): Beliefs =>
  Object.fromEntries(
    Object.entries(all).map(([id, mean]) => {
      const kind = id.slice(0, id.indexOf(':')) as keyof typeof COEFFICIENTS;
      return [id, { mean, n: 0, ...COEFFICIENTS[kind] }];
    }),
  );

/** A batch of a school as it truly went in a kitchen that nobody sees, and what its cook wrote down of it. */
export function brewed(school: string, b: Brew = {}): Brewed {
  const of = batchOf(school);
  const batch: FrozenBatch = { ...of, recipe: applyEdits(of.recipe, b.planned ?? []) };
  const done = applyEdits(batch.recipe, b.done ?? []);
  const real = applyEdits(done, b.hidden ?? []);
  const truth = fold(real, { kit: batch.kit, beliefs: trulyOf(b.truly ?? {}) });
  const log: BatchEvent[] = [];
  let at = batch.startedAt;
  const say = (h: Happening): void => {
    log.push({ ...h, id: `e${log.length}`, seq: log.length + 1, batch: batch.id, at: Math.round(at) });
  };
  const read = (step: string, task: string, what: string, value: number): void =>
    say({ is: 'reading', reading: { id: `r${log.length}`, step, task, what, value, source: 'scale' } });
  for (const [i, step] of batch.recipe.steps.entries()) {
    at += (b.stood?.[step.id] ?? 0) * 3600_000;
    const { readings, params } = kindOf(step.kind);
    for (const task of truth.stages[i]?.tasks ?? []) {
      say({ is: 'begun', step: step.id, task: task.id });
      at += task.durationS * 1000;
      for (const [what, spec] of Object.entries(readings)) {
        if (spec.task !== task.id) continue;
        const figure = spec.figure === undefined ? undefined : truth.stages[i]?.figures[spec.figure];
        const written = (b.done ?? []).find((e) => e.do === 'set' && e.step === step.id && e.param === what);
        if (written?.do === 'set' && params[what]) read(step.id, task.id, what, written.value as number);
        else if (/^load\d+S$/.test(what) && done.steps[i]?.kind === 'grind') {
          if (Number(what.slice(4, -1)) <= done.steps[i].params.loads)
            read(step.id, task.id, what, done.steps[i].params.durationS);
        } else if (what === 'lostG' && b.spilt?.[step.id] !== undefined)
          read(step.id, task.id, what, b.spilt[step.id] ?? 0);
        else if (figure !== undefined && b.weighed?.includes(`${step.id}.${what}`))
          read(step.id, task.id, what, figure);
      }
      say({ is: 'ended', step: step.id, task: task.id, by: 'cook' });
    }
  }
  const progress = progressOf(batch, log);
  return { batch, progress, made: wentAs(batch, progress) };
}
export const explained = (a: Brewed, b: Brewed, seed = 1): Explanation =>
  explain(a.made, b.made, { from: a.progress.summary, to: b.progress.summary }, seed);
/** The keys of what moved a figure, the most first, with their shares. */
export function causes(e: Explanation, of: Explained): readonly (readonly [string, number])[] {
  const b = e.because[of];
  return e.differences
    .map((d, i) => [d.key, b?.shares[i] ?? 0] as const)
    .filter(([, x]) => x !== 0)
    .sort((x, y) => Math.abs(y[1]) - Math.abs(x[1]));
}
export const sumOf = (e: Explanation, of: Explained): number => {
  const b = e.because[of];
  return b ? b.shares.reduce((x, y) => x + y, 0) + b.rest : NaN;
};
