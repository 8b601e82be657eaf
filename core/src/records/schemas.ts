import Joi from 'joi';
import { amount, grams, id, instant, number, object, recipe, text } from './parts';

const vessel = {
  ml: number(50, 100_000),
  diameterCm: number(4, 80),
  massG: number(10, 20_000),
  made: Joi.valid('glass', 'steel'),
};
const named = { id: id(), name: text(80) };
const thing = Joi.alternatives().conditional('.is', {
  switch: [
    {
      is: 'jug',
      then: object({
        ...named,
        is: 'jug',
        ratedMl: number(100, 20_000),
        watts: number(20, 5000),
        lid: Joi.valid('vented', 'sealed'),
      }),
    },
    { is: 'strainer', then: object({ ...named, is: 'strainer', openingUm: number(5, 5000) }) },
    { is: 'pot', then: object({ ...named, is: 'pot', ...vessel }) },
    { is: 'bowl', then: object({ ...named, is: 'bowl', ...vessel }) },
    {
      is: 'hob',
      then: object({
        ...named,
        is: 'hob',
        watts: number(100, 10_000),
        heat: Joi.valid('gas', 'electric', 'induction'),
      }),
    },
    { is: 'jar', then: object({ ...named, is: 'jar', ml: number(30, 20_000), glass: Joi.boolean().strict() }) },
  ],
  otherwise: Joi.object({ is: Joi.valid('jug', 'strainer', 'pot', 'bowl', 'hob', 'jar') }).unknown(),
});
const kitKeys = {
  v: Joi.valid(1),
  id: Joi.valid('kit'),
  name: text(80),
  altitudeM: number(-400, 5000),
  roomC: number(0, 45),
  fridgeC: number(-1, 15),
  tapC: number(0, 40),
  cupMl: number(50, 500),
  things: Joi.array().items(thing).min(6).max(60).unique('id'),
  use: object(Object.fromEntries(['jug', 'strainer', 'pot', 'bowl', 'hob', 'jar'].map((k) => [k, id()]))),
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
  temperatureC: number(-40, 130),
  sizeUm: amount(),
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
const happened = { v: Joi.valid(1), id: id(), batch: id(), at: instant() };
const why = Joi.string().allow('').max(400);

const event = Joi.alternatives().conditional('.is', {
  switch: [
    { is: 'begun', then: object({ ...happened, is: 'begun', step: id(), task: id() }) },
    { is: 'ended', then: object({ ...happened, is: 'ended', step: id(), task: id(), by: Joi.valid('cook', 'timer') }) },
    { is: 'skipped', then: object({ ...happened, is: 'skipped', step: id(), why }) },
    { is: 'back', then: object({ ...happened, is: 'back', step: id() }) },
    { is: 'reading', then: object({ ...happened, is: 'reading', reading }) },
    { is: 'abandoned', then: object({ ...happened, is: 'abandoned', why }) },
    { is: 'note', then: object({ ...happened, is: 'note', text: Joi.string().max(2000) }) },
  ],
  otherwise: object({ ...happened, is: Joi.valid('paused', 'resumed') }),
});
const jarHappened = { v: Joi.valid(1), id: id(), jar: id(), at: instant() };
const jarEvent = Joi.alternatives().conditional('.is', {
  switch: [
    { is: 'poured', then: object({ ...jarHappened, is: 'poured', ml: amount() }) },
    { is: 'thrown', then: object({ ...jarHappened, is: 'thrown', why }) },
    { is: 'boiled', then: object({ ...jarHappened, is: 'boiled', forS: number(0, 4 * 3600) }) },
  ],
  otherwise: object({ ...jarHappened, is: Joi.valid('finished') }),
});

export const SCHEMAS = {
  kit: object({ ...kitKeys, updatedAt: instant() }),
  plans: object({
    v: Joi.valid(1),
    id: id(),
    rev: number(1, 1e9),
    name: text(120),
    from: object({ method: id(), edition: number(1, 1000) }).allow(null),
    recipe: recipe(),
    createdAt: instant(),
    updatedAt: instant(),
  }),
  batches: object({
    v: Joi.valid(1),
    id: id(),
    number: number(1, 1e6),
    plan: id(),
    name: text(120),
    recipe: recipe(),
    kit: object(kitKeys),
    beliefs,
    model: text(40),
    promised,
    startedAt: instant(),
  }),
  events: event,
  jars: object({
    v: Joi.valid(1),
    id: id(),
    batch: id(),
    product: text(40),
    vesselMl: amount(),
    filledMl: amount(),
    filledAt: instant(),
    stream,
  }),
  jarEvents: jarEvent,
} as const;
