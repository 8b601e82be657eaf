import { flowG, massG, volumeMl } from '../kitchen';
import type { Here, Stream } from '../kitchen';
import { WATER_G_PER_ML } from '../materials';
import { contextOf, kindOf, numberOf, streamBefore } from '../steps';
import type { Kind, Reading, ReadingSpec, Step } from '../steps';
import type { Progress } from './progress';

/** Something that can be weighed, timed or measured at a step, and what is known of it beforehand. */
export interface Readable {
  readonly what: string;
  readonly spec: ReadingSpec<Kind>;
  /** What the fold expects, in its own unit; undefined: nothing. */
  readonly expected: number | undefined;
  /** No more than this can be there, g: all that came to the step. null: nothing says. */
  readonly mostG: number | null;
  /** g in a ml of it, where it is poured rather than weighed; null: it is no liquid. */
  readonly gPerMl: number | null;
  /** Measured again and again: the moment of one that was, s into its task, to be corrected; null: a new one. */
  readonly atS: number | null;
}

/** What can be read at a step of this batch: no traces, no tasks it has not, nothing that is no longer asked for; what went wrong only
 * where it was told, or with `mishaps`. */
export function readableAt(p: Progress, step: Step, here: Here, mishaps = false): readonly Readable[] {
  const i = p.recipe.steps.indexOf(step);
  const stage = p.outcome.stages[i];
  if (!stage) return [];
  const ctx = contextOf(here, p.recipe.materials);
  const cameG = cameTo(p, step, i);
  const given = (what: string): boolean => p.readings.some((r) => r.step === step.id && r.what === what);
  return Object.entries(kindOf(step.kind).readings).flatMap(([what, spec]): Readable[] => {
    if (
      spec.byTrace ||
      ((spec.retired ?? (spec.mishap && !mishaps)) && !given(what)) ||
      !stage.tasks.some((t) => t.id === spec.task)
    )
      return [];
    const effect = spec.effect(step.params, ctx);
    const poured = effect.is === 'param' && spec.unit === 'g';
    const stream =
      effect.is === 'mass' || effect.is === 'lost' ? effect.stream : effect.is === 'fit' ? effect.weighs : undefined;
    const of = stream === undefined ? undefined : stage.writes.findLast(([n]) => n === stream)?.[1];
    return [
      {
        what,
        spec,
        expected:
          spec.figure !== undefined
            ? stage.figures[spec.figure]
            : planned(step, effect.is === 'param' ? effect.param : what),
        mostG: stream !== undefined && spec.unit === 'g' ? cameG : null,
        gPerMl: poured ? WATER_G_PER_ML : of ? liquidDensity(of) : null,
        atS: null,
      },
      ...p.readings.flatMap((r): Readable[] =>
        spec.often && r.step === step.id && r.what === what && r.atS !== undefined
          ? [{ what, spec, expected: undefined, mostG: null, gPerMl: null, atS: r.atS }]
          : [],
      ),
    ];
  });
}
const planned = (step: Step, what: string): number | undefined =>
  Object.hasOwn(kindOf(step.kind).params, what) ? numberOf(step, what) : undefined;
/** Pieces and pulp are weighed, never poured. */
const liquidDensity = (s: Stream): number | null =>
  s.freeWaterG > s.boundWaterG && volumeMl(s) > 0 ? massG(s) / volumeMl(s) : null;

/**
 * All that can have come to a step, g: the streams it takes as they were, what flowed in from outside, and the steam that
 * left before, which is an estimate: less of it may have gone.
 */
function cameTo(p: Progress, step: Step, index: number): number {
  let sum = 0;
  for (const name of kindOf(step.kind).reads(step.params)) {
    const before = streamBefore(p.outcome, index, name);
    sum += before ? massG(before) : larderG(p, name);
  }
  const before = new Set(p.recipe.steps.slice(0, index).map((s) => s.id));
  for (const f of p.outcome.ledger) {
    if (f.step === step.id && 'outside' in f.from) sum += flowG(f);
    if (before.has(f.step) && 'outside' in f.to && f.to.outside === 'steam') sum += flowG(f);
  }
  return sum;
}
const larderG = (p: Progress, stream: string): number =>
  p.recipe.larder.reduce((g, l) => g + (l.into === stream ? l.grams : 0), 0);
/** What was recorded of it: of its own moment, or of those measured again and again the last. */
export const recordedOf = (
  all: readonly Reading[],
  step: string,
  of: Pick<Readable, 'what' | 'atS'>,
): Reading | undefined =>
  all.findLast((r) => r.step === step && r.what === of.what && (of.atS === null || r.atS === of.atS));
