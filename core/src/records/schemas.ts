import Joi from 'joi';
import {
  ABANDON_REASONS,
  CAME_BACK,
  JAR_PLACES,
  layersFault,
  LIKED,
  MAKING_TROUBLES,
  MILK_TROUBLES,
  MOST_SEQ,
  OUT_PLACES,
  saysNothing,
  SIGNS,
  SKIP_REASONS,
  THROWN_REASONS,
} from '../batch';
import type { BatchEvent, Filling, JarEvent, Look, PhotoFrame, PhotoSeen, Promised } from '../batch';
import { BEANY_SCALE, BODY_SCALE, GRIT_SCALE, SLIP_SCALE, SOURCES, SWEET_SCALE } from '../steps';
import type { Layer } from '../steps';
import { KIT_SPECS, THING_KINDS, THING_SPECS } from '../kitchen';
import type { KitSpec, Stream, ThingKind } from '../kitchen';
import type { Reading } from '../steps';
import { CLOCK } from './clock';
import { LEARNING } from './learning';
import { TRIALS } from './trials';
import { complete } from './kitWhole';
import type {
  BatchRecord,
  EventRecord,
  FridgeRecord,
  JarEventRecord,
  JarRecord,
  MaterialRecord,
  MethodRecord,
  PhotoRecord,
  PlanRecord,
  SettingsRecord,
  Table,
  TraceRecord,
  UndoRecord,
} from './types';
import { MOST_BATCH_NUMBER, MOST_REVISION_IN, MOST_PHOTO_PX, MOST_PHOTO_TEXT, MOST_UNDO, MOST_VESSELS } from './limits';
import { amount, exactly, grams, id, instant, material, number, object, recipe, step, text } from './parts';

/** Revisions count this kitchen's own changes: a high one from a file begins lower, so that changes have room. */
const revision = (low: number): Joi.NumberSchema =>
  number(low, 1e9).custom((rev: number) => Math.min(rev, MOST_REVISION_IN));
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
const runs = () => Joi.array().items(number(0.1, 3600)).min(1).max(12);
const calibration = object({ waterS: runs(), syrupS: runs(), syrup: Joi.valid(20, 40) });
const weighed = (names: readonly string[]) => object(Object.fromEntries(names.map((n) => [n, number(0, 50_000)])));
const measured = object({
  funnel: object({ runsS: runs(), c: number(-5, 100), cal: calibration }).optional(),
  dried: weighed(['emptyG', 'wetG', 'dryG']).optional(),
  full: weighed(['emptyG', 'waterG', 'milkG']).optional(),
}).min(1);
const kitKeys = {
  v: Joi.valid(2),
  id: Joi.valid('kit'),
  name: text(80),
  ...bounds(KIT_SPECS),
  currency: text(8),
  prices: Joi.object().pattern(id(), number(0, 10_000)),
  things: Joi.array().items(thing).min(6).max(60).unique('id'),
  use: object(Object.fromEntries(THING_KINDS.map((k) => [k, id()]))),
  funnel: calibration.optional(),
  rev: revision(0),
};
const beliefs = Joi.object().pattern(
  id(),
  object({ mean: number(0, 100), sd: number(0, 10), n: number(0, 1e6), low: number(0, 100), high: number(0, 100) }),
);
const stream = exactly<Stream>({
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
  // Jars filled before these were kept were new when they were filled.
  keptS: amount().optional(),
  frozenS: amount().optional(),
  // Jars filled before streams had a role are known by what a strainer left in them.
  role: Joi.valid('food', 'milk', 'pulp', 'cap', 'skin').optional(),
  spoiled: Joi.boolean().optional(),
  heatingF70Min: number(0, 1e12).optional(),
  ageS: amount().optional(),
  stillS: amount().optional(),
});
const promised = exactly<Promised>({
  volumeMl: amount(),
  solids: number(0, 1),
  protein: number(0, 1),
  pulpG: amount(),
  keepS: amount(),
  elapsedS: amount(),
});
const reading = exactly<Reading>({
  id: id(),
  step: id(),
  task: id().optional(),
  what: id(),
  value: number(-1e6, 1e7),
  sd: number(0, 1e7).optional(),
  trace: id().optional(),
  atS: amount().optional(),
  source: Joi.valid(...SOURCES),
});
/** A sequence counts lines of one log; what version 1 left are instants. */
const seq = (): Joi.NumberSchema => number(0, MOST_SEQ).integer();
const happened = { v: Joi.valid(7), id: id(), batch: id(), seq: seq(), at: instant() };
const words = Joi.string().allow('').max(400);

/** A step more, a value, a food: whether it fits its batch is seen when the log is read. */
const rescueEdit = Joi.alternatives().conditional('.do', {
  switch: [
    { is: 'insert', then: object({ do: 'insert', after: id().allow(null), step: step() }) },
    {
      is: 'set',
      then: object({
        do: 'set',
        step: id(),
        param: id(),
        value: Joi.alternatives(number(-1e6, 1e7), text(80), Joi.boolean().strict()),
      }),
    },
    { is: 'remove', then: object({ do: 'remove', step: id() }) },
    { is: 'foods', then: object({ do: 'foods', foods: Joi.array().items(material()).max(40) }) },
  ],
  otherwise: Joi.object({ do: Joi.valid('insert', 'remove', 'set', 'foods') }).unknown(),
});
/** The task that is held; older logs name none. */
const held = { step: id().optional(), task: id().optional() };

type EventOf<K extends BatchEvent['is']> = EventRecord & { readonly is: K };
/** A schema for each thing that may happen to a batch: one forgotten does not compile. */
const EVENTS: { readonly [K in BatchEvent['is']]: Joi.ObjectSchema } = {
  begun: exactly<EventOf<'begun'>>({ ...happened, is: 'begun', step: id(), task: id() }),
  ended: exactly<EventOf<'ended'>>({
    ...happened,
    is: 'ended',
    step: id(),
    task: id(),
    by: Joi.valid('cook', 'timer'),
  }),
  skipped: exactly<EventOf<'skipped'>>({
    ...happened,
    is: 'skipped',
    step: id(),
    why: Joi.valid(...SKIP_REASONS),
    text: words,
  }),
  back: exactly<EventOf<'back'>>({ ...happened, is: 'back', step: id(), task: id().optional() }),
  reading: exactly<EventOf<'reading'>>({ ...happened, is: 'reading', reading }),
  clockSet: exactly<EventOf<'clockSet'>>({ ...happened, is: 'clockSet', byMs: number(-8.64e15, 8.64e15) }),
  abandoned: exactly<EventOf<'abandoned'>>({
    ...happened,
    is: 'abandoned',
    why: Joi.valid(...ABANDON_REASONS),
    text: words,
  }),
  note: exactly<EventOf<'note'>>({ ...happened, is: 'note', text: Joi.string().max(2000) }),
  filled: exactly<EventOf<'filled'>>({
    ...happened,
    is: 'filled',
    step: id(),
    into: Joi.array()
      .items(exactly<Filling>({ name: text(80), vesselMl: amount(), ml: amount(), glass: Joi.boolean().strict() }))
      .min(1)
      .max(MOST_VESSELS),
    ofMl: amount(),
  }),
  edited: exactly<EventOf<'edited'>>({
    ...happened,
    is: 'edited',
    against: Joi.valid(...MILK_TROUBLES, ...MAKING_TROUBLES),
    edits: Joi.array().items(rescueEdit).min(1).max(20),
  }),
  stirred: exactly<EventOf<'stirred'>>({ ...happened, is: 'stirred', step: id(), task: id() }),
  undone: exactly<EventOf<'undone'>>({ ...happened, is: 'undone', of: id() }),
  paused: exactly<EventOf<'paused'>>({ ...happened, is: 'paused', ...held }).and('step', 'task'),
  resumed: exactly<EventOf<'resumed'>>({ ...happened, is: 'resumed', ...held }).and('step', 'task'),
};
const jarHappened = { v: Joi.valid(6), id: id(), jar: id(), seq: seq(), at: instant() };
const placeC = number(-40, 60);
const oneOf = (scale: readonly string[]): Joi.Schema => Joi.valid(...scale).optional();
/** Where in a photograph the milk stands: sides and ends in their order. */
const frame = exactly<PhotoFrame>({
  left: number(0, 1),
  right: number(0, 1),
  top: number(0, 1),
  bottom: number(0, 1),
  tilt: number(-0.5, 0.5),
}).custom((f: PhotoFrame, h) => (f.left < f.right && f.top < f.bottom ? f : h.error('frame.order')));
/** A look: words of the scales, layers that make up a jar, and something said at all. */
const look = exactly<Look>({
  by: text(40).optional(),
  layers: Joi.array()
    .items(object({ kind: Joi.valid('cream', 'clear', 'thin', 'body', 'sediment'), share: number(0, 1) }))
    .min(1)
    .max(5)
    .custom((l: Layer[], h) => (layersFault(l) === 'none' ? l : h.error('layers.fault')))
    .optional(),
  thick: oneOf(BODY_SCALE),
  slip: oneOf(SLIP_SCALE),
  grit: oneOf(GRIT_SCALE),
  beany: oneOf(BEANY_SCALE),
  sweet: oneOf(SWEET_SCALE),
  liked: oneOf(LIKED),
  signs: Joi.array()
    .items(Joi.valid(...SIGNS))
    .max(SIGNS.length)
    .unique()
    .optional(),
  measured: measured.optional(),
  photo: exactly<PhotoSeen>({ of: id(), frame: frame.allow(null) }).optional(),
  note: Joi.string().max(2000).optional(),
}).custom((l: Look, h) => (saysNothing(l) ? h.error('look.nothing') : l));
type JarEventOf<K extends JarEvent['is']> = JarEventRecord & { readonly is: K };
/** The same for a jar. */
const JAR_EVENTS: { readonly [K in JarEvent['is']]: Joi.ObjectSchema } = {
  poured: exactly<JarEventOf<'poured'>>({ ...jarHappened, is: 'poured', ml: amount() }),
  moved: exactly<JarEventOf<'moved'>>({
    ...jarHappened,
    is: 'moved',
    place: Joi.valid(...JAR_PLACES),
    placeC: placeC.allow(null),
    eachG: amount().optional(),
  }),
  tempered: exactly<JarEventOf<'tempered'>>({
    ...jarHappened,
    is: 'tempered',
    where: Joi.valid(...OUT_PLACES),
    placeC,
    from: instant(),
    to: instant().allow(null),
  }).custom((e: JarEventOf<'tempered'>, h) => (e.to !== null && e.to < e.from ? h.error('time.order') : e)),
  looked: exactly<JarEventOf<'looked'>>({ ...jarHappened, is: 'looked', look }),
  boiled: exactly<JarEventOf<'boiled'>>({ ...jarHappened, is: 'boiled', forS: number(0, 4 * 3600) }),
  heated: exactly<JarEventOf<'heated'>>({
    ...jarHappened,
    is: 'heated',
    toC: number(0, 130),
    holdS: number(0, 4 * 3600),
  }),
  shaken: exactly<JarEventOf<'shaken'>>({ ...jarHappened, is: 'shaken', cameBack: Joi.valid(...CAME_BACK) }),
  lifted: exactly<JarEventOf<'lifted'>>({
    ...jarHappened,
    is: 'lifted',
    capG: amount().allow(null),
    into: id().optional(),
  }),
  dried: exactly<JarEventOf<'dried'>>({
    ...jarHappened,
    is: 'dried',
    ovenC: number(20, 200),
    layerCm: number(0.1, 10),
    flourG: amount().allow(null),
  }),
  decanted: exactly<JarEventOf<'decanted'>>({ ...jarHappened, is: 'decanted', into: id(), ml: amount() }),
  merged: exactly<JarEventOf<'merged'>>({
    ...jarHappened,
    is: 'merged',
    with: id(),
    name: text(120),
    stream,
    foods: Joi.array().items(material()).max(40),
  }),
  finished: exactly<JarEventOf<'finished'>>({ ...jarHappened, is: 'finished' }),
  given: exactly<JarEventOf<'given'>>({ ...jarHappened, is: 'given' }),
  thrown: exactly<JarEventOf<'thrown'>>({
    ...jarHappened,
    is: 'thrown',
    why: Joi.valid(...THROWN_REASONS),
    text: words,
    lastFineAt: instant().allow(null),
    foundAt: instant().allow(null),
  }),
  undone: exactly<JarEventOf<'undone'>>({ ...jarHappened, is: 'undone', of: id() }),
};
/** What happened is judged by its own schema alone: trying one after the other was most of the time of an import. */
const byWhat = (known: Readonly<Record<string, Joi.ObjectSchema>>) => {
  const none = Joi.object({ is: Joi.valid(...Object.keys(known)).required() }).unknown();
  return (row: Readonly<Record<string, unknown>>): Joi.Schema =>
    typeof row.is === 'string' && Object.hasOwn(known, row.is) ? (known[row.is] ?? none) : none;
};
const versions = Joi.array()
  .items(object({ name: text(120), recipe: recipe() }))
  .max(MOST_UNDO);

/** Base64 of what begins as every JPEG does. */
const JPEG = /^\/9j\/[A-Za-z0-9+/]*={0,2}$/;
/** The validator of each table’s rows; a log’s lines each by what happened. */
export const SCHEMAS = {
  kit: complete({ ...kitKeys, updatedAt: instant() }),
  plans: exactly<PlanRecord>({
    v: Joi.valid(5),
    id: id(),
    rev: revision(1),
    name: text(120),
    from: object({ method: id(), edition: number(1, 1000) }).allow(null),
    use: text(40).allow(null),
    recipe: recipe(),
    draft: Joi.valid(true).optional(),
    createdAt: instant(),
    updatedAt: instant(),
  }),
  batches: exactly<BatchRecord>({
    v: Joi.valid(5),
    id: id(),
    number: number(1, MOST_BATCH_NUMBER).integer(),
    plan: id(),
    name: text(120),
    recipe: recipe(),
    kit: complete(kitKeys),
    beliefs,
    model: text(40),
    promised,
    startedAt: instant(),
  }),
  events: byWhat(EVENTS),
  jars: exactly<JarRecord>({
    v: Joi.valid(5),
    id: id(),
    batch: id(),
    product: text(40),
    vesselMl: amount(),
    filledMl: amount(),
    filledAt: instant(),
    stream,
    vessel: Joi.string().allow('').max(80),
    glass: Joi.boolean().strict(),
    from: id().allow(null),
    foods: Joi.array().items(material()).min(1).max(40).optional(),
  }),
  jarEvents: byWhat(JAR_EVENTS),
  materials: exactly<MaterialRecord>({
    v: Joi.valid(2),
    id: id(),
    like: id(),
    material: material(),
    updatedAt: instant(),
  }),
  methods: exactly<MethodRecord>({
    v: Joi.valid(4),
    id: id(),
    name: text(120),
    line: Joi.string().allow('').max(400),
    base: id().allow(null),
    recipe: recipe(),
    updatedAt: instant(),
  }),
  fridge: exactly<FridgeRecord>({
    v: Joi.valid(1),
    id: id(),
    at: instant(),
    placeC,
    hottestC: placeC.optional(),
  }),
  settings: exactly<SettingsRecord>({
    v: Joi.valid(1),
    id: Joi.valid('settings'),
    cups: Joi.valid('none', 'us', 'metric', 'own'),
    us: Joi.boolean().strict(),
    keys: Joi.boolean().strict(),
  }),
  undo: exactly<UndoRecord>({
    v: Joi.valid(4),
    id: id(),
    past: versions,
    future: versions,
    touched: Joi.string().allow('').max(200),
    at: instant(),
  }),
  traces: exactly<TraceRecord>({
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
  photos: exactly<PhotoRecord>({
    v: Joi.valid(1),
    id: id(),
    jar: id(),
    at: instant(),
    width: number(1, MOST_PHOTO_PX).integer(),
    height: number(1, MOST_PHOTO_PX).integer(),
    jpeg: Joi.string()
      .max(MOST_PHOTO_TEXT)
      .custom((x: string, h) => (JPEG.test(x) ? x : h.error('photo.jpeg'))),
  }),
  ...CLOCK,
  ...LEARNING,
  ...TRIALS,
} as const satisfies Record<Table, Joi.Schema | ((row: Readonly<Record<string, unknown>>) => Joi.Schema)>;
