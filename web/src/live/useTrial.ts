import { LOOK_SCALES, measuredMl } from '@ironpan/core/batch';
import type { Scale } from '@ironpan/core/batch';
import type { TrialRecord } from '@ironpan/core/records';
import { SCALES } from '@ironpan/core/words';
import { designFor, runRecipe, strayedOf } from '@ironpan/core/trials';
import type { Design, Levels, Strayed, Weighed } from '@ironpan/core/trials';
import type { Recipe } from '@ironpan/core/steps';
import { useMemo } from 'react';
import { meanOf } from '../store/measured';
import { madeFrom, oneTrial } from '../store/trials';
import type { RunMade } from '../store/trials';
import { useLive } from './live';
import { reckoned } from './running';
import type { Running } from './running';

/** One batch of a run: what it came to of each figure (null: nobody measured or said it), and what strayed. */
export interface RunBatch {
  readonly r: Running;
  readonly came: Readonly<Record<Weighed | Scale, number | null>>;
  readonly strayed: readonly Strayed[];
}
export interface Run {
  /** Its place among the design's runs. */
  readonly run: number;
  readonly levels: Levels;
  readonly recipe: Recipe;
  readonly plan: string | null;
  readonly batches: readonly RunBatch[];
}
export interface TrialNow {
  readonly trial: TrialRecord;
  /** Null: nothing is changed yet. */
  readonly design: Design | null;
  /** In the order in which they are made. */
  readonly runs: readonly Run[];
}
/** A trial with what came of it; null: it is not here. */
export function useTrial(id: string): TrialNow | null | undefined {
  const trial = useLive(['trial', id], () => oneTrial(id)).data;
  const plans = (trial?.runs ?? []).map((r) => r.plan);
  const made = useLive(['madeFrom', plans], () => madeFrom(plans)).data;
  return useMemo(() => (trial && made ? nowOf(trial, made) : trial && undefined), [trial, made]);
}
function nowOf(trial: TrialRecord, made: ReadonlyMap<string, readonly RunMade[]>): TrialNow {
  if (trial.factors.length === 0) return { trial, design: null, runs: [] };
  const design = designFor(trial);
  const runs = design.order.map((run): Run => {
    const levels = design.runs[run] ?? [];
    const recipe = runRecipe(trial, levels);
    const plan = trial.runs.find((r) => r.run === run)?.plan ?? null;
    const batches = (plan === null ? [] : (made.get(plan) ?? [])).flatMap((m) => batchOf(m, recipe) ?? []);
    return { run, levels, recipe, plan, batches };
  });
  return { trial, design, runs };
}
function batchOf(m: RunMade, laid: Recipe): RunBatch | null {
  const r = reckoned(m);
  // One that cannot be worked out is told by its own page.
  if (!('progress' in r)) return null;
  const over = r.progress.state === 'finished';
  const said = LOOK_SCALES.map((s) => [s, over ? saidOf(m, s) : null] as const);
  const { solids, body } = over ? m.measured : { solids: null, body: null };
  return {
    r,
    came: {
      volumeMl: over ? measuredMl(r.progress) : null,
      solids,
      body,
      ...(Object.fromEntries(said) as Record<Scale, number | null>),
    },
    strayed: strayedOf(laid, r.batch, r.progress),
  };
}
/** The mean place on a scale of the words last said of its jars. */
function saidOf(m: RunMade, scale: Scale): number | null {
  const words = Object.keys(SCALES[scale].words);
  return meanOf(m.fates.flatMap((f) => (f.said[scale] === undefined ? [] : [words.indexOf(f.said[scale])])));
}
/** What a run came to: the mean of its batches of which it was measured; null: none was. */
export const cameOf = (run: Run, of: Weighed | Scale): number | null =>
  meanOf(run.batches.flatMap((b) => b.came[of] ?? []));
