import { unlearned, isPulp } from '@ironpan/core/kitchen';
import type { Beliefs, Kit } from '@ironpan/core/kitchen';
import { OF_THE_DAY } from '@ironpan/core/learning';
import { jarNow, jarsOf, MODEL, progressOf, promisedOf, fold, timerS } from '@ironpan/core/batch';
import { doubted, look, sampleBeliefs } from '@ironpan/core/questions';
import type { BatchEvent, Look, Progress } from '@ironpan/core/batch';
import { normal, seededRandom } from '@ironpan/core/numerics';
import type { BatchRecord, EventRecord, JarEventRecord, JarRecord, KitRecord, PlanRecord } from '@ironpan/core/records';
import { kindOf } from '@ironpan/core/steps';
import { frozenKit } from '../store/kit';
import type { Layer, Outcome } from '@ironpan/core/steps';

/** What a past batch of the demo is made from: a plan, when it began, and a seed. Its outcome is folded, never typed in. */
export interface Past {
  readonly plan: string;
  /** Hours before the demo was laid out. */
  readonly beganHoursAgo: number;
  readonly seed: number;
  readonly end: 'drunk' | 'kept' | 'thrown' | 'abandoned';
  /** Hours after it was filled at which its first jar stood on the table for four. */
  readonly outFrom?: number;
}
export interface Made {
  readonly batch: BatchRecord;
  readonly events: readonly EventRecord[];
  readonly jars: readonly JarRecord[];
  readonly jarEvents: readonly JarEventRecord[];
  readonly progress: Progress;
}
const HOUR = 3_600_000;
/** Scatter of the demo's scale, g, and of its cooks' timing, as a share. */
const SCALE_G = 3;
const TIMING = 0.06;

/** The batch as it truly went in a kitchen that nobody sees, and what its cooks wrote down of it; begun with what was believed then. */
export function makePast(
  p: Past,
  number: number,
  plan: PlanRecord,
  kit: KitRecord,
  laidAt: number,
  beliefs: Beliefs = {},
): Made {
  const random = seededRandom(p.seed);
  const frozen = frozenKit(kit);
  const seen = look(plan.recipe, { kit: frozen, beliefs });
  if (!seen) throw new RangeError(plan.name);
  const id = `demo-batch-${number}`;
  const startedAt = laidAt - p.beganHoursAgo * HOUR;
  const batch: BatchRecord = {
    v: 5,
    id,
    number,
    plan: plan.id,
    name: plan.name,
    recipe: plan.recipe,
    kit: frozen,
    beliefs,
    model: MODEL,
    promised: promisedOf(seen.summary),
    startedAt,
  };
  const truth = fold(plan.recipe, { kit: frozen, beliefs: onThatDay(p, frozen, doubted(plan.recipe), random) });
  const events = logOf(batch, truth, p, random).map((e) => ({ ...e, v: 7 as const }));
  const progress = progressOf(batch, events);
  const jars = progress.state === 'finished' ? jarsOf(batch, progress).map((j) => ({ ...j, v: 5 as const })) : [];
  return { batch, events, jars, progress, jarEvents: jars.flatMap((j) => jarLog(j, p, batch, laidAt, random)) };
}

/** What the things of this kitchen truly do, drawn once; and how far a day may be from it (as the core takes it to be). */
const KITCHEN_SEED = 640;
const OF_THE_KITCHEN = Math.sqrt(1 - OF_THE_DAY ** 2);
/** The bag has been clogging for some days: so many hours ago it began, and so many times as much it holds since. */
const CLOGGED = { hoursAgo: 12 * 24, times: 1.7, thing: 'hold:fine-bag' };

function onThatDay(p: Past, kit: Kit, foods: readonly string[], random: () => number): Beliefs {
  const day = sampleBeliefs(unlearned(kit), foods, random);
  const here = sampleBeliefs(unlearned(kit), foods, seededRandom(KITCHEN_SEED));
  return Object.fromEntries(
    Object.entries(day).map(([id, b]) => {
      const clogged = id === CLOGGED.thing && p.beganHoursAgo < CLOGGED.hoursAgo ? CLOGGED.times : 1;
      const truly = (here[id]?.mean ?? 1) ** OF_THE_KITCHEN * b.mean ** OF_THE_DAY * clogged;
      return [id, { ...b, mean: Math.min(b.high, Math.max(b.low, truly)) }];
    }),
  );
}

function logOf(batch: BatchRecord, truth: Outcome, p: Past, random: () => number): BatchEvent[] {
  const out: BatchEvent[] = [];
  let at = batch.startedAt;
  const add = (e: Record<string, unknown>): void => {
    const id = `${batch.id}-e${out.length}`;
    out.push({ id, batch: batch.id, seq: out.length + 1, at: Math.round(at), ...e } as BatchEvent);
  };
  const steps = batch.recipe.steps;
  for (const [i, step] of steps.entries()) {
    const stage = truth.stages[i];
    if (!stage) continue;
    if (p.end === 'abandoned' && step.kind === 'boil') {
      add({ is: 'note', text: 'Stuck to the bottom' });
      add({ is: 'abandoned', why: 'scorched', text: '' });
      return out;
    }
    for (const task of stage.tasks) {
      const took = task.durationS * (1 + (task.timed ? TIMING : 0.2) * Math.abs(normal(random)));
      add({ is: 'begun', step: step.id, task: task.id });
      at += took * 1000;
      for (const [what, spec] of Object.entries(kindOf(step.kind).readings)) {
        if (spec.task !== task.id || spec.mishap) continue;
        const value = whatWasRead(
          what,
          spec.unit,
          spec.byClock === true
            ? took * (timerS(task) / Math.max(1, task.durationS))
            : spec.figure === undefined
              ? undefined
              : stage.figures[spec.figure],
          step.params as never,
          random,
        );
        if (value !== null)
          add({
            is: 'reading',
            reading: { id: `${batch.id}-r${out.length}`, step: step.id, task: task.id, what, value, source: 'demo' },
          });
      }
      add({ is: 'ended', step: step.id, task: task.id, by: 'cook' });
    }
  }
  return out;
}

/** Cooks weigh now and then; the clock is always there. */
function whatWasRead(
  what: string,
  unit: string,
  truly: number | undefined,
  params: Readonly<Record<string, number>>,
  random: () => number,
): number | null {
  if (unit === 's' && !/^(durationS|holdS|heatUpS|load\d+S)$/.test(what)) return null;
  if (unit === 's') return truly === undefined ? null : Math.round(truly);
  if (unit === 'C') return null;
  const weighed = what === 'filledG' ? 0.95 : what === 'milkG' ? 0.6 : what === 'waterG' ? 0.5 : 0.15;
  if (random() > weighed) return null;
  const middle = truly ?? params[what];
  return middle === undefined || middle <= 0 ? null : Math.max(1, Math.round(middle + SCALE_G * normal(random)));
}

const THROWN_TO_BE_SAFE = { is: 'thrown', why: 'safe', text: '', lastFineAt: null, foundAt: null };
/** What became of each jar, up to now. */
function jarLog(
  j: JarRecord,
  p: Past,
  batch: BatchRecord,
  laidAt: number,
  random: () => number,
): readonly JarEventRecord[] {
  const pulp = isPulp(j.stream);
  const out: JarEventRecord[] = [];
  const add = (hoursAfter: number, e: Record<string, unknown>): boolean => {
    const at = Math.round(j.filledAt + hoursAfter * HOUR);
    if (at >= laidAt) return false;
    out.push({ v: 6, id: `${j.id}-${out.length}`, jar: j.id, seq: out.length + 1, at, ...e } as JarEventRecord);
    return true;
  };
  const first = j.id.endsWith(':1');
  if (p.end === 'kept') {
    if (pulp) {
      // One pulp was thrown away, one boiled; the third was boiled in the milk and is kept.
      if (p.seed % 3 === 1) add(9, THROWN_TO_BE_SAFE);
      else if (p.seed % 3 === 2) add(1.5, { is: 'boiled', forS: 1200 });
      return out;
    }
    const drinks: number[] = [];
    let left = j.filledMl * (first ? 0.55 : 0.12);
    while (left > 90) {
      const ml = Math.round((90 + 90 * random()) / 10) * 10;
      drinks.push(ml);
      left -= ml;
    }
    if (first) add(8, lookOf(j, out, batch, 8, random));
    if (p.outFrom !== undefined && first)
      add(p.outFrom + 5, {
        is: 'tempered',
        where: 'table',
        placeC: batch.kit.roomC,
        from: Math.round(j.filledAt + p.outFrom * HOUR),
        to: Math.round(j.filledAt + (p.outFrom + 4) * HOUR),
      });
    drinks.forEach((ml, i) => add(9 + 7 * i, { is: 'poured', ml }));
    // The last of them is looked at again the next day, before it is shaken.
    if (first && p.seed % 2 === 1) add(24, lookOf(j, out, batch, 24, random));
    return out;
  }
  if (pulp) {
    add(5 + 4 * random(), random() < 0.5 ? { is: 'finished' } : THROWN_TO_BE_SAFE);
    return out;
  }
  add(20, { is: 'poured', ml: Math.round(j.filledMl * 0.3) });
  if (first) add(26, lookOf(j, out, batch, 26, random));
  if (p.end === 'thrown' || (!first && random() < 0.4)) turns(j, 84 + 44 * random(), add);
  else add(44 + 24 * random(), { is: 'finished' });
  return out;
}
/** Forgotten at the back: fine when it was last looked at, found turned the next day. */
function turns(j: JarRecord, hours: number, add: (h: number, e: Record<string, unknown>) => boolean): void {
  const fine = hours - 16;
  add(fine, { is: 'looked', look: { signs: ['fine'] } });
  const at = (h: number): number => Math.round(j.filledAt + h * HOUR);
  add(hours, { is: 'looked', look: { signs: ['sour'] } });
  add(hours + 0.1, { is: 'thrown', why: 'turned', text: '', lastFineAt: at(fine), foundAt: at(hours) });
}
/** What a cook of the demo saw: the expectation, read by eye, and now and then a word beside it. */
function lookOf(
  j: JarRecord,
  log: readonly JarEventRecord[],
  batch: BatchRecord,
  hours: number,
  random: () => number,
): Record<string, unknown> {
  const at = jarNow(j, log, batch, [], j.filledAt + hours * HOUR).expected;
  if (!at) return { is: 'looked', look: { signs: ['fine'] } };
  const look: Look = {
    signs: ['fine'],
    ...(at.thick ? { thick: at.thick } : {}),
    slip: at.slip === 'silky' && random() < 0.5 ? 'slippery' : (at.slip ?? 'clean'),
    grit: at.grit,
    liked: at.slip === 'slimy' ? 'no' : random() < 0.3 ? 'more' : random() < 0.2 ? 'soso' : 'yes',
    layers: readByEye(at.layers, random),
  };
  return { is: 'looked', look };
}
/** Lines are read to a hundredth or two of the height. */
function readByEye(layers: readonly Layer[], random: () => number): readonly Layer[] {
  const shares = layers.map((l) => Math.max(0.01, l.share * (1 + 0.12 * normal(random)) + 0.008 * normal(random)));
  const sum = shares.reduce((a, b) => a + b, 0);
  return layers.map((l, i) => ({ kind: l.kind, share: (shares[i] ?? 0) / sum }));
}
