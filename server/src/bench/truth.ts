import {
  everyStep,
  foamedOver,
  foamedReading,
  lastSeq,
  probeIn,
  progressOf,
  ranForS,
  timerS,
} from '@ironpan/core/batch';
import type { BatchEvent, FrozenBatch, Progress, TaskState } from '@ironpan/core/batch';
import { thingOf } from '@ironpan/core/kitchen';
import type { PracticeFault } from '@ironpan/core/instruments';
import { seededRandom } from '@ironpan/core/numerics';
import { doubted, sampleBeliefs } from '@ironpan/core/questions';
import { contextOf, DRAWN_OF_RATED, kindOf } from '@ironpan/core/steps';
import { pouredNow } from './poured';

/** What is so in the simulated kitchen, whatever any instrument makes of it. */
export interface Truth {
  /** Where the probe is, °C. */
  readonly probeC: number;
  /** What stands on the scale beside its vessel, g. */
  readonly scaleG: number;
  readonly fridgeC: number;
  readonly plugW: number;
}
/** A fridge's compressor: so many K up and down, in so many s (common practice). */
const FRIDGE_SWING_K = 0.7;
const FRIDGE_PERIOD_S = 2400;
/** What a plug gives to a jug that stands, W. */
const STANDBY_W = 0.4;

/** What only happened to the stuff: what was poured and how long it ran. What was measured of the kitchen is for the cook. */
function whatHappened(batch: FrozenBatch, events: readonly BatchEvent[]): readonly BatchEvent[] {
  const ctx = contextOf(batch, batch.recipe.materials);
  const steps = everyStep(batch.recipe, events);
  return events.filter((e) => {
    if (e.is !== 'reading') return true;
    const step = steps.find((s) => s.id === e.reading.step);
    const spec = step && kindOf(step.kind).readings[e.reading.what];
    const is = step && spec?.effect(step.params, ctx).is;
    return is === 'param' || is === 'load' || is === 'lost';
  });
}
/**
 * The kitchen as it truly is, drawn from what is believed of it by a seed: how strong its hob, how tight its cloth. Folded
 * once for a log; asked at any instant of the kitchen's clock.
 */
export function trueKitchen(
  batch: FrozenBatch,
  events: readonly BatchEvent[],
  seed: number,
  faults: readonly PracticeFault[] = [],
): (at: number) => Truth {
  const beliefs = sampleBeliefs(batch, doubted(batch.recipe), seededRandom(seed));
  const happened = whatHappened(batch, events);
  const whole = progressOf({ ...batch, beliefs }, happened);
  let spilt: Progress | null = null;
  /** As it is by then: what foamed over is gone, whether the cook has said so or not. */
  const by = (at: number): Progress => {
    const over = faults.includes('foamsOver') ? foamedOver(whole, at) : null;
    if (!over) return whole;
    return (spilt ??= progressOf({ ...batch, beliefs }, [...happened, lineOf(batch, whole, over, happened)]));
  };
  const { kit } = batch;
  return (at) => ({
    probeC: probeC(by(at), batch, at),
    scaleG: pouredNow(by(at), batch, seed, at),
    fridgeC: kit.fridgeC + FRIDGE_SWING_K * Math.sin((2 * Math.PI * (at / 1000)) / FRIDGE_PERIOD_S),
    plugW: jugW(whole, batch, at),
  });
}
/** What went over the rim, as a line that nobody wrote. */
const lineOf = (batch: FrozenBatch, p: Progress, t: TaskState, log: readonly BatchEvent[]): BatchEvent => ({
  ...{ id: 'foamed', batch: batch.id, seq: lastSeq(log) + 1, at: t.begunAt ?? batch.startedAt },
  ...{ is: 'reading', reading: foamedReading(p, t) },
});
const runningAt = (p: Progress, at: number): readonly TaskState[] =>
  p.tasks.filter((t) => t.begunAt !== null && t.begunAt <= at && (t.endedAt === null || t.endedAt > at));
/** A jug stops by itself long after anybody would have stopped it, in times what was planned. */
const LONGEST = 5;
/** What the jug draws, W: while a load runs, and standing by. */
function jugW(p: Progress, batch: FrozenBatch, at: number): number {
  const t = runningAt(p, at).find((x) => x.step.kind === 'grind' && x.pausedAt === null);
  if (t?.step.kind !== 'grind' || ranForS(t, at) > LONGEST * timerS(t.task)) return STANDBY_W;
  return thingOf(batch.kit, 'jug', t.step.params.jug).watts * DRAWN_OF_RATED;
}
/** The probe is in whatever was begun last and has a temperature; with nothing going on it lies in the room. */
function probeC(p: Progress, batch: FrozenBatch, at: number): number {
  const t = probeIn(p.tasks, at);
  if (!t?.task.courseC) return batch.kit.roomC;
  const c = t.task.courseC(ranForS(t, at));
  // Whoever took the foam for the boil: the pot goes on warming while the hold is counted.
  const before = t.task.atOnce === true ? p.tasks[p.tasks.indexOf(t) - 1] : undefined;
  if (before?.step !== t.step || before.task.courseC === undefined || before.begunAt === null) return c;
  return Math.min(c, before.task.courseC(Math.max(0, (at - before.begunAt) / 1000)));
}
