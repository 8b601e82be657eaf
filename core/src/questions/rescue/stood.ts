import { ranForS, soakingNow } from '../../batch';
import type { RescueEdit } from '../../batch';
import { fig } from '../../checks';
import { contextOf, COOLING_LIMITS, isShut, kindOf, makeStep, mayWaitS, outOfColdS, rest } from '../../steps';
import type { Step } from '../../steps';
import { findRoot } from '../../numerics';
import type { Stream } from '../../kitchen';
import { HOUR_S, MINUTE_S } from '../../units';
import { isOpen } from './inHand';
import { idsFor, line, moveOf, putIn, setTo } from './sick';
import type { Line, Move, Sick } from './sick';

/** A closed fridge stays cold so long without power (USDA: four hours, kept shut). */
const FRIDGE_SHUT_S = 4 * HOUR_S;
/** Above this nothing grows: where the limits of cooling begin. */
const HOT_C = COOLING_LIMITS.fromC;
/** Set aside for the night. */
const NIGHT_S = 12 * HOUR_S;
/** Cooler than this, the fridge takes it as it is. */
const WARM_C = 15;

interface Standing {
  readonly s: Stream;
  /** A step works on it now. */
  readonly runs: boolean;
  /** Since the last thing that was done with it, s. */
  readonly forS: number;
  /** How much longer it may; null: as long as one likes. */
  readonly leftS: number | null;
}
/** What is in hand as it stands now, after all the time since the last step. */
export function standingNow(x: Sick): Standing | null {
  const { hand, p } = x;
  if (!hand) return null;
  const mine = p.tasks.filter((t) => kindOf(t.step.kind).writes(t.step.params).includes(hand.stream));
  const runs = mine.some((t) => t.status === 'running');
  const last = Math.max(x.batch.startedAt, ...mine.map((t) => t.endedAt ?? 0));
  const forS = runs ? 0 : Math.max(0, (x.now - last) / 1000);
  const ctx = contextOf({ kit: x.batch.kit, beliefs: p.outcome.beliefs }, p.recipe.materials);
  const s = rest(hand.now, forS, ctx);
  return { s, runs, forS, leftS: mayWaitS(s, ctx) };
}

/** Left standing: whether it may still be used, how long it may wait, and how it waits longer. */
export function interrupted(x: Sick): { readonly now: readonly Move[]; readonly said: readonly Line[] } {
  const soak = x.p.recipe.steps.find(
    (s): s is Step<'soak'> => s.kind === 'soak' && x.p.tasks.some((t) => t.step.id === s.id && t.status === 'running'),
  );
  if (soak) return goingOn(x, soak);
  if (x.p.tasks.every((t) => t.status === 'waiting')) return { now: [], said: [line('dryWaits')] };
  const at = standingNow(x);
  if (!at || !x.hand) return { now: [], said: [] };
  const held = x.p.tasks.find((t) => t.step.kind === 'boil' && t.task.id === 'hold' && t.status === 'running');
  if (held) return { now: [], said: [line('boilGoesOn', { ranS: fig(ranForS(held, x.now), 's') })] };
  if (at.runs) return { now: [], said: [line('runsOn')] };
  const f = { forS: fig(at.forS, 's'), nowC: fig(at.s.temperatureC, 'C') };
  if (at.leftS === null) return { now: [], said: [line('dryWaits')] };
  if (isShut(at.s))
    return { now: [], said: [line(at.leftS > 0 ? 'wholeWaits' : 'wholeOver', { leftS: fig(at.leftS, 's') })] };
  if (at.leftS <= 0)
    return { now: [], said: [line('throwOut', { ...f, mostS: fig(outOfColdS(x.batch.kit.roomC), 's') })] };
  const hot = at.s.temperatureC >= HOT_C;
  const said = [line(hot ? 'stillHot' : 'goOnWithin', { ...f, leftS: fig(hot ? hotForS(x, at.s) : at.leftS, 's') })];
  return { now: setAside(x, at.s), said };
}
/** Into ice water where it is warm, then into the fridge for the night: nothing more need be done today. */
function setAside(x: Sick, s: Stream): readonly Move[] {
  const { hand } = x;
  // What is cooled or jarred next is set aside by that.
  if (!isOpen(hand) || hand.ahead[0]?.kind === 'cool' || hand.ahead[0]?.kind === 'jar') return [];
  const newId = idsFor(x);
  const of = hand.stream;
  const cool = makeStep(newId('coolNow'), 'cool', { of, how: 'waterIce', toC: 10 });
  const stand = makeStep(newId('overNight'), 'stand', { of, place: 'fridge', vessel: 'bowl', durationS: NIGHT_S });
  const warm = s.temperatureC > WARM_C;
  const say = warm ? 'coolAndKeep' : 'keepOverNight';
  return moveOf(x, line(say, { forS: fig(NIGHT_S, 's') }), putIn(hand, warm ? [cool, stand] : [stand]), null);
}
/** How long a covered pot of it stays hot on the worktop, s. */
function hotForS(x: Sick, s: Stream): number {
  const ctx = contextOf({ kit: x.batch.kit, beliefs: x.p.outcome.beliefs }, x.p.recipe.materials);
  return findRoot((t) => rest(s, t, ctx).temperatureC - HOT_C, 0, 24 * HOUR_S, 0.1, 40).x;
}

/** No power: what is hot stays so for a while, the fridge stays shut, what is dry or whole waits. */
export function powerGone(x: Sick): { readonly now: readonly Move[]; readonly said: readonly Line[] } {
  const stood = interrupted(x);
  const raw = isOpen(x.hand) && x.hand.now.inhibitor.of > 0 && x.hand.now.hygiene === 'raw';
  return {
    now: stood.now,
    said: [...stood.said, ...(raw ? [line('rawSoyWaits')] : []), line('fridgeShut', { forS: fig(FRIDGE_SHUT_S, 's') })],
  };
}

/** Where a soak is that was forgotten: never begun, going on, or over. */
export function soakForgotten(x: Sick): { readonly now: readonly Move[]; readonly said: readonly Line[] } {
  const soaks = x.p.recipe.steps.filter((s): s is Step<'soak'> => s.kind === 'soak');
  const ofSoak = (s: Step) => x.p.tasks.filter((t) => t.step.id === s.id);
  const going = soaks.find((s) => ofSoak(s).some((t) => t.status === 'running'));
  if (going) return goingOn(x, going);
  const open = soaks.find((s) => ofSoak(s).every((t) => t.status === 'waiting'));
  if (!open) return interrupted(x);
  return { now: boilWhole(x, open), said: [line('soakNow', { forS: fig(open.params.durationS, 's') })] };
}
function goingOn(x: Sick, soak: Step<'soak'>): ReturnType<typeof soakForgotten> {
  const t = x.p.tasks.find((k) => k.step.id === soak.id && k.status === 'running');
  const at = t && soakingNow(x.p, t, x.now);
  if (!at) return { now: [], said: [] };
  const f = { forS: fig(at.elapsedS, 's'), longestS: fig(at.longestS, 's') };
  if (at.elapsedS <= at.longestS) {
    return {
      now: soak.params.place === 'room' ? intoFridge(x, soak) : [],
      said: [line('soakLeft', { ...f, leftS: fig(at.longestS - at.elapsedS, 's') })],
    };
  }
  const drain = x.p.recipe.steps.find(
    (s): s is Step<'drain'> =>
      s.kind === 'drain' &&
      s.params.of === soak.params.of &&
      x.p.tasks.some((k) => k.step === s && k.status === 'waiting'),
  );
  return {
    now: drain && drain.params.rinses < 3 ? moveOf(x, line('rinseThree'), [setTo(drain, 'rinses', 3)], null) : [],
    said: [line('soakOver', f)],
  };
}
/** In the cold they drink more slowly: the fewest whole hours with which nothing is wrong; two days at most. */
function intoFridge(x: Sick, soak: Step<'soak'>): readonly Move[] {
  const first = Math.ceil(soak.params.durationS / HOUR_S) * HOUR_S;
  for (let toS = first; toS <= 48 * HOUR_S; toS += 2 * HOUR_S) {
    const edits = [setTo(soak, 'place', 'fridge'), setTo(soak, 'durationS', toS)];
    const found = moveOf(x, line('soakInFridge', { toS: fig(toS, 's') }), edits, null);
    if (found.length > 0) return found;
  }
  return [];
}
/** Three minutes at the boil stand for the soak of a bean (common practice): it opens less, and its own flavour enzyme is dead. */
const BOIL_WHOLE_S = 3 * MINUTE_S;
/** Six times the weight of the beans (common practice). */
const BOIL_WATER = 6;
function boilWhole(x: Sick, soak: Step<'soak'>): readonly Move[] {
  const { steps, materials, larder } = x.p.recipe;
  if (!materials.some((m) => m.inhibitorLabileShare !== null) || steps.some((s) => s.kind === 'blanch')) return [];
  const { of } = soak.params;
  const food = larder.reduce((g, l) => g + (l.into === of ? l.grams : 0), 0);
  const before = steps[steps.indexOf(soak) - 1]?.id ?? null;
  const step = makeStep(idsFor(x)('boilWhole'), 'blanch', { of, waterG: BOIL_WATER * food, holdS: BOIL_WHOLE_S });
  const soaks = steps.filter((s) => s.kind === 'soak' && s.params.of === of);
  const edits: RescueEdit[] = [
    { do: 'insert', after: before, step },
    ...soaks.map((s): RescueEdit => ({ do: 'remove', step: s.id })),
  ];
  return moveOf(x, line('boilWhole', { forS: fig(BOIL_WHOLE_S, 's') }), edits, null);
}
