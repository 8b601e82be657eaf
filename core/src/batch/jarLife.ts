import { isPulp, massG, NOTHING, portion, volumeMl } from '../kitchen';
import type { Hygiene, Stream } from '../kitchen';
import { contextOf, FROZEN_BELOW_C, isDone, keepBy, makeStep, neededHoldS, pulpBoilS } from '../steps';
import type { KeepBy, Step } from '../steps';
import type { FilledJar, FridgeLine, FrozenBatch, JarEvent, JarPlace, ThrownReason } from './events';
import { fold } from './fold';
import { endOfJar, standing } from './log';
import { MINUTE_S } from '../units';

export interface JarNow {
  readonly leftMl: number;
  readonly leftG: number;
  readonly over: 'finished' | 'given' | 'thrown' | null;
  readonly why: ThrownReason | null;
  /** Time left, never beyond the caps; null for what has no keeping rule. */
  readonly keep: KeepBy | null;
  readonly ageS: number;
  readonly hygiene: Hygiene;
  /** False: soy that has not had its boil; not to be eaten. */
  readonly done: boolean;
  /** How long it still has to boil from the true boil before it may be eaten, whole minutes, s; 0: it is done. */
  readonly boilS: number;
  /** Where it stands, and how warm that is, °C. */
  readonly place: JarPlace;
  readonly placeC: number;
}

/** Pulp is boiled in as much water as it weighs (common practice: loose enough to roll). */
const PULP_WATER = 1;
/** The one stream of a jar's own fold. */
const IN = 'jar';

/** Where a jar stands from an instant on; `own`, °C: null where the fridge's log tells. */
interface Spot {
  readonly place: JarPlace;
  readonly own: number | null;
}

/**
 * A jar's later life is the same fold: each event becomes steps over the stream it was filled with. Places and their
 * temperatures come from the logs (`fridge`, the kitchen's; a batch's frozen kit says it before the log begins), so no
 * later change of the kit rewrites what has been. An event that takes more than there is takes all there is.
 */
export function jarNow(
  jar: FilledJar,
  events: readonly JarEvent[],
  batch: FrozenBatch,
  fridge: readonly FridgeLine[],
  now: number,
): JarNow {
  const ctx = contextOf(batch, batch.recipe.materials);
  const end = endOfJar(events);
  // A jar that was filled before some figure of a stream was kept has it at its beginning.
  let s: Stream = { ...NOTHING, ...jar.stream };
  let since = jar.filledAt;
  let madeAt = jar.filledAt;
  let spot: Spot =
    s.temperatureC < FROZEN_BELOW_C ? { place: 'freezer', own: s.temperatureC } : { place: 'fridge', own: null };
  for (const e of standing(events)) {
    if (e === end) break;
    s = run(s, keeps(spot, since, e.at, batch, fridge), batch);
    since = Math.max(since, e.at);
    if (e.is === 'moved') spot = { place: e.place, own: e.placeC };
    else if (e.is === 'tempered') spot = { ...spot, own: e.placeC };
    else s = happens(s, e, jar, batch);
    if (e.is === 'boiled') madeAt = e.at;
  }
  s = run(s, keeps(spot, since, now, batch, fridge), batch);
  const placeC = spot.own ?? fridgeAt(fridge, Math.max(now, jar.filledAt), batch);
  const ageS = Math.max(0, (now - madeAt) / 1000);
  return {
    leftMl: end ? 0 : volumeMl(s),
    leftG: end ? 0 : massG(s),
    over: end ? end.is : null,
    why: end?.is === 'thrown' ? end.why : null,
    keep: keepBy(s, placeC, batch.kit.use.jar, ctx),
    ageS,
    hygiene: s.hygiene,
    done: isDone(s),
    boilS: isDone(s)
      ? 0
      : wholeMinutes(isPulp(jar.stream) ? pulpBoilS(batch.kit.altitudeM) : neededHoldS(s, ctx.boilC)),
    place: spot.place,
    placeC,
  };
}

/** A cook sets a timer in minutes: up to the next, with a few seconds to spare. */
const wholeMinutes = (s: number): number => Math.ceil((s + 5) / MINUTE_S) * MINUTE_S;

function run(s: Stream, steps: readonly Step[], batch: FrozenBatch): Stream {
  if (steps.length === 0) return s;
  const recipe = { materials: batch.recipe.materials, larder: [], steps };
  const start = { [IN]: { ...s, readyAtS: 0 } };
  return fold(recipe, { kit: batch.kit, beliefs: batch.beliefs, start }).products[IN] ?? portion(s, 0);
}

/** Standing from one instant to another: a `stand` for each stretch in which its place kept one temperature. */
function keeps(spot: Spot, from: number, to: number, batch: FrozenBatch, fridge: readonly FridgeLine[]): Step[] {
  const turns = spot.own === null ? fridge.map((f) => f.at).filter((at) => at > from && at < to) : [];
  const instants = [from, ...turns.sort((a, b) => a - b), to];
  return instants.slice(1).flatMap((until, i): Step[] => {
    const begin = instants[i] ?? from;
    const durationS = (until - begin) / 1000;
    const placeC = spot.own ?? fridgeAt(fridge, begin, batch);
    return durationS > 0 ? [inJar(`keep${i}`, placeC, durationS, batch)] : [];
  });
}
const inJar = (id: string, placeC: number, durationS: number, batch: FrozenBatch): Step =>
  makeStep(id, 'stand', { of: IN, place: 'other', placeC, vessel: 'jar', jar: batch.kit.use.jar, durationS });
/** What the fridge's log said at an instant, °C; before it begins, what the batch's kitchen said. */
function fridgeAt(fridge: readonly FridgeLine[], at: number, batch: FrozenBatch): number {
  let last: FridgeLine | null = null;
  for (const f of fridge) if (f.at <= at && (last === null || f.at >= last.at)) last = f;
  return last?.placeC ?? batch.kit.fridgeC;
}

/** What one event does to what is in the jar. */
function happens(s: Stream, e: JarEvent, jar: FilledJar, batch: FrozenBatch): Stream {
  switch (e.is) {
    case 'poured': {
      const share = Math.min(1, e.ml / Math.max(1e-9, volumeMl(s)));
      return run(s, [makeStep('pour', 'part', { of: IN, parts: [{ name: 'glass', share }] })], batch);
    }
    case 'boiled':
      return jar.product === 'pulp' ? boiledPulp(s, e.forS, batch) : run(s, boil(e.forS), batch);
    case 'heated':
      return run(s, [makeStep('heat', 'heat', { of: IN, toC: e.toC, holdS: e.holdS })], batch);
    case 'lifted':
      return run(s, [makeStep('lift', 'lift', { of: IN, into: 'cap', standS: 0 })], batch);
    // Shaken, the layers begin anew; what is in the jar stays what it was.
    case 'shaken':
    case 'moved':
    case 'tempered':
    case 'finished':
    case 'given':
    case 'thrown':
    case 'undone':
      return s;
  }
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
