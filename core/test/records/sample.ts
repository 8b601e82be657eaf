import { jarsOf, look, progressOf, promisedOf } from '../../src/batch';
import type { BatchEvent } from '../../src/batch';
import { materialById, MATERIALS, ownMaterial } from '../../src/materials';
import { METHODS, recipeOf } from '../../src/methods';
import type { BatchRecord, Kitchen } from '../../src/records';
import { SEA } from '../batch/kitchen';

const OATS_LIKE = materialById(MATERIALS, 'oats-rolled');
const T0 = Date.UTC(2026, 0, 10, 8, 0, 0);
const MIN = 60_000;
const school = METHODS[1] as (typeof METHODS)[number];

export function sampleBatch(): BatchRecord {
  const recipe = recipeOf(school);
  const seen = look(recipe, SEA);
  if (!seen) throw new Error('no look');
  return {
    v: 2,
    id: 'b1',
    number: 1,
    plan: 'p1',
    name: school.name,
    recipe,
    kit: SEA,
    beliefs: {},
    model: 'milks-2',
    promised: promisedOf(seen.summary),
    startedAt: T0,
  };
}
/** Every task begun and ended, `eachMin` minutes apart. */
export function wholeRun(batch: BatchRecord, eachMin = 10): BatchEvent[] {
  const p = progressOf(batch, []);
  let at = batch.startedAt;
  return p.tasks.flatMap((t, i): BatchEvent[] => {
    const begun = at;
    at += eachMin * MIN;
    const of = { batch: batch.id, step: t.step.id, task: t.task.id };
    return [
      { ...of, id: `e${i}a`, at: begun, is: 'begun' },
      { ...of, id: `e${i}b`, at, is: 'ended', by: 'cook' },
    ];
  });
}
/** A small kitchen with one of everything. */
export function sampleKitchen(): Kitchen {
  const batch = sampleBatch();
  const ran = wholeRun(batch);
  const more: BatchEvent[] = [
    {
      id: 'r1',
      batch: 'b1',
      at: T0 + 60 * MIN,
      is: 'reading',
      reading: { id: 'g1', step: 'strain', task: 'strain', what: 'milkG', value: 1100, source: 'cook' },
    },
    { id: 'n1', batch: 'b1', at: T0 + 61 * MIN, is: 'note', text: 'Frothy.' },
    { id: 'p1', batch: 'b1', at: T0 + 62 * MIN, is: 'paused' },
    { id: 'p2', batch: 'b1', at: T0 + 63 * MIN, is: 'resumed' },
  ];
  const events = [...ran, ...more].map((e) => ({ ...e, v: 1 as const }));
  const jars = jarsOf(batch, progressOf(batch, events)).map((j) => ({ ...j, v: 2 as const }));
  const first = jars[0];
  if (!first) throw new Error('no jar');
  return {
    kit: [{ ...SEA, updatedAt: T0 }],
    plans: [
      {
        v: 2,
        id: 'p1',
        rev: 3,
        name: 'Quick',
        from: { method: school.id, edition: 1 },
        use: 'drinking',
        recipe: batch.recipe,
        createdAt: T0,
        updatedAt: T0 + MIN,
      },
    ],
    batches: [batch],
    events,
    jars,
    jarEvents: [
      { v: 1, id: 'j1', jar: first.id, at: T0 + 300 * MIN, is: 'poured', ml: 200 },
      { v: 1, id: 'j2', jar: first.id, at: T0 + 400 * MIN, is: 'thrown', why: 'smelled off' },
    ],
    materials: [
      {
        v: 1,
        id: 'own-1',
        like: 'oats-rolled',
        material: ownMaterial(OATS_LIKE, {
          id: 'own-1',
          name: 'Hill oats',
          per100g: OATS_LIKE.per100g,
          canLeave: OATS_LIKE.canLeave,
          cupG: 88,
        }),
        updatedAt: T0,
      },
    ],
    methods: [
      {
        v: 1,
        id: 'm1',
        name: 'Our quick one',
        line: 'As we do it',
        base: school.id,
        recipe: batch.recipe,
        updatedAt: T0,
      },
    ],
  };
}
