import { cutName } from '@ironpan/core/units';
import { groupBy } from '@ironpan/core/numerics';
import type { PlanRecord, TrialRecord } from '@ironpan/core/records';
import { orderFaults } from '@ironpan/core/steps';
import { designFor, runRecipe } from '@ironpan/core/trials';
import { GoneError, someBatches } from './batches';
import type { BatchWithLog } from './batches';
import { db } from './db';
import { newId, newSeed } from './ids';
import { figuresMeasured } from './measured';
import type { FiguresMeasured } from './measured';
import { addPlan } from './plans';
import type { FateRow } from './rows';

/** Every trial, the last changed first. */
export const allTrials = (): Promise<TrialRecord[]> => db().trials.orderBy('updatedAt').reverse().toArray();
/** One trial; null: not here. */
export const oneTrial = async (id: string): Promise<TrialRecord | null> => (await db().trials.get(id)) ?? null;

/** A question about a plan: nothing of it is changed yet. Its id. */
export async function addTrial(plan: PlanRecord, at: number): Promise<string> {
  if (orderFaults(plan.recipe).length > 0) throw new RangeError('the steps of this plan are out of order');
  const id = newId('trial');
  await db().trials.add({
    ...{ v: 2, id, name: cutName(`${plan.name}, a trial`), from: plan.from, base: plan.recipe },
    ...{ factors: [], design: '2^1', times: 2, seed: newSeed(), asks: 'volumeMl', runs: [] },
    ...{ createdAt: at, updatedAt: at },
  });
  return id;
}
/** Changes a trial. What is laid out once a run is planned stays: another change is refused by leaving it as it is. */
export function changeTrial(id: string, change: (t: TrialRecord) => TrialRecord, at: number): Promise<void> {
  const d = db();
  return d.transaction('rw', d.trials, async () => {
    const t = await d.trials.get(id);
    if (!t) throw new GoneError('this trial');
    const to = change(t);
    const laid = t.runs.length > 0 && { factors: t.factors, design: t.design, times: t.times, seed: t.seed };
    await d.trials.put({ ...to, ...laid, updatedAt: at });
  });
}
/** The plan of one run, made once however often it is asked for; its id. */
export function planRun(id: string, run: number, name: string, at: number): Promise<string> {
  const d = db();
  return d.transaction('rw', d.trials, d.plans, async () => {
    const t = await d.trials.get(id);
    const levels = t && designFor(t).runs[run];
    if (!t || !levels) throw new GoneError('this trial');
    const had = t.runs.find((r) => r.run === run);
    if (had && (await d.plans.get(had.plan))) return had.plan;
    const plan = await addPlan(cutName(name), t.from, runRecipe(t, levels), at);
    await d.trials.put({ ...t, runs: [...t.runs.filter((r) => r.run !== run), { run, plan }], updatedAt: at });
    return plan;
  });
}
/** Takes a trial away; its plans and batches stay. */
export const deleteTrial = (id: string): Promise<void> => db().trials.delete(id);
/** Puts it back as it was. */
export const restoreTrial = (t: TrialRecord): Promise<unknown> => db().trials.put(t);

/** A batch of a run, with what was said and measured of its jars. */
export interface RunMade extends BatchWithLog {
  readonly fates: readonly FateRow[];
  readonly measured: FiguresMeasured;
}
/** The batches that were begun from these plans, by plan. */
export async function madeFrom(plans: readonly string[]): Promise<ReadonlyMap<string, readonly RunMade[]>> {
  const d = db();
  const ids = await d.digests
    .where('plan')
    .anyOf([...plans])
    .primaryKeys();
  const batches = await someBatches(ids);
  const [fates, measured] = await Promise.all([
    d.fates.where('batch').anyOf(ids).toArray(),
    figuresMeasured(batches.map((b) => b.batch)),
  ]);
  const made = batches.map((b): RunMade => ({
    ...b,
    fates: fates.filter((f) => f.batch === b.batch.id),
    measured: measured.get(b.batch.id) ?? { solids: null, body: null },
  }));
  return groupBy(made, (m) => m.batch.plan);
}
