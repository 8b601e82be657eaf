import { expect, test, describe } from '@jest/globals';
import { jarNow, jarsOf, progressOf } from '../../src/batch';
import type { JarEvent } from '../../src/batch';
import { massG, volumeMl } from '../../src/kitchen';
import { pulpBoilS } from '../../src/steps';
import { sampleBatch, wholeRun } from '../records/sample';

const HOUR = 3_600_000;
const DAY = 24 * HOUR;
const batch = sampleBatch();
const jars = jarsOf(batch, progressOf(batch, wholeRun(batch, 5)));
const find = (product: string) => {
  const j = jars.find((x) => x.product === product);
  if (!j) throw new Error(product);
  return j;
};
const milk = find('milk');
const pulp = find('pulp');
const T = milk.filledAt;
const ev = (seq: number, hours: number, h: Record<string, unknown>): JarEvent =>
  ({ id: `j${seq}`, jar: milk.id, seq, at: T + hours * HOUR, ...h }) as unknown as JarEvent;
const fridge = (c: number, hours = -1000) => ({ at: T + hours * HOUR, placeC: c });
const keep = (events: readonly JarEvent[], log: readonly { at: number; placeC: number }[], hours: number): number =>
  jarNow(milk, events, batch, log, T + hours * HOUR).keep?.s ?? NaN;

describe('where a jar stood is its past: no later setting rewrites it', () => {
  test('a fridge set warmer today shortens what is left, not what has been', () => {
    const always = keep([], [fridge(4), fridge(9, 48)], 48.001);
    const cold = keep([], [fridge(4)], 48.001);
    const warm = keep([], [fridge(9)], 48.001);
    expect(always).toBeLessThan(cold);
    expect(always).toBeGreaterThan(warm + HOUR / 1000);
  });
  test('models §7: a day at 4 °C and six hours at 11 °C use .390625 of a budget of four days', () => {
    // Left after that, in a fridge of 4 °C: of this jar’s own budget at 4 °C, what the same stretch uses of four days.
    const used = 0.390625 * 4;
    const stood = [fridge(4), fridge(11, 24 + 24), fridge(4, 24 + 24 + 6)];
    // From the second day on the jar is cold: the first day cools it.
    const at = (log: readonly { at: number; placeC: number }[], h: number) =>
      jarNow(milk, [], batch, log, T + h * HOUR).keep?.leftD ?? NaN;
    const before = at(stood, 24);
    const after = at(stood, 24 + 24 + 6);
    // The jar takes an hour or two to follow the fridge.
    expect(before - after).toBeGreaterThan(0.9 * used);
    expect(before - after).toBeLessThan(1.0001 * used);
  });
  test('before the log begins, the batch’s own kitchen says it; after, the kit of today says nothing', () => {
    expect(keep([], [], 10)).toBeCloseTo(keep([], [fridge(batch.kit.fridgeC)], 10), 6);
  });
  test('out on the table it spends faster, and where it stands is told', () => {
    const out = [
      ev(1, 20, { is: 'moved', place: 'room', placeC: 24 }),
      ev(2, 23, { is: 'moved', place: 'fridge', placeC: null }),
    ];
    expect(keep(out, [fridge(4)], 30)).toBeLessThan(keep([], [fridge(4)], 30) - 3600);
    const there = jarNow(milk, out.slice(0, 1), batch, [fridge(4)], T + 22 * HOUR);
    expect([there.place, there.placeC]).toEqual(['room', 24]);
    const back = jarNow(milk, out, batch, [fridge(4)], T + 30 * HOUR);
    expect([back.place, back.placeC]).toEqual(['fridge', 4]);
  });
  test('a temperature told for this jar alone holds until it is moved', () => {
    const told = [ev(1, 10, { is: 'tempered', where: 'other', placeC: 12, from: T + 10 * HOUR, to: null })];
    expect(jarNow(milk, told, batch, [fridge(4)], T + 12 * HOUR).placeC).toBe(12);
    expect(keep(told, [fridge(4)], 30)).toBeLessThan(keep([], [fridge(4)], 30));
  });
  test('in the freezer nothing is spent', () => {
    const frozen = [ev(1, 2, { is: 'moved', place: 'freezer', placeC: -18 })];
    const left = (d: number) => jarNow(milk, frozen, batch, [fridge(4)], T + d * DAY).keep?.leftD ?? NaN;
    expect(left(2) - left(30)).toBeLessThan(0.01);
  });
});

describe('what is done to a jar is a step of the fold', () => {
  const now = (events: readonly JarEvent[], hours = 10) => jarNow(milk, events, batch, [fridge(4)], T + hours * HOUR);
  test('a pour takes its share of everything, and never more than there is', () => {
    const some = now([ev(1, 1, { is: 'poured', ml: 100 })]);
    expect(some.leftMl).toBeCloseTo(volumeMl(milk.stream) - 100, 6);
    expect(some.leftG / some.leftMl).toBeCloseTo(massG(milk.stream) / volumeMl(milk.stream), 9);
    expect(now([ev(1, 1, { is: 'poured', ml: 1e6 })]).leftMl).toBe(0);
  });
  test('two pours are one pour of both', () => {
    const two = now([ev(1, 1, { is: 'poured', ml: 100 }), ev(2, 1, { is: 'poured', ml: 150 })]);
    expect(two.leftMl).toBeCloseTo(now([ev(1, 1, { is: 'poured', ml: 250 })]).leftMl, 6);
  });
  test('taken back, it was never poured', () => {
    const back = now([ev(1, 1, { is: 'poured', ml: 100 }), ev(2, 2, { is: 'undone', of: 'j1' })]);
    expect(back.leftMl).toBeCloseTo(milk.filledMl, 6);
  });
  test('boiled on the second day, milk begins its time anew and loses steam', () => {
    const boiled = now([ev(1, 24, { is: 'boiled', forS: 300 })], 25);
    const not = now([], 25);
    expect(boiled.keep?.leftD).toBeGreaterThan((not.keep?.leftD ?? 0) + 0.5);
    expect(boiled.leftG).toBeLessThan(not.leftG - 10);
    expect(boiled.ageS).toBe(3600);
  });
  test('heated to 75 °C it is heated, not boiled; shaken it is what it was', () => {
    // A little evaporates from an open pot on the way.
    const heated = now([ev(1, 5, { is: 'heated', toC: 75, holdS: 120 })]).leftMl;
    expect([heated < milk.filledMl, heated > milk.filledMl - 15]).toEqual([true, true]);
    const shaken = now([ev(1, 5, { is: 'shaken', cameBack: 'partly' })]);
    expect(shaken.leftMl).toBe(now([]).leftMl);
    expect(shaken.keep?.leftD).toBeCloseTo(now([]).keep?.leftD ?? NaN, 4);
  });
  test('raw pulp, boiled for what this altitude asks, is done, and weighs what it weighed or less', () => {
    const raw = jarNow(pulp, [], batch, [fridge(4)], T + HOUR);
    const done = jarNow(
      pulp,
      [{ ...ev(1, 1, { is: 'boiled', forS: pulpBoilS(0) }), jar: pulp.id }],
      batch,
      [fridge(4)],
      T + 2 * HOUR,
    );
    expect([raw.done, done.done, done.hygiene]).toEqual([false, true, 'boiled']);
    expect(done.leftG).toBeLessThanOrEqual(raw.leftG + 1e-6);
  });
  test('given, finished, thrown: over, with the reason', () => {
    const thrown = now([ev(1, 1, { is: 'thrown', why: 'turned', text: '', lastFineAt: null })]);
    expect([thrown.over, thrown.why, thrown.leftMl]).toEqual(['thrown', 'turned', 0]);
    expect([now([ev(1, 1, { is: 'given' })]).over, now([ev(1, 1, { is: 'finished' })]).over]).toEqual([
      'given',
      'finished',
    ]);
  });
});

describe('milk that was not boiled enough', () => {
  const short = {
    ...batch,
    recipe: {
      ...batch.recipe,
      steps: batch.recipe.steps.map((s) => (s.kind === 'boil' ? { ...s, params: { ...s.params, holdS: 60 } } : s)),
    },
  };
  const made = jarsOf(short, progressOf(short, wholeRun(short, 5))).find((x) => x.product === 'milk');
  if (!made) throw new Error('no jar');
  const filled = made.filledAt;
  const after = (...events: JarEvent[]) => jarNow(made, events, short, [], filled + 3 * HOUR);
  test('says how long it still needs at the true boil; so long boils it, four minutes less do not', () => {
    const raw = after();
    expect(raw.done).toBe(false);
    expect(raw.boilS % 60).toBe(0);
    expect(raw.boilS).toBeGreaterThan(300);
    const boiled = (forS: number): JarEvent => ({
      id: 'b',
      jar: made.id,
      seq: 1,
      at: filled + HOUR,
      is: 'boiled',
      forS,
    });
    expect(after(boiled(raw.boilS)).done).toBe(true);
    expect(after(boiled(raw.boilS)).boilS).toBe(0);
    expect(after(boiled(raw.boilS - 240)).done).toBe(false);
  });
  test('what needs no boil, or had it, needs none', () => expect(jarNow(milk, [], batch, [], T + HOUR).boilS).toBe(0));
  test('raw pulp needs its quarter of an hour at the true boil', () => {
    expect(jarNow(pulp, [], batch, [], T + HOUR).boilS).toBe(Math.ceil((pulpBoilS(batch.kit.altitudeM) + 5) / 60) * 60);
  });
});
