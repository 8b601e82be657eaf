import { describe, expect, test } from '@jest/globals';
import { digestOf, fold, jarNow, jarsOf, progressOf, promisedOf, soakingNow } from '../../src/batch';
import type { BatchEvent, FrozenBatch, JarEvent } from '../../src/batch';
import { unlearned } from '../../src/kitchen';
import { methodById, recipeIn } from '../../src/methods';
import { look } from '../../src/questions';
import { kindOf } from '../../src/steps';
import { sampleKitchen } from '../records/sample';
import { kitAt } from '../batch/kitchen';
import { told } from './told';

/** What is made today of a log: every reading there can be, a batch run at its own pace, a jar that went through much. */
const kit = kitAt(640);
const HOUR = 3_600_000;
const SCHOOLS = ['soy-washed', 'oat-enzyme', 'rice-cooked', 'tiger-nut-cooked', 'coconut-graded'];
function batchOf(id: string): FrozenBatch {
  const m = methodById(id);
  if (!m) throw new Error(id);
  const recipe = recipeIn(m, kit);
  const seen = look(recipe, unlearned(kit));
  if (!seen) throw new Error(id);
  return { id, name: m.name, recipe, kit, beliefs: {}, promised: promisedOf(seen.summary), startedAt: 0 };
}

describe.each(SCHOOLS)('on record for a batch of %s', (id) => {
  const batch = batchOf(id);
  const planned = fold(batch.recipe, unlearned(kit));
  const all = batch.recipe.steps.flatMap((s, i) =>
    Object.entries(kindOf(s.kind).readings).flatMap(([what, spec]) => {
      const now = spec.figure === undefined ? undefined : planned.stages[i]?.figures[spec.figure];
      const value = now === undefined ? (spec.low + spec.high) / 4 : now * 1.15;
      return spec.byTrace === true || !(value > spec.low && value < spec.high) ? [] : [{ step: s.id, what, value }];
    }),
  );
  test('each reading alone, fifteen per cent more than predicted', () => {
    const lines = all.map((r, i) => {
      const o = fold(batch.recipe, { ...unlearned(kit), readings: [{ id: `r${i}`, ...r, source: 'cook' as const }] });
      const milk = Object.values(o.products)[0];
      return `${r.step}.${r.what} ${told(r.value)}: ${told(o.fits)} ${told([milk?.freeWaterG, milk?.released, milk?.temperatureC, milk?.spentD])}`;
    });
    expect(lines).toMatchSnapshot();
  });
  test('run half as long again as planned', () => {
    let at = 0;
    let seq = 0;
    const log = progressOf(batch, []).tasks.flatMap((t): BatchEvent[] => {
      const of = { batch: id, step: t.step.id, task: t.task.id };
      const begun: BatchEvent = { ...of, id: `a${(seq += 1)}`, seq, at, is: 'begun' };
      at += Math.round(t.task.durationS * 1500) + 240_000;
      return [begun, { ...of, id: `a${(seq += 1)}`, seq, at, is: 'ended', by: 'cook' }];
    });
    const p = progressOf(batch, log);
    const jars = jarsOf(batch, p);
    const soaking = progressOf(batch, log.slice(0, 3));
    const lines = [
      told(p.summary),
      told(p.outcome.fits),
      told(digestOf(batch, log, p)),
      told(soaking.current && soakingNow(soaking, soaking.current, 5 * HOUR)),
      ...jars.map((j) => told([j.product, j.filledMl, j.vesselMl, j.filledAt])),
      ...jars.map((j) => told(jarNow(j, [], batch, [], j.filledAt + 30 * HOUR))),
    ];
    expect(lines).toMatchSnapshot();
  });
});

test('on record for a jar that was poured, moved, shaken, heated, boiled, lifted', () => {
  const k = sampleKitchen();
  const [batch, jar] = [k.batches[0], k.jars[0]];
  if (!batch || !jar) throw new Error('no jar');
  const events = k.jarEvents as readonly JarEvent[];
  const lines = events.map((_, i) =>
    told(jarNow(jar, events.slice(0, i + 1), batch, k.fridge, (events[i]?.at ?? 0) + 2 * HOUR)),
  );
  expect(lines).toMatchSnapshot();
});
