import { describe, expect, test } from '@jest/globals';
import { jarNow, jarsOf, progressOf } from '../../src/batch';
import type { FilledJar, FrozenBatch, JarEvent } from '../../src/batch';
import { batchOf } from './promised';
import { sampleBatch, wholeRun } from '../records/sample';

const HOUR = 3_600_000;
const DAY = 24 * HOUR;
/** The first jar of the main milk of a method, filled cold. */
function jarOf(method: string): { batch: FrozenBatch; jar: FilledJar } {
  const batch = { ...sampleBatch(), ...batchOf(method) };
  const p = progressOf(batch, wholeRun(batch, 1));
  const jar = jarsOf(batch, p).find((j) => j.product === p.summary.main?.stream);
  if (!jar) throw new Error(method);
  return { batch, jar };
}
function shelf(method: string) {
  const { batch, jar } = jarOf(method);
  const log = [{ at: jar.filledAt - 1000 * DAY, placeC: 4 }];
  const ev = (seq: number, h: number, e: Record<string, unknown>): JarEvent =>
    ({ id: `j${seq}`, jar: jar.id, seq, at: jar.filledAt + h * HOUR, ...e }) as unknown as JarEvent;
  const now = (h: number, ...events: JarEvent[]) => jarNow(jar, events, batch, log, jar.filledAt + h * HOUR);
  return { ev, now, jar, batch };
}
const HEATED = { is: 'heated', toC: 58, holdS: 1 };
const PASTEURISED = { is: 'heated', toC: 75, holdS: 120 };
const BOILED = { is: 'boiled', forS: 600 };

describe('spoiled stays spoiled (models §7; USDA: heat destroys neither toxin nor spores)', () => {
  // A fault that was found: a soy jar with 0 h left had 39 h after a moment at 58 °C, and 60 h after a boil.
  test('a soy jar with no time left has none after a moment at 58 °C, after pasteurising, after a boil', () => {
    const { ev, now } = shelf('soy-washed');
    const gone = 4 * 24;
    expect(now(gone).keep?.s).toBe(0);
    for (const heat of [HEATED, PASTEURISED, BOILED]) {
      const after = now(gone + 3, ev(1, gone, heat));
      expect([heat.is, after.keep?.s, after.spoiled]).toEqual([heat.is, 0, true]);
      // Nor after it has been cold again, and heated once more.
      expect(now(gone + 40, ev(1, gone, heat), ev(2, gone + 20, BOILED)).keep?.s).toBe(0);
    }
  });
  test('a moment at 58 °C gives nothing back to milk in its time either', () => {
    const { ev, now } = shelf('soy-washed');
    const left = (h: number, ...e: JarEvent[]) => now(h, ...e).keep?.leftD ?? NaN;
    expect(left(40, ev(1, 30, HEATED))).toBeLessThanOrEqual(left(40) + 1e-9);
  });
  test('a boil gives back what was left once more: less than half spent: all of it, and the cap starts again; more: a part', () => {
    const { ev, now } = shelf('soy-washed');
    const days = now(1).keep?.budgetD ?? NaN;
    const spent = (h: number, ...e: JarEvent[]) => days - (now(h, ...e).keep?.leftD ?? NaN);
    expect(spent(24, ev(1, 24, BOILED))).toBeLessThan(0.05);
    expect(now(24, ev(1, 24, BOILED)).stream.keptS).toBeLessThan(4 * 3600);
    const before = spent(56);
    expect(before).toBeGreaterThan(0.6 * days);
    const after = spent(56, ev(1, 56, BOILED));
    expect(after - (2 * before - days)).toBeGreaterThan(-0.01);
    expect(after - (2 * before - days)).toBeLessThan(0.1);
    // Its days of age are not taken off: the usual cap still counts from when it was made.
    expect(now(56, ev(1, 56, BOILED)).stream.keptS).toBeGreaterThan(50 * 3600);
  });
  test('seven days from the day it was made never start again (FDA Food Code 3-501.17)', () => {
    const { ev, now } = shelf('soy-washed');
    const boils = [24, 48, 72, 96, 120, 143].map((h, i) => ev(i + 1, h, BOILED));
    // Day made is day 1: six days later it is over, however often it was boiled.
    expect(now(143.5, ...boils).keep?.s).toBeLessThan(3600);
    expect(now(146, ...boils).keep?.s).toBe(0);
  });
  test('seen as sour, ropy, gassy, pink or curdled, it has no time left, whatever is done to it', () => {
    const { ev, now } = shelf('soy-washed');
    for (const sign of ['sour', 'rope', 'gas', 'pink', 'curdled', 'off']) {
      const seen = ev(1, 5, { is: 'looked', look: { by: 'M', signs: [sign] } });
      expect([sign, now(6, seen).keep?.s]).toEqual([sign, 0]);
      const boiled = now(9, seen, ev(2, 6, BOILED));
      expect([sign, boiled.keep?.s, boiled.spoiled]).toEqual([sign, 0, true]);
      // Said by mistake, it has its time again.
      expect(now(9, seen, ev(2, 6, { is: 'undone', of: 'j1' })).keep?.s).toBeGreaterThan(0);
    }
  });
  test('raw oat milk, a day at 20 °C: no time left, after a boil too', () => {
    const { ev, now } = shelf('oat-ice');
    const out = ev(1, 0, { is: 'moved', place: 'room', placeC: 20 });
    const cold = ev(2, 24, { is: 'moved', place: 'fridge', placeC: null });
    expect(now(24.01, out, cold).keep?.s).toBe(0);
    expect(now(30, out, cold, ev(3, 25, BOILED)).keep?.s).toBe(0);
  });
  test('a broken cooling limit stays broken: what was left warm for eight hours gets nothing back by a boil', () => {
    const { ev, now } = shelf('soy-washed');
    const out = ev(1, 1, { is: 'moved', place: 'room', placeC: 24 });
    const back = ev(2, 9, { is: 'moved', place: 'fridge', placeC: null });
    const kept = now(12, out, back);
    const boiled = now(16, out, back, ev(3, 12, BOILED));
    expect(boiled.keep?.leftD).toBeLessThanOrEqual(kept.keep?.leftD ?? NaN);
    expect(boiled.stream.above21S).toBeGreaterThan(7200);
  });
});

describe('frozen, thawing, thawed', () => {
  const freezer = { is: 'moved', place: 'freezer', placeC: -18 };
  const fridge = { is: 'moved', place: 'fridge', placeC: null };
  // A fault that was found: the fridge's clock ran for milk that was ice for a day, and it was past its time as it thawed.
  test('moved to the fridge it thaws for a day or more, and its time runs only as it melts', () => {
    const { ev, now, jar } = shelf('soy-washed');
    expect(jar.filledMl).toBeGreaterThan(300);
    const events = [ev(1, 2, freezer), ev(2, 200, fridge)];
    const before = now(199, events[0] as JarEvent);
    expect(before.ice).toMatchObject({ state: 'frozen', liquidInS: null });
    expect(before.ice?.inFridgeS).toBeGreaterThan(15 * 3600);
    const thawing = now(206, ...events);
    expect(thawing.ice?.state).toBe('thawing');
    expect((before.keep?.leftD ?? NaN) - (thawing.keep?.leftD ?? NaN)).toBeLessThan(0.01);
    const meltsH = (thawing.ice?.liquidInS ?? NaN) / 3600;
    expect(meltsH).toBeGreaterThan(9);
    const thawed = now(206.5 + meltsH, ...events);
    expect(thawed.ice).toBeNull();
    expect(thawed.keep?.s).toBeGreaterThan(DAY / 1000);
  });
  test('while it thaws, time left is until the end of its time as a liquid: it does not jump as the ice goes', () => {
    const { ev, now } = shelf('soy-washed');
    const events = [ev(1, 2, freezer), ev(2, 200, fridge)];
    const end = (h: number) => h + (now(h, ...events).keep?.s ?? NaN) / 3600;
    for (const h of [202, 210, 220, 226, 232, 240]) expect(Math.abs(end(h) - end(201))).toBeLessThan(0.6);
  });
  test('in the freezer it is liquid at first, freezes for hours, then is frozen', () => {
    const { ev, now } = shelf('soy-washed');
    expect(now(2.05, ev(1, 2, freezer)).ice).toBeNull();
    expect(now(5, ev(1, 2, freezer)).ice?.state).toBe('freezing');
    expect(now(40, ev(1, 2, freezer)).ice?.state).toBe('frozen');
  });
});
