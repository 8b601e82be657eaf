import { describe, expect, test } from '@jest/globals';
import {
  jarNow,
  jarsOf,
  layersAhead,
  layersFault,
  progressOf,
  promisedOf,
  saysFine,
  saysNothing,
  saysTurned,
} from '../../src/batch';
import type { FilledJar, FrozenBatch, JarEvent } from '../../src/batch';
import { contents, massG, unlearned } from '../../src/kitchen';
import { methodById, recipeIn } from '../../src/methods';
import { look } from '../../src/questions';
import { sampleBatch, WHOLE_LOOK, wholeRun } from '../records/sample';
import { SEA } from './kitchen';

const HOUR = 3_600_000;
const DAY = 24 * HOUR;
/** A batch of a method, made, and its first jar of a stream. */
function jarOf(id: string, product: string): { readonly batch: FrozenBatch; readonly jar: FilledJar } {
  const m = methodById(id);
  if (!m) throw new Error(id);
  const recipe = recipeIn(m, SEA);
  const seen = look(recipe, unlearned(SEA));
  if (!seen) throw new Error('no look');
  const batch = { ...sampleBatch(), recipe, promised: promisedOf(seen.summary) };
  const jar = jarsOf(batch, progressOf(batch, wholeRun(batch, 5))).find((j) => j.product === product);
  if (!jar) throw new Error(product);
  return { batch, jar };
}
const soy = jarOf('soy-washed', 'milk');
const coconut = jarOf('coconut-one-blend', 'milk');
const line = (of: FilledJar, seq: number, hours: number, h: Record<string, unknown>): JarEvent =>
  ({ id: `j${seq}`, jar: of.id, seq, at: of.filledAt + hours * HOUR, ...h }) as unknown as JarEvent;
const now = ({ batch, jar }: typeof soy, events: readonly JarEvent[], hours: number, fridgeC = 4) =>
  jarNow(jar, events, batch, [{ at: 0, placeC: fridgeC }], jar.filledAt + hours * HOUR);

describe('a while out of the fridge, told afterwards', () => {
  const out = (from: number, to: number | null, placeC = 24, seq = 1): JarEvent =>
    line(soy.jar, seq, 60, {
      is: 'tempered',
      where: 'table',
      placeC,
      from: soy.jar.filledAt + from * HOUR,
      to: to === null ? null : soy.jar.filledAt + to * HOUR,
    });
  test('counts where it was, though it is told later', () => {
    const told = now(soy, [out(30, 36)], 61);
    const never = now(soy, [], 61);
    expect(told.keep?.s).toBeLessThan((never.keep?.s ?? 0) - 6 * 3600);
    // Six hours at 24 °C spend ((24+10)/14)² = 5.9 times what six hours at 4 °C do; the jar takes its time to warm.
    const spent = told.spending.outs[0]?.spentD ?? 0;
    expect(spent).toBeGreaterThan(0.5 * 5.9 * 0.25);
    expect(spent).toBeLessThan(5.9 * 0.25);
  });
  test('its cost is what the jar would have had longer, and the account adds up', () => {
    const told = now(soy, [out(20, 25)], 61);
    const never = now(soy, [], 61);
    expect(told.keep?.limit).toBe('model');
    const longer = (never.keep?.s ?? 0) - (told.keep?.s ?? 0);
    // With the hours in which it cooled down again.
    expect(told.spending.lostS / longer).toBeGreaterThan(0.98);
    expect(told.spending.lostS / longer).toBeLessThan(1.001);
    const soon = now(soy, [{ ...out(20, 25), at: soy.jar.filledAt + 26 * HOUR }], 34);
    const s = soon.spending;
    const all = s.beforeD + s.placedD + s.outs.reduce((x, o) => x + o.spentD, 0);
    expect(soon.keep?.leftD).toBeGreaterThan(0);
    expect(all).toBeCloseTo((soon.keep?.budgetD ?? 0) - (soon.keep?.leftD ?? 0), 6);
  });
  test('where only the cap counts, it cost nothing', () => {
    const cold = now(soy, [out(1, 1.2, 6)], 3, 0);
    expect(cold.keep?.limit).toBe('cap');
    expect(cold.spending.lostS).toBe(0);
  });
  test('of two that overlap the later told counts; begun before the jar was filled, it begins with the jar', () => {
    const both = now(soy, [out(30, 36, 30, 1), out(28, 40, 4, 2)], 61);
    expect(both.spending.outs.map((o) => o.out.placeC)).toEqual([4]);
    expect(now(soy, [out(-50, 2)], 61).spending.outs[0]?.out.from).toBe(soy.jar.filledAt);
  });
  test('without an end it lasts until the jar is moved', () => {
    const open = out(30, null);
    expect(now(soy, [open], 61).place).toBe('room');
    const back = line(soy.jar, 2, 60.5, { is: 'moved', place: 'fridge', placeC: null });
    const moved = now(soy, [open, back], 61);
    expect([moved.place, moved.placeC]).toEqual(['fridge', 4]);
  });
  test('put elsewhere for good afterwards, its warming there is charged to no while', () => {
    const told = { ...out(20, 25), at: soy.jar.filledAt + 26 * HOUR };
    const moved = line(soy.jar, 2, 40, { is: 'moved', place: 'room', placeC: 24 });
    const back = line(soy.jar, 3, 44, { is: 'moved', place: 'fridge', placeC: null });
    const alone = now(soy, [told], 40).spending.outs[0]?.spentD ?? 0;
    expect(now(soy, [told, moved, back], 56).spending.outs[0]?.spentD).toBeCloseTo(alone, 3);
  });
  test('boiled again in good time, what was lost before is no longer listed', () => {
    const boiled = line(soy.jar, 2, 8, { is: 'boiled', forS: 1200 });
    const after = now(soy, [{ ...out(7, 7.2), at: soy.jar.filledAt + 7.5 * HOUR }, boiled], 9);
    expect(after.spending.outs).toEqual([]);
    expect(after.keep?.s).toBeGreaterThan(DAY / 1000);
  });
});

test('out of the cold it has two hours at most, one above 32 °C (USDA), told before and while it stands there', () => {
  const there = (c: number, later: number) =>
    now(soy, [line(soy.jar, 1, 10, { is: 'moved', place: 'room', placeC: c })], 10 + later).keep;
  expect(there(19, 0.001)?.s).toBeLessThanOrEqual(7200);
  expect(there(19, 0.001)?.s).toBeGreaterThan(7100);
  expect(there(19, 1)?.s).toBeCloseTo(3600, 0);
  expect(there(19, 3)?.s).toBe(0);
  expect(there(34, 0.001)?.s).toBeLessThanOrEqual(3600);
  const carried = line(soy.jar, 2, 11, { is: 'moved', place: 'bag', placeC: 19 });
  expect(
    now(soy, [line(soy.jar, 1, 10, { is: 'moved', place: 'room', placeC: 19 }), carried], 11.5).keep?.s,
  ).toBeCloseTo(1800, 0);
});
test('put into the freezer in time it has the freezer’s two months at once; too late, nothing more', () => {
  const frozen = (at: number, later: number) =>
    now(soy, [line(soy.jar, 1, at, { is: 'moved', place: 'freezer', placeC: -18 })], at + later).keep?.s ?? NaN;
  expect(frozen(10, 0.01)).toBeGreaterThan(58 * (DAY / 1000));
  expect(frozen(10, 100)).toBeGreaterThan(54 * (DAY / 1000));
  expect(frozen(24 * 5, 1)).toBe(0);
});

describe('a look', () => {
  const at = (hours: number, seq: number, l: object) => line(soy.jar, seq, hours, { is: 'looked', look: l });
  test('stands beside what was expected at that moment, and changes nothing of what is in the jar', () => {
    const seen = now(soy, [at(20, 1, WHOLE_LOOK)], 30);
    expect(seen.looks).toHaveLength(1);
    expect(seen.looks[0]?.look).toEqual(WHOLE_LOOK);
    expect(seen.looks[0]?.expected?.thick).toBe('likeMilk');
    expect(seen.looks[0]?.expected?.beany).not.toBeNull();
    expect(seen.looks[0]?.stoodS).toBeCloseTo(20 * 3600, 0);
    expect(seen.leftMl).toBe(now(soy, [], 30).leftMl);
    // Folded in two parts: to a minute in days.
    expect(Math.abs((seen.keep?.s ?? 0) - (now(soy, [], 30).keep?.s ?? NaN))).toBeLessThan(60);
  });
  test('layers are drawn as last seen until the jar is shaken or poured from', () => {
    const looked = at(20, 1, WHOLE_LOOK);
    expect(now(soy, [looked], 30).seenLayers).toEqual(WHOLE_LOOK.layers);
    expect(now(soy, [looked, line(soy.jar, 2, 21, { is: 'shaken', cameBack: 'wholly' })], 30).seenLayers).toBeNull();
    const poured = now(soy, [looked, line(soy.jar, 2, 21, { is: 'poured', ml: 100 })], 30);
    expect(poured.seenLayers).toBeNull();
    expect(poured.stillSince).toBe(soy.jar.filledAt + 21 * HOUR);
  });
  test('taken back, it is not told', () => {
    expect(
      now(soy, [at(20, 1, { signs: ['sour'] }), line(soy.jar, 2, 21, { is: 'undone', of: 'j1' })], 30).turned,
    ).toBe(false);
  });
  test('a sign that it has turned holds, whatever a later look says', () => {
    const turned = now(soy, [at(20, 1, { signs: ['sour'] }), at(22, 2, { signs: ['fine'] })], 30);
    expect(turned.turned).toBe(true);
  });
  test('what it says', () => {
    expect(saysNothing({ by: 'M' })).toBe(true);
    expect(saysNothing({ signs: [], note: '' })).toBe(true);
    expect(saysNothing({ slip: 'clean' })).toBe(false);
    expect(saysFine({ signs: ['fine'] })).toBe(true);
    expect(saysFine({ thick: 'thin' })).toBe(false);
    expect(saysTurned({ signs: ['fine', 'rope'] })).toBe(true);
  });
  test('layers in another order, below nothing or not a whole jar are refused by name', () => {
    expect(layersFault([{ kind: 'body', share: 1 }])).toBe('none');
    expect(
      layersFault([
        { kind: 'sediment', share: 0.5 },
        { kind: 'cream', share: 0.5 },
      ]),
    ).toBe('order');
    expect(layersFault([{ kind: 'body', share: 0.9 }])).toBe('sum');
    expect(
      layersFault([
        { kind: 'clear', share: -0.1 },
        { kind: 'body', share: 1.1 },
      ]),
    ).toBe('negative');
  });
});

describe('standing and shaking', () => {
  const cream = (x: { readonly layers: readonly { kind: string; share: number }[] } | null): number =>
    (x?.layers ?? []).reduce((a, l) => a + (l.kind === 'cream' ? l.share : 0), 0);
  test('coconut creams as it stands, begins anew when shaken, and as ahead told at its filling', () => {
    const day = now(coconut, [], 24);
    expect(cream(day.expected)).toBeGreaterThan(0.1);
    const shaken = now(coconut, [line(coconut.jar, 1, 23.9, { is: 'shaken', cameBack: 'wholly' })], 24);
    expect(cream(shaken.expected)).toBeLessThan(0.3 * cream(day.expected));
    const ahead = layersAhead(coconut.jar, coconut.batch, [0, 24]);
    expect(cream({ layers: ahead[0]?.layers ?? [] })).toBe(0);
    expect(cream({ layers: ahead[1]?.layers ?? [] })).toBeCloseTo(cream(day.expected), 2);
  });
  test('a cap lifted off is told with the weight and the fat of both parts; they add up to what was there', () => {
    const off = now(coconut, [line(coconut.jar, 1, 24, { is: 'lifted', capG: null })], 24.1).lifted;
    if (!off) throw new Error('no cap');
    const s = coconut.jar.stream;
    expect(off.capG + off.restG).toBeCloseTo(massG(s), 3);
    expect(off.capG * off.capFat + off.restG * off.restFat).toBeCloseTo(contents(s).fat, 3);
    expect(off.restFat).toBeCloseTo(0.02, 3);
    // Models §7: 600 g at 12 %, a cap of 40 %, 2 % left → 157.9 g; here by the same balance.
    const fat = contents(s).fat / massG(s);
    expect(off.capG).toBeCloseTo((massG(s) * (fat - 0.02)) / 0.38, 1);
  });
  test('a cap that was weighed says how rich it is', () => {
    const lift = (capG: number) => now(coconut, [line(coconut.jar, 1, 24, { is: 'lifted', capG })], 24.1).lifted;
    const usual = now(coconut, [line(coconut.jar, 1, 24, { is: 'lifted', capG: null })], 24.1).lifted?.capG ?? NaN;
    expect(lift(usual * 1.2)?.capG).toBeCloseTo(usual * 1.2, 3);
    expect(lift(usual * 1.2)?.capFat).toBeLessThan(0.4);
  });
});
