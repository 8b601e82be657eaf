import Joi from 'joi';
import { ABANDON_REASONS, CAME_BACK, JAR_PLACES, SKIP_REASONS, THROWN_REASONS } from '../batch';
import { KIT_SPECS, THING_KINDS, THING_SPECS } from '../kitchen';
import type { KitSpec, ThingKind } from '../kitchen';
import { complete } from './kitWhole';
import type { Table } from './types';
import { MOST_UNDO } from './limits';
import { amount, grams, id, instant, material, number, object, recipe, text } from './parts';

const named = { id: id(), name: text(80) };
const bounds = (specs: Readonly<Record<string, KitSpec>>): Record<string, Joi.Schema> =>
  Object.fromEntries(Object.entries(specs).map(([k, x]) => [k, number(x.low, x.high)]));
const thingOf = (kind: ThingKind): Joi.ObjectSchema =>
  object({
    ...named,
    is: kind,
    ...bounds(THING_SPECS[kind].numbers),
    ...Object.fromEntries(Object.entries(THING_SPECS[kind].choices).map(([k, c]) => [k, Joi.valid(...c)])),
  });
const thing = Joi.alternatives().conditional('.is', {
  switch: THING_KINDS.map((k) => ({ is: k, then: thingOf(k) })),
  otherwise: Joi.object({ is: Joi.valid(...THING_KINDS) }).unknown(),
});
const kitKeys = {
  v: Joi.valid(2),
  id: Joi.valid('kit'),
  name: text(80),
  ...bounds(KIT_SPECS),
  currency: text(8),
  prices: Joi.object().pattern(id(), number(0, 10_000)),
  things: Joi.array().items(thing).min(6).max(60).unique('id'),
  use: object(Object.fromEntries(THING_KINDS.map((k) => [k, id()]))),
  rev: number(0, 1e9),
};
const beliefs = Joi.object().pattern(
  id(),
  object({ mean: number(0, 100), sd: number(0, 10), n: number(0, 1e6), low: number(0, 100), high: number(0, 100) }),
);
const stream = object({
  madeFrom: Joi.object().pattern(id(), amount()),
  freeWaterG: amount(),
  boundWaterG: amount(),
  gainedWaterG: amount(),
  released: grams(),
  bound: grams(),
  able: grams(),
  hullG: amount(),
  inhibitor: object({ labile: amount(), stable: amount(), of: amount() }),
  flavour: object({ enzyme: amount(), beany: amount(), of: amount() }),
  glucanOf: amount(),
  amylase: amount(),
  glucanase: amount(),
  hydrolysedG: amount(),
  temperatureC: number(-40, 130),
  sizeUm: amount(),
  topUm: amount(),
  releasedC: number(-40, 130),
  glucanCut: number(0, 1),
  squeezed: number(0, 2),
  openedShare: number(0, 1),
  sievedShare: number(0, 1),
  peakWetC: number(-40, 130),
  hygiene: Joi.valid('raw', 'heated', 'boiled', 'touched'),
  readyAtS: amount(),
  f70Min: number(0, 1e12),
  boilS: amount(),
  preheatMin: amount(),
  lossH: amount(),
  hotWholeS: amount(),
  spentD: amount(),
  above21S: amount(),
  above5S: amount(),
});
const promised = object({
  volumeMl: amount(),
  solids: number(0, 1),
  protein: number(0, 1),
  pulpG: amount(),
  keepS: amount(),
  elapsedS: amount(),
});
const reading = Joi.object({
  id: id().required(),
  step: id().required(),
  task: id(),
  what: id().required(),
  value: number(-1e6, 1e7).required(),
  source: Joi.valid('cook', 'clock', 'demo').required(),
});
/** A sequence counts lines of one log; what version 1 left are instants. */
const seq = (): Joi.NumberSchema => number(0, 8.64e15).integer();
const happened = { v: Joi.valid(2), id: id(), batch: id(), seq: seq(), at: instant() };
const words = Joi.string().allow('').max(400);

const event = Joi.alternatives().conditional('.is', {
  switch: [
    { is: 'begun', then: object({ ...happened, is: 'begun', step: id(), task: id() }) },
    { is: 'ended', then: object({ ...happened, is: 'ended', step: id(), task: id(), by: Joi.valid('cook', 'timer') }) },
    {
      is: 'skipped',
      then: object({ ...happened, is: 'skipped', step: id(), why: Joi.valid(...SKIP_REASONS), text: words }),
    },
    { is: 'back', then: object({ ...happened, is: 'back', step: id() }) },
    { is: 'reading', then: object({ ...happened, is: 'reading', reading }) },
    { is: 'clockSet', then: object({ ...happened, is: 'clockSet', byMs: number(-8.64e15, 8.64e15) }) },
    {
      is: 'abandoned',
      then: object({ ...happened, is: 'abandoned', why: Joi.valid(...ABANDON_REASONS), text: words }),
    },
    { is: 'note', then: object({ ...happened, is: 'note', text: Joi.string().max(2000) }) },
  ],
  otherwise: object({ ...happened, is: Joi.valid('paused', 'resumed') }),
});
const jarHappened = { v: Joi.valid(2), id: id(), jar: id(), seq: seq(), at: instant() };
const placeC = number(-40, 60);
const thrown = object({
  ...jarHappened,
  is: 'thrown',
  why: Joi.valid(...THROWN_REASONS),
  text: words,
  lastFineAt: instant().allow(null),
});
const moved = object({ ...jarHappened, is: 'moved', place: Joi.valid(...JAR_PLACES), placeC: placeC.allow(null) });
const heated = object({ ...jarHappened, is: 'heated', toC: number(0, 130), holdS: number(0, 4 * 3600) });
const jarEvent = Joi.alternatives().conditional('.is', {
  switch: [
    { is: 'poured', then: object({ ...jarHappened, is: 'poured', ml: amount() }) },
    { is: 'moved', then: moved },
    { is: 'tempered', then: object({ ...jarHappened, is: 'tempered', placeC }) },
    { is: 'thrown', then: thrown },
    { is: 'boiled', then: object({ ...jarHappened, is: 'boiled', forS: number(0, 4 * 3600) }) },
    { is: 'heated', then: heated },
    { is: 'shaken', then: object({ ...jarHappened, is: 'shaken', cameBack: Joi.valid(...CAME_BACK) }) },
    { is: 'lifted', then: object({ ...jarHappened, is: 'lifted', capG: amount().allow(null) }) },
    { is: 'undone', then: object({ ...jarHappened, is: 'undone', of: id() }) },
  ],
  otherwise: object({ ...jarHappened, is: Joi.valid('finished', 'given') }),
});
const versions = Joi.array()
  .items(object({ name: text(120), recipe: recipe() }))
  .max(MOST_UNDO);

export const SCHEMAS = {
  kit: complete({ ...kitKeys, updatedAt: instant() }),
  plans: object({
    v: Joi.valid(2),
    id: id(),
    rev: number(1, 1e9),
    name: text(120),
    from: object({ method: id(), edition: number(1, 1000) }).allow(null),
    use: text(40).allow(null),
    recipe: recipe(),
    createdAt: instant(),
    updatedAt: instant(),
  }),
  batches: object({
    v: Joi.valid(2),
    id: id(),
    number: number(1, 1e6),
    plan: id(),
    name: text(120),
    recipe: recipe(),
    kit: complete(kitKeys),
    beliefs,
    model: text(40),
    promised,
    startedAt: instant(),
  }),
  events: event,
  jars: object({
    v: Joi.valid(2),
    id: id(),
    batch: id(),
    product: text(40),
    vesselMl: amount(),
    filledMl: amount(),
    filledAt: instant(),
    stream,
  }),
  jarEvents: jarEvent,
  materials: object({ v: Joi.valid(1), id: id(), like: id(), material: material(), updatedAt: instant() }),
  methods: object({
    v: Joi.valid(1),
    id: id(),
    name: text(120),
    line: Joi.string().allow('').max(400),
    base: id().allow(null),
    recipe: recipe(),
    updatedAt: instant(),
  }),
  fridge: object({ v: Joi.valid(1), id: id(), at: instant(), placeC }),
  settings: object({
    v: Joi.valid(1),
    id: Joi.valid('settings'),
    cups: Joi.valid('none', 'us', 'metric', 'own'),
    us: Joi.boolean().strict(),
    keys: Joi.boolean().strict(),
  }),
  undo: object({
    v: Joi.valid(1),
    id: id(),
    past: versions,
    future: versions,
    touched: Joi.string().allow('').max(200),
    at: instant(),
  }),
  traces: object({
    v: Joi.valid(1),
    id: id(),
    batch: id(),
    step: id(),
    task: id(),
    channel: Joi.valid('temperatureC', 'weightG', 'loudnessDb'),
    chunk: number(0, 1e7).integer(),
    everyS: number(0.001, 3600),
    values: Joi.array().items(number(-1e6, 1e7)).min(1).max(1000),
  }),
} as const satisfies Record<Table, Joi.Schema>;
