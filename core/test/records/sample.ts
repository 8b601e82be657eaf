import { unlearned } from '../../src/kitchen';
import { jarsOf, progressOf, promisedOf } from '../../src/batch';
import { look } from '../../src/questions';
import type { BatchEvent, Look } from '../../src/batch';
import { materialById, MATERIALS, ownMaterial } from '../../src/materials';
import { METHODS, recipeOf } from '../../src/methods';
import type { BatchRecord, Kitchen } from '../../src/records';
import { USUAL_HOURS } from '../../src/schedule';
import { makeStep } from '../../src/steps';
import { SEA } from '../batch/kitchen';

const OATS_LIKE = materialById(MATERIALS, 'oats-rolled');
const T0 = Date.UTC(2026, 0, 10, 8, 0, 0);
const MIN = 60_000;
const school = METHODS[1] as (typeof METHODS)[number];

export function sampleBatch(): BatchRecord {
  const recipe = recipeOf(school);
  const seen = look(recipe, unlearned(SEA));
  if (!seen) throw new Error('no look');
  return {
    v: 5,
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
      { ...of, id: `e${i}a`, seq: 2 * i + 1, at: begun, is: 'begun' },
      { ...of, id: `e${i}b`, seq: 2 * i + 2, at, is: 'ended', by: 'cook' },
    ];
  });
}
const CAL = { waterS: [22.4, 22.5], syrupS: [28, 28.2], syrup: 40 } as const;
/** A look that says everything there is to say. */
export const WHOLE_LOOK: Look = {
  by: 'M',
  layers: [
    { kind: 'body', share: 0.9 },
    { kind: 'clear', share: 0.06 },
    { kind: 'sediment', share: 0.04 },
  ],
  thick: 'likeMilk',
  slip: 'clean',
  grit: 'faint',
  beany: 'faint',
  sweet: 'not',
  liked: 'yes',
  signs: ['fine'],
  measured: {
    funnel: { runsS: [24.5, 24.4], c: 5, cal: CAL },
    dried: { emptyG: 40, wetG: 55, dryG: 41 },
    full: { emptyG: 100, waterG: 600, milkG: 606 },
  },
  photo: { of: 'photo-1', frame: { left: 0.2, right: 0.8, top: 0.3, bottom: 0.9, tilt: 0.02 } },
  note: 'nutty',
};
/** Two pixels by three, as a JPEG. */
const TINY =
  '/9j/4AAQSkZJRgABAQAAAQABAAD/2wCEABALDA4MChAODQ4SERATGCgaGBYWGDEjJR0oOjM9PDkzODdASFxOQERXRTc4UG1RV19i' +
  'Z2hnPk1xeXBkeFxlZ2MBERISGBUYLxoaL2NCOEJjY2NjY2NjY2NjY2NjY2NjY2NjY2NjY2NjY2NjY2NjY2NjY2NjY2NjY2NjY2Nj' +
  'Y2NjY//AABEIAAMAAgMBEQACEQEDEQH/xAGiAAABBQEBAQEBAQAAAAAAAAAAAQIDBAUGBwgJCgsQAAIBAwMCBAMFBQQEAAABfQEC' +
  'AwAEEQUSITFBBhNRYQcicRQygZGhCCNCscEVUtHwJDNicoIJChYXGBkaJSYnKCkqNDU2Nzg5OkNERUZHSElKU1RVVldYWVpjZGVm' +
  'Z2hpanN0dXZ3eHl6g4SFhoeIiYqSk5SVlpeYmZqio6Slpqeoqaqys7S1tre4ubrCw8TFxsfIycrS09TV1tfY2drh4uPk5ebn6Onq' +
  '8fLz9PX29/j5+gEAAwEBAQEBAQEBAQAAAAAAAAECAwQFBgcICQoLEQACAQIEBAMEBwUEBAABAncAAQIDEQQFITEGEkFRB2FxEyIy' +
  'gQgUQpGhscEJIzNS8BVictEKFiQ04SXxFxgZGiYnKCkqNTY3ODk6Q0RFRkdISUpTVFVWV1hZWmNkZWZnaGlqc3R1dnd4eXqCg4SF' +
  'hoeIiYqSk5SVlpeYmZqio6Slpqeoqaqys7S1tre4ubrCw8TFxsfIycrS09TV1tfY2dri4+Tl5ufo6ery8/T19vf4+fr/2gAMAwEA' +
  'AhEDEQA/AOkoA//Z';
const onTheTable = { where: 'table', placeC: 25, from: T0 + 312 * MIN, to: T0 + 318 * MIN } as const;
/** A small kitchen with one of everything. */
export function sampleKitchen(): Kitchen {
  const batch = sampleBatch();
  const ran = wholeRun(batch);
  const more: BatchEvent[] = [
    {
      id: 'r1',
      seq: 900,
      batch: 'b1',
      at: T0 + 60 * MIN,
      is: 'reading',
      reading: { id: 'g1', step: 'strain', task: 'strain', what: 'milkG', value: 1100, source: 'scale' },
    },
    { id: 'n1', seq: 901, batch: 'b1', at: T0 + 61 * MIN, is: 'note', text: 'Frothy.' },
    { id: 'p1', seq: 902, batch: 'b1', at: T0 + 62 * MIN, is: 'paused' },
    { id: 'p2', seq: 903, batch: 'b1', at: T0 + 63 * MIN, is: 'resumed' },
    { id: 'p3', seq: 909, batch: 'b1', at: T0 + 63 * MIN, is: 'paused', step: 'jar', task: 'jar' },
    { id: 'c1', seq: 904, batch: 'b1', at: T0 + 64 * MIN, is: 'clockSet', byMs: -3_600_000 },
    {
      ...{ id: 'm1', seq: 908, batch: 'b1', at: T0 + 64 * MIN, is: 'reading' as const },
      reading: { id: 'g2', step: 'cool', task: 'cool', what: 'nowC', value: 60, atS: 120, source: 'cook' },
    },
    {
      ...{ id: 'f1', seq: 930, batch: 'b1', at: T0 + 68 * MIN, is: 'filled' as const, step: 'jar', ofMl: 1400 },
      into: [
        { name: 'Litre jar', vesselMl: 1000, ml: 900, glass: true },
        { name: 'Box', vesselMl: 450, ml: 405, glass: false },
      ],
    },
    {
      ...{ id: 'x1', seq: 910, batch: 'b1', at: T0 + 64 * MIN, is: 'edited' as const, against: 'tooThick' as const },
      edits: [
        { do: 'insert', after: 'cool', step: makeStep('water', 'add', { of: 'milk', food: 'water', amountG: 60 }) },
        { do: 'set', step: 'boil', param: 'holdS', value: 1800 },
        { do: 'foods', foods: [OATS_LIKE] },
        { do: 'remove', step: 'sort' },
      ],
    },
    { id: 'x2', seq: 911, batch: 'b1', at: T0 + 65 * MIN, is: 'undone', of: 'x1' },
    { id: 'x3', seq: 912, batch: 'b1', at: T0 + 65 * MIN, is: 'stirred', step: 'boil', task: 'hold' },
    { id: 's1', seq: 905, batch: 'b1', at: T0 + 65 * MIN, is: 'skipped', step: 'skim', why: 'other', text: 'no skin' },
    { id: 'k1', seq: 906, batch: 'b1', at: T0 + 66 * MIN, is: 'back', step: 'jar' },
    ...ran.filter((e) => 'step' in e && e.step === 'jar').map((e, i) => ({ ...e, id: `again${i}`, seq: 907 + i })),
  ];
  const events = [...ran, ...more].map((e) => ({ ...e, v: 7 as const }));
  const jars = jarsOf(batch, progressOf(batch, events)).map((j) => ({ ...j, v: 5 as const }));
  const first = jars[0];
  if (!first) throw new Error('no jar');
  jars[0] = { ...first, foods: [OATS_LIKE] };
  return {
    kit: [{ ...SEA, funnel: CAL, updatedAt: T0 }],
    plans: [
      {
        v: 5,
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
      { v: 6, id: 'j1', jar: first.id, seq: 1, at: T0 + 300 * MIN, is: 'poured', ml: 200 },
      { v: 6, id: 'j2', jar: first.id, seq: 2, at: T0 + 310 * MIN, is: 'moved', place: 'room', placeC: 21 },
      { v: 6, id: 'j3', jar: first.id, seq: 3, at: T0 + 320 * MIN, is: 'tempered', ...onTheTable },
      { v: 6, id: 'j4', jar: first.id, seq: 4, at: T0 + 330 * MIN, is: 'shaken', cameBack: 'wholly' },
      { v: 6, id: 'j5', jar: first.id, seq: 5, at: T0 + 340 * MIN, is: 'heated', toC: 70, holdS: 60 },
      { v: 6, id: 'j6', jar: first.id, seq: 6, at: T0 + 345 * MIN, is: 'boiled', forS: 120 },
      { v: 6, id: 'j7', jar: first.id, seq: 7, at: T0 + 350 * MIN, is: 'moved', place: 'fridge', placeC: null },
      { v: 6, id: 'j8', jar: first.id, seq: 8, at: T0 + 360 * MIN, is: 'lifted', capG: null, into: 'jar-cap' },
      { v: 6, id: 'm1', jar: first.id, seq: 13, at: T0 + 361 * MIN, is: 'decanted', into: 'jar-x', ml: 50 },
      {
        ...{ v: 6, id: 'm2', jar: first.id, seq: 14, at: T0 + 362 * MIN, is: 'merged', with: 'jar-y' },
        ...{ name: 'soy milk, batch 2', stream: first.stream, foods: [OATS_LIKE] },
      },
      { v: 6, id: 'm3', jar: first.id, seq: 15, at: T0 + 363 * MIN, is: 'dried', ovenC: 90, layerCm: 1, flourG: null },
      {
        v: 6,
        id: 'm4',
        jar: first.id,
        seq: 16,
        at: T0 + 364 * MIN,
        is: 'moved',
        place: 'freezer',
        placeC: -18,
        eachG: 100,
      },
      { v: 6, id: 'l1', jar: first.id, seq: 12, at: T0 + 365 * MIN, is: 'looked', look: WHOLE_LOOK },
      { v: 6, id: 'j9', jar: first.id, seq: 9, at: T0 + 370 * MIN, is: 'given' },
      { v: 6, id: 'k1', jar: first.id, seq: 10, at: T0 + 380 * MIN, is: 'undone', of: 'j9' },
      {
        ...{ v: 6, id: 'k2', jar: first.id, seq: 11, at: T0 + 400 * MIN, is: 'thrown' },
        ...{ why: 'other', text: 'smelled off', lastFineAt: T0 + 390 * MIN, foundAt: T0 + 399 * MIN },
      },
    ],
    materials: [
      {
        v: 2,
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
        v: 4,
        id: 'm1',
        name: 'Our quick one',
        line: 'As we do it',
        base: school.id,
        recipe: batch.recipe,
        updatedAt: T0,
      },
    ],
    fridge: [
      { v: 1, id: 'f1', at: T0, placeC: 4 },
      { v: 1, id: 'f2', at: T0 + 60 * MIN, placeC: 5.2, hottestC: 9 },
    ],
    settings: [{ v: 1, id: 'settings', cups: 'us', us: true, keys: false }],
    undo: [
      {
        v: 4,
        id: 'p1',
        past: [{ name: 'Quicker', recipe: batch.recipe }],
        future: [],
        touched: 'name',
        at: T0 + MIN,
      },
    ],
    traces: [
      {
        v: 1,
        id: 't1',
        batch: 'b1',
        step: 'boil',
        task: 'hold',
        channel: 'temperatureC',
        chunk: 0,
        everyS: 1,
        values: [97.5, 98, 98.1],
      },
    ],
    photos: [{ v: 1, id: 'photo-1', jar: first.id, at: T0 + 365 * MIN, width: 2, height: 3, jpeg: TINY }],
    wishes: [
      {
        ...{ v: 2, id: 'wish-1', name: 'Soy for Sunday', plan: 'plan-1', recipe: batch.recipe, batch: 'b1' },
        ...{ byAt: T0 + 3000 * MIN, notBeforeAt: null, ml: 1500, fixed: { soak: T0 + 60 * MIN } },
        ...{ addedAt: T0, updatedAt: T0 },
      },
    ],
    hours: [
      {
        ...USUAL_HOURS,
        ...{ v: 1, id: 'hours', updatedAt: T0 },
        once: [{ id: 'o1', what: 'away', from: T0, to: T0 + 90 * MIN, text: 'market', source: 'calendar' }],
      },
    ],
    rhythms: [
      {
        ...{ v: 2, id: 'rhythm-1', name: 'Soy every other day', plan: 'plan-1', recipe: batch.recipe, ml: null },
        ...{ rule: 'FREQ=DAILY;INTERVAL=2', first: '2026-01-12T07:30', without: ['2026-01-16T07:30'] },
        ...{ addedAt: T0, updatedAt: T0 },
      },
    ],
    leftOut: [{ v: 1, id: 'hold:fine-bag', batches: ['b1'], beforeAt: T0, updatedAt: T0 }],
    trials: [
      {
        ...{ v: 2, id: 'trial-1', name: 'Longer blending', from: null, base: batch.recipe, times: 2, seed: 640 },
        factors: [
          { at: { of: 'step', step: 'grind', param: 'durationS' }, from: 60, to: 90 },
          { at: { of: 'larder', index: 0 }, from: 200, to: 240 },
        ],
        ...{ design: '2^2', asks: 'volumeMl', runs: [{ run: 3, plan: 'plan-1' }], createdAt: T0, updatedAt: T0 },
      },
    ],
    tastings: [
      {
        ...{ v: 1, id: 'tasting-1', kind: 'triangle', about: 'liked', expects: null, n: 6, seed: 640 },
        ...{ a: { jar: first.id, name: '1 · Soy' }, b: { jar: 'gone', name: '2 · Soy' } },
        ...{ answers: [{ serving: 0, by: 'Ada', cup: 2 }], createdAt: T0, updatedAt: T0 },
      },
    ],
    cupboard: [{ v: 1, id: 'soybeans', haveG: 850, countedAt: T0, packG: 500, updatedAt: T0 }],
  };
}
