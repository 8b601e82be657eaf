import { FROZEN_BELOW_C } from '../steps';
import type { FilledJar, FridgeLine, FrozenBatch, JarEvent, JarPlace, OutPlace } from './events';
import { standing } from './log';

/** Where a jar stands from an instant on; `own`, °C: null where the fridge's log tells. */
export interface Spot {
  readonly place: JarPlace;
  readonly own: number | null;
}
/** It was elsewhere for a while, told afterwards. */
export interface Out {
  readonly id: string;
  readonly where: OutPlace;
  readonly placeC: number;
  readonly from: number;
  readonly to: number;
}
/** A stretch of a jar's life in which its place kept one temperature. */
export interface Stretch {
  readonly from: number;
  readonly to: number;
  readonly placeC: number;
  readonly place: JarPlace;
  /** What was told of it afterwards; null: it stood where it was put. */
  readonly out: Out | null;
  /** How warm it would have had it where it was put, °C. */
  readonly usualC: number;
}

/** Where a jar begins: what was frozen as it was filled stands in the freezer. */
export function firstSpot(jar: FilledJar): Spot {
  const c = jar.stream.temperatureC;
  return c < FROZEN_BELOW_C ? { place: 'freezer', own: c } : { place: 'fridge', own: null };
}
/** Whiles elsewhere, in the order in which they were told: of two that overlap the later told counts. */
export function outsOf(jar: FilledJar, events: readonly JarEvent[]): readonly Out[] {
  const told = standing(events);
  const moves = told.flatMap((e) => (e.is === 'moved' ? [e.at] : []));
  return told.flatMap((e): Out[] => {
    if (e.is !== 'tempered') return [];
    const from = Math.max(e.from, jar.filledAt);
    const to = e.to ?? Math.min(...moves.filter((at) => at > e.from), Infinity);
    return to > from ? [{ id: e.id, where: e.where, placeC: e.placeC, from, to }] : [];
  });
}
/** From one instant to another, cut where the temperature around the jar changed. */
export function stretches(
  spot: Spot,
  outs: readonly Out[],
  from: number,
  to: number,
  fridge: readonly FridgeLine[],
  batch: FrozenBatch,
): readonly Stretch[] {
  const turns = spot.own === null ? between(fridge, from, to) : [];
  const cuts = [...turns, ...outs.flatMap((o) => [o.from, o.to])].filter((at) => at > from && at < to);
  const instants = [from, ...cuts.sort((a, b) => a - b), to];
  return instants.slice(1).flatMap((until, i): Stretch[] => {
    const begin = instants[i] ?? from;
    if (until <= begin) return [];
    const out = outs.findLast((o) => o.from <= begin && begin < o.to) ?? null;
    const usualC = spot.own ?? fridgeAt(fridge, begin, batch);
    return [{ from: begin, to: until, place: spot.place, out, usualC, placeC: out?.placeC ?? usualC }];
  });
}
/** When the fridge's log turned in a while: a logger's is long, and most of it is of other days. */
function between(fridge: readonly FridgeLine[], from: number, to: number): readonly number[] {
  const out: number[] = [];
  for (let i = upTo(fridge, from); i < fridge.length && (fridge[i] as FridgeLine).at < to; i += 1)
    out.push((fridge[i] as FridgeLine).at);
  return out;
}
/** What the fridge's log said at an instant, °C; before it begins, what the batch's kitchen said. */
export function fridgeAt(fridge: readonly FridgeLine[], at: number, batch: FrozenBatch): number {
  return lineAt(fridge, at)?.placeC ?? batch.kit.fridgeC;
}
/** The line of a log, oldest first, that held at an instant; null: before it begins. */
export const lineAt = (fridge: readonly FridgeLine[], at: number): FridgeLine | null =>
  fridge[upTo(fridge, at) - 1] ?? null;
/** How many lines of a log, oldest first, there were by an instant. */
function upTo(fridge: readonly FridgeLine[], at: number): number {
  let low = 0;
  let high = fridge.length;
  while (low < high) {
    const mid = (low + high) >> 1;
    if ((fridge[mid] as FridgeLine).at <= at) low = mid + 1;
    else high = mid;
  }
  return low;
}
