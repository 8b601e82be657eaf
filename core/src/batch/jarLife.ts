import { contents, isPulp, massG, NOTHING, portion, volumeMl } from '../kitchen';
import type { Hygiene, Stream } from '../kitchen';
import type { Material } from '../materials';
import {
  CAP,
  capSetsBelowC,
  COLD_C,
  contextOf,
  fillHeightMm,
  isBoiledEnough,
  isFlour,
  isSpoiled,
  keepBy,
  layersOf,
  makeStep,
  neededHoldS,
  outOfColdS,
  pulpBoilS,
  treatmentOf,
} from '../steps';
import type { Ctx, KeepBy, Layer, Step, Treatment } from '../steps';
import { Account } from './account';
import type { Spending } from './account';
import type { FilledJar, FridgeLine, FrozenBatch, JarEvent, JarPlace, ThrownReason } from './events';
import { fold } from './fold';
import { iceOf } from './ice';
import type { Ice } from './ice';
import { endOfJar, standing } from './log';
import { expectedOf, measuredOf, saysTurned } from './looks';
import type { Expected, Look, MeasuredTold } from './looks';
import { foodsIn, pouredTogether } from './vessels';
import { firstSpot, outsOf, stretches } from './whereabouts';
import type { Spot, Stretch } from './whereabouts';
import { wholeMinutesS } from '../units';

/** One look at a jar, beside what was expected of it at that moment. */
export interface SeenLook {
  readonly id: string;
  readonly at: number;
  readonly look: Look;
  readonly expected: Expected | null;
  /** How long it had stood since it was filled, poured from or shaken: by the clock, and as water at 20 °C, s. */
  readonly stoodS: number;
  readonly stillS: number;
  /** What was measured of it; null: nothing was. */
  readonly measured: MeasuredTold | null;
}
/** A cap that was lifted off it: what each part weighs and holds, shares 0..1. */
export interface Lifted {
  readonly at: number;
  readonly capG: number;
  readonly capFat: number;
  readonly restG: number;
  readonly restFat: number;
  /** How much of the fat came with the cap. */
  readonly ofFat: number;
}
export interface JarNow {
  readonly leftMl: number;
  readonly leftG: number;
  readonly over: 'finished' | 'given' | 'thrown' | null;
  readonly why: ThrownReason | null;
  /** Time left, never beyond the caps, none once a check found it gone off; null for what has no keeping rule. */
  readonly keep: KeepBy | null;
  /**
   * The instant at which its time ends, the one that labels, shelf and log show, to five minutes; past once it is over;
   * null: no rule of keeping, or a check found it gone off.
   */
  readonly useBy: number | null;
  /** Where its time went. */
  readonly spending: Spending;
  readonly ageS: number;
  readonly hygiene: Hygiene;
  /** What heat has done to it, by what happened to it. */
  readonly treatment: Treatment;
  /** False: soy that has not had its boil; not to be eaten. */
  readonly done: boolean;
  /** How long it still has to boil from the true boil before it may be eaten, whole minutes, s; 0: it is done. */
  readonly boilS: number;
  /** Where it stands, and how warm that is, °C. */
  readonly place: JarPlace;
  readonly placeC: number;
  /** Every look at it, the first first. */
  readonly looks: readonly SeenLook[];
  /** A check said that it has gone off; nothing that is done to it later makes it good. */
  readonly turned: boolean;
  /** It was past its time when it was heated, or is now: for good. */
  readonly spoiled: boolean;
  /** There is ice in it; null: all of it is liquid. */
  readonly ice: Ice | null;
  /** What is expected of it now; null: pulp, of which nothing is. */
  readonly expected: Expected | null;
  /** Layers as they were last seen since it last moved; null: only expected. */
  readonly seenLayers: readonly Layer[] | null;
  /** Since when it stands still. */
  readonly stillSince: number;
  readonly lifted: Lifted | null;
  /** Below this its fat sets to a cap that can be lifted, and does not come back when shaken, °C; null: it does not. */
  readonly capSetsBelowC: number | null;
  /** What is in it, and the foods it is made from. */
  readonly stream: Stream;
  readonly foods: readonly Material[];
  /** Frozen in bricks: how heavy each is, and how many are left; null: it is not. */
  readonly bricks: { readonly eachG: number; readonly n: number } | null;
  /** It was dried: it keeps dry and closed, by no rule of milk. */
  readonly flour: boolean;
  /** What was poured into it from other jars, in words. */
  readonly mixedWith: readonly string[];
}

/** Pulp is boiled in as much water as it weighs (common practice: loose enough to roll). */
const PULP_WATER = 1;
/** The one stream of a jar's own fold. */
const IN = 'jar';
/** A rest of less than this share of a brick goes into the others. */
const NO_BRICK = 0.05;

/**
 * A jar's later life is the same fold: each event becomes steps over the stream it was filled with. Places and their
 * temperatures come from the logs (`fridge`, the kitchen's; a batch's frozen kit says it before the log begins), so no
 * later change of the kit rewrites what has been. An event that takes more than there is takes all there is.
 */
export function jarNow(
  jar: FilledJar,
  events: readonly JarEvent[],
  made: FrozenBatch,
  fridge: readonly FridgeLine[],
  now: number,
): JarNow {
  const batch = withFoods(made, jar, events);
  const ctx = contextOf(batch, batch.recipe.materials);
  const end = endOfJar(events);
  const outs = outsOf(jar, events);
  // A jar that was filled before some figure of a stream was kept has it at its beginning. Filled, it is stirred.
  let s: Stream = { ...NOTHING, ...agedAs(jar.stream), stillS: 0 };
  let since = jar.filledAt;
  let madeAt = jar.filledAt;
  let stillSince = jar.filledAt;
  let spot = firstSpot(jar);
  let spotSince = jar.filledAt;
  let turned = false;
  let eachG: number | null = null;
  let seenLayers: readonly Layer[] | null = null;
  let lifted: Lifted | null = null;
  const looks: SeenLook[] = [];
  const account = new Account(s.spentD);
  const until = (at: number): void => {
    for (const x of stretches(spot, outs, since, at, fridge, batch)) {
      s = run(s, [standsFor(x, batch)], batch);
      account.add(x, s.spentD);
    }
    since = Math.max(since, at);
  };
  const pulp = isPulp(jar.stream);
  const expected = (): Expected | null => (pulp ? null : expectedOf(s, jar.vesselMl, batch.kit.fridgeC, ctx));
  for (const e of standing(events)) {
    if (e === end) break;
    until(e.at);
    if (e.is === 'moved') {
      if (isWarm(e.place) !== isWarm(spot.place)) spotSince = e.at;
      spot = { place: e.place, own: e.placeC };
      eachG = e.place === 'freezer' ? (e.eachG ?? null) : null;
      account.moved();
    } else if (e.is === 'looked') {
      const stoodS = Math.max(0, (since - stillSince) / 1000);
      const measured = e.look.measured ? measuredOf(e.look.measured, s, ctx) : null;
      looks.push({ id: e.id, at: e.at, look: e.look, expected: expected(), stoodS, stillS: s.stillS, measured });
      turned ||= saysTurned(e.look);
      seenLayers = e.look.layers ?? seenLayers;
    } else if (e.is !== 'tempered') {
      const before = s;
      s = happens(s, e, jar, batch);
      if (e.is === 'lifted') lifted = liftedOf(before, s, e.at) ?? lifted;
      s = { ...s, stillS: 0 };
      stillSince = since;
      seenLayers = null;
      account.settle(s.spentD);
    }
    if (e.is === 'boiled') madeAt = e.at;
  }
  until(now);
  const [last] = stretches(spot, outs, Math.max(now, since), Math.max(now, since) + 1, fridge, batch);
  const placeC = last?.placeC ?? batch.kit.fridgeC;
  const left = outOfCold(keepBy(s, placeC, batch.kit.use.jar, ctx), placeC, warmSince(spot, spotSince, last), now);
  const keep =
    left && turned ? { ...left, s: 0, modelS: Math.min(0, left.modelS), leftD: 0, limit: 'model' as const } : left;
  return {
    leftMl: end ? 0 : volumeMl(s),
    leftG: end ? 0 : massG(s),
    over: end ? end.is : null,
    why: end?.is === 'thrown' ? end.why : null,
    keep,
    useBy: turned ? null : useByOf(keep, now),
    spending: account.told(keep, placeC),
    ageS: Math.max(0, (now - madeAt) / 1000),
    hygiene: s.hygiene,
    treatment: treatmentOf(s),
    done: isBoiledEnough(s),
    boilS: isBoiledEnough(s) ? 0 : wholeMinutesS(pulp ? pulpBoilS(batch.kit.altitudeM) : neededHoldS(s, ctx.boilC)),
    place: last?.out ? (last.out.where === 'bag' ? 'bag' : 'room') : spot.place,
    placeC,
    looks,
    turned,
    spoiled: turned || isSpoiled(s, ctx),
    ice: iceOf(s, placeC, batch.kit.fridgeC, ctx),
    expected: expected(),
    seenLayers,
    stillSince,
    lifted,
    capSetsBelowC: capSetsBelowC(s, ctx),
    stream: s,
    foods: foodsIn(s, batch),
    bricks: eachG === null || eachG <= 0 ? null : { eachG, n: Math.max(1, Math.ceil(massG(s) / eachG - NO_BRICK)) },
    flour: isFlour(s),
    mixedWith: standing(events).flatMap((e) => (e.is === 'merged' ? [e.name] : [])),
  };
}
/** Use-by instants are no finer than this, ms. */
const USE_BY_MS = 5 * 60_000;
function useByOf(keep: KeepBy | null, now: number): number | null {
  const s = keep ? Math.min(keep.modelS, keep.capS) : Infinity;
  return Number.isFinite(s) ? Math.floor((now + 1000 * s) / USE_BY_MS) * USE_BY_MS : null;
}
/** The batch with the foods that came in while it was made, and those of what was poured in from others. */
function withFoods(batch: FrozenBatch, jar: FilledJar, events: readonly JarEvent[]): FrozenBatch {
  const had = new Set(batch.recipe.materials.map((m) => m.id));
  const came = [...(jar.foods ?? []), ...events.flatMap((e) => (e.is === 'merged' ? e.foods : []))];
  const more = came.filter((m) => !had.has(m.id));
  return more.length === 0 ? batch : knowing(batch, more);
}
/** The same batch, knowing more foods. */
export function knowing<B extends Pick<FrozenBatch, 'recipe'>>(batch: B, foods: readonly Material[]): B {
  const materials = [...new Map([...batch.recipe.materials, ...foods].map((m) => [m.id, m])).values()];
  return { ...batch, recipe: { ...batch.recipe, materials } };
}

const isWarm = (place: JarPlace): boolean => place === 'room' || place === 'bag';
/** Since when it stands out of the cold; null: it does not. */
function warmSince(spot: Spot, since: number, last: Stretch | undefined): number | null {
  if (last?.out) return last.placeC > COLD_C ? last.out.from : null;
  return isWarm(spot.place) ? since : null;
}
/** Out of the cold nothing has longer than the two hours (one in the heat) that are allowed, whatever the model says (USDA). */
function outOfCold(keep: KeepBy | null, placeC: number, since: number | null, now: number): KeepBy | null {
  if (!keep || since === null) return keep;
  const capS = Math.min(keep.capS, outOfColdS(placeC) - (now - since) / 1000);
  return { ...keep, capS, s: Math.max(0, Math.min(keep.modelS, capS)), limit: keep.modelS <= capS ? 'model' : 'cap' };
}

/** A stream that was stored before its age was kept is as old as the usual cap counts it. */
const agedAs = (s: Partial<Stream>): Partial<Stream> => (s.ageS === undefined ? { ...s, ageS: s.keptS ?? 0 } : s);

function run(s: Stream, steps: readonly Step[], batch: FrozenBatch): Stream {
  if (steps.length === 0) return s;
  const recipe = { materials: batch.recipe.materials, larder: [], steps };
  const start = { [IN]: { ...s, readyAtS: 0 } };
  return fold(recipe, { kit: batch.kit, beliefs: batch.beliefs, start }).products[IN] ?? portion(s, 0);
}
const standsFor = (x: Stretch, batch: FrozenBatch): Step =>
  makeStep('stand', 'stand', {
    of: IN,
    place: 'other',
    placeC: x.placeC,
    vessel: 'jar',
    jar: batch.kit.use.jar,
    durationS: (x.to - x.from) / 1000,
  });

/** What one event does to what is in the jar. */
function happens(s: Stream, e: JarEvent, jar: FilledJar, batch: FrozenBatch): Stream {
  switch (e.is) {
    case 'merged':
      return pouredTogether(s, e.stream);
    case 'poured':
    case 'decanted': {
      const share = Math.min(1, e.ml / Math.max(1e-9, volumeMl(s)));
      return run(s, [makeStep('pour', 'part', { of: IN, parts: [{ name: 'glass', share }] })], batch);
    }
    case 'boiled':
      return isPulp(jar.stream) ? boiledPulp(s, e.forS, batch) : run(s, boil(e.forS), batch);
    case 'heated':
      return run(s, [makeStep('heat', 'heat', { of: IN, toC: e.toC, holdS: e.holdS })], batch);
    case 'lifted':
      return lifting(s, e.capG, batch)[IN] ?? portion(s, 0);
    case 'dried':
      return driedTo(run(s, [makeStep('dry', 'dry', { of: IN, ovenC: e.ovenC, layerCm: e.layerCm })], batch), e.flourG);
    case 'shaken':
    case 'moved':
    case 'tempered':
    case 'looked':
    case 'finished':
    case 'given':
    case 'thrown':
    case 'undone':
      return s;
  }
}
/** Both streams of a lifted cap, by their names. */
function lifting(s: Stream, capG: number | null, batch: FrozenBatch): Readonly<Record<string, Stream>> {
  const step = makeStep('lift', 'lift', { of: IN, into: CAP_STREAM, standS: 0, ...weighed(s, capG) });
  const recipe = { materials: batch.recipe.materials, larder: [], steps: [step] };
  return fold(recipe, { kit: batch.kit, beliefs: batch.beliefs, start: { [IN]: { ...s, readyAtS: 0 } } }).products;
}
const CAP_STREAM = 'cap';
/** The cap that comes off what is in a jar, weighed or as it is reckoned; null: none has set. */
export function capOf(s: Stream, capG: number | null, batch: FrozenBatch): Stream | null {
  const cap = lifting(s, capG, batch)[CAP_STREAM];
  return cap && massG(cap) > 0 ? { ...cap, stillS: 0 } : null;
}
/** How long pulp takes to dry so, s, and how much flour comes of it, g. */
export function dryingOf(
  s: Stream,
  how: { readonly ovenC: number; readonly layerCm: number },
  batch: FrozenBatch,
): { readonly dryS: number; readonly flourG: number; readonly trayM2: number } {
  const recipe = { materials: batch.recipe.materials, larder: [], steps: [makeStep('dry', 'dry', { of: IN, ...how })] };
  const o = fold(recipe, { kit: batch.kit, beliefs: batch.beliefs, start: { [IN]: { ...s, readyAtS: 0 } } });
  const f = o.stages[0]?.figures;
  return { dryS: f?.dryS ?? 0, flourG: f?.flourG ?? 0, trayM2: f?.trayM2 ?? 0 };
}
/** Weighed, it is as dry as that says: only water can differ. */
function driedTo(s: Stream, flourG: number | null): Stream {
  if (flourG === null) return s;
  const solids = massG(s) - s.boundWaterG - s.freeWaterG;
  return { ...s, freeWaterG: 0, boundWaterG: Math.max(0, flourG - solids) };
}
/** A cap that was weighed says how rich it is: with what stays behind, its fat is all the jar had. */
function weighed(s: Stream, capG: number | null): { readonly capFat?: number } {
  const mass = massG(s);
  if (capG === null || capG <= 0 || mass <= 0) return {};
  const fat = contents(s).fat / mass;
  return { capFat: Math.min(CAP.mostFat, Math.max(CAP.leastFat, CAP.leftFat + (mass * (fat - CAP.leftFat)) / capG)) };
}
function liftedOf(before: Stream, after: Stream, at: number): Lifted | null {
  const capG = massG(before) - massG(after);
  if (capG < 1e-6) return null;
  const fat = contents(before).fat;
  const rest = contents(after).fat;
  const restG = massG(after);
  return {
    at,
    capG,
    capFat: (fat - rest) / capG,
    restG,
    restFat: restG > 0 ? rest / restG : 0,
    ofFat: fat > 0 ? (fat - rest) / fat : 0,
  };
}
const COOLED_C = 20;
const boil = (forS: number): Step[] => [
  makeStep('boil', 'boil', { of: IN, holdS: forS }),
  makeStep('cool', 'cool', { of: IN, toC: COOLED_C }),
];
/** Raw pulp cooked on the hob, the water it was loosened with boiled off again. */
function boiledPulp(s: Stream, forS: number, batch: FrozenBatch): Stream {
  const out = run({ ...s, freeWaterG: s.freeWaterG + PULP_WATER * massG(s) }, boil(forS), batch);
  return { ...out, freeWaterG: Math.min(out.freeWaterG, s.freeWaterG) };
}

/** The layers expected of a jar's fill after it has stood so long in the fridge, at each of these hours. */
export function layersAhead(
  jar: FilledJar,
  made: FrozenBatch,
  hours: readonly number[],
): readonly { readonly hours: number; readonly layers: readonly Layer[] }[] {
  const batch = withFoods(made, jar, []);
  const ctx: Ctx = contextOf(batch, batch.recipe.materials);
  const s = { ...NOTHING, ...jar.stream, stillS: 0, temperatureC: batch.kit.fridgeC };
  const high = fillHeightMm(volumeMl(s), jar.vesselMl);
  return hours.map((h) => ({
    hours: h,
    layers: layersOf(
      run(s, h > 0 ? [standsFor({ ...HERE, to: h * 3_600_000, placeC: batch.kit.fridgeC }, batch)] : [], batch),
      high,
      ctx,
    ),
  }));
}
const HERE = { from: 0, place: 'fridge', out: null, usualC: 0 } as const;
